import { CATALOGUE, contaminantById, waitInWords, lowerFirst } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { say } from '../messages/handbook.ts';

export function MethodCard({ id, catalogue }: CardProps) {
  const method = catalogue.method(id);
  return (
    <>
      <p>{method.why}</p>
      <Facts
        rows={[
          [say('on'), method.families.join(', ')],
          [
            say('against'),
            Object.entries(method.treats)
              .map(([c, result]) => `${lowerFirst(contaminantById(c).name)} ${result}`)
              .join(', '),
          ],
          [say('risk-to-the-surface'), say('of-5-surface-risk', { surfaceRisk: method.surfaceRisk })],
          [say('harm-around'), say('of-5', { harmAround: method.harmAround })],
          [
            say('dry-first'),
            method.dryFirst
              ? say('days-until', { days: method.dryFirst.days, until: method.dryFirst.until })
              : say('not-needed'),
          ],
          [say('to-be-expected'), method.expectation ?? say('the-result-shows-the-same')],
        ]}
      />
      <h4>{say('stages')}</h4>
      <ol>
        {method.stages.map((stage, i) => (
          <li key={i}>
            {stage.kind}
            {'agent' in stage ? `, ${lowerFirst(CATALOGUE.agent(stage.agent).name)}` : ''}
            {stage.kind === 'wait'
              ? `: ${waitInWords({ ...stage, method: method.id })}`
              : `, ${CATALOGUE.tool(stage.tool).name}`}
            {stage.kind === 'apply'
              ? say('g-l-by-severity-to', {
                  strengthGramsPerLitre: stage.strengthGramsPerLitre.join(' / '),
                  from: stage.dwellMinutes.from,
                  to: stage.dwellMinutes.to,
                })
              : ''}
          </li>
        ))}
      </ol>
    </>
  );
}
