import { listed, lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { harmTo, setsFreeGasWithAmmonia } from '../protection/exposed-faces.ts';
import type { Exposure, Reaching } from '../protection/exposed-faces.ts';
import { otherWays } from '../protection/other-treatments.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import type { Warning } from './warning.ts';

/** Each agent that comes to a face which does not bear it: what it does there, and the treatment that would spare it. */
export function exposureWarnings(
  exposed: readonly Exposure[],
  survey: FacedSurvey,
  surfaces: readonly TreatedSurface[],
): readonly Warning[] {
  const nameOf = new Map(survey.surfaces.map((s) => [s.id as string, s.name]));
  return exposed.flatMap((exposure) => {
    const { face, agent, how, from, refusals, setsFreeGas } = exposure;
    const comes = `${face.name}: ${lowerFirst(agent.name)} ${COMES[how](listed(from.map((id) => nameOf.get(id) ?? id)))}`;
    const instead = otherWords(exposure, survey, surfaces);
    const warn = (rule: string, text: string): Warning => ({
      rule,
      severity: 'warn',
      surface: face.id,
      text: `${comes}. ${text} ${instead}`,
    });
    return [
      ...(setsFreeGas
        ? [
            warn(
              'ammonia-under-hypochlorite',
              'Droppings or urine lie there, and together they set free toxic gas: they are flushed away with plain water before anything else begins.',
            ),
          ]
        : []),
      ...(refusals.length > 0
        ? [
            warn(
              'agent-on-other-face',
              `${refusals.map((r) => r.text).join(' ')} It is protected by the acts of the order.`,
            ),
          ]
        : []),
    ];
  });
}

const COMES: Readonly<Record<Reaching, (from: string) => string>> = {
  'run-off': (from) => `runs over it from ${from}`,
  beside: (from) => `reaches its edge from ${from}`,
  splash: (from) => `splashes onto it from ${from}`,
  drift: (from) => `drifts onto it in this wind from ${from}`,
};

/** The other way out, where one face alone brings the agent. */
function otherWords(
  { face, agent, from, setsFreeGas }: Exposure,
  survey: FacedSurvey,
  surfaces: readonly TreatedSurface[],
): string {
  const [source, ...more] = from;
  const fits = (other: typeof agent) =>
    harmTo(face, other, survey).length === 0 && !(setsFreeGas && setsFreeGasWithAmmonia(other));
  const [way] =
    source !== undefined && more.length === 0
      ? otherWays({ face: source, agent: agent.id }, fits, surfaces)
      : [];
  return way
    ? `To spare it: ${lowerFirst(way.name)} on ${surfaces.find((p) => p.surface.id === way.face)?.surface.name ?? way.face}.`
    : 'No single other treatment spares it.';
}
