import { messages } from './messages.ts';

export const { say } = messages('new-job', {
  // new-job-dialog.tsx
  'this-property': 'this property',
  'new-job-on': 'New job on {nameWords}',
  'create-job': 'Create job',
  cancel: 'Cancel',
  'sides-surfaces-features-water-and':
    'Sides, surfaces, features, water and earlier damage carry over. Findings, scope and dates start fresh.',
  name: 'Name',
  'hill-observatory-spring-clean': 'Hill observatory, spring clean',
  'planned-day': 'Planned day',
  'begin-with': 'Begin with',
  'an-empty-property': 'An empty property',
  surfaces: '{name} ({surfaces} surfaces)',
  'not-created': 'Not created',
  'what-you-typed-is-still': '{message} What you typed is still here.',
  customer: 'Customer',
  address: 'Address',
  'latitude-degrees-north': 'Latitude, degrees north',
  'longitude-degrees-east': 'Longitude, degrees east',
  'time-zone': 'Time zone',
  units: 'Units',
  'metric-m-m2-l': 'Metric: m, m², L',
  'us-ft-sq-ft-us': 'US: ft, sq ft, US gal',
});
