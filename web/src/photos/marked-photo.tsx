import type { Photo } from '@etappe/core';
import { DrawnMarks } from './photo-marks.tsx';
import { photoUrl, usePendingPhotos } from './use-photos.ts';
import type { PhotoSize } from './use-photos.ts';
import { say } from '../messages/photos.ts';
import './photos.css';

/** A photo with its marks drawn over it, to be looked at or printed. */
export function MarkedPhoto({ photo, size }: { readonly photo: Photo; readonly size: PhotoSize }) {
  const pending = usePendingPhotos();
  const { widthPixels: width, heightPixels: height, caption } = photo;
  return (
    <figure className="marked-photo">
      <div className="photo-stage" style={{ aspectRatio: `${width} / ${height}` }}>
        <img
          src={photoUrl(photo, size, pending)}
          alt={caption === '' ? say('what-was-photographed') : caption}
        />
        <svg viewBox={`0 0 ${width} ${height}`} aria-hidden>
          <DrawnMarks marks={photo.marks} width={width} height={height} />
        </svg>
      </div>
    </figure>
  );
}
