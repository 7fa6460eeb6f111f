import { houseCatalogue } from '../house/house-catalogue.ts';
import type { HouseCatalogue } from '../house/house-catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { permanentMarkOf } from '../readiness/permanent-marks.ts';
import type { Derivation } from '../plan/derivation.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
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
  /** As it is said: the house's own wording where there is one. */
  readonly text: string;
  /** The sentence that Etappe proposes. */
  readonly proposed: string;
  /** Left out on purpose. */
  readonly leftOut: boolean;
}

/** What the customer is told: by place, with the facts of the job filled in. */
export function expectationsFor(plan: Derivation, survey: Survey): readonly Expectation[] {
  const catalogue = houseCatalogue(survey.handbook);
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
    return [{ key, place, surfaces, proposed: first.text, text: own ?? first.text, leftOut: own === '' }];
  });
}

interface Said {
  /** Sentences of one key are the same sentence, for several places. */
  readonly key: string;
  readonly place: string;
  readonly surface: string | null;
  readonly text: string;
}

function faceExpectations(planned: TreatedSurface, catalogue: HouseCatalogue): readonly Said[] {
  const { surface, treatment } = planned;
  const about = { place: surface.name, surface: surface.id };
  /** The same on every face, and with the facts of this one. */
  const say = (key: string, text: string): Said => ({ key, ...about, text });
  const sayHere = (rule: string, text: string): Said => ({ key: `${surface.id}.${rule}`, ...about, text });
  if (!surface.inScope)
    return [
      sayHere(
        'left-out',
        `It is left as it is${surface.scopeReason ? `: ${lowerFirst(surface.scopeReason)}` : ''}.`,
      ),
    ];
  if (!treatment || treatment.proposals.length === 0) return [];
  const { porous, partial } = looks(planned, catalogue);
  return [
    ...treatment.expectations.map((e) => say(e.rule, e.text)),
    ...treatment.proposals.flatMap((p) => {
      const avoided = [...p.refused].sort(
        (a, b) =>
          (b.method.treats[p.finding.contaminant] ?? 0) - (a.method.treats[p.finding.contaminant] ?? 0),
      )[0];
      const [why] = avoided?.refusals ?? [];
      return avoided && why
        ? [
            sayHere(
              `not-${avoided.method.id}`,
              `Not used here: ${lowerFirst(avoided.method.name)}. ${why.text}`,
            ),
          ]
        : [];
    }),
    ...treatment.parts
      .slice(1)
      .flatMap((part) =>
        part.wait?.for === 'others'
          ? [sayHere('others', `${catalogue.method(part.wait.method).name}: ${lowerFirst(part.wait.until)}.`)]
          : [],
      ),
    ...(surface.conditions.includes('failed-seal')
      ? [
          say(
            'seepage',
            'Its seals are old: that water seeps in cannot be excluded, however carefully it is rinsed.',
          ),
        ]
      : []),
    ...(porous ? [say('uneven-drying', 'It dries unevenly and looks patchy for some days.')] : []),
    ...(partial
      ? [
          say(
            'colour',
            'What is cleaned is lighter than what is not: the edge shows until the weather evens it out.',
          ),
        ]
      : []),
  ];
}

function looks({ surface, treatment }: TreatedSurface, catalogue: HouseCatalogue) {
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
    const place = mark.where === '' ? surface.name : `${surface.name}, ${mark.where}`;
    return [{ key: `mark.${mark.id}`, place, surface: surface.id, text: permanent.expectation }];
  });
}

/** Of the property as a whole: when one comes again, and when what works slowly shows. */
function siteExpectations(plan: Derivation, survey: Survey): readonly Said[] {
  const site = (key: string, text: string): Said => ({ key, place: 'Whole site', surface: null, text });
  const later = visitOutlines(plan, survey).slice(1);
  const slow = plan.surfaces.flatMap(({ surface, treatment }) =>
    treatment?.parts.some((part) => part.stages.some((s) => s.apply?.agentClass === 'quaternary'))
      ? [surface.name]
      : [],
  );
  const { start } = survey.job;
  const [from, to] = TRADE_DEFAULTS.slowResultDays;
  const when =
    start === null ? 'after 6 to 18 months' : `between ${daysAfter(start, from)} and ${daysAfter(start, to)}`;
  return [
    ...later.map(({ number, from: day, fromDay, faces }) =>
      site(
        `visit-${number}`,
        `We come again ${day === null ? `${fromDay} days later` : `from ${day} on`} for ${faces.map((f) => f.name).join(', ')}.`,
      ),
    ),
    ...(slow.length > 0
      ? [
          site(
            'slow-result',
            `${slow.join(', ')}: nothing is seen at first; growth browns and the weather carries it off, ${when}.`,
          ),
        ]
      : []),
  ];
}

/** Whether somebody acknowledged what is said now, and not something else. */
export function isAcknowledged(
  expectations: readonly Expectation[],
  survey: Pick<FacedSurvey, 'job'>,
): boolean {
  return survey.job.acknowledgement?.hash === expectationsHash(expectations);
}

/** Hash of everything that is said, place by place. */
export function expectationsHash(expectations: readonly Expectation[]): string {
  return canonicalHash(expectations.filter((e) => !e.leftOut).map(({ place, text }) => [place, text]));
}
