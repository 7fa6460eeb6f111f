import { timeZones } from '../../new-job/job-fields.ts';
import { ChoiceField } from '../../quantity-fields/choice-field.tsx';
import { HoursField } from '../../quantity-fields/hours-field.tsx';
import { NumberField } from '../../quantity-fields/number-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useProperty } from '../../survey-edits/use-entity.ts';

const TEXTS = [
  { key: 'name', label: 'Name of the property' },
  { key: 'customer', label: 'Customer' },
  { key: 'address', label: 'Address' },
  { key: 'vehicleStand', label: 'Where the vehicle stands' },
  { key: 'access', label: 'Access: gates, keys, ladders, lift' },
  { key: 'power', label: 'Power' },
] as const;

/** What lasts of the property: it is there again for the next job. */
export function PropertyPart() {
  const { property, patch } = useProperty();
  const place = (more: Partial<typeof property.place>) => patch({ place: { ...property.place, ...more } });
  return (
    <div className="sheet-part">
      <h3>Property</h3>
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
          label="Work allowed"
          spans={property.hours ? [property.hours] : []}
          placeholder="all day"
          take={(spans) =>
            spans.length > 1
              ? 'one span: what lies between goes to quiet hours'
              : patch({ hours: spans[0] ?? null })
          }
        />
        <HoursField
          label="Quiet hours"
          spans={property.quietHours}
          placeholder="none, or 12:00 to 13:30"
          take={(quietHours) => patch({ quietHours })}
        />
        <NumberField
          label="Latitude"
          value={property.place.latitude}
          unit="° N"
          take={(latitude) => place({ latitude })}
        />
        <NumberField
          label="Longitude"
          value={property.place.longitude}
          unit="° E"
          take={(longitude) => place({ longitude })}
        />
        <div className="wide">
          <ChoiceField
            label="Time zone"
            value={property.place.timeZone}
            options={timeZones(property.place.timeZone).map((zone) => ({ value: zone, label: zone }))}
            take={(timeZone) => place({ timeZone })}
          />
        </div>
      </div>
    </div>
  );
}
