import { schoolsOn } from '@etappe/core';
import type { Face, School, Schools, Survey } from '@etappe/core';
import { Button, Modal } from 'antd';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useWhatIf } from '../planning/what-if.tsx';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useEntity, useJob } from '../survey-edits/use-entity.ts';
import { WhatIfTable } from './what-if-table.tsx';
import { rich, say } from '../messages/treat.ts';

const wayName = (school: School, way: string | undefined) =>
  school.settings.find((s) => s.id === way)?.name ?? school.setting;

/** Questions on which good contractors differ, with the way that is gone on this face and who says so. */
export function SchoolsPart({ surface }: { readonly surface: Face }) {
  const { survey, catalogue } = useSurveySession();
  const [asked, setAsked] = useState<School | null>(null);
  const held = schoolsOn(surface, survey.job.house, catalogue);
  const said = (id: string) =>
    id in surface.schools
      ? say('this-surface')
      : id in survey.job.house.schools
        ? say('this-job')
        : say('the-company');
  const own = catalogue.schools.filter((s) => said(s.id) !== 'the company').length;
  return (
    <details className="proposal schools-part">
      <summary>
        <h3>{say('working-practices')}</h3>{' '}
        <span className="quiet">
          {own === 0 ? say('company-practice') : say('different-from-company-practice', { own })}
        </span>
      </summary>
      <ul>
        {catalogue.schools.map((school) => (
          <li key={school.id}>
            <span>{school.name}</span>
            <b>{wayName(school, held[school.id])}</b>
            <span className="quiet">{said(school.id)}</span>
            <Button
              size="small"
              aria-label={say('change', { name: school.name })}
              onClick={() => {
                setAsked(school);
              }}
            >
              {say('what-if')}
            </Button>
          </li>
        ))}
      </ul>
      {asked && (
        <SchoolDialog
          key={asked.id}
          school={asked}
          surface={surface}
          now={held[asked.id] ?? asked.setting}
          close={() => {
            setAsked(null);
          }}
        />
      )}
    </details>
  );
}

type Reach = 'face' | 'job';

interface DialogProps {
  readonly school: School;
  readonly surface: Face;
  readonly now: string;
  readonly close: () => void;
}

/** Another way, for this face or the whole job: what it changes is shown before it is taken. */
function SchoolDialog({ school, surface, now, close }: DialogProps) {
  const { survey } = useSurveySession();
  const { job, patch: patchJob } = useJob();
  const faceId = surface.zoneOf ?? surface.id;
  const { patch: patchFace } = useEntity('surface', faceId);
  const [reach, setReach] = useState<Reach>('job');
  const [way, setWay] = useState(now);
  const changed = useMemo(
    () => (way === now && reach === 'job' ? null : withWay(survey, faceId, school.id, way, reach)),
    [survey, faceId, school, way, now, reach],
  );
  const answer = useWhatIf(survey, changed);
  const when = school.settings.find((s) => s.id === way)?.when;
  return (
    <Modal
      open
      title={school.name}
      width={640}
      okText={say('apply')}
      okButtonProps={{ disabled: changed === null }}
      cancelText={say('cancel')}
      onCancel={close}
      onOk={() => {
        if (reach === 'face') patchFace({ schools: { ...surface.schools, [school.id]: way } });
        else patchJob({ house: { ...job.house, schools: { ...job.house.schools, [school.id]: way } } });
        close();
      }}
    >
      <ChipField
        label={say('way')}
        value={way}
        options={school.settings.map(({ id, name }) => ({ value: id, label: name }))}
        take={setWay}
      />
      <p className="quiet">{say('best-where', { when: when ?? '' })}</p>
      <ChipField
        label={say('applies-to')}
        value={reach}
        options={[
          { value: 'job', label: say('this-job-head') },
          { value: 'face', label: say('only-this', { name: surface.name }) },
        ]}
        take={(to) => {
          setReach(to === 'face' ? 'face' : 'job');
        }}
      />
      <p className="quiet">
        {rich('for-every-job', {
          link: <Link to={`/handbook/schools/${school.id}`}>{say('in-the-handbook')}</Link>,
        })}
      </p>
      {changed === null && <p className="quiet">{say('this-is-the-current-practice')}</p>}
      {changed !== null && answer === null && (
        <div className="what-if-wait" role="status" aria-label={say('working-it-out')} />
      )}
      {answer && <WhatIfTable whatIf={answer} units={survey.job.units} />}
    </Modal>
  );
}

function withWay(survey: Survey, surface: string, school: string, way: string, reach: Reach): Survey {
  const set = (schools: Schools): Schools => ({ ...schools, [school]: way });
  if (reach === 'face')
    return {
      ...survey,
      surfaces: survey.surfaces.map((s) => (s.id === surface ? { ...s, schools: set(s.schools) } : s)),
    };
  const { house } = survey.job;
  return { ...survey, job: { ...survey.job, house: { ...house, schools: set(house.schools) } } };
}
