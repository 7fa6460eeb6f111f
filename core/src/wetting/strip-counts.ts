import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { NaturalPieces } from './natural-pieces.ts';
import type { StripLay } from './strip-lay.ts';

/** What strips are cut of. */
interface Cut extends StripLay {
  readonly areaSquareMetres: number;
  readonly natural: NaturalPieces | null;
}

/** The counts of strips that come into question, each once, the widest strips first. */
export function stripCounts(pace: Cut): readonly number[] {
  const smallest = Math.max(1, Math.floor(pace.areaSquareMetres / TRADE_DEFAULTS.smallestStripSquareMetres));
  const counts = pace.natural ? wholePieces(pace.natural.count) : [1, ...byReach(pace), smallest];
  const most = Math.max(smallest, pace.natural?.count ?? 0);
  return [...new Set(counts)].filter((count) => count <= most).sort((a, b) => a - b);
}

/** As many natural pieces a strip as come out even, or one in equal parts. */
function wholePieces(count: number): readonly number[] {
  const even = Array.from({ length: count }, (_, i) => i + 1).filter((strips) => count % strips === 0);
  return [...even, ...TRADE_DEFAULTS.partsOfPiece.map((parts) => parts * count)];
}

/** Strips of several reaches, of one, of parts of it. */
function byReach({ areaSquareMetres, squareMetresPerMetre }: Cut): readonly number[] {
  const { reachMetres, stripReaches } = TRADE_DEFAULTS;
  return stripReaches.map((reaches) =>
    Math.max(1, Math.ceil(areaSquareMetres / (reaches * reachMetres * squareMetresPerMetre) - 1e-6)),
  );
}
