import { v7 as uuidv7 } from 'uuid';
import { personOnDevice } from '../person-on-device.ts';
import { creation } from '../survey-edits/use-entity.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

interface Pick {
  readonly surface: string;
  readonly contaminant: string;
  readonly method: string;
}

/** How a person's pick for one surface and contaminant is made and taken back. */
export function useMethodChoice(surface: string, contaminant: string) {
  const { survey, edit } = useSurveySession();
  const pickAll = useMethodChoices();
  return {
    pick: (method: string, reason = '', by = personOnDevice()) => {
      pickAll([{ surface, contaminant, method }], reason, by);
    },
    release: () => {
      const existing = survey.choices.filter((c) => c.surface === surface && c.contaminant === contaminant);
      edit(existing.map((c) => ({ kind: 'choice', entity: c.id, op: 'delete', fields: {} })));
    },
  };
}

/** How picks for several faces are made in one edit, which one undo takes back. */
export function useMethodChoices() {
  const { survey, edit } = useSurveySession();
  return (picks: readonly Pick[], reason = '', by = personOnDevice()) => {
    edit(
      picks.map((pick, i) => {
        const fields = { ...pick, reason, by, at: new Date().toISOString() };
        const standing = survey.choices.find(
          (c) => c.surface === pick.surface && c.contaminant === pick.contaminant,
        );
        return standing
          ? { kind: 'choice', entity: standing.id, op: 'patch', fields }
          : creation('choice', uuidv7(), { ...fields, position: survey.choices.length + 1 + i });
      }),
    );
  };
}
