import { sayer } from '@etappe/core/messages';
import type { MessageTexts, ParamsOf, Sayer } from '@etappe/core/messages';
import { Fragment, createElement } from 'react';
import type { ReactNode } from 'react';

interface Messages<Texts extends MessageTexts> {
  readonly say: Sayer<Texts>['say'];
  /** With elements among the facts: a link, a figure in bold. */
  // eslint-disable-next-line @typescript-eslint/no-generated-empty-object-type -- only of a text that nobody knows
  readonly rich: <Id extends keyof Texts>(id: Id, params: ParamsOf<Texts[Id], ReactNode>) => ReactNode;
}

/** The messages of one room, each an ICU text. */
export function messages<const Texts extends MessageTexts>(room: string, texts: Texts): Messages<Texts> {
  const { say, pieces } = sayer(texts, room);
  return { say, rich: (id, params) => createElement(Fragment, null, ...pieces(id, params)) };
}
