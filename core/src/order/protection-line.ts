import { say, told } from '../messages/message.ts';
import type { Told } from '../messages/message.ts';
import type { Protection } from '../protection/protection-acts.ts';

/** "Rose bed: wet the bed through (hose, 3 min)". */
export function protectionLine({ placeName: place, text: what, material, minutes, who }: Protection): Told {
  const more = [
    ...(material === null ? [] : [material]),
    ...(minutes > 0 ? [say('order/minutes', { minutes })] : []),
    ...(who === 'crew' ? [] : [say(`order/who/${who}`)]),
  ];
  return more.length === 0
    ? told('order/protection', { place, what })
    : told('order/protection/more', { place, what, more: more.join(', ') });
}
