import { NUMBER_RADIUS, sitePlanLayout } from '@etappe/core';
import type { PlanMark, SitePlan } from '@etappe/core';

/** Of the drawing; it is scaled to its place. */
const WIDTH = 1000;
const INK = '#1d2526';
const FILLS = {
  roof: '#c9cdcd',
  'upper-wall': '#eef0f0',
  wall: '#eef0f0',
  opening: '#ffffff',
  floor: '#dde1e1',
} as const;
const HATCH_STEP = 8;

/** The plan of the site as a drawing of vectors, by the same layout as on the screen; forms tell its marks apart, so that a grey print reads. */
export function sitePlanSvg(plan: SitePlan): string {
  const layout = sitePlanLayout(plan, WIDTH);
  const { width, height, ground } = layout;
  const sides = layout.sides.map(
    ({ name, about, x, y, height: high }, i) =>
      (i > 0 ? line(x - 10, y, x - 10, y + high, 'stroke-dasharray="3 4" stroke="#8a9292"') : '') +
      words(x, 13, i < layout.sides.length - 1 ? `${name} ›` : name, 15, 'bold') +
      words(x, 29, about, 12),
  );
  const surfaces = layout.surfaces.map(({ surface, ...box }) => {
    const outline = `<rect x="${box.x}" y="${box.y}" width="${box.width}" height="${box.height}" fill="${FILLS[surface.band]}" stroke="${INK}" stroke-width="0.8"/>`;
    return surface.isInScope ? outline : outline + hatch(box);
  });
  const numbers = layout.numbers.map(
    ({ number, x, y }) =>
      `<circle cx="${x}" cy="${y}" r="${NUMBER_RADIUS + 1}" fill="${INK}"/>` +
      words(x, y + 4.5, String(number), 13, 'bold', '#ffffff', 'middle'),
  );
  const marks = layout.marks.map(
    ({ mark, x, y }) =>
      `<g transform="translate(${x} ${y})">${shapeOf(mark.kind)}${words(0, 4, mark.letter, 12, 'bold', mark.kind === 'water' ? '#ffffff' : INK, 'middle')}</g>`,
  );
  return [
    `<svg viewBox="0 0 ${width} ${height}" width="${width}" height="${height}">`,
    ...sides,
    ...surfaces,
    line(0, ground, width, ground, `stroke="${INK}" stroke-width="1.6"`),
    ...numbers,
    ...marks,
    '</svg>',
  ].join('');
}

function shapeOf(kind: PlanMark['kind']): string {
  const look = `fill="#ffffff" stroke="${INK}" stroke-width="1.4"`;
  if (kind === 'drain') return `<path d="M-10,-8H10L0,10Z" ${look}/>`;
  if (kind === 'water') return `<circle cx="0" cy="0" r="9" fill="${INK}"/>`;
  if (kind === 'vehicle') return `<path d="M-10,-5H4L10,0V8H-10Z" ${look}/>`;
  return `<rect x="-9" y="-9" width="18" height="18" ${look}/>`;
}

/** Slanting lines from the left and lower edge of a box to its right and upper one. */
function hatch({ x, y, width, height }: Readonly<Record<'x' | 'y' | 'width' | 'height', number>>): string {
  const lines: string[] = [];
  for (let along = HATCH_STEP; along < width + height; along += HATCH_STEP) {
    const [x1, y1] = along <= height ? [x, y + height - (height - along)] : [x + along - height, y + height];
    const [x2, y2] = along <= width ? [x + along, y] : [x + width, y + along - width];
    lines.push(line(x1, y1, x2, y2, 'stroke="#8a9292" stroke-width="0.8"'));
  }
  return lines.join('');
}

function line(x1: number, y1: number, x2: number, y2: number, look: string): string {
  return `<line x1="${x1}" y1="${y1}" x2="${x2}" y2="${y2}" ${look}/>`;
}

function words(
  x: number,
  y: number,
  text: string,
  size: number,
  weight: 'normal' | 'bold' = 'normal',
  fill = INK,
  anchor: 'start' | 'middle' = 'start',
): string {
  return `<text x="${x}" y="${y}" font-family="Reading" font-size="${size}" font-weight="${weight}" text-anchor="${anchor}" fill="${fill}">${escaped(text)}</text>`;
}

const SIGNS: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
/** As a text of a document: what would end it, and what no document may hold, is not in it. */
const escaped = (text: string): string =>
  text.replaceAll(/\p{Cc}/gu, ' ').replaceAll(/[&<>"]/g, (sign) => SIGNS[sign] ?? '');
