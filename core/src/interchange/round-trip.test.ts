import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { ENTITY_KINDS } from '../survey/survey.ts';
import { allowedBy, without } from '../test/arbitrary-files.ts';
import { jobFileOf, readJobFile } from './job-file.ts';
import type { JobFileReading } from './job-file.ts';
import { jobFileSchema } from './job-file-schema.ts';

type Entry = Record<string, unknown>;

const FEATURES = ['f0', 'f1', 'f2'];
const toFeatures = fc.subarray(FEATURES);
const ABOUT = { reason: 'as we do it', by: 'Ida', at: '2026-05-04T08:00:00.000Z' };
/** Of the company: its own rules on what goes with what are tested where they stand. */
const HANDBOOKS = [
  {},
  { materials: [{ id: 'own-lake-stone', name: 'Lake stone', like: 'limestone', ...ABOUT }] },
  {
    overrides: [
      {
        id: 'agent.caustic.coldestCelsius',
        kind: 'agent',
        entry: 'caustic',
        path: 'coldestCelsius',
        value: 8,
        replaced: 5,
        ...ABOUT,
      },
    ],
  },
];
/** What the schema allows, with ids that may be met and figures in the tape language. */
const files = allowedBy(jobFileSchema(), {
  id: fc.constant('replaced'),
  size: fc.constantFrom('', '3x2', '8x3 - 2(1.2x1.4)', "12' x 8'6\"", '4', 'tri 6x3 @30deg', '14 m2'),
  girth: fc.constantFrom('', '0.3'),
  timeZone: fc.constantFrom('Europe/Berlin', 'America/Denver'),
  side: fc.constantFrom('side-0', 'side-1'),
  surface: fc.constantFrom('s0', 's1', 's2'),
  asset: fc.constantFrom(null, { asset: 'a0', part: 'top', fromMetres: 1, toMetres: 2.5 }),
  drainsOnto: toFeatures,
  beside: toFeatures,
  below: toFeatures,
  behind: toFeatures,
  at: fc.constant('2026-05-04T08:00:00.000Z'),
  of: fc.constantFrom('s0', 's1', 'damage-0'),
  answers: fc.constant({}),
  handbook: fc.constantFrom(...HANDBOOKS),
}).map(numbered);

/** Gives every entry its id, so that what names others can name them. */
function numbered(file: unknown): unknown {
  const {
    site = {},
    sides = [],
    surfaces = [],
    choices = [],
    house = {},
  } = file as {
    readonly site?: Readonly<Record<string, Entry[]>>;
    readonly house?: Readonly<Record<string, Entry[]>>;
    readonly sides?: Entry[];
    readonly surfaces?: Entry[];
    readonly choices?: Entry[];
  };
  const number = (entries: readonly Entry[] | undefined, prefix: string) =>
    entries?.forEach((entry, i) => (entry['id'] = `${prefix}${i}`));
  number(sides, 'side-');
  number(choices, 'choice-');
  for (const [list, prefix] of [
    ['waterPoints', 'tap-'],
    ['features', 'f'],
    ['longAssets', 'a'],
    ['damages', 'damage-'],
    ['damagePhotos', 'shown-'],
    ['acknowledgements', 'signed-'],
    ['testPatches', 'patch-'],
    ['photos', 'photo-'],
    ['waivers', 'waiver-'],
    ['preconditions', 'before-'],
  ] as const)
    number(site[list], prefix);
  number(house['crew'], 'crew-');
  number(surfaces, 's');
  surfaces.forEach((surface, i) => {
    const zones = surface['zones'] as Entry[] | undefined;
    number(surface['findings'] as Entry[] | undefined, `s${i}-found-`);
    number(zones, `s${i}-zone-`);
    zones?.forEach((zone, z) => {
      number(zone['findings'] as Entry[] | undefined, `s${i}-zone-${z}-found-`);
    });
  });
  return file;
}

/** The reading of a file after everything was taken out that only code can tell to be wrong. */
function soundReading(made: unknown): Extract<JobFileReading, { ok: true }> {
  let sound = made;
  for (;;) {
    const reading = readJobFile(sound);
    if (reading.ok) return reading;
    // From the end, so that what is taken out does not move what is still to be taken out.
    const next = reading.faults.toReversed().reduce((file, { path }) => without(file, path), sound);
    if (JSON.stringify(next) === JSON.stringify(sound)) throw new Error(JSON.stringify(reading.faults));
    sound = next;
  }
}

describe('job files', () => {
  it('come back as the survey that they were written from, whatever is in it', () => {
    fc.assert(
      fc.property(files, (file) => {
        const { survey } = soundReading(file);
        const again = readJobFile(JSON.parse(JSON.stringify(jobFileOf(survey))));
        expect(again.ok ? again.survey : again.faults).toEqual(survey);
        expect(again.ok && again.assumed).toEqual([]);
      }),
      { numRuns: 60 },
    );
  });

  it('are tried with surveys in which every kind of entry stands', () => {
    const kinds = new Set<string>();
    for (const file of fc.sample(files, { numRuns: 400, seed: 7 }))
      for (const [list, entries] of Object.entries(soundReading(file).survey))
        if (Array.isArray(entries) && entries.length > 0) kinds.add(list);
    expect([...kinds].sort()).toEqual(
      Object.values(ENTITY_KINDS)
        .map(({ list }) => list)
        .sort(),
    );
  });
});
