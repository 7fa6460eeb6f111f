import type { Paper, PaperBlock, PaperLine } from '@etappe/core';
import { useState } from 'react';
import { SitePlanDrawing } from '../drawing/site-plan.tsx';
import { photoUrl, usePendingPhotos } from '../photos/use-photos.ts';
import './paper-sheet.css';

/** A paper as it is read on a screen: block by block what its PDF says. */
export function PaperSheet({ paper }: { readonly paper: Paper }) {
  return (
    <article className="paper-sheet">
      <header>
        {paper.logo && (
          <img className="paper-logo" src={`/api/v1/photos/${paper.logo.sha256}/screen`} alt="" />
        )}
        {paper.company !== '' && <p className="paper-company">{paper.company}</p>}
        <h1>{paper.title}</h1>
        <p className="paper-about">{[paper.job, paper.about].filter((part) => part !== '').join(' · ')}</p>
      </header>
      {paper.parts.map((part, i) => (
        <section key={part.person ?? i}>
          {part.blocks.map((block, k) => (
            <Block key={`${block.is} ${k}`} block={block} />
          ))}
        </section>
      ))}
      {paper.imprint !== '' && <p className="company-imprint quiet">{paper.imprint}</p>}
    </article>
  );
}

function Block({ block }: { readonly block: PaperBlock }) {
  switch (block.is) {
    case 'heading':
      return <h2>{block.text}</h2>;
    case 'text':
      return (
        <p className={`paper-${block.tone ?? 'text'}`}>
          {block.tone === 'warning' && '△ '}
          {block.text}
        </p>
      );
    case 'list':
      return (
        <ul className={block.isShort ? 'paper-short' : ''}>
          {block.lines.map((line, i) => (
            <li key={i}>
              {block.isTicked && <span className="order-box" aria-hidden />} <Line line={line} />
            </li>
          ))}
        </ul>
      );
    case 'facts':
      return (
        <dl className="paper-facts">
          {block.facts.map(({ about, text }) => (
            <div key={about}>
              <dt>{about}</dt>
              <dd>{text}</dd>
            </div>
          ))}
        </dl>
      );
    case 'table':
      return <PaperTable block={block} />;
    case 'site-plan':
      return <SitePlanDrawing plan={block.plan} />;
    case 'pictures':
      return <Pictures pictures={block.pictures} />;
    case 'signatures':
      return (
        <dl className="paper-signatures">
          {block.who.map((who) => (
            <div key={who}>
              <dt>{who}</dt>
              <dd aria-hidden />
            </div>
          ))}
        </dl>
      );
    // Those of an order have a page of their own.
    case 'rounds':
    case 'labels':
      return null;
  }
}

/** Side by side; one that is still on another device is left out. */
function Pictures({ pictures }: Pick<Extract<PaperBlock, { is: 'pictures' }>, 'pictures'>) {
  const pending = usePendingPhotos();
  const [missing, setMissing] = useState<ReadonlySet<string>>(new Set());
  return (
    <div className="paper-pictures">
      {pictures
        .filter(({ sha256 }) => !missing.has(sha256))
        .map(({ sha256, caption, widthPixels, heightPixels }) => (
          <figure key={sha256}>
            <img
              src={photoUrl({ fileSha256: sha256 }, 'screen', pending)}
              alt={caption}
              width={widthPixels}
              height={heightPixels}
              onError={() => {
                setMissing(new Set([...missing, sha256]));
              }}
            />
            <figcaption>{caption}</figcaption>
          </figure>
        ))}
    </div>
  );
}

function Line({ line }: { readonly line: PaperLine }) {
  if (typeof line === 'string') return line;
  return (
    <>
      <strong>{line.strong}</strong> {line.text}
    </>
  );
}

function PaperTable({
  block: { head, shares, rows },
}: {
  readonly block: Extract<PaperBlock, { is: 'table' }>;
}) {
  const hasHead = head.some((text) => text !== '');
  return (
    // It scrolls on a phone: the keyboard must come to it.
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
    <div className="paper-table" tabIndex={0} role="group" aria-label={head.join(', ')}>
      <table>
        <colgroup>
          {shares.map((share, i) => (
            <col key={i} style={{ width: `${100 * share}%` }} />
          ))}
        </colgroup>
        {hasHead && (
          <thead>
            <tr>
              {head.map((text) => (
                <th key={text}>{text}</th>
              ))}
            </tr>
          </thead>
        )}
        <tbody>
          {rows.map((row, i) => (
            <tr key={i}>
              {row.map((text, k) => (
                <td key={k}>{text}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
