import { SHADE_NAMES } from './options.ts';
import {
  DndContext,
  DragOverlay,
  KeyboardSensor,
  MeasuringStrategy,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { BANDS, BAND_NAMES, aspectName, questionsOn, lowerFirst } from '@etappe/core';
import type { Band, EntityId, Face, Finding } from '@etappe/core';
import { group } from 'd3-array';
import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { announcements, nearestPlace, setDown, toNextPlace } from './drag-places.ts';
import type { Dragged, Place } from './drag-places.ts';
import { RunOff } from './run-off.tsx';
import { WalkTile } from './walk-tile.tsx';
import { rich, say } from '../messages/walk.ts';

const COLUMN_WIDTH = 'minmax(128px, 1fr)';
const NONE: readonly Finding[] = [];

interface WalkGridProps {
  readonly selected: string | null;
  /** Draws where the water of each surface runs. */
  readonly runOff: boolean;
}

interface Column {
  readonly id: EntityId | null;
  readonly name: string;
  readonly about: string;
}

/** Columns are sides in walking order, rows are height bands from above to below; both by drag and by keyboard. */
export function WalkGrid({ selected, runOff }: WalkGridProps) {
  const { survey: now, edit } = useSurveySession();
  // What is typed is shown first, the grid follows.
  const survey = useDeferredValue(now);
  // For what is set down: nothing is drawn anew because this is another one.
  const latest = useRef(now);
  useEffect(() => {
    latest.current = now;
  }, [now]);
  const [lifted, setLifted] = useState<Dragged | null>(null);
  const grid = useRef<HTMLDivElement>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: toNextPlace,
      keyboardCodes: { start: ['Space'], cancel: ['Escape'], end: ['Space', 'Enter'] },
    }),
  );
  if (survey.surfaces.length === 0) return <NoSurfaces />;
  const loose = survey.surfaces.some((s) => s.side === null);
  const columns: readonly Column[] = [
    ...survey.sides.map((side) => ({
      id: side.id,
      name: side.name,
      about: `${aspectName(side.aspectDegrees)} · ${side.shade === 'open' ? say('shade-open') : say('shade-shade', { shade: lowerFirst(SHADE_NAMES[side.shade]) })}`,
    })),
    ...(loose ? [{ id: null, name: say('no-side'), about: say('to-be-placed') }] : []),
  ];
  // While a surface is lifted every band is there to set it down on.
  const bands = BANDS.filter(
    (band) => lifted?.kind === 'surface' || survey.surfaces.some((s) => s.band === band),
  );
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={nearestPlace}
      measuring={{ droppable: { strategy: MeasuringStrategy.Always } }}
      accessibility={{
        announcements,
        screenReaderInstructions: { draggable: say('space-lifts-it-arrows-move') },
      }}
      onDragStart={({ active }) => {
        setLifted(active.data.current as Dragged);
      }}
      onDragCancel={() => {
        setLifted(null);
      }}
      onDragEnd={({ active, over }) => {
        setLifted(null);
        const drafts = setDown(latest.current, active, over);
        if (drafts.length > 0) edit(drafts);
      }}
    >
      <div
        ref={grid}
        className={`walk-grid ${lifted ? 'dragging' : ''}`}
        style={{ gridTemplateColumns: `64px repeat(${columns.length}, ${COLUMN_WIDTH})` }}
      >
        {bands.map((band, r) => (
          <div key={band} className="band-head" style={{ gridColumn: 1, gridRow: r + 2 }}>
            {BAND_NAMES[band]}
          </div>
        ))}
        <Columns columns={columns} bands={bands} selected={selected} />
        {runOff && <RunOff grid={grid} />}
      </div>
      <DragOverlay dropAnimation={null}>
        {lifted && <div className="walk-lifted">{lifted.name}</div>}
      </DragOverlay>
    </DndContext>
  );
}

interface ColumnsProps {
  readonly columns: readonly Column[];
  readonly bands: readonly Band[];
  readonly selected: string | null;
}

function Columns({ columns, bands, selected }: ColumnsProps) {
  const { survey: now, catalogue, faces: facesNow, jobId } = useSurveySession();
  const survey = useDeferredValue(now);
  const faces = useDeferredValue(facesNow);
  const { plan } = usePlan();
  const cells = useMemo(
    () =>
      group(
        faces.filter((f) => f.zoneOf === null),
        cellOf,
      ),
    [faces],
  );
  const found = useMemo(() => group(survey.findings, (f): string => f.surface), [survey.findings]);
  const tile = (surface: Face) => (
    <WalkTile
      key={surface.id}
      surface={surface}
      material={catalogue.material(surface.material)}
      findings={found.get(surface.id) ?? NONE}
      selected={surface.id === selected}
      questions={questionsOn(surface, plan?.questions ?? []).length}
      units={survey.job.units}
      address={`/jobs/${jobId}/walk/${surface.id}`}
    />
  );
  return columns.map((column, c) => (
    <div key={column.id ?? 'none'} className="walk-column">
      <SideHead column={column} index={c} />
      {bands.map((band, r) => (
        <Cell key={band} column={column} band={band} at={{ column: c + 2, row: r + 2 }}>
          {(cells.get(cellOf({ side: column.id, band })) ?? []).map(tile)}
        </Cell>
      ))}
    </div>
  ));
}

function cellOf({ side, band }: { readonly side: EntityId | null; readonly band: Band }): string {
  return `${side ?? ''} ${band}`;
}

function SideHead({ column, index }: { readonly column: Column; readonly index: number }) {
  const dragged: Dragged = { kind: 'side', id: column.id ?? '', name: column.name };
  const place: Place = { kind: 'side', index, name: `place ${index + 1}` };
  const fixed = column.id === null;
  const {
    setNodeRef: setHandle,
    listeners,
    attributes,
    isDragging,
  } = useDraggable({ id: `side ${dragged.id}`, data: dragged, disabled: fixed });
  const { setNodeRef, isOver } = useDroppable({
    id: `side place ${dragged.id}`,
    data: place,
    disabled: fixed,
  });
  return (
    <div
      ref={setNodeRef}
      className={`side-head ${isOver ? 'over' : ''} ${isDragging ? 'lifted' : ''}`}
      style={{ gridColumn: index + 2, gridRow: 1 }}
    >
      {fixed ? (
        column.name
      ) : (
        <button
          type="button"
          ref={setHandle}
          className="side-handle"
          {...listeners}
          aria-describedby={attributes['aria-describedby']}
          aria-label={say('side-of-the-walk', { name: column.name, index: index + 1 })}
        >
          {column.name}
        </button>
      )}
      <span>{column.about}</span>
    </div>
  );
}

interface CellProps {
  readonly column: Column;
  readonly band: Band;
  readonly at: { readonly column: number; readonly row: number };
  readonly children: ReactNode;
}

function Cell({ column, band, at, children }: CellProps) {
  const place: Place = {
    kind: 'cell',
    side: column.id,
    band,
    name: `${column.name}, ${lowerFirst(BAND_NAMES[band])}`,
  };
  const { setNodeRef, isOver } = useDroppable({
    id: `cell ${cellOf({ side: column.id, band })}`,
    data: place,
  });
  return (
    <div
      ref={setNodeRef}
      className={`walk-cell ${isOver ? 'over' : ''}`}
      style={{ gridColumn: at.column, gridRow: at.row }}
    >
      {children}
    </div>
  );
}

function NoSurfaces() {
  return (
    <div className="walk-empty hairline">
      <h3>{say('start-the-walk')}</h3>
      <p>{say('name-the-sides-of-the')}</p>
      <p className="quiet">
        {rich('the-demo-job-on-the', { link: <Link to="/jobs">{say('jobs-page')}</Link> })}
      </p>
    </div>
  );
}
