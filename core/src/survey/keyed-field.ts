type Detail = Readonly<Record<string, unknown>>;

/** Fields that hold many values by key. Each key is edited as a field of its own, `answers.water-point`; null takes it out. */
const KEYED_FIELDS: readonly string[] = ['answers', 'wordings', 'loaded'];

/** Field and key of a keyed field; null for any other. */
function keyOf(field: string): { readonly outer: string; readonly key: string } | null {
  const dot = field.indexOf('.');
  const outer = field.slice(0, Math.max(0, dot));
  return KEYED_FIELDS.includes(outer) ? { outer, key: field.slice(dot + 1) } : null;
}

function mapIn(detail: Detail, outer: string): Detail {
  const map = detail[outer];
  return typeof map === 'object' && map !== null ? (map as Detail) : {};
}

/** The value of a field, or of one key of a keyed field: null where the key is not there. */
export function fieldIn(detail: Detail, field: string): unknown {
  const keyed = keyOf(field);
  return keyed ? (mapIn(detail, keyed.outer)[keyed.key] ?? null) : detail[field];
}

/** The detail with fields set; keys of keyed fields are set one by one and leave the others as they are. */
export function withFields(detail: Detail, fields: Detail): Record<string, unknown> {
  const filled: Record<string, unknown> = { ...detail };
  for (const [field, value] of Object.entries(fields)) {
    const keyed = keyOf(field);
    if (!keyed) {
      filled[field] = value;
      continue;
    }
    const { [keyed.key]: _, ...others } = mapIn(filled, keyed.outer);
    filled[keyed.outer] = value === null ? others : { ...others, [keyed.key]: value };
  }
  return filled;
}

/** The revision that last set a field, its whole or a part of it; 1 for one that was never set since the creation. */
export function revisionOfField(
  { fieldRevisions }: { readonly fieldRevisions: Readonly<Record<string, number>> },
  field: string,
): number {
  const own = fieldRevisions[field] ?? 1;
  if (!KEYED_FIELDS.some((outer) => field === outer || field.startsWith(`${outer}.`))) return own;
  const touching = Object.entries(fieldRevisions).filter(
    ([other]) => other.startsWith(`${field}.`) || field.startsWith(`${other}.`),
  );
  return Math.max(own, ...touching.map(([, revision]) => revision));
}
