import { fixedBy } from '@etappe/core';
import type { Fixed, NamedRound, Pinned, RoundPin, Survey } from '@etappe/core';
import { personOnDevice } from '../person-on-device.ts';
import { say } from '../messages/sequence.ts';

/** A pin as it is stored: what, who said so and when. */
export function pinOf(fixed: Fixed, pinned: Pinned, { name }: NamedRound): RoundPin {
  return {
    ...fixed,
    ...pinned,
    name: name.slice(0, 120),
    why: '',
    by: personOnDevice() || say('pin/somebody'),
    at: new Date().toISOString(),
  };
}

/** What a pin fixes, in short. */
export function pinInWords(pin: RoundPin, { job: { house } }: Survey): string {
  const { person, notBefore, notAfter, after, before } = fixedBy(pin);
  const name = house.crew.find(({ id }) => id === person)?.name ?? person;
  return [
    name !== null && say('pin/by', { name }),
    notBefore !== null && say('pin/from', { notBefore }),
    notAfter !== null && say('pin/until', { notAfter }),
    after !== null && say('pin/behind', { round: after.name }),
    before !== null && say('pin/ahead-of', { round: before.name }),
  ]
    .filter((part) => part !== false)
    .join(', ');
}
