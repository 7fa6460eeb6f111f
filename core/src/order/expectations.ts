import { companyCatalogue } from '../company/company-catalogue.ts';
import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { say } from '../messages/message.ts';
import type { RefusedMethod } from '../proposal/method-options.ts';
import type { ContaminantProposal } from '../proposal/surface-treatment.ts';
import { OUTLOOKS } from '../catalogue/data/outlooks.ts';
import type { Outlook, OutlookTopic } from '../catalogue/outlook.ts';
import { earlierWording } from '../catalogue/data/earlier-wording.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { dayInWords, daysAfter, monthInWords } from '../quantity/calendar.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import { permanentMarkOf } from '../readiness/permanent-marks.ts';
import type { Derivation } from '../plan/derivation.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { asClause, looksOf, ofEntry, outlookOf, saidNow, worded } from './said.ts';
import type { Facts, Said, Sentence } from './said.ts';
import { visitOutlines } from '../plan/visit-outline.ts';
import type { FeatureKind } from '../survey/feature.ts';

/** One sentence that the customer has in writing before the work. */
export interface Expectation {
  /** By meaning, so that a wording of one's own stays with it. */
  readonly key: string;
  /** What it is about, for a customer. */
  readonly topic: OutlookTopic;
  /** The same as part of a sentence beside others of its topic. */
  readonly clause: string;
  /** Where it holds, in words. */
  readonly place: string;
  readonly places: readonly string[];
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
}

/** What the customer is told, with the facts of the job filled in. What is not used is no news to anybody. */
export function expectationsFor(plan: Derivation, survey: Survey): readonly Expectation[] {
  return byKey(
    saidOf(plan, survey).filter(({ retired }) => !retired),
    survey,
  );
}

/** With what was told until 2026-12: acknowledgements from then rest on it. */
export function onceTold(plan: Derivation, survey: Survey): readonly Expectation[] {
  return byKey(saidOf(plan, survey), survey);
}

function saidOf(plan: Derivation, survey: Survey): readonly Said[] {
  const catalogue = companyCatalogue(survey.handbook);
  return [
    ...plan.surfaces.flatMap((planned) => faceExpectations(planned, catalogue)),
    ...markExpectations(survey),
    ...behindExpectations(plan, survey),
    ...siteExpectations(plan, survey),
  ];
}

function byKey(said: readonly Said[], survey: Survey): readonly Expectation[] {
  const keys = new Map<string, Said[]>();
  for (const one of said) keys.set(one.key, [...(keys.get(one.key) ?? []), one]);
  return [...keys].flatMap(([key, all]) => {
    const [first] = all;
    if (!first) return [];
    const own = survey.job.wordings[key];
    const places = [...new Set(all.map((one) => one.place))];
    const surfaces = [...new Set(all.flatMap((one) => one.surface ?? []))];
    return [
      {
        key,
        topic: first.topic,
        clause: first.clause,
        place: places.join('; '),
        places,
        surfaces,
        proposed: first.text,
        text: own ?? first.text,
        facts: all.map((one) => one.facts),
        earlierText: own ?? first.earlier,
        leftOut: own === '',
      },
    ];
  });
}

function faceExpectations(planned: TreatedSurface, catalogue: CompanyCatalogue): readonly Said[] {
  const { surface, treatment } = planned;
  const about = { place: surface.name, surface: surface.id };
  /** The same on every face, and with the facts of this one. */
  const same = (key: string, what: Sentence): Said => ({
    key,
    ...about,
    ...what,
  });
  const here = (rule: string, what: Sentence): Said => same(`${surface.id}.${rule}`, what);
  if (!surface.inScope) {
    const why = surface.scopeReason && lowerFirst(surface.scopeReason);
    const place = surface.name;
    const outlook = (clause: string): Outlook => ({ topic: 'left-out', clause });
    return [
      here(
        'left-out',
        why
          ? worded(outlook(say('told/left-out-why', { place, why })), 'expect/left-out-why', { why })
          : worded(outlook(place), 'expect/left-out', {}),
      ),
    ];
  }
  if (!treatment || treatment.proposals.length === 0) return [];
  const { thirsty, porous, partial } = looks(planned, catalogue);
  return [
    ...treatment.expectations.map((e) => {
      const outlook = outlookOf(e);
      const said = same(e.rule, ofEntry(outlook, e.text, e.rule));
      return outlook.inPores && !porous ? { ...said, retired: true } : said;
    }),
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
              { topic: 'looks', clause: '' },
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
            { topic: 'by-others', clause: say('told/others-until', { until: others.until }) },
            'expect/others',
            others,
            { method: id },
            { ...others, until: lowerFirst(earlierWording(part.wait.until)) },
          ),
        ),
      ];
    }),
    ...(surface.conditions.includes('failed-seal')
      ? [same('seepage', worded({ topic: 'water', clause: say('told/seepage') }, 'expect/seepage', {}))]
      : []),
    ...(thirsty
      ? [same('uneven-drying', worded(looksOf('told/uneven-drying'), 'expect/uneven-drying', {}))]
      : []),
    ...(partial ? [same('colour', worded(looksOf('told/colour'), 'expect/colour', {}))] : []),
  ];
}

/** What would have worked best, had it been permitted. */
function strongestRefused({ refused, finding }: ContaminantProposal): RefusedMethod | undefined {
  return [...refused].sort(
    (a, b) => (b.method.treats[finding.contaminant] ?? 0) - (a.method.treats[finding.contaminant] ?? 0),
  )[0];
}

function looks({ surface, treatment }: TreatedSurface, catalogue: CompanyCatalogue) {
  const sorptivity = catalogue.material(surface.material).sorptivity[surface.finish];
  const wet = treatment?.stages.some((s) => s.kind === 'rinse' || s.kind === 'wash') ?? false;
  const greatest = Math.max(0, ...(treatment?.proposals ?? []).map((p) => (p.chosen ? p.finding.share : 0)));
  return {
    thirsty: wet && sorptivity >= TRADE_DEFAULTS.patchySorptivity,
    porous: sorptivity >= TRADE_DEFAULTS.poresFromSorptivity,
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
        ...ofEntry(
          OUTLOOKS.get(permanent.id) ?? { topic: 'may-stay', clause: asClause(permanent.expectation) },
          permanent.expectation,
          permanent.id,
        ),
      },
    ];
  });
}

/** Of the property as a whole: when one comes again, and when what works slowly shows. */
function siteExpectations(plan: Derivation, survey: Survey): readonly Said[] {
  const site = (key: string, what: Sentence): Said => ({
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
          ? worded(
              { topic: 'visits', clause: say('told/visit-later', { days, places }) },
              'expect/visit-later',
              { days, places },
            )
          : worded(
              { topic: 'visits', clause: say('told/visit-from', { day: dayInWords(day), places }) },
              'expect/visit-from',
              {
                day,
                places,
              },
            ),
      );
    }),
    ...(slow.length > 0 ? [site('slow-result', slowResult(slow.join(', '), start, from, to))] : []),
  ];
}

function slowResult(places: string, start: string | null, from: number, to: number) {
  const slow = (clause: string): Outlook => ({ topic: 'slow', clause });
  if (start === null)
    return worded(slow(say('told/slow-result-undated', { places })), 'expect/slow-result-undated', {
      places,
    });
  const shown = { places, from: daysAfter(start, from), to: daysAfter(start, to) };
  const months = { places, from: monthInWords(shown.from), to: monthInWords(shown.to) };
  return worded(slow(say('told/slow-result', months)), 'expect/slow-result', shown);
}

const LETS_WATER_IN: readonly FeatureKind[] = ['door', 'gap', 'sill', 'goods'];

/** What stands beside wet work and lets water in, and what stands behind it. */
function behindExpectations(plan: Derivation, survey: Survey): readonly Said[] {
  const reached = new Set(plan.protections.map((p) => p.feature));
  return survey.features
    .filter(({ id, kind }) => LETS_WATER_IN.includes(kind) && reached.has(id))
    .map(({ id, name, kind, behind, what }) => {
      const stands = kind === 'goods' ? what : behind;
      const water = (clause: string): Outlook => ({ topic: 'water', clause });
      return {
        key: `behind.${id}`,
        place: name,
        surface: null,
        ...(stands === ''
          ? saidNow(water(say('told/behind-unknown')), say('told/behind-unknown-whole'), { id })
          : saidNow(
              water(say('told/behind', { what: lowerFirst(stands) })),
              say('told/behind-whole', { what: lowerFirst(stands) }),
              { id, what: stands },
            )),
      };
    });
}
