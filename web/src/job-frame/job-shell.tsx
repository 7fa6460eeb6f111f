import { LeftOutlined, MenuFoldOutlined, MenuUnfoldOutlined } from '@ant-design/icons';
import { Alert, Button } from 'antd';
import { Suspense, lazy, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, Outlet, useMatch, useNavigate, useParams } from 'react-router';
import { TexturePatterns } from '../drawing/texture-patterns.tsx';
import { ChangedElsewhereBar } from '../planning/changed-elsewhere-bar.tsx';
import { PlanProvider } from '../planning/use-plan.tsx';
import { ServerProblem } from '../server-connection.ts';
import { SurveySessionProvider, useSurveySession } from '../survey-edits/survey-session.tsx';
import { LanguageChoice } from '../language-choice.tsx';
import { EveningButton } from '../evening-button.tsx';
import { JobMenu } from './job-menu.tsx';
import { PropertyStrip } from './property-strip.tsx';
import { RouteBar, STATIONS } from './route-bar.tsx';
import { SaveMark } from './save-mark.tsx';
import { UndoButtons } from './undo-buttons.tsx';
import { say } from '../messages/job-frame.ts';
import './job-shell.css';

const KeysDialog = lazy(async () => ({ default: (await import('./keys-dialog.tsx')).KeysDialog }));
const QuickJump = lazy(async () => ({ default: (await import('./quick-jump.tsx')).QuickJump }));

/** A job: its route of stations above, the property on the left, the open station beside it. */
export function JobShell() {
  const { job = '' } = useParams();
  return (
    <SurveySessionProvider
      jobId={job}
      loading={<div className="shell-loading" role="status" aria-label={say('loading-the-job')} />}
      failed={(error) => <NotOpened error={error} />}
    >
      <OpenShell />
    </SurveySessionProvider>
  );
}

/** Widths of the window from which on the property strip stands open by itself, px. */
const WIDE = 1200;
const WIDE_FOR_GRID = 1400;

function OpenShell() {
  const { survey, jobId } = useSurveySession();
  const station = useMatch('/jobs/:job/:station/*')?.params.station ?? 'walk';
  const [opened, setOpened] = useState<boolean | null>(null);
  // On the walk the grid shows the property already: there the strip folds earlier.
  const stripOpen = opened ?? window.innerWidth >= (station === 'walk' ? WIDE_FOR_GRID : WIDE);
  const navigate = useNavigate();
  useHotkeys(
    STATIONS.map((_, i) => String(i + 1)),
    (event) => {
      const station = STATIONS[Number(event.key) - 1];
      if (station?.path) void navigate(`/jobs/${jobId}/${station.path}`);
    },
  );
  const [asked, setAsked] = useState<'keys' | 'jump' | null>(null);
  const closeAsked = () => {
    setAsked(null);
  };
  useHotkeys(
    '?',
    () => {
      setAsked('keys');
    },
    { useKey: true },
  );
  useHotkeys(
    '/',
    (event) => {
      event.preventDefault();
      setAsked('jump');
    },
    { useKey: true },
  );
  return (
    <PlanProvider survey={survey}>
      <title>
        {say('etappe-page-names', {
          pageNames: PAGE_NAMES[station] ?? STATIONS.find((s) => s.path === station)?.name ?? say('job'),
          name: survey.job.name,
        })}
      </title>
      <TexturePatterns />
      <div className="shell">
        <header className="shell-head">
          <Link to="/jobs" className="shell-mark" aria-label={say('all-jobs')}>
            <LeftOutlined className="narrow-only" />
            <span className="wide-only">{say('etappe')}</span>
          </Link>
          <div className="shell-title">
            <h1>{survey.job.name}</h1>
            <span className="quiet">{survey.property.customer}</span>
          </div>
          <SaveMark />
          <UndoButtons />
          <JobMenu />
          <span className="wide-only">
            <LanguageChoice />
            <EveningButton />
          </span>
        </header>
        <RouteBar />
        <div className={`shell-body ${stripOpen ? '' : 'strip-folded'}`}>
          <aside className="shell-strip" aria-label={say('property')}>
            <Button
              type="text"
              size="small"
              className="strip-fold"
              icon={stripOpen ? <MenuFoldOutlined /> : <MenuUnfoldOutlined />}
              aria-label={stripOpen ? say('fold-the-property-strip') : say('unfold-the-property-strip')}
              aria-expanded={stripOpen}
              onClick={() => {
                setOpened(!stripOpen);
              }}
            />
            <PropertyStrip folded={!stripOpen} />
          </aside>
          {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reached by keyboard (axe: scrollable-region-focusable) */}
          <main className="shell-main" tabIndex={0}>
            <Outlet />
          </main>
        </div>
      </div>
      <ChangedElsewhereBar />
      <Suspense>
        {asked === 'keys' && <KeysDialog close={closeAsked} />}
        {asked === 'jump' && <QuickJump close={closeAsked} />}
      </Suspense>
    </PlanProvider>
  );
}

/** Pages of a job that are no stations; those are called by their path. */
const PAGE_NAMES: Readonly<Record<string, string>> = {
  report: say('survey-report'),
  damage: say('damage-sheet'),
  papers: say('papers'),
};

function NotOpened({ error }: { readonly error: Error }) {
  const away = error instanceof ServerProblem && error.passes;
  return (
    <main style={{ padding: 32, maxWidth: 640 }}>
      <Alert
        type={away ? 'warning' : 'error'}
        showIcon
        title={away ? say('the-job-cannot-be-opened') : say('job-not-found')}
        description={
          <>
            <p>{error.message}</p>
            {away ? <p>{say('retrying-automatically')}</p> : <Link to="/jobs">{say('all-jobs')}</Link>}
          </>
        }
      />
    </main>
  );
}
