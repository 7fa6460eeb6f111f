import { CloseOutlined } from '@ant-design/icons';
import { changedElsewhere, companyCatalogue } from '@etappe/core';
import type { ChangedElsewhere, Plan } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { usePlan } from './use-plan.tsx';
import { say } from '../messages/planning.ts';
import './changed-elsewhere-bar.css';

const MOST_SHOWN = 3;

/** Tells when an edit of one surface has changed what is done on others; over the page, so that nothing jumps. */
export function ChangedElsewhereBar() {
  const { plan } = usePlan();
  const { survey, jobId } = useSurveySession();
  const [seen, setSeen] = useState<{
    readonly plan: Plan | null;
    readonly changes: readonly ChangedElsewhere[];
  }>({
    plan: null,
    changes: [],
  });
  if (plan !== seen.plan) {
    const news =
      plan && seen.plan
        ? changedElsewhere(seen.plan.surfaces, plan.surfaces, companyCatalogue(survey.handbook))
        : [];
    setSeen({ plan, changes: news.length > 0 ? news : seen.changes });
  }
  const { changes } = seen;
  if (changes.length === 0) return null;
  const more = changes.length - MOST_SHOWN;
  return (
    <section className="changed-elsewhere" role="status">
      <b>{say('your-edit-changed-more')}</b>
      <ul>
        {changes.slice(0, MOST_SHOWN).map(({ surface, text }) => (
          <li key={surface}>
            <Link to={`/jobs/${jobId}/treat/${surface}`}>{text}</Link>
          </li>
        ))}
        {more > 0 && <li>{say('and-more-surfaces', { count: more })}</li>}
      </ul>
      <Button
        type="text"
        size="small"
        icon={<CloseOutlined />}
        aria-label={say('dismiss')}
        onClick={() => {
          setSeen({ plan, changes: [] });
        }}
      />
    </section>
  );
}
