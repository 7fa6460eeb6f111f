import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { derived } from '../plan/derivation.ts';
import { faced } from '../survey/face.ts';
import { seededRandom } from '../sequence/seeded-random.ts';
import { otherTreatments } from './other-treatments.ts';
import { sharedCures } from './shared-cures.ts';

const derivedOf = (file: unknown) => {
  const reading = readJobFile(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return derived(faced(reading.survey));
};

describe('notes with one cure', () => {
  it('are one note: a wall between two others that its acid must never meet', () => {
    const render = {
      material: 'painted-render',
      size: '4x3',
      topMetres: 3,
      findings: [{ contaminant: 'green-algae', severity: 2 }],
    };
    const { work, surfaces, warnings } = derivedOf({
      format: 'etappe-job',
      version: 1,
      site: { features: [{ id: 'gully', kind: 'drain', leadsTo: 'foul-sewer', state: 'runs' }] },
      surfaces: [
        { ...render, id: 'upper', name: 'Upper wall', band: 'upper-wall', side: 'n', drainsOnto: ['stone'] },
        { ...render, id: 'gable', name: 'Gable', side: 'n', drainsOnto: ['stone'] },
        {
          id: 'stone',
          name: 'Granite steps',
          material: 'granite',
          size: '4x2',
          topMetres: 1,
          drainsOnto: ['gully'],
          findings: [{ contaminant: 'surface-rust', severity: 2 }],
        },
      ],
      sides: [{ id: 'n', name: 'North', aspectDegrees: 0 }],
    });
    const told = warnings.filter((w) => w.rule === 'chemistry-apart');
    expect(work.meetings.length).toBeGreaterThan(0);
    expect(told).toHaveLength(1);
    expect(told[0]?.text).toMatch(/Upper wall.*Gable|Gable.*Upper wall/);
    expect(sharedCures(work.meetings, surfaces)[0]?.ways[0]?.face).toBe('stone');
  });

  it('lose no meeting, say none twice, and name a change that spares every one of theirs', () => {
    let [met, shared] = [0, 0];
    const random = seededRandom(7);
    for (let job = 0; job < 40; job += 1) {
      const count = 3 + Math.floor(random() * 5);
      const { work, surfaces } = derivedOf({
        format: 'etappe-job',
        version: 1,
        site: { features: [{ id: 'gully', kind: 'drain', leadsTo: 'foul-sewer', state: 'runs' }] },
        surfaces: Array.from({ length: count }, (_, i) => {
          const isRusty = random() < 0.4;
          const below = Math.floor(random() * i);
          return {
            id: `s${i}`,
            name: `Face ${i}`,
            material: isRusty ? 'granite' : 'painted-render',
            size: '4x2',
            topMetres: 2,
            drainsOnto: [random() < 0.5 || i === 0 ? 'gully' : `s${below}`],
            findings: [{ contaminant: isRusty ? 'surface-rust' : 'green-algae', severity: 2 }],
          };
        }),
      });
      const groups = sharedCures(work.meetings, surfaces);
      met += work.meetings.length;
      expect(groups.flatMap((g) => g.meetings)).toHaveLength(work.meetings.length);
      expect(new Set(groups.flatMap((g) => g.meetings))).toEqual(new Set(work.meetings));
      for (const { meetings, ways } of groups) {
        if (meetings.length < 2) continue;
        shared += 1;
        const [way] = ways;
        for (const meeting of meetings) expect(otherTreatments(meeting, surfaces)).toContainEqual(way);
      }
    }
    expect(met).toBeGreaterThan(40);
    expect(shared).toBeGreaterThan(5);
  });
});
