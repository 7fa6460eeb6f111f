import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/numbers.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Reading, ReadingKind } from '../survey/reading.ts';
import {
  dampUntil,
  greatestMoisture,
  lastReading,
  rainedUntil,
  shutsIn,
} from '../protection/drying-clock.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/**
 * What was read on faces and stands against the plan: damp or rain before what wants a dry face, acid or alkali that is still there.
 * @param date of the visit that is planned, YYYY-MM-DD; null while the job has none
 */
export function readingWarnings(
  surfaces: readonly TreatedSurface[],
  survey: FacedSurvey,
  date: string | null,
): readonly Warning[] {
  const catalogue = survey.catalogue;
  return surfaces.flatMap((planned) => {
    const last = (what: ReadingKind) => lastReading(survey.readings, planned.surface.id, what);
    const days = dryingDays(planned, catalogue);
    return [
      ...(days === null ? [] : tooDamp(planned, last('moisture'), date, catalogue)),
      ...(days === null ? [] : rainedOn(planned, last('rain'), days, { date, start: survey.job.start })),
      ...notNeutral(planned, last('ph'), catalogue),
    ];
  });
}

/** Days that the face dries before what is planned on it now; null where it need not be dry. */
function dryingDays({ treatment }: TreatedSurface, catalogue: CompanyCatalogue): number | null {
  const methods = new Set((treatment?.stages ?? []).map(({ method }) => method));
  const days = (treatment?.proposals ?? []).flatMap(({ chosen }) =>
    chosen && methods.has(chosen.method.id) ? (catalogue.method(chosen.method.id).dryFirst?.days ?? []) : [],
  );
  return days.length === 0 ? null : Math.max(...days);
}

/** What shuts water in waits for a meter: wood by its own limit, masonry, stone and concrete by theirs. */
function tooDamp(
  { surface, treatment }: TreatedSurface,
  read: Reading | null,
  date: string | null,
  catalogue: CompanyCatalogue,
): readonly Warning[] {
  const most = greatestMoisture(surface.material, catalogue);
  const next = dampUntil(read, most);
  if (!shutsIn(treatment?.stages ?? []) || read === null || next === null) return [];
  const damp = { place: surface.name, read: decimal(read.figure, 1), on: read.on, most, next };
  return [warning('too-damp', waitsUntil(next, date), damp, surface.id)];
}

/** Rain starts the drying again, whatever was done before: a later visit has moved by it, the first is stopped. */
function rainedOn(
  { surface }: TreatedSurface,
  read: Reading | null,
  days: number,
  { date, start }: { readonly date: string | null; readonly start: string | null },
): readonly Warning[] {
  const next = rainedUntil(read, days);
  if (read === null || next === null) return [];
  const rain = { place: surface.name, read: decimal(read.figure, 1), on: read.on, next };
  if (date === null || date < next) return [warning('rained-on', waitsUntil(next, date), rain, surface.id)];
  return start !== null && read.on >= start ? [warning('rained-on/moved', 'note', rain, surface.id)] : [];
}

/** A visit before that day is stopped; later it is told, and read again on the day. */
const waitsUntil = (next: string, date: string | null) => (date !== null && date < next ? 'stop' : 'warn');

/**
 * Acid under hypochlorite is a poison, and stops the order. Alkali may also come out of the face itself, as out of young
 * cement: that is told, and what stays on for months wants a neutral face.
 */
function notNeutral(
  { surface, treatment }: TreatedSurface,
  read: Reading | null,
  catalogue: CompanyCatalogue,
): readonly Warning[] {
  const { from, to } = TRADE_DEFAULTS.neutralPH;
  if (read === null || (read.figure >= from && read.figure <= to)) return [];
  const acid = read.figure < from;
  const applied = (treatment?.stages ?? []).flatMap(({ kind, apply }) =>
    apply && kind === 'apply'
      ? [
          {
            ...apply,
            name: catalogue.agent(apply.agent).name,
            opposedTo: catalogue.agent(apply.agent).opposedTo,
          },
        ]
      : [],
  );
  const opposed = applied.find(({ opposedTo }) =>
    opposedTo.some((c) => (acid ? c === 'acid' : c === 'caustic' || c === 'mild-alkaline')),
  );
  const lasting = applied.find(({ leaveOn, agentClass }) => leaveOn || agentClass === 'coating');
  const met = opposed ?? lasting;
  if (!met) return [];
  const about = {
    place: surface.name,
    read: decimal(read.figure, 1),
    on: read.on,
    agent: lowerFirst(met.name),
    from,
    to,
  };
  if (opposed)
    return acid
      ? [warning('not-neutral/never', 'stop', about, surface.id)]
      : [warning('not-neutral/used-up', 'warn', about, surface.id)];
  return [warning(acid ? 'not-neutral/acid' : 'not-neutral/alkali', 'warn', about, surface.id)];
}
