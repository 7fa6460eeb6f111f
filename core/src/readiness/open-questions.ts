import { lookAlikeById } from '../catalogue/catalogue.ts';
import type { Damage } from '../survey/damage.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import { flowsOnto, reachedFrom } from '../protection/run-off-paths.ts';
import { isDrain, isElectrical } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import type { Mark } from '../survey/mark.ts';
import type { Side } from '../survey/side.ts';
import type { Precondition } from '../survey/precondition.ts';
import { SURROUNDING_FIELDS } from '../survey/surface.ts';
import type { Surface } from '../survey/surface.ts';
import { needsPermission, waterFlow } from '../survey/water-point.ts';
import type { WaterPoint } from '../survey/water-point.ts';
import { materialDiagnosis } from './material-diagnosis.ts';
import { markDiagnosis } from './mark-diagnosis.ts';

/** An open question to the customer or to the site. */
export interface Question {
  readonly rule: string;
  readonly text: string;
  /** The survey is not ready while it is open. */
  readonly blocking: boolean;
  /** Id of the surface, side, feature or water point that it is about; null for the job as a whole. */
  readonly about: string | null;
  /** Under this key an answer in words is kept with the job. */
  readonly key: string;
  /** Fields of the feature that answer it, where safety rests on the answer: no words close it. */
  readonly typed: readonly TypedAnswer[] | null;
}

/** One field that answers a question, with what may be said. */
export interface TypedAnswer {
  readonly field: 'kind' | 'weatherproof' | 'isolated';
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}

const YES_OR_NO: TypedAnswer['options'] = [
  { value: 'yes', label: 'Yes' },
  { value: 'no', label: 'No' },
];
const IS_SAFE: readonly TypedAnswer[] = [
  { field: 'weatherproof', label: 'Weatherproof', options: YES_OR_NO },
  { field: 'isolated', label: 'Isolated while we work', options: YES_OR_NO },
];
const WHICH_PANEL: readonly TypedAnswer[] = [
  {
    field: 'kind',
    label: 'It is',
    options: [
      { value: 'electrical-panel', label: 'an electrical panel' },
      { value: 'solar-panel', label: 'a solar panel' },
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
    ...worked.filter((s) => s.zoneOf === null).flatMap(heightQuestion),
    ...sideQuestions(survey.sides, worked),
    ...windowQuestion(worked),
    ...survey.marks.flatMap((mark) => markQuestion(mark, survey)),
    ...survey.damages.flatMap((damage) => damageQuestions(damage, survey)),
    ...survey.preconditions.filter((p) => !p.met).map(preconditionQuestion),
  ];
}

/** What somebody answered in words is closed: it stands in the job. What safety rests on is closed by its field alone. */
function isAnswered({ rule, key, typed }: Question, answers: Readonly<Record<string, string>>): boolean {
  return typed === null && (answers[key] ?? answers[rule] ?? '').trim() !== '';
}

function ask(rule: string, about: string | null, text: string, blocking = false): Question {
  return {
    rule,
    text,
    blocking,
    about,
    key: about === null ? rule : `${rule} ${about}`.slice(0, 64),
    typed: null,
  };
}

function waterQuestions(points: readonly WaterPoint[]): readonly Question[] {
  if (points.length === 0)
    return [
      ask('water-point', null, 'Where is water drawn, and how many litres a minute does it give?', true),
    ];
  return points.flatMap((point) => [
    ...(waterFlow(point) === null
      ? [ask('water-flow', point.id, `How many litres a minute does ${point.name} give? Time a bucket.`)]
      : []),
    ...(needsPermission(point)
      ? [
          ask(
            'water-permission',
            point.id,
            point.permission === 'refused'
              ? `${point.name} may not be used: where else is water drawn?`
              : `May ${point.name} be used, with which meter and backflow connection?`,
          ),
        ]
      : []),
  ]);
}

/** @param reached whether run-off or spray of this job's work reaches it */
function featureQuestions(feature: Feature, reached: boolean): readonly Question[] {
  const { name } = feature;
  if (isDrain(feature)) {
    return [
      ...(feature.leadsTo === null || feature.leadsTo === 'unknown'
        ? [
            ask(
              'drain-destination',
              feature.id,
              `Where does ${name} lead${feature.owner === '' ? ', and who owns it' : ''}?`,
              reached,
            ),
          ]
        : []),
      ...(feature.state === 'blocked' || feature.state === 'slow'
        ? [
            ask(
              'drain-state',
              feature.id,
              `${name} ${feature.state === 'slow' ? 'runs slowly' : 'is blocked'}: who clears it before the work?`,
            ),
          ]
        : []),
      ...(feature.kind === 'cellar-drain' && feature.state === 'unknown'
        ? [ask('cellar-drain', feature.id, `Does ${name} run? Blocked, it floods the basement.`, reached)]
        : []),
    ];
  }
  if (isElectrical(feature)) return electricalQuestions(feature, reached);
  if ((feature.kind === 'gap' || feature.kind === 'door') && feature.behind === '')
    return [ask('behind', feature.id, `What is behind ${name}?`, reached)];
  if (feature.kind === 'nest' && feature.occupied !== 'no')
    return [ask('nest', feature.id, `Is ${name} occupied, and may it be moved?`, reached)];
  return [];
}

/** High up without its height: nobody knows how it is reached, nor how far spray falls. */
function heightQuestion(surface: FacedSurvey['surfaces'][number]): readonly Question[] {
  const high = surface.band === 'roof' || surface.band === 'upper-wall';
  if (!high || surface.topMetres > surface.footMetres) return [];
  const text = `How high does ${surface.name} stand above the ground?`;
  return [ask('height', surface.id, text, surface.band === 'roof')];
}

function sideQuestions(sides: readonly Side[], worked: readonly Face[]): readonly Question[] {
  return sides
    .filter((side) => side.aspectDegrees === null && worked.some((s) => s.side === side.id))
    .map((side) =>
      ask('aspect', side.id, `Which way does ${side.name} face? The sun decides how long product stays wet.`),
    );
}

function windowQuestion(worked: readonly Face[]): readonly Question[] {
  if (!worked.some((s) => s.band !== 'floor')) return [];
  return [ask('windows', null, 'Will all windows be shut, and who may come out while we spray?')];
}

/** What water may reach is known to be weatherproof and isolated, or the work waits. */
function electricalQuestions(feature: Feature, reached: boolean): readonly Question[] {
  const { id, name, kind, weatherproof, isolated } = feature;
  if (kind === 'panel') {
    const text = `Is ${name} an electrical panel or a solar panel? Until that is known it is kept dry as an electrical one.`;
    return [{ ...ask('panel-kind', id, text, reached), typed: WHICH_PANEL }];
  }
  if (weatherproof === 'yes' && isolated === 'yes') return [];
  const unsafe = [
    ...(weatherproof === 'no' ? ['is not weatherproof'] : []),
    ...(isolated === 'no' ? ['is not isolated'] : []),
  ].join(' and ');
  const text =
    unsafe === ''
      ? `Is ${name} weatherproof, and is it isolated while we work?`
      : `${name} ${unsafe}: have somebody competent make it safe, or leave out what would wet it.`;
  return [{ ...ask('electrics-weatherproof', id, text, reached), typed: IS_SAFE }];
}

function materialQuestion(surface: Face, survey: FacedSurvey): readonly Question[] {
  const diagnosis = materialDiagnosis(surface, survey);
  if (!diagnosis) return [];
  const names = diagnosis.candidates.map(({ name }) => name.toLowerCase());
  const next = diagnosis.tests.find((t) => t.refusal === null);
  const todo = diagnosis.decided
    ? `It is most likely ${diagnosis.decided.name.toLowerCase()}: settle it.`
    : next
      ? `Next test: ${next.test.name.toLowerCase()}.`
      : 'No test is left: ask a specialist, or leave it.';
  const text = `Is ${surface.name} ${names.join(' or ')}? Until it is settled the strictest limits of all hold. ${todo}`;
  return [ask('material-unsure', surface.id, text)];
}

/** Nothing is planned on a guess: an open mark stays open until it is settled. */
function markQuestion(mark: Mark, survey: FacedSurvey): readonly Question[] {
  const surface = survey.surfaces.find((s) => s.id === mark.surface);
  if (mark.settledAs !== null || mark.lookAlike === null || !surface?.inScope) return [];
  const diagnosis = markDiagnosis(mark, survey);
  const next = diagnosis?.tests.find((t) => t.refusal === null);
  const todo = diagnosis?.decided
    ? `It is most likely ${diagnosis.decided.name.toLowerCase()}: settle it.`
    : next
      ? `Next test: ${next.test.name.toLowerCase()}.`
      : 'No further test is allowed here: leave it, or decide by a test patch.';
  const what = lookAlikeById(mark.lookAlike).name.toLowerCase();
  return [ask('mark-undecided', mark.surface, `What is the ${what} on ${surface.name}? ${todo}`)];
}

/** Damage without a picture, or that the customer has not seen, is argued about later. */
function damageQuestions(damage: Damage, survey: FacedSurvey): readonly Question[] {
  const name = damage.what.toLowerCase();
  return [
    ...(survey.damagePhotos.some((p) => p.of === damage.id)
      ? []
      : [ask('damage-photo', damage.id, `There is no photo of this damage yet: ${name}.`)]),
    ...(damage.shownOn === null
      ? [ask('damage-shown', damage.id, `The customer has not been shown this damage yet: ${name}.`)]
      : []),
  ];
}

function preconditionQuestion({ what, who, by, surface }: Precondition): Question {
  const whom = who === '' ? 'somebody still to be named' : who;
  return ask(
    'precondition',
    surface,
    `Before the work: ${what}, by ${whom}${by === null ? '' : `, until ${by}`}.`,
  );
}

/** Which of the questions touch a surface: its own, and those about what it drains onto or stands beside, above or before. */
export function questionsOn(
  surface: Pick<Surface, 'id' | (typeof SURROUNDING_FIELDS)[number]>,
  questions: readonly Question[],
): readonly Question[] {
  const touched = new Set<string>([surface.id, ...SURROUNDING_FIELDS.flatMap((field) => surface[field])]);
  return questions.filter((q) => q.about !== null && touched.has(q.about));
}
