import { describe, expect, it } from '@jest/globals';
import { catalogueFaults } from './catalogue-check.ts';
import { CATALOGUE } from './catalogue.ts';

describe('the shipped catalogue', () => {
  it('is sound', () => {
    expect(catalogueFaults(CATALOGUE)).toEqual([]);
  });

  it('offers every contaminant a method on every material family that can carry it', () => {
    for (const contaminant of CATALOGUE.contaminants) {
      for (const family of new Set(CATALOGUE.materials.map((m) => m.family))) {
        const offered = CATALOGUE.methods.filter(
          (m) => m.treats[contaminant.id] && m.families.includes(family),
        );
        expect(`${contaminant.id} on ${family}: ${offered.length > 0}`).toBe(
          `${contaminant.id} on ${family}: true`,
        );
      }
    }
  });

  it('lets nothing that opposes another be opposed by halves', () => {
    for (const a of CATALOGUE.agents) {
      for (const b of CATALOGUE.agents) {
        if (a.class === 'neutraliser' || b.class === 'neutraliser') continue;
        expect([a.id, b.id, a.opposedTo.includes(b.class)]).toEqual([
          a.id,
          b.id,
          b.opposedTo.includes(a.class),
        ]);
      }
    }
  });
});

describe('a faulty entry is named with field and rule', () => {
  const [material] = CATALOGUE.materials;
  const [method] = CATALOGUE.methods;
  it.each([
    [
      'a value out of its span',
      { ...CATALOGUE, materials: [{ ...material, jetLimitKilopascal: -1 }] },
      'materials painted-render: "jetLimitKilopascal" must be a positive number',
    ],
    [
      'an id used twice',
      { ...CATALOGUE, materials: [material, material] },
      'materials painted-render: the id is used twice',
    ],
    [
      'an agent that is not there',
      { ...CATALOGUE, agents: [] },
      'methods soft-wash-hypochlorite: there is no agent "hypochlorite"',
    ],
    [
      'a band of strength beside what is wanted',
      {
        ...CATALOGUE,
        methods: [
          {
            ...method,
            stages: (method?.stages ?? []).map((stage) =>
              stage.kind === 'apply'
                ? { ...stage, strengthBand: { weakest: [6, 7, 8, 12], strongest: [8, 10, 12, 15] } }
                : stage,
            ),
          },
        ],
      },
      'methods soft-wash-hypochlorite: stages[1] wants 5 g/L at severity 1, outside its own band of 6 to 8 g/L',
    ],
    [
      'a rate turned round',
      { ...CATALOGUE, methods: [{ ...method, surfaceRisk: 9 }] },
      'methods soft-wash-hypochlorite: "surfaceRisk" must be less than or equal to 5',
    ],
  ])('%s', (_, data, message) => {
    expect(catalogueFaults(data as typeof CATALOGUE)).toContain(message);
  });
});
