import { OUTLOOK_TOPICS } from '../catalogue/outlook.ts';
import type { OutlookTopic } from '../catalogue/outlook.ts';
import { say } from '../messages/message.ts';
import type { Derivation } from '../plan/derivation.ts';
import { canonicalHash } from '../plan/inputs-hash.ts';
import { upperFirst } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import { expectationsFor, onceTold } from './expectations.ts';
import type { Expectation } from './expectations.ts';

/** What the customer reads of one topic: a sentence that takes in every place. */
export interface ToldTopic {
  readonly topic: OutlookTopic;
  /** By which the company's own wording is kept. */
  readonly key: string;
  readonly title: string;
  /** As it is said: the company's own wording where there is one. */
  readonly text: string;
  /** The sentence that Etappe proposes. */
  readonly proposed: string;
  /** Left out on purpose. */
  readonly leftOut: boolean;
  /** What it is made of, also what of it is left out. */
  readonly of: readonly Expectation[];
}

/** Topics whose parts name their places themselves. */
const NAMES_PLACES: readonly OutlookTopic[] = ['visits', 'left-out'];
const NAMED_PLACES = 3;

/** What the customer is told beforehand, in ten sentences at most: by topic, each with the places where it holds. */
export function toldCustomer(plan: Derivation, survey: Survey): readonly ToldTopic[] {
  return byTopic(expectationsFor(plan, survey), survey);
}

function byTopic(expectations: readonly Expectation[], survey: Survey): readonly ToldTopic[] {
  return OUTLOOK_TOPICS.flatMap((topic): readonly ToldTopic[] => {
    const of = expectations.filter((e) => e.topic === topic);
    if (of.length === 0) return [];
    const key = wordingKey(topic);
    const own = survey.job.wordings[key];
    const told = of.filter((e) => !e.leftOut);
    const proposed = sentence(told.length > 0 ? told : of);
    return [
      {
        topic,
        key,
        title: say(`told/${topic}`),
        text: own === undefined || own === '' ? proposed : own,
        proposed,
        leftOut: own === '' || (own === undefined && (told.length === 0 || proposed === '')),
        of,
      },
    ];
  }).filter(({ of }) => of.some((e) => e.clause !== '' || isReworded(e)));
}

const wordingKey = (topic: OutlookTopic) => `topic.${topic}`;
const isReworded = ({ text, proposed }: Expectation) => text !== proposed && text !== '';

/** One sentence out of its parts; what the company words itself stands behind it. */
function sentence(told: readonly Expectation[]): string {
  const own = told.filter(isReworded).map(({ place, text }) => `${place}: ${text}`);
  const clauses = new Map<string, readonly string[]>();
  for (const e of told)
    if (e.clause !== '' && !isReworded(e))
      clauses.set(e.clause, [...(clauses.get(e.clause) ?? []), ...placesOf(e)]);
  const parts = [...clauses].map(([clause, places]) =>
    places.length === 0 ? clause : say('told/at', { clause, places: inPlaces([...new Set(places)]) }),
  );
  return [...(parts.length > 0 ? [`${upperFirst(parts.join('; '))}.`] : []), ...own].join(' ');
}

const placesOf = ({ topic, place, places }: Expectation): readonly string[] =>
  NAMES_PLACES.includes(topic) || place === say('order/whole-site') ? [] : places;

function inPlaces(places: readonly string[]): string {
  if (places.length <= NAMED_PLACES) return places.join('; ');
  const named = NAMED_PLACES - 1;
  return say('told/many-places', {
    places: places.slice(0, named).join('; '),
    more: places.length - named,
  });
}

/** Whether somebody acknowledged what is said now, and not something else. */
export function isAcknowledged(plan: Derivation, survey: Survey): boolean {
  const hash = survey.job.acknowledgement?.hash;
  if (hash === undefined) return false;
  const before = onceTold(plan, survey);
  return [toldHash(plan, survey), acknowledgedHash(before, survey), earlierHash(before)].includes(hash);
}

/**
 * Hash of everything that the customer is told, place by place, by rule and facts: another wording of ours changes nothing of it.
 * The company's own wording, of a topic or of a part, is what was said.
 */
export function toldHash(plan: Derivation, survey: Survey): string {
  return acknowledgedHash(expectationsFor(plan, survey), survey);
}

function acknowledgedHash(expectations: readonly Expectation[], survey: Survey): string {
  const { wordings } = survey.job;
  const topics = OUTLOOK_TOPICS.flatMap((topic) => {
    const own = wordings[wordingKey(topic)];
    return own === undefined ? [] : [[wordingKey(topic), own]];
  });
  const parts = withoutLeftOut(expectations)
    .filter(({ topic }) => wordings[wordingKey(topic)] === undefined)
    .map(({ key, place, text, proposed, facts }) => [key, place, text === proposed ? facts : text]);
  return canonicalHash([...parts, ...topics]);
}

/** Of acknowledgements from until 2026-11-30: over the words as they were then. */
function earlierHash(expectations: readonly Expectation[]): string {
  return canonicalHash(withoutLeftOut(expectations).map(({ place, earlierText }) => [place, earlierText]));
}

const withoutLeftOut = (expectations: readonly Expectation[]) => expectations.filter((e) => !e.leftOut);
