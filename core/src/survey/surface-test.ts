import Joi from 'joi';
import { MATERIAL_TESTS } from '../catalogue/data/material-tests.ts';
import { QUICK_TESTS } from '../catalogue/data/quick-tests.ts';
import { openDateSchema, wordsSchema } from './detail-limits.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

/** How long a drop of water takes to be gone: how thirsty the face is. */
export const ABSORPTION_TEST = 'thirst';
/** A drop that still stands after this time counts as beading, seconds. */
export const LONGEST_DROP_SECONDS = 3600;

/** A small test that was done on a surface, with what came of it. */
export interface SurfaceTest {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly zone: EntityId | null;
  /** The mark whose candidates it tells apart; null where it is about the surface itself. */
  readonly mark: EntityId | null;
  readonly test: string;
  /** One of the test's outcomes; null for a test that gives a figure. */
  readonly outcome: string | null;
  /** Of a thirst test: until the drop was gone; the longest time where it beads. */
  readonly seconds: number | null;
  /** The spot: two agents that oppose each other never share one. */
  readonly where: string;
  readonly doneOn: string | null;
  readonly doneBy: string;
  readonly note: string;
}

const bySurface = new WeakMap<readonly SurfaceTest[], ReadonlyMap<string, readonly SurfaceTest[]>>();

/** The tests on a surface and its zones. */
export function testsOn(tests: readonly SurfaceTest[], surface: string): readonly SurfaceTest[] {
  let index = bySurface.get(tests);
  if (!index) {
    const grouped = new Map<string, SurfaceTest[]>();
    for (const test of tests) grouped.set(test.surface, [...(grouped.get(test.surface) ?? []), test]);
    index = grouped;
    bySurface.set(tests, index);
  }
  return index.get(surface) ?? [];
}

const TESTS = [...QUICK_TESTS, ...MATERIAL_TESTS];
const everyOutcome = [...new Set(TESTS.flatMap((test) => test.outcomes.map((o) => o.id)))];

export const surfaceTestSchema = Joi.object<Omit<SurfaceTest, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  zone: entityIdSchema.allow(null).default(null),
  mark: entityIdSchema.allow(null).default(null),
  test: Joi.valid(ABSORPTION_TEST, ...TESTS.map((t) => t.id)).required(),
  outcome: Joi.valid(...everyOutcome)
    .allow(null)
    .default(null),
  seconds: Joi.number().positive().max(LONGEST_DROP_SECONDS).allow(null).default(null),
  where: wordsSchema,
  doneOn: openDateSchema,
  doneBy: wordsSchema,
  note: wordsSchema,
})
  .custom((test: Pick<SurfaceTest, 'test' | 'outcome' | 'seconds'>, helpers) => {
    const outcomes = TESTS.find((t) => t.id === test.test)?.outcomes.map((o) => o.id) ?? [];
    if (test.test === ABSORPTION_TEST)
      return test.outcome === null && test.seconds !== null ? test : helpers.error('thirst.seconds');
    return test.outcome === null || outcomes.includes(test.outcome)
      ? test
      : helpers.error('test.outcome', { ...test, allowed: outcomes.join(', ') });
  })
  .messages({
    'thirst.seconds': '{#label} times a drop of water: it needs seconds, and no outcome',
    'test.outcome': '{#label}: {#test} has no outcome {#outcome}; it has {#allowed}',
  });
