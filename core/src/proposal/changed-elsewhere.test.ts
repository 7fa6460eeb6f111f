import { describe, expect, it } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { readJobFile } from '../interchange/job-file.ts';
import { derived } from '../plan/derivation.ts';
import { faced } from '../survey/face.ts';
import { changedElsewhere } from './changed-elsewhere.ts';

type File = Record<string, unknown> & { readonly surfaces: readonly { readonly id: string }[] };

const derivedOf = (file: unknown) => {
  const reading = readJobFile(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const survey = faced(reading.survey);
  return { ...derived(survey), catalogue: survey.catalogue };
};
const changes = (file: File, id: string, more: object) => {
  const edited = file.surfaces.map((s) => (s.id === id ? { ...s, ...more } : s));
  const [before, now] = [derivedOf(file), derivedOf({ ...file, surfaces: edited })];
  return {
    before,
    now,
    told: changedElsewhere(before.surfaces, structuredClone(now.surfaces), now.catalogue),
  };
};
const demo = (): File =>
  JSON.parse(
    readFileSync(new URL('../../../demo/hill-observatory.etappe.json', import.meta.url), 'utf8'),
  ) as File;

describe('what an edit elsewhere changes', () => {
  it('says whose mix a surface goes with now', () => {
    const { told } = changes(demo(), 'yard-east', { material: 'limestone', finish: 'bare' });
    expect(told.find(({ surface }) => surface === 'bin-corner')?.text).toBe(
      'Bin corner: now with the citrus degreaser of Service yard, citrus degreaser instead of caustic degreaser and hot water.',
    );
  });

  it('is never the surface that was edited, never one that is treated as before, and nothing without an edit', () => {
    const file = demo();
    let changed = 0;
    const edits = [
      { inScope: false, scopeReason: 'Later' },
      { material: 'limestone', finish: 'bare' },
    ];
    for (const { id, edit } of file.surfaces.flatMap((s) => edits.map((edit) => ({ id: s.id, edit })))) {
      const { before, now, told } = changes(file, id, edit);
      const methods = (of: typeof now, face: string) =>
        of.surfaces.find((p) => p.surface.id === face)?.treatment?.proposals.map((p) => p.chosen?.method.id);
      changed += told.length;
      expect(told.map((t) => t.surface)).not.toContain(id);
      for (const { surface } of told) expect(methods(before, surface)).not.toEqual(methods(now, surface));
      for (const { surface } of now.surfaces)
        if (surface.id !== id && !told.some((t) => t.surface === surface.id))
          expect(methods(before, surface.id)).toEqual(methods(now, surface.id));
      expect(changedElsewhere(now.surfaces, structuredClone(now.surfaces), now.catalogue)).toEqual([]);
    }
    expect(changed).toBeGreaterThan(3);
  });
});
