import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { dissolving } from '../mixing/heat-of-dissolving.ts';
import { injection } from '../mixing/injector.ts';
import { wetFilmStrength } from '../mixing/dilution.ts';
import { mixCard, stockTaken } from '../mixing/mix-card.ts';
import type { MixCard } from '../mixing/mix-card.ts';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { coverLitres, coverSum } from '../takeoff/coats.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatArea, formatVolume } from '../quantity/shown-quantity.ts';
import { roundToStep, roundUpToStep } from '../quantity/rounding.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import type { StockShelf } from './stock-shelf.ts';

/** What a mix is made in: the sprayer itself, a drum that sprayers are filled from, or the tank of an injector. */
export type MixVessel = 'sprayer' | 'drum' | 'injector-tank';

/** A first coat on a film of plain water, with its sum. */
export interface OnWetFace {
  readonly gramsPerLitre: number;
  readonly sum: string;
}

/** What one stage needs mixed: its litres with their sum, filled batch by batch into what is at hand. */
export interface PlannedMix {
  /** The first that it is for. */
  readonly stage: string;
  readonly surface: string;
  /** All that it is for, with the share of each; left out where it is for one, and on orders from before it could be for more. */
  readonly applications?: readonly MixApplication[];
  readonly agent: string;
  readonly litres: number;
  readonly batches: readonly { readonly count: number; readonly card: MixCard }[];
  readonly sum: string;
  /** Not on orders from before there were others than sprayers. */
  readonly vessel?: MixVessel;
  /** Strength of the first coat where it meets the film of the pre-wet; null where it meets none. */
  readonly onWetFace?: OnWetFace | null;
  /** How it would be made from solid, for a caustic; null for all else. */
  readonly fromSolid?: string | null;
  /** What an injector cannot reach, with the safe ways out; null where nothing is in the way. */
  readonly unreachable?: string | null;
}

/** One stage that a mix is for. */
export interface MixApplication {
  readonly stage: string;
  readonly surface: string;
  readonly litres: number;
}

/** All that a mix is for. */
export function applicationsOf(mix: PlannedMix): readonly MixApplication[] {
  return mix.applications ?? [{ stage: mix.stage, surface: mix.surface, litres: mix.litres }];
}

/** Whether a stage is served by a mix. */
export function isFor(mix: PlannedMix, stage: string): boolean {
  return applicationsOf(mix).some((application) => application.stage === stage);
}

/** What the company mixes in. */
export interface MixGear {
  readonly sprayerLitres: number;
  /** Null where it has none. */
  readonly drumLitres: number | null;
  /** Drawn of what an injector delivers, by a test with a bucket. */
  readonly injectorShare: number;
}

export interface MixInput {
  readonly stage: Stage;
  /** Like stages on other surfaces that the same mix is for. */
  readonly more?: readonly Stage[];
  readonly mistPasses: number;
  readonly wasteShare: number;
  readonly gear: MixGear;
  readonly units: UnitSystem;
  readonly catalogue: Catalogue;
  readonly shelf: StockShelf;
  /** Plain water on the face when the first coat comes, kg/m². */
  readonly wetFilm: number;
}

/** Less water than this on the face is not told, kg/m². */
const LEAST_FILM = 0.005;
const INJECTORS: readonly string[] = ['hose-end-injector', 'lance-injector'];

/** The mix of one apply or neutralise stage; null for stages without an agent. */
export function plannedMix(input: MixInput): PlannedMix | null {
  const { stage, mistPasses, wasteShare, gear } = input;
  if (!stage.apply) return null;
  const { apply } = stage;
  const all = [stage, ...(input.more ?? [])];
  const areaSquareMetres = all.reduce((sum, one) => sum + one.areaSquareMetres, 0);
  const coats = areaSquareMetres * coverLitres(apply);
  const mists = areaSquareMetres * TRADE_DEFAULTS.mistLitresPerSquareMetre * mistPasses;
  const litres = Math.max(
    TRADE_DEFAULTS.smallestMixLitres,
    roundUpToStep((coats + mists) * (1 + wasteShare), 0.1),
  );
  const agent = input.catalogue.agent(apply.agent);
  const injected = INJECTORS.includes(stage.tool ?? '')
    ? injectedMix(agent, litres, apply.strengthGramsPerLitre, gear)
    : null;
  const drum =
    gear.drumLitres !== null && litres > TRADE_DEFAULTS.fillingsForDrum * gear.sprayerLitres
      ? gear.drumLitres
      : null;
  const mixed = injected ?? { litres, target: apply.strengthGramsPerLitre, drawn: null, unreachable: null };
  const cover = coverSum(apply);
  const facts = {
    area: formatArea(areaSquareMetres, 'metric'),
    cover:
      mistPasses === 0
        ? cover
        : say('mix/cover/mists', {
            cover,
            passes: mistPasses,
            rate: decimal(TRADE_DEFAULTS.mistLitresPerSquareMetre, 2),
          }),
    percent: decimal(wasteShare * 100, 0),
    amount: formatVolume(litres, 'metric'),
  };
  return {
    stage: stage.id,
    surface: stage.surface,
    ...(all.length === 1
      ? {}
      : {
          applications: all.map((one) => ({
            stage: one.id,
            surface: one.surface,
            litres: (mixed.litres * one.areaSquareMetres) / areaSquareMetres,
          })),
        }),
    agent: agent.id,
    litres: mixed.litres,
    batches: batchesOf(agent, mixed.litres, mixed.target, drum ?? gear.sprayerLitres, input),
    sum:
      mixed.drawn === null
        ? say('mix/sum', facts)
        : say('mix/sum/injector', { ...facts, drawn: decimal(mixed.drawn * 100, 1) }),
    vessel: injected ? 'injector-tank' : drum === null ? 'sprayer' : 'drum',
    onWetFace: firstCoat(stage.apply, input.wetFilm),
    fromSolid:
      agent.class === 'caustic' && agent.stock.form === 'liquid' ? dissolving(mixed.target).text : null,
    unreachable: mixed.unreachable,
  };
}

function firstCoat(
  { strengthGramsPerLitre, litresPerSquareMetre }: ApplyDetail,
  film: number,
): OnWetFace | null {
  if (film < LEAST_FILM) return null;
  const strength = roundToStep(wetFilmStrength(strengthGramsPerLitre, litresPerSquareMetre, film), 0.1);
  return {
    gramsPerLitre: strength,
    sum: say('mix/on-wet', {
      strength: decimal(strengthGramsPerLitre, 1),
      rate: decimal(litresPerSquareMetre, 2),
      film: decimal(film, 2),
      left: decimal(strength, 1),
    }),
  };
}

/** What stands in the tank of an injector: less, and so much stronger; the finished mix where that cannot be reached. */
function injectedMix(agent: Agent, litres: number, target: number, { injectorShare }: MixGear) {
  const most = TRADE_DEFAULTS.strongestTankGramsPerLitre;
  const strongest =
    agent.stock.form === 'liquid' ? Math.min(most, gramsPerLitre(agent.stock.strength)) : most;
  const found = injection(target, injectorShare, strongest);
  if (!found.ok) return { litres, target, drawn: null, unreachable: found.text };
  return {
    litres: roundUpToStep(litres * injectorShare, 0.1),
    target: found.tankGramsPerLitre,
    drawn: injectorShare,
    unreachable: null,
  };
}

/** Fillings one after another, each from one lot; equal ones next to each other are one batch. */
function batchesOf(
  agent: Agent,
  litres: number,
  target: number,
  vesselLitres: number,
  input: MixInput,
): PlannedMix['batches'] {
  const { shelf, units } = input;
  const full = Math.floor(litres / vesselLitres + 1e-9);
  const rest = litres - full * vesselLitres;
  const fillings = [...Array.from({ length: full }, () => vesselLitres), ...(rest > 1e-6 ? [rest] : [])];
  const greatestGramsPerLitre = agent.strengthSpan.to;
  const batches: { count: number; card: MixCard }[] = [];
  for (const filling of fillings) {
    const stock = shelf.take(agent, (strength) =>
      stockTaken(agent, filling, target, units, {
        stock: { lot: null, gramsPerLitre: strength },
        greatestGramsPerLitre,
      }),
    );
    const last = batches.at(-1);
    const same = last?.card.stock?.lot === stock.lot && last.card.stock.gramsPerLitre === stock.gramsPerLitre;
    if (last && same && filling === vesselLitres) last.count += 1;
    else
      batches.push({
        count: 1,
        card: mixCard(agent, filling, target, units, { stock, greatestGramsPerLitre }),
      });
  }
  return batches;
}
