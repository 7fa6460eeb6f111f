import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { openQuestions } from './open-questions.ts';

const TAP = { id: 'tap', name: 'Tap', flowLitresPerMinute: 12 };

interface Case {
  readonly site?: Record<string, unknown>;
  readonly wall?: Record<string, unknown>;
  readonly sides?: readonly object[];
  /** Further surfaces. */
  readonly more?: readonly object[];
}

/** A floor that is worked on, with water, so that nothing is open but what the case adds. */
const questions = ({ site = {}, wall = {}, sides = [], more = [] }: Case) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    sides,
    site: { waterPoints: [TAP], ...site },
    surfaces: [
      {
        id: 'yard',
        name: 'Yard',
        band: 'floor',
        material: 'concrete',
        size: '4x3',
        findings: [{ contaminant: 'moss', severity: 2 }],
        ...wall,
      },
      ...more,
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return openQuestions(faced(reading.survey));
};
const feature = (more: Record<string, unknown>) => ({
  site: { features: [{ id: 'f', name: 'It', ...more }] },
});
const reached = { drainsOnto: ['f'] };
const leftOut = { inScope: false, scopeReason: 'later' };

describe('every question is asked where it must be, and not where it need not', () => {
  it('a floor with water and nothing around it leaves nothing open', () => {
    expect(questions({})).toEqual([]);
  });

  it.each<[string, 'blocks' | 'asks', Case, Case]>([
    ['water-point', 'blocks', { site: { waterPoints: [] } }, {}],
    ['water-flow', 'asks', { site: { waterPoints: [{ id: 'tap', name: 'Tap' }] } }, {}],
    [
      'water-permission',
      'asks',
      { site: { waterPoints: [{ ...TAP, kind: 'hydrant', permission: 'asked' }] } },
      { site: { waterPoints: [{ ...TAP, kind: 'hydrant', permission: 'granted' }] } },
    ],
    [
      'drain-destination',
      'blocks',
      { ...feature({ kind: 'drain' }), wall: reached },
      { ...feature({ kind: 'drain', leadsTo: 'foul-sewer' }), wall: reached },
    ],
    [
      'drain-destination',
      'asks',
      feature({ kind: 'drain' }),
      feature({ kind: 'drain', leadsTo: 'soakaway' }),
    ],
    [
      'drain-state',
      'asks',
      feature({ kind: 'drain', leadsTo: 'soakaway', state: 'slow' }),
      feature({ kind: 'drain', leadsTo: 'soakaway', state: 'runs' }),
    ],
    [
      'cellar-drain',
      'blocks',
      { ...feature({ kind: 'cellar-drain', leadsTo: 'foul-sewer' }), wall: reached },
      { ...feature({ kind: 'cellar-drain', leadsTo: 'foul-sewer', state: 'runs' }), wall: reached },
    ],
    [
      'electrics-weatherproof',
      'asks',
      feature({ kind: 'electrics' }),
      feature({ kind: 'electrics', weatherproof: 'yes', isolated: 'yes' }),
    ],
    [
      'electrics-weatherproof',
      'asks',
      feature({ kind: 'electrical-panel', weatherproof: 'yes' }),
      feature({ kind: 'electrical-panel', weatherproof: 'yes', isolated: 'yes' }),
    ],
    [
      'electrics-weatherproof',
      'blocks',
      { ...feature({ kind: 'lamp', weatherproof: 'yes', isolated: 'no' }), wall: reached },
      { ...feature({ kind: 'lamp', weatherproof: 'yes', isolated: 'yes' }), wall: reached },
    ],
    [
      'panel-kind',
      'blocks',
      { ...feature({ kind: 'panel' }), wall: reached },
      { ...feature({ kind: 'solar-panel' }), wall: reached },
    ],
    ['panel-kind', 'asks', feature({ kind: 'panel' }), feature({ kind: 'solar-panel' })],
    [
      'behind',
      'blocks',
      { ...feature({ kind: 'gap' }), wall: reached },
      { ...feature({ kind: 'gap', behind: 'a bare cellar' }), wall: reached },
    ],
    [
      'nest',
      'blocks',
      { ...feature({ kind: 'nest' }), wall: reached },
      { ...feature({ kind: 'nest', occupied: 'no' }), wall: reached },
    ],
    ['material-unsure', 'asks', { wall: { unsureBetween: ['limestone'] } }, {}],
    [
      'height',
      'blocks',
      { wall: { band: 'roof', tiltDegrees: 30, topMetres: 0 } },
      { wall: { band: 'roof', tiltDegrees: 30, topMetres: 5, footMetres: 3 } },
    ],
    [
      'aspect',
      'asks',
      { sides: [{ id: 's', name: 'Back', aspectDegrees: null }], wall: { side: 's' } },
      { sides: [{ id: 's', name: 'Back', aspectDegrees: 90 }], wall: { side: 's' } },
    ],
    [
      'windows',
      'asks',
      { wall: { band: 'wall', size: '4x3 - 1x1' } },
      // A retaining wall has nothing that opens.
      { wall: { band: 'wall' } },
    ],
    [
      'finding-doubtful',
      'asks',
      { wall: { findings: [{ contaminant: 'mildew', severity: 2, confidence: 0.5 }] } },
      { wall: { findings: [{ contaminant: 'mildew', severity: 2, confidence: 0.9 }] } },
    ],
    [
      'mark-undecided',
      'asks',
      { site: { waterPoints: [TAP], marks: [{ id: 'm', surface: 'yard', lookAlike: 'tag' }] } },
      {},
    ],
    [
      'precondition',
      'asks',
      { site: { waterPoints: [TAP], preconditions: [{ id: 'p', what: 'Cars away', who: 'the porter' }] } },
      {
        site: {
          waterPoints: [TAP],
          preconditions: [{ id: 'p', what: 'Cars away', who: 'the porter', met: true }],
        },
      },
    ],
  ])('%s %s', (rule, how, open, closed) => {
    const withWater = (of: Case): Case => ({ ...of, site: { waterPoints: [TAP], ...of.site } });
    expect(
      questions(withWater(open))
        .filter((q) => q.rule === rule)
        .map((q) => q.blocking),
    ).toEqual([how === 'blocks']);
    expect(questions(withWater(closed)).map((q) => q.rule)).not.toContain(rule);
  });

  it('asks nothing of heights, sides and windows where nothing is worked on', () => {
    expect(questions({ wall: { band: 'roof', tiltDegrees: 30, topMetres: 0, ...leftOut } })).toEqual([]);
  });
});

describe('a doubtful finding', () => {
  it('has the test that tells it from what looks like it', () => {
    const wall = { findings: [{ contaminant: 'mildew', severity: 3, confidence: 0.5 }] };
    expect(questions({ wall }).map((q) => q.text)).toEqual([
      'Is it really mildew on Yard? Test before the day: look where it lies.',
    ]);
    // On limestone the dab would leave its salts: the next test that leaves nothing.
    const [stone] = questions({ wall: { ...wall, material: 'limestone' } });
    expect(stone?.text).toMatch(
      /^Is it really mildew on Yard\? Test before the day: (?!dab of hypochlorite)/,
    );
  });
});

describe('an answer in words', () => {
  const asked = (answers: Record<string, string>) =>
    questions({
      site: { waterPoints: [TAP], answers, features: [{ id: 'f', name: 'Vent', kind: 'gap' }] },
      wall: { band: 'wall' },
    }).map((q) => q.rule);

  it('closes its question, for one thing or for all of a kind', () => {
    expect(asked({})).toEqual(['behind', 'windows']);
    expect(asked({ windows: 'The warden shuts them at seven' })).toEqual(['behind']);
    expect(asked({ 'behind f': 'a bare cellar' })).toEqual(['windows']);
    expect(asked({ behind: 'bare cellars' })).toEqual(['windows']);
  });

  it('of blanks is none', () => {
    expect(asked({ windows: '  ' })).toContain('windows');
  });
});

describe('electrics', () => {
  const electrics = (detail: object, more: Case = {}) =>
    questions({
      ...more,
      site: {
        waterPoints: [TAP],
        answers: { 'electrics-weatherproof f': 'yes' },
        features: [{ id: 'f', name: 'Socket', kind: 'electrics', ...detail }],
      },
    }).filter((q) => q.about === 'f');

  it('are safe by their fields alone: no words close the question, and what is unsafe is told', () => {
    expect(electrics({}).map((q) => q.typed?.map((t) => t.field))).toEqual([['weatherproof', 'isolated']]);
    expect(electrics({ weatherproof: 'yes', isolated: 'yes' })).toEqual([]);
    expect(electrics({ weatherproof: 'no', isolated: 'no' })[0]?.text).toBe(
      'Socket is neither weatherproof nor isolated: have a competent person make it safe, or leave out the work that would wet it.',
    );
  });

  it('block where water comes to them by any way', () => {
    const far = {
      id: 'steps',
      name: 'Steps',
      material: 'concrete',
      size: '2x2',
      findings: [],
      drainsOnto: ['f'],
    };
    expect(
      electrics({}, { wall: { drainsOnto: ['steps'] }, more: [{ ...far }] }).map((q) => q.blocking),
    ).toEqual([true]);
  });

  it('may be a panel of unknown kind: that is asked first', () => {
    expect(
      electrics({ kind: 'panel' }).map((q) => [q.rule, q.typed?.[0]?.options.map((o) => o.value)]),
    ).toEqual([['panel-kind', ['electrical-panel', 'solar-panel']]]);
  });
});
