import { CATALOGUE, formatFlow, formatLength, formatStandOff, nozzleFlow } from '@etappe/core';
import { Facts } from './facts.tsx';
import type { CardProps } from './card-props.ts';
import { say } from '../messages/handbook.ts';

export function ToolCard({ id, units }: CardProps) {
  const tool = CATALOGUE.tool(id);
  const { jet } = tool;
  return (
    <Facts
      rows={[
        [say('how-it-is-held'), tool.handling],
        [say('machines'), tool.machines.length === 0 ? say('by-hand') : tool.machines.join(', ')],
        [
          say('jet'),
          jet
            ? say('orifice-at-psi-off', {
                orifice: jet.orifice,
                nozzles: jet.nozzles,
                fanDegrees: jet.fanDegrees,
                psi: jet.psi,
                standOffMetres: formatStandOff(jet.standOffMetres, units),
              })
            : 'none',
        ],
        [
          say('water'),
          jet
            ? say('at-that-pressure', {
                orifice: formatFlow(nozzleFlow(jet.orifice * jet.nozzles, jet.psi), units),
              })
            : say('as-its-pump-or-hose'),
        ],
        [
          say('over-the-surface'),
          tool.paceMetresPerMinute
            ? say('m-a-minute', { paceMetresPerMinute: tool.paceMetresPerMinute.join(say('to')) })
            : say('it-is-not-moved-along'),
        ],
        [say('reach'), say('from-where-you-stand', { reachMetres: formatLength(tool.reachMetres, units) })],
        [say('harmed-by'), tool.harmedBy.length === 0 ? say('no-class-of-agents') : tool.harmedBy.join(', ')],
        [
          say('force'),
          [tool.hot ? 'hot' : '', tool.abrasive ? 'stiff' : '', tool.scrubs ? 'rubs' : '']
            .filter((w) => w !== '')
            .join(', ') || say('only-its-water'),
        ],
      ]}
    />
  );
}
