import { say, told } from '../messages/message.ts';
import type { Told } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { formatArea, formatLength } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { CycleFront, FrontPiece } from './cycle-front.ts';

/** How a piece of a front is worked, in words, line by line. */
export function frontInWords({ strips }: CycleFront, { front, strips: count }: FrontPiece): readonly Told[] {
  const first = decimal(front.out * strips.apply + front.firstWait, 0);
  const { mode, out, period, mist } = front;
  const line = (): Told => {
    switch (mode) {
      case 'together':
        return count === 1
          ? told('front/one', { wait: decimal(front.firstWait, 0) })
          : told('front/together', { strips: count, first });
      case 'eager':
        return told('front/eager', { out, first });
      case 'paced':
        return out === 1
          ? told('front/at-once')
          : told('front/paced', { period: decimal(period, 1), behind: out - 1, out });
      case 'single':
        return told('front/single', { from: decimal(front.firstWait, 0) });
    }
  };
  return [
    line(),
    ...(mist === null
      ? []
      : [told('front/mists', { minutes: decimal(mist.workMinutes, mist.workMinutes < 2 ? 1 : 0) })]),
  ];
}

/** Of all strips or of some of them: "13 strips of 1.2 m", "strips 1–7 of 13, each 1.2 m"; the area where there is but one. */
export function stripsInWords(
  { stripCount, stripMetres, stripSquareMetres }: CycleFront,
  units: UnitSystem,
  some?: { readonly from: number; readonly to: number },
): string {
  const width = formatLength(Math.max(0.1, roundToStep(stripMetres, 0.1)), units);
  if (stripCount === 1) return formatArea(stripSquareMetres, units);
  return some
    ? say('front/strips-of', { ...some, count: stripCount, width })
    : say('front/strips', { strips: stripCount, width });
}
