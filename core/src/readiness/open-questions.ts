import { lowerFirst } from '../quantity/words.ts';
import { say } from '../messages/message.ts';
import { contaminantById, lookAlikeById, quickTestById } from '../catalogue/catalogue.ts';
import { LOOK_ALIKES } from '../catalogue/data/look-alikes.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Damage } from '../survey/damage.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import { flowsOnto, reachedFrom } from '../survey/run-off-paths.ts';
import { isDrain, isElectrical } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import type { Mark } from '../survey/mark.ts';
import type { Side } from '../survey/side.ts';
import type { Precondition } from '../survey/precondition.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import { testStanding } from '../treatment/test-refusal.ts';
import { SURROUNDING_FIELDS } from '../survey/surface.ts';
import type { Surface } from '../survey/surface.ts';
import { needsPermission, waterFlow } from '../survey/water-point.ts';
import type { WaterPoint } from '../survey/water-point.ts';
import { materialDiagnosis } from './material-diagnosis.ts';
import { markDiagnosis } from './mark-diagnosis.ts';
import { oldBuildingQuestions } from './old-building.ts';
import { ask } from './question.ts';
import type { Question, TypedAnswer } from './question.ts';

const YES_OR_NO: TypedAnswer['options'] = [
  { value: 'yes', label: say('answer/yes') },
  { value: 'no', label: say('answer/no') },
];
const IS_SAFE: readonly TypedAnswer[] = [
  { field: 'weatherproof', label: say('answer/weatherproof'), options: YES_OR_NO },
  { field: 'isolated', label: say('answer/isolated'), options: YES_OR_NO },
];
const WHICH_PANEL: readonly TypedAnswer[] = [
  {
    field: 'kind',
    label: say('answer/it-is'),
    options: [
      { value: 'electrical-panel', label: say('answer/electrical-panel') },
      { value: 'solar-panel', label: say('answer/solar-panel') },
    ],
  },
];

/** Questions that the survey leaves open: to the customer, to the site, and what others still have to do. */
export function openQuestions(survey: FacedSurvey): readonly Question[] {
  return askedQuestions(survey).filter((question) => !isAnswered(question, survey.job.answers));
}

/** Questions that somebody answered in words, with the answer. */
export function answeredQuestions(
  survey: FacedSurvey,
): readonly { readonly question: Question; readonly answer: string }[] {
  const { answers } = survey.job;
  return askedQuestions(survey)
    .filter((question) => isAnswered(question, answers))
    .map((question) => ({ question, answer: answers[question.key] ?? answers[question.rule] ?? '' }));
}

function askedQuestions(survey: FacedSurvey): readonly Question[] {
  const worked = survey.surfaces.filter((s) => s.inScope && survey.findings.some((f) => f.surface === s.id));
  const onto = flowsOnto(survey.surfaces);
  const reached = new Set<string>(
    worked.flatMap((s) => [...SURROUNDING_FIELDS.flatMap((field) => s[field]), ...reachedFrom(onto, s.id)]),
  );
  return [
    ...waterQuestions(survey.waterPoints),
    ...survey.features.flatMap((feature) => featureQuestions(feature, reached.has(feature.id))),
    ...survey.surfaces
      .filter((s) => s.zoneOf === null && s.inScope)
      .flatMap((s) => materialQuestion(s, survey)),
    ...oldBuildingQuestions(
      worked.filter((s) => s.zoneOf === null),
      survey,
    ),
    ...worked.filter((s) => s.zoneOf === null).flatMap(heightQuestion),
    ...sideQuestions(survey.sides, worked),
    ...windowQuestion(worked, survey),
    ...doubtfulFindings(worked, survey),
    ...survey.marks.flatMap((mark) => markQuestion(mark, survey)),
    ...survey.damages.flatMap((damage) => damageQuestions(damage, survey)),
    ...survey.preconditions.filter((p) => !p.met).map(preconditionQuestion),
  ];
}

/** What somebody answered in words is closed: it stands in the job. What safety rests on is closed by its field alone. */
function isAnswered({ rule, key, typed }: Question, answers: Readonly<Record<string, string>>): boolean {
  return typed === null && (answers[key] ?? answers[rule] ?? '').trim() !== '';
}

function waterQuestions(points: readonly WaterPoint[]): readonly Question[] {
  if (points.length === 0) return [ask('water-point', null, {}, { blocking: true })];
  return points.flatMap((point) => {
    const { id, name: place } = point;
    const permission = point.permission === 'refused' ? 'water-permission/refused' : 'water-permission/asked';
    return [
      ...(waterFlow(point) === null ? [ask('water-flow', id, { place })] : []),
      ...(needsPermission(point) ? [ask(permission, id, { place })] : []),
    ];
  });
}

/** @param reached whether run-off or spray of this job's work reaches it */
function featureQuestions(feature: Feature, reached: boolean): readonly Question[] {
  const { id, name: place } = feature;
  const blocking = reached;
  if (isDrain(feature)) return drainQuestions(feature, reached);
  if (isElectrical(feature)) return electricalQuestions(feature, reached);
  if ((feature.kind === 'gap' || feature.kind === 'door') && feature.behind === '')
    return [ask('behind', id, { place }, { blocking })];
  if (feature.kind === 'nest' && feature.occupied !== 'no') return [ask('nest', id, { place }, { blocking })];
  return [];
}

function drainQuestions({ id, name: place, ...drain }: Feature, reached: boolean): readonly Question[] {
  const unknown = drain.leadsTo === null || drain.leadsTo === 'unknown';
  const where = drain.owner === '' ? 'drain-destination/owner' : 'drain-destination';
  return [
    ...(unknown ? [ask(where, id, { place }, { blocking: reached })] : []),
    ...(drain.state === 'slow' || drain.state === 'blocked'
      ? [ask(`drain-state/${drain.state}`, id, { place })]
      : []),
    ...(drain.kind === 'cellar-drain' && drain.state === 'unknown'
      ? [ask('cellar-drain', id, { place }, { blocking: reached })]
      : []),
  ];
}

/** High up without its height: nobody knows how it is reached, nor how far spray falls. */
function heightQuestion(surface: FacedSurvey['surfaces'][number]): readonly Question[] {
  const high = surface.band === 'roof' || surface.band === 'upper-wall';
  if (!high || surface.topMetres > surface.footMetres) return [];
  return [ask('height', surface.id, { place: surface.name }, { blocking: surface.band === 'roof' })];
}

function sideQuestions(sides: readonly Side[], worked: readonly Face[]): readonly Question[] {
  return sides
    .filter((side) => side.aspectDegrees === null && worked.some((s) => s.side === side.id))
    .map((side) => ask('aspect', side.id, { place: side.name }));
}

/** Only where somebody sprays a wall or a roof of something that opens. */
function windowQuestion(worked: readonly Face[], survey: FacedSurvey): readonly Question[] {
  const opens =
    survey.surfaces.some(({ band, material }) => band === 'opening' || isGlass(material, survey)) ||
    survey.features.some(({ kind }) => OPENINGS.includes(kind)) ||
    // What a tape took off a wall is an opening.
    worked.some(({ band, size }) => band !== 'floor' && size.includes('-'));
  return opens && worked.some((s) => s.band !== 'floor') ? [ask('windows', null, {})] : [];
}

const OPENINGS: readonly Feature['kind'][] = ['door', 'gap', 'sill', 'glass'];

const isGlass = (material: string, { catalogue }: FacedSurvey) =>
  catalogue.material(material).family === 'glass';

/** What water may reach is known to be weatherproof and isolated, or the work waits. */
function electricalQuestions(feature: Feature, reached: boolean): readonly Question[] {
  const { id, name: place, kind, weatherproof, isolated } = feature;
  const asked = (
    rule: 'panel-kind' | 'electrics-weatherproof' | `electrics-weatherproof/${'both' | 'exposed' | 'live'}`,
    typed: readonly TypedAnswer[],
  ) => [ask(rule, id, { place }, { blocking: reached, typed })];
  if (kind === 'panel') return asked('panel-kind', WHICH_PANEL);
  if (weatherproof === 'yes' && isolated === 'yes') return [];
  const [exposed, live] = [weatherproof === 'no', isolated === 'no'];
  if (exposed && live) return asked('electrics-weatherproof/both', IS_SAFE);
  if (exposed) return asked('electrics-weatherproof/exposed', IS_SAFE);
  return asked(live ? 'electrics-weatherproof/live' : 'electrics-weatherproof', IS_SAFE);
}

function materialQuestion(surface: Face, survey: FacedSurvey): readonly Question[] {
  const diagnosis = materialDiagnosis(surface, survey);
  if (!diagnosis) return [];
  const place = surface.name;
  const materials = diagnosis.candidates
    .map(({ name }) => lowerFirst(name))
    .reduce((one, other) => (one === '' ? other : say('answer/or', { one, other })), '');
  const test = allowedTest(diagnosis.tests);
  if (diagnosis.decided) {
    const likely = lowerFirst(diagnosis.decided.name);
    return [ask('material-unsure/settled', surface.id, { place, materials, likely })];
  }
  return test === undefined
    ? [ask('material-unsure/none', surface.id, { place, materials })]
    : [ask('material-unsure/test', surface.id, { place, materials, test })];
}

/** The first test that nothing forbids, as it stands in a sentence. */
function allowedTest(
  tests: readonly { readonly test: { readonly name: string }; readonly refusal: unknown }[],
): string | undefined {
  const allowed = tests.find(({ refusal }) => refusal === null);
  return allowed && lowerFirst(allowed.test.name);
}

/** What is only perhaps what it was taken for has the test that would tell, before a harsh way is gone for nothing. */
function doubtfulFindings(worked: readonly Face[], survey: FacedSurvey): readonly Question[] {
  const { surenessNeeded } = TRADE_DEFAULTS;
  return worked.flatMap((face): readonly Question[] => {
    const { id, name: place } = face;
    const doubtful = survey.findings.filter((f) => f.surface === id && f.confidence < surenessNeeded);
    if (doubtful.length === 0) return [];
    const dirt = doubtful
      .map(({ contaminant }) => lowerFirst(contaminantById(contaminant).name))
      .reduce((one, other) => say('answer/or', { one, other }));
    const states = plausibleStates(face, survey);
    const test = doubtful
      .flatMap(
        ({ contaminant }) => LOOK_ALIKES.find((a) => a.candidates.some((c) => c.id === contaminant)) ?? [],
      )
      .flatMap(({ tests }) => tests.map(quickTestById))
      // Nothing that would leave a trace, as long as another tells it too.
      .find((quick) => testStanding(quick, states, [], '').caution === null);
    return [
      test === undefined
        ? ask('finding-doubtful/none', id, { place, dirt })
        : ask('finding-doubtful', id, { place, dirt, test: lowerFirst(test.name) }),
    ];
  });
}

/** Nothing is planned on a guess: an open mark stays open until it is settled. */
function markQuestion(mark: Mark, survey: FacedSurvey): readonly Question[] {
  const surface = survey.surfaces.find((s) => s.id === mark.surface);
  if (mark.settledAs !== null || mark.lookAlike === null || !surface?.inScope) return [];
  const diagnosis = markDiagnosis(mark, survey);
  const about = { place: surface.name, mark: lowerFirst(lookAlikeById(mark.lookAlike).name) };
  const test = allowedTest(diagnosis?.tests ?? []);
  if (diagnosis?.decided) {
    const likely = lowerFirst(diagnosis.decided.name);
    return [ask('mark-undecided/settled', mark.surface, { ...about, likely })];
  }
  return test === undefined
    ? [ask('mark-undecided/none', mark.surface, about)]
    : [ask('mark-undecided/test', mark.surface, { ...about, test })];
}

/** Damage without a picture, or that the customer has not seen, is argued about later. */
function damageQuestions({ id, what, shownOn }: Damage, survey: FacedSurvey): readonly Question[] {
  const damage = lowerFirst(what);
  return [
    ...(survey.damagePhotos.some((p) => p.of === id) ? [] : [ask('damage-photo', id, { damage })]),
    ...(shownOn === null ? [ask('damage-shown', id, { damage })] : []),
  ];
}

function preconditionQuestion({ what, who: named, by, surface }: Precondition): Question {
  const who = named === '' ? say('answer/unnamed') : named;
  return by === null
    ? ask('precondition', surface, { what, who })
    : ask('precondition/by', surface, { what, who, by });
}

/** Which of the questions touch a surface: its own, and those about what it drains onto or stands beside, above or before. */
export function questionsOn(
  surface: Pick<Surface, 'id' | (typeof SURROUNDING_FIELDS)[number]>,
  questions: readonly Question[],
): readonly Question[] {
  const touched = new Set<string>([surface.id, ...SURROUNDING_FIELDS.flatMap((field) => surface[field])]);
  return questions.filter((q) => q.about !== null && touched.has(q.about));
}
