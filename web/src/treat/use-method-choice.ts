import { v7 as uuidv7 } from 'uuid';
import { creation } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** How a person's pick for one surface and contaminant is made and taken back. */
export function useMethodChoice(surface: string, contaminant: string) {
  const { survey, edit } = useSurveySession();
  const existing = survey.choices.filter((c) => c.surface === surface && c.contaminant === contaminant);
  return {
    pick: (method: string, reason: string, by: string) => {
      const fields = { surface, contaminant, method, reason, by, at: new Date().toISOString() };
      const [first] = existing;
      edit([
        first
          ? { kind: 'choice', entity: first.id, op: 'patch', fields }
          : creation('choice', uuidv7(), { ...fields, position: survey.choices.length + 1 }),
      ]);
    },
    release: () => {
      edit(existing.map((c) => ({ kind: 'choice', entity: c.id, op: 'delete', fields: {} })));
    },
  };
}
