import type { Plan } from '@etappe/core';
import { Alert } from 'antd';
import { say } from '../messages/sequence.ts';

/** Warnings in sight before the day; what stops an order always is. */
const MOST_IN_SIGHT = 2;

/** What must be looked at before the visit; the day itself stays in sight. */
export function PlanWarnings({ plan }: { readonly plan: Plan }) {
  const stops = plan.warnings.filter((w) => w.severity === 'stop');
  const others = plan.warnings
    .filter((w) => w.severity === 'warn')
    .sort((a, b) => Number(b.rule === 'rule-set-aside') - Number(a.rule === 'rule-set-aside'));
  const folded = others.slice(MOST_IN_SIGHT);
  const alert = (w: (typeof others)[number]) => (
    <Alert
      key={w.text}
      type={w.severity === 'stop' ? 'error' : 'warning'}
      showIcon
      title={w.text}
      style={{ marginBottom: 8 }}
    />
  );
  return (
    <>
      {[...stops, ...others.slice(0, MOST_IN_SIGHT)].map(alert)}
      {folded.length > 0 && (
        <details className="fold">
          <summary>{say('more-to-look-at', { foldedCount: folded.length })}</summary>
          {folded.map(alert)}
        </details>
      )}
    </>
  );
}
