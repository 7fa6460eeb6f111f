import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Jet, Tool } from '../catalogue/tool.ts';
import { pumpMatch } from '../jet/pump-match.ts';
import type { Pump, PumpMatch } from '../jet/pump-match.ts';
import { jetDose, leastStandOff } from '../jet/stand-off.ts';
import { surfacePressure } from '../jet/surface-pressure.ts';
import { formatStandOff } from '../quantity/length.ts';
import { BAR_PER_PSI, formatPumpPressure } from '../quantity/pressure.ts';
import { decimal } from '../quantity/rounding.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { JobDetail } from '../survey/job-detail.ts';
import type { TreatedSurface } from './planned-surface.ts';
import type { Warning } from './warnings.ts';

/** One jet of the plan with the pump that comes along, on one face. */
export interface JetOnFace {
  readonly surface: string;
  readonly tool: string;
  /** At the tip where the pump is let run, psi; the tool's own where nobody wrote the pump down. */
  readonly psi: number;
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

/** Every jet of a visit, each tool once on each face. */
export function jetsOn(
  surfaces: readonly TreatedSurface[],
  { job }: Pick<FacedSurvey, 'job'>,
): readonly JetOnFace[] {
  // Faces of one limit under one tool are alike.
  const known = new Map<string, Omit<JetOnFace, 'surface'>>();
  return surfaces.flatMap((planned) => {
    const tools = new Set((planned.treatment?.stages ?? []).flatMap((s) => s.tool ?? []));
    return [...tools].flatMap((id): readonly JetOnFace[] => {
      const tool = CATALOGUE.tool(id);
      if (!tool.jet) return [];
      const key = `${id} ${String(planned.jetLimitKilopascal)}`;
      const jet = known.get(key) ?? jetOn(planned.jetLimitKilopascal, tool, tool.jet, job);
      known.set(key, jet);
      return [{ surface: planned.surface.id, ...jet }];
    });
  });
}

/** How a jet is led on a face: no nearer than its tool is judged by, and farther off where the pump is stronger. */
export function ledJet({ tool: id, psi, leastMetres, kilopascal }: JetOnFace): { readonly metres: number; readonly kilopascal: number } {
  const { jet } = CATALOGUE.tool(id);
  if (!jet) return { metres: 0, kilopascal };
  const metres = Math.max(jet.standOffMetres, leastMetres ?? 0);
  return { metres, kilopascal: surfacePressure({ ...jet, psi, standOffMetres: metres }) };
} // prettier-ignore

function jetOn(limit: number, tool: Tool, jet: Jet, { house, units }: JobDetail): Omit<JetOnFace, 'surface'> {
  const pump = pumpOf(tool, house);
  const orificeSum = jet.orifice * jet.nozzles;
  const match = pump && pumpMatch(pump, orificeSum, units);
  const psi = match?.psi ?? jet.psi;
  const running = { ...jet, psi };
  const least = leastStandOff(running, limit);
  return {
    tool: tool.id,
    psi,
    match,
    kilopascal: surfacePressure(running),
    limitKilopascal: limit,
    leastMetres: least,
    orifice: jet.nozzles === 1 && jet.rotatingFactor === undefined ? jet.orifice : null,
    doseKilojoules: tool.paceMetresPerMinute && [
      jetDose(running, tool.paceMetresPerMinute[1]),
      jetDose(running, tool.paceMetresPerMinute[0]),
    ],
    advice: match && psi > jet.psi * STRONGER ? adviceFor(running, jet.psi, limit, least, units) : null,
  };
}

/** The tool is judged by its own pressure: a pump that gives more is turned down, or led farther off. */
function adviceFor(running: Jet, judgedPsi: number, limit: number, least: number | null, units: JobDetail['units']): string {
  const said = (psi: number) => formatPumpPressure(psi * BAR_PER_PSI, units);
  const down = `turn the pump down to ${said(judgedPsi)} at the tip`;
  const gives = `This pump gives ${said(running.psi)} through this tip, and the work is counted with ${said(judgedPsi)}`;
  if (surfacePressure(running) <= limit) return `${gives}: ${down}; at full pressure it still stays within the limit.`;
  return least === null || least > running.standOffMetres * 3
    ? `${gives}: ${down}; at full pressure it breaks the limit of this face.`
    : `${gives}: ${down}, or keep ${formatStandOff(least, units)} off.`;
} // prettier-ignore

/** Pumps that are stronger than the work is judged by, where that would break a face's limit. */
export function jetWarnings(surfaces: readonly TreatedSurface[], survey: FacedSurvey): readonly Warning[] {
  const names = new Map(surfaces.map((p) => [p.surface.id as string, p.surface.name]));
  return jetsOn(surfaces, survey).flatMap(({ surface, tool, kilopascal, limitKilopascal, advice }) =>
    advice !== null && kilopascal > limitKilopascal
      ? [
          {
            rule: 'pump-stronger',
            severity: 'warn' as const,
            surface,
            text: `${names.get(surface) ?? surface}, ${CATALOGUE.tool(tool).name}: ${decimal(kilopascal, 0)} kPa on the face at full pressure, ${decimal(limitKilopascal, 0)} allowed. ${advice}`,
          },
        ]
      : [],
  );
}
