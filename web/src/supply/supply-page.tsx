import { Alert, Segmented } from 'antd';
import type { Plan } from '@etappe/core';
import { Link, useSearchParams } from 'react-router';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { LoadPart } from './load-part.tsx';
import { MixesPart } from './mixes-part.tsx';
import { StockPart } from './stock-part.tsx';
import { useProvisions } from './use-provisions.ts';
import { WaterPart } from './water-part.tsx';
import { WetnessPart } from './wetness-part.tsx';
import { WhatIfStrip } from './what-if-strip.tsx';
import { rich, say } from '../messages/supply.ts';
import './supply-page.css';

const PARTS = ['products', 'mixes', 'wetness', 'water', 'load'] as const;
type Part = (typeof PARTS)[number];
const PART_NAMES: Readonly<Record<Part, string>> = {
  products: say('products'),
  mixes: say('mixes'),
  wetness: say('wet-time'),
  water: say('water-and-hoses'),
  load: say('load-list'),
};

/** Everything that a visit needs besides people and time: each figure with its sum, and what would change it. */
export function SupplyPage() {
  const { jobId } = useSurveySession();
  const { plan } = usePlan();
  if (!plan)
    return <div className="station-skeleton" role="status" aria-label={say('working-out-the-plan')} />;
  if (plan.work.problem.operations.length === 0) {
    return (
      <div className="station-empty hairline">
        <h2>{say('nothing-to-bring-yet')}</h2>
        <p>
          {rich('mixes-water-and-the-load', {
            walk: <Link to={`/jobs/${jobId}/walk`}>{say('walk')}</Link>,
          })}
        </p>
      </div>
    );
  }
  return <Supply plan={plan} />;
}

/** Warnings by the part that they are about; the table of products tells its own. */
const RULES: Readonly<Record<Part, readonly string[]>> = {
  products: ['stock-short', 'lot-unfit', 'lot-unread', 'too-thin'],
  mixes: ['injector-too-weak'],
  wetness: ['not-workable-now', 'too-damp', 'not-neutral'],
  water: ['water-short', 'hose-slow', 'pump-stronger'],
  load: [],
};

/** What the table of products says by itself. */
const IN_TABLE: readonly string[] = ['stock-short', 'lot-unfit'];

function Supply({ plan }: { readonly plan: Plan }) {
  const [search, setSearch] = useSearchParams();
  const { provisions, reservationsUnread, uses } = useProvisions(plan);
  const part = PARTS.find((p) => p === search.get('part')) ?? 'products';
  const about = (of: Part) => plan.warnings.filter((w) => RULES[of].includes(w.rule));
  const marked = (of: Part) => about(of).length > 0 || (of === 'load' && provisions.load.faults.length > 0);
  return (
    <div className="supply">
      <div className="supply-bar">
        <Segmented<Part>
          aria-label={say('parts-of-supply')}
          options={PARTS.map((value) => ({
            value,
            label: `${PART_NAMES[value]}${marked(value) ? ' △' : ''}`,
          }))}
          value={part}
          onChange={(next) => {
            setSearch({ part: next }, { replace: true });
          }}
        />
      </div>
      <WhatIfStrip plan={plan} />
      {about(part)
        .filter((w) => !IN_TABLE.includes(w.rule))
        .map((w) => (
          <Alert key={w.text} type={w.severity === 'stop' ? 'error' : 'warning'} showIcon title={w.text} />
        ))}
      {part === 'products' && (
        <StockPart
          plan={plan}
          stock={provisions.stock}
          bulk={provisions.bulk}
          uses={uses}
          unread={reservationsUnread}
        />
      )}
      {part === 'mixes' && <MixesPart plan={plan} />}
      {part === 'wetness' && <WetnessPart plan={plan} />}
      {part === 'water' && <WaterPart provisions={provisions} />}
      {part === 'load' && <LoadPart load={provisions.load} />}
    </div>
  );
}
