import { companyCatalogue } from '../company/company-catalogue.ts';
import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { say } from '../messages/message.ts';
import type { Params } from '../messages/message.ts';
import type { EXPECTATIONS } from '../messages/english/expectations.ts';
import type { RefusedMethod } from '../proposal/method-options.ts';
import type { ContaminantProposal } from '../proposal/surface-treatment.ts';
import { earlierWording } from '../catalogue/data/earlier-wording.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import { permanentMarkOf } from '../readiness/permanent-marks.ts';
import type { Derivation } from '../plan/derivation.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { visitOutlines } from '../plan/visit-outline.ts';
import { canonicalHash } from '../plan/inputs-hash.ts';

/** One sentence that the customer has in writing before the work. */
export interface Expectation {
  /** By meaning, so that a wording of one's own stays with it. */
  readonly key: string;
  /** Where it holds, in words. */
  readonly place: string;
  /** The faces that it is about; none for the property as a whole. */
  readonly surfaces: readonly string[];
  /** As it is said: the company's own wording where there is one. */
  readonly text: string;
  /** The sentence that Etappe proposes. */
  readonly proposed: string;
  /** What it says, whatever the language: facts and ids; those of each place where it holds. */
  readonly facts: readonly Facts[];
  /** As it was worded until 2026-11-30; the company's own wording where there is one. */
  readonly earlierText: string;
  /** Left out on purpose. */
  readonly leftOut: boolean;
  /** Said until 2026-12: what is not used, and why. Acknowledgements from then rest on it. */
  readonly retired: boolean;
}

/** What the customer is told: by place, with the facts of the job filled in. What is not used is no news to anybody. */
export function expectationsFor(plan: Derivation, survey: Survey): readonly Expectation[] {
  return everSaid(plan, survey).filter(({ retired }) => !retired);
}

/** Also what is no longer told. */
function everSaid(plan: Derivation, survey: Survey): readonly Expectation[] {
  const catalogue = companyCatalogue(survey.handbook);
  const said = [
    ...plan.surfaces.flatMap((planned) => faceExpectations(planned, catalogue)),
    ...markExpectations(survey),
    ...siteExpectations(plan, survey),
  ];
  const byKey = new Map<string, Said[]>();
  for (const one of said) byKey.set(one.key, [...(byKey.get(one.key) ?? []), one]);
  return [...byKey].flatMap(([key, all]) => {
    const [first] = all;
    if (!first) return [];
    const own = survey.job.wordings[key];
    const place = [...new Set(all.map((one) => one.place))].join('; ');
    const surfaces = [...new Set(all.flatMap((one) => one.surface ?? []))];
    return [
      {
        key,
        place,
        surfaces,
        proposed: first.text,
        text: own ?? first.text,
        facts: all.map((one) => one.facts),
        earlierText: own ?? first.earlier,
        leftOut: own === '',
        retired: first.retired === true,
      },
    ];
  });
}

type Facts = Readonly<Record<string, string | number>>;

interface Said {
  /** Sentences of one key are the same sentence, for several places. */
  readonly key: string;
  readonly place: string;
  readonly surface: string | null;
  readonly text: string;
  /** Ids and facts: no words of a language. */
  readonly facts: Facts;
  readonly earlier: string;
  readonly retired?: boolean;
}

type ExpectationText = keyof typeof EXPECTATIONS;

/** A sentence of the catalogue of messages, as it is worded now and as it was. */
function worded<Id extends ExpectationText>(
  id: Id,
  params: Params<Id>,
  facts: Facts = params,
  paramsThen: Params<Id> = params,
): Pick<Said, 'text' | 'facts' | 'earlier'> {
  const then = `earlier/${id}` as const;
  return { text: say(id, params), facts, earlier: say(then, paramsThen as Params<typeof then>) };
}

/** A sentence that is part of an entry of the handbook: its id stands for it. */
const ofEntry = (text: string, id: string): Pick<Said, 'text' | 'facts' | 'earlier'> => ({
  text,
  facts: { id },
  earlier: earlierWording(text),
});

function faceExpectations(planned: TreatedSurface, catalogue: CompanyCatalogue): readonly Said[] {
  const { surface, treatment } = planned;
  const about = { place: surface.name, surface: surface.id };
  /** The same on every face, and with the facts of this one. */
  const same = (key: string, what: Pick<Said, 'text' | 'facts' | 'earlier'>): Said => ({
    key,
    ...about,
    ...what,
  });
  const here = (rule: string, what: Pick<Said, 'text' | 'facts' | 'earlier'>): Said =>
    same(`${surface.id}.${rule}`, what);
  if (!surface.inScope) {
    const why = surface.scopeReason && lowerFirst(surface.scopeReason);
    return [here('left-out', why ? worded('expect/left-out-why', { why }) : worded('expect/left-out', {}))];
  }
  if (!treatment || treatment.proposals.length === 0) return [];
  const { porous, partial } = looks(planned, catalogue);
  return [
    ...treatment.expectations.map((e) => same(e.rule, ofEntry(e.text, e.rule))),
    ...treatment.proposals.flatMap((p) => {
      const avoided = strongestRefused(p);
      const [why] = avoided?.refusals ?? [];
      if (!avoided || !why) return [];
      const { id, name } = avoided.method;
      const not = { method: lowerFirst(name), why: why.text };
      return [
        {
          ...here(
            `not-${id}`,
            worded(
              'expect/not-used',
              not,
              { method: id, rule: why.rule },
              { ...not, why: earlierWording(why.text) },
            ),
          ),
          retired: true,
        },
      ];
    }),
    ...treatment.parts.slice(1).flatMap((part) => {
      if (part.wait?.for !== 'others') return [];
      const { id, name } = catalogue.method(part.wait.method);
      const others = { method: name, until: lowerFirst(part.wait.until) };
      return [
        here(
          'others',
          worded(
            'expect/others',
            others,
            { method: id },
            { ...others, until: lowerFirst(earlierWording(part.wait.until)) },
          ),
        ),
      ];
    }),
    ...(surface.conditions.includes('failed-seal') ? [same('seepage', worded('expect/seepage', {}))] : []),
    ...(porous ? [same('uneven-drying', worded('expect/uneven-drying', {}))] : []),
    ...(partial ? [same('colour', worded('expect/colour', {}))] : []),
  ];
}

/** What would have worked best, had it been permitted. */
function strongestRefused({ refused, finding }: ContaminantProposal): RefusedMethod | undefined {
  return [...refused].sort(
    (a, b) => (b.method.treats[finding.contaminant] ?? 0) - (a.method.treats[finding.contaminant] ?? 0),
  )[0];
}

function looks({ surface, treatment }: TreatedSurface, catalogue: CompanyCatalogue) {
  const material = catalogue.material(surface.material);
  const wet = treatment?.stages.some((s) => s.kind === 'rinse' || s.kind === 'wash') ?? false;
  const greatest = Math.max(0, ...(treatment?.proposals ?? []).map((p) => (p.chosen ? p.finding.share : 0)));
  return {
    porous: wet && material.sorptivity[surface.finish] >= TRADE_DEFAULTS.patchySorptivity,
    partial: wet && greatest > 0 && greatest < TRADE_DEFAULTS.wholeFaceShare,
  };
}

function markExpectations(survey: Survey): readonly Said[] {
  return survey.marks.flatMap((mark): readonly Said[] => {
    const permanent = permanentMarkOf(mark);
    const surface = survey.surfaces.find((s) => s.id === mark.surface);
    if (!permanent || !surface) return [];
    const place =
      mark.where === '' ? surface.name : say('order/at-mark', { place: surface.name, where: mark.where });
    return [
      {
        key: `mark.${mark.id}`,
        place,
        surface: surface.id,
        ...ofEntry(permanent.expectation, permanent.id),
      },
    ];
  });
}

/** Of the property as a whole: when one comes again, and when what works slowly shows. */
function siteExpectations(plan: Derivation, survey: Survey): readonly Said[] {
  const site = (key: string, what: Pick<Said, 'text' | 'facts' | 'earlier'>): Said => ({
    key,
    place: say('order/whole-site'),
    surface: null,
    ...what,
  });
  const later = visitOutlines(plan, survey).slice(1);
  const slow = plan.surfaces.flatMap(({ surface, treatment }) =>
    treatment?.parts.some((part) => part.stages.some((s) => s.apply?.agentClass === 'quaternary'))
      ? [surface.name]
      : [],
  );
  const { start } = survey.job;
  const [from, to] = TRADE_DEFAULTS.slowResultDays;
  return [
    ...later.map(({ number, from: day, fromDay: days, faces }) => {
      const places = faces.map((f) => f.name).join(', ');
      return site(
        `visit-${number}`,
        day === null
          ? worded('expect/visit-later', { days, places })
          : worded('expect/visit-from', { day, places }),
      );
    }),
    ...(slow.length > 0 ? [site('slow-result', slowResult(slow.join(', '), start, from, to))] : []),
  ];
}

function slowResult(places: string, start: string | null, from: number, to: number) {
  return start === null
    ? worded('expect/slow-result-undated', { places })
    : worded('expect/slow-result', { places, from: daysAfter(start, from), to: daysAfter(start, to) });
}

/** Whether somebody acknowledged what is said now, and not something else. */
export function isAcknowledged(plan: Derivation, survey: Survey): boolean {
  const hash = survey.job.acknowledgement?.hash;
  if (hash === undefined) return false;
  const all = everSaid(plan, survey);
  const now = all.filter(({ retired }) => !retired);
  return [expectationsHash(now), expectationsHash(all), earlierHash(all)].includes(hash);
}

const told = (expectations: readonly Expectation[]) => expectations.filter((e) => !e.leftOut);

/**
 * Hash of everything that is said, place by place, by rule and facts: another wording of ours changes nothing of it. The
 * company's own wording is what was said.
 */
export function expectationsHash(expectations: readonly Expectation[]): string {
  return canonicalHash(
    told(expectations).map(({ key, place, text, proposed, facts }) => [
      key,
      place,
      text === proposed ? facts : text,
    ]),
  );
}

/** Of acknowledgements from until 2026-11-30: over the words as they were then. */
function earlierHash(expectations: readonly Expectation[]): string {
  return canonicalHash(told(expectations).map(({ place, earlierText }) => [place, earlierText]));
}
