import { inLanguage } from '../../language/in-language.ts';
import type { FeatureProtection, ProtectionAct, ProtectionKind, Protector } from '../protection-act.ts';

type More = Partial<Pick<ProtectionAct, 'material' | 'longestMinutesInSun' | 'who' | 'minutesPerMetre'>>;
const act = (kind: ProtectionKind, minutes: number, text: string, more: More = {}): ProtectionAct => ({
  kind,
  text,
  minutes,
  material: null,
  who: 'crew',
  longestMinutesInSun: null,
  minutesPerMetre: 0,
  lengthMetres: 0,
  ...more,
});
const by = (who: Protector): More => ({ who });
const FILM: More = { material: 'film and tape' };
/** In the name of a ticket it says that its holder may do what asks for somebody competent: all of it is electrical. */
export const COMPETENT_TICKET = /ele[ck]tr/i;

/** Sand sleeves to lay along an edge, and to lift again with what stands before them. */
const LAID: More = { material: 'sand sleeves, pump, drum', minutesPerMetre: 0.5 };
const LIFTED: More = { minutesPerMetre: 0.25 };
const SLEEVED: More = { material: 'downpipe sleeve, drum' };
/** Leaves cook under a cover in the sun. */
const BREATHING_COVER: More = { material: 'breathing cover', longestMinutesInSun: 30 };

const CATCH_WATER: FeatureProtection = {
  before: act('divert', 6, 'Lay {length} of bund between the work and the water; set up the catch.', LAID),
  during: act('catch', 5, 'Empty the catch before it is full; read pH and chlorine of what is in it.', { material: 'strips' }),
  after: act('open', 4, 'Lift the {length} of bund last, when the catch is empty and the reading neutral.', LIFTED),
}; // prettier-ignore
const NO_POWER: FeatureProtection = {
  before: act('isolate', 4, 'Have it isolated by somebody competent, then cover it: it must never get wet.', {
    ...FILM,
    ...by('competent'),
  }),
  during: null,
  after: act(
    'uncover',
    3,
    'Uncover it once all is dry; leave switching on to somebody competent.',
    by('competent'),
  ),
};

/** What is done for each kind of feature; null where nothing is. Trade defaults. */
export const FEATURE_PROTECTIONS: Readonly<Record<string, FeatureProtection | null>> = inLanguage({
  'plant-bed': {
    before: act('wet', 3, 'Wet the bed through, leaf and soil.'),
    during: act('keep-rinsing', 2, 'Keep it wet as long as product is in use nearby.'),
    after: act('rinse', 4, 'Rinse leaves and soil with plenty of water.'),
  },
  lawn: {
    before: act('wet', 3, 'Wet the grass along the wall.'),
    during: act('keep-rinsing', 2, 'Keep it wet as long as product is in use nearby.'),
    after: act('rinse', 3, 'Rinse the grass.'),
  },
  pond: CATCH_WATER,
  stream: CATCH_WATER,
  drain: {
    before: act('block', 4, 'Find out where it leads; block it where it leads to open water.', { material: 'drain mat' }),
    during: null,
    after: act('open', 3, 'Unblock it when run-off is clear and neutral.'),
  },
  // Known: nothing has to be found out any more.
  'drain-to-water': {
    before: act('block', 4, 'Block it: it leads to open water. Take up what stands before it.', { material: 'drain mat' }),
    during: null,
    after: act('open', 3, 'Unblock it when run-off is clear and neutral.'),
  },
  'drain-to-ground': {
    before: act('block', 4, 'Keep product out of it: it soaks away into the ground.', { material: 'drain mat' }),
    during: null,
    after: act('open', 3, 'Unblock it when run-off is clear and neutral.'),
  },
  'drain-to-sewer': {
    before: act('keep-away', 1, 'Keep sludge and solids out of it.'),
    during: null,
    after: act('rinse', 2, 'Rinse it through with plain water.'),
  },
  // A mat lies flat on a grate; what a gutter carries is taken off at its downpipe.
  gutter: {
    before: act('divert', 6, 'Find out where it leads. Until then put a sleeve on its downpipe and catch what comes.', SLEEVED),
    during: act('catch', 3, 'Empty the catch before it is full.'),
    after: act('open', 5, 'Flush the gutter clear, then take the sleeve off when the water is neutral.'),
  },
  'gutter-to-water': {
    before: act('divert', 6, 'Put a sleeve on its downpipe and lead it to the catch: it runs to open water.', SLEEVED),
    during: act('catch', 3, 'Empty the catch before it is full; read pH and chlorine of what is in it.', { material: 'strips' }),
    after: act('open', 5, 'Flush the gutter clear, then take the sleeve off when the water is neutral.'),
  },
  'gutter-to-ground': {
    before: act('divert', 6, 'Put a sleeve on its downpipe and lead it to the catch: it soaks away into the ground.', SLEEVED),
    during: act('catch', 3, 'Empty the catch before it is full.'),
    after: act('open', 5, 'Flush the gutter clear, then take the sleeve off when the water is neutral.'),
  },
  'gutter-to-sewer': {
    before: act('keep-away', 2, 'Lift out what lies in it; keep moss and solids out of the downpipe.'),
    during: null,
    after: act('rinse', 3, 'Flush it with plain water and see that the downpipe runs.'),
  },
  'cellar-drain': {
    before: act('test', 4, 'Test with a bucket that it runs. Never block it: a blocked cellar drain floods the basement.'),
    during: act('test', 2, 'Look down now and then: it must run.'),
    after: act('test', 4, 'Clear it of sludge and test it with a bucket again.'),
  },
  pool: {
    before: act('cover', 8, 'Cover the pool with the owner; keep all run-off out of it.', { material: 'pool cover', ...by('owner') }),
    during: null,
    after: act('uncover', 6, 'Rinse the cover and take it off; the owner tests the water before anybody swims.', by('owner')),
  },
  door: {
    before: act('tape', 3, 'Shut it, seal its foot, and ask what is behind it.', FILM),
    during: null,
    after: act('uncover', 3, 'Untape it, wipe the threshold; look behind it for water.'),
  },
  sill: {
    before: act('move', 2, 'Clear the sill; never spray up at it.'),
    during: null,
    after: act('rinse', 2, 'Rinse the sill and wipe it dry.'),
  },
  lamp: NO_POWER,
  electrics: NO_POWER,
  'electrical-panel': NO_POWER,
  panel: NO_POWER,
  'solar-panel': {
    before: act('notify', 3, 'No jet and no product on it; with the owner’s consent cover it or keep it wet.', { ...FILM, ...by('owner') }),
    during: act('keep-rinsing', 2, 'Keep it wet where it is not covered.'),
    after: act('uncover', 3, 'Uncover and rinse with plain water.'),
  },
  timber: {
    before: act('wet', 2, 'Wet natural timber and keep it wet, or cover it.'),
    during: act('keep-rinsing', 2, 'Keep it wet as long as product is in use nearby.'),
    after: act('rinse', 2, 'Uncover and rinse.'),
  },
  goods: {
    before: act('move', 5, 'Have goods moved off the door and off the floor; seal the foot of the door.', { ...FILM, ...by('owner') }),
    during: null,
    after: act('open', 3, 'Open up with the owner and look for water.', by('owner')),
  },
  animals: {
    before: act('move', 2, 'Have animals taken away with their bowls and bedding.', by('owner')),
    during: act('keep-away', 0, 'They stay away until it is dry.'),
    after: act('rinse', 3, 'Rinse where they walk; they come back when it is dry.'),
  },
  gap: {
    before: act('tape', 4, 'Tape and sheet the gap; ask what is behind it.', FILM),
    during: null,
    after: act('uncover', 3, 'Untape, look behind it for water.'),
  },
  glass: {
    before: act('wet', 2, 'Wet the glass.'),
    during: act('keep-rinsing', 2, 'Keep the glass wet: nothing dries on it.'),
    after: act('rinse', 3, 'Rinse the glass before anything dries on it.'),
  },
  // Water does not keep a sealer off a pane.
  'glass-under-coating': {
    before: act('cover', 6, 'Hang film over the glass and its frames: a sealer that dries on it stays.', FILM),
    during: null,
    after: act('uncover', 3, 'Take the film off once the coat no longer sticks; wipe off at once what got through.'),
  },
  'bare-metal': {
    before: act('cover', 3, 'Cover bare metal, or keep it wet throughout.', FILM),
    during: null,
    after: act('uncover', 2, 'Uncover and rinse.'),
  },
  vehicle: {
    before: act('move', 1, 'Have the vehicle moved.', by('owner')),
    during: null,
    after: act('notify', 1, 'Tell the owner it can come back.'),
  },
  'vehicle-fixed': {
    before: act('cover', 6, 'It cannot be moved: wet it, cover it to the ground, tape the cover.', FILM),
    during: null,
    after: act('uncover', 5, 'Rinse the cover and take it off; rinse the vehicle.'),
  },
  bin: {
    before: act('move', 2, 'Wheel it out of the spray and of the run-off, lid shut.'),
    during: null,
    after: act('move', 2, 'Wheel it back once the ground is rinsed.'),
  },
  'bin-by-owner': {
    before: act('move', 1, 'Have it wheeled out of the way before we begin.', by('owner')),
    during: null,
    after: act('notify', 1, 'Say that it can come back.'),
  },
  furniture: {
    before: act('move', 4, 'Move it away or cover it.', { material: 'dust sheet' }),
    during: null,
    after: act('move', 4, 'Put it back dry.'),
  },
  nest: {
    before: act('keep-away', 1, 'Keep away and ask: an occupied nest may be protected by law.'),
    during: act('keep-away', 0, 'Nobody works within sight of it.'),
    after: act('keep-away', 0, 'Leave it as it was.'),
  },
  footway: {
    before: act('sign', 5, 'Close it with signs on both ends and a lookout.', { material: 'signs, cones' }),
    during: act('keep-away', 0, 'Nobody walks through spray; the lookout stays.'),
    after: act('open', 4, 'Rinse it, look for slippery spots, open it again.'),
  },
  other: {
    before: act('cover', 3, 'Cover it or move it.', FILM),
    during: null,
    after: act('uncover', 2, 'Uncover it.'),
  },
}, { words: ['material'] }); // prettier-ignore

/** Plants by the other ways of a company. */
export const PLANT_PROTECTIONS: Readonly<Record<string, FeatureProtection>> = inLanguage({
  cover: {
    before: act('cover', 5, 'Wet the plants, then cover or bag them; never in hot sun.', BREATHING_COVER),
    during: act('uncover', 1, 'Lift the cover as soon as the surface beside it is rinsed.'),
    after: act('uncover', 4, 'Count the covers back; rinse leaves and soil.'),
  },
  capture: {
    before: act('catch', 6, 'Lay {length} of bund along the foot of the surface and catch all run-off: nothing reaches the roots.', LAID),
    during: act('catch', 5, 'Empty the catch before it is full; read pH and chlorine of what is in it.', { material: 'strips' }),
    after: act('open', 4, 'Lift the {length} of bund last, when the reading is neutral; rinse leaves all the same.', LIFTED),
  },
}, { words: ['material'] }); // prettier-ignore

/**
 * Faces that an agent of another face comes to and harms; `{agents}` and `{from}` are filled with what and whence. A limit that
 * may be set aside is met by water, one of the floor only by keeping the agent off.
 */
export const EXPOSED_FACE_PROTECTIONS: Readonly<Record<'wet' | 'cover' | 'divert', FeatureProtection>> = inLanguage({
  wet: {
    before: act('wet', 2, 'Wet it through before work with {agents} starts on {from}: wet, it takes up less.'),
    during: act('keep-rinsing', 2, 'Keep plain water running over it during work with {agents} on {from}; nothing dries on it.'),
    after: act('rinse', 3, 'Rinse it from its top edge down after the last rinse of {from}.'),
  },
  cover: {
    before: act('cover', 8, 'Hang film over it, taped tight along its top edge, before work with {agents} starts on {from}: not a drop may run behind it.', FILM),
    during: act('keep-rinsing', 2, 'Look behind the film at every section; where it is wet, flood with plain water and stop.'),
    after: act('uncover', 4, 'Take the film off after the last rinse of {from}, then rinse it all the same.'),
  },
  divert: {
    before: act('divert', 4, 'Lay {length} of sand sleeves along its edge; lead {agents} from {from} away from it, or catch it.', LAID),
    during: act('keep-rinsing', 2, 'Keep it flooded with plain water where drops reach it; watch the sleeves.'),
    after: act('open', 2, 'Lift the sleeves after the last rinse of {from}, then rinse it all the same.', LIFTED),
  },
}, { words: ['material'] }); // prettier-ignore

/** Droppings and urine that a hypochlorite would come to. */
export const FOULED_FACE_PROTECTION: FeatureProtection = inLanguage({
  before: act('rinse', 5, 'Before work with {agents} starts on {from}, pick up what lies there wet and flush with plenty of plain water until nothing smells: together they release toxic gas.'),
  during: act('keep-away', 0, 'Nobody stands downwind of it; if eyes or nose sting, stop, leave and let it air.'),
  after: act('rinse', 2, 'Flush it once more with plain water.'),
}, { words: ['material'] }); // prettier-ignore

/** What is done on every property, whatever stands beside the work. */
export const SITE_PROTECTION: Pick<FeatureProtection, 'before' | 'after'> = inLanguage(
  {
    before: act(
      'sign',
      0,
      'Rinse gear is laid and charged before any product touches a surface; people and cars are away.',
    ),
    after: act(
      'rinse',
      0,
      'Plants and neighbouring surfaces are rinsed once more; every cover, tape and bund is counted back.',
    ),
  },
  { words: ['material'] },
);
