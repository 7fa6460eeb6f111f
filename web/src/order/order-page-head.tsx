import { say } from '../messages/order.ts';

interface Props {
  readonly jobName: string;
  /** "Order 3, issued …" */
  readonly heading: string;
  /** Each on sheets of their own, in the order of the paper; nobody where the order flows. */
  readonly people: readonly { readonly id: string; readonly name: string }[];
  /** Whose paper it is alone; null for everybody's. */
  readonly reader: string | null;
}

/** What stands on every sheet of a printed order: job, order, whose sheet it is, and which of how many. */
export function OrderPageHead({ jobName, heading, people, reader }: Props) {
  const [before = '', after = ''] = say('page-of', { page: SPLIT, pages: SPLIT }).split(SPLIT).map(cssString);
  const named = people.map(
    ({ id, name }) =>
      `@page ${personPage(id)} { @top-right { content: ${cssString(name)}; font-weight: 700; } }`,
  );
  const style = `@page {
    margin: 11mm 10mm 9mm;
    @top-left { content: ${cssString(`${jobName} · ${heading}`)}; width: 75%; ${SMALL} }
    @top-right { content: ${cssString(reader ?? '')}; ${SMALL} font-weight: 700; }
    @bottom-right { content: ${before} counter(page) ${after} counter(pages); ${SMALL} }
  }
  ${named.join('\n')}`;
  return <style media="print">{style}</style>;
}

/** The sheets of one person, as a style sheet names them. */
export const personPage = (id: string) => `of-${id.replaceAll(/[^a-zA-Z0-9]/g, '-')}`;

const SPLIT = '|';
const SMALL = "font: 8.5pt 'Atkinson Hyperlegible Next Variable', sans-serif; color: #333;";

/** Text as a string of a style sheet: what could end it, or the style element around it, is written by its number. */
function cssString(text: string): string {
  const safe = text.replaceAll(/["\\<>\n\r\f]/g, (sign) => `\\${sign.charCodeAt(0).toString(16)} `);
  return `"${safe}"`;
}
