import { mixMinutes } from '../mixing/mix-lasts.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Face } from '../survey/face.ts';
import type { Surface } from '../survey/surface.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import { cycleFront, pairedFront, sharedFront } from '../wetting/cycle-front.ts';
import type { CycleFront, FrontPace, Hands } from '../wetting/cycle-front.ts';
import type { FaceAir } from '../wetting/face-air.ts';
import { naturalPieces } from '../wetting/natural-pieces.ts';
import { stripLay } from '../wetting/strip-lay.ts';
import { wetClocks } from '../wetting/wet-clocks.ts';
import type { WetClocks } from '../wetting/wet-clocks.ts';

const PER_HOUR = 60;
/** A surface with its size as it was taken off. */
export type Measured = Surface & Pick<Face, 'takeOff'>;

/** One wet cycle and all that its front hangs on. */
export interface CycleConditions {
  readonly surface: Measured;
  /** Of one cycle in their order, with exactly one application. */
  readonly stages: readonly Stage[];
  readonly air: FaceAir;
  readonly catalogue: Catalogue;
  /** Who works it, where they can; one person where nothing is said. */
  readonly hands?: Hands;
  /** Among how many it is shared. */
  readonly people?: number;
}

/** The stages of one cycle with their rates and clocks. */
export interface CycleParts {
  readonly preWet: Stage | null;
  readonly apply: Stage & { readonly apply: ApplyDetail };
  readonly finishing: readonly Stage[];
  readonly clocks: WetClocks;
  /** m²/min. */
  readonly applyRate: number;
  /** Null where the agent is left on. */
  readonly pace: FrontPace | null;
  /** Null where it is left on, or cannot be worked. */
  readonly front: CycleFront | null;
}

/** What one wet cycle is made of, and how it is worked. */
export function cycleParts(conditions: CycleConditions): CycleParts {
  const { surface, stages, air, catalogue, hands = 'one', people = 1 } = conditions;
  const preWet = stages.find((s) => s.kind === 'pre-wet') ?? null;
  const apply = stages.find(
    (s): s is Stage & { apply: ApplyDetail } => s.kind === 'apply' && s.apply !== null,
  );
  if (!apply) throw new Error('a wet cycle has an application');
  const finishing = stages.filter((s) => s !== preWet && s !== apply);
  const clocks = wetClocks(surface, apply.apply, preWet?.minutes ?? 0, air, catalogue);
  const applyRate = rateOf(apply) / apply.apply.coats;
  const { dwell, needs } = apply.apply;
  const wetting = [...(preWet ? [preWet] : []), apply];
  const common = { preWet, apply, finishing, clocks, applyRate };
  if (!dwell || finishing.length === 0) return { ...common, pace: null, front: null };
  const pace: FrontPace = {
    areaSquareMetres: apply.areaSquareMetres,
    // Of what is treated in part nobody knows which pieces it is.
    natural: isWhole(surface, apply.areaSquareMetres) ? naturalPieces(surface) : null,
    ...stripLay(surface, apply.areaSquareMetres),
    applyRate,
    finishRate: together(finishing),
    agitateRate: together(finishing.filter((s) => s.kind === 'agitate')),
    preWetRate: preWet && rateOf(preWet),
    soakMinutes: preWet?.minutes ?? 0,
    toolChanges: {
      alone: toolChanges([...wetting, ...finishing]),
      leader: toolChanges(wetting),
      follower: toolChanges(finishing),
    },
    dwell,
    wetMinutes: needs === 'film' ? clocks.filmMinutes : clocks.dryOutMinutes,
    mixMinutes: mixMinutes(catalogue.agent(apply.apply.agent)),
  };
  return { ...common, pace, front: frontBy(hands, people, pace) ?? cycleFront(pace) };
}

function frontBy(hands: Hands, people: number, pace: FrontPace): CycleFront | null {
  switch (hands) {
    case 'one':
      return null;
    case 'pair':
      return pairedFront(pace);
    case 'shared':
      return sharedFront(pace, people);
  }
}

/** Areas are rounded as people round them. */
const isWhole = ({ takeOff }: Measured, areaSquareMetres: number) =>
  takeOff.ok && areaSquareMetres > 0.99 * takeOff.squareMetres;

/** m²/min. */
const rateOf = ({ rate }: Stage) => (rate?.squareMetresPerHour ?? PER_HOUR) / PER_HOUR;

/** Of stages one after the other on the same piece, m²/min; Infinity for none. */
const together = (stages: readonly Stage[]) => 1 / stages.reduce((sum, stage) => sum + 1 / rateOf(stage), 0);

/** How often another tool is taken up from one strip to the next. */
function toolChanges(stages: readonly Stage[]): number {
  return stages.filter(({ tool }, i) => {
    const previous = stages.at(i - 1);
    return tool !== null && previous?.tool !== tool;
  }).length;
}
