/** What is wrong with a value at a place of what came. */
export interface Fault {
  readonly path: string;
  readonly message: string;
  readonly value?: unknown;
}

const LONGEST_VALUE = 200;
const LONGEST_WORDS = 500;

/** A fault as it is told: what came may be as large as a whole file, so of each part only the beginning is ever looked at. */
export function shortFault(fault: Fault): Fault {
  const { path, message, value } = fault;
  const short = shortened(value);
  return {
    ...fault,
    path: clipped(path, LONGEST_WORDS),
    message: clipped(message, LONGEST_WORDS),
    ...(short === undefined ? {} : { value: short }),
  };
}

/** The value itself where it is short; else the beginning of its JSON, of which no more is written than is told. */
function shortened(value: unknown): unknown {
  let text = '';
  for (const piece of jsonPieces(value)) {
    text += piece;
    if (text.length > LONGEST_VALUE) return `${text.slice(0, LONGEST_VALUE)} …`;
  }
  return value;
}

function* jsonPieces(value: unknown): Generator<string> {
  if (typeof value === 'string') yield JSON.stringify(value.slice(0, LONGEST_VALUE + 1));
  else if (Array.isArray(value)) {
    yield '[';
    for (const [i, item] of value.entries()) {
      if (i > 0) yield ',';
      yield* jsonPieces(item);
    }
    yield ']';
  } else if (typeof value === 'object' && value !== null) {
    yield '{';
    for (const [i, key] of Object.keys(value).entries()) {
      yield `${i > 0 ? ',' : ''}${JSON.stringify(key.slice(0, LONGEST_VALUE))}:`;
      yield* jsonPieces((value as Record<string, unknown>)[key]);
    }
    yield '}';
  } else yield String(value);
}

function clipped(text: string, longest: number): string {
  return text.length <= longest ? text : `${text.slice(0, longest)} …`;
}
