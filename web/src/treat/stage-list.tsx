import {
  CATALOGUE,
  decimal,
  formatArea,
  formatAreaRate,
  formatGramsPerLitre,
  formatJetPressure,
  formatVolume,
  isReadyToUse,
  stageProtection,
  visitOutlines,
  waitInWords,
} from '@etappe/core';
import { HourglassOutlined } from '@ant-design/icons';
import type { PlannedSurface, Stage, UnitSystem } from '@etappe/core';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { visitDay } from '../visits/visit-choice.tsx';

const KIND_NAMES: Readonly<Record<Stage['kind'], string>> = {
  clear: 'Clear',
  'pre-wet': 'Pre-wet',
  apply: 'Apply',
  agitate: 'Scrub',
  wash: 'Wash',
  rinse: 'Rinse',
  fill: 'Fill joints',
  neutralise: 'Neutralise',
  reading: 'Reading',
};

interface ListProps {
  readonly planned: PlannedSurface;
  readonly units: UnitSystem;
}

/** The whole treatment in the order of work: its stages, and what is waited for between two visits. */
export function StageList({ planned, units }: ListProps) {
  const { plan } = usePlan();
  const { survey, catalogue } = useSurveySession();
  const { parts = [], stages: now = [] } = planned.treatment ?? {};
  const outlines = plan ? visitOutlines(plan, survey) : [];
  const numbers = new Map(
    (plan?.visits ?? []).flatMap((visit) =>
      visit.parts
        .filter((part) => part.surface === planned.surface.id)
        .map((part) => [part.stages, visit.number] as const),
    ),
  );
  // The visit that is planned has what keeps it from meeting others, too.
  const shown = parts.map(({ stages }) =>
    plan !== null && numbers.get(stages) === plan.visitNumber ? now : stages,
  );
  return (
    <section className="proposal" aria-label="Chain of stages">
      <h3>The chain, stage by stage</h3>
      {parts.map((part, i) => {
        const first = 1 + shown.slice(0, i).reduce((sum, before) => sum + before.length, 0);
        const outline = outlines.find((visit) => visit.number === numbers.get(part.stages));
        return (
          <div key={i} className="stage-part">
            {part.wait && (
              <p className="stage-wait">
                <HourglassOutlined aria-hidden /> {catalogue.method(part.wait.method).name}: the surface{' '}
                {waitInWords(part.wait)}.
              </p>
            )}
            {outline && outlines.length > 1 && (
              <h4>
                Visit {outline.number} <span className="quiet figure">{visitDay(outline)}</span>
              </h4>
            )}
            <ol className="stage-list" start={first}>
              {(shown[i] ?? []).map((stage, k) => (
                <li key={stage.id}>
                  <span className="stage-number" aria-hidden>
                    {first + k}
                  </span>
                  <span className="stage-kind">
                    {KIND_NAMES[stage.kind]}
                    <small>{formatArea(stage.areaSquareMetres, units)}</small>
                  </span>
                  <StageFacts stage={stage} planned={planned} units={units} />
                </li>
              ))}
            </ol>
          </div>
        );
      })}
    </section>
  );
}

function StageFacts({
  stage,
  planned,
  units,
}: {
  readonly stage: Stage;
  readonly planned: PlannedSurface;
  readonly units: UnitSystem;
}) {
  const { apply } = stage;
  const cycle = planned.cycles.find((c) => c.apply.id === stage.id);
  return (
    <div className="stage-facts">
      {apply && (
        <div>
          <strong>{CATALOGUE.agent(apply.agent).name}</strong>{' '}
          <span className="figure">
            {isReadyToUse(CATALOGUE.agent(apply.agent))
              ? 'ready to use'
              : `${formatGramsPerLitre(apply.strengthGramsPerLitre)} ${apply.basis}`}
          </span>
          {apply.dwell && (
            <>
              , dwell{' '}
              <span className="figure">
                {decimal(apply.dwell.fromMinutes, 1)}–{decimal(apply.dwell.toMinutes, 1)} min
              </span>
              {', '}here about <span className="figure">{decimal(apply.dwell.expectedMinutes, 1)} min</span>,
              first look at <span className="figure">{decimal(apply.dwell.lookFromMinutes, 1)} min</span> on
            </>
          )}
          {apply.leaveOn && ', left on: no rinse'}
        </div>
      )}
      {stage.tool !== null && (
        <div>
          {CATALOGUE.tool(stage.tool).name}: {CATALOGUE.tool(stage.tool).handling}
          {stage.direction ? `, ${stage.direction.replace('-', ' ')}` : ''}
        </div>
      )}
      {stage.maxSurfacePressureKilopascal !== null && (
        <div className="quiet">
          Presses {formatJetPressure(stage.maxSurfacePressureKilopascal, units)}, the surface stands{' '}
          {formatJetPressure(planned.jetLimitKilopascal, units)}
        </div>
      )}
      {cycle && (
        <details className="fold">
          <summary>
            {cycle.sectionCount} {cycle.sectionCount === 1 ? 'section' : 'sections'} of{' '}
            {formatArea(cycle.sectionSquareMetres, units)},{' '}
            {cycle.mode === 'hands-on'
              ? 'hands-on throughout'
              : cycle.mode === 'leave-on'
                ? 'left on'
                : 'watched while it dwells'}
          </summary>
          {cycle.sum.map((line) => (
            <div key={line} className="figure quiet">
              {line}
            </div>
          ))}
        </details>
      )}
      {stage.rate && (
        <details className="fold">
          <summary>{formatAreaRate(stage.rate.squareMetresPerHour, units)} planned rate</summary>
          <div className="figure quiet">
            median {formatAreaRate(stage.rate.medianSquareMetresPerHour, units)}
            {stage.rate.factors.map((f) => ` ÷ ${decimal(f.factor, 2)} (${f.name})`).join('')}
          </div>
        </details>
      )}
      {stage.bulk && (
        <div>
          About {formatVolume(stage.bulk.litres, units)} of {stage.bulk.what}, {stage.bulk.where}
        </div>
      )}
      <Worn stage={stage} planned={planned} />
      {stage.checks.map((check) => (
        <div key={check}>Check: {check}</div>
      ))}
      {apply && stage.kind === 'apply' && (
        <>
          <div>Stop when: {apply.stopWhen}</div>
          <div>If it is not enough: {apply.ifNotEnough}</div>
        </>
      )}
      {stage.cautions.map((c) => (
        <div key={c.text} className="stage-caution">
          △ {c.text}
        </div>
      ))}
    </div>
  );
}

/** What one has on for a stage. */
function Worn({ stage, planned }: { readonly stage: Stage; readonly planned: PlannedSurface }) {
  const { catalogue } = useSurveySession();
  const worn = stageProtection(stage, planned.surface, catalogue);
  return worn.length === 0 ? null : <div className="quiet">Wear: {worn.join(', ')}</div>;
}
