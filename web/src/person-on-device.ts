import { say } from './messages/app.ts';
const KEY = 'etappe.person';
const NOBODY_SAID = say('office');

/** Your name on this device, as told; it goes into the log with every edit. */
export function personOnDevice(): string {
  return localStorage.getItem(KEY) ?? NOBODY_SAID;
}

export function setPersonOnDevice(name: string): void {
  if (name.trim() === '') localStorage.removeItem(KEY);
  else localStorage.setItem(KEY, name.trim());
}
