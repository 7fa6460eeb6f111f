/** What a customer wants to know beforehand, in the order in which it is told; ten at most, so that it is read. */
export const OUTLOOK_TOPICS = [
  'visits',
  'left-out',
  'by-others',
  'lessened',
  'may-stay',
  'comes-back',
  'slow',
  'looks',
  'upkeep',
  'water',
] as const;
export type OutlookTopic = (typeof OUTLOOK_TOPICS)[number];

/** What is told of an entry of the handbook beside others of its topic: part of a sentence, in lower case, no full stop; empty where it is told otherwise. */
export interface Outlook {
  readonly topic: OutlookTopic;
  readonly clause: string;
  /** Only where a surface has pores to hold it: not glass, bare metal, or what a coat has closed. */
  readonly inPores?: boolean;
}
