import { lowerFirst } from '../quantity/words.ts';
import { say } from '../messages/message.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** Picks that cannot be heeded: two for the same thing, and those whose finding is gone. Nothing of them is lost. */
export function choiceWarnings(survey: FacedSurvey, surfaces: readonly TreatedSurface[]): readonly Warning[] {
  const { methods } = survey.catalogue;
  const name = (id: string) => lowerFirst(methods.find((m) => m.id === id)?.name ?? id);
  return surfaces.flatMap(({ surface, treatment }): readonly Warning[] => {
    if (!treatment) return [];
    const own = survey.choices.filter((c) => c.surface === surface.id);
    const contaminants = [...new Set(own.map((c) => c.contaminant))];
    return contaminants.flatMap((contaminant): readonly Warning[] => {
      const picks = own.filter((c) => c.contaminant === contaminant);
      const last = picks.at(-1);
      if (!last) return [];
      const about = {
        place: surface.name,
        dirt: lowerFirst(contaminantById(contaminant).name),
        by: last.by,
        method: name(last.method),
      };
      if (!treatment.proposals.some((p) => p.finding.contaminant === contaminant))
        return [warning('choice-without-finding', 'note', about, surface.id)];
      const others = picks.filter((c) => c.method !== last.method);
      const earlier = others
        .map((c) => say('choice/by', { person: c.by, method: name(c.method) }))
        .join(', ');
      return others.length === 0
        ? []
        : [warning('choices-differ', 'warn', { ...about, earlier }, surface.id)];
    });
  });
}
