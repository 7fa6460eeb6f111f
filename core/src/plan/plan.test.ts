import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { crewOrder } from '../order/crew-order.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { BANDS } from '../survey/surface.ts';
import type { Stage } from '../treatment/stage.ts';
import { plan, planAround } from './plan.ts';
import type { Plan } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 3 };

interface Wall {
  readonly material: string;
  readonly findings: readonly {
    readonly contaminant: string;
    readonly severity: number;
    readonly share?: number;
  }[];
  readonly more?: Record<string, unknown>;
}
const surveyOf = (walls: Readonly<Record<string, Wall>>, more: Record<string, unknown> = {}): Survey => {
  const surfaces = Object.entries(walls).map(([id, { material, findings, more: own }]) => ({
    id,
    material,
    size: '8x3',
    findings,
    side: 'north',
    ...own,
  }));
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: [{ id: 'north', aspectDegrees: 90 }],
    surfaces,
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const algae = { contaminant: 'green-algae', severity: 3 };
const rust = { contaminant: 'surface-rust', severity: 2, share: 0.2 };
const stagesOf = (p: Plan, surface = 'wall'): readonly Stage[] =>
  p.surfaces.find((s) => s.surface.id === surface)?.treatment?.stages ?? [];
const agentsOf = (stages: readonly Stage[]) => stages.flatMap((s) => (s.apply ? [s.apply.agent] : []));

describe('the wall of the demo job, turned from painted render to limestone', () => {
  const render = plan(surveyOf({ wall: { material: 'painted-render', findings: [algae, rust] } }), OPTIONS);
  const limestone = plan(surveyOf({ wall: { material: 'limestone', findings: [algae, rust] } }), OPTIONS);

  it('is treated with hypochlorite, brought to rest and read, then acid, neutralised', () => {
    expect(agentsOf(stagesOf(render))).toEqual([
      'hypochlorite',
      'sodium-ascorbate',
      'oxalic-acid',
      'sodium-bicarbonate',
    ]);
    const kinds = stagesOf(render).map((s) => s.kind);
    expect(kinds.slice(kinds.indexOf('neutralise'), kinds.lastIndexOf('apply'))).toEqual([
      'neutralise',
      'rinse',
      'reading',
    ]);
  });

  it('has acid and chlorine refused with their rules, and a gentler chain proposed', () => {
    const proposals = limestone.surfaces[0]?.treatment?.proposals ?? [];
    const rules = proposals.flatMap((p) => p.refused.flatMap((r) => r.refusals.map((x) => x.rule)));
    expect(rules).toEqual(expect.arrayContaining(['no-acid-on-calcareous', 'no-chlorine-on-salt-sensitive']));
    expect(agentsOf(stagesOf(limestone))).toEqual(['neutral-biocidal', 'citrate-gel', 'neutral-biocidal']);
  });

  it('is worked in smaller strips, and takes longer', () => {
    const [stone] = limestone.surfaces[0]?.cycles ?? [];
    const [paint] = render.surfaces[0]?.cycles ?? [];
    const wet = (cycle = stone) => (cycle?.front ? cycle.front.out * cycle.front.stripSquareMetres : NaN);
    expect(wet(stone)).toBeLessThan(wet(paint) / 1.5);
    expect(limestone.visit?.schedule.makespan).toBeGreaterThan(render.visit?.schedule.makespan ?? Infinity);
  });
});

describe('choices', () => {
  const choice = (method: string, reason: string) => ({
    surface: 'wall',
    contaminant: 'green-algae',
    method,
    reason,
    by: 'Ada',
    at: '2026-05-01T08:00:00Z',
  });
  const on = (material: string, method: string, reason = '') =>
    plan(surveyOf({ wall: { material, findings: [algae] } }, { choices: [choice(method, reason)] }), OPTIONS);

  it('pick another permitted method', () => {
    expect(agentsOf(stagesOf(on('painted-render', 'alkaline-scrub-growth')))).toEqual(['metasilicate']);
  });

  it('set an overridable rule aside with a reason, which stays visible', () => {
    const made = on('larch-boards', 'soft-wash-hypochlorite', 'painted over next week');
    expect(agentsOf(stagesOf(made))).toEqual(['hypochlorite']);
    expect(made.warnings.map((w) => w.rule)).toContain('rule-set-aside');
    expect(stagesOf(made).flatMap((s) => s.cautions.map((c) => c.rule))).toContain(
      'no-chlorine-on-bare-timber',
    );
  });

  it('do not apply without a reason, and say so', () => {
    const made = on('larch-boards', 'soft-wash-hypochlorite');
    expect(agentsOf(stagesOf(made))).not.toContain('hypochlorite');
    expect(made.warnings.find((w) => w.rule === 'choice-not-applied')?.text).toContain('needs a reason');
  });

  it('never set the safety floor aside', () => {
    const made = plan(
      surveyOf(
        { wall: { material: 'limestone', findings: [rust] } },
        { choices: [{ ...choice('rust-oxalic', 'I know better'), contaminant: 'surface-rust' }] },
      ),
      OPTIONS,
    );
    expect(agentsOf(stagesOf(made))).not.toContain('oxalic-acid');
  });
});

describe('mist passes', () => {
  const SLOW = ['2x1', '6x2.5', '9x4'].flatMap((size) =>
    [600, 900].flatMap((sun) => [0.15, 0.65].map((humidity) => [size, sun, humidity] as const)),
  );

  it.each(SLOW)(
    'fit between a slow application and its rinse: %s in %p W/m² at humidity %p',
    (size, sun, humidity) => {
      const brushed = surveyOf(
        {
          wall: {
            material: 'granite',
            findings: [{ contaminant: 'spray-paint', severity: 1 }],
            more: { size, side: null, band: 'roof', topMetres: 7 },
          },
        },
        { house: { crew: [{ id: 'a' }] }, weather: { humidity, netRadiationWattsPerSquareMetre: sun } },
      );
      const { warnings, work, visit } = plan(brushed, { ...OPTIONS, budget: 1 });
      expect(warnings.filter((w) => w.rule === 'no-sequence')).toEqual([]);
      expect(visit && scheduleViolations(work.problem, visit.schedule)).toEqual([]);
    },
  );
});

describe('warnings stop an order', () => {
  it.each<[string, Survey, string]>([
    [
      'when wind carries spray',
      surveyOf(
        { wall: { material: 'concrete', findings: [algae] } },
        { weather: { windMetresPerSecond: 9 } },
      ),
      'spray-drift',
    ],
    [
      'when only acid would help and the stone dissolves in it',
      surveyOf({
        wall: { material: 'limestone', findings: [{ contaminant: 'hard-water-scale', severity: 2 }] },
      }),
      'no-permitted-method',
    ],
    [
      'when the day is too long',
      surveyOf({ wall: { material: 'limestone', findings: [algae] } }, { house: { dayHours: 1 } }),
      'day-too-long',
    ],
    [
      'when a machine is missing',
      surveyOf(
        { wall: { material: 'concrete', findings: [algae] } },
        { house: { machines: [{ kind: 'hose', count: 0 }] } },
      ),
      'no-sequence',
    ],
    ['when nothing is found', surveyOf({ wall: { material: 'concrete', findings: [] } }), 'nothing-to-do'],
  ])('%s', (_, survey, rule) => {
    expect(
      plan(survey, OPTIONS)
        .warnings.filter((w) => w.severity === 'stop')
        .map((w) => w.rule),
    ).toContain(rule);
  });

  it('keeps product wet with mist passes on a hot wall', () => {
    const hot = {
      temperatureC: 34,
      humidity: 0.2,
      windMetresPerSecond: 4,
      netRadiationWattsPerSquareMetre: 700,
    };
    const made = plan(
      surveyOf({ wall: { material: 'painted-aluminium', findings: [algae] } }, { weather: hot }),
      OPTIONS,
    );
    expect(made.surfaces[0]?.cycles[0]?.front?.mistsEach).toBeGreaterThan(0);
  });
});

/** Random properties over the whole catalogue. */
const property = fc
  .array(
    fc.record({
      material: fc.constantFrom(...CATALOGUE.materials.map((m) => m.id)),
      findings: fc.uniqueArray(
        fc.record({
          contaminant: fc.constantFrom(...CATALOGUE.contaminants.map((c) => c.id)),
          severity: fc.integer({ min: 1, max: 4 }),
          share: fc.constantFrom(0.1, 0.5, 1),
        }),
        { selector: (f) => f.contaminant, maxLength: 4 },
      ),
      band: fc.constantFrom(...BANDS),
      size: fc.constantFrom('2x1', '6x2.5', '9x4'),
      topMetres: fc.constantFrom(1, 3, 7),
    }),
    { minLength: 1, maxLength: 6 },
  )
  .chain((walls) =>
    fc.record({
      walls: fc.constant(walls),
      crew: fc.integer({ min: 1, max: 4 }),
      humidity: fc.constantFrom(0.15, 0.3, 0.65, 0.95),
      sun: fc.constantFrom(0, 250, 600, 900),
    }),
  )
  .map(({ walls, crew, humidity, sun }) =>
    surveyOf(
      Object.fromEntries(
        walls.map(({ material, findings, ...more }, i) => [
          `wall-${i}`,
          {
            material,
            findings,
            more: {
              ...more,
              drainsOnto: i + 1 < walls.length && i % 2 === 0 ? [`wall-${i + 1}`] : [],
            },
          },
        ]),
      ),
      {
        house: { crew: ['a', 'b', 'c', 'd'].slice(0, crew).map((id) => ({ id })) },
        weather: { humidity, netRadiationWattsPerSquareMetre: sun },
      },
    ),
  );

describe('any property', () => {
  it('gets a valid schedule, opposed chemistries apart, leave-ons unrinsed, and an order for every operation', () => {
    fc.assert(
      fc.property(property, (survey) => {
        const made = plan(survey, { ...OPTIONS, budget: 1 });
        for (const { treatment } of made.surfaces) if (treatment) expectSafeChain(treatment.stages);
        expect(made.warnings.filter((w) => w.rule === 'no-sequence')).toEqual([]);
        if (!made.visit) return;
        expect(scheduleViolations(made.work.problem, made.visit.schedule)).toEqual([]);
        expect(made.visit.schedule.makespan).toBeGreaterThanOrEqual(made.visit.lowerBound.seconds);
        expect(planAround(survey, made.visit).violations).toEqual([]);
        const order = crewOrder(made, survey);
        expect(order.people.flatMap((p) => p.entries)).toHaveLength(made.work.problem.operations.length);
      }),
      { numRuns: 120 },
    );
  });
});

/** Between two applications of opposed agents on one surface there is a reading; after a leave-on nothing is rinsed. */
function expectSafeChain(stages: readonly Stage[]): void {
  stages.forEach((stage, i) => {
    if (stage.kind !== 'apply' || !stage.apply) return;
    const agent = CATALOGUE.agent(stage.apply.agent);
    for (let k = i + 1; k < stages.length; k += 1) {
      const later = stages[k];
      if (later?.kind !== 'apply' || !later.apply || !agent.opposedTo.includes(later.apply.agentClass))
        continue;
      expect(stages.slice(i, k).map((s) => s.kind)).toEqual(expect.arrayContaining(['rinse', 'reading']));
    }
    // A paste under its film is not spoilt by water.
    if (stage.apply.leaveOn && !stage.apply.covered)
      expect(stages.slice(i).some((s) => s.kind === 'rinse')).toBe(false);
  });
}
