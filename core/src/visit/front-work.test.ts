import { describe, expect, it } from '@jest/globals';
import { planOf, surveyWith } from '../test/provided-job.ts';
import type { CycleFront } from '../wetting/cycle-front.ts';
import { soloFront } from '../wetting/front.ts';
import type { FrontStrips } from '../wetting/front.ts';
import { frontWork } from './front-work.ts';
import { WorkBuilder } from './work-builder.ts';

/** A wall that is treated, with its front worked otherwise: left alone for its first dwell. */
function leftAlone(strips: FrontStrips): WorkBuilder {
  const cycle = planOf(surveyWith()).surfaces.flatMap((p) => p.cycles.filter((c) => c.front !== null))[0];
  const front = soloFront(strips);
  if (!cycle?.front || !front) throw new Error('no front');
  const piece = { strips: strips.strips, front, leftAlone: true, minutes: front.duration };
  const left: CycleFront = {
    ...cycle.front,
    strips,
    stripCount: strips.strips,
    soakMinutes: 0,
    mistsEach: 0,
    pieces: [piece],
  };
  const builder = new WorkBuilder('metric');
  frontWork(builder, cycle, left, 'north');
  return builder;
}

describe('a front that is left alone', () => {
  const strips: FrontStrips = { strips: 8, apply: 1, finish: 5, from: 10, limit: 60, mist: null };

  it('keeps the sprayer for the strips that are still to be applied, and somebody looks at it', () => {
    const { operations, holds, watches, lags } = leftAlone(strips);
    const [head, body] = operations;
    expect(operations).toHaveLength(2);
    expect(watches).toEqual([{ from: head?.id, to: body?.id, zone: 'north' }]);
    expect(holds).toEqual([{ from: head?.id, to: body?.id, machine: 'sprayer' }]);
    // Three strips are out; the first waits for the rest of its ten minutes, and as long as the limit lets it.
    expect(head?.seconds).toBe(3 * 60);
    expect(lags[0]).toMatchObject({ anchor: 'finish', minSeconds: 8 * 60, rule: 'dwell' });
    expect(lags[0]?.maxSeconds).toBeGreaterThan(8 * 60);
  });

  it('leaves the sprayer to others where all is applied', () => {
    const { holds, watches } = leftAlone({ ...strips, strips: 2 });
    expect([watches.length, holds.length]).toEqual([1, 0]);
  });

  it('begins with the tools of its application and ends with those of its rinse', () => {
    const [head, body] = leftAlone(strips).operations;
    expect(head?.begins.tool).toBe(head?.ends.tool);
    expect(body?.ends.tool).not.toBe(head?.ends.tool);
    expect([head?.begins.place, body?.ends.place]).toEqual(['north', 'north']);
    expect(head?.ends.mix).toBe(body?.begins.mix);
  });
});

describe('a slope that is longer than one goes at once', () => {
  const work = (tiltDegrees: number) => {
    const roof = {
      id: 'roof',
      material: 'concrete-roof-tile',
      finish: 'bare',
      side: 'north',
      band: 'roof',
      tiltDegrees,
      footMetres: 3,
      topMetres: 8,
      size: '10x9',
      schools: { roofs: 'hypochlorite-and-rinse' },
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    };
    const pole = { house: { gear: { longestPoleMetres: 12 } } };
    return planOf(surveyWith({ surfaces: [roof], ...pole })).work;
  };

  it('is rinsed clear in the end, after all of its strips', () => {
    const { planned, problem } = work(35);
    const [rinse] = planned.filter(({ task }) => task === 'clear-rinse');
    expect(rinse?.areaSquareMetres).toBe(90);
    const before = problem.lags.filter(({ to }) => to === rinse?.id).map(({ from }) => from);
    const fronts = planned.filter(({ task }) => task === 'front' || task === 'finish').map(({ id }) => id);
    expect(fronts.length).toBeGreaterThan(0);
    expect(new Set(before)).toEqual(new Set(fronts));
  });

  it('is not where its strips stand side by side', () => {
    expect(work(90).planned.some(({ task }) => task === 'clear-rinse')).toBe(false);
  });
});
