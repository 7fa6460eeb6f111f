import { say } from '../messages/message.ts';
import type { CrewOrder, OrderRound } from '../order/crew-order.ts';
import { entryLines, entryTitle, numbersInShort } from '../order/entry-lines.ts';
import type { EntryLine } from '../order/entry-lines.ts';
import { mixInWords } from '../order/mix-in-words.ts';
import type { MixInWords } from '../order/mix-in-words.ts';
import type { OrderEntry } from '../order/order-entry.ts';
import { dayInWords } from '../quantity/calendar.ts';
import { decimal } from '../quantity/numbers.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { VisitOutline } from '../plan/visit-outline.ts';
import { imprintOf, listOf, logoOf, section } from './paper-head.ts';
import type { Paper, PaperBlock, PaperLine, PaperPart, PaperRound } from './paper.ts';

/** A day of no more than this flows without a sheet of its own for each person. */
const FLOWING_ENTRIES = 12;

/** Whether each person has sheets of their own; a short day flows. */
export const isLongOrder = ({ people }: Pick<CrewOrder, 'people'>): boolean =>
  people.some(({ entries }) => entries.length > FLOWING_ENTRIES);

/**
 * A crew order as paper: the site for all, each person's rounds, mixes, tools and the labels of the jugs.
 * @param readers whose rounds alone are on it; null for everybody's
 */
export function orderPaper(
  order: CrewOrder,
  number: number,
  readers: readonly string[] | null = null,
): Paper {
  const isLong = isLongOrder(order);
  const mixes = order.mixes.map((mix) => mixInWords(mix, order.units));
  const part = (blocks: readonly PaperBlock[], person: string | null = null): PaperPart => ({
    person,
    isOnOwnSheet: isLong,
    blocks,
  });
  return {
    kind: 'order',
    title: say('paper/order', { number }),
    company: order.company?.name ?? '',
    job: order.jobName,
    about: orderHead(order),
    ...logoOf(order.company ?? null),
    imprint: imprintOf(order.company ?? null),
    parts: [
      part(siteBlocks(order)),
      ...order.people
        .filter(({ name }) => readers?.includes(name) ?? true)
        .map((person) => part(personBlocks(person), person.name)),
      { ...part([...mixBlocks(order, mixes), ...endBlocks(order)]), isOnOwnSheet: false },
      ...(mixes.length === 0 ? [] : [{ ...part(labelBlocks(order, mixes)), isOnOwnSheet: true }]),
    ],
  };
}

/** For whom and when, below the name of an order. */
export function orderHead({
  customer,
  date,
  start,
  finish,
}: Pick<CrewOrder, 'customer' | 'date' | 'start' | 'finish'>): string {
  const day = date === '' ? '' : dayInWords(date);
  return [customer, day, say('order-paper/span', { from: start, to: finish })]
    .filter((own) => own !== '')
    .join(' · ');
}

function siteBlocks(order: CrewOrder): readonly PaperBlock[] {
  const { changes, company, plan } = order;
  const emergency = company?.emergencyLine ?? '';
  return [
    ...(changes
      ? section(
          say('order-paper/changed', { since: changes.since }),
          listOf(changes.lines) ?? {
            is: 'text',
            text: say('order-paper/unchanged', { since: changes.since }),
          },
        )
      : []),
    ...section(
      say('order-paper/always'),
      listOf([
        ...order.safetyFloor,
        ...(emergency === '' ? [] : [say('order-paper/emergency', { line: emergency })]),
      ]),
    ),
    ...section(say('order-paper/aside'), listOf(order.setAside)),
    ...section(
      say('order-paper/site'),
      plan ? { is: 'site-plan', plan } : null,
      order.site.length > 0 ? { is: 'facts', facts: order.site } : null,
    ),
    ...section(say('order-paper/load'), {
      is: 'list',
      lines: [...order.products.map(loaded), ...order.machines],
      isTicked: true,
      isShort: true,
    }),
    ...section(say('order-paper/ask'), listOf(order.questions, true)),
    {
      is: 'facts',
      facts: [
        { about: say('order-paper/wear'), text: order.protection.join(', ') || say('order-paper/label') },
      ],
    },
  ];
}

function loaded({ called, name, containers, unit }: CrewOrder['products'][number]): string {
  const sizes = containers
    .map(({ count, size }) => say('order-paper/containers', { count, size: decimal(size, 1), unit }))
    .join(' + ');
  return called
    ? say('order-paper/product-called', { called, product: lowerFirst(name), containers: sizes })
    : say('order-paper/product', { product: name, containers: sizes });
}

function personBlocks({
  name,
  entries,
  rounds,
  during = [],
}: CrewOrder['people'][number]): readonly PaperBlock[] {
  const shown = rounds ?? entries.map(roundOfEntry);
  return [
    { is: 'heading', text: name },
    ...section(say('order-paper/meanwhile'), listOf(during)),
    { is: 'rounds', rounds: shown.map((round) => paperRound(round, entries)) },
  ];
}

/** Of orders from before a day was read in rounds. */
const roundOfEntry = ({ operation, place, title, start, finish }: OrderEntry): OrderRound => ({
  name: `${place}: ${lowerFirst(title)}`,
  start,
  finish,
  operations: [operation],
});

function paperRound(
  { name, start, finish, operations, numbers = [] }: OrderRound,
  entries: readonly OrderEntry[],
): PaperRound {
  const own = entries.filter(({ operation }) => operations.includes(operation));
  const isOnePlace = new Set(own.map(({ place }) => place)).size === 1;
  const within = own.length === 1 ? 'alone' : isOnePlace ? 'one-place' : null;
  return {
    time: start === finish ? start : say('order-paper/span', { from: start, to: finish }),
    name: [numbersInShort(numbers), name].filter((part) => part !== '').join('  '),
    lines: own.flatMap((entry) => {
      const title = entryTitle(entry, within)
        .map(({ what }) => what)
        .join(' · ');
      const isList = entry.task === 'set-out' || entry.task === 'clear-up';
      const [first, ...more] = isList ? entryLines(entry).map(paperLine) : running(entryLines(entry));
      if (title === '') return first ? [first, ...more] : [];
      const goesOn = first && !first.isTicked && first.strong === undefined && first.tone === undefined;
      return goesOn
        ? [{ ...first, strong: title }, ...more]
        : [{ strong: title, text: '' }, ...(first ? [first] : []), ...more];
    }),
  };
}

/** Lines of one kind run on, so that a day fits two sheets. */
function running(lines: readonly EntryLine[]): readonly PaperRound['lines'][number][] {
  const joined: EntryLine[] = [];
  for (const { is, text } of lines) {
    const last = joined.at(-1);
    if (last?.is === is && (is === 'how' || is === 'tick'))
      joined.splice(-1, 1, { is, text: `${last.text}${is === 'tick' ? '   ☐ ' : ' '}${text}` });
    else joined.push({ is, text });
  }
  return joined.map(paperLine);
}

function paperLine({ is, text }: EntryLine): PaperRound['lines'][number] {
  switch (is) {
    case 'how':
      return { text };
    case 'tick':
      return { text, isTicked: true };
    case 'due':
      return { text: '', strong: text };
    case 'caution':
      return { text, tone: 'warning' };
  }
}

function mixBlocks(order: CrewOrder, mixes: readonly MixInWords[]): readonly PaperBlock[] {
  return [
    ...section(
      say('order-paper/mixes'),
      ...mixes.map((mix): PaperBlock => ({ is: 'list', lines: mixLines(mix) })),
      order.cautions.length === 0
        ? null
        : { is: 'list', lines: order.cautions.map((text) => `△ ${text}`), isShort: true },
    ),
    ...section(
      say('order-paper/tools'),
      (order.tools ?? []).length === 0
        ? null
        : {
            is: 'facts',
            facts: (order.tools ?? []).map(({ name, handling }) => ({ about: name, text: handling })),
          },
    ),
  ];
}

/** What goes in, in its order; what is worn. */
function mixLines({ title, product, where, fillings, rules }: MixInWords): readonly PaperLine[] {
  return [
    {
      strong: title,
      text: [where, product?.name ?? '', product?.sheet ?? ''].filter((part) => part !== '').join(', '),
    },
    ...fillings.map(({ howMany, parts, gives }) => ({
      strong: howMany,
      text: [parts.map((part, i) => `${i + 1}. ${part}`).join('  '), gives]
        .filter((part) => part !== '')
        .join('  '),
    })),
    rules.join(' '),
  ];
}

function endBlocks(order: CrewOrder): readonly PaperBlock[] {
  const { acknowledged = null, later = [] } = order;
  return [
    ...section(say('order-paper/told'), listOf(order.expectations.map((e) => `${e.place}: ${e.text}`)), {
      is: 'text',
      tone: 'quiet',
      text: acknowledged
        ? say('order-paper/acknowledged', { name: acknowledged.name, at: acknowledged.at.slice(0, 10) })
        : say('order-paper/not-acknowledged'),
    }),
    ...section(say('order-paper/later'), listOf(later.map(laterVisit))),
  ];
}

function laterVisit(visit: VisitOutline): string {
  const faces = visit.faces.map(({ name, methods, because }) => {
    const what = `${name}, ${methods.map(lowerFirst).join(', ')}`;
    return because === '' ? what : `${what} (${because})`;
  });
  return say('order-paper/later-visit', {
    number: visit.number,
    when: visit.from ?? say('proposal/later', { days: visit.fromDay }),
    faces: faces.join('; '),
  });
}

function labelBlocks(order: CrewOrder, mixes: readonly MixInWords[]): readonly PaperBlock[] {
  return section(say('order-paper/labels'), {
    is: 'labels',
    labels: mixes.map(({ title, fillings, rules }) => ({
      name: title,
      lines: [
        ...new Set(fillings.map(({ gives }) => gives).filter((gives) => gives !== '')),
        order.jobName,
        ...rules,
      ],
    })),
  });
}
