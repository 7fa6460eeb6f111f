import { GREATEST_PHOTO_ERROR, decimal, flatFace, formatLength, measuredSize } from '@etappe/core';
import type { Photo, PhotoFace, PhotoPoint, UnitSystem } from '@etappe/core';
import { Button } from 'antd';
import { ChipField } from '../quantity-fields/chip-field.tsx';
import { LengthField } from '../quantity-fields/length-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { PhotoHandle } from './photo-handle.tsx';
import { say } from '../messages/photos.ts';

/** A line on the face: its two ends. */
type Line = readonly [PhotoPoint, PhotoPoint];
/** What is measured: along, and down. */
export type MeasuredLines = readonly [Line, Line];

export const FIRST_LINES: MeasuredLines = [
  [
    { x: 0.15, y: 0.85 },
    { x: 0.85, y: 0.85 },
  ],
  [
    { x: 0.12, y: 0.2 },
    { x: 0.12, y: 0.8 },
  ],
];
/** No photo is better than this, in percent. */
const MARKED_AT_BEST = 1;
/** A door's height, to begin with. */
const FIRST_FACE: PhotoFace = {
  corners: [
    { x: 0.4, y: 0.3 },
    { x: 0.6, y: 0.3 },
    { x: 0.6, y: 0.7 },
    { x: 0.4, y: 0.7 },
  ],
  known: 'height',
  metres: 2,
  otherMetres: null,
  what: 'door',
};
const CORNERS = [
  say('upper-left-corner'),
  say('upper-right-corner'),
  say('lower-right-corner'),
  say('lower-left-corner'),
];
const LINES = [say('width'), say('height')];
const KNOWN = [
  { value: 'height', label: say('its-height') },
  { value: 'width', label: say('its-width') },
];

export function faceOf(photo: Photo): PhotoFace {
  return photo.face ?? FIRST_FACE;
}

/** The face by its marked rectangle, in the pixels of the photo. */
function readFace(photo: Photo, { corners, ...of }: PhotoFace) {
  const inPixels = corners.map((c) => ({ x: c.x * photo.widthPixels, y: c.y * photo.heightPixels }));
  return flatFace({ corners: inPixels, ...of }, photo);
}

interface Lengths {
  /** Along and down, metres. */
  readonly metres: readonly [number, number];
  /** How far the worse of them may be off, as a share of it. */
  readonly error: number;
}

function lengthsOf(photo: Photo, face: PhotoFace, lines: MeasuredLines): Lengths | null {
  const reading = readFace(photo, face);
  if (!reading.ok) return null;
  const { widthPixels: w, heightPixels: h } = photo;
  const [along, down] = lines.map(([a, b]) => {
    const ends = [
      { x: a.x * w, y: a.y * h },
      { x: b.x * w, y: b.y * h },
    ] as const;
    return { metres: reading.face.metresBetween(...ends), error: reading.face.errorBetween(...ends) };
  });
  if (!along || !down || !Number.isFinite(along.metres + down.metres)) return null;
  return { metres: [along.metres, down.metres], error: Math.max(along.error, down.error) };
}

interface MeasureProps {
  readonly photo: Photo;
  readonly face: PhotoFace;
  readonly lines: MeasuredLines;
  readonly units: UnitSystem;
}

interface MeasureLayerProps extends MeasureProps {
  /** Pixels of the picture on one of the screen. */
  readonly scale: number;
  readonly moveFace: (face: PhotoFace) => void;
  readonly keepFace: (face: PhotoFace) => void;
  readonly moveLines: (lines: MeasuredLines) => void;
}

/** The rectangle that is known, and the two lines that are measured by it. */
export function MeasureLayer({
  photo,
  face,
  lines,
  units,
  moveFace,
  keepFace,
  moveLines,
  scale,
}: MeasureLayerProps) {
  const { widthPixels: width, heightPixels: height } = photo;
  const unit = Math.max(width, height);
  const place = ({ x, y }: PhotoPoint) => `${x * width},${y * height}`;
  const withCorner = (index: number, to: PhotoPoint): PhotoFace => ({
    ...face,
    corners: face.corners.map((c, i) => (i === index ? to : c)),
  });
  const lengths = lengthsOf(photo, face, lines);
  return (
    <>
      <polygon className="photo-face" points={face.corners.map(place).join(' ')} />
      {lines.map(([a, b], i) => (
        <g key={LINES[i]}>
          <polyline className="photo-mark-halo" points={`${place(a)} ${place(b)}`} />
          <polyline className="photo-line" points={`${place(a)} ${place(b)}`} />
          <text
            className="photo-length"
            x={((a.x + b.x) / 2) * width}
            y={((a.y + b.y) / 2) * height - unit / 60}
            fontSize={unit / 34}
            textAnchor="middle"
          >
            {lengths ? formatLength(lengths.metres[i] ?? 0, units) : ''}
          </text>
        </g>
      ))}
      {lines.map((line, i) =>
        line.map((end, k) => (
          <PhotoHandle
            key={`${i} ${k}`}
            at={end}
            width={width}
            height={height}
            scale={scale}
            label={say('end', { lines: LINES[i] ?? '', kIs: k === 0 ? 'yes' : 'no' })}
            move={(to) => {
              const moved = line.map((p, n) => (n === k ? to : p)) as unknown as Line;
              moveLines(i === 0 ? [moved, lines[1]] : [lines[0], moved]);
            }}
          />
        )),
      )}
      {face.corners.map((corner, i) => (
        <PhotoHandle
          key={CORNERS[i]}
          at={corner}
          width={width}
          height={height}
          scale={scale}
          label={CORNERS[i] ?? ''}
          move={(to) => {
            moveFace(withCorner(i, to));
          }}
          rest={(to) => {
            keepFace(withCorner(i, to));
          }}
        />
      ))}
    </>
  );
}

interface MeasureFieldsProps extends MeasureProps {
  readonly keepFace: (face: PhotoFace) => void;
  /** Takes the size over, with where it comes from; null: there is no surface to take it. */
  readonly takeSize: ((size: string, source: string) => string | null) | null;
}

/** What is known of the rectangle, and what comes of it. */
export function MeasureFields({ photo, face, lines, units, keepFace, takeSize }: MeasureFieldsProps) {
  const reading = readFace(photo, face);
  const lengths = lengthsOf(photo, face, lines);
  const what = face.what === '' ? say('a-rectangle') : say('the-what', { what: face.what });
  const known = { what, length: formatLength(face.metres, units) };
  const by = face.known === 'height' ? say('so-high', known) : say('so-wide', known);
  return (
    <div className="photo-side-part">
      <p className="quiet">{say('drag-the-four-corners-onto')}</p>
      <TextField
        label={say('what-it-is')}
        value={face.what}
        take={(text) => {
          keepFace({ ...face, what: text.trim().slice(0, 120) });
          return null;
        }}
      />
      <ChipField
        label={say('known-is')}
        value={face.known}
        options={KNOWN}
        take={(known) => {
          keepFace({ ...face, known: known as PhotoFace['known'] });
        }}
      />
      <LengthField
        label={face.known === 'height' ? say('its-height-head') : say('its-width-head')}
        metres={face.metres}
        units={units}
        take={(metres) => {
          if (!(metres > 0)) return say('a-length-above-nothing-is');
          keepFace({ ...face, metres });
          return null;
        }}
      />
      <LengthField
        label={say('the-other-side-if-it')}
        metres={face.otherMetres}
        units={units}
        clear={() => {
          keepFace({ ...face, otherMetres: null });
          return null;
        }}
        take={(metres) => {
          if (!(metres > 0)) return say('a-length-above-nothing-is-needed-empty');
          keepFace({ ...face, otherMetres: metres });
          return null;
        }}
      />
      {reading.ok ? (
        <p className="figure" aria-live="polite">
          {say('is', {
            what: what.charAt(0).toUpperCase() + what.slice(1),
            widthMetres: formatLength(reading.face.widthMetres, units),
          })}{' '}
          {formatLength(reading.face.heightMetres, units)}
          {reading.face.otherSide === 'measured'
            ? ''
            : reading.face.otherSide === 'seen-straight-on'
              ? say('seen-straight-on')
              : say('by-the-perspective')}
        </p>
      ) : (
        <p role="alert" className="photo-refusal">
          {reading.message}
        </p>
      )}
      {lengths && (
        <>
          <p className="figure photo-size">
            {say('size-give-or-take', {
              size: measuredSize(...lengths.metres, units),
              percent: decimal(Math.max(MARKED_AT_BEST, 100 * lengths.error), 1),
            })}
          </p>
          {lengths.error > GREATEST_PHOTO_ERROR && (
            <p role="status" className="photo-refusal">
              {face.otherMetres !== null
                ? say('mark-it-larger')
                : photo.lensMillimetres
                  ? say('measure-the-other-side')
                  : say('measure-the-other-side-lens')}
            </p>
          )}
          {takeSize && (
            <Button
              type="primary"
              onClick={() => {
                takeSize(measuredSize(...lengths.metres, units), say('from-a-photo-by', { by }));
              }}
            >
              {say('use-it-as-the-size')}
            </Button>
          )}
          <p className="quiet">{say('an-estimate-what-is-in')}</p>
        </>
      )}
    </div>
  );
}
