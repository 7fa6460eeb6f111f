import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { decimal } from '../quantity/rounding.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { lotOnDay } from '../supply/stock-shelf.ts';
import type { LotOnDay } from '../supply/stock-shelf.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Warning } from './warning.ts';

/**
 * What the shelf has against the plan: lots that may not be used any more, agents of which what is left does not suffice, and
 * injectors that do not reach the strength. A house that writes no lots of an agent is not told about it.
 */
export function stockWarnings(
  mixes: readonly PlannedMix[],
  survey: FacedSurvey,
  date: string | null,
): readonly Warning[] {
  const catalogue = survey.catalogue;
  const warn = (
    rule: string,
    severity: Warning['severity'],
    text: string,
    surface: string | null = null,
  ): Warning => ({
    rule,
    severity,
    text,
    surface,
  });
  const wanted = [...new Set(mixes.map((m) => m.agent))];
  const ofShelf = wanted.flatMap((id) => {
    const agent = catalogue.agent(id);
    const lots = survey.handbook.lots
      .filter((lot) => lot.agent === id && lot.left > 0)
      .map((lot) => lotOnDay(lot, catalogue, date));
    if (lots.length === 0) return [];
    const unfit = lots.flatMap(({ lot, unfit: why }) =>
      why === null ? [] : [`${lot.lot || 'a lot without number'} (${why})`],
    );
    const bought = mixes
      .filter((m) => m.agent === id)
      .flatMap((m) => m.batches)
      .filter(({ card }) => card.stock?.lot === null);
    const used = new Set(mixes.flatMap((m) => m.batches.flatMap(({ card }) => card.stock?.lot ?? [])));
    const unread = lots
      .filter((l) => used.has(l.lot.id) && isGuess(l))
      .map((l) => l.lot.lot || 'a lot without number');
    const litres = bought.reduce((sum, { count, card }) => sum + count * card.litres, 0);
    return [
      ...(unfit.length > 0
        ? [warn('lot-unfit', 'warn', `${agent.name}: ${unfit.join(', ')} cannot be used.`)]
        : []),
      ...(unread.length > 0
        ? [
            warn(
              'lot-unread',
              'warn',
              `${agent.name}, lot ${listed(unread)}: more than a fifth of its strength is gone by the estimate alone. Read it by strip before mixing: where it is stronger than thought, so is the mix.`,
            ),
          ]
        : []),
      ...(litres > 0
        ? [
            warn(
              'stock-short',
              'warn',
              `${agent.name}: the lots on the shelf do not suffice, ${decimal(litres, 1)} L of mix are counted with fresh stock by the label. See Supply for how much to buy.`,
            ),
          ]
        : []),
    ];
  });
  const injectors = mixes.flatMap((mix) =>
    mix.unreachable
      ? [
          warn(
            'injector-too-weak',
            'stop',
            `${catalogue.agent(mix.agent).name}: ${lowerFirst(mix.unreachable)}`,
            mix.surface,
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
