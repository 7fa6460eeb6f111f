import { decimal, formatArea, frontInWords, hoursOfFront, joinedInWords, stripsInWords } from '@etappe/core';
import type { JoinedFront, Plan, PlannedSurface, WetCyclePlan } from '@etappe/core';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/sequence.ts';

/** Every wet cycle with its front, clocks and sums. */
export function FrontsTable({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const cycles = plan.surfaces.flatMap((p) =>
    p.cycles.map((cycle) => ({ cycle, planned: p, surface: p.surface })),
  );
  if (cycles.length === 0) return null;
  return (
    <section style={{ marginTop: 18 }}>
      <h3>{say('fronts-and-wet-window')}</h3>
      <div className="sections-scroll">
        <table className="figure-table fronts-table">
          <thead>
            <tr>
              <th>{say('surface')}</th>
              <th>{say('strips')}</th>
              <th>{say('wet-at-once')}</th>
              <th>{say('film')}</th>
              <th>{say('dry-out')}</th>
              <th>{say('dwell')}</th>
              <th>{say('how')}</th>
            </tr>
          </thead>
          <tbody>
            {cycles.map(({ cycle, planned, surface }) => (
              <tr key={cycle.id}>
                <td>
                  <details>
                    <summary>
                      {surface.name}, {cycle.apply.apply.agent.replaceAll('-', ' ')}
                    </summary>
                    {cycle.sum.map((line) => (
                      <div key={line} className="quiet">
                        {line}
                      </div>
                    ))}
                  </details>
                </td>
                <td className="figure">
                  {cycle.front
                    ? stripsInWords(cycle.front, survey.job.units)
                    : formatArea(cycle.areaSquareMetres, survey.job.units)}
                </td>
                <td className="figure">
                  {cycle.front
                    ? formatArea(cycle.front.out * cycle.front.stripSquareMetres, survey.job.units)
                    : '–'}
                </td>
                <td className="figure">
                  {say('min', { filmMinutes: decimal(cycle.clocks.filmMinutes, 1) })}
                </td>
                <td className="figure">
                  {say('min-dry-out-minutes', { dryOutMinutes: decimal(cycle.clocks.dryOutMinutes, 1) })}
                </td>
                <td className="figure">
                  {cycle.dwell
                    ? say('min-from-minutes', {
                        fromMinutes: decimal(cycle.dwell.fromMinutes, 1),
                        latestMinutes: decimal(cycle.dwell.latestMinutes, 1),
                      })
                    : say('left-on')}
                </td>
                <td>
                  <HowWorked
                    cycle={cycle}
                    within={planned.within}
                    joined={plan.work.joined.find(({ cycles: all }) => all.some(({ id }) => id === cycle.id))}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

interface HowWorkedProps {
  readonly cycle: WetCyclePlan;
  /** The hours that it is worked in; null for any. */
  readonly within: PlannedSurface['within'];
  /** The front over several surfaces that it is a strip of. */
  readonly joined: JoinedFront | undefined;
}

/** The first piece stands for all: the others are as long, or a strip shorter. */
function HowWorked({ cycle: { front, mode, unworkable }, within, joined }: HowWorkedProps) {
  const [piece] = front?.pieces ?? [];
  if (mode === 'leave-on') return say('leave-on');
  if (!front || !piece) return `✕ ${unworkable ?? ''}`;
  return (
    <>
      {[...(joined ? joinedInWords(joined) : frontInWords(front, piece)), ...hoursOfFront(within)].map(
        ({ id, text }) => (
          <div key={id}>{text}</div>
        ),
      )}
      {front.pieces.length > 1 && <div>{say('breaks', { breaks: front.pieces.length - 1 })}</div>}
    </>
  );
}
