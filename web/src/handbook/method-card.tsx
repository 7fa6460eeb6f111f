import { CATALOGUE, contaminantById, waitInWords } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';

export function MethodCard({ id, catalogue }: CardProps) {
  const method = catalogue.method(id);
  return (
    <>
      <p>{method.why}</p>
      <Facts
        rows={[
          ['On', method.families.join(', ')],
          [
            'Against',
            Object.entries(method.treats)
              .map(([c, result]) => `${contaminantById(c).name.toLowerCase()} ${result}`)
              .join(', '),
          ],
          ['Risk to the surface', `${method.surfaceRisk} of 5`],
          ['Harm around', `${method.harmAround} of 5`],
          [
            'Dry first',
            method.dryFirst ? `${method.dryFirst.days} days, until: ${method.dryFirst.until}` : 'not needed',
          ],
          ['To be expected', method.expectation ?? 'the result shows the same day'],
        ]}
      />
      <h4>Stages</h4>
      <ol>
        {method.stages.map((stage, i) => (
          <li key={i}>
            {stage.kind}
            {'agent' in stage ? `, ${CATALOGUE.agent(stage.agent).name.toLowerCase()}` : ''}
            {stage.kind === 'wait'
              ? `: ${waitInWords({ ...stage, method: method.id })}`
              : `, ${CATALOGUE.tool(stage.tool).name}`}
            {stage.kind === 'apply'
              ? `, ${stage.strengthGramsPerLitre.join(' / ')} g/L by severity, ${stage.dwellMinutes.from} to ${stage.dwellMinutes.to} min`
              : ''}
          </li>
        ))}
      </ol>
    </>
  );
}
