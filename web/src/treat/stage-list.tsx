import {
  CATALOGUE,
  decimal,
  formatArea,
  formatAreaRate,
  formatGramsPerLitre,
  formatJetPressure,
  isReadyToUse,
} from '@etappe/core';
import type { PlannedSurface, Stage, UnitSystem } from '@etappe/core';

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

/** The chain of stages in the order of work, each with what the crew must know. */
export function StageList({
  planned,
  units,
}: {
  readonly planned: PlannedSurface;
  readonly units: UnitSystem;
}) {
  const stages = planned.treatment?.stages ?? [];
  return (
    <section className="proposal" aria-label="Chain of stages">
      <h3>The chain, stage by stage</h3>
      <ol className="stage-list">
        {stages.map((stage, i) => (
          <li key={stage.id}>
            <span className="stage-number" aria-hidden>
              {i + 1}
            </span>
            <span className="stage-kind">
              {KIND_NAMES[stage.kind]}
              <small>{formatArea(stage.areaSquareMetres, units)}</small>
            </span>
            <StageFacts stage={stage} planned={planned} units={units} />
          </li>
        ))}
      </ol>
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
              ? 'as sold'
              : `${formatGramsPerLitre(apply.strengthGramsPerLitre)} ${apply.basis}`}
          </span>
          {apply.dwell && (
            <>
              , dwell{' '}
              <span className="figure">
                {decimal(apply.dwell.fromMinutes, 1)}–{decimal(apply.dwell.toMinutes, 1)} min
              </span>
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
      {stage.checks.map((check) => (
        <div key={check}>Check: {check}</div>
      ))}
      {apply && apply.stopWhen !== '' && stage.kind === 'apply' && <div>Stop when: {apply.stopWhen}</div>}
      {stage.cautions.map((c) => (
        <div key={c.text} className="stage-caution">
          △ {c.text}
        </div>
      ))}
    </div>
  );
}
