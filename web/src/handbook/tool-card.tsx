import { CATALOGUE, formatFlow, formatLength, formatStandOff, nozzleFlow } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';

export function ToolCard({ id, units }: CardProps) {
  const tool = CATALOGUE.tool(id);
  const { jet } = tool;
  return (
    <Facts
      rows={[
        ['How it is held', tool.handling],
        ['Machines', tool.machines.length === 0 ? 'by hand' : tool.machines.join(', ')],
        [
          'Jet',
          jet
            ? `orifice ${jet.orifice}, ${jet.nozzles} × ${jet.fanDegrees}° at ${jet.psi} psi, ${formatStandOff(jet.standOffMetres, units)} off`
            : 'none',
        ],
        [
          'Water',
          jet
            ? `${formatFlow(nozzleFlow(jet.orifice * jet.nozzles, jet.psi), units)} at that pressure`
            : 'as its pump or hose gives',
        ],
        [
          'Over the surface',
          tool.paceMetresPerMinute
            ? `${tool.paceMetresPerMinute.join(' to ')} m a minute`
            : 'it is not moved along',
        ],
        ['Reach', `${formatLength(tool.reachMetres, units)} from where you stand`],
        ['Harmed by', tool.harmedBy.length === 0 ? 'no class of agents' : tool.harmedBy.join(', ')],
        [
          'Force',
          [tool.hot ? 'hot' : '', tool.abrasive ? 'stiff' : '', tool.scrubs ? 'rubs' : '']
            .filter((w) => w !== '')
            .join(', ') || 'only its water',
        ],
      ]}
    />
  );
}
