import { speak } from '../language/speak.ts';
import type { Words } from '../language/language.ts';
import type { Survey } from '../survey/survey.ts';

/** What a crew gets of a job, text by text, without what a surveyor wrote. */
export interface SaidOfJob {
  readonly order: readonly string[];
  readonly talk: readonly string[];
  readonly papers: readonly string[];
  readonly warnings: readonly string[];
}

/**
 * Derives jobs in a language. To be called before anything of the engine is loaded: a test file of its own for each language.
 * @param jobs names of demo jobs
 */
export async function saidOfJobs(words: Words, jobs: readonly string[]): Promise<readonly SaidOfJob[]> {
  speak(words);
  const { demo } = await import('./demo-survey.ts');
  const { plan } = await import('../plan/plan.ts');
  const { crewOrder } = await import('../order/crew-order.ts');
  const { orderPaper } = await import('../paper/order-paper.ts');
  const { PAPERS_OF_PLAN } = await import('../paper/papers.ts');
  return jobs.map((name) => {
    const survey = demo(name);
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
    const without = withoutTyped(survey);
    const { 'toolbox-talk': talk, ...others } = PAPERS_OF_PLAN;
    return {
      order: readIn(orderPaper(crewOrder(made, survey), 7)).map(without),
      talk: readIn(talk(made, survey)).map(without),
      papers: Object.values(others)
        .flatMap((paper) => readIn(paper(made, survey)))
        .map(without),
      warnings: [...made.warnings, ...made.questions].map(({ text }) => without(text)),
    };
  });
}

/** Ids, hashes and kinds, which nobody reads. */
const UNREAD = ['id', 'is', 'kind', 'person', 'sha256', 'tone', 'band'];

function readIn(value: unknown, field = ''): readonly string[] {
  if (typeof value === 'string') return UNREAD.includes(field) ? [] : [value];
  if (Array.isArray(value)) return value.flatMap((each) => readIn(each, field));
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, each]) => readIn(each, name));
}

/** Takes out of a text what stands in the survey itself: names of places, what people said. */
function withoutTyped(survey: Survey): (text: string) => string {
  const typed = [...new Set(readIn(survey))]
    .filter((text) => text.length > 3 && /\s|^[A-Z]/.test(text))
    .flatMap((text) => [text, text.charAt(0).toLowerCase() + text.slice(1)])
    .sort((a, b) => b.length - a.length);
  return (text) => typed.reduce((left, own) => left.replaceAll(own, '·'), text);
}

/** Words that no sentence of English does without, and that neither German nor Spanish has. */
export const ENGLISH_WORDS =
  /\b(the|with|and|of|before|until|rinse|wear|nothing|never|then|their|from|only)\b/i;
