import type { Catalogue } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { daysAfter, daysBetween } from '../quantity/calendar.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Reading, ReadingKind } from '../survey/reading.ts';
import type { Stage, TreatmentPart } from '../treatment/stage.ts';

/** Of several on the latest day the one that was written down last counts. */
export function lastReading(
  readings: readonly Reading[],
  surface: string,
  what: ReadingKind,
): Reading | null {
  return readings
    .filter((r) => r.surface === surface && r.what === what)
    .reduce<Reading | null>(
      (last, r) =>
        last === null || r.on > last.on || (r.on === last.on && r.position >= last.position) ? r : last,
      null,
    );
}

/** Whether something of it is filled in or coated over, which shuts water in. */
export function shutsIn(stages: readonly Stage[]): boolean {
  return stages.some(({ kind, apply }) => kind === 'fill' || apply?.agentClass === 'coating');
}

/** What a meter may read before that, percent: wood by its own limit, masonry, stone and concrete by theirs. */
export function greatestMoisture(material: string, catalogue: Catalogue): number {
  const { greatestWoodMoisturePercent, greatestMasonryMoisturePercent } = TRADE_DEFAULTS;
  return catalogue.material(material).family === 'timber'
    ? greatestWoodMoisturePercent
    : greatestMasonryMoisturePercent;
}

/** Until when a reading of too much moisture holds, YYYY-MM-DD; null where it is dry enough. */
export function dampUntil(read: Reading | null, most: number): string | null {
  return read === null || read.figure <= most ? null : daysAfter(read.on, TRADE_DEFAULTS.readAgainDays);
}

/** Until when rain that was noted has dried off, YYYY-MM-DD; null where none fell. */
export function rainedUntil(read: Reading | null, dryingDays: number): string | null {
  return read === null || read.figure === 0 ? null : daysAfter(read.on, dryingDays);
}

/**
 * The day before which a part that waits for a dry surface is not begun, by what was read there since; days after the first visit, 0
 * where nothing holds it up. Rain starts the drying again, whatever was done before; what is done stays done.
 */
export function heldUpUntil(
  surface: FacedSurvey['surfaces'][number],
  { wait, stages }: TreatmentPart,
  { job, readings, catalogue }: Pick<FacedSurvey, 'job' | 'readings' | 'catalogue'>,
): number {
  if (job.start === null || wait?.for !== 'dry') return 0;
  const last = (what: ReadingKind) => lastReading(readings, surface.id, what);
  const days = [
    rainedUntil(last('rain'), wait.days.from),
    shutsIn(stages) ? dampUntil(last('moisture'), greatestMoisture(surface.material, catalogue)) : null,
  ].flatMap((day) => (day === null || job.start === null ? [] : daysBetween(job.start, day)));
  return Math.max(0, ...days);
}
