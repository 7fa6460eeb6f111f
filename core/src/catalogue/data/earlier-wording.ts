/**
 * Sentences of the catalogue that customers acknowledged, as they were worded until 2026-11-30, by how they are worded now: an
 * acknowledgement of those days is a hash over the words of then, and stays valid.
 */
const EARLIER_WORDING: Readonly<Record<string, string>> = {
  'Pale rings may stay where lichen has rooted in the surface; they even out over seasons.':
    'Pale rings may stay where lichen has rooted in the face; they even out over seasons.',
  'Scale that has lain for years may have etched the surface: a haze stays when the crust is off.':
    'Scale that has lain for years may have etched the face: a haze stays when the crust is off.',
  'Soot that has set into a porous surface gets paler; it does not all go on the first visit.':
    'Soot that has set into a porous face pales; it does not go altogether at the first visit.',
  'A shadow of the colour may stay in a porous surface; a place tagged once is often tagged again.':
    'A shadow of the colour may stay in a porous face; a place tagged once is often tagged again.',
  'Rubber ground into a rough surface gets paler; some of it stays.':
    'Rubber ground into a rough face pales; some of it stays.',
  'A brown shadow may stay in a porous surface after the tar is off.':
    'A brown shadow may stay in a porous face after the tar is off.',
  'Pale spots may stay where droppings have etched the surface; birds come back to their perch.':
    'Pale spots may stay where droppings have etched the face; birds come back to their perch.',
  'Smell deep in a porous surface comes back with damp: it fades with repeats.':
    'Smell deep in a porous face comes back with damp: it fades with repeats.',
  'The outline may stay lighter than the weathered surface around it.':
    'The outline may stay lighter than the weathered face around it.',
  'Oil of old silicone in a porous surface repels water for years: an outline stays.':
    'Oil of old silicone in a porous face repels water for years: an outline stays.',
  'Smoke in a porous surface stays as a shadow, and as a smell on damp days.':
    'Smoke in a porous face stays as a shadow, and as a smell on damp days.',
  'A protected surface still gets dirty, but later, and it cleans more easily; the coat is renewed every few years.':
    'A protected face still gets dirty, later and looser; it is renewed every few years.',
  'A sacrificial coat goes with the tag and is reapplied; it shines a little.':
    'A sacrificial coat goes with the tag and is put on anew; it shines a little.',
  'Joints lose sand and are refilled when they are dry.':
    'Joints lose sand and are filled anew when they are dry.',
  'The surface may look lighter where the crust sat; whole panels keep the colour even.':
    'The face may look lighter where the crust sat; whole panels keep the colour even.',
  'A pale ring may stay on absorbent surfaces.': 'A pale ring may stay on thirsty faces.',
  'A ghost may stay on absorbent stone.': 'A ghost may stay on thirsty stone.',
  'Grains left on the surface set there: a haze that will hardly come off.':
    'Grains left on the face set there: a haze that hardly comes off.',
  'The surface is darker and slightly glossy; it is resealed every three to five years.':
    'The face is darker and slightly glossy; it is sealed anew every three to five years.',
  'We survey the surface again after the repair.': 'The face is surveyed anew after the repair.',
  'This surface is not part of the work: a licensed specialist deals with it under a contract of their own.':
    'This face is not part of the work: a licensed specialist deals with it under a contract of their own.',
  'The surface has faded around what covered it: the outline stays.':
    'The face has faded around what covered it: the outline stays.',
  'The pads have etched the surface: their outline stays when they are off.':
    'The pads have etched the face: their outline stays when they are off.',
  'Heat has changed the surface: the spot will stay.': 'Heat has changed the face: the spot stays.',
  'An earlier jet has left stripes in the surface: cleaning makes them show more, not less.':
    'Stripes of an earlier jet are in the face: cleaning makes them show more, not less.',
  'No stiff brush on a surface that comes away under a thumb.':
    'No stiff brush on a face that comes away under a thumb.',
  'This material does not tolerate hypochlorite.': 'This material does not bear hypochlorite.',
  'This material does not tolerate oxygen cleaners.': 'This material does not bear oxygen cleaners.',
  'This material does not tolerate hot water.': 'This material does not bear hot water.',
  'No stiff brush on this surface in its state.': 'No stiff brush on this face in its state.',
  'No brush at all on this surface in its state.': 'No brush at all on this face in its state.',
  'The repair is done and has set; the surface is surveyed again':
    'The repair is done and has set; the face is surveyed anew',
  'The specialist has released the surface in writing': 'The specialist has given the face free in writing',
  'This agent is for specialists: it is explained here and never scheduled.':
    'This agent belongs in the hands of specialists: it is explained here and never scheduled.',
  'No acid on cement less than 28 days old.': 'No acid on cement that is younger than 28 days.',
  'Dust settles again in the next dry weeks.': 'Dust lies again with the next dry weeks.',
  'Deep spots get paler first and go with repeats; sweep the feed off before it rains.':
    'Deep dots pale at first and go with repeats; sweep the feed off before rain.',
  'Wood turns grey again in the sun within a year or two unless it is stained.':
    'Wood greys again in the sun within a year or two unless it is stained.',
  'The paint is weathered: washing evens it out but does not bring back the gloss.':
    'The paint is weathered: washing evens it and does not bring the gloss back.',
  'Some bricks were fired dark: they stay dark.': 'Some bricks are dark by their firing: they stay dark.',
  'The joints were made with a different sand: washing will not make them match.':
    'Joints were made with another sand: washing does not match them.',
  'Salt comes back with wind and winter; a rinse every month protects metal.':
    'Salt comes back with the wind or the winter; a rinse each month keeps metals.',
  'It comes out of the brick itself and may return; strong acid fixes it for good.':
    'It comes out of the brick itself and may return; strong acid makes it fast.',
  'It will drip again as long as the tree stands above.': 'It drips again as long as the tree stands above.',
  'It will run again as long as water comes off the copper.':
    'It runs again as long as water comes off the copper.',
  'Oil deepens the colour and needs renewing every year or two.':
    'Oil deepens the colour and wants renewing each year or two.',
  'Roots shoot again: it takes two or three goes a season.': 'Roots shoot again: two or three goes a season.',
  'Deep oil shows again as a shadow after a few days.': 'Deep oil shows again as a shadow after days.',
  'The smell goes over a few days, not at once.': 'The smell goes over days, not at once.',
  'Slower than chlorine: the last tint goes over the following weeks.':
    'Slower than chlorine: the last tint goes over weeks.',
  'The growth stays alive and comes back.': 'What grows stays alive and comes back.',
  'Growth comes back sooner than after a cleaner.': 'What grows comes back sooner than after a cleaner.',
  'You see nothing at first: algae brown and go within weeks, lichen within 6 to 18 months.':
    'Nothing is seen at first: growth browns within weeks and goes within 6 to 18 months.',
};

/** Sentences with figures in them: what stands between the figures, now and then. */
const EARLIER_PARTS: readonly (readonly [now: readonly string[], then: readonly string[]])[] = [
  [['; this material tolerates pH'], ['; this material bears pH']],
  [
    ['The agent works from ', ' °C up; the plan expects ', ' °C.'],
    ['The agent works from ', ' °C on, and ', ' °C are counted with.'],
  ],
  [
    ['The jet hits with ', ' kPa; in its state this surface stands ', ' kPa.'],
    ['The jet presses ', ' kPa on a surface that stands ', ' kPa in its state.'],
  ],
];

/** A sentence of the catalogue in the words of then. */
export function earlierWording(text: string): string {
  const whole = EARLIER_WORDING[text];
  if (whole !== undefined) return whole;
  const parts = EARLIER_PARTS.find(([now]) => now.every((part) => text.includes(part)));
  return (parts?.[0] ?? []).reduce((words, part, at) => words.replace(part, parts?.[1][at] ?? part), text);
}
