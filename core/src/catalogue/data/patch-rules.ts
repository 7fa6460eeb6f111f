import { inLanguage } from '../../language/in-language.ts';
import type { PatchRule } from '../patch-rule.ts';

const TRADE = 'trade default';

export const PATCH_RULES: readonly PatchRule[] = inLanguage([
  { id: 'patch-unknown-material', unsure: true, text: 'Nobody is sure what it is made of.', source: TRADE },
  {
    id: 'patch-valuable', conditions: ['historic'],
    text: 'It is historic or listed: what comes off does not come back.', source: TRADE,
  },
  {
    id: 'patch-soft-face', conditions: ['soft-stone'],
    text: 'Its surface comes away under a thumb: it may come away with the dirt.', source: TRADE,
  },
  {
    id: 'patch-coating', coated: true, agentClasses: ['solvent', 'mild-solvent', 'caustic'],
    text: 'Nobody knows how hard its coating is: try a hidden spot, it must stay hard.', source: TRADE,
  },
  {
    id: 'patch-harsh-agent', surfaceRiskFrom: 4,
    text: 'It is strong, and this surface has never had it before.', source: TRADE,
  },
]); // prettier-ignore
