import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { PROPERTY_SCENARIOS } from '../test/property-scenarios.ts';
import type { PropertyScenario } from '../test/property-scenarios.ts';
import { stageWords } from '../test/stage-words.ts';
import { plan } from './plan.ts';

function planned({ surfaces, features = [], schools = {}, weather = {}, picks = [] }: PropertyScenario) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    house: { schools, gear: { longestPoleMetres: 12 } },
    weather,
    site: { waterPoints: [{ id: 'tap' }], features },
    surfaces: surfaces.map(({ id, material, found, more }) => ({
      id,
      material,
      size: '4x3',
      topMetres: 2.5,
      findings: found.map(([contaminant, severity, share = 1]) => ({ contaminant, severity, share })),
      ...more,
    })),
    choices: picks.map(([surface, contaminant, method]) => ({
      surface,
      contaminant,
      method,
      by: 'Ada',
      at: '2026-05-01T08:00:00Z',
    })),
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
}

const isRest = (agent: string) => CATALOGUE.agent(agent).class === 'neutraliser';

describe('what an experienced contractor would decide of a whole property', () => {
  it('has scenarios enough, each with a name of its own', () => {
    expect(PROPERTY_SCENARIOS.length).toBeGreaterThanOrEqual(44);
    expect(new Set(PROPERTY_SCENARIOS.map((s) => s.name)).size).toBe(PROPERTY_SCENARIOS.length);
  });

  it.each(PROPERTY_SCENARIOS.map((s) => [s.name, s] as const))('%s', (_, scenario) => {
    const made = planned(scenario);
    for (const wanted of scenario.surfaces) {
      const parts = made.surfaces.find((p) => p.surface.id === wanted.id)?.treatment?.parts ?? [];
      const stages = parts.flatMap((part) => part.stages);
      const waits = parts.flatMap((part) => (part.wait ? [`wait-${part.wait.for}`] : []));
      const done = stages.length === 0 ? ['nothing'] : [...stages.flatMap(stageWords), ...waits];
      for (const word of wanted.must ?? []) expect(done).toContain(word);
      for (const word of wanted.never ?? []) expect(done).not.toContain(word);
      const places = (wanted.order ?? []).map((word) => done.indexOf(word));
      expect(places).not.toContain(-1);
      expect(places).toEqual([...places].sort((a, b) => a - b));
    }
    const agents = made.surfaces.flatMap((p) =>
      (p.treatment?.parts ?? []).flatMap((part) =>
        part.stages.flatMap((s) => (s.kind === 'apply' && s.apply ? [s.apply.agent] : [])),
      ),
    );
    const used = new Set(agents.filter((agent) => !isRest(agent)));
    if (scenario.agentsAtMost !== undefined)
      expect([...used].length).toBeLessThanOrEqual(scenario.agentsAtMost);
  });
});
