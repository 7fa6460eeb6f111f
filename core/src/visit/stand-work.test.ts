import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import { faceReaches } from '../readiness/face-reach.ts';
import { scheduleViolations } from '../sequence/check.ts';
import type { Placement } from '../sequence/problem.ts';
import type { Survey } from '../survey/survey.ts';
import { surveyOf } from '../test/demo-survey.ts';
import { randomProperty } from '../test/random-property.ts';
import { standLegs } from './stand-legs.ts';
import type { PlannedOperation } from './work-builder.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const BY = {
  tower: { longestPoleMetres: null, ladderMetres: null, tower: { baseMetres: 0.5, platformMetres: 12 } },
  lift: { longestPoleMetres: null, ladderMetres: null, lift: { baseMetres: 0.5, platformMetres: 12 } },
  ladder: { longestPoleMetres: null, ladderMetres: 9 },
};

function upBy(kind: keyof typeof BY, seed: number, people: number): Survey {
  const survey = surveyOf(randomProperty(seed));
  const { house } = survey.job;
  const sides = survey.sides.map((side) => ({ ...side, gapMetres: 3 }));
  const crew = ['a', 'b', 'c'].slice(0, people).map((id) => ({ id, name: id, tickets: ['Mobile towers'] }));
  const gear = { ...house.gear, ...BY[kind] };
  return {
    ...survey,
    sides,
    job: { ...survey.job, visit: 1, house: { ...house, crew, gear, dayHours: 24 } },
  };
}

interface Done extends Placement {
  readonly planned: PlannedOperation;
}

/** What is done by the clock, in the order of time. */
function doneIn(made: Plan): readonly Done[] {
  const planned = new Map(made.work.planned.map((own) => [own.id, own]));
  return (made.visit?.schedule.placements ?? [])
    .map((placed) => {
      const own = planned.get(placed.operation);
      if (!own) throw new Error(`${placed.operation} is nothing`);
      return { ...placed, planned: own };
    })
    .sort((a, b) => a.start - b.start || a.finish - b.finish);
}

/** Of what is worked on faces that something brings people up to. */
const workOn = (done: readonly Done[], faces: ReadonlySet<string>) =>
  done.filter(
    ({ planned: { task, parts } }) =>
      task !== 'mix' &&
      task !== 'foot-rinse' &&
      task !== 'stand' &&
      parts.some(({ surface }) => faces.has(surface)),
  );

const actsIn = (done: readonly Done[], helps: boolean) =>
  done.filter(({ planned }) => planned.standing?.helps === helps && planned.standing.act !== 'ladder-foot');

const reached = (made: Plan, survey: Survey, is: 'tower' | 'lift' | 'footed') =>
  new Set(
    faceReaches(made.surfaces, survey).flatMap(({ surface, lifting, footed }) =>
      (is === 'footed' ? footed : lifting === is) ? [surface] : [],
    ),
  );

function made(survey: Survey): Plan {
  const own = plan(survey, OPTIONS);
  expect(own.warnings.filter(({ rule }) => rule === 'no-sequence')).toEqual([]);
  if (own.visit) expect(scheduleViolations(own.work.problem, own.visit.schedule)).toEqual([]);
  return own;
}

describe('what people stand on', () => {
  it.each(['tower', 'lift'] as const)('a %s stands by the clock where people work from it', (kind) => {
    let worked = 0;
    let moves = 0;
    for (let seed = 1; seed <= 40; seed += 1) {
      const survey = upBy(kind, seed, 1 + (seed % 3));
      const own = made(survey);
      const done = doneIn(own);
      const faces = reached(own, survey, kind);
      const leading = actsIn(done, false);
      for (const { start, finish, planned } of workOn(done, faces)) {
        worked += 1;
        const last = leading.findLast((act) => act.finish <= start);
        const surfaces = planned.parts.map(({ surface }) => surface);
        expect(surfaces).toContain(last?.planned.parts[0]?.surface);
        expect(leading.filter((act) => act.start < finish && act.finish > start)).toEqual([]);
      }
      moves += leading.length;
      if (kind === 'lift' || leading.length === 0) continue;
      expect(leading.map(({ planned }) => planned.standing?.act)).toEqual([
        'tower-up',
        ...leading.slice(2).map(() => 'tower-move'),
        'tower-down',
      ]);
      const helping = actsIn(done, true);
      expect(helping.map(({ start, finish }) => [start, finish])).toEqual(
        survey.job.house.crew.length > 1 ? leading.map(({ start, finish }) => [start, finish]) : [],
      );
      helping.forEach(({ person }, i) => expect(person).not.toBe(leading[i]?.person));
      const isAlone = own.warnings.some(({ rule }) => rule === 'stand-alone');
      expect(isAlone).toBe(survey.job.house.crew.length === 1);
    }
    expect([worked > 30, moves > 20]).toEqual([true, true]);
  });

  it('somebody else foots a ladder for as long as anybody is on it', () => {
    let footed = 0;
    for (let seed = 1; seed <= 40; seed += 1) {
      const survey = upBy('ladder', seed, 1 + (seed % 3));
      const own = made(survey);
      const done = doneIn(own);
      const faces = reached(own, survey, 'footed');
      const isHelped = survey.job.house.crew.length > 1;
      const footing = done.filter(({ planned }) => planned.standing?.act === 'ladder-foot');
      for (const { operation, start, finish, person } of workOn(done, faces)) {
        const at = footing.filter((other) => other.start === start && other.finish === finish);
        const mates = at.filter((other) => other.operation === `${operation}.foot`);
        expect(mates).toHaveLength(isHelped ? 1 : 0);
        for (const mate of mates) expect(mate.person).not.toBe(person);
        footed += mates.length;
      }
      expect(own.warnings.some(({ rule }) => rule === 'stand-alone')).toBe(
        !isHelped && workOn(done, faces).length > 0,
      );
    }
    expect(footed).toBeGreaterThan(30);
  });
});

describe('the faces that a tower comes to', () => {
  const legs = (
    faces: Readonly<Record<string, readonly string[]>>,
    lags: readonly (readonly [string, string])[],
  ) =>
    standLegs(
      ['mix', ...Object.values(faces).flat()].map((id) => ({ id, cluster: id })),
      lags.map(([from, to]) => ({ from, to })),
      Object.entries(faces).map(([face, operations]) => ({ face, operations })),
    ).map(({ face, operations }) => `${face}: ${operations.join(' ')}`);

  it('follow each other in walking order, each worked off before the next', () => {
    expect(
      legs({ gable: ['g1', 'g2'], front: ['f1'] }, [
        ['mix', 'g1'],
        ['g1', 'g2'],
      ]),
    ).toEqual(['gable: g1 g2', 'front: f1']);
  });

  it('are come to again only for what waits for another face', () => {
    expect(
      legs({ gable: ['g1', 'g2'], front: ['f1', 'f2'] }, [
        ['f1', 'g2'],
        ['g1', 'g2'],
      ]),
    ).toEqual(['gable: g1', 'front: f1 f2', 'gable: g2']);
  });

  it('are none where nothing is done from it, and all where what was fixed is a circle', () => {
    expect(legs({ gable: [] }, [])).toEqual([]);
    expect(
      legs({ gable: ['g1'], front: ['f1'] }, [
        ['f1', 'g1'],
        ['g1', 'f1'],
      ]),
    ).toHaveLength(2);
  });
});
