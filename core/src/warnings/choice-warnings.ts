import { contaminantById } from '../catalogue/catalogue.ts';
import type { Choice } from '../survey/choice.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import type { Warning } from './warning.ts';

/** Picks that cannot be heeded: two for the same thing, and those whose finding is gone. Nothing of them is lost. */
export function choiceWarnings(survey: FacedSurvey, surfaces: readonly TreatedSurface[]): readonly Warning[] {
  const methods = survey.catalogue.methods;
  const name = (id: string) => methods.find((m) => m.id === id)?.name.toLowerCase() ?? id;
  return surfaces.flatMap(({ surface, treatment }): readonly Warning[] => {
    if (!treatment) return [];
    const own = survey.choices.filter((c) => c.surface === surface.id);
    const contaminants = [...new Set(own.map((c) => c.contaminant))];
    const about = { severity: 'warn', surface: surface.id } as const;
    return contaminants.flatMap((contaminant): readonly Warning[] => {
      const picks = own.filter((c) => c.contaminant === contaminant);
      const last = picks.at(-1);
      if (!last) return [];
      const dirt = contaminantById(contaminant).name.toLowerCase();
      if (!treatment.proposals.some((p) => p.finding.contaminant === contaminant))
        return [
          {
            ...about,
            severity: 'note',
            rule: 'choice-without-finding',
            text: `${surface.name}: ${last.by} picked ${name(last.method)} against ${dirt}, which is not found here any more; the pick is kept for when it is.`,
          },
        ];
      const others = picks.filter((c) => c.method !== last.method);
      return others.length === 0
        ? []
        : [{ ...about, rule: 'choices-differ', text: differing(surface.name, dirt, last, others, name) }];
    });
  });
}

function differing(
  place: string,
  dirt: string,
  last: Choice,
  others: readonly Choice[],
  name: (method: string) => string,
): string {
  const earlier = others.map((c) => `${c.by} picked ${name(c.method)}`).join(', ');
  return `${place}: two picks against ${dirt}: ${earlier}, then ${last.by} ${name(last.method)}. The last one holds.`;
}
