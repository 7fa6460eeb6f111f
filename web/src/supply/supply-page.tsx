import { sum } from 'd3-array';
import { decimal, formatVolume, isReadyToUse } from '@etappe/core';
import type { PlannedMix } from '@etappe/core';
import { Link } from 'react-router';
import { MixVessel } from '../drawing/mix-vessel.tsx';
import { usePlan } from '../planning/use-plan.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import './supply-page.css';

/** What is mixed for each stage and what is brought for the whole visit. */
export function SupplyPage() {
  const { faces, jobId } = useSurveySession();
  const { plan } = usePlan();
  const { job, patch } = useJob();
  if (!plan) return <div className="station-skeleton" role="status" aria-label="Deriving the plan" />;
  if (plan.mixes.length === 0) {
    return (
      <div className="station-empty hairline">
        <h2>Nothing to mix yet</h2>
        <p>
          Mixes follow from the treatments. Begin on the <Link to={`/jobs/${jobId}/walk`}>Walk</Link>.
        </p>
      </div>
    );
  }
  const house = (more: Partial<typeof job.house>) => patch({ house: { ...job.house, ...more } });
  const priced = plan.products.filter((p) => p.price !== null);
  return (
    <div className="supply">
      <section className="supply-products" aria-label="Products to bring">
        <h2>To bring</h2>
        <table className="figure-table">
          <thead>
            <tr>
              <th>Product</th>
              <th>Needed</th>
              <th>Containers</th>
              <th>Left over</th>
              {priced.length > 0 && <th>Cost</th>}
            </tr>
          </thead>
          <tbody>
            {plan.products.map((p) => (
              <tr key={p.product}>
                <td>
                  {p.called ?? p.name}{' '}
                  {p.called !== null && <span className="quiet">{p.name.toLowerCase()}</span>}
                </td>
                <td className="figure">
                  {decimal(p.amount, 2)} {p.unit}
                </td>
                <td className="figure">
                  {p.containers
                    .map((c) => `${String(c.count)} × ${decimal(c.size, 1)} ${p.unit}`)
                    .join(' + ')}
                </td>
                <td className="figure">
                  {decimal(p.leftOver, 2)} {p.unit}
                </td>
                {priced.length > 0 && (
                  <td className="figure">{p.price === null ? '–' : p.price.toFixed(2)}</td>
                )}
              </tr>
            ))}
          </tbody>
        </table>
        {priced.length > 0 && (
          <p className="quiet">
            Whole packs of the {priced.length} priced products:{' '}
            <b className="figure">{sum(priced, (p) => p.price).toFixed(2)}</b>, by the prices in the{' '}
            <Link to="/handbook/products">handbook</Link>.
          </p>
        )}
        <div className="supply-settings">
          <NumberField
            label="Waste added"
            value={job.house.wasteShare}
            unit="%"
            scale={100}
            take={(wasteShare) => house({ wasteShare })}
          />
          <NumberField
            label="Sprayer holds"
            value={job.house.sprayerLitres}
            unit="L"
            take={(sprayerLitres) => house({ sprayerLitres })}
          />
        </div>
      </section>
      <section aria-label="Mixes">
        <h2>Mixes, in the order of the surfaces</h2>
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
    </div>
  );
}

function MixCardView({
  mix,
  number,
  place,
}: {
  readonly mix: PlannedMix;
  readonly number: number;
  readonly place: string;
}) {
  const { survey, catalogue } = useSurveySession();
  const { units } = survey.job;
  const agent = catalogue.agent(mix.agent);
  const product = catalogue.product(mix.agent);
  return (
    <article className="mix-card hairline">
      <header>
        <h3>
          Mix {number} · {agent.name}
        </h3>
        <span className="quiet">
          {product && `“${product.name}”, `}for {place}
        </span>
      </header>
      {mix.batches.map(({ count, card }) => (
        <div key={card.litres} className="mix-batch">
          <MixVessel card={card} units={units} />
          <div>
            <strong className="figure">
              {count} × {formatVolume(card.litres, units)}
            </strong>
            <div className="quiet">
              {isReadyToUse(agent)
                ? 'used as sold'
                : `${decimal(card.strengthGramsPerLitre, 1)} g/L ${agent.basis} after rounding (wanted ${decimal(card.targetGramsPerLitre, 1)})`}
            </div>
          </div>
        </div>
      ))}
      <details className="fold">
        <summary>{formatVolume(mix.litres, units)} in all</summary>
        <div className="figure quiet">{mix.sum}</div>
      </details>
      <p className="mix-wear">Wear: {agent.protection.join(', ')}</p>
      {!agent.keepsToNextVisit && <p className="mix-wear">△ Fresh only: not kept to the next visit.</p>}
    </article>
  );
}
