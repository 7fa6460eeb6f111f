import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useDeferredValue, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate, useParams } from 'react-router';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { NARROW, useMedia } from '../use-media.ts';
import { AddSurfaceDialog } from './add-surface-dialog.tsx';
import { PropertySheet } from './property/property-sheet.tsx';
import { QuickLine } from './quick-line/quick-line.tsx';
import type { QuickLineHandle } from './quick-line/quick-line.tsx';
import { SurfaceSheet } from './surface/surface-sheet.tsx';
import { ThumbBar } from './thumb-bar.tsx';
import { WalkGrid } from './walk-grid.tsx';
import { say } from '../messages/walk.ts';
import './walk-page.css';

/** The survey: all surfaces as a grid of sides and heights, one of them or the property open beside it. */
export function WalkPage() {
  const { survey, jobId } = useSurveySession();
  const { surface: selected } = useParams();
  const [adding, setAdding] = useState(false);
  const [runOff, setRunOff] = useState(false);
  const quickLine = useRef<QuickLineHandle>(null);
  const narrow = useMedia(NARROW);
  const navigate = useNavigate();
  useHotkeys('n', (event) => {
    event.preventDefault();
    setAdding(true);
  });
  const surface = survey.surfaces.find((s) => s.id === selected);
  // The grid is what one came for: the many fields beside it follow.
  const settled = useDeferredValue(true, false);
  return (
    <div className={`walk ${surface ? 'has-surface' : ''}`}>
      <section className="walk-left" aria-label={say('walk-grid')}>
        <div className="walk-bar">
          <h2>{say('walk')}</h2>
          {survey.surfaces.length > 0 && (
            <Button
              onClick={() => {
                void navigate(`/jobs/${jobId}/report`);
              }}
            >
              {say('report')}
            </Button>
          )}
          {survey.surfaces.length > 0 && (
            <Button
              aria-pressed={runOff}
              onClick={() => {
                setRunOff(!runOff);
              }}
            >
              {runOff ? say('hide-run-off') : say('run-off')}
            </Button>
          )}
          {surface && (
            <Button
              onClick={() => {
                void navigate(`/jobs/${jobId}/walk`);
              }}
            >
              {say('property-and-site')}
            </Button>
          )}
          <Button
            type="primary"
            className="walk-add"
            icon={<PlusOutlined />}
            title={say('key-n')}
            onClick={() => {
              setAdding(true);
            }}
          >
            {say('add-surface')}
          </Button>
        </div>
        <QuickLine ref={quickLine} selected={surface?.id ?? null} />
        <WalkGrid selected={surface?.id ?? null} runOff={runOff} />
      </section>
      <section className="walk-sheet" aria-label={surface ? surface.name : say('property-and-site')}>
        {surface ? <SurfaceSheet key={surface.id} surface={surface} /> : settled && <PropertySheet />}
      </section>
      {narrow && (
        <ThumbBar
          surface={surface?.id ?? null}
          speak={() => {
            quickLine.current?.focus();
          }}
          add={() => {
            setAdding(true);
          }}
        />
      )}
      {adding && (
        <AddSurfaceDialog
          side={surface?.side ?? survey.sides[0]?.id ?? null}
          close={(id) => {
            setAdding(false);
            if (id !== null) void navigate(`/jobs/${jobId}/walk/${id}`);
          }}
        />
      )}
    </div>
  );
}
