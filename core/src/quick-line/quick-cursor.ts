import type { Survey } from '../survey/survey.ts';
import type { QuickEdit, QuickPart, QuickValue } from './quick-part.ts';
import { FILLERS } from './quick-terms.ts';
import type { QuickWord } from './quick-words.ts';
import { vocabularyOf } from './vocabulary.ts';
import type { Match, Meaning, Vocabulary } from './vocabulary.ts';

type MeaningOf<Kind extends Meaning['kind']> = Extract<Meaning, { readonly kind: Kind }>;

/** The meaning of a kind among those of a match. */
export function meaningOf<Kind extends Meaning['kind']>(
  match: Match | null,
  kind: Kind,
): MeaningOf<Kind> | undefined {
  return match?.meanings.find((m): m is MeaningOf<Kind> => m.kind === kind);
}

/** All meanings of a kind among those of a match. */
export function meaningsOf<Kind extends Meaning['kind']>(
  match: Match | null,
  kind: Kind,
): readonly MeaningOf<Kind>[] {
  return (match?.meanings ?? []).filter((m): m is MeaningOf<Kind> => m.kind === kind);
}

/** The words of one surface's stretch of a line, how far they are read, and the parts they gave. */
export class QuickCursor {
  readonly words: readonly QuickWord[];
  readonly survey: Survey;
  readonly vocabulary: Vocabulary;
  readonly parts: QuickPart[] = [];
  /** Index of the first word that is not read. */
  at = 0;
  private readonly line: string;

  constructor(line: string, words: readonly QuickWord[], survey: Survey) {
    this.line = line;
    this.words = words;
    this.survey = survey;
    this.vocabulary = vocabularyOf(survey);
  }

  match(index: number): Match | null {
    return this.vocabulary.matchAt(this.words, index);
  }

  stem(index: number): string {
    return this.words[index]?.stem ?? '';
  }

  /** The value of the first part of a kind so far. */
  said<Kind extends QuickValue['kind']>(
    kind: Kind,
  ): Extract<QuickValue, { readonly kind: Kind }> | undefined {
    return this.parts
      .map((part) => part.value)
      .find((value): value is Extract<QuickValue, { readonly kind: Kind }> => value?.kind === kind);
  }

  /** The next word that carries something, from an index. */
  pastFillers(index: number): number {
    let next = index;
    while (FILLERS.has(this.stem(next)) && this.words[next]?.kind !== 'quoted') next += 1;
    return next;
  }

  /** What the line has from one word up to, not including, another. */
  textOf(from: number, to: number): string {
    const { at, length } = this.spanOf(from, to);
    return this.line.slice(at, at + length);
  }

  understood(from: number, to: number, value: QuickValue, label: string): true {
    this.parts.push({ ...this.spanOf(from, to), label, value, fault: null, options: [] });
    this.at = to;
    return true;
  }

  refused(from: number, to: number, fault: string, options: readonly QuickEdit[] = []): true {
    this.parts.push({ ...this.spanOf(from, to), label: this.textOf(from, to), value: null, fault, options });
    this.at = to;
    return true;
  }

  /** An edit that puts a text in the place of some words. */
  instead(from: number, to: number, text: string): QuickEdit {
    return { label: text, ...this.spanOf(from, to), text };
  }

  private spanOf(from: number, to: number): { readonly at: number; readonly length: number } {
    const first = this.words[from];
    const last = this.words[Math.max(from, to - 1)];
    const at = first?.at ?? this.line.length;
    return { at, length: first && last && to > from ? last.at + last.length - at : 0 };
  }
}
