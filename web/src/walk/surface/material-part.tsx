import { ABSORPTION_TEST, materialDiagnosis, ofMaterial, lowerFirst } from '@etappe/core';
import type { Surface } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useEntity } from '../../survey-edits/use-entity.ts';
import { Candidates, DoneTests, NextTests } from '../findings/quick-tests.tsx';
import { say } from '../../messages/walk.ts';

/** While nobody is sure of the material: what it may be, and the small test that tells most. */
export function MaterialPart({ surface }: { readonly surface: Surface }) {
  const { survey, catalogue } = useSurveySession();
  const { patch } = useEntity('surface', surface.id);
  const [spot, setSpot] = useState('');
  const diagnosis = materialDiagnosis(surface, survey, spot);
  if (!diagnosis) return null;
  const { decided, done } = diagnosis;
  const untimed = done.filter((t) => t.test !== ABSORPTION_TEST);
  return (
    <div className="mark">
      <p className="field-hint">{say('until-it-is-settled-the')}</p>
      <Candidates candidates={diagnosis.candidates} />
      {decided && (
        <Button
          type="primary"
          onClick={() => {
            const own =
              decided.id === surface.material ? {} : ofMaterial(catalogue.material(decided.id), surface);
            patch({ ...own, unsureBetween: [] });
          }}
        >
          {say('it-is-settle-it', { name: lowerFirst(decided.name) })}
        </Button>
      )}
      <NextTests
        subject={{ surface: surface.id, zone: null, mark: null }}
        tests={diagnosis.tests}
        spot={spot}
        setSpot={setSpot}
        where=""
      />
      {untimed.length > 0 && <DoneTests tests={untimed} />}
    </div>
  );
}
