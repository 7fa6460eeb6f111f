import { say } from '../messages/message.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import type { PartWait, Stage } from '../treatment/stage.ts';
import type { Derivation } from './derivation.ts';
import type { PropertyVisit, VisitPart } from '../protection/property-visits.ts';

/** One coming of the crew, told in short. */
export interface VisitOutline {
  readonly number: number;
  /** At the earliest, YYYY-MM-DD; null while the job has no date. */
  readonly from: string | null;
  readonly latest: string | null;
  /** Days after the first visit. */
  readonly fromDay: number;
  readonly latestDay: number | null;
  /** The day before had no room for it; left out in orders from before a visit could take more than a day. */
  readonly goesOn?: boolean;
  /** One person's minutes with hands on the face, set-out and waits not counted. */
  readonly handsOnMinutes: number;
  readonly faces: readonly {
    readonly surface: string;
    readonly name: string;
    readonly methods: readonly string[];
    /** What must have passed; empty where nothing has to. */
    readonly because: string;
  }[];
}

/** The visits of a plan with their dates, reasons and work. */
export function visitOutlines(plan: Derivation, survey: Survey): readonly VisitOutline[] {
  return plan.visits.map((visit) => outlineOf(visit, plan, survey));
}

function outlineOf(visit: PropertyVisit, plan: Derivation, survey: Survey): VisitOutline {
  const { start } = survey.job;
  const day = (days: number | null) => (start === null || days === null ? null : daysAfter(start, days));
  const catalogue = companyCatalogue(survey.handbook);
  const names = new Map(plan.surfaces.map((p) => [p.surface.id as string, p.surface.name]));
  return {
    number: visit.number,
    from: day(visit.fromDay),
    latest: day(visit.latestDay),
    fromDay: visit.fromDay,
    latestDay: visit.latestDay,
    goesOn: visit.goesOn,
    handsOnMinutes: visit.parts.reduce((sum, part) => sum + partMinutes(part), 0),
    faces: visit.parts.map((part) => ({
      surface: part.surface,
      name: names.get(part.surface) ?? part.surface,
      methods: [...new Set(part.stages.map((s) => s.method))].map((id) => catalogue.method(id).name),
      because: part.wait ? waitInWords(part.wait) : '',
    })),
  };
}

/** "dries for at least 2 days, until joints are dry to the depth of a finger". */
export function waitInWords({ for: waitsFor, days, until }: PartWait): string {
  const how = { until: lowerFirst(until) };
  if (days.from === 0 && days.latest === null) return say(`wait/${waitsFor}`, how);
  const span =
    days.latest === null
      ? say('span/at-least', { from: days.from })
      : say('span/between', { from: days.from, to: days.latest });
  return say(`wait/${waitsFor}/for`, { ...how, span });
}

function partMinutes(part: VisitPart): number {
  return part.stages.reduce((sum, stage) => sum + stageMinutes(stage), 0);
}

/** One person's minutes for a stage, dwell not counted. */
export function stageMinutes(stage: Stage): number {
  if (!stage.rate) return stage.minutes ?? 0;
  const coats = stage.apply?.coats ?? 1;
  return (60 * coats * stage.areaSquareMetres) / stage.rate.squareMetresPerHour;
}
