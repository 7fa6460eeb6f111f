import { apartNotes, contaminantById, decimal, lowerFirst } from '@etappe/core';
import type { OtherTreatment } from '@etappe/core';
import { Button } from 'antd';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { usePlan } from './use-plan.tsx';
import { useMethodChoices } from './use-method-choice.ts';
import { say } from '../messages/planning.ts';

/** Chemistries that never meet, how the plan holds them apart and what else would do: of one face, or of the visit. */
export function ChemistryApart({ surface }: { readonly surface?: string }) {
  const { plan } = usePlan();
  const { survey } = useSurveySession();
  if (!plan) return null;
  const places = { features: survey.features, surfaces: plan.surfaces.map((p) => p.surface) };
  const shown = apartNotes(plan.work.meetings, plan.surfaces, places).filter(
    ({ faces }) => surface === undefined || faces.includes(surface),
  );
  if (shown.length === 0) return null;
  return (
    <ul className="chemistry-apart" aria-label={say('kept-apart-in-time')}>
      {shown.map(({ text, ways }) => (
        <li key={text}>
          ⇥ {text}
          <OtherWays ways={ways} />
        </li>
      ))}
    </ul>
  );
}

/** Another treatment instead of the wait, for whoever would rather have it. */
function OtherWays({ ways }: { readonly ways: readonly OtherTreatment[] }) {
  const { plan } = usePlan();
  const pickAll = useMethodChoices();
  const nameOf = (face: string) => plan?.surfaces.find((p) => p.surface.id === face)?.surface.name ?? face;
  if (ways.length === 0) return null;
  return (
    <div className="other-ways">
      {ways.map((way) => (
        <Button
          key={`${way.face} ${way.method}`}
          size="small"
          onClick={() => {
            pickAll([{ surface: way.face, contaminant: way.contaminant, method: way.method }]);
          }}
        >
          {say('against', { face: nameOf(way.face), name: lowerFirst(way.name) })}{' '}
          {lowerFirst(contaminantById(way.contaminant).name)}
          {way.worseBy > 0 ? say('points-less', { worseBy: decimal(way.worseBy, 1) }) : ''}
        </Button>
      ))}
    </div>
  );
}
