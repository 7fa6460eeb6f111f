/** What the agents of a class have in common: what they do to people, what they attack, how they are kept. */
const CARE = {
  worksIn: 'film',
  leaveOn: false,
  coldestCelsius: 5,
  usefulSquareMetresPerLitre: null,
  licence: null,
  specialistOnly: null,
} as const;
const WATER =
  'Flush with plenty of water, take off wet clothing, follow the data sheet; call the local emergency number if it does not pass.';
const EYES =
  'Eyes: hold them open under running water for fifteen minutes and see a doctor with the data sheet. ';
/** Alkali goes deep: the eye is flushed on the way, not before it. */
export const ALKALI_FIRST_AID = `Eyes: flush for at least 30 minutes, and go on flushing on the way to hospital with the data sheet. ${WATER}`;
export const THIOGLYCOLATE_FIRST_AID = `Swallowed: rinse the mouth, drink nothing more, call poison control with the data sheet. ${EYES}${WATER}`;
export const FLUORIDE_FIRST_AID =
  'Any contact: flush, calcium gluconate gel at once, and hospital at once even without pain. Tell them that it is fluoride, and take the data sheet.';
export const CHLORINE = {
  ...CARE,
  hazards: [
    'burns eyes and skin',
    'releases toxic gas with acid, ammonia or urine',
    'bleaches cloth and paint',
  ],
  attacks: [
    'stainless steel, copper, zinc and bare metal',
    'nylon and wool',
    'bare timber',
    'plants and water life',
  ],
  firstAid: `${EYES}${WATER}`,
  storage: 'cool, dark, vented; loses a tenth of its strength a month at 20 °C, a sixth at 25, a third at 30',
} as const;
export const OXYGEN = {
  ...CARE,
  hazards: ['burns eyes', 'sets fire going where it dries on cloth or sawdust', 'bursts closed containers'],
  attacks: ['some dyes and stains', 'unsealed copper'],
  firstAid: `${EYES}${WATER}`,
  storage: 'dry, cool, away from anything that burns',
} as const;
export const CAUSTIC = {
  ...CARE,
  hazards: ['burns skin and eyes at once, and deep', 'heats up in water'],
  attacks: ['aluminium, zinc, tin', 'paint', 'wood', 'glass where it dries'],
  firstAid: ALKALI_FIRST_AID,
  storage: 'closed, upright, above 12 °C or it crystallises, apart from acids and aluminium',
} as const;
export const ALKALINE = {
  ...CARE,
  hazards: ['irritates eyes and skin', 'slippery underfoot'],
  attacks: ['bare aluminium and zinc', 'glass where it dries', 'unsealed wood turns dark'],
  firstAid: `${EYES}${WATER}`,
  storage: 'dry and closed, apart from acids',
} as const;
export const ACID = {
  ...CARE,
  hazards: ['burns eyes and skin', 'releases toxic gas with hypochlorite'],
  attacks: [
    'limestone, marble, lime mortar and render',
    'zinc, aluminium, galvanised steel',
    'cement joints, slowly',
  ],
  firstAid: `${EYES}${WATER}`,
  storage: 'closed, apart from alkalis and hypochlorite',
} as const;
export const NEUTRAL = {
  ...CARE,
  hazards: ['irritates eyes'],
  attacks: ['nothing listed here'],
  firstAid: `${EYES}${WATER}`,
  storage: 'frost-free',
} as const;
export const BIOCIDE = {
  ...CARE,
  worksIn: 'pores',
  leaveOn: true,
  hazards: ['burns eyes', 'can cause a skin allergy', 'harms water life for a long time'],
  attacks: ['water life', 'fresh growth around'],
  firstAid: `${EYES}${WATER}`,
  storage: 'locked, frost-free, apart from soap',
  licence: 'a user’s licence where local code asks for one',
} as const;
export const SOLVENT = {
  ...CARE,
  hazards: ['makes you dizzy in still air', 'dries out the skin', 'catches fire'],
  attacks: ['paint, sealers, plastics, rubber, bitumen'],
  firstAid: `Fresh air. ${EYES}${WATER}`,
  storage: 'closed, cool, away from flames and sparks',
} as const;
export const MILD = {
  ...CARE,
  hazards: ['irritates eyes'],
  attacks: ['nothing listed here'],
  firstAid: `${EYES}${WATER}`,
  storage: 'dry and closed',
} as const;
export const COAT = {
  ...CARE,
  worksIn: 'pores',
  leaveOn: true,
  coldestCelsius: 8,
  hazards: ['irritates eyes', 'makes you dizzy in still air'],
  attacks: ['glass and frames it splashes on'],
  firstAid: `Fresh air. ${EYES}${WATER}`,
  storage: 'closed, frost-free',
} as const;

/** Wet cement and lime are alkaline by themselves: 6 to 8 never comes there. */
export const PH_AT_REST =
  'pH strip reads 6 to 8; on cement and lime what an untreated spot beside it reads under the same water';

/** Where an entry comes from, and what is worn. */
export const LABEL = 'trade default; the product label and its safety data sheet come first';
export const GOGGLES = 'goggles';
export const GLOVES = 'chemical gloves';
export const BOOTS = 'rubber boots';
export const APRON = 'chemical apron';
export const DUST = 'dust mask while weighing';
export const MASK = 'respirator as the data sheet says';
