import { companyCatalogue } from '../company/company-catalogue.ts';
import type { LookAlike, SiteCue } from '../catalogue/look-alike.ts';
import type { MaterialFamily } from '../catalogue/material.ts';
import { isShadySide } from '../survey/side.ts';
import type { Surface } from '../survey/surface.ts';
import { SURROUNDING_FIELDS } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import { normalised } from './belief.ts';
import type { Belief } from './belief.ts';

/** What the place of a mark says of its candidates. */
export interface MarkSite {
  readonly family: MaterialFamily;
  readonly calcareous: boolean;
  readonly painted: boolean;
  readonly shaded: boolean;
  readonly floor: boolean;
  /** Kinds of features beside, below, above or behind. */
  readonly near: ReadonlySet<string>;
}

export function siteOf(
  surface: Surface,
  survey: Pick<Survey, 'sides' | 'features' | 'handbook' | 'property'>,
): MarkSite {
  const material = companyCatalogue(survey.handbook).material(surface.material);
  const around = new Set<string>(SURROUNDING_FIELDS.flatMap((field) => surface[field]));
  const side = survey.sides.find((s) => s.id === surface.side);
  return {
    family: material.family,
    calcareous: material.calcareous,
    painted: surface.finish === 'painted',
    shaded: side ? isShadySide(side, survey.property.place.latitude) : false,
    floor: surface.band === 'floor',
    near: new Set(survey.features.filter((f) => around.has(f.id)).map((f) => f.kind)),
  };
}

/** How probable each candidate of a group is before a test, by the place alone. */
export function priorOf(group: LookAlike, site: MarkSite): Belief {
  return normalised(
    new Map(
      group.candidates.map(({ id, weight, cues }) => [
        id,
        cues.reduce((product, cue) => (fits(cue.when, site) ? product * cue.factor : product), weight),
      ]),
    ),
  );
}

function fits(cue: SiteCue, site: MarkSite): boolean {
  return (
    (cue.families?.includes(site.family) ?? true) &&
    (cue.shaded === undefined || cue.shaded === site.shaded) &&
    (cue.calcareous === undefined || cue.calcareous === site.calcareous) &&
    (cue.painted === undefined || cue.painted === site.painted) &&
    (cue.floor === undefined || cue.floor === site.floor) &&
    (cue.near?.some((kind) => site.near.has(kind)) ?? true)
  );
}
