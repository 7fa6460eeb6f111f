export const PLANNING: Readonly<Record<string, string>> = {
  'your-edit-changed-more': 'Die Änderung hat mehr geändert',
  'and-more-surfaces': 'Und {count, plural, one {# weitere Fläche} other {# weitere Flächen}}.',
  dismiss: 'Schließen',
  'kept-apart-in-time': 'Zeitlich getrennt',
  against: '{face}: {name} gegen',
  'points-less': ' ({worseBy} Punkte weniger)',
};
