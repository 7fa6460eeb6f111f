import { isByOthers } from '../catalogue/method.ts';
import { AFTERCARE, COAT_MONTHS, GROWTHS, REVIEWED } from '../catalogue/data/aftercare.ts';
import type { AftercarePlace, Interval } from '../catalogue/data/aftercare.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { say } from '../messages/message.ts';
import type { Derivation } from '../plan/derivation.ts';
import type { ContaminantProposal } from '../proposal/surface-treatment.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { daysAfter, monthsAfter } from '../quantity/calendar.ts';
import { lowerFirst } from '../quantity/words.ts';
import { isShadySide } from '../survey/side.ts';
import type { Survey } from '../survey/survey.ts';

export const AFTERCARE_KINDS = ['review', 'look', 'offer', 'reminder', 'guarantee'] as const;
export type AftercareKind = (typeof AFTERCARE_KINDS)[number];

/** One thing that comes after the work: what, where and when. */
export interface AftercareItem {
  readonly kind: AftercareKind;
  readonly text: string;
  readonly surfaces: readonly string[];
  readonly places: readonly string[];
  /** After the last visit to the surface. */
  readonly after: { readonly days: number } | { readonly months: number };
  /** YYYY-MM-DD; null while the job has no date. */
  readonly on: string | null;
}

type Due = Pick<AftercareItem, 'kind' | 'text' | 'after'>;

/**
 * Reviews, what shows when, maintenance and reminders of a job, by their dates: of each surface from the last visit to it, the same of
 * several surfaces once. Trade defaults; labels and the site come first.
 */
export function aftercareOf(plan: Derivation, survey: Survey): readonly AftercareItem[] {
  const catalogue = companyCatalogue(survey.handbook);
  const sides = new Map(
    survey.sides.map((side) => [side.id as string, isShadySide(side, survey.property.place.latitude)]),
  );
  const items = plan.surfaces.flatMap((planned) => {
    const { surface } = planned;
    const isSlow =
      sides.get(surface.side ?? '') === true ||
      catalogue.material(surface.material).sorptivity[surface.finish] >= TRADE_DEFAULTS.patchySorptivity;
    const last = lastDay(plan, surface.id);
    return last === null
      ? []
      : new FaceAftercare(planned, catalogue, isSlow).due().map((due) => itemOf(due, surface, last, survey));
  });
  return inOrder([...merged(items), ...guarantee(plan, survey)]);
}

/** Of the last visit to a surface, days after the first; null where nobody comes for it. */
function lastDay(plan: Derivation, surface: string): number | null {
  const days = plan.visits
    .filter((visit) => visit.parts.some((part) => part.surface === surface && part.stages.length > 0))
    .map((visit) => visit.fromDay);
  return days.length === 0 ? null : Math.max(...days);
}

/** What comes after on one surface. */
class FaceAftercare {
  constructor(
    private readonly planned: TreatedSurface,
    private readonly catalogue: CompanyCatalogue,
    /** It stays damp for longer: what grows is back sooner. */
    private readonly isSlow: boolean,
  ) {}

  due(): readonly Due[] {
    const worked = this.worked;
    const growth = worked.filter(({ finding }) => GROWTHS.includes(finding.contaminant));
    const leftOn = worked.some(({ chosen }) => chosen !== null && this.isLeftOn(chosen.method.id));
    const isReviewed = worked.some(({ finding }) => REVIEWED.includes(finding.contaminant));
    return [
      ...(isReviewed ? [REVIEW] : []),
      ...(leftOn ? LOOKS.map(lookAfter) : []),
      ...this.again(growth, leftOn),
      ...this.coats(worked),
      ...this.joints(worked),
    ];
  }

  private get worked(): readonly ContaminantProposal[] {
    const { treatment } = this.planned;
    return (treatment?.proposals ?? []).filter(({ chosen }) => chosen && !isByOthers(chosen.method));
  }

  private again(growth: readonly ContaminantProposal[], leftOn: boolean): readonly Due[] {
    if (leftOn) return [this.reminder(say('aftercare/biocide-again'), AFTERCARE.biocideMonths[this.place])];
    if (growth.length > 0)
      return [
        ...(this.takesBiocide(growth)
          ? [
              {
                kind: 'offer',
                text: say('aftercare/biocide'),
                after: { days: AFTERCARE.biocideDays },
              } as const,
            ]
          : []),
        this.reminder(say('aftercare/wash-again'), AFTERCARE.washMonths[this.place]),
      ];
    if (this.worked.length === 0) return [];
    const { family } = this.catalogue.material(this.planned.surface.material);
    if (family === 'glass')
      return [this.reminder(say('aftercare/glass-again'), [AFTERCARE.glassMonths, AFTERCARE.glassMonths])];
    return family === 'metal'
      ? [this.reminder(say('aftercare/metal-again'), [AFTERCARE.metalMonths, AFTERCARE.metalMonths])]
      : [];
  }

  /** Where a biocide may be left on, and growth was more than a trace. */
  private takesBiocide(growth: readonly ContaminantProposal[]): boolean {
    return growth.some(
      ({ finding, alternatives }) =>
        finding.severity >= AFTERCARE.biocideFrom &&
        alternatives.some(({ method }) => AFTERCARE.biocides.includes(method.id)),
    );
  }

  private coats(worked: readonly ContaminantProposal[]): readonly Due[] {
    return worked.flatMap(({ chosen }) => {
      const months = chosen && COAT_MONTHS[chosen.method.id];
      return months
        ? [this.reminder(say('aftercare/coat-again', { method: lowerFirst(chosen.method.name) }), months)]
        : [];
    });
  }

  private joints(worked: readonly ContaminantProposal[]): readonly Due[] {
    const { sweepMonths, weedMonths } = AFTERCARE.joints;
    const has = (...dirt: readonly string[]) => worked.some((p) => dirt.includes(p.finding.contaminant));
    return [
      ...(has('weeds', 'empty-joints')
        ? [this.reminder(say('aftercare/sweep'), [sweepMonths, sweepMonths])]
        : []),
      ...(has('weeds') ? [this.reminder(say('aftercare/weeds'), [weedMonths, weedMonths])] : []),
    ];
  }

  private reminder(text: string, [shady, sunny]: Interval): Due {
    return { kind: 'reminder', text, after: { months: this.isSlow ? shady : sunny } };
  }

  private isLeftOn(method: string): boolean {
    return this.catalogue
      .method(method)
      .stages.some(
        (stage) =>
          stage.kind === 'apply' && stage.leaveOn && this.catalogue.agent(stage.agent).class === 'quaternary',
      );
  }

  private get place(): AftercarePlace {
    const { band } = this.planned.surface;
    return band === 'roof' || band === 'floor' ? band : 'wall';
  }
}

const REVIEW: Due = {
  kind: 'review',
  text: say('aftercare/review'),
  after: { days: AFTERCARE.reviewDays },
};
const LOOKS = AFTERCARE.looksMonths;
const lookAfter = (months: (typeof LOOKS)[number]): Due => ({
  kind: 'look',
  text: say(`aftercare/look/${months}`),
  after: { months },
});

function itemOf(
  due: Due,
  { id, name }: TreatedSurface['surface'],
  last: number,
  survey: Survey,
): AftercareItem {
  const { start } = survey.job;
  return { ...due, surfaces: [id], places: [name], on: start && dayOf(due.after, daysAfter(start, last)) };
}

const dayOf = (after: AftercareItem['after'], from: string) =>
  'days' in after ? daysAfter(from, after.days) : monthsAfter(from, after.months);

function merged(items: readonly AftercareItem[]): readonly AftercareItem[] {
  const same = new Map<string, AftercareItem>();
  for (const item of items) {
    const key = JSON.stringify([item.kind, item.text, item.after, item.on]);
    const known = same.get(key);
    same.set(
      key,
      known
        ? {
            ...known,
            surfaces: [...known.surfaces, ...item.surfaces],
            places: [...known.places, ...item.places],
          }
        : item,
    );
  }
  return [...same.values()];
}

/** How long the company stands for what it has cleaned, from the last visit on, in its own terms. */
function guarantee(plan: Derivation, survey: Survey): readonly AftercareItem[] {
  const { house, start } = survey.job;
  const last = plan.visits.at(-1)?.fromDay;
  if (!house.guarantee || last === undefined) return [];
  const after = { months: house.guarantee.months };
  const worked = plan.surfaces.filter((p) => lastDay(plan, p.surface.id) !== null);
  return [
    {
      kind: 'guarantee',
      text: say('aftercare/guarantee', { terms: house.guarantee.terms }).trim(),
      surfaces: worked.map((p) => p.surface.id),
      places: [say('order/whole-site')],
      after,
      on: start && dayOf(after, daysAfter(start, last)),
    },
  ];
}

const DAYS_A_MONTH = 30.4;

function inOrder(items: readonly AftercareItem[]): readonly AftercareItem[] {
  const days = ({ after }: AftercareItem) => ('days' in after ? after.days : after.months * DAYS_A_MONTH);
  return [...items].sort((a, b) => days(a) - days(b) || ((a.on ?? '') < (b.on ?? '') ? -1 : 1));
}
