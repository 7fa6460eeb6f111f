import type { EventEmitter } from 'node:events';

export function keepServing(options: {
  start: (port: number) => EventEmitter;
  stopping: () => boolean;
  say: (text: string) => void;
  port?: number;
  waits?: readonly number[];
}): Promise<void>;
