import { messages } from './messages.ts';

export const { say } = messages('survey-edits', {
  // shown-state.ts
  'this-was-deleted-elsewhere-in': 'this was deleted elsewhere in the meantime',
});
