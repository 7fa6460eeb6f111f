import { useSyncExternalStore } from 'react';
import { serverReach } from './server-reach.ts';

/** Whether the server cannot be reached: what is typed is kept on the device until it can. */
export function useOffline(): boolean {
  return useSyncExternalStore(serverReach.subscribe, serverReach.read) === 'unreachable';
}
