import { Radio } from 'antd';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useJob } from '../../survey-edits/use-entity.ts';

/** The job's own fields: they pass with it. */
export function JobPart() {
  const { job, patch } = useJob();
  return (
    <div className="sheet-part">
      <h3>Job</h3>
      <div className="sheet-grid">
        <TextField label="Job name" value={job.name} take={(name) => patch({ name: name.trim() })} />
        <DateField label="Planned day" value={job.start} take={(start) => patch({ start })} />
        <TextField
          label="What the customer is aiming for"
          value={job.event}
          take={(event) => patch({ event: event.trim() })}
        />
        <DateField
          label="Day of the event"
          value={job.eventDate}
          take={(eventDate) => patch({ eventDate })}
        />
        <div className="wide">
          <TextField
            label="People present"
            value={job.peoplePresent}
            take={(peoplePresent) => patch({ peoplePresent: peoplePresent.trim() })}
          />
        </div>
        <div className="wide">
          <span className="field-label">Units of bare numbers</span>
          <Radio.Group
            value={job.units}
            onChange={(event) => patch({ units: event.target.value as string })}
            options={[
              { value: 'metric', label: 'Metric' },
              { value: 'us', label: 'US' },
            ]}
          />
          <div className="field-hint">
            Changing this rereads every bare number: 7.5x4 becomes feet instead of metres.
          </div>
        </div>
      </div>
    </div>
  );
}
