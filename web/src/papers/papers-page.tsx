import { CalendarOutlined, FilePdfOutlined, MailOutlined } from '@ant-design/icons';
import { PAPERS_OF_PLAN, companyProfile, visitOutlines } from '@etappe/core';
import type { Paper, Plan, Survey } from '@etappe/core';
import { useMutation } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { saveBlob, saveFile } from '../interchange/save-file.ts';
import { say } from '../messages/papers.ts';
import { usePlan } from '../planning/use-plan.tsx';
import { PrintButton } from '../print-button.tsx';
import { server } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { MailDialog } from './mail-dialog.tsx';
import { PaperSheet } from './paper-sheet.tsx';
import { sheetSize } from '../interchange/sheet-size.ts';

type Kind = keyof typeof PAPERS_OF_PLAN;
const KINDS = Object.keys(PAPERS_OF_PLAN) as readonly Kind[];
const NAMES: Readonly<Record<Kind, string>> = {
  proposal: say('proposal'),
  'method-statement': say('method-statement'),
  'neighbour-notice': say('neighbour-notice'),
  'windscreen-notice': say('windscreen-notice'),
  'toolbox-talk': say('toolbox-talk'),
  'aftercare-sheet': say('aftercare-sheet'),
};

/** The papers around an order, made of the plan as it stands: read here, printed, or taken along as a file. */
export function PapersPage() {
  const { plan } = usePlan();
  const { kind: asked } = useParams();
  return <PapersOf plan={plan} kind={KINDS.find((own) => own === asked) ?? 'proposal'} />;
}

/** One of the papers of a plan, with the ways to the others. */
export function PapersOf({ plan, kind }: { readonly plan: Plan | null; readonly kind: Kind }) {
  const { survey, jobId } = useSurveySession();
  const [mails, setMails] = useState(false);
  const paper = useMemo(() => plan && PAPERS_OF_PLAN[kind](plan, survey), [kind, plan, survey]);
  const size = sheetSize(survey.job.units);
  const pdf = useMutation({
    mutationFn: (own: Paper) => server.paperPdf(own, size),
    onSuccess: (file) => {
      saveBlob(`${survey.job.name}, ${NAMES[kind]}.pdf`, file);
    },
  });
  return (
    <div className="papers-page" aria-busy={plan === null}>
      <div className="papers-bar">
        <nav aria-label={say('papers')}>
          {KINDS.map((own) => (
            <Link
              key={own}
              to={`/jobs/${jobId}/papers/${own}`}
              aria-current={own === kind ? 'page' : undefined}
            >
              {NAMES[own]}
            </Link>
          ))}
        </nav>
        <PrintButton />
        <Button
          icon={<FilePdfOutlined />}
          loading={pdf.isPending}
          disabled={!paper}
          onClick={() => {
            if (paper) pdf.mutate(paper);
          }}
        >
          {say('pdf')}
        </Button>
        <Button
          icon={<MailOutlined />}
          disabled={!paper}
          onClick={() => {
            setMails(true);
          }}
        >
          {say('mail')}
        </Button>
        {plan && kind === 'proposal' && survey.job.start !== null && (
          <Button
            icon={<CalendarOutlined />}
            onClick={() => {
              void saveVisits(plan, survey);
            }}
          >
            {say('visits-calendar')}
          </Button>
        )}
      </div>
      {companyProfile(survey.handbook) === null && (
        <p className="papers-wait">
          {say('no-company')} <Link to="/handbook/company">{say('write-it')}</Link>
        </p>
      )}
      {pdf.error && <Alert type="error" showIcon title={say('not-made')} description={pdf.error.message} />}
      {paper ? (
        <PaperSheet paper={paper} />
      ) : (
        <div className="station-skeleton" role="status" aria-label={say('working-out-the-plan')} />
      )}
      {paper && mails && (
        <MailDialog
          paper={paper}
          size={size}
          close={() => {
            setMails(false);
          }}
        />
      )}
    </div>
  );
}

/** Each visit on the first day on which it may be, as an iCalendar file (RFC 5545). */
async function saveVisits(plan: Plan, survey: Survey): Promise<void> {
  const { createEvents } = await import('ics');
  const visits = visitOutlines(plan, survey);
  const [hour = 8, minute = 0] = survey.job.house.dayStart.split(':').map(Number);
  const { value } = createEvents(
    visits.flatMap(({ number, from, faces }) => {
      const [year = 0, month = 0, day = 0] = (from ?? '').split('-').map(Number);
      return from === null
        ? []
        : [
            {
              productId: 'etappe',
              title: say('visit-title', { job: survey.job.name, number, of: visits.length }),
              description: faces.map(({ name }) => name).join('\n'),
              location: survey.property.address || survey.property.name,
              start: [year, month, day, hour, minute] as [number, number, number, number, number],
              duration: { hours: survey.job.house.dayHours },
            },
          ];
    }),
  );
  if (value) saveFile(`${survey.job.name}, visits.ics`, 'text/calendar', value);
}
