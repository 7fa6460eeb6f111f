import {
  CATALOGUE,
  ABSORPTION_TEST,
  catalogueFaults,
  handbookValues,
  companyCatalogue,
  markDiagnosis,
  materialCard,
  materialDiagnosis,
  overrideId,
  quickTestById,
} from '@etappe/core';
import { MANY_SURFACES, demoFile, soundSurvey } from './properties.ts';
import { spread, timed } from './times.ts';
import type { Row } from './times.ts';

function of<T>(list: readonly T[], i: number): T {
  const entry = list[i % list.length];
  if (entry === undefined) throw new Error('an empty list');
  return entry;
}

/** Every look-alike and every unsure material of a large survey, with tests done on each. */
export async function diagnosisRow(): Promise<Row> {
  const base = demoFile('hill-observatory');
  const groups = CATALOGUE.lookAlikes;
  const surfaces = Array.from({ length: MANY_SURFACES }, (_, i) => ({
    ...of(base.surfaces, 0),
    id: `wall-${i}`,
    drainsOnto: [],
    beside: [],
    unsureBetween: ['limestone', 'concrete'],
    zones: [],
    findings: [],
  }));
  const marks = surfaces.map((s, i) => ({
    id: `mark-${i}`,
    surface: s.id,
    lookAlike: of(groups, i).id,
  }));
  const tests = marks.flatMap((mark, i) => {
    const test = quickTestById(of(of(groups, i).tests, 0));
    return [
      {
        id: `test-${i}`,
        surface: mark.surface,
        mark: mark.id,
        test: test.id,
        outcome: of(test.outcomes, 0).id,
      },
      { id: `drop-${i}`, surface: mark.surface, test: ABSORPTION_TEST, seconds: 40 },
    ];
  });
  const survey = soundSurvey({
    ...base,
    surfaces,
    choices: [],
    site: { features: base.site.features, waterPoints: base.site.waterPoints, marks, tests },
  });
  const times = await timed(15, () => {
    for (const mark of survey.marks) markDiagnosis(mark, survey);
    for (const surface of survey.surfaces) materialDiagnosis(surface, survey);
  });
  return [
    `diagnosis of ${MANY_SURFACES} surfaces, each with a mark and an unsure material, in the core`,
    '50 ms',
    spread(times),
  ];
}

/** The check of the whole catalogue, and every limit on every material in every finish under every stage. */
export async function catalogueRows(): Promise<Row[]> {
  const checks = await timed(15, () => {
    if (catalogueFaults(CATALOGUE).length > 0) throw new Error('the catalogue is faulty');
  });
  const finished = CATALOGUE.materials.flatMap(({ id, finishes }) =>
    finishes.map((finish) => ({ id, finish })),
  );
  const judged = await timed(15, () => {
    for (let i = 0; i < MANY_SURFACES; i += 1) {
      const { id, finish } = of(finished, i);
      materialCard(id, CATALOGUE, finish);
    }
  });
  // Every value of every fourth material, each time as one that was never seen.
  const overrides = CATALOGUE.materials
    .filter((_, i) => i % 4 === 0)
    .flatMap(({ id }) =>
      handbookValues('material', id, CATALOGUE).map(({ path, shipped }) => ({
        id: overrideId({ kind: 'material', entry: id, path }),
        kind: 'material' as const,
        entry: id,
        path,
        value: shipped,
        replaced: shipped,
        by: 'Bench',
        at: '2026-05-04T08:00:00Z',
      })),
    );
  let round = 0;
  const houses = await timed(15, () => {
    round += 1;
    companyCatalogue({
      overrides: overrides.map((o) => ({ ...o, reason: String(round) })),
      products: [],
      materials: [],
      methods: [],
      lots: [],
    });
  });
  const { materials, contaminants, agents, tools, limits, methods } = CATALOGUE;
  const entries = [materials, contaminants, agents, tools, limits, methods].reduce(
    (sum, l) => sum + l.length,
    0,
  );
  return [
    [`the catalogue checked, ${entries} entries and their tests`, '30 ms', spread(checks)],
    [
      `all limits for ${MANY_SURFACES} surfaces and every stage of every method for them`,
      '100 ms',
      spread(judged),
    ],
    [
      `the catalogue of a company with ${overrides.length} values of its own, made anew`,
      '30 ms',
      spread(houses),
    ],
  ];
}
