import { damageSheet } from '@etappe/core';
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
          <h1>Existing damage, before work starts</h1>
          <p>{[survey.job.name, property.customer, property.address].filter((t) => t !== '').join(' · ')}</p>
        </div>
        <PrintButton />
      </header>
      {entries.length === 0 && (
        <p>
          No damage recorded. Look once more on the <Link to={`/jobs/${jobId}/walk`}>Walk</Link>: what is not
          on this sheet turns into an argument later.
        </p>
      )}
      <ol className="damage-entries">
        {entries.map(({ damage, surface, photos }) => (
          <li key={damage.id}>
            <h2>{damage.what}</h2>
            <p>
              {[surface, damage.where].filter((t) => t !== '').join(', ') || 'on the property'}
              {damage.foundOn === null ? '' : ` · found ${damage.foundOn}`}
            </p>
            {photos.length === 0 && <p className="damage-missing">✕ no photo yet</p>}
            <div className="damage-photos">
              {photos.map((photo) => (
                <div key={photo.id}>
                  <MarkedPhoto photo={photo} size="screen" />
                  <p className="quiet">
                    {photo.caption}
                    {photo.takenAt === null ? '' : ` · taken ${photo.takenAt.replace('T', ', ')}`}
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
      <section className="damage-signed" aria-label="Signatures">
        {signed.map((who) => (
          <Signed key={who.id} who={who} note="" />
        ))}
        {outdated.map((who) => (
          <Signed key={who.id} who={who} note="△ The sheet has changed since: show it again." />
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
        aria-label={`Signature of ${who.name}`}
      >
        <path d={who.signature} />
      </svg>
      <figcaption>
        <b>{who.name}</b>, {who.at.slice(0, 16).replace('T', ', ')} UTC · shown by {who.shownBy}
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
  const nameFault = asked && name.trim() === '' ? 'who signs?' : null;
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
      <h2>Seen before work started</h2>
      <p>I was shown the damage above before work began. It was not caused by the work.</p>
      <Field label="Name" id={id} fault={nameFault}>
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
          Sign in the field, with a finger, a pen or the mouse; or print the sheet and sign it on paper.
        </p>
      )}
      {fault !== null && (
        <p role="alert" className="damage-missing">
          {fault}
        </p>
      )}
      <Button type="primary" onClick={sign}>
        Signed
      </Button>
    </div>
  );
}
