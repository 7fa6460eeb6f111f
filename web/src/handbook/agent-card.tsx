import { decimal } from '@etappe/core';
import { Link } from 'react-router';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { inOneLine } from './facts.tsx';

export function AgentCard({ id, catalogue }: CardProps) {
  const agent = catalogue.agent(id);
  const product = catalogue.product(id);
  const { stock, strengthSpan: span, neutraliser } = agent;
  const sold =
    stock.form === 'powder'
      ? 'powder'
      : `${stock.form === 'ready' ? 'ready to use' : 'liquid'}, ${stock.strength.value} ${stock.strength.basis} of ${agent.basis}`;
  return (
    <>
      {agent.specialistOnly !== null && <p className="handbook-stop">✕ {agent.specialistOnly}</p>}
      <Facts
        rows={[
          ['Class', agent.class],
          [
            'Product of the house',
            product
              ? `“${product.name}”${product.dataSheet ? `, data sheet ${product.dataSheet.dated}` : ': ✕ no data sheet'}`
              : 'none is named',
          ],
          ['Sold as', `${sold}; ${agent.containers.join(', ')} ${stock.form === 'powder' ? 'kg' : 'L'}`],
          ['pH as sold', String(agent.typicalPH)],
          [
            'Of use at the face',
            span.from === span.to ? 'as it is sold' : `${span.from} to ${span.to} g/L of ${agent.basis}`,
          ],
          ['What it does to people', inOneLine(agent.hazards)],
          ['What it attacks', inOneLine(agent.attacks)],
          [
            'Never meets',
            agent.opposedTo.length === 0 ? 'nothing that is named here' : agent.opposedTo.join(', '),
          ],
          [
            'Plants, water life',
            `${agent.harmsPlants ? 'harms plants' : 'mild to plants'}; ${agent.harmsWaterLife ? 'harms water life' : 'mild to water life'}`,
          ],
          ['Wear', inOneLine(agent.protection)],
          [
            'Brought to rest by',
            neutraliser
              ? `${catalogue.agent(neutraliser.agent).name}, ${neutraliser.gramsPerGram} g per g, until ${neutraliser.reading}`
              : 'none needed: rinse',
          ],
          ...(agent.usefulSquareMetresPerLitre === null
            ? []
            : [
                [
                  'Spread',
                  `over no more than ${decimal(agent.usefulSquareMetresPerLitre, 1)} m² a litre: thinner it achieves nothing`,
                ] as const,
              ]),
          [
            'Works',
            `in the ${agent.worksIn === 'film' ? 'film on the face' : 'pores'}; ${agent.leaveOn ? 'stays on' : 'is rinsed off'}; from ${agent.coldestCelsius} °C`,
          ],
          [
            'Kept',
            `${agent.storage}; ${agent.keepsToNextVisit ? 'a mix keeps to the next visit' : 'a mix is not kept'}`,
          ],
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
        <p key={note.text}>
          {note.rule === 'label-stricter' ? '▲' : '◇'} {note.text}
        </p>
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
}
