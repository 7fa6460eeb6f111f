import type { HandbookEntry, HandbookKind, UnitSystem } from '@etappe/core';
import type { ReactNode } from 'react';
import { ConditionValues } from './condition-values.tsx';
import { Facts } from './facts.tsx';
import { CompanyValuesPart } from './company-values-part.tsx';
import { MaterialCard } from './material-card.tsx';
import { OwnEntryActs } from './own-entry-acts.tsx';
import { useHandbook } from './use-handbook.ts';
import type { CardProps } from './card-props.ts';
import { ContaminantCard } from './contaminant-card.tsx';
import { AgentCard } from './agent-card.tsx';
import { ToolCard } from './tool-card.tsx';
import { MethodCard } from './method-card.tsx';
import { LimitCard } from './limit-card.tsx';
import { TestCard } from './test-card.tsx';
import { say } from '../messages/handbook.ts';

const CARDS: Readonly<Record<HandbookKind, (props: CardProps) => ReactNode>> = {
  materials: MaterialCard,
  contaminants: ContaminantCard,
  agents: AgentCard,
  tools: ToolCard,
  methods: MethodCard,
  limits: LimitCard,
  tests: TestCard,
  schools: SchoolCard,
  weights: WeightCard,
};

/** One entry of the handbook, whatever it is. */
export function HandbookCard({
  entry,
  units,
}: {
  readonly entry: HandbookEntry;
  readonly units: UnitSystem;
}) {
  const Card = CARDS[entry.kind];
  const { catalogue } = useHandbook();
  const { id } = entry;
  return (
    <article className="handbook-card">
      {entry.kind !== 'limits' && <h3>{entry.name}</h3>}
      <Card id={id} units={units} catalogue={catalogue} />
      {entry.kind === 'materials' && <CompanyValuesPart kind="material" id={id} />}
      {entry.kind === 'materials' && <ConditionValues material={catalogue.material(id)} />}
      {entry.kind === 'agents' && <CompanyValuesPart kind="agent" id={id} />}
      {entry.kind === 'methods' && <CompanyValuesPart kind="method" id={id} />}
      {entry.kind === 'schools' && <CompanyValuesPart kind="school" id={id} />}
      {entry.kind === 'weights' && <CompanyValuesPart kind="weight" id={id} />}
      {(entry.kind === 'materials' || entry.kind === 'methods') && (
        <OwnEntryActs part={entry.kind === 'materials' ? 'material' : 'method'} id={id} />
      )}
    </article>
  );
}

function SchoolCard({ id, catalogue }: CardProps) {
  const school = catalogue.school(id);
  return (
    <ul>
      {school.settings.map((way) => (
        <li key={way.id}>
          <b>
            {way.name}
            {way.id === school.setting && say('company-practice')}
          </b>
          : {way.when}
        </li>
      ))}
    </ul>
  );
}

function WeightCard({ id, catalogue }: CardProps) {
  const { value, unit, per, why, source } = catalogue.weight(id);
  const counts = { value, per };
  const told =
    unit === 'min'
      ? say('minutes-for-each', counts)
      : unit === '%'
        ? say('percent-as', counts)
        : say('points-for-each', counts);
  return (
    <Facts
      rows={[
        [say('counts'), told],
        [say('why'), why],
        [say('source'), source],
      ]}
    />
  );
}
