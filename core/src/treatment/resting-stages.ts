import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { areOpposed } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import { plannedRate } from '../rates/stage-duration.ts';
import type { ChainLink, ChainSurroundings } from './chain-link.ts';
import { toolPressure } from './limit-verdict.ts';
import type { Reason } from './reason.ts';
import type { Stage } from './stage.ts';
import { agentCautions, bare, neutraliserDetail, rateConditions, readingStage } from './stage-builder.ts';

/** An agent that may still be on the face, as strong as it came. */
export interface PresentAgent {
  readonly agent: Agent;
  /** g/L of its basis. */
  readonly strength: number;
  readonly areaSquareMetres: number;
}

/** What of a link and its surroundings the stages of bringing to rest are made from. */
export type RestingLink = Pick<ChainLink, 'method' | 'severity' | 'areaSquareMetres'>;
export type RestingPlace = Pick<ChainSurroundings, 'surface' | 'shaded' | 'catalogue'>;

/** What brings an agent to rest on a face; null where it has nothing, or only an acid that the face does not bear. */
export function restingAgent(agent: Agent, { surface, catalogue }: RestingPlace): Agent | null {
  if (!agent.neutraliser) return null;
  const by = catalogue.agent(agent.neutraliser.agent);
  const { calcareous, family } = catalogue.material(surface.material);
  const harmed = by.class === 'acid' && (calcareous || (family === 'metal' && surface.finish === 'bare'));
  return harmed ? null : by;
}

/**
 * Brings an agent to rest before something opposed follows, on the same face or where the two would meet: neutralised where it
 * can be, rinsed in full, and read.
 * @param link whose stages they count as: the one that follows on the face, or the agent's own
 * @param name tells apart what is brought to rest more than once in one treatment
 */
export function restingStages(
  { agent, strength, areaSquareMetres }: PresentAgent,
  link: RestingLink,
  around: RestingPlace,
  name: string,
): readonly Stage[] {
  const own = { ...link, areaSquareMetres };
  const idOf = (kind: string) => `${name}-${agent.id}-${kind}`;
  const by = restingAgent(agent, around);
  const why: Reason = {
    rule: 'opposed-chemistries',
    text: say('caution/opposed', { agent: agent.name }),
    source: say('source/trade-default'),
  };
  const neutralise: readonly Stage[] = by
    ? [
        {
          ...bare(own, around, idOf('neutralise')),
          kind: 'neutralise',
          tool: 'low-pressure-sprayer',
          rate: plannedRate(TRADE_DEFAULTS.spray, rateConditions(own, around, false)),
          direction: 'top-down',
          cautions: [why, ...agentCautions(by.id, around)],
          apply: neutraliserDetail(agent, by.id, strength, around),
          neutralises: [agent.id],
        },
      ]
    : [];
  return [
    ...neutralise,
    {
      ...bare(own, around, idOf('rinse')),
      kind: 'rinse',
      tool: 'garden-hose',
      rate: plannedRate(TRADE_DEFAULTS.plainRinse, rateConditions(own, around, false)),
      direction: 'top-down',
      maxSurfacePressureKilopascal: toolPressure('garden-hose'),
      checks: [say('check/full-rinse')],
      cautions: by ? [] : [why],
    },
    readingStage(agent.neutraliser?.reading ?? say('reading/ph'), own, around, idOf('reading')),
  ];
}

/** Agents in an order in which what brings one to rest opposes none that is not at rest yet, where there is one. */
export function restingOrder(agents: readonly Agent[], around: RestingPlace): readonly Agent[] {
  const left = [...agents];
  const order: Agent[] = [];
  while (left.length > 0) {
    const next = left.findIndex((agent) => {
      const by = restingAgent(agent, around);
      return !by || left.every((other) => other === agent || !areOpposed(other, by));
    });
    order.push(...left.splice(Math.max(0, next), 1));
  }
  return order;
}

/** Whether what follows an application brings its agent to rest: rinsed, neutralised where it can be, and read after both. */
export function isAtRest(agent: Agent, following: readonly Stage[], around: RestingPlace): boolean {
  const rinsed = following.findIndex(({ kind }) => kind === 'rinse' || kind === 'wash');
  const neutralised = restingAgent(agent, around)
    ? following.findIndex(({ neutralises }) => neutralises.includes(agent.id))
    : rinsed;
  const after = Math.max(rinsed, neutralised);
  return rinsed >= 0 && neutralised >= 0 && following.slice(after).some(({ kind }) => kind === 'reading');
}
