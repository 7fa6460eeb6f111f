import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/numbers.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { lotOnDay } from '../supply/stock-shelf.ts';
import type { LotOnDay } from '../supply/stock-shelf.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/**
 * What the shelf has against the plan: lots that may not be used any more, agents of which what is left does not suffice, and
 * injectors that do not reach the strength. A company that writes no lots of an agent is not told about it.
 */
export function stockWarnings(
  mixes: readonly PlannedMix[],
  survey: FacedSurvey,
  date: string | null,
): readonly Warning[] {
  const catalogue = survey.catalogue;
  const wanted = [...new Set(mixes.map((m) => m.agent))];
  const ofShelf = wanted.flatMap((id) => {
    const agent = catalogue.agent(id);
    const lots = survey.handbook.lots
      .filter((lot) => lot.agent === id && lot.left > 0)
      .map((lot) => lotOnDay(lot, catalogue, date));
    if (lots.length === 0) return [];
    const unfit = lots.flatMap(({ lot, unfit: why }) =>
      why === null ? [] : [say('lot/why', { lot: lot.lot || say('lot/nameless'), why })],
    );
    const bought = mixes
      .filter((m) => m.agent === id)
      .flatMap((m) => m.batches)
      .filter(({ card }) => card.stock?.lot === null);
    const used = new Set(mixes.flatMap((m) => m.batches.flatMap(({ card }) => card.stock?.lot ?? [])));
    const unread = lots
      .filter((l) => used.has(l.lot.id) && isGuess(l))
      .map((l) => l.lot.lot || say('lot/nameless'));
    const litres = bought.reduce((sum, { count, card }) => sum + count * card.litres, 0);
    const name = agent.name;
    return [
      ...(unfit.length > 0 ? [warning('lot-unfit', 'warn', { agent: name, lots: unfit.join(', ') })] : []),
      ...(unread.length > 0 ? [warning('lot-unread', 'warn', { agent: name, lots: listed(unread) })] : []),
      ...(litres > 0 ? [warning('stock-short', 'warn', { agent: name, litres: decimal(litres, 1) })] : []),
    ];
  });
  const injectors = mixes.flatMap(({ agent, unreachable: why, surface }) =>
    why
      ? [
          warning(
            'injector-too-weak',
            'stop',
            { agent: catalogue.agent(agent).name, why: lowerFirst(why) },
            surface,
          ),
        ]
      : [],
  );
  return [...ofShelf, ...injectors];
}

/** Whether what is left of its strength is more estimate than reading. */
function isGuess({ strength }: LotOnDay): boolean {
  if (strength?.known !== 'aged') return false;
  return strength.gramsPerLitre < strength.fromGramsPerLitre * (1 - TRADE_DEFAULTS.guessedLossShare);
}
