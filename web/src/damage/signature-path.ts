/** The field that a signature is kept on. */
export const SIGNATURE_WIDTH = 300;
export const SIGNATURE_HEIGHT = 100;
const LONGEST_PATH = 40_000;

interface Stroke {
  readonly points: readonly { readonly x: number; readonly y: number }[];
}

/**
 * Strokes as an SVG path on the field; a signature of very many points is thinned until it fits.
 * @param scale from the screen to the field
 * @example signaturePath([{ points: [{ x: 0, y: 0 }, { x: 10, y: 5 }] }], 2) // "M0 0L20 10"
 */
export function signaturePath(strokes: readonly Stroke[], scale: number): string {
  const place = ({ x, y }: { readonly x: number; readonly y: number }) =>
    `${held(x * scale, SIGNATURE_WIDTH)} ${held(y * scale, SIGNATURE_HEIGHT)}`;
  for (let each = 1; ; each += 1) {
    const path = strokes
      .map(({ points }) => {
        const kept = points.filter((_, i) => i % each === 0 || i === points.length - 1);
        const [first, ...rest] = kept;
        if (!first) return '';
        // A dot is a stroke of no length: a short one shows.
        const on = rest.length > 0 ? rest : [{ x: first.x + 1 / scale, y: first.y }];
        return `M${place(first)}${on.map((p) => `L${place(p)}`).join('')}`;
      })
      .join('');
    if (path.length <= LONGEST_PATH) return path;
  }
}

function held(value: number, most: number): string {
  return String(Math.round(10 * Math.min(most, Math.max(0, value))) / 10);
}
