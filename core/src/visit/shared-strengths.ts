import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { fewestStrengths, strengthFor } from '../mixing/fewest-strengths.ts';
import { patchesOn } from '../proposal/failed-patch.ts';
import { surroundings } from '../proposal/surroundings.ts';
import type { Surroundings } from '../proposal/surroundings.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { roundDownToStep } from '../quantity/rounding.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import { coverLitres } from '../takeoff/coats.ts';
import { dwellAt } from '../treatment/dwell-guidance.ts';
import { STRENGTH_STEP } from '../treatment/strength-band.ts';
import type { StrengthBand } from '../treatment/strength-band.ts';
import { neutraliserDetail } from '../treatment/stage-builder.ts';
import type { ApplyDetail, Stage } from '../treatment/stage.ts';
import { mixKind } from './mix-kind.ts';

/** A stage that puts something on. */
type AppliedStage = Stage & { readonly apply: ApplyDetail };

interface Application {
  readonly stage: AppliedStage;
  readonly band: StrengthBand;
}

/**
 * The work of a visit with as few mixes as do the same: applications of one kind share a strength that lies in all their bands. What brings
 * an agent to rest is dosed for the strength that it is put on with then, and shared in turn.
 */
export function sharedStrengths(
  surfaces: readonly TreatedSurface[],
  survey: FacedSurvey,
): readonly TreatedSurface[] {
  const bands = new Bands(survey);
  const applied = withStrengths(
    surfaces,
    surfaces.flatMap(({ surface, treatment }) =>
      (treatment?.stages ?? []).flatMap((stage) =>
        isApplied(stage) && stage.kind === 'apply' ? [{ stage, band: bands.of(stage, surface) }] : [],
      ),
    ),
  );
  const dosed = applied.map((planned) => dosedAnew(planned, survey.catalogue));
  return withStrengths(
    dosed,
    dosed.flatMap(({ treatment }) =>
      (treatment?.stages ?? []).flatMap((stage) =>
        isApplied(stage) && stage.kind === 'neutralise'
          ? [{ stage, band: neutraliserBand(stage.apply, survey.catalogue) }]
          : [],
      ),
    ),
  );
}

const isApplied = (stage: Stage): stage is AppliedStage => stage.apply !== null;

/** Bands of applications, cut by what stands around a face and by what was tried on it. */
class Bands {
  private readonly survey: FacedSurvey;
  private readonly around: (face: Face) => Surroundings;
  private readonly known = new Map<string, Surroundings>();

  constructor(survey: FacedSurvey) {
    this.survey = survey;
    this.around = surroundings(survey);
  }

  of({ apply }: AppliedStage, face: Face): StrengthBand {
    const wanted = apply.strengthGramsPerLitre;
    if (apply.ownMix) return { weakest: wanted, strongest: wanted };
    const { weakest, strongest } = apply.band ?? { weakest: wanted, strongest: wanted };
    if (strongest === wanted) return { weakest, strongest };
    const agent = this.survey.catalogue.agent(apply.agent);
    if (this.harmsAround(agent, face)) return { weakest, strongest: wanted };
    const proved = patchesOn(face, this.survey.testPatches).findLast(
      (patch) => patch.agent === agent.id && patch.verdict === 'go',
    )?.strengthGramsPerLitre;
    return { weakest, strongest: Math.max(wanted, Math.min(strongest, proved ?? Infinity)) };
  }

  private harmsAround(agent: Agent, face: Face): boolean {
    let around = this.known.get(face.id);
    if (!around) this.known.set(face.id, (around = this.around(face)));
    return around.neighbours.some(({ isPlanting, harmedBy }) =>
      isPlanting ? agent.harmsPlants : harmedBy.includes(agent.class),
    );
  }
}

/** Never less than brings to rest what may be left; what is over is rinsed off with it. */
function neutraliserBand(
  { agent: id, strengthGramsPerLitre: needed }: ApplyDetail,
  catalogue: Catalogue,
): StrengthBand {
  const agent = catalogue.agent(id);
  const { neutraliserStrongestShare, strengthBand } = TRADE_DEFAULTS;
  const share = agent.class === 'acid' ? strengthBand.strongestShare : neutraliserStrongestShare;
  const strongest = roundDownToStep(Math.min(agent.strengthSpan.to, share * needed), STRENGTH_STEP);
  return { weakest: needed, strongest: isReadyToUse(agent) ? needed : Math.max(needed, strongest) };
}

/** Applications of one kind at as few strengths as lie in all their bands. */
function withStrengths(
  surfaces: readonly TreatedSurface[],
  applications: readonly Application[],
): readonly TreatedSurface[] {
  const kinds = new Map<string, Application[]>();
  for (const application of applications) {
    const kind = mixKind(application.stage) ?? '';
    const alike = kinds.get(kind);
    if (alike) alike.push(application);
    else kinds.set(kind, [application]);
  }
  const changed = new Map<string, Stage>();
  for (const alike of kinds.values()) {
    const wanted = alike.map(({ stage, band }) => ({
      ...band,
      wanted: stage.apply.strengthGramsPerLitre,
      litres: stage.areaSquareMetres * coverLitres(stage.apply),
    }));
    const strengths = fewestStrengths(wanted);
    alike.forEach(({ stage, band }, i) => {
      const one = wanted[i];
      const shared = one && strengthFor(one, strengths);
      if (shared == null) throw new RangeError('a strength lies in every band');
      changed.set(stage.id, at(stage, shared, band));
    });
  }
  return withStages(surfaces, changed);
}

/** An application at the strength of the mix that it is put on with. */
function at(stage: AppliedStage, strengthGramsPerLitre: number, band: StrengthBand): Stage {
  const { strengthGramsPerLitre: alone, dwell } = stage.apply;
  if (strengthGramsPerLitre === alone) return { ...stage, apply: { ...stage.apply, band } };
  return {
    ...stage,
    apply: {
      ...stage.apply,
      band,
      strengthGramsPerLitre,
      aloneGramsPerLitre: alone,
      dwell: dwell && dwellAt(dwell, strengthGramsPerLitre / alone),
    },
  };
}

/** Each neutraliser dosed for what it brings to rest, as strong as that was put on. */
function dosedAnew(planned: TreatedSurface, catalogue: Catalogue): TreatedSurface {
  const changed = new Map<string, Stage>();
  const strengths = new Map<string, number>();
  let isOther = false;
  for (const stage of planned.treatment?.stages ?? []) {
    const { apply } = stage;
    if (!apply) continue;
    if (stage.kind === 'apply') {
      isOther ||= apply.aloneGramsPerLitre !== undefined;
      strengths.set(apply.agent, apply.strengthGramsPerLitre);
      continue;
    }
    if (!isOther) continue;
    const strengthGramsPerLitre = stage.neutralises.reduce((sum, id) => {
      const strength = strengths.get(id);
      if (strength === undefined) return sum;
      return (
        sum +
        neutraliserDetail(catalogue.agent(id), apply.agent, strength, { catalogue }).strengthGramsPerLitre
      );
    }, 0);
    if (strengthGramsPerLitre > 0)
      changed.set(stage.id, { ...stage, apply: { ...apply, strengthGramsPerLitre } });
  }
  return withStages([planned], changed)[0] ?? planned;
}

function withStages(
  surfaces: readonly TreatedSurface[],
  changed: ReadonlyMap<string, Stage>,
): readonly TreatedSurface[] {
  return surfaces.map((planned) => {
    const { treatment } = planned;
    if (!treatment?.stages.some((stage) => (changed.get(stage.id) ?? stage) !== stage)) return planned;
    const anew = (stages: readonly Stage[]) => stages.map((stage) => changed.get(stage.id) ?? stage);
    return {
      ...planned,
      treatment: {
        ...treatment,
        stages: anew(treatment.stages),
      },
    };
  });
}
