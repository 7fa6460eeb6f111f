import { messages } from './messages.ts';

export const { say } = messages('jobs', {
  // jobs-on-device.tsx
  'waiting-on-this-device': 'Waiting on this device',
  'on-this-device': 'On this device',
  waiting: '{count} {count, plural, one {change} other {changes}} waiting',
  // job-import.tsx
  'import-a-job-file': 'Import a job file',
  'import-surfaces': 'Import {surfaces}',
  reading: 'Reading …',
  'drop-a-etappe-json-file': 'Drop a .etappe.json file here, or choose one',
  'cannot-be-read': '{fileName} cannot be read',
  'no-customer': 'no customer',
  'sizes-still-to-be-measured':
    '{unmeasuredCount, plural, one {# size cannot be read and stays} other {# sizes cannot be read and stay}} to be measured: {first}.',
  'values-are-missing-from-the':
    '{assumedCount, plural, one {# value is missing from the file and uses its default} other {# values are missing from the file and use their defaults}}: {first}.',
  'nothing-imported-file-name':
    '{fileName}: {faultsCount} {faultsCount, plural, one {fault} other {faults}}, nothing imported',
  'nothing-imported': 'Nothing imported',
  // jobs-page.tsx
  job: 'Job',
  customer: 'Customer',
  'planned-day': 'Planned day',
  'last-edit': 'Last edit',
  jobs: 'Jobs',
  'find-a-job': 'Find a job',
  'find-a-job-or-customer': 'Find a job or customer',
  import: 'Import',
  'create-job': 'Create job',
  'this-is-the-last-list': 'This is the last list saved on this device',
  'jobs-cannot-be-loaded-right': 'Jobs cannot be loaded right now',
  'retrying-automatically': '{message} Retrying automatically.',
  'loading-jobs': 'Loading jobs',
  surfaces: 'Surfaces',
  'last-order': 'Last order',
  delete: 'Delete',
  'no-job-matches': 'No job matches “{find}”',
  'no-jobs-yet': 'No jobs yet',
  'clear-the-search-to-see': 'Clear the search to see all jobs.',
  'create-a-job-or-drop':
    'Create a job or drop a job file here, then walk the property and enter each surface with what is on it.',
  'no-customer-yet': 'no customer yet',
  open: 'open',
  none: 'none',
  no: 'No. {lastOrder}',
  'delete-name': 'Delete {name}',
  'delete-head': 'Delete “{name}”?',
  'delete-job': 'Delete job',
  'keep-it': 'Keep it',
  'the-job-leaves-the-list': 'The job leaves the list. Its property and issued orders stay on record.',
});
