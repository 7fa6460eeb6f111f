import { formatMass, formatVolume } from '@etappe/core';
import type { MixCard, MixPart, UnitSystem } from '@etappe/core';
import { scaleLinear } from 'd3-scale';
import { say } from '../messages/drawing.ts';

const WIDTH = 56;
const HEIGHT = 104;
const LABEL_STEP = 26;
const FILLS: Readonly<Record<MixPart['role'], string>> = {
  water: 'color-mix(in srgb, var(--wet) 22%, transparent)',
  stock: 'var(--dwell)',
  powder: 'var(--dwell)',
  ready: 'var(--dwell)',
  surfactant: 'var(--growth)',
};

export interface VesselLayer {
  readonly part: MixPart;
  readonly y: number;
  readonly height: number;
}

/** Layers in the order of adding, from below; a powder takes no room but a line that is seen. */
export function vesselLayers(card: MixCard, height: number): readonly VesselLayer[] {
  const y = scaleLinear().domain([0, card.litres]).range([height, 0]);
  let filled = 0;
  return card.parts.map((part) => {
    const from = y(filled);
    filled += part.litres ?? 0;
    const layer = Math.max(3, from - y(filled));
    return { part, y: Math.max(0, from - layer), height: layer };
  });
}

/** A measured vessel: what goes in first lies lowest. */
export function MixVessel({ card, units }: { readonly card: MixCard; readonly units: UnitSystem }) {
  const layers = vesselLayers(card, HEIGHT);
  return (
    <svg
      width={WIDTH + 138}
      height={HEIGHT + 10}
      role="img"
      aria-label={say('in-this-order', {
        parts: card.parts.map((p) => `${p.what} ${amount(p, units)}`).join(', '),
      })}
    >
      <g transform="translate(2,6)">
        {layers.map(({ part, y, height }) => (
          <rect key={part.what} x={3} y={y} width={WIDTH - 6} height={height} fill={FILLS[part.role]} />
        ))}
        <path d={`M0 -4V${HEIGHT}H${WIDTH}V-4`} fill="none" stroke="var(--ink)" strokeWidth={2} />
        {[0.25, 0.5, 0.75].map((share) => (
          <path key={share} d={`M${WIDTH - 9} ${HEIGHT * share}h9`} stroke="var(--ink)" />
        ))}
        {layers.map(({ part }, i) => (
          <text
            key={part.what}
            x={WIDTH + 8}
            y={HEIGHT - 18 - i * LABEL_STEP}
            fontSize={12.5}
            fill="var(--ink)"
          >
            {i + 1}. {amount(part, units)}
            <tspan x={WIDTH + 8} dy={12} fontSize={11.5} fill="var(--quiet)">
              {shortName(part.what)}
            </tspan>
          </text>
        ))}
      </g>
    </svg>
  );
}

function amount(part: MixPart, units: UnitSystem): string {
  return part.litres !== null ? formatVolume(part.litres, units) : formatMass(part.grams ?? 0, units);
}

function shortName(name: string): string {
  return name.length > 22 ? `${name.slice(0, 21)}…` : name;
}
