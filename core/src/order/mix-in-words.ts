import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatMass, formatVolume } from '../quantity/shown-quantity.ts';
import { lowerFirst } from '../quantity/words.ts';
import type { CrewOrder, OrderMix } from './crew-order.ts';

/** One filling of a mix, what goes in first said first. */
export interface FillingInWords {
  /** "2 × 12 L", with the lot that it is from. */
  readonly howMany: string;
  readonly parts: readonly string[];
  /** What it comes to; empty where nothing is mixed. */
  readonly gives: string;
}

/** A mix as whoever makes it reads it. */
export interface MixInWords {
  readonly title: string;
  /** The product with its data sheet; null where the company names none. */
  readonly product: { readonly name: string; readonly sheet: string } | null;
  readonly where: string;
  readonly fillings: readonly FillingInWords[];
  /** What to wear, how long it keeps, what never to do with it. */
  readonly rules: readonly string[];
}

export function mixInWords(
  { name, agent, product, place, mix, lots, basis, protection, keepsHours, openOnly }: OrderMix,
  units: CrewOrder['units'],
): MixInWords {
  return {
    // What is ready to use goes by the name of its agent.
    title: name === agent ? name : say('order/mix-title', { name, agent }),
    product: product && {
      name: product.name,
      sheet: product.dataSheet === '' ? '' : say('order/mix-sheet', { sheet: product.dataSheet }),
    },
    where: say('order/mix-for', { place }),
    fillings: mix.batches.map(({ count, card }) => {
      const lot = card.stock?.lot;
      const howMany = say('order/fillings', { count, amount: formatVolume(card.litres, units) });
      return {
        howMany: lot ? say('order/from-lot', { what: howMany, lots: lots?.[lot] ?? lot }) : howMany,
        parts: card.parts.map(({ litres, grams, what }) => {
          const amount = litres === null ? formatMass(grams ?? 0, units) : formatVolume(litres, units);
          return say('order/mix-part', { amount, what: lowerFirst(what) });
        }),
        gives:
          card.parts.length > 1
            ? say('order/mix-gives', { strength: decimal(card.strengthGramsPerLitre, 1), basis })
            : '',
      };
    }),
    rules: [
      say('order/mix-wear', { what: protection.join(', ') }),
      ...(keepsHours === undefined ? [] : [say('order/mix-keeps', { hours: keepsHours })]),
      ...(openOnly ? [say('order/mix-open')] : []),
    ],
  };
}
