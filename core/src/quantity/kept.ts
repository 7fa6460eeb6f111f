/** What a result is kept under: objects by identity, for as long as they are there, all else by value. */
export type KeyPart = object | string | number | boolean | null;

/** A leaf has neither map: there are many of them, and every weak map costs the collector its time. */
interface Branch<Result> {
  values: Map<KeyPart, Branch<Result>> | null;
  objects: WeakMap<object, Branch<Result>> | null;
  result: { readonly of: Result } | null;
}

const bare = <Result>(): Branch<Result> => ({ values: null, objects: null, result: null });

function grown<Result>(branch: Branch<Result>, part: KeyPart): Branch<Result> {
  const isObject = typeof part === 'object' && part !== null;
  const there = isObject ? branch.objects?.get(part) : branch.values?.get(part);
  if (there) return there;
  const twig = bare<Result>();
  if (isObject) (branch.objects ??= new WeakMap()).set(part, twig);
  else (branch.values ??= new Map()).set(part, twig);
  return twig;
}

const at = <Result>(root: Branch<Result>, key: readonly KeyPart[]): Branch<Result> => key.reduce(grown, root);

/**
 * A pure function that works each question out once. What it reads stands in the key, whole.
 *
 * @param most results to keep; past them all are let go, and the oldest questions are worked out anew
 */
export function keptBy<Args extends readonly unknown[], Result>(
  keyOf: (...args: Args) => readonly KeyPart[],
  work: (...args: Args) => Result,
  most = Infinity,
): (...args: Args) => Result {
  let root = bare<Result>();
  let count = 0;
  return (...args) => {
    const key = keyOf(...args);
    const branch = at(root, key);
    if (branch.result) return branch.result.of;
    const result = work(...args);
    if (count >= most) {
      root = bare();
      count = 0;
    }
    at(root, key).result = { of: result };
    count += 1;
    return result;
  };
}

/** A pure function that works out each question once: its arguments are the key. */
export function kept<Args extends readonly KeyPart[], Result>(
  work: (...args: Args) => Result,
): (...args: Args) => Result {
  return keptBy((...args) => args, work);
}
