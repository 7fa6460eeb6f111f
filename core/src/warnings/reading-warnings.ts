import type { HouseCatalogue } from '../house/house-catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Reading, ReadingKind } from '../survey/reading.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
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
  catalogue: HouseCatalogue,
): readonly Warning[] {
  const coated = treatment?.stages.some((s) => s.apply?.agentClass === 'coating') ?? false;
  const most = TRADE_DEFAULTS.greatestWoodMoisturePercent;
  if (!coated || read === null || read.figure <= most) return [];
  if (catalogue.material(surface.material).family !== 'timber') return [];
  return [
    {
      rule: 'too-damp',
      severity: 'warn',
      surface: surface.id,
      text: `${surface.name}: ${decimal(read.figure, 1)} % moisture on ${read.on}, and what is put on it wants ${most} % at most: let it dry and read again.`,
    },
  ];
}

/**
 * Acid under hypochlorite is a poison, and stops the order. Alkali may also come out of the face itself, as out of young
 * cement: that is told, and what stays on for months wants a neutral face.
 */
function notNeutral(
  { surface, treatment }: TreatedSurface,
  read: Reading | null,
  catalogue: HouseCatalogue,
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
  const still = `pH ${decimal(read.figure, 1)} on ${read.on}: ${acid ? 'acid' : 'alkali'} is still on it`;
  const again = `Rinse, neutralise and read again, until the strip says ${from} to ${to}.`;
  return [
    {
      rule: 'not-neutral',
      severity: opposed && acid ? 'stop' : 'warn',
      surface: surface.id,
      text: opposed
        ? `${surface.name}: ${still}, and ${lowerFirst(met.name)} ${acid ? 'must never meet it' : 'is used up by it, with heat'}. ${again}`
        : `${surface.name}: ${still}, and ${lowerFirst(met.name)} does not last on such a face. ${again}`,
    },
  ];
}
