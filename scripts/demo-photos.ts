import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { ROOT } from './provision.mjs';
import { run, say } from './say.mjs';

/**
 * Draws the photos of the demo jobs and the logo of its company, and writes them, with their hashes, beside the job files: pictures of walls as a
 * camera would see them, out of simple shapes, noise and perspective. `npm run demo-photos` makes them anew.
 */

const WIDTH = 1600;
const HEIGHT = 1200;

interface Picture {
  readonly takenAt: string;
  readonly draw: () => string;
}
interface Box {
  readonly x: number;
  readonly y: number;
  readonly w: number;
  readonly h: number;
}
type Random = () => number;
type Point = readonly [x: number, y: number];

/** Figures that look random and are the same every time (Lehmer, 1951). */
function random(seed: number): Random {
  let state = seed;
  return () => (state = (state * 48271) % 2147483647) / 2147483647;
}
const many = (count: number, seed: number, draw: (next: Random, at: number) => string) => {
  const next = random(seed);
  return Array.from({ length: count }, (_, i) => draw(next, i)).join('');
};
const GRAIN = (id: string, seed: number, scale: number, strength: number) => `
  <filter id="${id}"><feTurbulence type="fractalNoise" baseFrequency="${scale}" numOctaves="4" seed="${seed}"/>
    <feColorMatrix values="0 0 0 0 0.2  0 0 0 0 0.2  0 0 0 0 0.17  0 0 0 ${strength} -${strength / 2.2}"/></filter>`;
const grain = (id: string) => `<rect width="${WIDTH}" height="${HEIGHT}" filter="url(#${id})"/>`;
const sky = `<rect width="${WIDTH}" height="210" fill="#b9cdd6"/>`;
const ground = `<path d="M0 1010H${WIDTH}V${HEIGHT}H0Z" fill="#8d8a80"/>`;
const algae = (count: number, seed: number, box: Box) =>
  many(count, seed, (r) => {
    const [x, y] = [box.x + r() * box.w, box.y + box.h * (1 - r() ** 2)];
    return `<ellipse cx="${x}" cy="${y}" rx="${20 + 70 * r()}" ry="${30 + 110 * r()}" fill="#4d6b34" opacity="${0.05 + 0.14 * r()}"/>`;
  });

const PICTURES: Record<string, Picture> = {
  'drum-north': {
    takenAt: '2026:04:20 10:12:40',
    draw: () => `<defs>${GRAIN('g', 3, 0.9, 0.5)}</defs>${sky}
      <path d="M120 160Q800 90 1480 160V1040Q800 1110 120 1040Z" fill="#ddd6c4"/>
      <path d="M120 160Q800 90 1480 160V230Q800 160 120 230Z" fill="#c9c1ac"/>
      <rect x="420" y="360" width="130" height="190" fill="#3e4f55"/><rect x="1050" y="360" width="130" height="190" fill="#3e4f55"/>
      ${algae(160, 11, { x: 130, y: 380, w: 1340, h: 640 })}
      <path d="M1180 560q14 150 6 320" stroke="#8a4a22" stroke-width="26" fill="none" opacity=".45"/>
      ${ground}${grain('g')}`,
  },
  'crack-drum': {
    takenAt: '2026:04:20 10:15:07',
    draw: () => `<defs>${GRAIN('g', 8, 1.3, 0.7)}</defs><rect width="${WIDTH}" height="${HEIGHT}" fill="#d8d0bd"/>
      <rect x="0" y="0" width="${WIDTH}" height="150" fill="#3e4f55"/><rect x="0" y="150" width="${WIDTH}" height="46" fill="#b5ad9a"/>
      ${algae(40, 5, { x: 0, y: 300, w: 1600, h: 880 })}
      <path d="M520 210l24 90-18 76 40 120-12 96 34 130-8 118 26 150" stroke="#4b443a" stroke-width="5" fill="none"/>
      <path d="M560 590l60 40 34 66" stroke="#4b443a" stroke-width="3" fill="none"/>
      <g transform="translate(760 330)"><rect width="60" height="640" fill="#e8c24a"/>${many(33, 2, (_, i) => `<path d="M0 ${i * 20}h${i % 5 === 0 ? 36 : 18}" stroke="#222" stroke-width="3"/>`)}</g>
      ${grain('g')}`,
  },
  'garage-wall': {
    takenAt: '2026:04:20 10:31:22',
    // A wall seen from the left: the courses run together to the right.
    draw: () => {
      const left = (t: number): Point => [60 + 40 * t, 20 + 880 * t];
      const right = (t: number): Point => [1540, 215 + 615 * t];
      const rows = 17;
      const joints = Array.from({ length: rows + 1 }, (_, i) => {
        const [a, b] = [left(i / rows), right(i / rows)];
        return `<path d="M${a[0]} ${a[1]}L${b[0]} ${b[1]}" stroke="#b9ad9c" stroke-width="6"/>`;
      }).join('');
      const across = many(150, 17, (r, i) => {
        const row = i % rows;
        const u = Math.floor(i / rows) / 11 + (row % 2) / 22;
        const at = (t: number): Point => {
          const w = (u * 0.62) / (1 - u + u * 0.62);
          const [a, b] = [left(t), right(t)];
          return [a[0] + (b[0] - a[0]) * w, a[1] + (b[1] - a[1]) * w];
        };
        const [p, q] = [at(row / rows), at((row + 1) / rows)];
        return `<path d="M${p[0]} ${p[1]}L${q[0]} ${q[1]}" stroke="#b9ad9c" stroke-width="${4 + 2 * r()}"/>`;
      });
      return `<defs>${GRAIN('g', 21, 1.1, 0.8)}</defs><rect width="${WIDTH}" height="${HEIGHT}" fill="#7f8f7a"/>
        <path d="M60 20L1540 215L1540 830L100 900Z" fill="#96523a"/>${joints}${across}
        ${algae(60, 23, { x: 100, y: 620, w: 1400, h: 220 })}
        <path d="M0 920L1600 850V1200H0Z" fill="#83817a"/>
        <path d="M980 292L1150 309L1148 848L982 858Z" fill="#2f4f58"/><circle cx="1125" cy="580" r="9" fill="#d8c06a"/>
        ${grain('g')}`;
    },
  },
  'patch-steps': {
    takenAt: '2026:04:21 09:05:51',
    draw: () => `<defs>${GRAIN('g', 31, 1.6, 1.1)}</defs><rect width="${WIDTH}" height="${HEIGHT}" fill="#97978f"/>
      <rect y="540" width="${WIDTH}" height="60" fill="#6f706a"/>
      ${many(90, 41, (r) => `<circle cx="${r() * WIDTH}" cy="${r() * HEIGHT}" r="${8 + 40 * r()}" fill="#c4c7a0" opacity=".55"/>`)}
      <rect x="560" y="170" width="420" height="310" fill="#b4b3aa"/><rect x="560" y="170" width="420" height="310" fill="none" stroke="#d9d36a" stroke-width="10"/>
      ${grain('g')}`,
  },
};

/** Of the invented company of the demo: reeds that stand in a rill. */
const LOGO = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 600 200">
  <rect width="600" height="200" fill="#ffffff"/>
  <g fill="none" stroke="#1f5a63" stroke-width="13" stroke-linecap="round">
    ${[70, 120, 170, 220].map((x, i) => `<path d="M${x} 148Q${x + 6} ${90 - 8 * i} ${x + 34} ${52 - 6 * (i % 2)}"/>`).join('')}
    <path d="M24 160q36-20 72 0t72 0t72 0t72 0t72 0t72 0t72 0t72 0" stroke="#3f8f9b"/>
    <path d="M60 184q36-16 72 0t72 0t72 0t72 0t72 0t72 0" stroke="#7fb9c1" stroke-width="9"/>
  </g></svg>`;

const sha256 = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');

/** The file that names a picture by its hash follows it. */
function put(name: string, bytes: Buffer, naming: string): void {
  const path = join(ROOT, 'demo/photos', name);
  if (existsSync(path)) {
    const before = readFileSync(naming, 'utf8');
    const after = before.replaceAll(sha256(readFileSync(path)), sha256(bytes));
    if (after !== before) writeFileSync(naming, after);
  }
  writeFileSync(path, bytes);
  say(`${name}: ${Math.round(bytes.length / 1024)} kB, ${sha256(bytes)}`);
}

await run(async () => {
  mkdirSync(join(ROOT, 'demo/photos'), { recursive: true });
  for (const [name, { takenAt, draw }] of Object.entries(PICTURES)) {
    const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH}" height="${HEIGHT}">${draw()}</svg>`;
    const bytes = await sharp(Buffer.from(svg))
      .flatten({ background: '#888888' })
      .withExif({ IFD2: { DateTimeOriginal: takenAt } })
      .jpeg({ quality: 72 })
      .toBuffer();
    put(`${name}.jpg`, bytes, join(ROOT, 'demo/hill-observatory.etappe.json'));
  }
  put('logo.png', await sharp(Buffer.from(LOGO)).png().toBuffer(), join(ROOT, 'demo/handbook.json'));
});
