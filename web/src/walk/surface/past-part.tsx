import { DeleteOutlined, PlusOutlined } from '@ant-design/icons';
import type { PastTreatment, Surface } from '@etappe/core';
import { Button } from 'antd';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { PAST_ACT_OPTIONS, RECURRENCE_OPTIONS } from '../options.ts';
import { say } from '../../messages/walk.ts';

/** When and how the surface was cleaned, coated or sealed, what was tried on it, and whether it comes back. */
export function PastPart({ surface }: { readonly surface: Surface }) {
  const { patch } = useEntity('surface', surface.id);
  const { past } = surface;
  const set = (index: number, more: Partial<PastTreatment>) =>
    patch({ past: past.map((entry, i) => (i === index ? { ...entry, ...more } : entry)) });
  return (
    <div className="sheet-part">
      <h3>{say('its-past')}</h3>
      {past.map((entry, i) => (
        <div key={`${i} of ${past.length}`} className="list-row past-row">
          <ChoiceField
            label={say('act')}
            value={entry.act}
            options={PAST_ACT_OPTIONS}
            take={(act) => set(i, { act: act as PastTreatment['act'] })}
          />
          <DateField label={say('when')} value={entry.date} take={(date) => set(i, { date })} />
          <TextField label={say('how')} value={entry.how} take={(how) => set(i, { how: how.trim() })} />
          <Button
            type="text"
            icon={<DeleteOutlined />}
            aria-label={say('delete-act-of-its-past', { i: i + 1 })}
            onClick={() => patch({ past: past.filter((_, k) => k !== i) })}
          />
        </div>
      ))}
      <Button
        icon={<PlusOutlined />}
        onClick={() => patch({ past: [...past, { act: 'cleaned', date: null, how: '' }] })}
      >
        {say('add-to-its-past')}
      </Button>
      <div className="sheet-grid" style={{ marginTop: 10 }}>
        <ChoiceField
          label={say('does-it-come-back')}
          value={surface.recurring ?? ''}
          options={RECURRENCE_OPTIONS}
          take={(value) => patch({ recurring: value === '' ? null : value })}
        />
        <TextField label={say('note')} value={surface.note} take={(note) => patch({ note: note.trim() })} />
      </div>
    </div>
  );
}
