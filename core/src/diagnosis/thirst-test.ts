import type { QuickTest } from '../catalogue/look-alike.ts';
import { MATERIALS } from '../catalogue/data/materials.ts';
import type { Finish } from '../catalogue/material.ts';
import { THIRST_TEST } from '../survey/surface-test.ts';
import { THIRST_CLASSES, dropSeconds, thirstClassOf } from '../survey/thirst.ts';

/** How probable it is that a drop falls into the class of the material, the next one, one further on, and so forth. */
const BY_DISTANCE: readonly number[] = [0.7, 0.22, 0.06, 0.015, 0.005];

/** The drop of water, timed, as a test between materials: how probable each class is follows from their thirst. */
export function thirstTest(finish: Finish): QuickTest {
  return TESTS[finish];
}

function made(finish: Finish): QuickTest {
  return {
    id: THIRST_TEST,
    name: 'Time a drop of water',
    how: 'A drop on a clean dry spot; how long until it is gone?',
    needs: ['water', 'watch'],
    minutes: 5,
    agentClass: null,
    never: null,
    outcomes: THIRST_CLASSES.map(({ id, name }) => ({ id, text: name })),
    likelihood: Object.fromEntries(MATERIALS.map((m) => [m.id, rowOf(m.sorptivity[finish])])),
    source: 'order of published water absorption coefficients, EN ISO 15148; spread a trade default',
  };
}

function rowOf(sorptivity: number): readonly number[] {
  const own = THIRST_CLASSES.indexOf(thirstClassOf(dropSeconds(sorptivity)));
  const weights = THIRST_CLASSES.map((_, i) => BY_DISTANCE[Math.abs(i - own)] ?? 0);
  const sum = weights.reduce((a, b) => a + b, 0);
  return weights.map((w) => w / sum);
}

const TESTS: Readonly<Record<Finish, QuickTest>> = {
  bare: made('bare'),
  painted: made('painted'),
  sealed: made('sealed'),
};
