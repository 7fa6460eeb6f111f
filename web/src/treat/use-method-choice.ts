import { v7 as uuidv7 } from 'uuid';
import { creation } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** How a person's pick for one surface and contaminant is made and taken back. */
export function useMethodChoice(surface: string, contaminant: string) {
  const { survey, state, edit } = useSurveySession();
  const existing = survey.choices.filter((c) => c.surface === surface && c.contaminant === contaminant);
  return {
    pick: (method: string, reason: string, by: string) => {
      const fields = { surface, contaminant, method, reason, by, at: new Date().toISOString() };
      const [first] = existing;
      edit([
        first
          ? {
              kind: 'choice',
              entity: first.id,
              op: 'patch',
              base: state.entities.get(first.id)?.revision ?? 0,
              fields,
            }
          : creation('choice', uuidv7(), { ...fields, position: survey.choices.length + 1 }),
      ]);
    },
    release: () => {
      edit(
        existing.map((c) => ({
          kind: 'choice',
          entity: c.id,
          op: 'delete',
          base: state.entities.get(c.id)?.revision ?? 0,
          fields: {},
        })),
      );
    },
  };
}
