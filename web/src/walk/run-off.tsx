import { useLayoutEffect, useState } from 'react';
import type { RefObject } from 'react';
import { ChemistryApart } from '../planning/chemistry-apart.tsx';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { say } from '../messages/walk.ts';

interface Arrow {
  readonly key: string;
  readonly face: string;
  readonly path: string;
}

/** Where the water of each surface runs: arrows from tile to tile, and to the features that stand below the grid. */
export function RunOff({ grid }: { readonly grid: RefObject<HTMLDivElement | null> }) {
  const { survey, faces } = useSurveySession();
  const { plan } = usePlan();
  const meetings = plan?.work.meetings ?? [];
  const opposed = new Set(meetings.flatMap((m) => [m.later.face, ...m.earlier.map((p) => p.face)]));
  const meetingPlaces = new Set(meetings.map((m) => m.at));
  const [arrows, setArrows] = useState<readonly Arrow[]>([]);
  const reached = survey.features.filter((f) => survey.surfaces.some((s) => s.drainsOnto.includes(f.id)));
  useLayoutEffect(() => {
    const element = grid.current;
    if (!element) return undefined;
    const draw = () => {
      const origin = element.getBoundingClientRect();
      const rectOf = (id: string) =>
        element.querySelector(`[data-face="${CSS.escape(id)}"]`)?.getBoundingClientRect();
      setArrows(
        faces.flatMap((face) =>
          face.drainsOnto.flatMap((to) => {
            const from = rectOf(face.id);
            const target = rectOf(to);
            if (!from || !target) return [];
            return [{ key: `${face.id} ${to}`, face: face.id, path: pathBetween(from, target, origin) }];
          }),
        ),
      );
    };
    draw();
    const observer = new ResizeObserver(draw);
    observer.observe(element);
    return () => {
      observer.disconnect();
    };
  }, [grid, faces]);
  return (
    <>
      <div className="run-off-ends">
        <strong>{say('run-off-ends-in')}</strong>
        {reached.map((feature) => (
          <span key={feature.id} data-face={feature.id} className="run-off-end">
            {feature.name}
            {meetingPlaces.has(feature.id) && say('kept-apart-here')}
          </span>
        ))}
        {reached.length === 0 && <span className="quiet">{say('nothing-noted-yet')}</span>}
        <ChemistryApart />
      </div>
      <svg className="run-off-arrows" aria-hidden>
        <defs>
          <marker
            id="run-off-tip"
            viewBox="0 0 8 8"
            refX="7"
            refY="4"
            markerWidth="5"
            markerHeight="5"
            orient="auto"
          >
            <path d="M0 0 L8 4 L0 8 Z" />
          </marker>
        </defs>
        {arrows.map(({ key, face, path }) => (
          <path
            key={key}
            className={opposed.has(face) ? 'opposed' : ''}
            d={path}
            markerEnd="url(#run-off-tip)"
          />
        ))}
      </svg>
    </>
  );
}

/** From the foot of one tile to the head of the next; a bow where they stand side by side. */
function pathBetween(from: DOMRect, to: DOMRect, origin: DOMRect): string {
  const x1 = from.left + from.width * 0.75 - origin.left;
  const x2 = to.left + to.width * 0.75 - origin.left;
  const y1 = from.bottom - 6 - origin.top;
  const y2 = (to.top > from.top ? to.top + 4 : to.bottom - 4) - origin.top;
  const bend = Math.max(24, Math.abs(y2 - y1) / 2);
  return `M${x1} ${y1} C${x1} ${y1 + bend} ${x2} ${y2 - bend} ${x2} ${y2}`;
}
