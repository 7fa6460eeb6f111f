import { describe, expect, it } from '@jest/globals';
import { planOf, surveyWith, yard } from '../test/provided-job.ts';

const DOOR = { id: 'door', name: 'Kitchen door', kind: 'door', behind: 'larder' };
const SHUTTER = { id: 'shutter', name: '2 roller doors', kind: 'door', behind: 'paper' };
const HOUSE_WALL = {
  id: 'wall',
  material: 'painted-render',
  side: 'north',
  size: '8x3',
  topMetres: 3,
  findings: [],
};

/** What is put on a mossy yard, and how. */
function strips(
  floor: object = {},
  {
    features = [DOOR],
    wall = {},
    house = {},
  }: { features?: readonly object[]; wall?: object; house?: object } = {},
) {
  const green = { contaminant: 'green-algae', severity: 3 };
  const survey = surveyWith({
    house,
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 12, distanceMetres: 20 }], features },
    surfaces: [
      { ...yard, beside: ['door'], findings: [green], ...floor },
      { ...HOUSE_WALL, ...wall },
    ],
  });
  const plan = planOf(survey);
  const treatment = plan.surfaces.find(({ surface }) => surface.id === 'yard')?.treatment;
  const stages = treatment?.stages ?? [];
  return { stages, applied: stages.filter((stage) => stage.apply), mixes: plan.mixes.length };
}

describe('the strip of a floor along a door', () => {
  it('gets the strong mix first, a rinse by hand, and the machine passes it fast', () => {
    const { stages, applied, mixes } = strips();
    expect(applied).toMatchObject([
      { areaSquareMetres: 0.6, apply: { agent: 'hypochlorite', strengthGramsPerLitre: 50 }, cycle: 1 },
      { areaSquareMetres: 80, apply: { agent: 'hypochlorite', strengthGramsPerLitre: 25 }, cycle: 2 },
    ]);
    const after = stages.findIndex((stage) => stage.apply);
    expect(stages[after + 1]).toMatchObject({ kind: 'rinse', areaSquareMetres: 0.6, tool: 'garden-hose' });
    expect(stages.flatMap(({ kind, checks }) => (kind === 'wash' ? checks : [])).join(' ')).toMatch(
      /Fast past the door/,
    );
    expect(mixes).toBe(2);
  });

  it.each([
    [
      'on the wall that stands on the floor',
      { beside: [] },
      { wall: { beside: ['door'], drainsOnto: ['yard'] } },
      0.6,
    ],
    [
      'for each of several doors, wider at roller doors',
      { beside: ['door', 'shutter'] },
      { features: [DOOR, SHUTTER] },
      3.1,
    ],
    ['never more than there is', { size: '0.5x0.8' }, {}, 0.4],
  ])('counts doors %s', (_, floor, more, squareMetres) => {
    const [strip] = strips(floor, more).applied;
    expect(strip?.areaSquareMetres).toBe(squareMetres);
    expect(strip?.apply?.strengthGramsPerLitre).toBe(50);
  });

  it.each([
    ['without a door', { beside: [] }, {}],
    ['where growth is little', { findings: [{ contaminant: 'green-algae', severity: 2 }] }, {}],
    ['where the company works without', {}, { house: { schools: { 'door-strip': 'as-the-rest' } } }],
    [
      'beside planting',
      { beside: ['door', 'bed'] },
      { features: [DOOR, { id: 'bed', name: 'Bed', kind: 'plant-bed' }] },
    ],
    [
      'beside a bare metal frame',
      { beside: ['door', 'frame'] },
      { features: [DOOR, { id: 'frame', name: 'Frame', kind: 'bare-metal' }] },
    ],
  ])('is as the rest %s', (_, floor, more) => {
    const { applied } = strips(floor, more);
    expect(applied.map(({ areaSquareMetres }) => areaSquareMetres)).not.toContain(0.6);
    expect(applied.every(({ apply }) => (apply?.strengthGramsPerLitre ?? 0) < 50)).toBe(true);
  });
});
