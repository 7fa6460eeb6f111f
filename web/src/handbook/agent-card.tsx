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
            'Our product',
            product
              ? `“${product.name}”${product.dataSheet ? `, data sheet ${product.dataSheet.dated}` : ': ✕ no data sheet'}`
              : 'none named',
          ],
          ['Sold as', `${sold}; ${agent.containers.join(', ')} ${stock.form === 'powder' ? 'kg' : 'L'}`],
          ['pH in the container', String(agent.typicalPH)],
          [
            'Useful strength on the surface',
            span.from === span.to ? 'ready to use' : `${span.from} to ${span.to} g/L of ${agent.basis}`,
          ],
          ['Hazards', inOneLine(agent.hazards)],
          ['What it attacks', inOneLine(agent.attacks)],
          ['Never meets', agent.opposedTo.length === 0 ? 'nothing listed here' : agent.opposedTo.join(', ')],
          [
            'Plants, water life',
            `${agent.harmsPlants ? 'harms plants' : 'mild to plants'}; ${agent.harmsWaterLife ? 'harms water life' : 'mild to water life'}`,
          ],
          ['Wear', inOneLine(agent.protection)],
          [
            'Neutralised by',
            neutraliser
              ? `${catalogue.agent(neutraliser.agent).name}, ${neutraliser.gramsPerGram} g per g, until ${neutraliser.reading}`
              : 'none needed: rinse',
          ],
          ...(agent.usefulSquareMetresPerLitre === null
            ? []
            : [
                [
                  'Spread',
                  `over no more than ${decimal(agent.usefulSquareMetresPerLitre, 1)} m² a litre: thinner than that it does nothing`,
                ] as const,
              ]),
          [
            'Works',
            `in the ${agent.worksIn === 'film' ? 'film on the surface' : 'pores'}; ${agent.leaveOn ? 'stays on' : 'is rinsed off'}; from ${agent.coldestCelsius} °C`,
          ],
          [
            'Kept',
            `${agent.storage}; ${agent.keepsToNextVisit ? 'a mix keeps to the next visit' : 'a mix is not kept'}`,
          ],
          ['Licence', agent.licence ?? 'none known here; local rules decide'],
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
