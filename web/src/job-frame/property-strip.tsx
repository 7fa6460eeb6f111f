import { BANDS, aspectName } from '@etappe/core';
import type { Face, Finding, MaterialFamily, Survey } from '@etappe/core';
import { group } from 'd3-array';
import { memo, useDeferredValue } from 'react';
import { Link, useParams } from 'react-router';
import { sameItems } from '../drawing/same-items.ts';
import { SurfaceTexture } from '../drawing/surface-texture.tsx';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useSurfaceAddress } from './surface-address.ts';
import { say } from '../messages/job-frame.ts';

/** Sides in walking order, the surfaces of each stacked as they stand; surfaces without a side last. */
export function sidesWithSurfaces(
  survey: Pick<Survey, 'sides'>,
  faces: readonly Face[],
): readonly { readonly id: string | null; readonly name: string; readonly surfaces: readonly Face[] }[] {
  const stacked = (side: string | null) =>
    faces
      .filter((f) => f.side === side)
      .sort((a, b) => BANDS.indexOf(a.band) - BANDS.indexOf(b.band) || a.position - b.position);
  const loose = stacked(null);
  return [
    ...survey.sides.map((side) => ({
      id: side.id,
      name: `${side.name} · ${aspectName(side.aspectDegrees)}`,
      surfaces: stacked(side.id),
    })),
    ...(loose.length > 0 ? [{ id: null, name: say('no-side'), surfaces: loose }] : []),
  ];
}

const NONE: readonly Finding[] = [];
const NO_FACES: readonly Face[] = [];

/** The property as the selection for every station. */
export function PropertyStrip({ folded }: { readonly folded: boolean }) {
  const { survey: now, catalogue, faces: facesNow, jobId } = useSurveySession();
  // The station opens first, and what is typed is shown first: the strip follows.
  const survey = useDeferredValue(now);
  const faces = useDeferredValue(facesNow, NO_FACES);
  const { plan } = usePlan();
  const { surface: selected } = useParams();
  const stopped = new Set(
    plan?.warnings.flatMap((w) => (w.severity === 'stop' && w.surface !== null ? [w.surface] : [])),
  );
  const addressOf = useSurfaceAddress(jobId);
  const found = group(survey.findings, (f): string => f.zone ?? f.surface);
  return (
    <div>
      {sidesWithSurfaces(survey, faces).map((side) => (
        <section key={side.id ?? 'none'} className="strip-side">
          <h2>{side.name}</h2>
          {side.surfaces.map((surface) => (
            <StripTile
              key={surface.id}
              surface={surface}
              family={catalogue.material(surface.material).family}
              findings={found.get(surface.id) ?? NONE}
              address={addressOf(surface)}
              selected={surface.id === selected}
              folded={folded}
              stopped={stopped.has(surface.id)}
            />
          ))}
        </section>
      ))}
    </div>
  );
}

interface StripTileProps {
  readonly surface: Face;
  readonly family: MaterialFamily;
  readonly findings: readonly Finding[];
  readonly address: string;
  readonly selected: boolean;
  readonly folded: boolean;
  readonly stopped: boolean;
}

const StripTile = memo(
  function StripTile({ surface, family, findings, address, selected, folded, stopped }: StripTileProps) {
    return (
      <Link
        to={address}
        className={surface.zoneOf === null ? 'strip-tile' : 'strip-tile strip-zone'}
        aria-current={selected}
        title={folded ? surface.name : undefined}
        aria-label={folded ? surface.name : undefined}
      >
        <SurfaceTexture family={family} findings={findings} width={20} height={20} />
        <span className="tile-name">{surface.name}</span>
        <span className="tile-mark">{stopped ? '✕' : surface.inScope ? '' : say('left-out-mark')}</span>
      </Link>
    );
  },
  (a, b) =>
    a.surface === b.surface &&
    a.family === b.family &&
    sameItems(a.findings, b.findings) &&
    a.address === b.address &&
    a.selected === b.selected &&
    a.folded === b.folded &&
    a.stopped === b.stopped,
);
