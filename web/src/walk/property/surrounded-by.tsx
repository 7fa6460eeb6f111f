import type { Feature } from '@etappe/core';
import { ChoicesField } from '../../quantity-fields/choice-field.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { firstFault } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

const RELATIONS = [
  { field: 'beside', label: say('it-stands-beside') },
  { field: 'below', label: say('it-lies-below') },
  { field: 'behind', label: say('it-is-behind') },
] as const;

/** The surfaces that a feature is beside, below or behind: the same facts as on each surface's sheet, from the other side. */
export function SurroundedBy({ feature }: { readonly feature: Feature }) {
  const { survey, edit } = useSurveySession();
  const options = survey.surfaces.map((s) => ({ value: s.id, label: s.name }));
  return RELATIONS.map(({ field, label }) => {
    const named = survey.surfaces.filter((s) => s[field].includes(feature.id)).map((s) => s.id as string);
    return (
      <div key={field} className="wide">
        <ChoicesField
          label={label}
          values={named}
          options={options}
          placeholder={say('no-surface')}
          take={(ids) => {
            const changed = survey.surfaces.filter((s) => ids.includes(s.id) !== named.includes(s.id));
            return firstFault(
              edit(
                changed.map((surface) => ({
                  kind: 'surface' as const,
                  entity: surface.id,
                  op: 'patch' as const,
                  fields: {
                    [field]: ids.includes(surface.id)
                      ? [...surface[field], feature.id]
                      : surface[field].filter((id) => id !== feature.id),
                  },
                })),
              ),
            );
          }}
        />
      </div>
    );
  });
}
