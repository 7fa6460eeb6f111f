import { agentFigures, decimal, settingInWords, idInWords } from '@etappe/core';
import type { AgentFigure } from '@etappe/core';
import { Link } from 'react-router';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { inOneLine } from './facts.tsx';
import { ProvenanceNote } from './provenance.tsx';
import { say } from '../messages/handbook.ts';

const FIGURE_NAMES: Readonly<Record<AgentFigure['id'], string>> = {
  ph: say('figure-ph'),
  strongest: say('figure-strongest'),
  'mix-life': say('figure-mix-life'),
  neutraliser: say('figure-neutraliser'),
  spread: say('figure-spread'),
  coldest: say('figure-coldest'),
};

export function AgentCard({ id, catalogue }: CardProps) {
  const agent = catalogue.agent(id);
  const product = catalogue.product(id);
  const { stock, strengthSpan: span, neutraliser } = agent;
  const sold =
    stock.form === 'powder'
      ? 'powder'
      : say('of', {
          formIs: stock.form === 'ready' ? 'yes' : 'no',
          value: stock.strength.value,
          basis: stock.strength.basis,
          basis2: agent.basis,
        });
  return (
    <>
      {agent.specialistOnly !== null && <p className="handbook-stop">✕ {agent.specialistOnly}</p>}
      <Facts
        rows={[
          [say('class'), idInWords(agent.class)],
          [
            say('our-product'),
            product
              ? `“${product.name}”${product.dataSheet ? say('data-sheet', { dated: product.dataSheet.dated }) : say('no-data-sheet')}`
              : say('none-named'),
          ],
          [say('sold-as'), `${sold}; ${agent.containers.join(', ')} ${stock.form === 'powder' ? 'kg' : 'L'}`],
          [say('ph-of-the-mix'), String(agent.typicalPH)],
          [
            say('useful-strength-on-the-surface'),
            span.from === span.to
              ? say('ready-to-use')
              : say('to-g-l-of', { from: span.from, to: span.to, basis: agent.basis }),
          ],
          [say('hazards'), inOneLine(agent.hazards)],
          [say('what-it-attacks'), inOneLine(agent.attacks)],
          [
            say('never-meets'),
            agent.opposedTo.length === 0 ? say('nothing-listed-here') : agent.opposedTo.join(', '),
          ],
          [
            say('plants-water-life'),
            `${agent.harmsPlants ? say('harms-plants') : say('mild-to-plants')}; ${agent.harmsWaterLife ? say('harms-water-life') : say('mild-to-water-life')}`,
          ],
          [say('wear'), inOneLine(agent.protection)],
          [
            say('neutralised-by'),
            neutraliser
              ? say('g-per-g-until', {
                  name: catalogue.agent(neutraliser.agent).name,
                  gramsPerGram: neutraliser.gramsPerGram,
                  reading: neutraliser.reading,
                })
              : say('none-needed-rinse'),
          ],
          ...(agent.usefulSquareMetresPerLitre === null
            ? []
            : [
                [
                  say('spread'),
                  say('over-no-more-than-m2', {
                    usefulSquareMetresPerLitre: decimal(agent.usefulSquareMetresPerLitre, 1),
                  }),
                ] as const,
              ]),
          [
            say('works'),
            say('in-the-from-c', {
              worksInIs: agent.worksIn === 'film' ? 'yes' : 'no',
              leaveOn: agent.leaveOn ? 'yes' : 'no',
              coldestCelsius: agent.coldestCelsius,
            }),
          ],
          [
            say('kept'),
            `${agent.storage}; ${agent.keepsToNextVisit ? say('a-mix-keeps-to-the') : say('a-mix-is-not-kept')}`,
          ],
          [say('licence'), agent.licence ?? say('none-known-here-local-rules')],
          [
            say('apprentices'),
            agent.apprenticeNeverAlone ? say('apprentice/never-alone') : say('apprentice/alone'),
          ],
          [say('first-aid'), agent.firstAid],
        ]}
      />
      {product && (
        <p>
          <Link to={`/handbook/products/${product.id}`}>{say('its-label')}</Link>
        </p>
      )}
      {catalogue.labelNotes(id).map((note) => (
        <p key={note.text}>
          {note.rule === 'label-stricter' ? '▲' : '◇'} {note.text}
        </p>
      ))}
      <h4>{say('mind')}</h4>
      <ul>
        {agent.cautions.map((c) => (
          <li key={c}>{c}</li>
        ))}
      </ul>
      <h4>{say('where-its-figures-come-from')}</h4>
      <ul className="provenances">
        {agentFigures(agent).map(({ id: figure, figure: value, unit, ...provenance }) => (
          <li key={figure}>
            {FIGURE_NAMES[figure]} <b className="figure">{settingInWords(value, unit)}</b>{' '}
            <ProvenanceNote of={provenance} unit={unit} />
          </li>
        ))}
      </ul>
      <p className="quiet">{agent.source}.</p>
    </>
  );
}
