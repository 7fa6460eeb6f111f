import { messages } from './messages.ts';

export const { say } = messages('properties', {
  // contact-dialog.tsx
  'contact-person': 'Contact person',
  telephone: 'Telephone',
  mail: 'Mail',
  note: 'Note',
  'save-contact': 'Save contact',
  cancel: 'Cancel',
  'the-name-is-set-on': 'The name is set on each property: change it on the Walk.',
  // properties-page.tsx
  properties: 'Properties',
  'find-a-property': 'Find a property',
  'find-a-property-or-customer': 'Find a property or customer',
  'properties-cannot-be-loaded-right': 'Properties cannot be loaded right now',
  'retrying-automatically': '{message} Retrying automatically.',
  'loading-properties': 'Loading properties',
  customer: 'Customer',
  property: 'Property',
  'jobs-newest-first': 'Jobs, newest first',
  surfaces: 'Surfaces',
  'new-job': 'New job',
  'no-customer-yet': 'no customer yet',
  'without-a-name': 'without a name',
  'no-day-yet': 'no day yet',
  'new-job-on': 'New job on {name}',
  'no-property-matches': 'No property matches “{find}”',
  'no-properties-yet': 'No properties yet',
  'clear-the-search-to-see': 'Clear the search to see all properties.',
  'a-property-comes-with-its': 'A property comes with its first job: create one on the jobs page.',
});
