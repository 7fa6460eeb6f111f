import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/numbers.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Reading, ReadingKind } from '../survey/reading.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** What was read on faces and stands against the plan: wood too damp for its coat, acid or alkali that is still there. */
export function readingWarnings(
  surfaces: readonly TreatedSurface[],
  survey: FacedSurvey,
): readonly Warning[] {
  const catalogue = survey.catalogue;
  return surfaces.flatMap((planned) => {
    const last = (what: ReadingKind) => lastReading(survey.readings, planned.surface.id, what);
    return [...tooDamp(planned, last('moisture'), catalogue), ...notNeutral(planned, last('ph'), catalogue)];
  });
}

/** Of several on the latest day the one that was written down last counts. */
function lastReading(readings: readonly Reading[], surface: string, what: ReadingKind): Reading | null {
  return readings
    .filter((r) => r.surface === surface && r.what === what)
    .reduce<Reading | null>(
      (last, r) =>
        last === null || r.on > last.on || (r.on === last.on && r.position >= last.position) ? r : last,
      null,
    );
}

function tooDamp(
  { surface, treatment }: TreatedSurface,
  read: Reading | null,
  catalogue: CompanyCatalogue,
): readonly Warning[] {
  const coated = treatment?.stages.some((s) => s.apply?.agentClass === 'coating') ?? false;
  const most = TRADE_DEFAULTS.greatestWoodMoisturePercent;
  if (!coated || read === null || read.figure <= most) return [];
  if (catalogue.material(surface.material).family !== 'timber') return [];
  const damp = { place: surface.name, read: decimal(read.figure, 1), on: read.on, most };
  return [warning('too-damp', 'warn', damp, surface.id)];
}

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
