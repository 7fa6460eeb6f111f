import { describe, expect, it } from '@jest/globals';
import type { LogEntry } from '../judge/day-log.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import { faced } from '../survey/face.ts';
import { demo, surveyOf } from '../test/demo-survey.ts';
import { randomProperty } from '../test/random-property.ts';
import { mixKind } from '../visit/mix-kind.ts';
import type { Stage } from '../treatment/stage.ts';
import { dayLog } from './day-log.ts';
import { plan } from './plan.ts';
import type { Plan } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const SEEDS = Array.from({ length: 60 }, (_, i) => 900 + i);

const stagesOf = ({ surfaces }: Plan) => surfaces.flatMap((p) => p.treatment?.stages ?? []);
const spanOf = ({ apply }: Stage) => {
  const wanted = apply?.aloneGramsPerLitre ?? apply?.strengthGramsPerLitre ?? 0;
  return apply?.band ?? { weakest: wanted, strongest: wanted };
};

/** Fewest points that lie in all spans: each as late as the first span that is not hit yet lets it. */
function fewestPoints(spans: readonly { readonly weakest: number; readonly strongest: number }[]): number {
  let [points, last] = [0, -Infinity];
  for (const { weakest, strongest } of [...spans].sort((a, b) => a.strongest - b.strongest))
    if (weakest > last) [points, last] = [points + 1, strongest];
  return points;
}

describe('the mixes of any visit', () => {
  it('lie in the band of all that they are for, as few as that takes, each application in one of them', () => {
    const seen = { shared: 0, other: 0 };
    for (const seed of SEEDS) {
      const made = plan(surveyOf(randomProperty(seed)), OPTIONS);
      const byId = new Map(stagesOf(made).map((stage) => [stage.id, stage]));
      const served = made.mixes.flatMap((mix) => applicationsOf(mix).map(({ stage }) => stage));
      const applied = stagesOf(made).filter(({ apply }) => apply);
      expect([...served].sort()).toEqual(applied.map(({ id }) => id).sort());
      for (const mix of made.mixes) {
        const own = applicationsOf(mix).flatMap(({ stage }) => byId.get(stage) ?? []);
        expect(new Set(own.map(mixKind)).size).toBe(1);
        expect(new Set(own.map(({ apply }) => apply?.strengthGramsPerLitre)).size).toBe(1);
        for (const stage of own) {
          const { weakest, strongest } = spanOf(stage);
          const strength = stage.apply?.strengthGramsPerLitre ?? 0;
          expect(strength).toBeGreaterThanOrEqual(weakest);
          expect(strength).toBeLessThanOrEqual(strongest);
          if (stage.apply?.aloneGramsPerLitre !== undefined) seen.other += 1;
        }
        if (own.length > 1) seen.shared += 1;
      }
      for (const kind of new Set(applied.map(mixKind))) {
        const own = applied.filter((stage) => mixKind(stage) === kind);
        // What is put on, and what brings something to rest, is shared each among its like.
        for (const does of ['apply', 'neutralise']) {
          const alike = own.filter((stage) => stage.kind === does);
          const strengths = new Set(alike.map(({ apply }) => apply?.strengthGramsPerLitre));
          expect(strengths.size).toBe(fewestPoints(alike.map(spanOf)));
        }
      }
    }
    expect(seen.shared).toBeGreaterThan(30);
    expect(seen.other).toBeGreaterThan(20);
  });

  it('bring to rest what is put on as strong as it is put on', () => {
    let dosed = 0;
    for (const seed of SEEDS) {
      const made = plan(surveyOf(randomProperty(seed)), OPTIONS);
      for (const { treatment } of made.surfaces)
        for (const stage of treatment?.stages ?? []) {
          if (stage.kind !== 'neutralise' || !stage.apply) continue;
          const before = (treatment?.stages ?? []).filter(
            (s) => s.kind === 'apply' && s.apply && stage.neutralises.includes(s.apply.agent),
          );
          const strongest = Math.max(0, ...before.map((s) => s.apply?.strengthGramsPerLitre ?? 0));
          // At least the film that may be left after the rinse, gram for gram of the weakest ratio.
          expect(stage.apply.strengthGramsPerLitre).toBeGreaterThan(0.05 * strongest);
          dosed += 1;
        }
    }
    expect(dosed).toBeGreaterThan(10);
  });
});

describe('one’s own mix', () => {
  const walls = (mixes: string | null, more: object = {}) =>
    surveyOf({
      format: 'etappe-job',
      version: 2,
      surfaces: ['north', 'south'].map((id, i) => ({
        id,
        material: 'painted-render',
        size: '6x3',
        findings: [{ contaminant: 'green-algae', severity: 2 + i }],
        ...(id === 'south' && mixes !== null ? { schools: { mixes } } : {}),
        ...more,
      })),
    });
  const strengths = (survey: Parameters<typeof plan>[0]) =>
    stagesOf(plan(survey, OPTIONS)).flatMap(({ kind, apply }) =>
      kind === 'apply' && apply ? [apply.strengthGramsPerLitre] : [],
    );

  it('is what a surface gets by a choice, at the strength that it wants; else they share one', () => {
    expect(new Set(strengths(walls(null))).size).toBe(1);
    expect(strengths(walls('own'))).toEqual([8, 10]);
    // Alike by chance they are two all the same: somebody wants them apart.
    const alike = plan(walls('own', { findings: [{ contaminant: 'green-algae', severity: 2 }] }), OPTIONS);
    expect(alike.mixes.filter(({ agent }) => agent === 'hypochlorite')).toHaveLength(2);
  });

  it('is never stronger by sharing where planting stands or a test patch says no more', () => {
    const picked = {
      contaminant: 'green-algae',
      method: 'soft-wash-hypochlorite',
      by: 'Ada',
      at: '2026-05-01T08:00:00Z',
    };
    const houseWith = (around: object, site: object = {}) =>
      surveyOf({
        format: 'etappe-job',
        version: 2,
        site: { features: [{ id: 'bed', kind: 'plant-bed', name: 'Rose bed' }], ...site },
        surfaces: [
          {
            id: 'north',
            material: 'painted-render',
            size: '6x3',
            findings: [{ contaminant: 'green-algae', severity: 2 }],
            ...around,
          },
          {
            id: 'south',
            material: 'painted-render',
            size: '30x5',
            findings: [{ contaminant: 'green-algae', severity: 3 }],
          },
        ],
        choices: [
          { surface: 'north', ...picked },
          { surface: 'south', ...picked },
        ],
      });
    // The large wall wants ten: both are done at that where nothing is in the way.
    expect(strengths(houseWith({}))).toEqual([10, 10]);
    expect(strengths(houseWith({ beside: ['bed'] }))).toEqual([8, 8]);
    const patch = {
      id: 'p',
      surface: 'north',
      agent: 'hypochlorite',
      strengthGramsPerLitre: 9,
      dwellMinutes: 15,
      tool: 'low-pressure-sprayer',
      verdict: 'go',
    };
    expect(strengths(houseWith({}, { testPatches: [patch] }))).toEqual([9, 9]);
  });
});

describe('who carries what', () => {
  const overlapping = (a: LogEntry, b: LogEntry) => a.from < b.to && b.from < a.to;

  it('has no sprayer with two mixes at once, and each protection on one list', () => {
    let sprayed = 0;
    for (const seed of SEEDS) {
      const survey = surveyOf(randomProperty(seed));
      const made = plan(survey, OPTIONS);
      if (!made.visit) continue;
      const log = dayLog(made, made.visit.schedule, faced(survey)).filter((e) => e.vessel !== null);
      for (const [i, one] of log.entries())
        for (const other of log.slice(i + 1))
          if (one.vessel === other.vessel && overlapping(one, other)) expect(one.mix).toBe(other.mix);
      sprayed += log.length;
      const lists = made.work.shares.flatMap(({ protections }) => protections);
      expect(lists).toHaveLength(made.protections.length);
      expect(new Set(lists)).toEqual(new Set(made.protections));
    }
    expect(sprayed).toBeGreaterThan(200);
  });

  it('shares out the demo evenly: nobody sets out much longer than the others, and the same person uncovers', () => {
    const made = plan(demo('hill-observatory'), OPTIONS);
    const { shares } = made.work;
    const before = shares.map(({ secondsBefore }) => secondsBefore);
    expect(Math.max(...before) - Math.min(...before)).toBeLessThan(600);
    for (const { protections } of shares)
      for (const { when, placeName } of protections)
        if (when === 'after')
          expect(protections.some((p) => p.when === 'before' && p.placeName === placeName)).toBe(true);
    expect(shares.flatMap(({ mixes }) => mixes).length).toBeGreaterThan(8);
  });
});
