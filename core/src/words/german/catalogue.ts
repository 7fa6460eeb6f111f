import { AGENTS } from './catalogue/agents.ts';
import { CONDITIONS } from './catalogue/conditions.ts';
import { CONTAMINANTS } from './catalogue/contaminants.ts';
import { LIMITS } from './catalogue/limits.ts';
import { LOOK_ALIKES } from './catalogue/look-alikes.ts';
import { MATERIALS } from './catalogue/materials.ts';
import { METHODS } from './catalogue/methods.ts';
import { NAMES } from './catalogue/names.ts';
import { OUTLOOKS } from './catalogue/outlooks.ts';
import { PROTECTIONS } from './catalogue/protections.ts';
import { SCHOOLS } from './catalogue/schools.ts';
import { TESTS } from './catalogue/tests.ts';
import { TOOLS } from './catalogue/tools.ts';

/** Words of the catalogue by what they are in English. */
export const GERMAN_CATALOGUE: Readonly<Record<string, string>> = {
  ...AGENTS,
  ...CONDITIONS,
  ...CONTAMINANTS,
  ...LIMITS,
  ...LOOK_ALIKES,
  ...MATERIALS,
  ...METHODS,
  ...NAMES,
  ...OUTLOOKS,
  ...PROTECTIONS,
  ...SCHOOLS,
  ...TESTS,
  ...TOOLS,
};
