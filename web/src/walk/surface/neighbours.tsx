import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import type { Face } from '@etappe/core';
import { Button } from 'antd';
import { useDeferredValue } from 'react';
import type { ReactNode } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { sidesWithSurfaces } from '../../job-frame/property-strip.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { say } from '../../messages/walk.ts';

interface Neighbour {
  readonly face: Face | undefined;
  readonly go: () => void;
}

/** The surface before and after in walking order: side by side, each from above to below. */
function useNeighbours(surface: string): { readonly previous: Neighbour; readonly next: Neighbour } {
  const { survey, faces: facesNow, jobId } = useSurveySession();
  // Their order follows a typed letter, it does not hold it up.
  const faces = useDeferredValue(facesNow);
  const navigate = useNavigate();
  const order = sidesWithSurfaces(survey, faces)
    .flatMap((side) => side.surfaces)
    .filter((face) => face.zoneOf === null);
  const here = order.findIndex((face) => face.id === surface);
  const neighbour = (face: Face | undefined): Neighbour => ({
    face,
    go: () => {
      if (face) void navigate(`/jobs/${jobId}/walk/${face.id}`);
    },
  });
  return { previous: neighbour(order[here - 1]), next: neighbour(order[here + 1]) };
}

/** Goes to the surface before and after, by button or by the keys k and j. */
export function Neighbours({ surface }: { readonly surface: string }) {
  const { previous, next } = useNeighbours(surface);
  useHotkeys('k', previous.go);
  useHotkeys('j', next.go);
  return (
    <span className="neighbours">
      <NeighbourButton which="previous" to={previous} icon={<LeftOutlined />} />
      <NeighbourButton which="next" to={next} icon={<RightOutlined />} />
    </span>
  );
}

/** The same two at the edge where the thumb is. */
export function NeighboursAtHand({ surface }: { readonly surface: string }) {
  const { previous, next } = useNeighbours(surface);
  return (
    <>
      <NeighbourButton which="previous" to={previous} icon={<LeftOutlined />} />
      <NeighbourButton which="next" to={next} icon={<RightOutlined />} />
    </>
  );
}

interface NeighbourButtonProps {
  readonly which: 'previous' | 'next';
  readonly to: Neighbour;
  readonly icon: ReactNode;
}

const WHICH_NAMES = { previous: say('previous'), next: say('next') };

function NeighbourButton({ which, to: { face, go }, icon }: NeighbourButtonProps) {
  return (
    <Button
      icon={icon}
      disabled={!face}
      aria-label={
        face
          ? say('surface-which', { which: WHICH_NAMES[which], name: face.name })
          : say('surface-that', { which: WHICH_NAMES[which] })
      }
      title={face?.name}
      onClick={go}
    />
  );
}
