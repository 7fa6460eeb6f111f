import { decimal, formatArea } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** Every wet cycle with its sections, clocks and sums. */
export function SectionsTable({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const cycles = plan.surfaces.flatMap((p) => p.cycles.map((cycle) => ({ cycle, surface: p.surface })));
  if (cycles.length === 0) return null;
  return (
    <section style={{ marginTop: 18 }}>
      <h3>Sections and wet window</h3>
      <div className="sections-scroll">
        <table className="figure-table sections-table">
          <thead>
            <tr>
              <th>Surface</th>
              <th>Sections</th>
              <th>Film</th>
              <th>Dry-out</th>
              <th>Dwell</th>
              <th>How</th>
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
                <td className="figure">{decimal(cycle.clocks.filmMinutes, 1)} min</td>
                <td className="figure">{decimal(cycle.clocks.dryOutMinutes, 1)} min</td>
                <td className="figure">
                  {cycle.dwell
                    ? `${decimal(cycle.dwell.fromMinutes, 1)}–${decimal(cycle.dwell.latestMinutes, 1)} min`
                    : 'left on'}
                </td>
                <td>
                  {cycle.mode === 'watched' ? 'watched' : cycle.mode === 'hands-on' ? 'hands-on' : 'leave on'}
                  {cycle.mist
                    ? `, ${cycle.mist.passes} mist ${cycle.mist.passes === 1 ? 'pass' : 'passes'}`
                    : ''}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
