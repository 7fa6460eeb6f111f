import { say } from '../messages/message.ts';
import type { CrewMember } from './crew-and-machines.ts';

/** What somebody must have been trained and signed off for. */
export const TICKETS = ['roof', 'tower', 'lift', 'biocide'] as const;
export type Ticket = (typeof TICKETS)[number];

/** As people write down what they hold. */
const HELD: Readonly<Record<Ticket, RegExp>> = {
  roof: /roof|fall protection|fall arrest|harness|rope access/i,
  tower: /tower|scaffold/i,
  lift: /lift|platform|cherry|boom/i,
  biocide: /biocid|pesticid|weed|herbicid|spray(er|ing)? (operator|cert|licen)/i,
};

/** As it is offered for a crew member. */
export const ticketName = (ticket: Ticket) => say(`ticket/${ticket}`);

export const holds = ({ tickets }: Pick<CrewMember, 'tickets'>, ticket: Ticket) =>
  tickets.some((held) => HELD[ticket].test(held));
