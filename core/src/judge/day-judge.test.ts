import { describe, expect, it } from '@jest/globals';
import type { LogEntry } from './day-log.ts';
import { face, place, entry, treatment, rules } from '../test/judged-log.ts';

describe('a day by the clock', () => {
  const soft = (surface: string, at: number, more: Partial<LogEntry> = {}) =>
    treatment(surface, 'neutral-detergent', at, 0, {
      dwell: { leastSeconds: 300, mostSeconds: 900, strips: 1 },
      ...more,
    });
  const wall = face('wall', { drainsOnto: ['path'] });
  const path = face('path', { band: 'floor', tiltDegrees: 0, topMetres: 0 });
  const moved = (log: readonly LogEntry[], wanted: (e: LogEntry) => boolean, minutes: number) =>
    log.map((e) => (wanted(e) ? { ...e, from: e.from + 60 * minutes, to: e.to + 60 * minutes } : e));

  it('is sound as it is', () => {
    expect(rules([...soft('wall', 0), ...soft('path', 40)], place([wall, path]))).toEqual([]);
  });

  it('lets no rinse run onto what is being treated below', () => {
    const log = [...soft('wall', 0), ...soft('path', 40)];
    const late = moved(log, (e) => e.surfaces[0] === 'wall' && e.act === 'rinse' && e.step === 4, 20).map(
      (e) => ({ ...e, people: [String(e.from)] }),
    );
    expect(rules(late, place([wall, path]))).toContain('run-down');
    expect(rules(late, place([{ ...wall, drainsOnto: ['x'] }, path]))).not.toContain('run-down');
  });

  it('keeps stages in their order, and each dwell within its bounds', () => {
    const log = soft('wall', 0);
    const on = place([wall, path]);
    expect(
      rules(
        moved(log, (e) => e.step === 4, -20),
        on,
      ),
    ).toContain('chain');
    expect(
      rules(
        moved(log, (e) => e.step === 2, -4),
        on,
      ),
    ).toContain('dwell');
    expect(
      rules(
        moved(log, (e) => e.step === 2, 9),
        on,
      ),
    ).toContain('dwell');
  });

  it('is worked with mixes that somebody has made, not too long before', () => {
    const log = treatment('wall', 'percarbonate', 0);
    const on = place([wall, path]);
    expect(rules(log, on)).toEqual([]);
    expect(
      rules(
        log.filter((e) => e.act !== 'mix'),
        on,
      ),
    ).toContain('mix');
    expect(
      rules(
        moved(log, (e) => e.act !== 'mix', 5 * 60),
        on,
      ),
    ).toContain('mix');
  });

  it('has nobody in two places, and nobody below work overhead', () => {
    const roof = face('roof', { band: 'roof', topMetres: 8, drainsOnto: ['path'] });
    const log = [entry(0, 10, 'roof', 'clear', { step: 0 }), entry(5, 10, 'path', 'clear', { step: 0 })];
    expect(rules(log, place([roof, path]))).toEqual(['two-places']);
    const two = log.map((e) => ({ ...e, people: [e.surfaces[0] ?? ''] }));
    expect(rules(two, place([roof, path]))).toEqual(['below']);
    expect(rules(two, place([{ ...roof, topMetres: 2 }, path]))).toEqual([]);
  });
});

describe('what must stay dry', () => {
  const biocide = (surface: string, at: number) =>
    entry(at, 10, surface, 'apply', {
      agent: 'quaternary-biocide',
      method: 'leave-on-biocide',
      step: 0,
      mix: 'q',
    });
  const mixed = entry(0, 2, 'wall', 'mix', { agent: 'quaternary-biocide', mix: 'q' });
  const wall = face('wall');
  const roof = face('roof', { drainsOnto: ['wall'] });
  const on = place([roof, wall]);

  it('is wetted by nothing on the day, before or after, on it, above it or beside it', () => {
    expect(rules([mixed, biocide('wall', 10)], on)).toEqual([]);
    for (const minute of [4, 30])
      expect(rules([mixed, biocide('wall', 10), entry(minute, 4, 'roof', 'rinse')], on)).toEqual(['dry']);
    expect(rules([mixed, biocide('wall', 10), entry(30, 4, 'wall', 'rinse')], on)).toEqual(['dry']);
    expect(rules([mixed, biocide('wall', 10), entry(30, 4, 'roof', 'clear')], on)).toEqual([]);
    expect(
      rules([mixed, biocide('wall', 10), entry(30, 4, 'roof', 'rinse')], place([face('roof'), wall])),
    ).toEqual([]);
  });

  it('comes so many days after anything wet as its method asks for', () => {
    const fill = entry(5, 10, 'wall', 'fill', { method: 'fill-dry-sand', step: 0 });
    const after = (daysBefore: number) => ({
      ...on,
      earlier: [{ daysBefore, surface: 'roof', act: 'rinse' as const }],
    });
    expect(rules([fill], after(1))).toEqual(['dry']);
    expect(rules([fill], after(2))).toEqual([]);
  });

  it('may be misted by its own method, as stabilised sand is, and by no other', () => {
    const fill = entry(5, 10, 'wall', 'fill', { method: 'fill-stabilised-sand', step: 0 });
    const mist = (method: string) => entry(16, 5, 'wall', 'rinse', { method, step: 1 });
    expect(rules([fill, mist('fill-stabilised-sand')], on)).toEqual([]);
    expect(rules([fill, mist('paving-wash')], on)).toEqual(['dry']);
  });
});
