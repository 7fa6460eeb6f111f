import { DeleteOutlined } from '@ant-design/icons';
import type { Photo, PhotoMark, PhotoPoint } from '@etappe/core';
import { Button } from 'antd';
import { useState } from 'react';
import { TextField } from '../quantity-fields/text-field.tsx';
import { PhotoHandle, pointOf } from './photo-handle.tsx';
import { say } from '../messages/photos.ts';

const ARROW_HEAD = 0.03;
/** A stroke shorter than this share of the picture is a tap. */
const TAP = 0.03;

interface Frame {
  readonly width: number;
  readonly height: number;
}

/** The marks of a photo as they are drawn over it: rings and arrows with their number. */
export function DrawnMarks({ marks, width, height }: Frame & { readonly marks: readonly PhotoMark[] }) {
  const unit = Math.max(width, height);
  return marks.map(({ spot, from }, i) => {
    const [x, y] = [spot.x * width, spot.y * height];
    const number = from ?? { x: spot.x + 0.03, y: spot.y - 0.03 };
    const label = (
      <g transform={`translate(${number.x * width} ${number.y * height})`}>
        <circle r={unit / 55} className="photo-mark-number" />
        <text className="photo-mark-text" fontSize={unit / 42} dy="0.36em" textAnchor="middle">
          {i + 1}
        </text>
      </g>
    );
    const key = `${i} ${x} ${y}`;
    if (!from)
      return (
        <g key={key}>
          <circle cx={x} cy={y} r={unit / 32} className="photo-mark-halo" />
          <circle cx={x} cy={y} r={unit / 32} className="photo-mark" />
          {label}
        </g>
      );
    const path = arrow(from, spot, { width, height });
    return (
      <g key={key}>
        <path d={path} className="photo-mark-halo" />
        <path d={path} className="photo-mark" />
        {label}
      </g>
    );
  });
}

function arrow(from: PhotoPoint, to: PhotoPoint, { width, height }: Frame): string {
  const [x0, y0, x1, y1] = [from.x * width, from.y * height, to.x * width, to.y * height];
  const angle = Math.atan2(y1 - y0, x1 - x0);
  const head = ARROW_HEAD * Math.max(width, height);
  const wing = (turn: number) =>
    `${x1 - head * Math.cos(angle + turn)} ${y1 - head * Math.sin(angle + turn)}`;
  return `M${x0} ${y0}L${x1} ${y1}M${wing(0.5)}L${x1} ${y1}L${wing(-0.5)}`;
}

interface MarksProps {
  readonly photo: Photo;
  readonly change: (marks: readonly PhotoMark[]) => void;
}

interface MarkLayerProps extends MarksProps {
  /** Pixels of the picture on one of the screen. */
  readonly scale: number;
}

/** A tap rings a place, a stroke draws an arrow to where it ends; both can be moved. */
export function MarkLayer({ photo, change, scale }: MarkLayerProps) {
  const { marks, widthPixels: width, heightPixels: height } = photo;
  const [stroke, setStroke] = useState<{ readonly from: PhotoPoint; readonly to: PhotoPoint } | null>(null);
  const [moving, setMoving] = useState<{ readonly index: number; readonly to: PhotoPoint } | null>(null);
  const shown = marks.map((mark, i) => (moving?.index === i ? { ...mark, spot: moving.to } : mark));
  const long = stroke && Math.hypot(stroke.to.x - stroke.from.x, stroke.to.y - stroke.from.y) > TAP;
  return (
    <>
      <rect
        className="photo-pad"
        data-testid="photo-pad"
        width={width}
        height={height}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          const at = pointOf(event);
          setStroke({ from: at, to: at });
        }}
        onPointerMove={(event) => {
          if (stroke) setStroke({ from: stroke.from, to: pointOf(event) });
        }}
        onPointerUp={() => {
          if (stroke) change([...marks, { spot: stroke.to, from: long ? stroke.from : null, text: '' }]);
          setStroke(null);
        }}
        onPointerCancel={() => {
          setStroke(null);
        }}
      />
      <DrawnMarks marks={shown} width={width} height={height} />
      {stroke && long && <path d={arrow(stroke.from, stroke.to, { width, height })} className="photo-mark" />}
      {shown.map((mark, i) => (
        <PhotoHandle
          key={i}
          at={mark.spot}
          width={width}
          height={height}
          scale={scale}
          label={say('mark-i', { i: i + 1 })}
          move={(to) => {
            setMoving({ index: i, to });
          }}
          rest={(to) => {
            setMoving(null);
            if (to !== mark.spot || moving) change(marks.map((m, k) => (k === i ? { ...m, spot: to } : m)));
          }}
        />
      ))}
    </>
  );
}

/** The note of each mark, in the order of their numbers. */
export function MarkNotes({ photo: { marks }, change }: MarksProps) {
  return (
    <div className="photo-side-part">
      <p className="quiet">{say('tap-to-ring-a-place')}</p>
      {marks.map((mark, i) => (
        <div key={i} className="photo-note">
          <TextField
            label={say('note', { i: i + 1 })}
            value={mark.text}
            take={(text) => {
              change(marks.map((m, k) => (k === i ? { ...m, text: text.trim().slice(0, 120) } : m)));
              return null;
            }}
          />
          <Button
            type="text"
            icon={<DeleteOutlined />}
            aria-label={say('take-mark-off', { i: i + 1 })}
            onClick={() => {
              change(marks.filter((_, k) => k !== i));
            }}
          />
        </div>
      ))}
      <Button
        size="small"
        onClick={() => {
          change([...marks, { spot: { x: 0.5, y: 0.5 }, from: null, text: '' }]);
        }}
      >
        {say('ring-the-middle')}
      </Button>
    </div>
  );
}
