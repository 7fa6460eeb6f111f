import { inLanguage, word } from '../../language/in-language.ts';

/** Always shown on every order, in six lines so that they are read; cannot be switched off. */
export const SAFETY_FLOOR: readonly string[] = inLanguage([
  'The product label, its safety data sheet, local codes and licensed practice come before anything written here.',
  'Before mixing, put on the eye, hand, foot, hearing and breathing protection listed for each agent and task. Ventilate; eyewash and plain water at hand.',
  'Water first, then acid or caustic; never the other way round. Never mix agents: own sprayer for each, every jug labelled.',
  'Never point a jet at a person or an animal; lock the tip before pulling the trigger. Engine exhaust away from openings, fuel shut for transport.',
  'Ladders, roofs and towers: competent people only, nobody below. Electricity: have it isolated and cover it. Suspected asbestos cement, lead paint, needles or dead animals: stop and hand over to licensed specialists.',
  'In an emergency flush with plenty of water, follow the data sheet and call the local emergency number.',
]);

/** For whoever works high up, beside how it is reached. */
export const SAFETY_FALLS = word(
  'Pole, tower, ladder and roof work stops above the wind limit of the maker and the code, 10 m/s where neither says. On roofs and lifts a harness on a tested anchor; guard rails complete on towers; the ground below fenced off.',
);
