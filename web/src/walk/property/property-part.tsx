import { timeZones } from '../../new-job/job-fields.ts';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { HoursField } from '../../quantity-fields/hours-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useProperty } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

const TEXTS = [
  { key: 'name', label: say('name-of-the-property') },
  { key: 'customer', label: say('customer') },
  { key: 'address', label: say('address') },
  { key: 'vehicleStand', label: say('where-the-vehicle-stands') },
  { key: 'access', label: say('access-gates-keys-ladders-lift') },
  { key: 'power', label: say('power') },
] as const;

/** What lasts of the property: it is there again for the next job. */
export function PropertyPart() {
  const { property, patch } = useProperty();
  const place = (more: Partial<typeof property.place>) => patch({ place: { ...property.place, ...more } });
  return (
    <div className="sheet-part">
      <h3>{say('property')}</h3>
      <div className="sheet-grid">
        {TEXTS.map(({ key, label }) => (
          <TextField
            key={key}
            label={label}
            value={property[key]}
            take={(text) => patch({ [key]: text.trim() })}
          />
        ))}
        <HoursField
          label={say('work-allowed')}
          spans={property.hours ? [property.hours] : []}
          placeholder={say('all-day')}
          take={(spans) =>
            spans.length > 1 ? say('one-span-what-lies-between') : patch({ hours: spans[0] ?? null })
          }
        />
        <HoursField
          label={say('quiet-hours')}
          spans={property.quietHours}
          placeholder={say('none-or-12-00-to')}
          take={(quietHours) => patch({ quietHours })}
        />
        <NumberField
          label={say('year-built')}
          value={property.yearBuilt ?? null}
          unit=""
          clear={() => patch({ yearBuilt: null })}
          take={(yearBuilt) => patch({ yearBuilt })}
        />
        <NumberField
          label={say('latitude')}
          value={property.place.latitude}
          unit="° N"
          take={(latitude) => place({ latitude })}
        />
        <NumberField
          label={say('longitude')}
          value={property.place.longitude}
          unit="° E"
          take={(longitude) => place({ longitude })}
        />
        <div className="wide">
          <ChoiceField
            label={say('time-zone')}
            value={property.place.timeZone}
            options={timeZones(property.place.timeZone).map((zone) => ({ value: zone, label: zone }))}
            take={(timeZone) => place({ timeZone })}
          />
        </div>
      </div>
    </div>
  );
}
