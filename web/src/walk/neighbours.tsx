import { LeftOutlined, RightOutlined } from '@ant-design/icons';
import type { Surface } from '@etappe/core';
import { Button } from 'antd';
import { useHotkeys } from 'react-hotkeys-hook';
import { useNavigate } from 'react-router';
import { sidesWithSurfaces } from '../jobs/property-strip.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';

/** To the surface before and after in walking order: side by side, each from above to below. */
export function Neighbours({ surface }: { readonly surface: Surface }) {
  const { survey, faces, jobId } = useSurveySession();
  const navigate = useNavigate();
  const order = sidesWithSurfaces(survey, faces)
    .flatMap((side) => side.surfaces)
    .filter((face) => face.zoneOf === null);
  const here = order.findIndex((face) => face.id === surface.id);
  const previous = order[here - 1];
  const next = order[here + 1];
  const go = (to: { readonly id: string } | undefined) => {
    if (to) void navigate(`/jobs/${jobId}/walk/${to.id}`);
  };
  useHotkeys('k', () => {
    go(previous);
  });
  useHotkeys('j', () => {
    go(next);
  });
  return (
    <span className="neighbours">
      <Button
        icon={<LeftOutlined />}
        disabled={!previous}
        aria-label={previous ? `Previous surface, ${previous.name}` : 'Previous surface'}
        title={previous?.name}
        onClick={() => {
          go(previous);
        }}
      />
      <Button
        icon={<RightOutlined />}
        disabled={!next}
        aria-label={next ? `Next surface, ${next.name}` : 'Next surface'}
        title={next?.name}
        onClick={() => {
          go(next);
        }}
      />
    </span>
  );
}
