import { CATALOGUE, SEVERITY_WORDS, decimal, refusedInOrder, signed } from '@etappe/core';
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
import { say } from '../messages/treat.ts';

interface Props {
  readonly surface: string;
  readonly name: string;
  readonly proposal: ContaminantProposal;
}

/** Refused methods that are in sight at once. */
const FIRST_REFUSED = 5;

/** What is done against one finding, what else would do, what is refused and by which rule. */
export function ProposalCard({ surface, name, proposal }: Props) {
  const { finding, follows, chosen, whyNotMore, alternatives, refused, choice } = proposal;
  const { pick, release } = useMethodChoice(surface, finding.contaminant);
  const { catalogue } = useSurveySession();
  const [comparing, setComparing] = useState(false);
  const [spreading, setSpreading] = useState(false);
  const [allRefused, setAllRefused] = useState(false);
  const [othersOpen, setOthersOpen] = useState(chosen === null);
  const ordered = refusedInOrder(refused, finding.contaminant);
  const [firstRefused] = ordered;
  const shownRefused = allRefused ? ordered : ordered.slice(0, FIRST_REFUSED);
  const [overriding, setOverriding] = useState<RefusedMethod | null>(null);
  return (
    <section className="proposal">
      <div className="proposal-head">
        <h3>{name}</h3>
        <span className="quiet">
          {say('severity-of-the-surface', {
            severity: finding.severity,
            severityWords: SEVERITY_WORDS[finding.severity],
            share: Math.round(finding.share * 100),
            followsWords: follows === null ? '' : `. ${follows}`,
          })}
        </span>
      </div>
      {!chosen && <NothingPermitted refused={refused} />}
      {chosen && (
        <div className="proposal-chosen hairline">
          <h3>{chosen.method.name}</h3>
          {choice && choice.standing !== 'not-applied' ? (
            <Button size="small" onClick={release}>
              {say('back-to-what-was-proposed')}
            </Button>
          ) : (
            <span className="quiet">{say('proposed-points', { points: signed(chosen.points) })}</span>
          )}
          <span className="why">
            {chosen.method.why}
            {choice && <strong> {choice.text}</strong>}
            {whyNotMore !== null && <span className="why-not-more"> {whyNotMore}</span>}
          </span>
          <details className="fold why">
            <summary className="quiet">{say('what-speaks-for-it')}</summary>
            <RankingFactors ranked={chosen} />
          </details>
          <div className="proposal-acts">
            {alternatives.length + refused.length > 0 && (
              <Button
                size="small"
                aria-expanded={othersOpen}
                onClick={() => {
                  setOthersOpen(!othersOpen);
                }}
              >
                {say('other-methods', { others: alternatives.length, refused: refused.length })}
              </Button>
            )}
            {alternatives.length > 0 && (
              <Button
                size="small"
                onClick={() => {
                  setComparing(true);
                }}
              >
                {say('side-by-side')}
              </Button>
            )}
            <Button
              size="small"
              onClick={() => {
                setSpreading(true);
              }}
            >
              {say('on-every-surface-like-this')}
            </Button>
          </div>
        </div>
      )}
      {!othersOpen && firstRefused && (
        <p className="first-refused">
          <span className="refused-mark">{say('refused')}</span> {firstRefused.method.name}:{' '}
          {firstRefused.refusals[0]?.text}
        </p>
      )}
      {othersOpen && (alternatives.length > 0 || refused.length > 0) && (
        <table className="method-table">
          <caption className="visually-hidden">{say('other-methods-against', { name })}</caption>
          <tbody>
            {alternatives.map((ranked) => {
              const { method, points, leftOut } = ranked;
              return (
                <tr key={method.id}>
                  <td>{method.name}</td>
                  <td>
                    {method.why} {leftOut && <span className="quiet">{leftOut.text} </span>}
                    <details className="fold factors-fold">
                      <summary className="quiet figure">
                        {say('how-many-points', { shown: decimal(points, 1), count: Math.abs(points) })}
                      </summary>
                      <RankingFactors ranked={ranked} />
                    </details>
                  </td>
                  <td>
                    <Button
                      size="small"
                      aria-label={say('use-against', { name: method.name, name2: name })}
                      onClick={() => {
                        pick(method.id);
                      }}
                    >
                      {say('use-this')}
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
                      <span className="refused-mark">{say('refused')}</span> {refusal.text}{' '}
                      <span className="quiet">{refusal.whatCanHappen}</span>{' '}
                      {CATALOGUE.limits.some((l) => l.id === refusal.rule) && (
                        <Link className="quiet" to={`/handbook/limits/${refusal.rule}`}>
                          {say('the-rule')}
                        </Link>
                      )}
                    </div>
                  ))}
                </td>
                <td>
                  {r.overridable ? (
                    <Button
                      size="small"
                      aria-label={say('override-the-rule-for', { name: r.method.name })}
                      onClick={() => {
                        setOverriding(r);
                      }}
                    >
                      {say('override')}
                    </Button>
                  ) : (
                    <span className="quiet">{say('stays-refused')}</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {othersOpen && ordered.length > shownRefused.length && (
        <Button
          size="small"
          type="text"
          onClick={() => {
            setAllRefused(true);
          }}
        >
          {say('more-refused', { orderedCount: ordered.length - shownRefused.length })}
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
      <b>{say('no-permitted-method')}</b>{' '}
      {refused.length === 0
        ? say('the-handbook-has-nothing-for')
        : open === 0
          ? say('the-safety-floor-refuses-everything')
          : say('of-may-be-overridden-by', { open, refusedCount: refused.length })}
    </p>
  );
}
