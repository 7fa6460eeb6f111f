import {
  DEFAULT_GEAR,
  applicationsOf,
  decimal,
  drawnFraction,
  formatGramsPerLitre,
  formatVolume,
  inUseOrder,
  isReadyToUse,
  listed,
  mixLetters,
  mixLife,
  placesInWords,
  unitOf,
} from '@etappe/core';
import type { Plan, PlannedMix, Stage } from '@etappe/core';
import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { MixVessel } from '../drawing/mix-vessel.tsx';
import { FigureToWrite } from '../quantity-fields/figure-to-write.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useGear } from './use-gear.ts';
import { rich, say } from '../messages/supply.ts';

/** What is mixed for each stage, batch by batch, with labels for the jugs. */
export function MixesPart({ plan }: { readonly plan: Plan }) {
  const { faces, jobId } = useSurveySession();
  const [labels, setLabels] = useState(false);
  const letters = mixLetters(plan.mixes, plan.work.planned, plan.visit?.schedule ?? null);
  const stages = new Map(
    plan.surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)),
  );
  if (plan.mixes.length === 0)
    return (
      <p>
        {rich('nothing-is-mixed-on-this', { link: <Link to={`/jobs/${jobId}/treat`}>{say('treat')}</Link> })}
      </p>
    );
  return (
    <section aria-label={say('mixes')} className={labels ? 'printing-labels' : ''}>
      <div className="supply-head">
        <h2>{say('mixes-by-first-use', { number: plan.visitNumber })}</h2>
        <Button
          icon={<PrinterOutlined />}
          onClick={() => {
            setLabels(true);
            requestAnimationFrame(() => {
              window.print();
              setLabels(false);
            });
          }}
        >
          {say('print-jug-labels')}
        </Button>
      </div>
      <MixSettings />
      <div className="mix-cards">
        {inUseOrder(plan).map((mix) => (
          <MixCardView
            key={mix.stage}
            mix={mix}
            letter={letters.get(mix.stage) ?? null}
            alone={aloneOf(mix, stages)}
            place={placesInWords(
              applicationsOf(mix).flatMap(({ surface }) => faces.find((f) => f.id === surface)?.name ?? []),
            )}
          />
        ))}
      </div>
    </section>
  );
}

function MixSettings() {
  const { units, house, patchHouse, patchGear } = useGear();
  return (
    <div className="supply-settings">
      <NumberField
        label={say('waste-added')}
        value={house.wasteShare}
        unit="%"
        scale={100}
        take={(wasteShare) => patchHouse({ wasteShare })}
      />
      <NumberField
        label={say('sprayer-holds')}
        value={house.sprayerLitres}
        {...unitOf('volume', units)}
        take={(sprayerLitres) => patchHouse({ sprayerLitres })}
      />
      <NumberField
        label={say('mixing-drum')}
        value={house.gear.drumLitres}
        {...unitOf('volume', units)}
        clear={() => patchGear({ drumLitres: null })}
        take={(drumLitres) => patchGear({ drumLitres })}
      />
      <NumberField
        label={say('injector-draws')}
        value={house.gear.injectorShare}
        unit="%"
        scale={100}
        clear={() => patchGear({ injectorShare: DEFAULT_GEAR.injectorShare })}
        take={(injectorShare) => patchGear({ injectorShare })}
      />
      <FigureToWrite
        label={say('by-a-test-drawn-of')}
        unit="L"
        write={(litres) => {
          try {
            return patchGear({ injectorShare: Number(drawnFraction(litres, TEST_LITRES).toFixed(4)) });
          } catch (error) {
            return error instanceof RangeError ? error.message : say('that-is-not-a-draw');
          }
        }}
      />
    </div>
  );
}

/** A bucket of this size is filled from the tip. */
const TEST_LITRES = 12;
const VESSEL_WORDS = {
  sprayer: say('in-the-sprayer'),
  drum: say('in-the-drum-sprayers-filled'),
  'injector-tank': say('in-the-injector-tank'),
} as const;
const STEPS = [say('protection-on-first-water-first'), say('then-the-rest-in-the')] as const;

interface CardProps {
  readonly mix: PlannedMix;
  /** Null for what is ready to use. */
  readonly letter: string | null;
  /** What some of its surfaces would take by themselves; empty where all want the same. */
  readonly alone: readonly string[];
  readonly place: string;
}

/** Strengths that applications of a mix would have by themselves, weakest first. */
function aloneOf(mix: PlannedMix, stages: ReadonlyMap<string, Stage>): readonly string[] {
  const wanted = applicationsOf(mix).flatMap(
    ({ stage }) => stages.get(stage)?.apply?.aloneGramsPerLitre ?? [],
  );
  return [...new Set(wanted)].sort((a, b) => a - b).map((strength) => formatGramsPerLitre(strength));
}

function MixCardView({ mix, letter, alone, place }: CardProps) {
  const { survey, catalogue } = useSurveySession();
  const { units } = survey.job;
  const agent = catalogue.agent(mix.agent);
  const product = catalogue.product(mix.agent);
  const life = mixLife(agent);
  const lotName = (id: string | null) => survey.handbook.lots.find((lot) => lot.id === id)?.lot ?? id;
  return (
    <article className="mix-card hairline">
      <header>
        <h3>
          {letter !== null && <span className="mix-letter">{letter}</span>} {agent.name}
        </h3>
        <span className="quiet">
          {product && `“${product.name}”, `}
          {say('for', { place })}
          {mix.vessel ? `, ${VESSEL_WORDS[mix.vessel]}` : ''}
        </span>
      </header>
      {mix.batches.map(({ count, card }, i) => (
        <div key={`${i} ${card.litres}`} className="mix-batch">
          <MixVessel card={card} units={units} />
          <div>
            <strong className="figure">
              {count} × {formatVolume(card.litres, units)}
            </strong>
            <div className="quiet">
              {isReadyToUse(agent)
                ? say('ready-to-use')
                : say('g-l-after-rounding-wanted', {
                    strengthGramsPerLitre: decimal(card.strengthGramsPerLitre, 1),
                    basis: agent.basis,
                    targetGramsPerLitre: decimal(card.targetGramsPerLitre, 1),
                  })}
            </div>
            {card.stock && card.stock.gramsPerLitre > 0 && !isReadyToUse(agent) && (
              <div className="quiet">
                {say('from-stock-of', {
                  isNew: card.stock.lot === null ? 'yes' : 'no',
                  lot: (card.stock.lot && lotName(card.stock.lot)) ?? '',
                  gramsPerLitre: decimal(card.stock.gramsPerLitre, 1),
                })}
              </div>
            )}
          </div>
        </div>
      ))}
      <details className="fold">
        <summary>{say('in-all', { litres: formatVolume(mix.litres, units) })}</summary>
        <div className="figure quiet">{mix.sum}</div>
        {alone.length > 0 && <div className="quiet">{say('shared-within', { alone: listed(alone) })}</div>}
        {mix.makings && <div className="quiet">{say('made-times', { times: mix.makings.length })}</div>}
        {mix.onWetFace && (
          <div className="figure quiet">{say('on-the-pre-wet-surface', { sum: mix.onWetFace.sum })}</div>
        )}
        {mix.fromSolid && (
          <div className="quiet">{say('from-solid-instead-of-the', { fromSolid: mix.fromSolid })}</div>
        )}
        <ol className="mix-steps">
          {STEPS.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </details>
      {mix.unreachable && <p className="mix-wear">✕ {mix.unreachable}</p>}
      <p className="mix-wear">{say('wear-protection', { protection: agent.protection.join(', ') })}</p>
      <p className="mix-wear">
        {say('good-for-h-once-mixed', {
          hours: life.hours,
          neverClosed: life.neverClosed ? 'yes' : 'no',
          isKept: agent.keepsToNextVisit ? 'yes' : 'no',
        })}
      </p>
      <div className="jug-label" aria-hidden="true">
        {letter !== null && <strong className="mix-letter">{letter}</strong>}
        <strong>{agent.name}</strong>
        <span className="figure">
          {decimal(mix.batches[0]?.card.strengthGramsPerLitre ?? 0, 1)} g/L {agent.basis}
        </span>
        <span>{say('for', { place })}</span>
        <span>{agent.hazards.slice(0, 2).join('; ')}</span>
        <span>{say('wear-protection', { protection: agent.protection.join(', ') })}</span>
        <span>{agent.firstAid}</span>
        <span>{say('mixed-at-by')}</span>
        <span>
          {say('discard-after-h', { neverClosed: life.neverClosed ? 'yes' : 'no', hours: life.hours })}
        </span>
      </div>
    </article>
  );
}
