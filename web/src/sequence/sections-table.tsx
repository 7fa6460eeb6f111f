import { decimal, formatArea } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/sequence.ts';

/** Every wet cycle with its sections, clocks and sums. */
export function SectionsTable({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const cycles = plan.surfaces.flatMap((p) => p.cycles.map((cycle) => ({ cycle, surface: p.surface })));
  if (cycles.length === 0) return null;
  return (
    <section style={{ marginTop: 18 }}>
      <h3>{say('sections-and-wet-window')}</h3>
      <div className="sections-scroll">
        <table className="figure-table sections-table">
          <thead>
            <tr>
              <th>{say('surface')}</th>
              <th>{say('sections')}</th>
              <th>{say('film')}</th>
              <th>{say('dry-out')}</th>
              <th>{say('dwell')}</th>
              <th>{say('how')}</th>
            </tr>
          </thead>
          <tbody>
            {cycles.map(({ cycle, surface }) => (
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
                  {cycle.sectionCount} × {formatArea(cycle.sectionSquareMetres, survey.job.units)}
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
                  {cycle.mode === 'watched'
                    ? 'watched'
                    : cycle.mode === 'hands-on'
                      ? 'hands-on'
                      : say('leave-on')}
                  {cycle.mist ? say('mist', { passes: cycle.mist.passes }) : ''}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
