import { messages } from './messages.ts';

export const { say, rich } = messages({
  // rounds-list.tsx
  rounds: 'Rounds',
  // plan-warnings.tsx
  'more-to-look-at': '△ {foldedCount} more to look at',
  // fronts-table.tsx
  'fronts-and-wet-window': 'Fronts and wet window',
  surface: 'Surface',
  strips: 'Strips',
  'wet-at-once': 'Wet at once',
  film: 'Film',
  'dry-out': 'Dry-out',
  dwell: 'Dwell',
  how: 'How',
  min: '{filmMinutes} min',
  'min-dry-out-minutes': '{dryOutMinutes} min',
  'min-from-minutes': '{fromMinutes}–{latestMinutes} min',
  'left-on': 'left on',
  'leave-on': 'leave on',
  breaks: '{breaks, plural, one {One break} other {# breaks}} with all strips finished.',
  // day-settings.tsx
  crew: 'Crew',
  people: 'People',
  person: 'Person {i}',
  machines: 'Machines',
  hours: 'Hours',
  'day-starts': 'Day starts',
  'working-day': 'Working day',
  'weather-on-the-day': 'Weather on the day',
  air: 'Air',
  humidity: 'Humidity',
  wind: 'Wind',
  cloud: 'Cloud',
  'sun-net': 'Sun, net',
  'air-and-humidity-in-the':
    'Air and humidity in the warmest hour. Leave the sun empty and it is worked out for each surface from place, date and cloud; type a figure and it counts for every surface and hour.',
  // improving-line.tsx
  improving: 'Looking for a shorter day …',
  'improving/better': 'Looking for a shorter day … {by} shorter so far.',
  'improving/stop': 'Leave it at this',
  // sequence-page.tsx
  'working-out-the-plan': 'Working out the plan',
  'the-visit': 'The visit',
  visit: 'Visit {visitNumber}',
  'no-sequence-yet': 'no sequence yet',
  walk: 'Walk',
  'add-surfaces-with-what-is': 'Add surfaces with what is on them on the {link}.',
  'crew-machines-hours-and-weather': 'Crew, machines, hours and weather',
  'from-to': 'From, to',
  takes: 'Takes',
  'paid-time': 'Paid time',
  'people-people': '({people} people)',
  'limited-by': 'Limited by {because}',
  'shortest-possible': 'Shortest possible',
  gap: 'gap {gap} %',
  'limited-by-because': 'Limited by {because}.',
});
