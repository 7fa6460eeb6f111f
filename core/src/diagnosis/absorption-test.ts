import type { Catalogue } from '../catalogue/catalogue.ts';
import type { QuickTest } from '../catalogue/look-alike.ts';
import type { Finish } from '../catalogue/material.ts';
import { ABSORPTION_TEST } from '../survey/surface-test.ts';
import { ABSORPTION_CLASSES, dropSeconds, absorptionClassOf } from '../survey/water-absorption.ts';

/** How probable it is that a drop falls into the class of the material, the next one, one further on, and so forth. */
const BY_DISTANCE: readonly number[] = [0.7, 0.22, 0.06, 0.015, 0.005];

const testsOf = new WeakMap<Catalogue['materials'], Map<Finish, QuickTest>>();

/** The drop of water, timed, as a test between materials: how probable each class is follows from how fast each takes water. */
export function absorptionTest(finish: Finish, { materials }: Pick<Catalogue, 'materials'>): QuickTest {
  const tests = testsOf.get(materials) ?? new Map<Finish, QuickTest>();
  testsOf.set(materials, tests);
  const test = tests.get(finish) ?? testOf(finish, materials);
  tests.set(finish, test);
  return test;
}

function testOf(finish: Finish, materials: Catalogue['materials']): QuickTest {
  return {
    id: ABSORPTION_TEST,
    name: 'Time a drop of water',
    how: 'A drop on a clean dry spot; how long until it is gone?',
    needs: ['water', 'watch'],
    minutes: 5,
    agentClass: null,
    never: null,
    outcomes: ABSORPTION_CLASSES.map(({ id, name }) => ({ id, text: name })),
    likelihood: Object.fromEntries(materials.map((m) => [m.id, rowOf(m.sorptivity[finish])])),
    source: 'order of published water absorption coefficients, EN ISO 15148; spread a trade default',
  };
}

function rowOf(sorptivity: number): readonly number[] {
  const own = ABSORPTION_CLASSES.indexOf(absorptionClassOf(dropSeconds(sorptivity)));
  const weights = ABSORPTION_CLASSES.map((_, i) => BY_DISTANCE[Math.abs(i - own)] ?? 0);
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / sum);
}
