import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { mixCard } from '../mixing/mix-card.ts';
import type { MixCard } from '../mixing/mix-card.ts';
import { decimal, roundUpToStep } from '../quantity/rounding.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { Stage } from '../treatment/stage.ts';

/** What one stage needs mixed: its litres with their sum, filled batch by batch into the sprayer. */
export interface PlannedMix {
  readonly stage: string;
  readonly surface: string;
  readonly agent: string;
  readonly litres: number;
  readonly batches: readonly { readonly count: number; readonly card: MixCard }[];
  readonly sum: string;
}

export interface MixInput {
  readonly stage: Stage;
  readonly mistPasses: number;
  readonly wasteShare: number;
  readonly sprayerLitres: number;
  readonly units: UnitSystem;
  readonly catalogue: Catalogue;
}

/** The mix of one apply or neutralise stage; null for stages without an agent. */
export function plannedMix(input: MixInput): PlannedMix | null {
  const { stage, mistPasses, wasteShare, sprayerLitres, units } = input;
  if (!stage.apply) return null;
  const { apply } = stage;
  const coats = stage.areaSquareMetres * apply.litresPerSquareMetre * apply.coats;
  const mists = stage.areaSquareMetres * TRADE_DEFAULTS.mistLitresPerSquareMetre * mistPasses;
  const litres = Math.max(
    TRADE_DEFAULTS.smallestMixLitres,
    roundUpToStep((coats + mists) * (1 + wasteShare), 0.1),
  );
  const agent = input.catalogue.agent(apply.agent);
  const full = Math.floor(litres / sprayerLitres + 1e-9);
  const rest = litres - full * sprayerLitres;
  const batches = [
    ...(full > 0
      ? [{ count: full, card: mixCard(agent, sprayerLitres, apply.strengthGramsPerLitre, units) }]
      : []),
    ...(rest > 1e-6 ? [{ count: 1, card: mixCard(agent, rest, apply.strengthGramsPerLitre, units) }] : []),
  ];
  const mistText =
    mistPasses > 0
      ? ` + ${String(mistPasses)} mists × ${decimal(TRADE_DEFAULTS.mistLitresPerSquareMetre, 2)} L/m²`
      : '';
  return {
    stage: stage.id,
    surface: stage.surface,
    agent: agent.id,
    litres,
    batches,
    sum: `${decimal(stage.areaSquareMetres, 1)} m² × (${String(apply.coats)} × ${decimal(apply.litresPerSquareMetre, 2)} L/m²${mistText}) + ${decimal(wasteShare * 100, 0)} % waste = ${decimal(litres, 1)} L`,
  };
}
