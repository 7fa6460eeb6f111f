import { CalendarOutlined } from '@ant-design/icons';
import { aftercareOf } from '@etappe/core';
import type { AftercareItem, JobHouse, Plan } from '@etappe/core';
import { Button, Checkbox } from 'antd';
import { saveFile } from '../interchange/save-file.ts';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/order.ts';
import './aftercare-part.css';

const USUAL_MONTHS = 12;
const KINDS: Readonly<Record<AftercareItem['kind'], string>> = {
  review: say('review'),
  look: say('look'),
  offer: say('offer'),
  reminder: say('reminder'),
  guarantee: say('guarantee'),
};

/** What comes after the work, by its dates: for the customer, and for the company's calendar. */
export function AftercarePart({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const items = aftercareOf(plan, survey);
  if (items.length === 0) return null;
  const dated = items.filter(({ on }) => on !== null);
  return (
    <details className="aftercare-part">
      <summary>
        <h3>{say('aftercare')}</h3>{' '}
        <span className="quiet">{say('aftercare-dates', { count: items.length })}</span>
      </summary>
      <ul>
        {items.map((item) => (
          <li key={`${whenOf(item)} ${item.text}`}>
            <time dateTime={item.on ?? undefined}>{whenOf(item)}</time>
            <b>{KINDS[item.kind]}</b>
            <span>
              {item.text} <span className="quiet">{item.places.join('; ')}</span>
            </span>
          </li>
        ))}
      </ul>
      <GuaranteeField />
      {dated.length > 0 && (
        <Button
          icon={<CalendarOutlined />}
          onClick={() => {
            void saveCalendar(survey.job.name, dated);
          }}
        >
          {say('put-into-a-calendar')}
        </Button>
      )}
    </details>
  );
}

function whenOf({ on, after }: AftercareItem): string {
  if (on !== null) return on;
  return 'days' in after
    ? say('days-after', { days: after.days })
    : say('months-after', { months: after.months });
}

/** Appointments of a whole day each, as an iCalendar file (RFC 5545). */
async function saveCalendar(job: string, items: readonly AftercareItem[]): Promise<void> {
  const { createEvents } = await import('ics');
  const { value } = createEvents(
    items.map(({ kind, text, places, on }) => {
      const [year = 0, month = 0, day = 0] = (on ?? '').split('-').map(Number);
      return {
        productId: 'etappe',
        title: say('calendar-title', { kind: KINDS[kind], text }),
        description: places.join('\n'),
        location: job,
        start: [year, month, day] as [number, number, number],
        duration: { days: 1 },
      };
    }),
  );
  if (value) saveFile(`${job}.ics`, 'text/calendar', value);
}

/** How long the company stands for it, in its own terms; no order goes stale by it. */
function GuaranteeField() {
  const { job, patch } = useJob();
  const { guarantee } = job.house;
  const take = (changed: JobHouse['guarantee']) => patch({ house: { ...job.house, guarantee: changed } });
  return (
    <div className="guarantee">
      <Checkbox
        checked={guarantee !== null}
        onChange={({ target }) => {
          take(target.checked ? { months: USUAL_MONTHS, terms: say('usual-terms') } : null);
        }}
      >
        {say('company-guarantees-its-work')}
      </Checkbox>
      {guarantee && (
        <>
          <NumberField
            label={say('guaranteed-for')}
            value={guarantee.months}
            unit=""
            take={(months) => take({ ...guarantee, months })}
          />
          <TextField
            label={say('on-what-terms')}
            value={guarantee.terms}
            take={(terms) => take({ ...guarantee, terms })}
          />
        </>
      )}
    </div>
  );
}
