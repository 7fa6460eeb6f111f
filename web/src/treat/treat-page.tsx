import { contaminantById, idInWords } from '@etappe/core';
import { Alert } from 'antd';
import { Link, useParams } from 'react-router';
import { LimitsGauge } from '../drawing/limits-gauge.tsx';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { ChemistryApart } from '../planning/chemistry-apart.tsx';
import { PatchesPart } from './patches-part.tsx';
import { ReasonsPanel } from './reasons-panel.tsx';
import { ProposalCard } from './proposal-card.tsx';
import { SchoolsPart } from './schools-part.tsx';
import { SurfaceNotes } from './surface-notes.tsx';
import { Together } from './together.tsx';
import { StageList } from './stage-list.tsx';
import { rich, say } from '../messages/treat.ts';
import './treat-page.css';

/** What is done on one surface and why: proposals per finding, the chain of stages, the reasons beside it. */
export function TreatPage() {
  const { survey, catalogue, jobId } = useSurveySession();
  const { surface: selected } = useParams();
  const { plan, working, improving, failed } = usePlan();
  const planned = plan?.surfaces.find((p) => p.surface.id === selected) ?? plan?.surfaces[0];
  if (survey.surfaces.length === 0) {
    return (
      <div className="station-empty hairline">
        <h2>{say('nothing-to-treat-yet')}</h2>
        <p>
          {rich('add-a-surface-with-what', { link: <Link to={`/jobs/${jobId}/walk`}>{say('walk')}</Link> })}
        </p>
      </div>
    );
  }
  if (failed !== null)
    return (
      <Alert
        type="error"
        showIcon
        title={say('the-plan-could-not-be')}
        description={failed}
        style={{ margin: 16 }}
      />
    );
  if (!planned)
    return <div className="station-skeleton" role="status" aria-label={say('working-out-the-plan')} />;
  const { surface, treatment } = planned;
  const warnings = plan?.warnings.filter((w) => w.surface === surface.id) ?? [];
  return (
    <div className="treat">
      <section
        className="treat-main"
        aria-label={say('treatment-of', { name: surface.name })}
        aria-busy={working || improving !== null}
      >
        <header className="treat-head">
          <h2>{surface.name}</h2>
          <span className="quiet">
            {catalogue.material(surface.material).name}, {idInWords(surface.finish)}
            {planned.takeOff.ok ? '' : say('not-measured')}
          </span>
          <Link to={`/jobs/${jobId}/walk/${surface.zoneOf ?? surface.id}`}>{say('change-the-survey')}</Link>
        </header>
        {!treatment && (
          <p style={{ marginTop: 16 }}>
            {surface.inScope ? say('measure-the-surface-on-the') : say('this-surface-is-out-of')}
          </p>
        )}
        <Together planned={planned} />
        {treatment?.proposals.map((proposal) => (
          <ProposalCard
            key={`${surface.id} ${proposal.finding.contaminant}`}
            surface={surface.id}
            proposal={proposal}
            name={contaminantById(proposal.finding.contaminant).name}
          />
        ))}
        {treatment?.parts.some((part) => part.stages.length > 0 || part.wait) && (
          <StageList planned={planned} units={survey.job.units} />
        )}
        <SurfaceNotes warnings={warnings} />
        <ChemistryApart surface={surface.id} />
        <LimitsGauge planned={planned} job={survey.job} />
        <PatchesPart planned={planned} />
        <SchoolsPart surface={surface} />
      </section>
      <ReasonsPanel planned={planned} />
    </div>
  );
}
