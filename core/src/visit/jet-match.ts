import { say } from '../messages/message.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Jet, Tool } from '../catalogue/tool.ts';
import { pumpMatch } from '../jet/pump-match.ts';
import type { Pump, PumpMatch } from '../jet/pump-match.ts';
import { jetDose, leastStandOff } from '../jet/stand-off.ts';
import { surfacePressure } from '../jet/surface-pressure.ts';
import { formatPumpPressure, formatStandOff } from '../quantity/shown-quantity.ts';
import { BAR_PER_PSI } from '../quantity/units.ts';
import { decimal } from '../quantity/numbers.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { JobDetail } from '../survey/job-detail.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';

/** One jet of the plan with the pump that comes along, on one face. */
export interface JetOnFace {
  readonly surface: string;
  readonly tool: string;
  /** As it runs: with the tip of the company, at the pressure of its pump where that is written down. */
  readonly jet: Jet;
  readonly match: PumpMatch | null;
  readonly kilopascal: number;
  readonly limitKilopascal: number;
  /** Least distance at that pressure, m; null where no distance is enough. */
  readonly leastMetres: number | null;
  /** Of its one nozzle, for other tips; null for several and for a rotating one. */
  readonly orifice: number | null;
  /** Energy on a square metre, led quickly and slowly, kJ; null for a tool that is not led along. */
  readonly doseKilojoules: readonly [number, number] | null;
  /** What to do about a pump that is stronger than the tool is judged by; null where nothing is. */
  readonly advice: string | null;
}

const PUMPED: readonly string[] = ['pressure-washer', 'hot-washer'];
/** A pump counts as stronger from this share above on. */
const STRONGER = 1.03;

/** The pump that drives a tool, by its plate; null while flow or pressure is not written down, or none drives it. */
export function pumpOf(tool: Tool, { machines }: Pick<JobDetail['house'], 'machines'>): Pump | null {
  const machine = machines.find((m) => PUMPED.includes(m.kind) && tool.machines.includes(m.kind));
  if (!machine) return null;
  const { flowLitresPerMinute: flow, pressureBar: bar } = machine;
  return flow === null || bar === null ? null : { litresPerMinute: flow, ratedPsi: bar / BAR_PER_PSI };
}

/** The jet of a tool with the tips you have for its lance; null for a tool without one. */
export function jetOnPump(tool: Tool, { machines }: Pick<JobDetail['house'], 'machines'>): Jet | null {
  const { jet } = tool;
  if (!jet || jet.nozzles > 1 || jet.rotatingFactor !== undefined) return jet;
  const orifice =
    machines.find((m) => PUMPED.includes(m.kind) && tool.machines.includes(m.kind))?.tipOrifice ?? null;
  return orifice === null ? jet : { ...jet, orifice };
}

/** Every jet of a visit, each tool once on each face. */
export function jetsOn(
  surfaces: readonly TreatedSurface[],
  { job }: Pick<FacedSurvey, 'job'>,
): readonly JetOnFace[] {
  // Faces of one limit under one tool are alike.
  const jetByToolAndLimit = new Map<string, Omit<JetOnFace, 'surface'>>();
  return surfaces.flatMap((planned) => {
    const tools = new Set((planned.treatment?.stages ?? []).flatMap((s) => s.tool ?? []));
    return [...tools].flatMap((id): readonly JetOnFace[] => {
      const tool = CATALOGUE.tool(id);
      const jetWithTip = jetOnPump(tool, job.house);
      if (!tool.jet || !jetWithTip) return [];
      const key = `${id} ${planned.jetLimitKilopascal}`;
      const jet =
        jetByToolAndLimit.get(key) ??
        jetOn(planned.jetLimitKilopascal, tool, { judged: tool.jet, tipped: jetWithTip }, job);
      jetByToolAndLimit.set(key, jet);
      return [{ surface: planned.surface.id, ...jet }];
    });
  });
}

/** How a jet is led on a face: no nearer than its tool is judged by, and farther off where the pump is stronger. */
export function jetAtStandOff({ jet, leastMetres }: Pick<JetOnFace, 'jet' | 'leastMetres'>): {
  readonly metres: number;
  readonly kilopascal: number;
} {
  const metres = Math.max(jet.standOffMetres, leastMetres ?? 0);
  return { metres, kilopascal: surfacePressure({ ...jet, standOffMetres: metres }) };
}

function jetOn(
  limit: number,
  tool: Tool,
  { judged, tipped: jet }: { readonly judged: Jet; readonly tipped: Jet },
  { house, units }: JobDetail,
): Omit<JetOnFace, 'surface'> {
  const pump = pumpOf(tool, house);
  const orificeSum = jet.orifice * jet.nozzles;
  const match = pump && pumpMatch(pump, orificeSum, units);
  const psi = match?.psi ?? jet.psi;
  const running = { ...jet, psi };
  const least = leastStandOff(running, limit);
  return {
    tool: tool.id,
    jet: running,
    match,
    kilopascal: surfacePressure(running),
    limitKilopascal: limit,
    leastMetres: least,
    orifice: jet.nozzles === 1 && jet.rotatingFactor === undefined ? jet.orifice : null,
    doseKilojoules: tool.paceMetresPerMinute && [
      jetDose(running, tool.paceMetresPerMinute[1]),
      jetDose(running, tool.paceMetresPerMinute[0]),
    ],
    advice:
      surfacePressure(running) > surfacePressure(judged) * STRONGER
        ? adviceFor(running, judged, limit, least, units)
        : null,
  };
}

/**
 * The tool is judged by its own pressure and tip: a pump that gives more, or a tip that lets more out, is turned down or led
 * farther off. The force of a jet goes with orifice × pressure.
 */
function adviceFor(
  running: Jet,
  judged: Jet,
  limit: number,
  least: number | null,
  units: JobDetail['units'],
): string {
  const said = (psi: number) => formatPumpPressure(psi * BAR_PER_PSI, units);
  const pressures = {
    running: said(running.psi),
    judged: said(judged.psi),
    down: said((judged.psi * judged.orifice) / running.orifice),
  };
  const advice =
    running.orifice === judged.orifice
      ? say('jet/same-tip', pressures)
      : say('jet/other-tip', {
          ...pressures,
          orifice: decimal(running.orifice, 1),
          judgedOrifice: decimal(judged.orifice, 1),
        });
  if (surfacePressure(running) <= limit) return say('jet/within', { advice });
  return least === null || least > running.standOffMetres * 3
    ? say('jet/beyond', { advice })
    : say('jet/or-away', { advice, distance: formatStandOff(least, units) });
}

/** Pumps that are stronger than the work is judged by, where that would break a face's limit. */
export function jetWarnings(surfaces: readonly TreatedSurface[], survey: FacedSurvey): readonly Warning[] {
  const names = new Map(surfaces.map((p) => [p.surface.id as string, p.surface.name]));
  return jetsOn(surfaces, survey).flatMap(({ surface, tool, kilopascal, limitKilopascal, advice }) => {
    if (advice === null || kilopascal <= limitKilopascal) return [];
    const force = decimal(kilopascal, 0);
    const limit = decimal(limitKilopascal, 0);
    const about = { place: names.get(surface) ?? surface, tool: CATALOGUE.tool(tool).name };
    return [warning('pump-stronger', 'warn', { ...about, force, limit, advice }, surface)];
  });
}
