import { messages } from './messages.ts';

export const { say } = messages('papers', {
  papers: 'Papers',
  proposal: 'Proposal',
  'method-statement': 'Method statement',
  'neighbour-notice': 'Notice to neighbours',
  'windscreen-notice': 'Windscreen notice',
  'toolbox-talk': 'Toolbox talk',
  'aftercare-sheet': 'Aftercare sheet',
  'working-out-the-plan': 'Working out the plan',
  'no-company':
    'Nobody has written who you are yet: papers go out without your name and phone. Write it once in the handbook.',
  'write-it': 'Our company',
  pdf: 'PDF',
  'pdf-making': 'PDF is being made',
  'pdf-made': 'PDF, {kilobytes} kB',
  'pdf-failed': 'PDF could not be made: {why}. Try again',
  'pdf-of': 'PDF of {name}',
  'pdf-away': 'PDF: no connection',
  mail: 'Mail',
  'mail-title': 'Mail: {paper}',
  'mail-explained':
    'Etappe sends nothing itself. It writes the mail with the PDF attached as a file that any mail program opens; send it from there.',
  'mail-to': 'To',
  'mail-subject': 'Subject',
  'mail-text': 'Text',
  'mail-usual': 'Please find attached: {paper}. Questions? Just reply.',
  'mail-write': 'Write the mail',
  cancel: 'Cancel',
  'visits-calendar': 'Visits as a calendar file',
  'visit-title': '{job}: visit {number} of {of}',
  'not-made': 'Not made',
});
