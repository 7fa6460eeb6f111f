import { companyProfile, orderPaper } from '@etappe/core';
import type { CompanyProfile, CrewOrder, Language, Paper } from '@etappe/core';
import type { OrderRecord } from '../orders/order-record.ts';
import type { OrderWordings } from './order-wordings.ts';
import type { OrderWriter } from './order-writer.ts';

/** The languages in which the papers of an order are: the company's, and whose pages are in which. */
export function languagesOf(order: Pick<OrderRecord, 'inputs'>, { people }: CrewOrder) {
  const handbook = order.inputs['handbook'] as { readonly profiles?: readonly CompanyProfile[] } | undefined;
  const company: Language = companyProfile(handbook ?? {})?.language ?? 'en';
  return {
    company,
    of: (name: string): Language => people.find((person) => person.name === name)?.language ?? company,
  };
}

/** Papers of an issued order, in the languages of their readers. */
export interface OrderPapers {
  /** For all: what the office and most read in the company's language, then for each other language the whole of it for its readers. */
  whole(order: OrderRecord): Promise<Paper>;
  /** One person's, in theirs. */
  ofPerson(order: OrderRecord, name: string): Promise<Paper>;
}

export function orderPapers(wordings: OrderWordings, writer: OrderWriter | null): OrderPapers {
  const paperIn = async (
    asked: Language,
    order: OrderRecord,
    readers: readonly string[] | null,
  ): Promise<Paper> => {
    const { language, document } = await wordings.in(asked, order);
    return language === 'en' || !writer
      ? orderPaper(document, order.number, readers)
      : writer.paper(language, { order: document, number: order.number, readers });
  };
  return {
    async whole(order) {
      const document = JSON.parse(order.document) as CrewOrder;
      const languages = languagesOf(order, document);
      const readersOf = (language: Language) =>
        document.people.map(({ name }) => name).filter((name) => languages.of(name) === language);
      const others = [...new Set(document.people.map(({ name }) => languages.of(name)))].filter(
        (language) => language !== languages.company,
      );
      const readers = others.length === 0 ? null : readersOf(languages.company);
      const first = await paperIn(languages.company, order, readers);
      const more: Paper[] = [];
      for (const language of others) more.push(await paperIn(language, order, readersOf(language)));
      return { ...first, parts: [...first.parts, ...more.flatMap(onNewSheet)] };
    },
    async ofPerson(order, name) {
      const { of } = languagesOf(order, JSON.parse(order.document) as CrewOrder);
      return paperIn(of(name), order, [name]);
    },
  };
}

/** What follows in another language begins on a sheet of its own, under its own title. */
function onNewSheet({ title, parts }: Paper): Paper['parts'] {
  const [first, ...rest] = parts;
  if (!first) return [];
  return [
    { ...first, isOnOwnSheet: true, blocks: [{ is: 'heading', text: title }, ...first.blocks] },
    ...rest,
  ];
}
