import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/method.ts';
import type { Reason } from './reason.ts';
import type { SurfaceState } from './surface-state.ts';

/** A method that treats one contaminant, with the sum of its points. */
export interface RankedMethod {
  readonly method: Method;
  readonly points: number;
  readonly because: readonly Reason[];
}

/** The points of one permitted method for one contaminant, with the reasons that made them. */
export function rankedMethod(
  method: Method,
  contaminant: string,
  state: SurfaceState,
  schools: Readonly<Record<string, string>>,
  catalogue: Catalogue,
): RankedMethod {
  const result = method.treats[contaminant] ?? 0;
  const harmWeight =
    TRADE_DEFAULTS.harmAroundWeight * (state.drainsToWater ? TRADE_DEFAULTS.waterHarmFactor : 1);
  const disliked = schools['growth-chemistry'] === 'oxygen-or-neutral' && usesHypochlorite(method, catalogue);
  const points =
    TRADE_DEFAULTS.resultWeight * result -
    TRADE_DEFAULTS.surfaceRiskWeight * method.surfaceRisk -
    harmWeight * method.harmAround -
    TRADE_DEFAULTS.slownessWeight * method.slowness -
    (disliked ? TRADE_DEFAULTS.schoolMalus : 0);
  const because: Reason[] = [
    { rule: 'method', text: method.why, source: method.source },
    {
      rule: 'ranking',
      text:
        `${String(points)} ${Math.abs(points) === 1 ? 'point' : 'points'}: result ${String(result)} of 5 (×${String(TRADE_DEFAULTS.resultWeight)}), ` +
        `risk to the surface ${String(method.surfaceRisk)} (×−${String(TRADE_DEFAULTS.surfaceRiskWeight)}), ` +
        `harm around ${String(method.harmAround)} (×−${String(harmWeight)}), slowness ${String(method.slowness)} (×−${String(TRADE_DEFAULTS.slownessWeight)})` +
        `${disliked ? `, house preference −${String(TRADE_DEFAULTS.schoolMalus)}` : ''}.`,
      source: 'trade default weights',
    },
  ];
  if (disliked)
    because.push({
      rule: 'school-growth-chemistry',
      text: 'The house prefers oxygen or neutral cleaners to hypochlorite.',
    });
  if (state.drainsToWater)
    because.push({
      rule: 'drains-to-water',
      text: 'Run-off reaches open water, so harm around counts double.',
    });
  return { method, points, because };
}

/** Best first; ties by id, so that the order never depends on the data's order. */
export function inRankOrder(methods: readonly RankedMethod[]): readonly RankedMethod[] {
  return [...methods].sort((a, b) => b.points - a.points || (a.method.id < b.method.id ? -1 : 1));
}

function usesHypochlorite(method: Method, catalogue: Catalogue): boolean {
  return method.stages.some(
    (stage) => stage.kind === 'apply' && catalogue.agent(stage.agent).class === 'hypochlorite',
  );
}

export function isLeaveOn(method: Method): boolean {
  return method.stages.some((stage) => stage.kind === 'apply' && stage.leaveOn);
}
