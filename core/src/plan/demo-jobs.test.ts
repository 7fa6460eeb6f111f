import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from '@jest/globals';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import { CATALOGUE, contaminantById } from '../catalogue/catalogue.ts';
import { CONTAMINANT_FAMILIES } from '../catalogue/contaminant.ts';
import { MATERIAL_FAMILIES } from '../catalogue/material.ts';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { bytesHash } from './inputs-hash.ts';
import { plan } from './plan.ts';

const demo = (name: string): Survey => {
  const path = new URL(`../../../demo/${name}.etappe.json`, import.meta.url);
  const reading = readJobFile(JSON.parse(readFileSync(path, 'utf8')));
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const OPTIONS = { asOf: '2026-05-01', seed: 1, budget: 3 };

describe('the demo jobs', () => {
  it.each(['hill-observatory', 'lock-cottage', 'tram-halt'])('%s can be ordered as it is', (name) => {
    const { visit, warnings } = plan(demo(name), OPTIONS);
    expect(warnings.filter((w) => w.severity === 'stop')).toEqual([]);
    expect(visit).not.toBeNull();
  });

  it('show a whole property: every family of material and of dirt, on five sides, in every band', () => {
    const { surfaces, findings, sides } = demo('hill-observatory');
    expect(surfaces.length).toBeGreaterThanOrEqual(24);
    expect(new Set(surfaces.map((s) => s.side)).size).toBe(sides.length);
    expect(new Set(surfaces.map((s) => CATALOGUE.material(s.material).family))).toEqual(
      new Set(MATERIAL_FAMILIES),
    );
    expect(new Set(findings.map((f) => contaminantById(f.contaminant).family))).toEqual(
      new Set(CONTAMINANT_FAMILIES),
    );
    expect(new Set(surfaces.map((s) => s.band)).size).toBe(5);
  });

  it('leave parts out only with a reason', () => {
    const { scopes } = demo('hill-observatory');
    const out = scopes.filter((s) => !s.inScope);
    expect(out.length).toBeGreaterThan(0);
    for (const { scopeReason } of out) expect(scopeReason).not.toBe('');
  });

  it('show photos and a logo that are shipped, each under the hash of its file', () => {
    const folder = new URL('../../../demo/photos/', import.meta.url);
    const shipped = readdirSync(folder).map((name) => bytesHash(readFileSync(new URL(name, folder))));
    const { photos, damagePhotos } = demo('hill-observatory');
    const shown = [...photos, ...damagePhotos].map((p) => p.fileSha256);
    const handbook = readFileSync(new URL('../handbook.json', folder), 'utf8');
    const { profiles } = JSON.parse(handbook) as CompanyHandbook;
    const logos = (profiles ?? []).flatMap(({ logo }) => logo?.sha256 ?? []);
    expect([...shown, ...logos].sort()).toEqual([...shipped].sort());
  });
});
