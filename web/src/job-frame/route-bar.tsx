import type { IssuedOrder, Plan, Survey } from '@etappe/core';
import { Link, useMatch } from 'react-router';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/job-frame.ts';

interface StationState {
  readonly text: string;
  readonly tone: 'quiet' | 'stop' | 'stale';
}

interface Station {
  readonly name: string;
  /** Null: the station is not built yet. */
  readonly path: string | null;
  readonly state: (survey: Survey, plan: Plan | null, orders: readonly IssuedOrder[]) => StationState;
}

const quiet = (text: string): StationState => ({ text, tone: 'quiet' });
const count = (n: number, one: string, many = `${one}s`) => `${n} ${n === 1 ? one : many}`;

const TREAT_STOPS = ['no-permitted-method', 'leave-on-needs-dry-face', 'patch-missing'];

/** The seven stations of a job in working order. */
export const STATIONS: readonly Station[] = [
  {
    name: say('walk'),
    path: 'walk',
    state: (survey, plan) => {
      const unmeasured = plan?.warnings.filter((w) => w.rule === 'unmeasured').length ?? 0;
      if (unmeasured > 0)
        return { text: count(unmeasured, say('not-measured'), say('not-measured')), tone: 'stop' };
      const blocking = plan?.questions.filter((q) => q.blocking).length ?? 0;
      if (blocking > 0) return { text: count(blocking, 'blocking', 'blocking'), tone: 'stop' };
      const open = plan?.questions.length ?? 0;
      return quiet(
        survey.surfaces.length === 0
          ? say('no-surfaces-yet')
          : open > 0
            ? count(open, say('open-question'))
            : count(survey.surfaces.length, 'surface'),
      );
    },
  },
  {
    name: say('treat'),
    path: 'treat',
    state: (_survey, plan) => {
      const stopped = plan?.warnings.filter((w) => TREAT_STOPS.includes(w.rule)).length ?? 0;
      if (stopped > 0) return { text: say('stops', { count: stopped }), tone: 'stop' };
      const aside = plan?.warnings.filter((w) => w.rule === 'rule-set-aside').length ?? 0;
      return aside > 0
        ? { text: count(aside, say('rule-overridden'), say('rules-overridden')), tone: 'stale' }
        : quiet(say('ready'));
    },
  },
  {
    name: say('supply'),
    path: 'supply',
    state: (_survey, plan) => quiet(plan ? say('products', { count: plan.products.length }) : ''),
  },
  {
    name: say('sequence'),
    path: 'sequence',
    state: (_survey, plan) => {
      const stopped =
        plan?.warnings.filter(
          (w) =>
            ['day-too-long', 'no-sequence', 'not-workable-now', 'spray-drift'].includes(w.rule) &&
            w.severity === 'stop',
        ).length ?? 0;
      if (stopped > 0) return { text: say('stops', { count: stopped }), tone: 'stop' };
      return quiet(plan?.visit ? say('ready') : say('no-visit-yet'));
    },
  },
  {
    name: say('order'),
    path: 'order',
    state: (_survey, plan, orders) => {
      const [last] = orders;
      if (!last) return quiet(say('not-issued'));
      return plan && plan.inputsHash !== last.inputsHash
        ? { text: say('no-is-stale', { number: last.number }), tone: 'stale' }
        : quiet(say('no-issued', { number: last.number }));
    },
  },
  { name: say('run'), path: null, state: () => quiet(say('on-paper')) },
  { name: say('close'), path: null, state: () => quiet(say('on-paper')) },
];

/** The report and the sheet of damage are what the walk came to; papers go out with the order. */
const BELONGS_TO: Readonly<Record<string, string>> = { report: 'walk', damage: 'walk', papers: 'order' };

/** The route of a job: each station with its state in words. */
export function RouteBar() {
  const { survey, orders, jobId } = useSurveySession();
  const { plan } = usePlan();
  const open = useMatch('/jobs/:job/:station/*')?.params.station;
  const current = open === undefined ? open : (BELONGS_TO[open] ?? open);
  return (
    <nav aria-label={say('stations')}>
      <ol className="route-bar">
        {STATIONS.map((station, i) => {
          const state = station.state(survey, plan, orders);
          const inside = (
            <>
              <span className="stop-mark" aria-hidden />
              <span className="station-name">{station.name}</span>
              <span className={`station-state ${state.tone}`}>
                {state.tone === 'stop' ? '✕ ' : state.tone === 'stale' ? '△ ' : ''}
                {state.text}
              </span>
            </>
          );
          return (
            <li key={station.name} className={state.tone === 'quiet' ? '' : 'has-news'}>
              {station.path === null ? (
                <span className="station-later" aria-disabled>
                  {inside}
                </span>
              ) : (
                <Link
                  to={`/jobs/${jobId}/${station.path}`}
                  title={say('key', { i: i + 1 })}
                  aria-current={station.path === current ? 'page' : undefined}
                >
                  {inside}
                </Link>
              )}
            </li>
          );
        })}
      </ol>
    </nav>
  );
}
