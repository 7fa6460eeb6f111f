import type { Agent } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Limit } from '../catalogue/limit.ts';
import type { Finish, Material } from '../catalogue/material.ts';
import type { Tool } from '../catalogue/tool.ts';
import { limitsOnAgent, limitsOnTool } from '../treatment/limit-verdict.ts';
import { soundState } from '../treatment/surface-state.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';

/** A column of the matrix: what is put on, or led over it. */
interface Column {
  readonly heading: string;
  readonly limitsOn: (state: SurfaceState) => readonly Limit[];
}

const ALLOWED = '·';
const ASKS = '?';
const REFUSED = '×';

/**
 * The limits of a catalogue as tables that a person can read, in Markdown: every material and finish, then every state that changes
 * something, against every agent at its strongest and every tool. A sign says allowed, asks or refused, with the number of the rule.
 */
export function catalogueMatrix(catalogue: Catalogue): string {
  const numbers = new Map(catalogue.limits.map((limit, i) => [limit.id, i + 1]));
  const cell = (limits: readonly Limit[]) => {
    if (limits.length === 0) return ALLOWED;
    const floor = limits.some((limit) => limit.standing === 'floor');
    return `${floor ? REFUSED : ASKS}${limits.map((limit) => numbers.get(limit.id)).join(',')}`;
  };
  const agents = catalogue.agents.map((agent) => agentColumn(agent, catalogue));
  const tools = catalogue.tools
    .filter((tool) => tool.jet !== null || tool.scrubs || tool.scrapes || tool.hot)
    .map((tool) => toolColumn(tool, catalogue));
  const sound = catalogue.materials.flatMap((material) =>
    material.finishes.map((finish) => ({
      name: `${material.name}, ${finish}`,
      state: soundState(material, finish, catalogue),
    })),
  );
  const rows = (columns: readonly Column[]) =>
    sound.map(({ name, state }) => [name, ...columns.map((c) => cell(c.limitsOn(state)))]);
  return [
    '# What the limits allow',
    '',
    'Written by `npm run formats` from the catalogue; a change of a limit, a material or an agent shows here. Trade defaults: product',
    'labels, data sheets and a test patch come first.',
    '',
    `\`${ALLOWED}\` allowed · \`${ASKS}\` asks for a name and a reason · \`${REFUSED}\` refused. The numbers are the rules at the end.`,
    '',
    '## Agents, at their strongest, on sound surfaces away from water',
    '',
    table(['Material', ...agents.map((c) => c.heading)], rows(agents)),
    '## Tools on sound surfaces',
    '',
    table(['Material', ...tools.map((c) => c.heading)], rows(tools)),
    '## What a state adds',
    '',
    'On the first material that can be in it: agents and tools that it refuses or asks about, which the sound surface lets pass.',
    '',
    table(['State', 'On', 'Adds'], stateRows(catalogue, [...agents, ...tools], cell)),
    '## Rules',
    '',
    ...catalogue.limits.map(
      (limit, i) =>
        `${i + 1}. \`${limit.id}\` (${limit.standing === 'floor' ? 'refused' : 'asks'}): ${limit.text} ${limit.whatCanHappen} _${limit.source}_`,
    ),
    '',
  ].join('\n');
}

function agentColumn(agent: Agent, catalogue: Catalogue): Column {
  return { heading: agent.id, limitsOn: (state) => limitsOnAgent(state, agent, catalogue) };
}

function toolColumn(tool: Tool, catalogue: Catalogue): Column {
  return { heading: tool.id, limitsOn: (state) => limitsOnTool(state, tool, catalogue) };
}

function stateRows(
  catalogue: Catalogue,
  columns: readonly Column[],
  cell: (limits: readonly Limit[]) => string,
): readonly (readonly string[])[] {
  return catalogue.conditions.flatMap(({ id, name }) => {
    const material = catalogue.materials.find((m) => m.conditions.includes(id) && m.handOver === null);
    if (!material) return [];
    const finish = finishFor(material, id);
    const sound = soundState(material, finish, catalogue);
    const worse = soundState(material, finish, catalogue, [id]);
    const adds = columns.flatMap(({ heading, limitsOn }) => {
      const before = new Set(limitsOn(sound).map((limit) => limit.id));
      const more = limitsOn(worse).filter((limit) => !before.has(limit.id));
      return more.length === 0 ? [] : [`${heading} ${cell(more)}`];
    });
    return [[name, `${material.name}, ${finish}`, adds.length === 0 ? 'nothing' : adds.join('; ')]];
  });
}

/** A coat that chalks or flakes is paint, one that has failed a seal. */
function finishFor({ finishes }: Material, condition: string): Finish {
  const wanted: Readonly<Record<string, Finish>> = {
    chalking: 'painted',
    flaking: 'painted',
    'lead-paint': 'painted',
    'failed-seal': 'sealed',
  };
  const finish = wanted[condition];
  return finish !== undefined && finishes.includes(finish) ? finish : finishes[0];
}

function table(head: readonly string[], rows: readonly (readonly string[])[]): string {
  const line = (cells: readonly string[]) => `| ${cells.join(' | ')} |`;
  return [line(head), line(head.map(() => '---')), ...rows.map(line), ''].join('\n');
}
