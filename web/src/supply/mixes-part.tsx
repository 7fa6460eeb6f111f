import {
  DEFAULT_GEAR,
  decimal,
  drawnFraction,
  formatVolume,
  isReadyToUse,
  mixLife,
  unitOf,
} from '@etappe/core';
import type { Plan, PlannedMix } from '@etappe/core';
import { PrinterOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { MixVessel } from '../drawing/mix-vessel.tsx';
import { FigureToWrite } from '../quantity-fields/figure-to-write.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useGear } from './use-gear.ts';

/** What is mixed for each stage, batch by batch, with labels for the jugs. */
export function MixesPart({ plan }: { readonly plan: Plan }) {
  const { faces, jobId } = useSurveySession();
  const [labels, setLabels] = useState(false);
  if (plan.mixes.length === 0)
    return (
      <p>
        Nothing is mixed on this visit. The treatments are on <Link to={`/jobs/${jobId}/treat`}>Treat</Link>.
      </p>
    );
  return (
    <section aria-label="Mixes" className={labels ? 'printing-labels' : ''}>
      <div className="supply-head">
        <h2>Mixes, in the order of the surfaces</h2>
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
          Print jug labels
        </Button>
      </div>
      <MixSettings />
      <div className="mix-cards">
        {plan.mixes.map((mix, i) => (
          <MixCardView
            key={mix.stage}
            mix={mix}
            number={i + 1}
            place={faces.find((f) => f.id === mix.surface)?.name ?? ''}
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
        label="Waste added"
        value={house.wasteShare}
        unit="%"
        scale={100}
        take={(wasteShare) => patchHouse({ wasteShare })}
      />
      <NumberField
        label="Sprayer holds"
        value={house.sprayerLitres}
        {...unitOf('volume', units)}
        take={(sprayerLitres) => patchHouse({ sprayerLitres })}
      />
      <NumberField
        label="Mixing drum"
        value={house.gear.drumLitres}
        {...unitOf('volume', units)}
        clear={() => patchGear({ drumLitres: null })}
        take={(drumLitres) => patchGear({ drumLitres })}
      />
      <NumberField
        label="Injector draws"
        value={house.gear.injectorShare}
        unit="%"
        scale={100}
        clear={() => patchGear({ injectorShare: DEFAULT_GEAR.injectorShare })}
        take={(injectorShare) => patchGear({ injectorShare })}
      />
      <FigureToWrite
        label="…by a test: drawn of 12 L delivered"
        unit="L"
        write={(litres) => {
          try {
            return patchGear({ injectorShare: Number(drawnFraction(litres, TEST_LITRES).toFixed(4)) });
          } catch (error) {
            return error instanceof RangeError ? error.message : 'that is not a draw';
          }
        }}
      />
    </div>
  );
}

/** A bucket of this size is filled from the tip. */
const TEST_LITRES = 12;
const VESSEL_WORDS = {
  sprayer: 'in the sprayer',
  drum: 'in the drum, sprayers filled from it',
  'injector-tank': 'in the injector tank',
} as const;
const STEPS = [
  'Protection on first. Water first, always: acid and caustic go into water, never water onto them.',
  'Then the rest in the order of the vessel; the surfactant last, stirred and not shaken.',
] as const;

interface CardProps {
  readonly mix: PlannedMix;
  readonly number: number;
  readonly place: string;
}

function MixCardView({ mix, number, place }: CardProps) {
  const { survey, catalogue } = useSurveySession();
  const { units } = survey.job;
  const agent = catalogue.agent(mix.agent);
  const product = catalogue.product(mix.agent);
  const life = mixLife(agent.class);
  const lotName = (id: string | null) => survey.handbook.lots.find((lot) => lot.id === id)?.lot ?? id;
  return (
    <article className="mix-card hairline">
      <header>
        <h3>
          Mix {number} · {agent.name}
        </h3>
        <span className="quiet">
          {product && `“${product.name}”, `}for {place}
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
                ? 'ready to use'
                : `${decimal(card.strengthGramsPerLitre, 1)} g/L ${agent.basis} after rounding (wanted ${decimal(card.targetGramsPerLitre, 1)})`}
            </div>
            {card.stock && card.stock.gramsPerLitre > 0 && !isReadyToUse(agent) && (
              <div className="quiet">
                from{' '}
                {card.stock.lot === null
                  ? 'new stock at label strength'
                  : `lot ${lotName(card.stock.lot) ?? ''}`}
                , {decimal(card.stock.gramsPerLitre, 1)} g/L
              </div>
            )}
          </div>
        </div>
      ))}
      <details className="fold">
        <summary>{formatVolume(mix.litres, units)} in all</summary>
        <div className="figure quiet">{mix.sum}</div>
        {mix.onWetFace && (
          <div className="figure quiet">On the pre-wet surface the first coat is {mix.onWetFace.sum}.</div>
        )}
        {mix.fromSolid && <div className="quiet">From solid instead of the liquid: {mix.fromSolid}</div>}
        <ol className="mix-steps">
          {STEPS.map((step) => (
            <li key={step}>{step}</li>
          ))}
        </ol>
      </details>
      {mix.unreachable && <p className="mix-wear">✕ {mix.unreachable}</p>}
      <p className="mix-wear">Wear: {agent.protection.join(', ')}</p>
      <p className="mix-wear">
        Good for {life.hours} h once mixed
        {life.neverClosed ? '. △ Gives off gas: never closed up' : ''}
        {agent.keepsToNextVisit ? '.' : ', and not kept to the next visit.'}
      </p>
      <div className="jug-label" aria-hidden="true">
        <strong>
          {agent.name} · Mix {number}
        </strong>
        <span className="figure">
          {decimal(mix.batches[0]?.card.strengthGramsPerLitre ?? 0, 1)} g/L {agent.basis}
        </span>
        <span>for {place}</span>
        <span>{agent.hazards.slice(0, 2).join('; ')}</span>
        <span>Wear: {agent.protection.join(', ')}</span>
        <span>{agent.firstAid}</span>
        <span>Mixed at: ________ by: ________</span>
        <span>
          {life.neverClosed ? 'NEVER CLOSE UP' : 'Close up'} · discard after {life.hours} h
        </span>
      </div>
    </article>
  );
}
