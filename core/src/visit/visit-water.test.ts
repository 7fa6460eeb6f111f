import { describe, expect, it } from '@jest/globals';
import { faced } from '../survey/face.ts';
import { TAP, WASHER, gear, planOf, surveyWith, wall, yard } from '../test/provided-job.ts';
import { stageLitres } from './stage-water.ts';
import { visitWater } from './visit-water.ts';
import { waterWarnings } from './water-ways-out.ts';

const CREW = [
  WASHER,
  { kind: 'sprayer', count: 3 },
  { kind: 'hose', count: 2 },
  { kind: 'surface-cleaner', count: 1 },
];
function watered(more: object = {}) {
  const survey = surveyWith({ surfaces: [wall(), yard], ...gear({}, CREW), ...more });
  const made = planOf(survey);
  if (!made.visit) throw new Error('this job has a visit');
  return { survey, made, water: visitWater(made, made.visit.schedule, faced(survey)) };
}
const litresOf = (
  uses: readonly { readonly from: number; readonly to: number; readonly litresPerMinute: number }[],
) => uses.reduce((sum, use) => sum + (use.to - use.from) * use.litresPerMinute, 0);

describe('the water of a visit', () => {
  it('is what the stages run and the mixes take, no drop more, whenever it is drawn', () => {
    const { survey, made, water } = watered({
      site: { waterPoints: [{ ...TAP, flowLitresPerMinute: 60, distanceMetres: 1 }] },
    });
    const stages = made.surfaces.flatMap((p) => p.treatment?.stages ?? []);
    const run = stages.reduce((sum, s) => sum + stageLitres(s, s.areaSquareMetres, survey.job.house), 0);
    const mixed = made.mixes
      .flatMap((m) => m.batches)
      .reduce(
        (sum, { count, card }) =>
          sum +
          count * card.parts.reduce((all, part) => all + (part.role === 'water' ? (part.litres ?? 0) : 0), 0),
        0,
      );
    const feet = made.work.planned
      .filter((p) => p.task === 'foot-rinse')
      .reduce((sum, p) => sum + (p.areaSquareMetres ?? 0) * 4, 0);
    expect(mixed).toBeGreaterThan(1);
    expect(litresOf(water.uses)).toBeCloseTo(run + mixed + feet, 3);
    expect(water.line.usedLitres).toBeCloseTo(litresOf(water.uses), 3);
  });

  it('has its peak where uses lie on each other, and never above their sum', () => {
    const { water } = watered();
    const single = Math.max(...water.uses.map((u) => u.litresPerMinute));
    expect(water.peakLitresPerMinute).toBeGreaterThanOrEqual(single);
    expect(water.peakLitresPerMinute).toBeLessThanOrEqual(
      water.uses.reduce((sum, u) => sum + u.litresPerMinute, 0),
    );
  });

  it('runs longer through the hose with the trigger held longer, and through larger tips', () => {
    const used = (more: object, machines: readonly object[] = CREW) =>
      watered(gear(more, machines)).water.line.usedLitres;
    expect(used({ triggerShare: 0.9 })).toBeGreaterThan(used({ triggerShare: 0.5 }));
    expect(watered().water.line.usedLitres).toBe(used({}));
  });

  it('is helped along by a booster where a hose holds it back, never above what the tap gives', () => {
    const far = {
      site: { waterPoints: [{ ...TAP, flowLitresPerMinute: 40, distanceMetres: 150, pressureBar: 1 }] },
    };
    const arrives = (booster: object | null) =>
      watered({ ...far, ...gear({ booster }, CREW) }).water.sources[0]?.litresPerMinute ?? 0;
    const [alone, helped] = [arrives(null), arrives({ shutOffBar: 4, greatestLitresPerMinute: 60 })];
    expect(helped).toBeGreaterThan(alone * 1.3);
    expect(helped).toBeLessThanOrEqual(40);
    expect(arrives({ shutOffBar: 0.1, greatestLitresPerMinute: 1 })).toBeGreaterThanOrEqual(alone - 1e-6);
  });

  it('comes from all taps that may be used, and from none that was refused', () => {
    const two = [
      TAP,
      { ...TAP, id: 'second', name: 'Second', flowLitresPerMinute: 6 },
      { ...TAP, id: 'third', permission: 'refused' },
    ];
    const { water } = watered({ site: { waterPoints: two } });
    expect(water.sources.map((s) => s.point)).toEqual(['tap', 'second']);
    expect(water.input.supplyLitresPerMinute).toBeCloseTo(18, 6);
  });

  it('tells how much longer hoses take on a weak tap, and nothing where it gives what they take', () => {
    const warned = (flowLitresPerMinute: number) => {
      const { survey, water } = watered({
        site: { waterPoints: [{ ...TAP, flowLitresPerMinute, distanceMetres: 1 }] },
        surfaces: [wall({ size: '20x5' })],
        ...gear({ triggerShare: 1 }, CREW),
      });
      return waterWarnings(water, faced(survey)).filter((w) => w.rule === 'hose-slow');
    };
    expect(warned(30)).toEqual([]);
    expect(warned(3)).toMatchObject([{ severity: 'warn' }]);
    expect(warned(3)[0]?.text).toMatch(/^The taps give 3 L\/min.*about \d+ min longer/);
  });

  it('of a tap that nobody has measured is a range: dry at the least it may give, later or not at all at the most', () => {
    const unmeasured = { waterPoints: [{ ...TAP, flowLitresPerMinute: null }] };
    const warned = (tank: number | null, more: object = {}) => {
      const { survey, water } = watered({
        site: unmeasured,
        surfaces: [yard],
        ...gear({ triggerShare: 1, tank: tank && { litres: tank, startLitres: tank } }, CREW),
        ...more,
      });
      const short = waterWarnings(water, faced(survey)).filter((w) => w.rule === 'water-short');
      return { water, warnings: short };
    };
    const { water, warnings } = warned(null);
    expect(water.input.supplyLitresPerMinute).toBe(8);
    expect(warnings).toMatchObject([{ rule: 'water-short', severity: 'note' }]);
    expect(warnings[0]?.text).toMatch(
      /^Nobody has measured the tap\. At 8 L\/min the pumps outrun it from \d\d:\d\d, \d+ L short over the day; at 20 L\/min it lasts\. Time a bucket under it\.$/,
    );
    expect(warned(2000).warnings).toEqual([]);
    expect(warned(null, { site: { waterPoints: [] } }).warnings).toEqual([]);
    const measured = warned(null, { site: { waterPoints: [{ ...TAP, flowLitresPerMinute: 8 }] } });
    expect(measured.water.atBest).toBeNull();
    expect(measured.warnings).toMatchObject([{ severity: 'warn' }]);
  });
});
