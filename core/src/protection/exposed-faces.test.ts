import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const surveyOf = (surfaces: readonly object[], windMetresPerSecond = 2): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: [{ id: 'north' }],
    site: { waterPoints: [{ id: 'tap' }] },
    surfaces,
    weather: { windMetresPerSecond },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const face = (id: string, material: string, found: readonly string[], more: object = {}) => ({
  id,
  material,
  size: '3x2',
  topMetres: 2,
  findings: found.map((contaminant) => ({ contaminant, severity: 2 })),
  ...more,
});
const told = ({ warnings }: Plan) =>
  warnings.filter((w) => ['agent-on-other-face', 'ammonia-under-hypochlorite'].includes(w.rule));
const acts = ({ protections }: Plan, surface: string) =>
  protections.filter((p) => p.surface === surface).map((p) => [p.when, p.kind]);

describe('a face that an agent of another comes to', () => {
  it('is kept from what the floor forbids on it, named with whence, why and what would spare it', () => {
    const rows = [
      face('wall', 'granite', ['surface-rust'], { drainsOnto: ['plinth'] }),
      face('plinth', 'limestone', []),
    ];
    const made = plan(surveyOf(rows), OPTIONS);
    expect(told(made).map((w) => [w.severity, w.surface, w.text])).toEqual([
      [
        'warn',
        'plinth',
        'Plinth: oxalic acid runs over it from Wall. No acid on calcareous stone: acid dissolves it. The order says how it is protected. To spare it: neutral citrate gel on rust on Wall.',
      ],
    ]);
    expect(acts(made, 'plinth')).toEqual([
      ['before', 'cover'],
      ['during', 'keep-rinsing'],
      ['after', 'uncover'],
    ]);
    const stages = made.surfaces[0]?.treatment?.stages.map((s) => s.id) ?? [];
    const [before] = made.protections.filter((p) => p.surface === 'plinth');
    expect(before?.text).toContain('before work with oxalic acid starts on Wall');
    expect([before?.neededBy, before?.liftedBy]).toEqual([[stages[0]], [stages.at(-1)]]);
  });

  it('is led round where it lies flat, and only kept wet where a rule may be set aside', () => {
    const rust = face('wall', 'granite', ['surface-rust'], { drainsOnto: ['path'] });
    const path = face('path', 'limestone', [], { tiltDegrees: 0, topMetres: 0 });
    expect(acts(plan(surveyOf([rust, path]), OPTIONS), 'path')[0]).toEqual(['before', 'divert']);
    const algae = face('wall', 'painted-render', ['green-algae'], { drainsOnto: ['boards'] });
    const boards = face('boards', 'larch-boards', []);
    expect(acts(plan(surveyOf([algae, boards]), OPTIONS), 'boards')[0]).toEqual(['before', 'wet']);
  });

  it('counts when it is left out of scope, when it is only perhaps of that stone, and side by side', () => {
    const rust = (more: object) => face('wall', 'granite', ['surface-rust'], more);
    const left = face('plinth', 'limestone', [], { inScope: false, scopeReason: 'not asked for' });
    expect(told(plan(surveyOf([rust({ drainsOnto: ['plinth'] }), left]), OPTIONS))).toHaveLength(1);
    const unsure = face('plinth', 'sandstone', [], { unsureBetween: ['sandstone', 'limestone'] });
    expect(told(plan(surveyOf([rust({ drainsOnto: ['plinth'] }), unsure]), OPTIONS))).toHaveLength(1);
    const beside = face('jamb', 'limestone', [], { beside: ['wall'] });
    expect(told(plan(surveyOf([rust({}), beside]), OPTIONS))[0]?.text).toContain(
      'reaches its edge from Wall',
    );
    expect(told(plan(surveyOf([rust({}), face('jamb', 'limestone', [])]), OPTIONS))).toEqual([]);
  });

  it('has droppings flushed off it before a hypochlorite comes, and of nothing else', () => {
    const rows = (found: string) => [
      face('wall', 'painted-render', ['green-algae'], { drainsOnto: ['ledge'] }),
      face('ledge', 'painted-render', [found]),
    ];
    const made = plan(surveyOf(rows('bird-droppings')), OPTIONS);
    expect(told(made).map((w) => w.rule)).toEqual(['ammonia-under-hypochlorite']);
    expect(acts(made, 'ledge')).toEqual([
      ['before', 'rinse'],
      ['during', 'keep-away'],
      ['after', 'rinse'],
    ]);
    expect(told(plan(surveyOf(rows('traffic-soot')), OPTIONS))).toEqual([]);
  });

  it('has them flushed on a zone of the same surface, above or below', () => {
    for (const lies of ['foot', 'within']) {
      const wall = face('wall', 'painted-render', ['green-algae']);
      const zones = [
        {
          id: 'strip',
          surface: 'wall',
          name: 'Strip',
          size: '3x0.5',
          lies,
          findings: [{ contaminant: 'bird-droppings', severity: 2 }],
        },
      ];
      const made = plan(surveyOf([{ ...wall, zones }]), OPTIONS);
      expect(told(made).map((w) => [w.rule, w.surface])).toEqual([['ammonia-under-hypochlorite', 'strip']]);
    }
  });

  it('is protected whatever the property, by a walk of its own', () => {
    const harmed = fc.constantFrom(
      'limestone',
      'marble',
      'copper',
      'zinc',
      'stainless-steel',
      'larch-boards',
      'granite',
      'painted-render',
      'clear-glass',
    );
    const ids = ['s0', 's1', 's2', 's3'];
    const row = (id: string, i: number) =>
      fc.record({
        material: harmed,
        drainsOnto: fc.subarray(ids.slice(i + 1)),
        beside: fc.subarray(
          ids.filter((other) => other !== id),
          { maxLength: 1 },
        ),
        found: fc.subarray(['green-algae', 'surface-rust', 'mineral-oil', 'bird-droppings'], {
          maxLength: 2,
        }),
      });
    let seen = 0;
    fc.assert(
      fc.property(fc.tuple(...ids.map(row)), (rows) => {
        const survey = surveyOf(
          rows.map(({ material, found, ...more }, i) => face(`s${i}`, material, found, more)),
        );
        const made = plan(survey, OPTIONS);
        const below = (id: string): readonly string[] =>
          rows[Number(id.slice(1))]?.drainsOnto.flatMap((next) => [next, ...below(next)]) ?? [];
        for (const { surface, treatment } of made.surfaces) {
          const near = survey.surfaces.filter(
            (s) =>
              s.id !== surface.id &&
              (below(surface.id).includes(s.id) ||
                s.beside.includes(surface.id) ||
                surface.beside.includes(s.id)),
          );
          for (const stage of treatment?.stages ?? [])
            for (const other of near) {
              const agentClass = stage.apply?.agentClass ?? '';
              const fouled = survey.findings.some(
                (f) => f.surface === other.id && f.contaminant === 'bird-droppings',
              );
              if (!HARMS[agentClass]?.includes(other.material) && !(agentClass === 'hypochlorite' && fouled))
                continue;
              seen += 1;
              const own = made.protections.filter(
                (p) =>
                  p.surface === other.id &&
                  p.neededBy.some((id) => treatment?.stages.some((s) => s.id === id)),
              );
              expect([own[0]?.when, own.at(-1)?.when]).toEqual(['before', 'after']);
              const before = own.flatMap((p) => (p.when === 'before' ? [p.text] : [])).join(' ');
              expect(before).toContain(CATALOGUE.agent(stage.apply?.agent ?? '').name.slice(1));
              expect(told(made).some((w) => w.surface === other.id && w.text.includes(surface.name))).toBe(
                true,
              );
            }
        }
      }),
      { numRuns: 250 },
    );
    expect(seen).toBeGreaterThan(50);
  }, 60_000);
});

/** What is known of these materials, apart from the catalogue. */
const HARMS: Readonly<Record<string, readonly string[]>> = {
  acid: ['limestone', 'marble', 'zinc'],
  hypochlorite: ['copper', 'zinc', 'stainless-steel', 'larch-boards', 'limestone'],
  caustic: ['zinc', 'larch-boards', 'clear-glass'],
};
