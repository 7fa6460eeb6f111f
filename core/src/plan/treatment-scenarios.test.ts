import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { CATALOGUE_SCENARIOS } from '../test/catalogue-scenarios.ts';
import { TREATMENT_SCENARIOS } from '../test/treatment-scenarios.ts';
import type { TreatmentScenario } from '../test/treatment-scenarios.ts';
import { stageWords } from '../test/stage-words.ts';
import { plan } from './plan.ts';

const SCENARIOS = [...TREATMENT_SCENARIOS, ...CATALOGUE_SCENARIOS];

/** Everything that the plan does on the face, in the words of the scenarios. */
function doneOn(scenario: TreatmentScenario): readonly string[] {
  const {
    material,
    finish,
    conditions = [],
    found,
    toPond,
    schools,
    temperatureC,
    unsureBetween,
    picks = {},
  } = scenario;
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    house: { schools: schools ?? {} },
    weather: temperatureC === undefined ? {} : { temperatureC },
    site: { waterPoints: [{ id: 'tap' }], features: [{ id: 'pond', kind: 'pond' }] },
    surfaces: [
      {
        id: 'face',
        material,
        conditions,
        size: '4x3',
        topMetres: 2.5,
        ...(finish ? { finish } : {}),
        ...(unsureBetween ? { unsureBetween } : {}),
        drainsOnto: toPond ? ['pond'] : [],
        findings: found.map(([contaminant, severity]) => ({ contaminant, severity })),
      },
    ],
    choices: Object.entries(picks).map(([contaminant, method]) => ({
      surface: 'face',
      contaminant,
      method,
      by: 'Ada',
      at: '2026-05-01T08:00:00Z',
    })),
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
  const parts = made.surfaces[0]?.treatment?.parts ?? [];
  const stages = parts.flatMap((part) => part.stages);
  const waits = parts.flatMap((part) => (part.wait ? [`wait-${part.wait.for}`] : []));
  const words = stages.flatMap(stageWords);
  return stages.length === 0 ? ['nothing'] : [...words, ...waits, `visits-${made.visits.length}`];
}

describe('what an experienced contractor would decide', () => {
  it('has scenarios enough, each with a name of its own', () => {
    expect(SCENARIOS.length).toBeGreaterThanOrEqual(180);
    expect(new Set(SCENARIOS.map((s) => s.name)).size).toBe(SCENARIOS.length);
  });

  it.each(SCENARIOS.map((s) => [s.name, s] as const))('%s', (_, scenario) => {
    const done = doneOn(scenario);
    for (const word of scenario.must) expect(done).toContain(word);
    for (const word of scenario.never) expect(done).not.toContain(word);
  });

  it('ends for every contaminant at severity 4 on every material, nothing lost', () => {
    const findings = CATALOGUE.contaminants.map((c) => ({ contaminant: c.id, severity: 4 }));
    const reading = readJobFile({
      format: 'etappe-job',
      version: 1,
      surfaces: CATALOGUE.materials.map(({ id }) => ({
        id: `of-${id}`,
        material: id,
        size: '2x1',
        findings,
      })),
    });
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
    expect(made.surfaces).toHaveLength(CATALOGUE.materials.length);
    for (const { treatment } of made.surfaces)
      for (const proposal of treatment?.proposals ?? [])
        expect(proposal.chosen !== null || proposal.refused.length + proposal.alternatives.length > 0).toBe(
          true,
        );
  }, 60_000);
});
