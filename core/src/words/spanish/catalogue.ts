import { AGENTS } from './catalogue/agents.ts';
import { CONTAMINANTS } from './catalogue/contaminants.ts';
import { MATERIALS } from './catalogue/materials.ts';
import { METHODS } from './catalogue/methods.ts';
import { NAMES } from './catalogue/names.ts';
import { OUTLOOKS } from './catalogue/outlooks.ts';
import { PROTECTIONS } from './catalogue/protections.ts';
import { TOOLS } from './catalogue/tools.ts';

/** Words of the catalogue by what they are in English. */
export const SPANISH_CATALOGUE: Readonly<Record<string, string>> = {
  ...AGENTS,
  ...CONTAMINANTS,
  ...MATERIALS,
  ...METHODS,
  ...NAMES,
  ...OUTLOOKS,
  ...PROTECTIONS,
  ...TOOLS,
};
