import {
  CATALOGUE,
  decimal,
  formatArea,
  formatAreaRate,
  formatGramsPerLitre,
  formatJetPressure,
  formatVolume,
  frontInWords,
  isReadyToUse,
  stageProtection,
  stripsInWords,
  visitOutlines,
  waitInWords,
  word,
} from '@etappe/core';
import { HourglassOutlined } from '@ant-design/icons';
import type { PlannedSurface, Stage, UnitSystem } from '@etappe/core';
import { usePlan } from '../planning/use-plan.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { visitDay } from '../visits/visit-choice.tsx';
import { SharedMix } from './shared-mix.tsx';
import { rich, say } from '../messages/treat.ts';

const DIRECTION_NAMES: Readonly<Record<NonNullable<Stage['direction']>, string>> = {
  'top-down': say('top-down'),
  'bottom-up': say('bottom-up'),
};

const KIND_NAMES: Readonly<Record<Stage['kind'], string>> = {
  clear: say('clear'),
  'pre-wet': say('pre-wet'),
  apply: say('apply'),
  agitate: say('scrub'),
  wash: say('wash'),
  rinse: say('rinse'),
  fill: say('fill-joints'),
  neutralise: say('neutralise'),
  reading: say('reading'),
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
  /** Several where one day has no room for the whole face. */
  const numbersOf = ([first]: readonly Stage[]): readonly number[] =>
    (plan?.visits ?? [])
      .filter((visit) =>
        visit.parts.some(
          ({ surface, stages }) => surface === planned.surface.id && stages[0]?.id === first?.id,
        ),
      )
      .map(({ number }) => number);
  // The visit that is planned has what keeps it from meeting others, too.
  const shown = parts.map(({ stages }) => {
    const [number, ...more] = numbersOf(stages);
    return plan !== null && number === plan.visitNumber && more.length === 0 ? now : stages;
  });
  return (
    <section className="proposal" aria-label={say('chain-of-stages')}>
      <h3>{say('the-chain-stage-by-stage')}</h3>
      {parts.map((part, i) => {
        const first = 1 + shown.slice(0, i).reduce((sum, stages) => sum + stages.length, 0);
        const numbers = numbersOf(part.stages);
        const outline = outlines.find((visit) => visit.number === numbers[0]);
        return (
          <div key={i} className="stage-part">
            {part.wait && (
              <p className="stage-wait">
                <HourglassOutlined aria-hidden />{' '}
                {say('the-surface', { name: catalogue.method(part.wait.method).name })}{' '}
                {waitInWords(part.wait)}.
              </p>
            )}
            {outline && outlines.length > 1 && (
              <h4>
                {rich('visit', {
                  number: numbers.join(', '),
                  outline: <span className="quiet figure">{visitDay(outline)}</span>,
                })}
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
  const front = cycle?.front;
  const [piece] = front?.pieces ?? [];
  return (
    <div className="stage-facts">
      {apply && (
        <div>
          <strong>{CATALOGUE.agent(apply.agent).name}</strong>{' '}
          <span className="figure">
            {isReadyToUse(CATALOGUE.agent(apply.agent))
              ? say('ready-to-use')
              : `${formatGramsPerLitre(apply.strengthGramsPerLitre)} ${word(apply.basis)}`}
          </span>
          {apply.dwell && (
            <>
              {rich('dwell-here', {
                span: (
                  <span className="figure">
                    {say('min-from-minutes', {
                      fromMinutes: decimal(apply.dwell.fromMinutes, 1),
                      toMinutes: decimal(apply.dwell.toMinutes, 1),
                    })}
                  </span>
                ),
                expectedMinutes: (
                  <span className="figure">
                    {say('min', { expectedMinutes: decimal(apply.dwell.expectedMinutes, 1) })}
                  </span>
                ),
                lookFromMinutes: (
                  <span className="figure">
                    {say('min-look-from-minutes', {
                      lookFromMinutes: decimal(apply.dwell.lookFromMinutes, 1),
                    })}
                  </span>
                ),
              })}
            </>
          )}
          {apply.leaveOn && say('left-on-no-rinse')}
          <SharedMix stage={stage} />
        </div>
      )}
      {stage.tool !== null && (
        <div>
          {CATALOGUE.tool(stage.tool).name}: {CATALOGUE.tool(stage.tool).handling}
          {stage.direction ? `, ${DIRECTION_NAMES[stage.direction]}` : ''}
        </div>
      )}
      {stage.maxSurfacePressureKilopascal !== null && (
        <div className="quiet">
          {say('presses-the-surface-stands', {
            maxSurfacePressureKilopascal: formatJetPressure(stage.maxSurfacePressureKilopascal, units),
          })}{' '}
          {formatJetPressure(planned.jetLimitKilopascal, units)}
        </div>
      )}
      {cycle && (
        <details className="fold">
          <summary>
            {cycle.front
              ? say('worked-in', { strips: stripsInWords(cycle.front, units) })
              : cycle.mode === 'leave-on'
                ? say('left-on')
                : say('cannot-be-worked')}
          </summary>
          {front && piece && frontInWords(front, piece).map(({ id, text }) => <div key={id}>{text}</div>)}
          {cycle.sum.map((line) => (
            <div key={line} className="figure quiet">
              {line}
            </div>
          ))}
        </details>
      )}
      {stage.rate && (
        <details className="fold">
          <summary>
            {say('planned-rate', {
              squareMetresPerHour: formatAreaRate(stage.rate.squareMetresPerHour, units),
            })}
          </summary>
          <div className="figure quiet">
            {say('median', {
              medianSquareMetresPerHour: formatAreaRate(stage.rate.medianSquareMetresPerHour, units),
            })}
            {stage.rate.factors.map((f) => ` ÷ ${decimal(f.factor, 2)} (${f.name})`).join('')}
          </div>
        </details>
      )}
      {stage.bulk && (
        <div>
          {say('about-of', {
            litres: formatVolume(stage.bulk.litres, units),
            what: stage.bulk.what,
            where: stage.bulk.where,
          })}
        </div>
      )}
      <Worn stage={stage} planned={planned} />
      {stage.checks.map((check) => (
        <div key={check}>{say('check', { check })}</div>
      ))}
      {apply && stage.kind === 'apply' && (
        <>
          <div>{say('stop-when', { stopWhen: apply.stopWhen })}</div>
          <div>{say('if-it-is-not-enough', { ifNotEnough: apply.ifNotEnough })}</div>
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
  return worn.length === 0 ? null : <div className="quiet">{say('wear', { worn: worn.join(', ') })}</div>;
}
