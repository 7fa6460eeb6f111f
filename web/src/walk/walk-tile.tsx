import { useDraggable } from '@dnd-kit/core';
import { contaminantById, formatArea, lowerFirst } from '@etappe/core';
import type { Face, Finding, Material, UnitSystem } from '@etappe/core';
import { memo } from 'react';
import { Link } from 'react-router';
import { SurfaceTexture } from '../drawing/surface-texture.tsx';
import { sameItems } from '../drawing/same-items.ts';
import type { Dragged } from './drag-places.ts';
import { say } from '../messages/walk.ts';

interface WalkTileProps {
  readonly surface: Face;
  readonly material: Material;
  readonly findings: readonly Finding[];
  readonly selected: boolean;
  /** Open questions that touch it. */
  readonly questions: number;
  readonly units: UnitSystem;
  readonly address: string;
}

/** One surface in the grid; drawn anew only when something of it changes. */
export const WalkTile = memo(function WalkTile({
  surface,
  material,
  findings,
  selected,
  questions,
  units,
  address,
}: WalkTileProps) {
  const dragged: Dragged = { kind: 'surface', id: surface.id, name: surface.name };
  const { setNodeRef, listeners, isDragging, attributes } = useDraggable({
    id: `surface ${surface.id}`,
    data: dragged,
  });
  const measured = surface.takeOff;
  return (
    <Link
      ref={setNodeRef}
      to={address}
      draggable={false}
      {...listeners}
      aria-describedby={attributes['aria-describedby']}
      data-face={surface.id}
      className={`walk-tile ${surface.inScope ? '' : 'out'} ${isDragging ? 'lifted' : ''}`}
      aria-current={selected}
    >
      <SurfaceTexture family={material.family} findings={findings} width="100%" height="100%" />
      <span className="walk-tile-text">
        <span className="name">{surface.name}</span>
        <span className="figure">
          {measured.ok ? formatArea(measured.squareMetres, units) : say('not-measured')}
        </span>
        <span className="found">
          {surface.inScope
            ? findings
                .map((f) => `${lowerFirst(contaminantById(f.contaminant).name)} ${f.severity}`)
                .join(', ') || say('nothing-found-name', { name: lowerFirst(material.name) })
            : say('left-out-in-line')}
        </span>
      </span>
      {questions > 0 && (
        <span className="walk-tile-mark" title={say('open', { questions })}>
          <span aria-hidden>{questions === 1 ? '?' : `${questions} ?`}</span>
          <span className="visually-hidden">{say('open', { questions })}</span>
        </span>
      )}
    </Link>
  );
}, sameTile);

function sameTile(a: WalkTileProps, b: WalkTileProps): boolean {
  return (
    a.surface === b.surface &&
    a.material === b.material &&
    sameItems(a.findings, b.findings) &&
    a.selected === b.selected &&
    a.questions === b.questions &&
    a.units === b.units &&
    a.address === b.address
  );
}
