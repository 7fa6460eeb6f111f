import { createHash } from 'node:crypto';
import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { lot, product, surveyWith } from '../test/provided-job.ts';
import { bearingAgents } from './bearing-agents.ts';
import { canonicalHash, inputsHash } from './inputs-hash.ts';
import { derivedFigures } from './derivation.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  surfaces: ['a', 'b'].map((id) => ({
    id,
    material: 'concrete',
    size: '3x2',
    findings: [{ contaminant: 'lichen', severity: 2 }],
  })),
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { survey } = reading;

describe('the hash of the inputs', () => {
  it('does not depend on the order of keys or lists', () => {
    const turned: Survey = {
      ...survey,
      surfaces: [...survey.surfaces].reverse(),
      findings: [...survey.findings].reverse(),
    };
    expect(inputsHash(turned)).toBe(inputsHash(survey));
    expect(canonicalHash({ a: 1, b: 2 })).toBe(canonicalHash({ b: 2, a: 1 }));
  });

  it('changes with anything that may change the plan', () => {
    const [first] = survey.surfaces;
    if (!first) throw new Error('there is a surface');
    const changed: Survey = {
      ...survey,
      surfaces: [{ ...first, size: '3x2.1' }, ...survey.surfaces.slice(1)],
    };
    const windy: Survey = {
      ...survey,
      job: { ...survey.job, weather: { ...survey.job.weather, windMetresPerSecond: 3 } },
    };
    expect(new Set([survey, changed, windy].map(inputsHash)).size).toBe(3);
  });

  it('is SHA-256 of the canonical text', () => {
    expect(canonicalHash('Etappe')).toBe(createHash('sha256').update('"Etappe"').digest('hex'));
  });

  it('does not change with what the house writes of products that this work never comes to', () => {
    const surfaces = [
      { id: 'wall', material: 'concrete', size: '3x2', findings: [{ contaminant: 'lichen', severity: 2 }] },
    ];
    const hash = (parts: Parameters<typeof surveyWith>[1]) => inputsHash(surveyWith({ surfaces }, parts));
    const bare = hash({});
    expect(hash({ lots: [lot({ agent: 'wood-oil' })], products: [product({ agent: 'wood-oil' })] })).toBe(
      bare,
    );
    const chlorine = hash({ lots: [lot()] });
    expect(chlorine).not.toBe(bare);
    expect(hash({ lots: [lot({ left: 9 })] })).not.toBe(chlorine);
    expect(hash({ lots: [lot({ place: 'shed' })] })).toBe(chlorine);
  });

  it('bears on every agent that a plan comes to, whatever lies on whatever material', () => {
    const findings = CATALOGUE.contaminants.map(({ id }) => ({ contaminant: id, severity: 3 }));
    let mixed = 0;
    for (const { id, joints } of CATALOGUE.materials) {
      const lists = [findings, ...findings.slice(0, joints === 'sand' ? findings.length : 3).map((f) => [f])];
      for (const found of lists) {
        const faces = faced(
          surveyWith({ surfaces: [{ id: 'f', material: id, side: 'north', size: '4x3', findings: found }] }),
        );
        const agents = bearingAgents(faces, CATALOGUE);
        const used = derivedFigures(faces).visits.flatMap((visit) =>
          visit.parts.flatMap((part) => part.stages.flatMap((stage) => stage.apply?.agent ?? [])),
        );
        mixed += used.length;
        expect(used.filter((agent) => !agents.has(agent))).toEqual([]);
      }
    }
    expect(mixed).toBeGreaterThan(300);
  });
});
