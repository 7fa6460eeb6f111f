import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { pairFront, soloFront } from './front.ts';
import type { FrontStrips } from './front.ts';
import { pairStrips, soloStrips } from './front-strips.ts';
import type { Span, StripTimes } from './front-strips.ts';

const front = (more: Partial<FrontStrips> = {}): FrontStrips => ({
  strips: 10,
  apply: 1,
  finish: 3,
  from: 10,
  limit: 30,
  mist: null,
  ...more,
});

describe('a front by one person', () => {
  it('applies ahead and finishes behind: k = 1 + ⌈10 ÷ 4⌉ = 4 out, a wait of 7 before and 1 after', () => {
    expect(soloFront(front())).toMatchObject({
      mode: 'eager',
      out: 4,
      firstWait: 7,
      lastWait: 1,
      duration: 48,
      exposure: 23,
    });
  });

  it('begins one strip a period where that would leave the fourth on too long', () => {
    expect(soloFront(front({ limit: 18 }))).toMatchObject({
      mode: 'paced',
      out: 4,
      duration: 52,
      exposure: 16,
    });
  });

  it('takes few strips together', () => {
    expect(soloFront(front({ strips: 3 }))).toMatchObject({ mode: 'together', out: 3, duration: 20 });
    expect(soloFront(front({ strips: 1 }))).toMatchObject({ mode: 'together', out: 1, duration: 14 });
  });

  it('takes them one by one where the limit leaves no room for more', () => {
    expect(soloFront(front({ limit: 14.5 }))).toMatchObject({ mode: 'single', out: 1, duration: 140 });
  });

  it('has no rhythm where one strip alone takes too long', () => {
    expect(soloFront(front({ limit: 13.9 }))).toBeNull();
  });

  it('mists all four strips after every 9 − 4 × 0.2 minutes of work', () => {
    const misted = soloFront(front({ mist: { each: 0.2, window: 9 } }));
    expect(misted).toMatchObject({ mode: 'paced', out: 4 });
    expect(misted?.mist?.workMinutes).toBeCloseTo(8.2);
    expect(misted?.mist?.roundMinutes).toBeCloseTo(0.8);
    // 52 minutes of work, and six rounds before its end.
    expect(misted?.duration).toBeCloseTo(52 + 6 * 0.8);
  });

  it('has no rhythm where misting alone takes all the time', () => {
    expect(soloFront(front({ mist: { each: 3, window: 3 } }))).toBeNull();
    expect(soloFront(front({ mist: { each: 1, window: 3 } }))).toMatchObject({ mode: 'paced', out: 2 });
  });

  it.each([
    [{ strips: 0 }, 'whole strips'],
    [{ strips: 1.5 }, 'whole strips'],
    [{ apply: 0 }, 'above 0'],
    [{ finish: NaN }, 'above 0'],
    [{ from: -1 }, 'above 0'],
    [{ limit: 0 }, 'above 0'],
    [{ mist: { each: 1, window: 0 } }, 'above 0'],
  ])('refuses %j', (more, message) => {
    expect(() => soloFront(front(more))).toThrow(message);
    expect(() => pairFront(front(more))).toThrow(message);
  });
});

describe('a front by a pair', () => {
  it('has the follower k = ⌈11 ÷ 3⌉ = 4 strips behind', () => {
    expect(pairFront(front())).toEqual({
      mode: 'pair',
      apart: 4,
      out: 5,
      duration: 42,
      period: 3,
      lead: 12,
      leaderFree: 28,
      exposure: 15,
      mist: null,
    });
  });

  it('holds where one person alone could not', () => {
    const tight = front({ from: 3, apply: 2, finish: 2, limit: 8 });
    expect(soloFront({ ...tight, limit: 7.5 })).toMatchObject({ mode: 'single' });
    expect(pairFront(tight)).toMatchObject({ apart: 3, exposure: 8 });
  });
});

/** What one person does in a front, read off the strips alone, in order. */
function spans(strips: readonly StripTimes[], of: 'apply' | 'finish' | 'all'): readonly Span[] {
  return strips
    .flatMap(({ apply, finish, mists }) => [
      ...(of === 'finish' ? [] : [...apply, ...mists]),
      ...(of === 'apply' ? [] : finish),
    ])
    .sort((a, b) => a.from - b.from);
}

const isTwice = (done: readonly Span[]) => done.some(({ from }, i) => from < (done[i - 1]?.to ?? 0) - 1e-6);
const first = (list: readonly Span[]) => list[0]?.from ?? NaN;
const end = (list: readonly Span[]) => list.at(-1)?.to ?? NaN;

/** What is wrong with a strip, whatever the formulas say. */
function stripFaults(
  given: FrontStrips,
  { apply, finish, mists }: StripTimes,
  exposure: number,
): readonly string[] {
  const wetted = [end(apply), ...mists.map(({ to }) => to)];
  const gaps = [...mists.map(({ from }) => from), first(finish)].map((next, i) => next - (wetted[i] ?? 0));
  const worked = [apply, finish].map((list) => list.reduce((sum, { from, to }) => sum + to - from, 0));
  const on = end(finish) - first(apply);
  return [
    ...(first(finish) - end(apply) < given.from - 1e-6 ? ['too short'] : []),
    ...(on > exposure + 1e-6 ? ['longer than said'] : []),
    ...(on > given.limit + 1e-6 ? ['too long'] : []),
    ...(given.mist && Math.max(...gaps) > given.mist.window + 1e-6 ? ['dry'] : []),
    ...(Math.abs((worked[0] ?? 0) - given.apply) > 1e-6 ? ['not applied'] : []),
    ...(Math.abs((worked[1] ?? 0) - given.finish) > 1e-6 ? ['not finished'] : []),
  ];
}

const lastFinish = (strips: readonly StripTimes[]) => Math.max(...strips.map((s) => end(s.finish)));
const mistCount = (strips: readonly StripTimes[]) => strips.reduce((sum, { mists }) => sum + mists.length, 0);

const anyFront = fc.record({
  strips: fc.integer({ min: 1, max: 20 }),
  apply: fc.double({ min: 0.2, max: 3, noNaN: true }),
  finish: fc.double({ min: 0.2, max: 8, noNaN: true }),
  from: fc.double({ min: 0, max: 30, noNaN: true }),
  limit: fc.double({ min: 2, max: 90, noNaN: true }),
  mist: fc.option(
    fc.record({
      each: fc.double({ min: 0.05, max: 0.6, noNaN: true }),
      window: fc.double({ min: 2, max: 30, noNaN: true }),
    }),
    { freq: 2 },
  ),
});

/** A quick leader has time for misting beside the application. */
const quickLeader = anyFront.map((given) => ({
  ...given,
  apply: given.apply / 6,
  from: given.from + given.finish,
  limit: 200,
  mist: { each: given.apply / 60, window: given.finish * 1.5 },
}));

describe('any front', () => {
  it('keeps every strip on long enough, not too long, and wet, with one thing done at a time', () => {
    const seen = { together: 0, eager: 0, paced: 0, single: 0, misted: 0 };
    fc.assert(
      fc.property(anyFront, (given) => {
        const solo = soloFront(given);
        if (!solo) return;
        seen[solo.mode] += 1;
        const strips = soloStrips(given, solo);
        if (mistCount(strips) > 0) seen.misted += 1;
        expect(strips).toHaveLength(given.strips);
        expect(strips.flatMap((strip) => stripFaults(given, strip, solo.exposure))).toEqual([]);
        expect(isTwice(spans(strips, 'all'))).toBe(false);
        expect(lastFinish(strips)).toBeCloseTo(solo.duration, 6);
        const wet = strips.map(
          ({ finish: [begins] }) =>
            strips.filter(
              (s) =>
                first(s.apply) < (begins?.from ?? 0) - 1e-6 && end(s.finish) > (begins?.from ?? 0) + 1e-6,
            ).length,
        );
        expect(Math.max(...wet)).toBeLessThanOrEqual(solo.out);
      }),
      { numRuns: 2000 },
    );
    expect(Object.entries(seen).filter(([, count]) => count <= 10)).toEqual([]);
  });

  it('is a front by a pair likewise', () => {
    let [pairs, misted] = [0, 0];
    fc.assert(
      fc.property(fc.oneof(anyFront, quickLeader), (given) => {
        const pair = pairFront(given);
        if (!pair) return;
        pairs += 1;
        const strips = pairStrips(given, pair);
        if (mistCount(strips) > 0) misted += 1;
        expect(strips.flatMap((strip) => stripFaults(given, strip, pair.exposure))).toEqual([]);
        const leads = spans(strips, 'apply');
        expect(isTwice(leads)).toBe(false);
        expect(isTwice(spans(strips, 'finish'))).toBe(false);
        expect(lastFinish(strips)).toBeCloseTo(pair.duration, 6);
        expect(end(leads)).toBeLessThanOrEqual(pair.leaderFree + 1e-6);
      }),
      { numRuns: 2000 },
    );
    expect(pairs).toBeGreaterThan(100);
    expect(misted).toBeGreaterThan(15);
  });

  it('takes no longer for one person than strip after strip, each with its wait', () => {
    fc.assert(
      fc.property(anyFront, (given) => {
        const solo = soloFront(given);
        const alone = given.apply + given.from + given.finish;
        if (given.mist) return;
        if (solo) expect(solo.duration).toBeLessThanOrEqual(given.strips * alone + 1e-6);
        else expect(alone).toBeGreaterThan(given.limit);
      }),
    );
  });
});
