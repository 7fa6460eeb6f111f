import { applicationsOf, formatGramsPerLitre, mixLetters, placesInWords } from '@etappe/core';
import type { Stage } from '@etappe/core';
import { Button } from 'antd';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useEntity } from '../survey-edits/use-entity.ts';
import { say } from '../messages/treat.ts';

/** Which mix of the day an application takes, with whom it shares it, and how it gets one of its own: a logged choice. */
export function SharedMix({ stage }: { readonly stage: Stage }) {
  const { plan } = usePlan();
  const { faces } = useSurveySession();
  const face = faces.find(({ id }) => id === stage.surface);
  const { patch } = useEntity('surface', face?.zoneOf ?? stage.surface);
  const mix = plan?.mixes.find((one) => applicationsOf(one).some((a) => a.stage === stage.id));
  const { apply } = stage;
  if (!plan || !mix || !apply || !face) return null;
  const letter = mixLetters(plan.mixes, plan.work.planned, plan.visit?.schedule ?? null).get(mix.stage);
  const others = applicationsOf(mix).flatMap(({ surface }) =>
    surface === stage.surface ? [] : (faces.find(({ id }) => id === surface)?.name ?? []),
  );
  const alone = apply.aloneGramsPerLitre;
  if (letter === undefined) return null;
  return (
    <p className="shared-mix quiet">
      {say('mix-letter', {
        letter,
        shared: others.length === 0 ? 'no' : placesInWords([...new Set(others)]),
        alone: alone === undefined ? 'no' : formatGramsPerLitre(alone),
      })}{' '}
      {others.length > 0 && stage.kind === 'apply' && (
        <Button
          size="small"
          onClick={() => {
            patch({ schools: { ...face.schools, mixes: 'own' } });
          }}
        >
          {say('own-mix')}
        </Button>
      )}
      {apply.ownMix && (
        <Button
          size="small"
          onClick={() => {
            const { mixes: _own, ...schools } = face.schools;
            patch({ schools });
          }}
        >
          {say('share-it-again')}
        </Button>
      )}
    </p>
  );
}
