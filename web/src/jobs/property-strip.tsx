import { BANDS, aspectName } from '@etappe/core';
import type { Survey, Surface } from '@etappe/core';
import { Link, useParams } from 'react-router';
import { SurfaceTexture } from '../drawing/surface-texture.tsx';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** Sides in walking order, the surfaces of each stacked as they stand; surfaces without a side last. */
export function sidesWithSurfaces(
  survey: Survey,
): readonly { readonly id: string | null; readonly name: string; readonly surfaces: readonly Surface[] }[] {
  const stacked = (side: string | null) =>
    survey.surfaces
      .filter((s) => s.side === side)
      .sort((a, b) => BANDS.indexOf(a.band) - BANDS.indexOf(b.band) || a.position - b.position);
  const loose = stacked(null);
  return [
    ...survey.sides.map((side) => ({
      id: side.id,
      name: `${side.name} · ${aspectName(side.aspectDegrees)}`,
      surfaces: stacked(side.id),
    })),
    ...(loose.length > 0 ? [{ id: null, name: 'No side', surfaces: loose }] : []),
  ];
}

/** The property as the selection for every station. */
export function PropertyStrip({ folded, station }: { readonly folded: boolean; readonly station: string }) {
  const { survey, jobId } = useSurveySession();
  const { plan } = usePlan();
  const { surface: selected } = useParams();
  const stopped = new Set(
    plan?.warnings.flatMap((w) => (w.severity === 'stop' && w.surface !== null ? [w.surface] : [])),
  );
  const target = station === 'order' ? 'walk' : station;
  return (
    <div>
      {sidesWithSurfaces(survey).map((side) => (
        <section key={side.id ?? 'none'} className="strip-side">
          <h2>{side.name}</h2>
          {side.surfaces.map((surface) => (
            <Link
              key={surface.id}
              to={`/jobs/${jobId}/${target}/${surface.id}`}
              className="strip-tile"
              aria-current={surface.id === selected}
              title={folded ? surface.name : undefined}
              aria-label={folded ? surface.name : undefined}
            >
              <SurfaceTexture
                surface={surface}
                findings={survey.findings.filter((f) => f.surface === surface.id)}
                width={20}
                height={20}
              />
              <span className="tile-name">{surface.name}</span>
              <span className="tile-mark">
                {stopped.has(surface.id) ? '✕' : surface.inScope ? '' : 'out'}
              </span>
            </Link>
          ))}
        </section>
      ))}
    </div>
  );
}
