import {
  BANDS,
  BAND_NAMES,
  aspectName,
  contaminantById,
  formatArea,
  materialById,
  takeOffArea,
} from '@etappe/core';
import type { Band, Surface } from '@etappe/core';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { SurfaceTexture } from '../drawing/surface-texture.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

const COLUMN_WIDTH = 'minmax(128px, 1fr)';

/** Columns are sides in walking order, rows are height bands from above to below. */
export function WalkGrid({ selected }: { readonly selected: string | null }) {
  const { survey } = useSurveySession();
  if (survey.surfaces.length === 0) {
    return (
      <div className="walk-empty hairline">
        <h3>Begin the walk</h3>
        <p>
          Name the sides of the property in the order in which you go round, then add each surface with what
          is on it.
        </p>
        <p className="quiet">
          The demo job on the <Link to="/jobs">jobs page</Link> shows how a finished walk looks.
        </p>
      </div>
    );
  }
  const loose = survey.surfaces.some((s) => s.side === null);
  const columns = [
    ...survey.sides.map((side) => ({
      id: side.id,
      name: side.name,
      about: `${aspectName(side.aspectDegrees)} · ${side.shade === 'open' ? 'open' : `shade: ${side.shade}`}`,
    })),
    ...(loose ? [{ id: null, name: 'No side', about: 'to be placed' }] : []),
  ];
  const bands = BANDS.filter((band) => survey.surfaces.some((s) => s.band === band));
  return (
    <div
      className="walk-grid"
      style={{ gridTemplateColumns: `64px repeat(${String(columns.length)}, ${COLUMN_WIDTH})` }}
    >
      {bands.map((band, r) => (
        <div key={band} className="band-head" style={{ gridColumn: 1, gridRow: r + 2 }}>
          {BAND_NAMES[band]}
        </div>
      ))}
      {columns.map((column, c) => (
        <Fragment key={column.id ?? 'none'}>
          <div className="side-head" style={{ gridColumn: c + 2, gridRow: 1 }}>
            {column.name}
            <span>{column.about}</span>
          </div>
          {bands.map((band, r) => (
            <Cell key={band} side={column.id} band={band} column={c + 2} row={r + 2} selected={selected} />
          ))}
        </Fragment>
      ))}
    </div>
  );
}

interface CellProps {
  readonly side: string | null;
  readonly band: Band;
  readonly column: number;
  readonly row: number;
  readonly selected: string | null;
}

function Cell({ side, band, column, row, selected }: CellProps) {
  const { survey } = useSurveySession();
  return (
    <div className="walk-cell" style={{ gridColumn: column, gridRow: row }}>
      {survey.surfaces
        .filter((s) => s.side === side && s.band === band)
        .map((surface) => (
          <Tile key={surface.id} surface={surface} selected={surface.id === selected} />
        ))}
    </div>
  );
}

function Tile({ surface, selected }: { readonly surface: Surface; readonly selected: boolean }) {
  const { survey, jobId } = useSurveySession();
  const measured = takeOffArea(surface.size, survey.job.units);
  const findings = survey.findings.filter((f) => f.surface === surface.id);
  return (
    <Link
      to={`/jobs/${jobId}/walk/${surface.id}`}
      className={`walk-tile ${surface.inScope ? '' : 'out'}`}
      aria-current={selected}
    >
      <SurfaceTexture surface={surface} findings={findings} width="100%" height="100%" />
      <span className="walk-tile-text">
        <span className="name">{surface.name}</span>
        <span className="figure">
          {measured.ok ? formatArea(measured.squareMetres, survey.job.units) : '✕ not measured'}
        </span>
        <span className="found">
          {surface.inScope
            ? findings
                .map((f) => `${contaminantById(f.contaminant).name.toLowerCase()} ${String(f.severity)}`)
                .join(', ') || `${materialById(surface.material).name.toLowerCase()}, nothing found`
            : 'left out'}
        </span>
      </span>
    </Link>
  );
}
