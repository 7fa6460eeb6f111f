import { inLanguage } from '../../language/in-language.ts';
import type { Tool } from '../tool.ts';

/** What one wears for what is done, beside what the agent asks for. Trade defaults. */
export const TASK_PROTECTION: readonly {
  readonly when: (tool: Tool, overhead: boolean) => boolean;
  readonly wear: readonly string[];
}[] = inLanguage(
  [
    {
      when: (tool) => tool.machines.includes('pressure-washer') || tool.machines.includes('hot-washer'),
      wear: ['goggles', 'closed boots', 'hearing protection'],
    },
    // Silica out of sand, mortar and stone.
    { when: (tool) => tool.scrapes === true || tool.abrasive, wear: ['dust mask P2'] },
    { when: (tool) => tool.hot, wear: ['heat-proof gloves', 'long sleeves'] },
    { when: (tool) => tool.machines.includes('sprayer'), wear: ['goggles', 'closed boots'] },
    { when: (_, overhead) => overhead, wear: ['helmet'] },
    // What is sprayed overhead comes down into the face.
    {
      when: (tool, overhead) => overhead && tool.machines.includes('sprayer'),
      wear: ['face shield', 'waterproofs'],
    },
  ],
  { words: ['wear'] },
);
