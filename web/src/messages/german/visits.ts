export const VISITS: Readonly<Record<string, string>> = {
  'first-day': 'erster Tag',
  'days-later': '{fromDay} Tage später',
  'by-at-the-latest': ', spätestens {latest}',
  'goes-on': '{begin}, weiter vom vorigen Einsatz',
  'and-more': '{names} und {more} weitere',
  visits: 'Einsätze',
  visit: 'Einsatz {number}',
  'hands-on': '{what} Handarbeit{numberWords}',
  'from-day': 'ab {begin}{latest}',
  surfaces: '{count, plural, one {# Fläche,} other {# Flächen,}}',
};
