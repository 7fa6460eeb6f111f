import { signed } from '@etappe/core';
import type { RankedMethod } from '@etappe/core';

/** What speaks for a method and against it, each with its figure and its points. */
export function RankingFactors({ ranked }: { readonly ranked: RankedMethod }) {
  return (
    <ul className="ranking-factors">
      {ranked.factors.map((factor) => (
        <li key={`${factor.id} ${factor.figure}`} className={factor.points < 0 ? 'against' : 'for'}>
          <span className="figure">{signed(factor.points)}</span> {factor.name}: {factor.figure}
        </li>
      ))}
    </ul>
  );
}
