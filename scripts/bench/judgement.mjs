import { tsImport } from 'tsx/esm/api';
import { demoFile, median, timed } from './served.mjs';

const MANY_SURFACES = 300;

const ms = (value) => `${value.toFixed(value < 10 ? 1 : 0)} ms`;
const spread = (times) => `${ms(median(times))} median of ${times.length}, ${ms(Math.max(...times))} worst`;
const core = () => tsImport('../../core/src/index.ts', import.meta.url);

/** Every look-alike and every unsure material of a large survey, with tests done on each. */
export async function diagnosisRow() {
  const { CATALOGUE, THIRST_TEST, markDiagnosis, materialDiagnosis, quickTestById, readJobFile } =
    await core();
  const base = demoFile('hill-observatory');
  const groups = CATALOGUE.lookAlikes;
  const surfaces = Array.from({ length: MANY_SURFACES }, (_, i) => ({
    ...base.surfaces[0],
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
    lookAlike: groups[i % groups.length].id,
  }));
  const tests = marks.flatMap((mark, i) => {
    const test = quickTestById(groups[i % groups.length].tests[0]);
    return [
      { id: `test-${i}`, surface: mark.surface, mark: mark.id, test: test.id, outcome: test.outcomes[0].id },
      { id: `drop-${i}`, surface: mark.surface, test: THIRST_TEST, seconds: 40 },
    ];
  });
  const reading = readJobFile({
    ...base,
    surfaces,
    choices: [],
    site: { features: base.site.features, waterPoints: base.site.waterPoints, marks, tests },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults).slice(0, 400));
  const { survey } = reading;
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
export async function catalogueRows() {
  const { CATALOGUE, catalogueFaults, handbookValues, houseCatalogue, materialCard, overrideId } =
    await core();
  const checks = await timed(15, () => {
    if (catalogueFaults(CATALOGUE).length > 0) throw new Error('the catalogue is faulty');
  });
  const faces = CATALOGUE.materials.flatMap(({ id, finishes }) => finishes.map((finish) => ({ id, finish })));
  const judged = await timed(15, () => {
    for (let i = 0; i < MANY_SURFACES; i += 1) {
      const { id, finish } = faces[i % faces.length];
      materialCard(id, CATALOGUE, finish);
    }
  });
  // Every value of every fourth material, each time as one that was never seen.
  const overrides = CATALOGUE.materials
    .filter((_, i) => i % 4 === 0)
    .flatMap(({ id }) =>
      handbookValues('material', id, CATALOGUE).map(({ path, shipped }) => ({
        id: overrideId({ kind: 'material', entry: id, path }),
        kind: 'material',
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
    houseCatalogue({
      overrides: overrides.map((o) => ({ ...o, reason: String(round) })),
      products: [],
      materials: [],
      methods: [],
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
      `all limits for ${MANY_SURFACES} faces and every stage of every method for them`,
      '100 ms',
      spread(judged),
    ],
    [
      `the catalogue of a house with ${overrides.length} values of its own, made anew`,
      '30 ms',
      spread(houses),
    ],
  ];
}
