import { formatJetPressure, jetsOn, listed } from '@etappe/core';
import type { JobDetail, PlannedSurface, Tolerance, UnitSystem } from '@etappe/core';
import { scaleLog } from 'd3-scale';
import './limits-gauge.css';
import { say } from '../messages/drawing.ts';

const WIDTH = 300;
const HEIGHT = 44;
const CAPTION = 116;
const CLASS_NAMES: Readonly<Record<string, string>> = {
  hypochlorite: 'chlorine',
  acid: 'acid',
  caustic: 'caustic',
  'mild-alkaline': say('mild-alkali'),
  peroxide: 'oxygen',
};
const VERDICT_WORDS = { yes: 'yes', no: 'no', 'only-with-reason': say('only-with-a-reason') } as const;

/** Force on the surface in kPa, logarithmic: the span that the surface allows and the marks of what the plan does. */
export function forceScale(width: number) {
  return scaleLog().domain([0.5, 500]).range([0, width]).clamp(true);
}

interface GaugeProps {
  readonly limit: number;
  readonly forces: readonly number[];
  readonly units: UnitSystem;
  /** Of the scale without its caption, px. */
  readonly width?: number;
}

/** What the surface allows as a span, and what the plan does as marks in it. */
export function LimitsGauge({ planned, job }: { readonly planned: PlannedSurface; readonly job: JobDetail }) {
  const { units } = job;
  // By the pump that comes along, where its plate is written down.
  const jets = jetsOn([planned], { job });
  const forces = [...new Set(jets.map((jet) => Number(jet.kilopascal.toFixed(1))))];
  return (
    <div className="gauge">
      <ForceGauge limit={planned.jetLimitKilopascal} forces={forces} units={units} />
      <ToleranceList tolerances={planned.tolerances} />
    </div>
  );
}

/** Force on the surface: the span that is allowed, and marks of what is used. */
export function ForceGauge({ limit, forces, units, width = WIDTH }: GaugeProps) {
  const x = forceScale(width);
  const label = say('force-allowed-up-to-used', {
    limit: formatJetPressure(limit, units),
    forces: listed(forces.map((f) => formatJetPressure(f, units))) || 'none',
  });
  return (
    <svg
      className="force-gauge"
      viewBox={`0 0 ${width + CAPTION + 24} ${HEIGHT}`}
      width={width + CAPTION + 24}
      role="img"
      aria-label={label}
    >
      <text y={26} fontSize={13} fill="var(--quiet)">
        {say('jet-force')}
      </text>
      <g transform={`translate(${CAPTION},0)`}>
        <rect y={18} width={width} height={8} fill="none" stroke="var(--line)" />
        <rect y={18} width={x(limit)} height={8} fill="var(--wet)" opacity={0.35} />
        <line x1={x(limit)} x2={x(limit)} y1={14} y2={30} stroke="var(--ink)" strokeWidth={2} />
        <text
          x={Math.min(width - 10, x(limit) + 5)}
          y={14}
          fontSize={12.5}
          fill="var(--ink)"
          className="figure"
        >
          {formatJetPressure(limit, units)}
        </text>
        {forces.map((force) => (
          <g key={force} transform={`translate(${x(force)},27)`}>
            <path d="M0 0l5 8h-10z" fill={force > limit ? 'var(--stop)' : 'var(--ink)'} />
            <text x={7} y={11} fontSize={12} fill="var(--quiet)" className="figure">
              {formatJetPressure(force, units)}
            </text>
          </g>
        ))}
      </g>
    </svg>
  );
}

/** Which agents the surface allows. */
export function ToleranceList({ tolerances }: { readonly tolerances: readonly Tolerance[] }) {
  return (
    <ul className="tolerances" aria-label={say('agents-that-the-surface-allows')}>
      {tolerances.map((t) => (
        <li key={t.agentClass} className={t.verdict} title={t.text ?? undefined}>
          {CLASS_NAMES[t.agentClass] ?? t.agentClass}: {VERDICT_WORDS[t.verdict]}
        </li>
      ))}
    </ul>
  );
}
