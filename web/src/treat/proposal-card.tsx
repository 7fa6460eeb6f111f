import { CATALOGUE, SEVERITY_WORDS } from '@etappe/core';
import type { ContaminantProposal, RefusedMethod } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { OverrideDialog } from './override-dialog.tsx';
import { useMethodChoice } from './use-method-choice.ts';

interface Props {
  readonly surface: string;
  readonly name: string;
  readonly proposal: ContaminantProposal;
}

/** What is done against one finding, what else would do, what is refused and by which rule. */
export function ProposalCard({ surface, name, proposal }: Props) {
  const { finding, chosen, alternatives, refused, choice } = proposal;
  const { pick, release } = useMethodChoice(surface, finding.contaminant);
  const [overriding, setOverriding] = useState<RefusedMethod | null>(null);
  return (
    <section className="proposal">
      <div className="proposal-head">
        <h3>{name}</h3>
        <span className="quiet">
          severity {finding.severity}, {SEVERITY_WORDS[finding.severity]}; {Math.round(finding.share * 100)} %
          of the surface
        </span>
      </div>
      {chosen && (
        <div className="proposal-chosen hairline">
          <h3>{chosen.method.name}</h3>
          {choice && choice.standing !== 'not-applied' ? (
            <Button size="small" onClick={release}>
              Back to the proposal
            </Button>
          ) : (
            <span className="quiet">proposed</span>
          )}
          <span className="why">
            {chosen.method.why}
            {choice && <strong> {choice.text}</strong>}
          </span>
        </div>
      )}
      {(alternatives.length > 0 || refused.length > 0) && (
        <table className="method-table">
          <caption className="visually-hidden">Other methods against {name}</caption>
          <tbody>
            {alternatives.map(({ method, points }) => (
              <tr key={method.id}>
                <td>{method.name}</td>
                <td>
                  {method.why}{' '}
                  <span className="quiet figure">
                    {points} {Math.abs(points) === 1 ? 'point' : 'points'}
                  </span>
                </td>
                <td>
                  <Button
                    size="small"
                    aria-label={`Use ${method.name} against ${name}`}
                    onClick={() => {
                      pick(method.id, '', 'Office');
                    }}
                  >
                    Use this
                  </Button>
                </td>
              </tr>
            ))}
            {refused.map((r) => (
              <tr key={r.method.id}>
                <td>{r.method.name}</td>
                <td>
                  {r.refusals.map((refusal) => (
                    <div key={refusal.rule}>
                      <span className="refused-mark">✕ refused</span> {refusal.text}{' '}
                      <span className="quiet">{refusal.whatCanHappen}</span>{' '}
                      {CATALOGUE.limits.some((l) => l.id === refusal.rule) && (
                        <Link className="quiet" to={`/handbook/limits/${refusal.rule}`}>
                          the rule
                        </Link>
                      )}
                    </div>
                  ))}
                </td>
                <td>
                  {r.overridable ? (
                    <Button
                      size="small"
                      aria-label={`Set the rule aside for ${r.method.name}`}
                      onClick={() => {
                        setOverriding(r);
                      }}
                    >
                      Set aside …
                    </Button>
                  ) : (
                    <span className="quiet">stays refused</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {overriding && (
        <OverrideDialog
          refused={overriding}
          close={() => {
            setOverriding(null);
          }}
          accept={(reason, by) => {
            pick(overriding.method.id, reason, by);
            setOverriding(null);
          }}
        />
      )}
    </section>
  );
}
