import { Radio } from 'antd';
import { DateField } from '../../quantity-fields/date-field.tsx';
import { TextField } from '../../quantity-fields/text-field.tsx';
import { useJob } from '../../survey-edits/use-entity.ts';
import { say } from '../../messages/walk.ts';

/** The job's own fields: they pass with it. */
export function JobPart() {
  const { job, patch } = useJob();
  return (
    <div className="sheet-part">
      <h3>{say('job')}</h3>
      <div className="sheet-grid">
        <TextField label={say('job-name')} value={job.name} take={(name) => patch({ name: name.trim() })} />
        <DateField label={say('planned-day')} value={job.start} take={(start) => patch({ start })} />
        <TextField
          label={say('what-the-customer-is-aiming')}
          value={job.event}
          take={(event) => patch({ event: event.trim() })}
        />
        <DateField
          label={say('day-of-the-event')}
          value={job.eventDate}
          take={(eventDate) => patch({ eventDate })}
        />
        <div className="wide">
          <TextField
            label={say('people-present')}
            value={job.peoplePresent}
            take={(peoplePresent) => patch({ peoplePresent: peoplePresent.trim() })}
          />
        </div>
        <div className="wide">
          <span className="field-label">{say('units-of-bare-numbers')}</span>
          <Radio.Group
            value={job.units}
            onChange={(event) => patch({ units: event.target.value as string })}
            options={[
              { value: 'metric', label: say('metric') },
              { value: 'us', label: say('us') },
            ]}
          />
          <div className="field-hint">{say('changing-this-rereads-every-bare')}</div>
        </div>
      </div>
    </div>
  );
}
