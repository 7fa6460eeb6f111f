import { deletionOf } from '@etappe/core';
import type { Photo, PhotoFace } from '@etappe/core';
import { Alert, Button, Modal, Segmented } from 'antd';
import { useRef, useState } from 'react';
import type { ReactNode } from 'react';
import { useWidth } from '../drawing/use-width.ts';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useEntity } from '../survey-edits/use-entity.ts';
import { pendingPhotos } from './pending-photos.ts';
import { DrawnMarks, MarkLayer, MarkNotes } from './photo-marks.tsx';
import { FIRST_LINES, MeasureFields, MeasureLayer, faceOf } from './photo-measure.tsx';
import { photoUrl, usePendingPhotos } from './use-photos.ts';
import type { PhotoKind } from './use-photos.ts';
import { say } from '../messages/photos.ts';

const MODES = [
  { value: 'look', label: say('look') },
  { value: 'mark', label: say('mark') },
  { value: 'measure', label: say('measure') },
];
const SHORT_HASH = 12;

interface Props {
  readonly kind: PhotoKind;
  readonly photo: Photo;
  /** The surface that a measured size is for; null: there is none. */
  readonly surface: string | null;
  readonly close: () => void;
}

/** One photo, large: its facts, its marks, and what can be measured on it. */
export function PhotoDialog({ kind, photo, surface, close }: Props) {
  const { state, survey, edit } = useSurveySession();
  const { patch } = useEntity(kind, photo.id);
  const { patch: patchSurface } = useEntity('surface', surface ?? '');
  const pending = usePendingPhotos();
  const [mode, setMode] = useState('look');
  // While a corner is dragged the face is not written down at every step.
  const [draft, setDraft] = useState<PhotoFace | null>(null);
  const [lines, setLines] = useState(FIRST_LINES);
  const face = draft ?? faceOf(photo);
  const keepFace = (next: PhotoFace) => {
    setDraft(null);
    patch({ face: next });
  };
  const changeMarks = (marks: Photo['marks']) => {
    patch({ marks });
  };
  const { widthPixels: width, heightPixels: height } = photo;
  const { units } = survey.job;
  const waits = pending.get(photo.fileSha256);
  return (
    <Modal
      open
      title={photo.caption === '' ? say('photo') : photo.caption}
      width="min(1180px, 96vw)"
      footer={null}
      onCancel={close}
      className="photo-dialog"
      style={{ top: 20 }}
    >
      <div className="photo-dialog-columns">
        <PhotoStage photo={photo} url={photoUrl(photo, 'screen', pending)}>
          {(scale) => (
            <>
              {mode === 'look' && <DrawnMarks marks={photo.marks} width={width} height={height} />}
              {mode === 'mark' && <MarkLayer photo={photo} change={changeMarks} scale={scale} />}
              {mode === 'measure' && (
                <MeasureLayer
                  photo={photo}
                  face={face}
                  lines={lines}
                  units={units}
                  moveFace={setDraft}
                  keepFace={keepFace}
                  moveLines={setLines}
                  scale={scale}
                />
              )}
            </>
          )}
        </PhotoStage>
        <div className="photo-side">
          <Segmented
            block
            options={MODES}
            value={mode}
            onChange={setMode}
            aria-label={say('what-to-do-with-the')}
          />
          {waits?.state === 'refused' && (
            <Alert
              type="error"
              showIcon
              title={say('the-server-did-not-take', { refusal: waits.refusal ?? '' })}
              action={
                <Button
                  size="small"
                  onClick={() => {
                    pendingPhotos.flush(true);
                  }}
                >
                  {say('try-again')}
                </Button>
              }
            />
          )}
          {mode === 'look' && (
            <div className="photo-side-part">
              <TextField
                label={say('caption')}
                value={photo.caption}
                take={(caption) => patch({ caption: caption.trim() })}
              />
              <ol className="photo-notes">
                {photo.marks.map((mark, i) => (
                  <li key={i}>
                    {mark.text === '' ? <span className="quiet">{say('no-note')}</span> : mark.text}
                  </li>
                ))}
              </ol>
              <PhotoFacts photo={photo} waiting={waits?.state === 'waiting'} />
              <Button
                danger
                onClick={() => {
                  close();
                  edit(deletionOf(state, photo.id));
                  // What still waits is sent all the same: undo brings the photo back.
                  if (waits?.state === 'refused') void pendingPhotos.drop(photo.fileSha256);
                }}
              >
                {say('delete-this-photo')}
              </Button>
            </div>
          )}
          {mode === 'mark' && <MarkNotes photo={photo} change={changeMarks} />}
          {mode === 'measure' && (
            <MeasureFields
              photo={photo}
              face={face}
              lines={lines}
              units={units}
              keepFace={keepFace}
              takeSize={
                surface === null
                  ? null
                  : (size, sizeSource) => {
                      const fault = patchSurface({ size, sizeSource });
                      if (fault === null) close();
                      return fault;
                    }
              }
            />
          )}
        </div>
      </div>
    </Modal>
  );
}

interface PhotoStageProps {
  readonly photo: Photo;
  readonly url: string;
  /** What is drawn over it; told how many pixels of the picture lie on one of the screen. */
  readonly children: (scale: number) => ReactNode;
}

function PhotoStage({ photo, url, children }: PhotoStageProps) {
  const { widthPixels: width, heightPixels: height, caption } = photo;
  const stage = useRef<HTMLDivElement>(null);
  const shownWidth = useWidth(stage);
  return (
    <div
      ref={stage}
      className="photo-stage"
      style={{
        aspectRatio: `${width} / ${height}`,
        maxWidth: `calc(72vh * ${width / height})`,
      }}
    >
      <img src={url} alt={caption === '' ? say('what-was-photographed') : caption} draggable={false} />
      <svg
        viewBox={`0 0 ${width} ${height}`}
        preserveAspectRatio="none"
        role="group"
        aria-label={say('marks-on-the-photo')}
      >
        {children(width / Math.max(1, shownWidth))}
      </svg>
    </div>
  );
}

function PhotoFacts({ photo, waiting }: { readonly photo: Photo; readonly waiting: boolean }) {
  const facts: readonly (readonly [string, string])[] = [
    [say('taken'), photo.takenAt?.replace('T', ', ') ?? say('the-picture-does-not-say')],
    [say('by'), photo.takenBy],
    [say('size'), say('pixels', { widthPixels: photo.widthPixels, heightPixels: photo.heightPixels })],
    [say('evidence'), say('sha-256', { originalSha256: photo.originalSha256.slice(0, SHORT_HASH) })],
    ...(photo.place === null
      ? []
      : [[say('place'), `${photo.place.latitude}, ${photo.place.longitude}`] as const]),
    ...(waiting ? [[say('where'), say('on-this-device-sent-as')] as const] : []),
  ];
  return (
    <dl className="photo-facts">
      {facts.map(([name, value]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{value}</dd>
        </div>
      ))}
    </dl>
  );
}
