import { messages } from './messages.ts';

export const { say } = messages({
  // shown-state.ts
  'this-was-deleted-elsewhere-in': 'this was deleted elsewhere in the meantime',
});
