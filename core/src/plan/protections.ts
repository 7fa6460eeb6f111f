import { PROTECTION_ACTS } from '../catalogue/data/protections.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { SURROUNDING_FIELDS } from '../survey/surface.ts';
import type { TreatedSurface } from './planned-surface.ts';

/** One act for a feature, before the wet work or after it. */
export interface Protection {
  readonly feature: string;
  readonly featureName: string;
  readonly act: string;
  readonly when: 'before' | 'after';
}

/** Acts for the features that treated surfaces drain onto, stand beside, or have below or behind them, before and after. */
export function protectionsFor(
  survey: FacedSurvey,
  surfaces: readonly TreatedSurface[],
): readonly Protection[] {
  const treated = surfaces.filter((p) => (p.treatment?.stages.length ?? 0) > 0);
  const touched = new Set(treated.flatMap((p) => SURROUNDING_FIELDS.flatMap((field) => p.surface[field])));
  return survey.features
    .filter((feature) => touched.has(feature.id))
    .flatMap((feature): Protection[] => {
      const acts = PROTECTION_ACTS[feature.kind];
      if (!acts) return [];
      const about = { feature: feature.id, featureName: feature.name };
      return [
        { ...about, act: acts.before, when: 'before' },
        { ...about, act: acts.after, when: 'after' },
      ];
    });
}
