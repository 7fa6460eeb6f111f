import { companyProfile, contaminantById, faced, formatArea, walkSummary, idInWords } from '@etappe/core';
import { CompanyImprint } from '../../records/company-imprint.tsx';
import type { Face, Photo, UnitSystem } from '@etappe/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { PrintButton } from '../../print-button.tsx';
import { SEVERITY_LEGEND, SeverityBars } from '../../drawing/severity-bars.tsx';
import { usePlan } from '../../planning/use-plan.tsx';
import { sidesWithSurfaces } from '../../job-frame/property-strip.tsx';
import { MarkedPhoto } from '../../photos/marked-photo.tsx';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { say } from '../../messages/walk.ts';
import './report-page.css';

/** What the walk came to: areas by side, material and dirt, what is missing, and each surface with room for its photo. */
export function ReportPage() {
  const { survey, catalogue, faces, jobId } = useSurveySession();
  const { plan } = usePlan();
  const { units } = survey.job;
  const summary = useMemo(() => walkSummary(faced(survey)), [survey]);
  const names = (list: readonly Face[], about: (face: Face) => string = () => '') =>
    list.map((face) => (
      <li key={face.id}>
        <Link to={`/jobs/${jobId}/walk/${face.zoneOf ?? face.id}`}>{face.name}</Link>
        {about(face)}
      </li>
    ));
  return (
    <article className="report">
      <header className="report-head">
        <div>
          <h1>{survey.job.name}</h1>
          <p>
            {[survey.property.customer, survey.property.address].filter((text) => text !== '').join(' · ')}
          </p>
          <CompanyImprint company={companyProfile(survey.handbook)} />
        </div>
        <div className="report-acts">
          {survey.damages.length > 0 && <Link to={`/jobs/${jobId}/damage`}>{say('sheet-of-damage')}</Link>}
          <PrintButton />
        </div>
      </header>
      <p className="report-total figure">
        {say('on-square-metres', {
          squareMetres: formatArea(summary.squareMetres, units),
          faces: summary.faces,
        })}
      </p>

      {summary.bySide.length > 0 && (
        <section>
          <h2>{say('by-side-and-how-bad')}</h2>
          <SeverityBars sides={summary.bySide} units={units} />
          <p className="quiet">{say('each-surface-counts-with-the')}</p>
        </section>
      )}
      {(plan?.questions.length ?? 0) > 0 && (
        <section>
          <h2>{say('still-to-answer')}</h2>
          <ol>
            {plan?.questions.map((q) => (
              <li key={q.key}>
                {q.blocking && <b>{say('blocks')} </b>}
                {q.text}
              </li>
            ))}
          </ol>
        </section>
      )}
      <div className="report-columns">
        <section>
          <h2>{say('by-material')}</h2>
          <AreaTable
            rows={summary.byMaterial.map((m) => ({ ...m, name: catalogue.material(m.id).name, about: '' }))}
            units={units}
          />
        </section>
        <section>
          <h2>{say('by-what-is-on-it')}</h2>
          <AreaTable
            rows={summary.byContaminant.map((c) => ({
              ...c,
              name: contaminantById(c.id).name,
              about: say('worst', { severity: SEVERITY_LEGEND[c.worst] }),
            }))}
            units={units}
          />
        </section>
      </div>
      <div className="report-columns">
        {summary.notMeasured.length > 0 && (
          <section>
            <h2>{say('not-measured-in-line')}</h2>
            <ul>{names(summary.notMeasured)}</ul>
          </section>
        )}
        {summary.leftOut.length > 0 && (
          <section>
            <h2>{say('left-out')}</h2>
            <ul>
              {names(summary.leftOut, (face) => (face.scopeReason === '' ? '' : `: ${face.scopeReason}`))}
            </ul>
          </section>
        )}
        {summary.withoutFinding.length > 0 && (
          <section>
            <h2>{say('without-a-finding')}</h2>
            <ul>{names(summary.withoutFinding, (face) => (face.nothingFound ? say('looked-at') : ''))}</ul>
          </section>
        )}
      </div>

      <section>
        <h2>{say('surfaces')}</h2>
        {sidesWithSurfaces(survey, faces).map((side) => (
          <div key={side.id ?? 'none'} className="report-side">
            <h3>{side.name}</h3>
            {side.surfaces.map((face) => (
              <FaceEntry key={face.id} face={face} />
            ))}
          </div>
        ))}
      </section>
    </article>
  );
}

interface AreaRow {
  readonly id: string;
  readonly name: string;
  readonly about: string;
  readonly squareMetres: number;
  readonly faces: number;
}

function AreaTable({ rows, units }: { readonly rows: readonly AreaRow[]; readonly units: UnitSystem }) {
  if (rows.length === 0) return <p className="quiet">{say('nothing-yet')}</p>;
  return (
    <table className="report-table">
      <thead>
        <tr>
          <th>{say('what')}</th>
          <th>{say('area')}</th>
          <th>{say('faces')}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row.id}>
            <td>
              {row.name} {row.about !== '' && <span className="quiet">{row.about}</span>}
            </td>
            <td className="figure">{formatArea(row.squareMetres, units)}</td>
            <td className="figure">{row.faces}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The first photo of a face with its marks, or an empty frame where it goes. */
function ReportPhoto({ photo }: { readonly photo: Photo | null }) {
  if (!photo) return <div className="report-photo">{say('photo')}</div>;
  return (
    <div>
      <MarkedPhoto photo={photo} size="screen" />
    </div>
  );
}

/** One face with its findings and its photo. */
function FaceEntry({ face }: { readonly face: Face }) {
  const { survey, catalogue } = useSurveySession();
  const { units } = survey.job;
  const findings = survey.findings.filter((f) => (f.zone ?? f.surface) === face.id);
  const damages = survey.damages.filter((d) => d.surface === face.id);
  const photo = survey.photos.find((p) => p.of === face.id) ?? null;
  return (
    <section className="report-face">
      <ReportPhoto photo={photo} />
      <div>
        <h4>{face.name}</h4>
        <p>
          {catalogue.material(face.material).name}, {idInWords(face.finish)}
          {face.takeOff.ok ? (
            <>
              {' '}
              · <span className="figure">{formatArea(face.takeOff.squareMetres, units)}</span>{' '}
              <span className="quiet">{face.size}</span>
            </>
          ) : (
            say('not-measured-2')
          )}
        </p>
        {!face.inScope && (
          <p>
            {say('left-out-scope-reason-words', {
              scopeReasonWords: face.scopeReason === '' ? '' : `: ${face.scopeReason}`,
            })}
          </p>
        )}
        <ul>
          {findings.map((f) => {
            const { name, cues } = contaminantById(f.contaminant);
            return (
              <li key={f.id}>
                {say('on', { name, severity: f.severity, share: Math.round(f.share * 100) })}{' '}
                <span className="quiet">{cues[f.severity - 1]}</span>
              </li>
            );
          })}
          {face.sizeSource !== '' && (
            <li className="quiet">{say('size-size-source', { sizeSource: face.sizeSource })}</li>
          )}
          {damages.map((d) => (
            <li key={d.id}>{say('existing-damage-what', { what: d.what })}</li>
          ))}
        </ul>
        {face.note !== '' && <p className="quiet">{face.note}</p>}
      </div>
    </section>
  );
}
