import type { Damage } from '@etappe/core';
import { Link } from 'react-router';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { PhotoStrip } from '../../photos/photo-strip.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { today } from '../../today.ts';
import { EntityCard } from '../../records/entity-card.tsx';
import { EntityList } from '../../records/entity-list.tsx';
import { say } from '../../messages/walk.ts';

/** Existing damage before, of one surface or, without one, of the whole property. */
export function DamagesPart({ surface }: { readonly surface: string | null }) {
  const { survey, jobId } = useSurveySession();
  const damages = survey.damages.filter((d) => surface === null || d.surface === surface);
  return (
    <EntityList
      title={say('existing-damage')}
      kind="damage"
      add={say('add-damage')}
      fields={{ what: say('damage-to-be-described'), surface, foundOn: today() }}
      count={damages.length}
      about={say('dated-and-shown-to-the')}
    >
      {surface === null && damages.length > 0 && (
        <p>
          <Link to={`/jobs/${jobId}/damage`}>{say('show-the-sheet-to-the')}</Link>
        </p>
      )}
      {damages.map((damage) => (
        <DamageCard key={damage.id} damage={damage} asksSurface={surface === null} />
      ))}
    </EntityList>
  );
}

function DamageCard({ damage, asksSurface }: { readonly damage: Damage; readonly asksSurface: boolean }) {
  const { survey } = useSurveySession();
  const { patch } = useEntity('damage', damage.id);
  const surface = survey.surfaces.find((s) => s.id === damage.surface);
  const shown =
    damage.shownOn === null ? say('not-shown-to-the-customer') : say('was-shown', { on: damage.shownOn });
  return (
    <EntityCard
      id={damage.id}
      name={damage.what}
      about={asksSurface && surface ? `${surface.name}, ${shown}` : shown}
    >
      <div className="wide">
        <TextField
          label={say('what-is-damaged')}
          value={damage.what}
          take={(what) => patch({ what: what.trim() })}
        />
      </div>
      {asksSurface && (
        <ChoiceField
          label={say('surface')}
          value={damage.surface ?? ''}
          options={[
            { value: '', label: say('none-of-them') },
            ...survey.surfaces.map((s) => ({ value: s.id, label: s.name })),
          ]}
          take={(id) => patch({ surface: id === '' ? null : id })}
        />
      )}
      <div className="wide">
        <PhotoStrip kind="damage-photo" of={damage.id} what={damage.what} />
      </div>
      <TextField label={say('where')} value={damage.where} take={(where) => patch({ where: where.trim() })} />
      <DateField label={say('found-on')} value={damage.foundOn} take={(foundOn) => patch({ foundOn })} />
      <DateField label={say('shown-on')} value={damage.shownOn} take={(shownOn) => patch({ shownOn })} />
      <TextField
        label={say('shown-to')}
        value={damage.shownTo}
        take={(to) => patch({ shownTo: to.trim() })}
      />
    </EntityCard>
  );
}
