import { say } from '../messages/message.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { harmTo, setsFreeGasWithAmmonia } from '../protection/exposed-faces.ts';
import type { Exposure } from '../protection/exposed-faces.ts';
import { otherWays } from '../protection/other-treatments.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
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
    const about = {
      place: face.name,
      agent: lowerFirst(agent.name),
      comes: say(`comes/${how}`, { from: listed(from.map((id) => nameOf.get(id) ?? id)) }),
      way: otherWay(exposure, survey, surfaces),
    };
    const rules = refusals.map((r) => r.text).join(' ');
    return [
      ...(setsFreeGas ? [warning('ammonia-under-hypochlorite', 'warn', about, face.id)] : []),
      ...(rules === '' ? [] : [warning('agent-on-other-face', 'warn', { ...about, rules }, face.id)]),
    ];
  });
}

/** The other way out, where one face alone brings the agent. */
function otherWay(
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
    ? say('spares-it', {
        method: lowerFirst(way.name),
        place: surfaces.find((p) => p.surface.id === way.face)?.surface.name ?? way.face,
      })
    : say('spares-it/none');
}
