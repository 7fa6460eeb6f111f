import { formatJetPressure } from '@etappe/core';
import type { PlannedSurface, UnitSystem } from '@etappe/core';
import { scaleLog } from 'd3-scale';

const WIDTH = 300;
const HEIGHT = 44;
const CAPTION = 116;
const CLASS_NAMES: Readonly<Record<string, string>> = {
  hypochlorite: 'chlorine',
  acid: 'acid',
  caustic: 'caustic',
  'mild-alkaline': 'mild alkali',
  peroxide: 'oxygen',
};
const VERDICT_WORDS = { yes: 'yes', no: 'no', 'only-with-reason': 'only with a reason' } as const;

/** Force on the face in kPa, logarithmic: the span that the surface allows and the marks of what the plan does. */
export function forceScale(width: number) {
  return scaleLog().domain([0.5, 500]).range([0, width]).clamp(true);
}

/** What the surface allows as a span, and what the plan does as marks in it. */
export function LimitsGauge({
  planned,
  units,
}: {
  readonly planned: PlannedSurface;
  readonly units: UnitSystem;
}) {
  const x = forceScale(WIDTH);
  const limit = planned.jetLimitKilopascal;
  const forces = [
    ...new Set(
      (planned.treatment?.stages ?? []).flatMap((s) =>
        s.maxSurfacePressureKilopascal === null ? [] : [s.maxSurfacePressureKilopascal],
      ),
    ),
  ];
  const label = `Force: allowed up to ${formatJetPressure(limit, units)}; the plan uses ${forces.map((f) => formatJetPressure(f, units)).join(' and ') || 'none'}`;
  return (
    <div className="gauge">
      <svg width={WIDTH + CAPTION + 24} height={HEIGHT} role="img" aria-label={label}>
        <text y={26} fontSize={13} fill="var(--quiet)">
          Force on the face
        </text>
        <g transform={`translate(${String(CAPTION)},0)`}>
          <rect y={18} width={WIDTH} height={8} fill="none" stroke="var(--line)" />
          <rect y={18} width={x(limit)} height={8} fill="var(--wet)" opacity={0.35} />
          <line x1={x(limit)} x2={x(limit)} y1={14} y2={30} stroke="var(--ink)" strokeWidth={2} />
          <text
            x={Math.min(WIDTH - 10, x(limit) + 5)}
            y={14}
            fontSize={12.5}
            fill="var(--ink)"
            className="figure"
          >
            {formatJetPressure(limit, units)}
          </text>
          {forces.map((force) => (
            <g key={force} transform={`translate(${String(x(force))},27)`}>
              <path d="M0 0l5 8h-10z" fill={force > limit ? 'var(--stop)' : 'var(--ink)'} />
              <text x={7} y={11} fontSize={12} fill="var(--quiet)" className="figure">
                {formatJetPressure(force, units)}
              </text>
            </g>
          ))}
        </g>
      </svg>
      <ul className="tolerances" aria-label="Agents that the surface allows">
        {planned.tolerances.map((t) => (
          <li key={t.agentClass} className={t.verdict} title={t.text ?? undefined}>
            {CLASS_NAMES[t.agentClass] ?? t.agentClass}: {VERDICT_WORDS[t.verdict]}
          </li>
        ))}
      </ul>
    </div>
  );
}
