import { crewOrder } from '@etappe/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Alert, Button } from 'antd';
import { useId, useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { PrintButton } from '../print-button.tsx';
import { ImprovingLine } from '../planning/improving-line.tsx';
import { OrderPdfButton, PersonPdfButton } from './order-pdf-button.tsx';
import { usePlan, useSearchedPlan } from '../planning/use-plan.tsx';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { nowAt, shownMomentAt } from '../today.ts';
import { VisitChoice } from '../visits/visit-choice.tsx';
import { AftercarePart } from './aftercare-part.tsx';
import { ExpectationsPart } from './expectations-part.tsx';
import { OrderSheet } from './order-sheet.tsx';
import { rich, say } from '../messages/order.ts';
import './order-page.css';
import './order-print.css';

/** Orders of the job: the issued ones as they were issued, and the next one as it would be. */
export function OrderPage() {
  const { number } = useParams();
  return number === undefined ? <NextOrder /> : <Issued number={number} />;
}

function OrderLinks({ current }: { readonly current: string | null }) {
  const { orders, jobId } = useSurveySession();
  if (orders.length === 0) return null;
  return (
    <nav className="order-links" aria-label={say('orders')}>
      <Link to={`/jobs/${jobId}/order`} aria-current={current === null ? 'page' : undefined}>
        {say('next-order')}
      </Link>
      {orders.map((o) => (
        <Link
          key={o.id}
          to={`/jobs/${jobId}/order/${o.number}`}
          aria-current={current === String(o.number) ? 'page' : undefined}
        >
          {say('no', { number: o.number })}
        </Link>
      ))}
    </nav>
  );
}

function NextOrder() {
  const { survey, jobId, saveState } = useSurveySession();
  const { plan, working, improving } = useSearchedPlan();
  const client = useQueryClient();
  const navigate = useNavigate();
  const waitsId = useId();
  const [id, setId] = useState(() => uuidv7());
  const document = useMemo(() => (plan?.visit ? crewOrder(plan, survey) : null), [plan, survey]);
  const issue = useMutation({
    mutationFn: async () => {
      if (!plan?.visit) throw new Error('There is no visit to order yet.');
      const { fronts, schedule, refills } = plan.visit;
      return server.issueOrder(jobId, {
        id,
        inputsHash: plan.inputsHash,
        decided: refills ? { fronts, schedule, refills } : { fronts, schedule },
      });
    },
    onSuccess: async (order) => {
      setId(uuidv7());
      await client.invalidateQueries({ queryKey: queryKeys.orders(jobId) });
      void navigate(`/jobs/${jobId}/order/${order.number}`);
    },
  });
  if (!plan)
    return <div className="station-skeleton" role="status" aria-label={say('working-out-the-plan')} />;
  const stops = plan.warnings.filter((w) => w.severity === 'stop');
  const waits =
    working || improving?.isStillTooLong
      ? say('working-out-the-plan')
      : saveState.kind === 'saved'
        ? null
        : say('the-last-edits-are-not');
  const ready = stops.length === 0 && plan.visit !== null && waits === null;
  return (
    <div className="order" aria-busy={working || improving !== null}>
      <div className="order-bar">
        <h2>{say('next-order')}</h2>
        <OrderLinks current={null} />
        <ImprovingLine />
        <Link to={`/jobs/${jobId}/papers`}>{say('papers')}</Link>
        <Button
          type="primary"
          // It keeps the keyboard's focus while it has to wait.
          aria-disabled={!ready}
          aria-describedby={waitsId}
          loading={issue.isPending}
          onClick={() => {
            if (!ready) return;
            improving?.stop();
            issue.mutate();
          }}
        >
          {say('issue-order')}
        </Button>
      </div>
      {waits !== null && stops.length === 0 && (
        <p className="quiet order-wait" id={waitsId}>
          {waits}
        </p>
      )}
      {issue.error && (
        <Alert
          type="error"
          showIcon
          title={say('not-issued')}
          description={issue.error.message}
          style={{ marginBottom: 10 }}
        />
      )}
      {stops.length > 0 && (
        <Alert
          type="error"
          showIcon
          title={say('this-plan-cannot-be-issued')}
          description={
            <ul style={{ margin: 0, paddingLeft: 18 }}>
              {stops.map((w) => (
                <li key={w.text}>{w.text}</li>
              ))}
            </ul>
          }
        />
      )}
      <VisitChoice plan={plan} />
      <ExpectationsPart plan={plan} />
      <AftercarePart plan={plan} />
      {document && stops.length === 0 && (
        <OrderSheet order={document} heading={say('draft-not-issued-yet')} />
      )}
    </div>
  );
}

function Issued({ number }: { readonly number: string }) {
  const { jobId, orders, survey } = useSurveySession();
  const { plan } = usePlan();
  const order = useQuery({
    queryKey: queryKeys.order(jobId, number),
    queryFn: () => server.orderInWords(jobId, number),
    staleTime: Infinity,
  });
  if (order.error)
    return (
      <Alert
        type="error"
        showIcon
        title={say('order-no-cannot-be-shown', { number })}
        description={order.error.message}
        style={{ margin: 16 }}
      />
    );
  if (!order.data)
    return <div className="station-skeleton" role="status" aria-label={say('loading-the-order')} />;
  const stale = plan !== null && plan.inputsHash !== order.data.inputsHash;
  const last = orders[0]?.number === order.data.number;
  const { document } = order.data;
  return (
    <div className="order">
      <div className="order-bar">
        <h2>{say('order-no', { number: order.data.number })}</h2>
        <OrderLinks current={number} />
        <Link to={`/jobs/${jobId}/papers`}>{say('papers')}</Link>
        <OrderPdfButton job={jobId} number={number} />
        <PrintButton />
      </div>
      {order.data.unsoundToday && (
        <Alert
          className="order-stale"
          type="error"
          showIcon
          title={say('issued-under-earlier-rules-issue')}
          description={
            <>
              {say('do-not-work-from-this', { unsoundToday: order.data.unsoundToday })}{' '}
              {rich('and-issue-it', {
                link: <Link to={`/jobs/${jobId}/order`}>{say('check-the-next-order')}</Link>,
              })}
            </>
          }
        />
      )}
      {!order.data.unsoundToday && (stale || !last) && (
        <Alert
          className="order-stale"
          type="warning"
          showIcon
          title={last ? say('the-survey-changed-after-this') : say('a-newer-order-was-issued')}
          description={
            <>
              {rich('the-crews-copy-no-longer', {
                link: <Link to={`/jobs/${jobId}/order`}>{say('check-the-next-order')}</Link>,
              })}
            </>
          }
        />
      )}
      <OrderSheet
        order={document}
        actsFor={(name) => (
          <PersonPdfButton
            key={name}
            job={jobId}
            jobName={document.jobName}
            number={order.data.number}
            name={name}
          />
        )}
        now={nowAt(survey.property.place.timeZone)}
        heading={say('order-no-issued-by', {
          number: order.data.number,
          issuedAt: shownMomentAt(order.data.issuedAt, survey.property.place.timeZone),
          issuedBy: order.data.issuedBy,
        })}
      />
    </div>
  );
}
