import { CATALOGUE, SEVERITY_WORDS, decimal, refusedInOrder } from '@etappe/core';
import type { ContaminantProposal, RefusedMethod } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { OverrideDialog } from './override-dialog.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { ApplyAlike } from './apply-alike.tsx';
import { CompareMethods } from './compare-methods.tsx';
import { RankingFactors } from './ranking-factors.tsx';
import { useMethodChoice } from '../planning/use-method-choice.ts';

interface Props {
  readonly surface: string;
  readonly name: string;
  readonly proposal: ContaminantProposal;
}

/** Refused methods that are in sight at once. */
const FIRST_REFUSED = 5;

/** What is done against one finding, what else would do, what is refused and by which rule. */
export function ProposalCard({ surface, name, proposal }: Props) {
  const { finding, follows, chosen, alternatives, refused, choice } = proposal;
  const { pick, release } = useMethodChoice(surface, finding.contaminant);
  const { catalogue } = useSurveySession();
  const [comparing, setComparing] = useState(false);
  const [spreading, setSpreading] = useState(false);
  const [allRefused, setAllRefused] = useState(false);
  const ordered = refusedInOrder(refused, finding.contaminant);
  const shownRefused = allRefused ? ordered : ordered.slice(0, FIRST_REFUSED);
  const [overriding, setOverriding] = useState<RefusedMethod | null>(null);
  return (
    <section className="proposal">
      <div className="proposal-head">
        <h3>{name}</h3>
        <span className="quiet">
          severity {finding.severity}, {SEVERITY_WORDS[finding.severity]}; {Math.round(finding.share * 100)} %
          of the surface{follows === null ? '' : `. ${follows}`}
        </span>
      </div>
      {!chosen && <NothingPermitted refused={refused} />}
      {chosen && (
        <div className="proposal-chosen hairline">
          <h3>{chosen.method.name}</h3>
          {choice && choice.standing !== 'not-applied' ? (
            <Button size="small" onClick={release}>
              Back to what was proposed
            </Button>
          ) : (
            <span className="quiet">proposed</span>
          )}
          <span className="why">
            {chosen.method.why}
            {choice && <strong> {choice.text}</strong>}
          </span>
          <RankingFactors ranked={chosen} />
          <div className="proposal-acts">
            {alternatives.length > 0 && (
              <Button
                size="small"
                onClick={() => {
                  setComparing(true);
                }}
              >
                Side by side …
              </Button>
            )}
            <Button
              size="small"
              onClick={() => {
                setSpreading(true);
              }}
            >
              On every surface like this …
            </Button>
          </div>
        </div>
      )}
      {(alternatives.length > 0 || refused.length > 0) && (
        <table className="method-table">
          <caption className="visually-hidden">Other methods against {name}</caption>
          <tbody>
            {alternatives.map((ranked) => {
              const { method, points } = ranked;
              return (
                <tr key={method.id}>
                  <td>{method.name}</td>
                  <td>
                    {method.why}{' '}
                    <details className="fold factors-fold">
                      <summary className="quiet figure">
                        {decimal(points, 1)} {Math.abs(points) === 1 ? 'point' : 'points'}
                      </summary>
                      <RankingFactors ranked={ranked} />
                    </details>
                  </td>
                  <td>
                    <Button
                      size="small"
                      aria-label={`Use ${method.name} against ${name}`}
                      onClick={() => {
                        pick(method.id);
                      }}
                    >
                      Use this
                    </Button>
                  </td>
                </tr>
              );
            })}
            {shownRefused.map((r) => (
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
                      aria-label={`Override the rule for ${r.method.name}`}
                      onClick={() => {
                        setOverriding(r);
                      }}
                    >
                      Override …
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
      {ordered.length > shownRefused.length && (
        <Button
          size="small"
          type="text"
          onClick={() => {
            setAllRefused(true);
          }}
        >
          {ordered.length - shownRefused.length} more refused
        </Button>
      )}
      {comparing && (
        <CompareMethods
          name={name}
          proposal={proposal}
          catalogue={catalogue}
          close={() => {
            setComparing(false);
          }}
        />
      )}
      {spreading && chosen && (
        <ApplyAlike
          surface={surface}
          contaminant={finding.contaminant}
          name={name}
          method={chosen.method}
          close={() => {
            setSpreading(false);
          }}
        />
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

/** Nothing may be done: what forbids it stands below, each rule with who may set it aside. */
function NothingPermitted({ refused }: { readonly refused: readonly RefusedMethod[] }) {
  const open = refused.filter((r) => r.overridable).length;
  return (
    <p className="proposal-none">
      <b>No permitted method.</b>{' '}
      {refused.length === 0
        ? 'The handbook has nothing for this on such a surface.'
        : open === 0
          ? 'The safety floor refuses everything that would work, and nobody can override it. Leave it out of scope, or hand it over.'
          : `${open} of ${refused.length} may be overridden by whoever answers for the work, with name and reason; nobody can override the others.`}
    </p>
  );
}
