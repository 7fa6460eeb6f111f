import { companyProfile, damageSheet } from '@etappe/core';
import { CompanyImprint } from '../records/company-imprint.tsx';
import type { DamageAcknowledgement } from '@etappe/core';
import { Button, Input } from 'antd';
import { useId, useState } from 'react';
import { Link } from 'react-router';
import { v7 as uuidv7 } from 'uuid';
import { PrintButton } from '../print-button.tsx';
import { personOnDevice } from '../person-on-device.ts';
import { MarkedPhoto } from '../photos/marked-photo.tsx';
import { Field } from '../quantity-fields/field.tsx';
import { creation } from '../survey-edits/use-entity.ts';
import { today } from '../today.ts';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { SignatureField } from './signature-field.tsx';
import { SIGNATURE_HEIGHT, SIGNATURE_WIDTH } from './signature-path.ts';
import { rich, say } from '../messages/damage.ts';
import './damage-page.css';

/** The damage that was there before the work, as the customer is shown it, and signs for it. */
export function DamagePage() {
  const { survey, jobId } = useSurveySession();
  const { entries, signed, outdated } = damageSheet(survey);
  const { property } = survey;
  return (
    <article className="damage-sheet">
      <header className="damage-head">
        <div>
          <h1>{say('existing-damage-before-work-starts')}</h1>
          <p>{[survey.job.name, property.customer, property.address].filter((t) => t !== '').join(' · ')}</p>
          <CompanyImprint company={companyProfile(survey.handbook)} />
        </div>
        <PrintButton />
      </header>
      {entries.length === 0 && (
        <p>
          {rich('no-damage-recorded-look-once', {
            link: <Link to={`/jobs/${jobId}/walk`}>{say('walk')}</Link>,
          })}
        </p>
      )}
      <ol className="damage-entries">
        {entries.map(({ damage, surface, photos }) => (
          <li key={damage.id}>
            <h2>{damage.what}</h2>
            <p>
              {[surface, damage.where].filter((t) => t !== '').join(', ') || say('on-the-property')}
              {damage.foundOn === null ? '' : say('found', { foundOn: damage.foundOn })}
            </p>
            {photos.length === 0 && <p className="damage-missing">{say('no-photo-yet')}</p>}
            <div className="damage-photos">
              {photos.map((photo) => (
                <div key={photo.id}>
                  <MarkedPhoto photo={photo} size="screen" />
                  <p className="quiet">
                    {photo.caption}
                    {photo.takenAt === null
                      ? ''
                      : say('taken', { takenAt: photo.takenAt.replace('T', ', ') })}
                  </p>
                  <ol>
                    {photo.marks.map((mark, i) => (
                      <li key={i}>{mark.text}</li>
                    ))}
                  </ol>
                </div>
              ))}
            </div>
          </li>
        ))}
      </ol>
      <section className="damage-signed" aria-label={say('signatures')}>
        {signed.map((who) => (
          <Signed key={who.id} who={who} note="" />
        ))}
        {outdated.map((who) => (
          <Signed key={who.id} who={who} note={say('the-sheet-has-changed-since')} />
        ))}
        {entries.length > 0 && signed.length === 0 && <SignHere />}
      </section>
    </article>
  );
}

function Signed({ who, note }: { readonly who: DamageAcknowledgement; readonly note: string }) {
  return (
    <figure className="signed">
      <svg
        viewBox={`0 0 ${SIGNATURE_WIDTH} ${SIGNATURE_HEIGHT}`}
        role="img"
        aria-label={say('signature-of', { name: who.name })}
      >
        <path d={who.signature} />
      </svg>
      <figcaption>
        {rich('utc-shown-by', {
          name: <b>{who.name}</b>,
          at: who.at.slice(0, 16).replace('T', ', '),
          shownBy: who.shownBy,
        })}
        {note !== '' && <span className="damage-missing"> {note}</span>}
      </figcaption>
    </figure>
  );
}

/** Name and signature; signing writes on every damage of the sheet that it was shown. */
function SignHere() {
  const { survey, edit } = useSurveySession();
  const { entries, sha256 } = damageSheet(survey);
  const [name, setName] = useState('');
  const [signature, setSignature] = useState('');
  const [asked, setAsked] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const id = useId();
  const nameFault = asked && name.trim() === '' ? say('who-signs') : null;
  const sign = () => {
    setAsked(true);
    if (name.trim() === '' || signature === '') return;
    const at = new Date().toISOString();
    const shown = { shownOn: today(), shownTo: name.trim() };
    const faults = edit([
      creation('acknowledgement', uuidv7(), {
        name: name.trim(),
        at,
        shownBy: personOnDevice(),
        damages: entries.map(({ damage }) => damage.id),
        sheetSha256: sha256,
        signature,
        position: survey.acknowledgements.length,
      }),
      ...entries.map(
        ({ damage }) => ({ kind: 'damage', entity: damage.id, op: 'patch', fields: shown }) as const,
      ),
    ]);
    setFault(faults[0]?.message ?? null);
  };
  return (
    <div className="sign-here">
      <h2>{say('seen-before-work-started')}</h2>
      <p>{say('i-was-shown-the-damage')}</p>
      <Field label={say('name')} id={id} fault={nameFault}>
        <Input
          id={id}
          value={name}
          maxLength={120}
          autoComplete="off"
          status={nameFault === null ? '' : 'error'}
          onChange={(event) => {
            setName(event.target.value);
          }}
        />
      </Field>
      <SignatureField take={setSignature} />
      {asked && signature === '' && (
        <p role="alert" className="damage-missing">
          {say('sign-in-the-field-with')}
        </p>
      )}
      {fault !== null && (
        <p role="alert" className="damage-missing">
          {fault}
        </p>
      )}
      <Button type="primary" onClick={sign}>
        {say('signed')}
      </Button>
    </div>
  );
}
