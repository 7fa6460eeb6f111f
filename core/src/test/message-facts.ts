import { TYPE, parse } from '@formatjs/icu-messageformat-parser';
import type { MessageFormatElement } from '@formatjs/icu-messageformat-parser';

function asked(elements: readonly MessageFormatElement[]): readonly string[] {
  return elements.flatMap((element) => {
    if (element.type === TYPE.literal || element.type === TYPE.pound) return [];
    const inner =
      element.type === TYPE.plural || element.type === TYPE.select
        ? Object.values(element.options).flatMap((option) => asked(option.value))
        : [];
    return [element.value, ...inner];
  });
}

/** The facts that a text asks for, each once, by the parser of the standard. */
export const factsAsked = (text: string): readonly string[] => [...new Set(asked(parse(text)))].sort();
