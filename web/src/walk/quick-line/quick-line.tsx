import { LONGEST_QUICK_LINE, listed, readQuickLine, withQuickEdit } from '@etappe/core';
import type { QuickEdit, QuickPart, QuickReading, QuickSurface } from '@etappe/core';
import { Button, Input } from 'antd';
import type { TextAreaRef } from 'antd/es/input/TextArea';
import { useDeferredValue, useId, useImperativeHandle, useMemo, useRef, useState } from 'react';
import type { Ref } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { v7 as uuidv7 } from 'uuid';
import { useSurveySession } from '../../survey-edits/survey-session.tsx';
import { useKeptText } from './use-kept-text.ts';
import { say } from '../../messages/walk.ts';
import './quick-line.css';

export interface QuickLineHandle {
  readonly focus: () => void;
}

interface QuickLineProps {
  /** The surface that a line is about where it names none. */
  readonly selected: string | null;
  readonly ref?: Ref<QuickLineHandle>;
}

/** One line of typed or dictated text that adds or changes surfaces; shown as it was understood before it is taken. */
export function QuickLine({ selected, ref }: QuickLineProps) {
  const { survey, jobId, edit } = useSurveySession();
  const [line, setLine] = useKeptText(`quick-line ${jobId}`);
  const [said, setSaid] = useState<string | null>(null);
  const field = useRef<TextAreaRef>(null);
  const id = useId();
  // However long the line is, typing goes on; what is taken is read anew.
  const shown = useDeferredValue(line);
  const reading = useMemo(
    () => (shown.trim() === '' ? null : readQuickLine(shown, survey, { selected, makeId: uuidv7 })),
    [shown, survey, selected],
  );
  useImperativeHandle(ref, () => ({
    focus: () => {
      field.current?.focus();
    },
  }));
  useHotkeys('q', (event) => {
    event.preventDefault();
    field.current?.focus();
  });
  const write = (change: QuickEdit) => {
    setLine(withQuickEdit(line, change));
    field.current?.focus();
  };
  const take = () => {
    const taken = readQuickLine(line, survey, { selected, makeId: uuidv7 });
    if (!taken.drafts) return;
    const faults = edit(taken.drafts);
    if (faults.length > 0) {
      setSaid(faults.map((fault) => fault.message).join('; '));
      return;
    }
    setSaid(`${takenWords(taken)}.`);
    setLine('');
    field.current?.focus();
  };
  return (
    <section className="quick-line" aria-label={say('quick-line')}>
      <div className="quick-row">
        <div className="quick-field">
          <Underlines line={shown} reading={reading} />
          <label htmlFor={id} className="visually-hidden">
            {say('quick-line')}
          </label>
          <Input.TextArea
            id={id}
            ref={field}
            value={line}
            autoSize={{ minRows: 1, maxRows: 6 }}
            maxLength={LONGEST_QUICK_LINE}
            placeholder={say('north-wall-painted-render-12x6')}
            autoComplete="off"
            onChange={(event) => {
              setLine(event.target.value);
              setSaid(null);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Escape') event.currentTarget.blur();
              if (event.key !== 'Enter' || event.shiftKey || event.nativeEvent.isComposing) return;
              event.preventDefault();
              take();
            }}
          />
        </div>
        {line.trim() !== '' && (
          <Button type="primary" disabled={!reading?.drafts} onClick={take}>
            {reading?.drafts ? takenWords(reading, 'now') : say('not-ready')}
          </Button>
        )}
      </div>
      {reading && (
        <div className="quick-reading" aria-live="polite">
          {reading.surfaces.map((surface, i) => (
            <SurfaceChips key={String(i)} surface={surface} write={write} />
          ))}
        </div>
      )}
      {said !== null && (
        <p className="quick-said" role="status">
          {said}
        </p>
      )}
    </section>
  );
}

/** @example takenWords(reading, 'now') // "Add 2 surfaces, change 1" */
function takenWords({ surfaces }: QuickReading, when: 'now' | 'then' = 'then'): string {
  const names = (adds: boolean) => surfaces.filter((s) => s.adds === adds).flatMap((s) => s.names);
  const [added, changed] = [names(true), names(false)].map((list) =>
    list.length > 1 ? say('so-many-surfaces', { count: list.length }) : (list[0] ?? ''),
  );
  const phrase = (what: string | undefined, now: (what: string) => string, then: (what: string) => string) =>
    what ? [when === 'now' ? now(what) : then(what)] : [];
  const words = [
    ...phrase(
      added,
      (what) => say('line-add', { what }),
      (what) => say('line-added', { what }),
    ),
    ...phrase(
      changed,
      (what) => say('line-change', { what }),
      (what) => say('line-changed', { what }),
    ),
  ].join(', ');
  return words.charAt(0).toUpperCase() + words.slice(1);
}

interface SurfaceChipsProps {
  readonly surface: QuickSurface;
  readonly write: (change: QuickEdit) => void;
}

function SurfaceChips({ surface, write }: SurfaceChipsProps) {
  const { parts, names, adds } = surface;
  return (
    <div className="quick-surface">
      {names.length > 0 && (
        <strong>{say('adds-or-changes', { adds: adds ? 'yes' : 'no', names: listed(names) })}</strong>
      )}
      <ul className="quick-chips">
        {parts
          .filter((part) => part.fault === null)
          .map((part) => (
            <li key={`${part.at} ${part.label}`} className="quick-chip">
              {part.label}
            </li>
          ))}
      </ul>
      {parts
        .filter((part) => part.fault !== null)
        .map((part) => (
          <OpenPart key={`${part.at} ${part.fault ?? ''}`} part={part} write={write} />
        ))}
    </div>
  );
}

function OpenPart({
  part,
  write,
}: {
  readonly part: QuickPart;
  readonly write: (change: QuickEdit) => void;
}) {
  return (
    <div className="quick-open">
      <span>
        {part.label !== '' && <b>{part.label}: </b>}
        {part.fault}
      </span>
      {part.options.length > 0 && (
        <span className="quick-options">
          {part.options.map((option) => (
            <Button
              key={option.label}
              size="small"
              onClick={() => {
                write(option);
              }}
            >
              {option.label}
            </Button>
          ))}
        </span>
      )}
    </div>
  );
}

/** The line once more behind the field, to underline what is not understood. */
function Underlines({ line, reading }: { readonly line: string; readonly reading: QuickReading | null }) {
  const open = (reading?.surfaces ?? [])
    .flatMap((s) => s.parts)
    .filter((part) => part.fault !== null && part.length > 0)
    .sort((a, b) => a.at - b.at);
  const pieces: { readonly text: string; readonly open: boolean; readonly at: number }[] = [];
  let at = 0;
  for (const part of open) {
    if (part.at < at) continue;
    pieces.push({ text: line.slice(at, part.at), open: false, at });
    pieces.push({ text: line.slice(part.at, part.at + part.length), open: true, at: part.at });
    at = part.at + part.length;
  }
  pieces.push({ text: line.slice(at), open: false, at });
  return (
    <div className="quick-underlines" aria-hidden>
      {pieces.map((piece) => (
        <span key={`${piece.at} ${piece.open}`} className={piece.open ? 'open' : ''}>
          {piece.text}
        </span>
      ))}
    </div>
  );
}
