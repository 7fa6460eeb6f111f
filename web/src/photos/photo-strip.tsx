import { CameraOutlined, PictureOutlined } from '@ant-design/icons';
import type { Photo } from '@etappe/core';
import { Alert, Button } from 'antd';
import { useId, useState } from 'react';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { IN_HAND, useMedia } from '../use-media.ts';
import { PhotoDialog } from './photo-dialog.tsx';
import { photoUrl, usePendingPhotos, useTakePhotos } from './use-photos.ts';
import type { PhotoKind } from './use-photos.ts';
import { say } from '../messages/photos.ts';
import './photos.css';

const TAKEN_KINDS = 'image/jpeg,image/png,image/webp';

interface PhotoStripProps {
  readonly kind: PhotoKind;
  /** What the photos show. */
  readonly of: string;
  /** In words, for who cannot see it. */
  readonly what: string;
  /** The surface that a photo can be measured for. */
  readonly surface?: string;
}

/** The photos of something, and how to add one. */
export function PhotoStrip({ kind, of, what, surface }: PhotoStripProps) {
  const { survey } = useSurveySession();
  const pending = usePendingPhotos();
  const { take, busy, faults, placed, keepPlaces } = useTakePhotos(kind, of);
  const [open, setOpen] = useState<string | null>(null);
  const inHand = useMedia(IN_HAND);
  const photos = (kind === 'photo' ? survey.photos : survey.damagePhotos).filter((p) => p.of === of);
  const shown = photos.find((p) => p.id === open);
  return (
    <div className="photo-strip" role="group" aria-label={say('photos-of', { what })}>
      {photos.map((photo, i) => {
        const waits = pending.get(photo.fileSha256);
        return (
          <button
            key={photo.id}
            type="button"
            className={`photo-thumb ${waits?.state ?? ''}`}
            aria-label={say('photo-of', {
              i: i + 1,
              what,
              captionWords: photo.caption === '' ? '' : `: ${photo.caption}`,
            })}
            onClick={() => {
              setOpen(photo.id);
            }}
          >
            <ThumbImage photo={photo} url={photoUrl(photo, 'thumb', pending)} />
            {waits && (
              <span className="photo-state">{waits.state === 'refused' ? say('not-sent') : 'waiting'}</span>
            )}
          </button>
        );
      })}
      {inHand && <AddPhotos label={say('take-a-photo')} of={what} camera take={take} />}
      <AddPhotos label={say('add-photos')} of={what} camera={false} take={take} />
      {busy > 0 && <span role="status">{say('reading', { busy })}</span>}
      {faults.map((fault) => (
        <Alert key={fault} type="error" showIcon title={fault} className="photo-fault" />
      ))}
      {placed > 0 && (
        <p className="photo-fault quiet">
          {say('where-placed-words', {
            placedWords: placed === 1 ? say('the-picture-says') : say('pictures-say', { placed }),
          })}{' '}
          {say('taken-that-was-left-out', { placed })}{' '}
          <Button size="small" onClick={keepPlaces}>
            {say('keep-the-place')}
          </Button>
        </p>
      )}
      {shown && (
        <PhotoDialog
          kind={kind}
          photo={shown}
          surface={surface ?? null}
          close={() => {
            setOpen(null);
          }}
        />
      )}
    </div>
  );
}

/** A picture that is on nobody's server yet says so instead of showing a broken frame. */
function ThumbImage({ photo, url }: { readonly photo: Photo; readonly url: string }) {
  const [missing, setMissing] = useState<string | null>(null);
  if (missing === url)
    return (
      <span className="photo-missing">
        {say('still-on-the-device-of', { takenBy: photo.takenBy || 'somebody' })}
      </span>
    );
  return (
    <img
      src={url}
      alt=""
      loading="lazy"
      onError={() => {
        setMissing(url);
      }}
    />
  );
}

interface AddPhotosProps {
  readonly label: string;
  readonly of: string;
  readonly camera: boolean;
  readonly take: (files: readonly File[]) => Promise<void>;
}

function AddPhotos({ label, of, camera, take }: AddPhotosProps) {
  const id = useId();
  return (
    <label htmlFor={id} className="photo-add">
      {camera ? <CameraOutlined aria-hidden /> : <PictureOutlined aria-hidden />}
      <span>
        {label}
        <span className="visually-hidden"> {say('of', { of })}</span>
      </span>
      <input
        id={id}
        type="file"
        className="visually-hidden"
        accept={TAKEN_KINDS}
        multiple={!camera}
        {...(camera ? { capture: 'environment' as const } : {})}
        onChange={(event) => {
          const files = [...(event.target.files ?? [])];
          // The same file may be chosen again after it was corrected.
          event.target.value = '';
          void take(files);
        }}
      />
    </label>
  );
}
