import type { Agent } from '../catalogue/agent.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { provenanceOf } from '../catalogue/data/provenances.ts';
import type { Provenance } from '../catalogue/provenance.ts';

/** A figure of an agent that is reckoned with, where it comes from and how sure it is. */
export interface AgentFigure extends Provenance {
  readonly id: 'ph' | 'mix-life' | 'neutraliser' | 'spread' | 'coldest' | 'strongest';
  readonly figure: number;
  readonly unit: string;
}

/** The figures behind an agent's mixes; those that it does not have are left out. */
export function agentFigures(agent: Agent): readonly AgentFigure[] {
  const figure = (
    id: AgentFigure['id'],
    path: string,
    value: number | null | undefined,
    unit: string,
  ): readonly AgentFigure[] =>
    value === null || value === undefined
      ? []
      : [{ id, figure: value, unit, ...provenanceOf('agent', path, value) }];
  const isReady = agent.stock.form === 'ready';
  return [
    ...figure('ph', 'typicalPH', agent.typicalPH, ''),
    ...figure('strongest', 'strengthSpan.to', isReady ? null : agent.strengthSpan.to, 'g/L'),
    ...figure('mix-life', 'mixLifeHours', isReady ? null : mixLife(agent).hours, 'h'),
    ...figure('neutraliser', 'neutraliser.gramsPerGram', agent.neutraliser?.gramsPerGram, 'g/g'),
    ...figure('spread', 'usefulSquareMetresPerLitre', agent.usefulSquareMetresPerLitre, 'm²/L'),
    ...figure('coldest', 'coldestCelsius', agent.coldestCelsius, '°C'),
  ];
}
