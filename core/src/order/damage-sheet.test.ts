import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { damageSheet } from './damage-sheet.ts';
import { inputsHash } from '../plan/inputs-hash.ts';
import { openQuestions } from '../readiness/open-questions.ts';

const HASH = 'a'.repeat(64);
const crack = { id: 'crack', surface: 'wall', what: 'Hairline crack', where: 'below the sill' };
const photo = {
  id: 'p',
  of: 'crack',
  originalSha256: HASH,
  fileSha256: HASH,
  widthPixels: 40,
  heightPixels: 30,
};
const signature = {
  id: 'signed',
  name: 'The warden',
  at: '2026-04-20T09:00:00.000Z',
  shownBy: 'Ada',
  damages: ['crack'],
  signature: 'M0 0L9 9',
};

function survey(site: object) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site,
    surfaces: [{ id: 'wall', name: 'Wall', material: 'concrete', size: '4x3', findings: [] }],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}

describe('the sheet of earlier damage', () => {
  it('lists each damage with its surface and its photos', () => {
    const { entries, signed } = damageSheet(survey({ damages: [crack], damagePhotos: [photo] }));
    expect(entries).toMatchObject([{ damage: { id: 'crack' }, surface: 'Wall', photos: [{ id: 'p' }] }]);
    expect(signed).toEqual([]);
  });

  it('is signed for as it was shown, and no longer once something on it is changed or added', () => {
    const shown = { damages: [crack], damagePhotos: [photo] };
    const { sha256 } = damageSheet(survey(shown));
    const state = (site: object) => {
      const { signed, outdated } = damageSheet(
        survey({ ...site, acknowledgements: [{ ...signature, sheetSha256: sha256 }] }),
      );
      return [signed.length, outdated.length];
    };
    expect(state(shown)).toEqual([1, 0]);
    expect(state({ ...shown, damages: [{ ...crack, shownOn: '2026-04-20' }] })).toEqual([1, 0]);
    expect(state({ ...shown, damages: [{ ...crack, what: 'Wide crack' }] })).toEqual([0, 1]);
    expect(state({ ...shown, damagePhotos: [] })).toEqual([0, 1]);
    const mark = { spot: { x: 0.5, y: 0.5 }, text: 'here' };
    expect(state({ ...shown, damagePhotos: [{ ...photo, marks: [mark] }] })).toEqual([0, 1]);
  });

  it('does not make an order stale', () => {
    const bare = inputsHash(survey({}));
    expect(inputsHash(survey({ damages: [crack], damagePhotos: [photo] }))).toBe(bare);
  });

  it('is asked for: a photo of each damage, and that the customer has seen it', () => {
    const rules = (site: object) =>
      openQuestions(faced(survey(site)))
        .map((q) => q.rule)
        .filter((rule) => rule.startsWith('damage'));
    expect(rules({ damages: [crack] })).toEqual(['damage-photo', 'damage-shown']);
    expect(rules({ damages: [{ ...crack, shownOn: '2026-04-20' }], damagePhotos: [photo] })).toEqual([]);
  });
});
