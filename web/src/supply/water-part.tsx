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
import { rich, say } from '../messages/supply.ts';

/** Water of the day, hoses, jets, what is out of reach and what runs off. */
export function WaterPart({ provisions }: { readonly provisions: Provisions }) {
  const { survey } = useSurveySession();
  const { units, house } = survey.job;
  const { water, hoses, jets, reach, runOff } = provisions;
  return (
    <div className="supply-columns">
      <div>
        <section aria-label={say('water-of-the-day')}>
          <h2>{say('water')}</h2>
          {water === null ? (
            <p>{say('water-comes-from-the-sequence')}</p>
          ) : (
            <>
              <TankLineView water={water} dayStart={house.dayStart} />
              <p>
                {water.dryAt === null ? (
                  <b>{say('it-lasts-through-the-day')}</b>
                ) : (
                  <b>
                    {say('dry-at-short', {
                      dryAt: water.dryAt,
                      shortLitres: formatVolume(Math.round(water.line.shortLitres), units),
                    })}
                  </b>
                )}{' '}
                {rich('are-drawn-at-once-at', {
                  usedLitres: (
                    <span className="figure">{formatVolume(Math.round(water.line.usedLitres), units)}</span>
                  ),
                  peakLitresPerMinute: (
                    <span className="figure">{formatFlow(water.peakLitresPerMinute, units)}</span>
                  ),
                  what: decimal(100 * house.gear.triggerShare, 0),
                })}
              </p>
              <ul>
                {water.sources.map((source) => (
                  <li key={source.point}>
                    {source.name}: {source.sum}
                  </li>
                ))}
                {water.sources.length === 0 && <li>{say('no-tap-recorded-add-it')}</li>}
              </ul>
              {water.waysOut.length > 0 && (
                <>
                  <h3>{say('ways-out')}</h3>
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
                  {say('from-taps')}{' '}
                  <span className="figure">
                    {water.cost.sum} = {money(water.cost.cost)}
                  </span>
                </p>
              )}
            </>
          )}
        </section>
        <section aria-label={say('hoses')}>
          <h2>{say('hoses')}</h2>
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
              {total.use === 'pressure' ? say('pressure-hose') : say('supply-and-rinse-hose')}:{' '}
              {rich('of-needed-metres', {
                neededMetres: (
                  <span className="figure">{formatLength(Math.ceil(total.neededMetres), units)}</span>
                ),
              })}{' '}
              {say('you-have', {
                ownedMetres: formatLength(total.ownedMetres, units),
                neededMetresIs: total.neededMetres > total.ownedMetres ? 'yes' : 'no',
              })}
            </p>
          ))}
        </section>
        {runOff && <RunOffSection runOff={runOff} />}
        {reach.length > 0 && (
          <section aria-label={say('reach')}>
            <h2>{say('out-of-reach')}</h2>
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
        <section aria-label={say('jets')}>
          <h2>{say('jets')}</h2>
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
            {say('of-kilopascal', {
              kilopascal: formatJetPressure(jet.kilopascal, units),
              limitKilopascal: formatJetPressure(jet.limitKilopascal, units),
            })}
          </span>
        </summary>
        <div className="quiet">
          <div>
            {say('at-the-tip', {
              psi: formatPumpPressure(jet.jet.psi * BAR_PER_PSI, units),
              matchWords: jet.match === null ? say('as-the-tool-is-judged') : `. ${jet.match.text}`,
            })}
          </div>
          {jet.leastMetres !== null && (
            <div>{say('no-closer-than', { leastMetres: formatStandOff(jet.leastMetres, units) })}</div>
          )}
          {tips.slice(0, 3).map((tip) => (
            <div key={tip.fanDegrees}>{tip.text}</div>
          ))}
          {jet.doseKilojoules && (
            <div>
              {say('to-kj-on-a-square', {
                doseKilojoules: decimal(jet.doseKilojoules[0], 0),
                doseKilojoules2: decimal(jet.doseKilojoules[1], 0),
              })}
            </div>
          )}
          {jet.advice && <div>{jet.advice}</div>}
          <div>{say('an-estimate-a-test-patch')}</div>
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
    <section aria-label={say('run-off')}>
      <h2>{say('what-is-caught')}</h2>
      <p>
        {rich('from-into-a-catch-of', {
          faces: runOff.faces.join(', '),
          caughtLitres: <b className="figure">{litres(ledger.caughtLitres)}</b>,
          catchLitres: litres(runOff.catchLitres),
        })}
      </p>
      <details className="fold">
        <summary>{say('the-ledger')}</summary>
        <div className="figure quiet">{runOff.sum}.</div>
        <div className="figure quiet">
          {say('caught-used-again-taken-away', {
            caughtLitres: litres(ledger.caughtLitres),
            reusedLitres: litres(ledger.reusedLitres),
          })}{' '}
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
