import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import { methodRefusals } from '../treatment/limit-verdict.ts';
import { faced } from '../survey/face.ts';
import { plan } from './plan.ts';

const SCHOOLS = CATALOGUE.schools.map((school) =>
  fc.constantFrom(...school.settings.map((way) => [school.id, way.id] as const)),
);
/** Any face with up to four things on it, worked in any way. */
const faces = fc.record({
  material: fc.constantFrom(...CATALOGUE.materials.map((m) => m.id)),
  found: fc.uniqueArray(fc.constantFrom(...CATALOGUE.contaminants.map((c) => c.id)), { minLength: 1, maxLength: 4 }),
  severity: fc.constantFrom(1, 2, 3, 4),
  schools: fc.tuple(...SCHOOLS).map((ways) => Object.fromEntries(ways)),
}); // prettier-ignore

interface AnyFace {
  readonly material: string;
  readonly found: readonly string[];
  readonly severity: number;
  readonly schools: Readonly<Record<string, string>>;
}

function treated({ material, found, severity, schools }: AnyFace) {
  const reading = readJobFile({
    format: 'etappe-job', version: 1, house: { schools }, site: { waterPoints: [{ id: 'tap' }] },
    surfaces: [{ id: 'face', material, size: '3x2', topMetres: 2, findings: found.map((contaminant) => ({ contaminant, severity })) }],
  }); // prettier-ignore
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const [planned] = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 }).surfaces;
  if (!planned?.treatment) throw new Error('the face is measured');
  return { planned, treatment: planned.treatment, survey: faced(reading.survey) };
} // prettier-ignore

describe('any chain', () => {
  it('brings an agent to rest before one that opposes it', () => {
    fc.assert(
      fc.property(faces, (face) => {
        const stages = treated(face).treatment.parts.flatMap((part) => part.stages);
        stages.forEach((stage, i) => {
          if (stage.kind !== 'apply' || !stage.apply) return;
          const agent = CATALOGUE.agent(stage.apply.agent);
          const before = stages.slice(0, i).findLastIndex((s) => s.kind === 'apply' && s.apply && CATALOGUE.agent(s.apply.agent).opposedTo.includes(agent.class)); // prettier-ignore
          if (before < 0) return;
          const between = stages.slice(before + 1, i).map((s) => s.kind);
          expect(between).toContain('rinse');
          expect(between).toContain('reading');
        });
      }),
      { numRuns: 300 },
    );
  });

  it('lets no hypochlorite onto urine or droppings that were not flushed away', () => {
    const dirty = faces.map((face) => ({ ...face, found: [...new Set([...face.found, 'urine'])] }));
    fc.assert(
      fc.property(dirty, (face) => {
        const stages = treated(face).treatment.parts.flatMap((part) => part.stages);
        const bleach = stages.findIndex((s) => s.apply?.agentClass === 'hypochlorite');
        if (bleach >= 0)
          expect(stages.slice(0, bleach).map((s) => s.kind)).toEqual(
            expect.arrayContaining([expect.stringMatching(/^(rinse|wash)$/)]),
          );
      }),
      { numRuns: 200 },
    );
  });

  it('never rinses off what is left on, unless it had its days to work or to set', () => {
    fc.assert(
      fc.property(faces, (face) => {
        for (const { stages } of treated(face).treatment.parts) {
          const left = stages.findIndex((s) => s.apply?.leaveOn);
          const wet = stages.slice(left + 1).filter((s) => ['rinse', 'wash', 'pre-wet', 'agitate'].includes(s.kind));
          if (left >= 0) expect(wet).toEqual([]);
        }
      }),
      { numRuns: 300 },
    ); // prettier-ignore
  });

  it('has only stages that the limits allow', () => {
    fc.assert(
      fc.property(faces, (face) => {
        const { planned, treatment, survey } = treated(face);
        const states = plausibleStates(planned.surface, survey);
        for (const { chosen } of treatment.proposals)
          if (chosen)
            for (const state of states) expect(methodRefusals(state, chosen.method, CATALOGUE)).toEqual([]);
      }),
      { numRuns: 300 },
    );
  });

  it('has its stages once, in the order of its methods, with a dry face before whatever needs one', () => {
    fc.assert(
      fc.property(faces, (face) => {
        const { treatment } = treated(face);
        const all = treatment.parts.flatMap((part) => part.stages);
        expect(new Set(all.map((s) => s.id)).size).toBe(all.length);
        let sinceWet = Infinity;
        for (const { wait, stages } of treatment.parts) {
          sinceWet += wait?.days.from ?? 0;
          for (const stage of stages) {
            const { dryFirst } = CATALOGUE.method(stage.method);
            // What brings an earlier agent to rest is done while the face is wet.
            const first = all.find(
              (s) => s.method === stage.method && s.kind !== 'reading' && !s.id.includes('.before-'),
            );
            if (dryFirst && stage === first) expect(sinceWet).toBeGreaterThanOrEqual(dryFirst.days);
            if (!['clear', 'fill', 'reading'].includes(stage.kind)) sinceWet = 0;
          }
        }
        const methods = new Set(treatment.proposals.flatMap((p) => (p.chosen ? [p.chosen.method] : [])));
        for (const method of methods)
          if (workedStages(method).length > 0) expect(all.some((s) => s.method === method.id)).toBe(true);
      }),
      { numRuns: 300 },
    );
  });
});
