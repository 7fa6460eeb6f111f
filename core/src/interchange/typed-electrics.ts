import { wordsOf } from '../quantity/words.ts';
import type { Raw } from './file-entities.ts';

const QUESTION = 'electrics-weatherproof';
const ELECTRICAL: readonly unknown[] = ['electrics', 'lamp', 'panel'];
const MOST_LETTERS = 500;

/** From version 1 to 2: answers in words about electrics become notes of what they are about. */
export function withTypedElectrics(file: Raw): Raw {
  const site = recordOf(file['site']);
  const answers = recordOf(site?.['answers']);
  const features = site?.['features'];
  if (!site || !answers || !Array.isArray(features)) return file;
  const words = (id: unknown) => answers[`${QUESTION} ${wordsOf(id)}`.slice(0, 64)] ?? answers[QUESTION];
  const noted = features.map((feature: unknown) => {
    const detail = recordOf(feature);
    const said = detail && ELECTRICAL.includes(detail['kind']) ? words(detail['id']) : undefined;
    return detail && typeof said === 'string' ? { ...detail, note: noteWith(detail['note'], said) } : feature;
  });
  const left = Object.entries(answers).filter(([key]) => key !== QUESTION && !key.startsWith(`${QUESTION} `));
  return { ...file, site: { ...site, features: noted, answers: Object.fromEntries(left) } };
}

/** What was answered in words, after what stood there. */
export function noteWith(note: unknown, said: string): string {
  const earlier = typeof note === 'string' && note !== '' ? `${note} ` : '';
  return `${earlier}Answered in words: “${said}”`.slice(0, MOST_LETTERS);
}

function recordOf(value: unknown): Raw | null {
  return typeof value === 'object' && value !== null && !Array.isArray(value) ? (value as Raw) : null;
}
