import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { ApplyTemplate } from '../catalogue/method.ts';
import { roundDownToStep, roundUpToStep } from '../quantity/rounding.ts';

/** Strengths that do the same on a face, g/L of active: a mix between them serves it. */
export interface StrengthBand {
  readonly weakest: number;
  readonly strongest: number;
}

/** Strengths of mixes are decided in steps of 0.1 g/L. */
export const STRENGTH_STEP = 0.1;

/**
 * The strengths that do what a stage of a method wants: those that the method names, else a share of the wanted one. Never stronger than
 * the method is anywhere, since the limits have read that; never outside the span of the agent, which a label cuts short.
 *
 * @param wanted g/L of active
 * @param grade severity 1–4 that it is mixed for
 */
export function strengthBand(
  { strengthGramsPerLitre, strengthBand: named }: ApplyTemplate,
  wanted: number,
  grade: number,
  agent: Agent,
): StrengthBand {
  if (isReadyToUse(agent)) return { weakest: wanted, strongest: wanted };
  const { weakestShare, strongestShare } = TRADE_DEFAULTS.strengthBand;
  const { from, to } = agent.strengthSpan;
  const weakest = Math.max(from, named?.weakest[grade - 1] ?? weakestShare * wanted);
  const strongest = Math.min(
    to,
    named?.strongest[grade - 1] ?? Math.min(strongestShare * wanted, Math.max(...strengthGramsPerLitre)),
  );
  return {
    weakest: Math.min(wanted, roundUpToStep(weakest, STRENGTH_STEP)),
    strongest: Math.max(wanted, roundDownToStep(strongest, STRENGTH_STEP)),
  };
}
