import { messages } from './messages.ts';

export const { say } = messages('drawing', {
  // site-plan.tsx
  'site-plan': 'The property unrolled: {sides}',
  'site-plan-scrolls': 'Site plan',
  'site-plan-hands-off': 'not ours today: hands off',
  // limits-gauge.tsx
  'mild-alkali': 'mild alkali',
  'only-with-a-reason': 'only with a reason',
  'force-allowed-up-to-used': 'Force: allowed up to {limit}; used {forces}',
  'jet-force': 'Jet force',
  'agents-that-the-surface-allows': 'Agents that the surface allows',
  // severity-bars.tsx
  'nothing-found': 'nothing found',
  '1-trace': '1 trace',
  '2-visible-film': '2 visible film',
  '3-covered': '3 covered',
  '4-caked': '4 caked',
  // mix-vessel.tsx
  'in-this-order': 'In this order: {parts}',
  // tank-line.tsx
  'it-lasts-at-the-lowest': 'it lasts, at the lowest {lowest} L',
  'dry-from': 'dry from {dryAt}',
  'tank-line-of-l': 'Tank line: {dryAtWords}, of {capacityLitres} L',
  'l-in-the-tank': 'L in the tank',
  'dry-at': 'dry at {dryAt}',
  // wet-at-once-by-hour.tsx
  'face-agent': 'Surface, agent',
  easiest: 'Easiest',
  'this-hour-does-not-exist': 'this hour does not exist on that day',
  'w-m2-net-c': '{netRadiationWattsPerSquareMetre} W/m² net, {temperatureC} °C',
  'not-workable': 'not workable; {sun}',
  'kept-wet-by-mists': ', kept wet by mists',
  'at-once-film-min-dry':
    '{wetSquareMetres} at once{mist}; film {filmMinutes} min, dry-out {dryOutMinutes} min; {sun}',
  // wet-line.tsx
  'dwell-to-min': 'dwell {from} to {latest} min',
  'left-on': 'left on',
  'wet-line-of-film-until':
    'Wet line of {name}: film until {filmMinutes} min, dry-out at {dryOutMinutes} min, {dwell}',
  'g-m2-on-the-surface': 'g/m² on the surface',
  min: '{minute} min',
  'counts-as-dry': 'counts as dry',
  'dried-on': 'dried on',
  'full-line-liquid-on-the': 'Full line: liquid on the surface. Dashed: with what is in its pores. ▲ a mist.',
  'after-min-g-m2-on': 'After {minute} min: {film} g/m² on the surface, {left} with its pores',
  // day-ribbon.tsx
  'half-by': 'half by {at}',
  'nine-in-ten-by': 'nine in ten by {at}',
  'planned-end': 'planned',
  'over-the-day': 'too long',
  'finish-spread':
    'When such days end: planned by {planned}, half of them by {likely}, nine in ten by {cautious}.',
  'set-out-clear-up': 'set out, clear up',
  lunch: 'lunch',
  mixing: 'mix',
  'put-on-and-finished': 'put on and finished',
  'wash-rinse': 'wash, rinse',
  'other-work': 'other work',
  zoom: 'Zoom',
  'zoom-in': 'Closer',
  'zoom-out': 'Further away',
  'whole-day': 'Whole day',
  'under-the-day': 'Under the day',
  'overlay-none': 'Rounds only',
  'overlay-sun': 'Sun by side',
  'overlay-tank': 'Tank',
  'overlay-machines': 'Machines',
  'quiet-hours': 'quiet hours',
  'tank-fills': 'tank fills',
  'working-day-ends': 'end of the working day',
  'a-mist': 'a mist',
  'in-the-sun': 'in the sun',
  'whose-day': 'Whose day',
  'day-ribbon-by-person': 'Day ribbon by person',
  'dwells-watched-by': 'dwells, watched from above it',
  's-day': '{name}’s day',
  'choose-a-bar-to-read':
    'Point at a bar to read it and why it comes then. Drag it to another time or person; keys: arrows step, + and − zoom, P fixes it, , and . move it five minutes.',
});
