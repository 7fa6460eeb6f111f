import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { BROWSER } from './bench/browser.ts';
import { ROOT } from './provision.mjs';
import { say } from './say.mjs';

/**
 * Prints the data sheets of the demo's products, as short as such sheets never are, and writes their hashes into the
 * demo's handbook. `npm run demo-sheets` makes them anew.
 */
const FOLDER = join(ROOT, 'demo/data-sheets');
const HANDBOOK = join(ROOT, 'demo/handbook.json');

const SHEETS: Record<string, readonly [title: string, what: string, hazards: string, use: string]> = {
  'white-14.pdf': [
    'White, 14 %',
    'Sodium hypochlorite solution, 14 % w/v available chlorine',
    'Causes severe skin burns and eye damage. With acids sets free toxic gas. Very toxic to water life.',
    'At the face 30 g/L at most. Not above 30 °C, not below 5 °C.',
  ],
  'oxygen-powder.pdf': [
    'Oxygen powder',
    'Sodium percarbonate',
    'Causes serious eye damage. May intensify fire.',
    'Mix fresh, never closed up. Up to 120 g/L.',
  ],
  'drum-degreaser.pdf': [
    'Drum degreaser',
    'Sodium hydroxide solution, 50 % w/w, 1.525 kg/L',
    'Causes severe skin burns and eye damage. Corrodes aluminium.',
    'Dwell 15 min at most. Not on coatings.',
  ],
  'oxalic-bags.pdf': [
    'Oxalic acid in bags',
    'Oxalic acid dihydrate',
    'Harmful in contact with skin and if swallowed. Causes serious eye damage.',
    'Not on lime. Rinse and neutralise.',
  ],
  'roof-biocide.pdf': [
    'Roof biocide, blue label',
    'Quaternary ammonium compound, 500 g/L',
    'Causes severe skin burns and eye damage. Very toxic to water life.',
    'Not where run-off reaches open water. Dry face, 24 h without rain.',
  ],
};

mkdirSync(FOLDER, { recursive: true });
const browser = await chromium.launch(BROWSER);
const page = await browser.newPage();
const handbook = JSON.parse(readFileSync(HANDBOOK, 'utf8')) as {
  products: { dataSheet?: { name: string; sha256: string } }[];
};
for (const [name, [title, what, hazards, use]] of Object.entries(SHEETS)) {
  await page.setContent(
    `<body style="font:14px sans-serif;margin:40px"><h1>${title}</h1><p>Safety data sheet of an invented product of Invented Chemicals, for the demo of Etappe.</p><h2>What it is</h2><p>${what}</p><h2>Hazards</h2><p>${hazards}</p><h2>Use by the label</h2><p>${use}</p><h2>First aid</h2><p>Flush with water, call the local emergency number.</p></body>`,
  );
  const pdf = await page.pdf({ format: 'A4' });
  writeFileSync(join(FOLDER, name), pdf);
  const sha256 = createHash('sha256').update(pdf).digest('hex');
  for (const product of handbook.products)
    if (product.dataSheet?.name === name) product.dataSheet.sha256 = sha256;
  say(`${name} ${pdf.length} bytes`);
}
await browser.close();
writeFileSync(HANDBOOK, `${JSON.stringify(handbook, null, 2)}\n`);
