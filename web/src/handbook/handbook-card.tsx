import {
  CATALOGUE,
  FACT_NAMES,
  contaminantById,
  decimal,
  factTestInWords,
  factsRead,
  formatFlow,
  formatLength,
  formatStandOff,
  nozzleFlow,
  quickTestById,
  waitInWords,
} from '@etappe/core';
import type { HandbookEntry, HandbookKind, HouseCatalogue, UnitSystem } from '@etappe/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { ConditionValues } from './condition-values.tsx';
import { Facts } from './facts.tsx';
import { HouseValuesPart } from './house-values-part.tsx';
import { MaterialCard } from './material-card.tsx';
import { OwnEntryActs } from './own-entry-acts.tsx';
import { useHandbook } from './use-handbook.ts';

interface CardProps {
  readonly id: string;
  readonly units: UnitSystem;
  readonly catalogue: HouseCatalogue;
}

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
      {entry.kind === 'materials' && <HouseValuesPart kind="material" id={id} />}
      {entry.kind === 'materials' && <ConditionValues material={catalogue.material(id)} />}
      {entry.kind === 'agents' && <HouseValuesPart kind="agent" id={id} />}
      {entry.kind === 'methods' && <HouseValuesPart kind="method" id={id} />}
      {entry.kind === 'schools' && <HouseValuesPart kind="school" id={id} />}
      {entry.kind === 'weights' && <HouseValuesPart kind="weight" id={id} />}
      {(entry.kind === 'materials' || entry.kind === 'methods') && (
        <OwnEntryActs part={entry.kind === 'materials' ? 'material' : 'method'} id={id} />
      )}
    </article>
  );
}

const list = (words: readonly string[]) => words.join('; ');

function ContaminantCard({ id, catalogue }: CardProps) {
  const { synonyms, family, cues, expectation } = contaminantById(id);
  const treats = catalogue.methods.filter((m) => m.treats[id]);
  return (
    <>
      <Facts rows={[['Also called', list(synonyms)], ['Family', family], ['To be expected', expectation]]} />
      <h4>How bad it is</h4>
      <ol>
        {cues.map((cue) => (
          <li key={cue}>{cue}</li>
        ))}
      </ol>
      <h4>What is done against it</h4>
      <ul>
        {treats
          .sort((a, b) => (b.treats[id] ?? 0) - (a.treats[id] ?? 0))
          .map((m) => (
            <li key={m.id}>
              <Link to={`/handbook/methods/${m.id}`}>{m.name}</Link>{' '}
              <span className="quiet">
                result {m.treats[id]} of 5, on {m.families.join(', ')}
              </span>
            </li>
          ))}
      </ul>
    </>
  );
} // prettier-ignore

function AgentCard({ id, catalogue }: CardProps) {
  const agent = catalogue.agent(id);
  const product = catalogue.product(id);
  const { stock, strengthSpan: span, neutraliser } = agent;
  const sold =
    stock.form === 'powder'
      ? 'powder'
      : `${stock.form === 'ready' ? 'ready to use' : 'liquid'}, ${String(stock.strength.value)} ${stock.strength.basis} of ${agent.basis}`;
  return (
    <>
      {agent.specialistOnly !== null && <p className="handbook-stop">✕ {agent.specialistOnly}</p>}
      <Facts
        rows={[
          ['Class', agent.class],
          ['Product of the house', product ? `“${product.name}”${product.dataSheet ? `, data sheet ${product.dataSheet.dated}` : ': ✕ no data sheet'}` : 'none is named'],
          ['Sold as', `${sold}; ${agent.containers.join(', ')} ${stock.form === 'powder' ? 'kg' : 'L'}`],
          ['pH as sold', String(agent.typicalPH)],
          ['Of use at the face', span.from === span.to ? 'as it is sold' : `${String(span.from)} to ${String(span.to)} g/L of ${agent.basis}`],
          ['What it does to people', list(agent.hazards)],
          ['What it attacks', list(agent.attacks)],
          ['Never meets', agent.opposedTo.length === 0 ? 'nothing that is named here' : agent.opposedTo.join(', ')],
          ['Plants, water life', `${agent.harmsPlants ? 'harms plants' : 'mild to plants'}; ${agent.harmsWaterLife ? 'harms water life' : 'mild to water life'}`],
          ['Wear', list(agent.protection)],
          ['Brought to rest by', neutraliser ? `${catalogue.agent(neutraliser.agent).name}, ${String(neutraliser.gramsPerGram)} g per g, until ${neutraliser.reading}` : 'none needed: rinse'],
          ...(agent.usefulSquareMetresPerLitre === null ? [] : [['Spread', `over no more than ${decimal(agent.usefulSquareMetresPerLitre, 1)} m² a litre: thinner it achieves nothing`] as const]),
          ['Works', `in the ${agent.worksIn === 'film' ? 'film on the face' : 'pores'}; ${agent.leaveOn ? 'stays on' : 'is rinsed off'}; from ${String(agent.coldestCelsius)} °C`],
          ['Kept', `${agent.storage}; ${agent.keepsToNextVisit ? 'a mix keeps to the next visit' : 'a mix is not kept'}`],
          ['Licence', agent.licence ?? 'none that is known here; the code of the place decides'],
          ['First aid', agent.firstAid],
        ]}
      />
      {product && (
        <p>
          <Link to={`/handbook/products/${product.id}`}>Its label</Link>
        </p>
      )}
      {catalogue.labelNotes(id).map((note) => (
        <p key={note.text}>{note.rule === 'label-stricter' ? '▲' : '◇'} {note.text}</p>
      ))}
      <h4>Mind</h4>
      <ul>
        {agent.cautions.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      <p className="quiet">{agent.source}.</p>
    </>
  );
} // prettier-ignore

function ToolCard({ id, units }: CardProps) {
  const tool = CATALOGUE.tool(id);
  const { jet } = tool;
  return (
    <Facts
      rows={[
        ['How it is held', tool.handling],
        ['Machines', tool.machines.length === 0 ? 'by hand' : tool.machines.join(', ')],
        ['Jet', jet ? `orifice ${String(jet.orifice)}, ${String(jet.nozzles)} × ${String(jet.fanDegrees)}° at ${String(jet.psi)} psi, ${formatStandOff(jet.standOffMetres, units)} off` : 'none'],
        ['Water', jet ? `${formatFlow(nozzleFlow(jet.orifice * jet.nozzles, jet.psi), units)} at that pressure` : 'as its pump or hose gives'],
        ['Over the face', tool.paceMetresPerMinute ? `${tool.paceMetresPerMinute.join(' to ')} m a minute` : 'it is not led along'],
        ['Reach', `${formatLength(tool.reachMetres, units)} from where one stands`],
        ['Harmed by', tool.harmedBy.length === 0 ? 'no class of agents' : tool.harmedBy.join(', ')],
        ['Force', [tool.hot ? 'hot' : '', tool.abrasive ? 'stiff' : '', tool.scrubs ? 'rubs' : ''].filter((w) => w !== '').join(', ') || 'none but its water'],
      ]}
    />
  );
} // prettier-ignore

function MethodCard({ id, catalogue }: CardProps) {
  const method = catalogue.method(id);
  return (
    <>
      <p>{method.why}</p>
      <Facts
        rows={[
          ['On', method.families.join(', ')],
          ['Against', Object.entries(method.treats).map(([c, result]) => `${contaminantById(c).name.toLowerCase()} ${String(result)}`).join(', ')],
          ['Risk to the face', `${String(method.surfaceRisk)} of 5`],
          ['Harm around', `${String(method.harmAround)} of 5`],
          ['Dry first', method.dryFirst ? `${String(method.dryFirst.days)} days, until: ${method.dryFirst.until}` : 'not needed'],
          ['To be expected', method.expectation ?? 'the result shows the same day'],
        ]}
      />
      <h4>Stages</h4>
      <ol>
        {method.stages.map((stage, i) => (
          <li key={i}>
            {stage.kind}
            {'agent' in stage ? `, ${CATALOGUE.agent(stage.agent).name.toLowerCase()}` : ''}
            {stage.kind === 'wait' ? `: ${waitInWords({ ...stage, method: method.id })}` : `, ${CATALOGUE.tool(stage.tool).name}`}
            {stage.kind === 'apply' ? `, ${stage.strengthGramsPerLitre.join(' / ')} g/L by severity, ${String(stage.dwellMinutes.from)} to ${String(stage.dwellMinutes.to)} min` : ''}
          </li>
        ))}
      </ol>
    </>
  );
} // prettier-ignore

function SchoolCard({ id, catalogue }: CardProps) {
  const school = catalogue.school(id);
  return (
    <ul>
      {school.settings.map((way) => (
        <li key={way.id}>
          <b>
            {way.name}
            {way.id === school.setting && ' (the house’s way)'}
          </b>
          : {way.when}
        </li>
      ))}
    </ul>
  );
}

function WeightCard({ id, catalogue }: CardProps) {
  const { value, per, why, source } = catalogue.weight(id);
  return (
    <Facts
      rows={[
        ['Counts', `${String(value)} points for each ${per}`],
        ['Why', why],
        ['Source', source],
      ]}
    />
  );
}

function LimitCard({ id, catalogue }: CardProps) {
  const limit = catalogue.limits.find((l) => l.id === id);
  if (!limit) return null;
  return (
    <>
      <h3>{limit.text.replace(/\{(\w+)\}/g, '…')}</h3>
      <Facts
        rows={[
          ['Rule', limit.id],
          ['What can happen', limit.whatCanHappen],
          ['Standing', limit.standing === 'floor' ? 'safety floor: cannot be set aside' : 'may be set aside with name and reason'],
          ['Reads', factsRead(limit).map((fact) => FACT_NAMES[fact]).join(', ')],
          ['Source', limit.source],
        ]}
      />
      <h4>Fires when all of these hold</h4>
      <ul>
        {limit.when.map((test) => (
          <li key={JSON.stringify(test)}>{factTestInWords(test)}</li>
        ))}
      </ul>
    </>
  );
} // prettier-ignore

function TestCard({ id }: CardProps) {
  const test = quickTestById(id);
  const named = (candidate: string) =>
    [...CATALOGUE.contaminants, ...CATALOGUE.permanentMarks, ...CATALOGUE.materials].find((e) => e.id === candidate)
      ?.name ?? candidate;
  return (
    <>
      <p>{test.how}</p>
      {test.never !== null && <p className="handbook-stop">△ {test.never}</p>}
      <Facts rows={[['Needs', list(test.needs) || 'nothing'], ['Takes', `${String(test.minutes)} min`], ['Source', test.source]]} />
      <h4>How probable each outcome is</h4>
      <div className="handbook-scroll">
        <table className="report-table">
          <thead>
            <tr>
              <th>if it is</th>
              {test.outcomes.map((o) => (
                <th key={o.id}>{o.text}</th>
              ))}
            </tr>
          </thead>
          <tbody>
            {Object.entries(test.likelihood).map(([candidate, row]) => (
              <tr key={candidate}>
                <td>{named(candidate)}</td>
                {row.map((p, i) => (
                  <td key={test.outcomes[i]?.id} className="figure">
                    {Math.round(100 * p)} %
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </>
  );
} // prettier-ignore
