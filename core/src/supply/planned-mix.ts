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

/** One mix of a visit: its litres with their sum, filled batch by batch into what is at hand. */
export interface PlannedMix {
  /** The first that it is for. */
  readonly stage: string;
  readonly surface: string;
  /** All that it is for, with the share of each; left out where it is for one, and on orders from before it could be for more. */
  readonly applications?: readonly MixApplication[];
  /** How often it is made, each time for these of its applications; left out where it is made once, for all. */
  readonly makings?: readonly (readonly string[])[];
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

/** An operation in which mixes are made, with the stages that it makes them for. */
interface MakingOperation {
  readonly id: string;
  readonly mixes?: readonly string[];
  readonly stages: readonly string[];
}

/**
 * How much of a mix is made in each operation, L: at once all of it, else each time what its stages take, in equal parts where one stage is
 * made for in several pieces.
 */
export function litresByMaking(
  mix: PlannedMix,
  operations: readonly MakingOperation[],
): ReadonlyMap<string, number> {
  const made = operations.filter(({ mixes }) => mixes?.includes(mix.stage));
  if (made.length === 1) return new Map(made.map(({ id }) => [id, mix.litres]));
  const own = new Map(applicationsOf(mix).map(({ stage, litres }) => [stage, litres]));
  const times = new Map<string, number>();
  for (const { stages } of made) for (const stage of stages) times.set(stage, (times.get(stage) ?? 0) + 1);
  return new Map(
    made.map(({ id, stages }) => [
      id,
      stages.reduce((sum, stage) => sum + (own.get(stage) ?? 0) / (times.get(stage) ?? 1), 0),
    ]),
  );
}

/** What the company mixes in. */
export interface MixGear {
  readonly sprayerLitres: number;
  /** Null where it has none. */
  readonly drumLitres: number | null;
  /** Drawn of what an injector delivers, by a test with a bucket. */
  readonly injectorShare: number;
}

/** A stage that a mix is put on in. */
export interface MixUse {
  readonly stage: Stage;
  readonly mistPasses: number;
  /** Plain water on the face when the first coat comes, kg/m². */
  readonly wetFilm: number;
}

export interface MixInput {
  /** All that it is for, by making: what keeps is made once. */
  readonly makings: readonly (readonly MixUse[])[];
  readonly wasteShare: number;
  readonly gear: MixGear;
  readonly units: UnitSystem;
  readonly catalogue: Catalogue;
  readonly shelf: StockShelf;
}

/** Less water than this on the face is not told, kg/m². */
const LEAST_FILM = 0.005;
const INJECTORS: readonly string[] = ['hose-end-injector', 'lance-injector'];

/** The mix of applications that share one; null for stages without an agent. */
export function plannedMix(input: MixInput): PlannedMix | null {
  const { makings, wasteShare, gear } = input;
  const uses = makings.flat();
  const [first] = uses;
  const apply = first?.stage.apply;
  if (!first || !apply) return null;
  const target = apply.strengthGramsPerLitre;
  const agent = input.catalogue.agent(apply.agent);
  const made = makings.map((own) => litresOf(own, wasteShare));
  const litres = roundToStep(
    made.reduce((sum, each) => sum + each, 0),
    0.1,
  );
  const injected = INJECTORS.includes(first.stage.tool ?? '')
    ? injectedMix(agent, litres, target, gear)
    : null;
  const drum =
    gear.drumLitres !== null && litres > TRADE_DEFAULTS.fillingsForDrum * gear.sprayerLitres
      ? gear.drumLitres
      : null;
  const mixed = injected ?? { litres, target, drawn: null, unreachable: null };
  const percent = decimal(wasteShare * 100, 0);
  const facts = {
    area: coversInWords(uses),
    percent,
    amount: formatVolume(litres, 'metric'),
  };
  const needed = litresNeeded(uses);
  return {
    stage: first.stage.id,
    surface: first.stage.surface,
    ...(uses.length === 1
      ? {}
      : {
          applications: uses.map((use) => ({
            stage: use.stage.id,
            surface: use.stage.surface,
            litres: (mixed.litres * litresNeeded([use])) / needed,
          })),
        }),
    ...(makings.length === 1 ? {} : { makings: makings.map((own) => own.map(({ stage }) => stage.id)) }),
    agent: agent.id,
    litres: mixed.litres,
    batches: batchesOf(
      agent,
      fillings(injected ? [mixed.litres] : made, drum ?? gear.sprayerLitres),
      mixed.target,
      input,
    ),
    sum:
      mixed.drawn === null
        ? say('mix/sum', facts)
        : say('mix/sum/injector', { ...facts, drawn: decimal(mixed.drawn * 100, 1) }),
    vessel: injected ? 'injector-tank' : drum === null ? 'sprayer' : 'drum',
    onWetFace: firstCoat(apply, Math.max(...uses.map(({ wetFilm }) => wetFilm))),
    fromSolid:
      agent.class === 'caustic' && agent.stock.form === 'liquid' ? dissolving(mixed.target).text : null,
    unreachable: mixed.unreachable,
  };
}

/** What is put on, L, without what is lost. */
function litresNeeded(uses: readonly MixUse[]): number {
  return uses.reduce((sum, { stage, mistPasses }) => {
    const cover = stage.apply ? coverLitres(stage.apply) : 0;
    return sum + stage.areaSquareMetres * (cover + TRADE_DEFAULTS.mistLitresPerSquareMetre * mistPasses);
  }, 0);
}

function litresOf(uses: readonly MixUse[], wasteShare: number): number {
  return Math.max(
    TRADE_DEFAULTS.smallestMixLitres,
    roundUpToStep(litresNeeded(uses) * (1 + wasteShare), 0.1),
  );
}

/** Areas that are covered alike, together. */
function coversInWords(uses: readonly MixUse[]): string {
  const areas = new Map<string, number>();
  for (const use of uses) {
    const cover = coverOf(use);
    areas.set(cover, (areas.get(cover) ?? 0) + use.stage.areaSquareMetres);
  }
  return [...areas]
    .map(([cover, area]) => say('mix/cover', { area: formatArea(area, 'metric'), cover }))
    .join(' + ');
}

function coverOf({ stage, mistPasses }: MixUse): string {
  const cover = stage.apply ? coverSum(stage.apply) : '';
  if (mistPasses === 0) return cover;
  const rate = decimal(TRADE_DEFAULTS.mistLitresPerSquareMetre, 2);
  return say('mix/cover/mists', { cover, passes: mistPasses, rate });
}

/** What is made, vessel by vessel. */
function fillings(made: readonly number[], vesselLitres: number): readonly number[] {
  return made.flatMap((litres) => {
    const full = Math.floor(litres / vesselLitres + 1e-9);
    const rest = litres - full * vesselLitres;
    return [
      ...Array.from({ length: full }, () => vesselLitres),
      ...(rest > 1e-6 ? [roundToStep(rest, 0.1)] : []),
    ];
  });
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
  filled: readonly number[],
  target: number,
  { makings, shelf, units }: MixInput,
): PlannedMix['batches'] {
  const from = {
    greatestGramsPerLitre: agent.strengthSpan.to,
    mustSuffice: makings.flat().some(({ stage }) => stage.kind === 'neutralise'),
  };
  const batches: { count: number; filling: number; card: MixCard }[] = [];
  for (const filling of filled) {
    const stock = shelf.take(agent, (strength) =>
      stockTaken(agent, filling, target, units, {
        ...from,
        stock: { lot: null, gramsPerLitre: strength },
      }),
    );
    const last = batches.at(-1);
    const same = last?.card.stock?.lot === stock.lot && last.card.stock.gramsPerLitre === stock.gramsPerLitre;
    if (last && same && filling === last.filling) last.count += 1;
    else
      batches.push({
        count: 1,
        filling,
        card: mixCard(agent, filling, target, units, { ...from, stock }),
      });
  }
  return batches.map(({ count, card }) => ({ count, card }));
}
