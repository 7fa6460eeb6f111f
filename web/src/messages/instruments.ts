import { messages } from './messages.ts';

export const { say } = messages('instruments', {
  // instrument.ts
  'flow-meter': 'Flow meter',
  'moisture-meter': 'Moisture meter',
  'surface-thermometer': 'Surface thermometer',
  'chlorine-strip-reader': 'Chlorine strip reader',
  'ph-strip-reader': 'pH strip reader',
  // simulated-rack.ts
  'no-steady-reading-hold-it': 'No steady reading: hold it still and read again, or type the figure in.',
  // reading-button.tsx
  read: 'Read {name} ({label})',
});
