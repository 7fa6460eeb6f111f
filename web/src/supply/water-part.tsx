import {
  BAR_PER_PSI,
  decimal,
  formatFlow,
  formatJetPressure,
  formatLength,
  formatPumpPressure,
  formatStandOff,
  formatVolume,
  tipsWithin,
  money,
} from '@etappe/core';
import type { JetOnFace, Provisions, RunOffPlan } from '@etappe/core';
import { TankLineView } from '../drawing/tank-line.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { GearFields } from './gear-fields.tsx';

/** Water of the day, hoses, jets, what is out of reach and what runs off. */
export function WaterPart({ provisions }: { readonly provisions: Provisions }) {
  const { survey } = useSurveySession();
  const { units, house } = survey.job;
  const { water, hoses, jets, reach, runOff } = provisions;
  return (
    <div className="supply-columns">
      <div>
        <section aria-label="Water of the day">
          <h2>Water</h2>
          {water === null ? (
            <p>Water comes from the sequence, and there is none yet.</p>
          ) : (
            <>
              <TankLineView water={water} dayStart={house.dayStart} />
              <p>
                {water.dryAt === null ? (
                  <b>It lasts through the day.</b>
                ) : (
                  <b>
                    △ Dry at {water.dryAt}: {formatVolume(Math.round(water.line.shortLitres), units)} short.
                  </b>
                )}{' '}
                <span className="figure">{formatVolume(Math.round(water.line.usedLitres), units)}</span> are
                drawn, <span className="figure">{formatFlow(water.peakLitresPerMinute, units)}</span> at once
                at most, the trigger held for {decimal(100 * house.gear.triggerShare, 0)} % of the time.
              </p>
              <ul>
                {water.sources.map((source) => (
                  <li key={source.point}>
                    {source.name}: {source.sum}
                  </li>
                ))}
                {water.sources.length === 0 && <li>No tap recorded: add it on the Walk.</li>}
              </ul>
              {water.waysOut.length > 0 && (
                <>
                  <h3>Ways out</h3>
                  <ul>
                    {water.waysOut.map((way) => (
                      <li key={way.what + way.text}>
                        {way.text}
                        {way.cost !== null && <span className="figure quiet"> {money(way.cost)}</span>}
                      </li>
                    ))}
                  </ul>
                </>
              )}
              {water.cost && (
                <p className="quiet">
                  From taps:{' '}
                  <span className="figure">
                    {water.cost.sum} = {money(water.cost.cost)}
                  </span>
                </p>
              )}
            </>
          )}
        </section>
        <section aria-label="Hoses">
          <h2>Hoses</h2>
          <ul>
            {hoses.runs.map((run) => (
              <li key={run.what}>
                {run.ok ? '' : '△ '}
                {run.what}: {run.text}
              </li>
            ))}
          </ul>
          {hoses.totals.map((total) => (
            <p key={total.use} className="quiet">
              {total.use === 'pressure' ? 'Pressure hose' : 'Supply and rinse hose'}:{' '}
              <span className="figure">{formatLength(Math.ceil(total.neededMetres), units)}</span> of{' '}
              {formatLength(total.ownedMetres, units)} you have
              {total.neededMetres > total.ownedMetres ? '. △ Not enough.' : '.'}
            </p>
          ))}
        </section>
        {runOff && <RunOffSection runOff={runOff} />}
        {reach.length > 0 && (
          <section aria-label="Reach">
            <h2>Out of reach</h2>
            <ul>
              {reach.map((line) => (
                <li key={line.surface}>
                  {line.ok ? '' : '△ '}
                  {line.name}: {line.text}
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
      <div>
        <GearFields />
        <section aria-label="Jets">
          <h2>Jets</h2>
          <ul className="plain">
            {jets.map((jet) => (
              <JetLine key={`${jet.surface} ${jet.tool}`} jet={jet} />
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

function JetLine({ jet }: { readonly jet: JetOnFace }) {
  const { survey, catalogue, faces } = useSurveySession();
  const { units } = survey.job;
  const name = faces.find((f) => f.id === jet.surface)?.name ?? jet.surface;
  const over = jet.kilopascal > jet.limitKilopascal;
  const tips = jet.orifice === null ? [] : tipsWithin(jet.orifice, jet.jet.psi, jet.limitKilopascal);
  return (
    <li>
      <details>
        <summary>
          {over ? '△ ' : ''}
          {name}, {catalogue.tool(jet.tool).name}:{' '}
          <span className="figure">
            {formatJetPressure(jet.kilopascal, units)} of {formatJetPressure(jet.limitKilopascal, units)}
          </span>
        </summary>
        <div className="quiet">
          <div>
            {formatPumpPressure(jet.jet.psi * BAR_PER_PSI, units)} at the tip
            {jet.match === null
              ? ', as the tool is judged: flow and pressure of the pump are not recorded'
              : `. ${jet.match.text}`}
          </div>
          {jet.leastMetres !== null && <div>No closer than {formatStandOff(jet.leastMetres, units)}.</div>}
          {tips.slice(0, 3).map((tip) => (
            <div key={tip.fanDegrees}>{tip.text}</div>
          ))}
          {jet.doseKilojoules && (
            <div>
              {decimal(jet.doseKilojoules[0], 0)} to {decimal(jet.doseKilojoules[1], 0)} kJ on a square metre,
              led quickly or slowly
            </div>
          )}
          {jet.advice && <div>{jet.advice}</div>}
          <div>An estimate: a test patch confirms it.</div>
        </div>
      </details>
    </li>
  );
}

function RunOffSection({ runOff }: { readonly runOff: RunOffPlan }) {
  const { survey } = useSurveySession();
  const litres = (figure: number) => formatVolume(Math.round(figure), survey.job.units);
  const { ledger } = runOff;
  return (
    <section aria-label="Run-off">
      <h2>What is caught</h2>
      <p>
        From {runOff.faces.join(', ')}: <b className="figure">{litres(ledger.caughtLitres)}</b> into a catch
        of {litres(runOff.catchLitres)}.
      </p>
      <details className="fold">
        <summary>The ledger</summary>
        <div className="figure quiet">{runOff.sum}.</div>
        <div className="figure quiet">
          Caught {litres(ledger.caughtLitres)} · used again {litres(ledger.reusedLitres)} · taken away{' '}
          {litres(ledger.takenAwayLitres)}
        </div>
      </details>
      <ul>
        {[...runOff.notes, ...runOff.neutralisers].map((note) => (
          <li key={note}>{note}</li>
        ))}
      </ul>
    </section>
  );
}
