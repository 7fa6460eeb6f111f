import { contaminantById, materialById } from '@etappe/core';
import type { ContaminantFamily, Finding, MaterialFamily, Surface } from '@etappe/core';
import { useId } from 'react';
import type { ReactNode } from 'react';

/** Our own textures: one quiet line pattern per family of material. */
const MATERIAL_PATTERNS: Readonly<
  Record<MaterialFamily, { readonly size: number; readonly tint: string; readonly lines: ReactNode }>
> = {
  render: {
    size: 12,
    tint: 'color-mix(in srgb, var(--line) 35%, var(--raised))',
    lines: (
      <>
        <circle cx="3" cy="4" r="0.8" />
        <circle cx="9" cy="9" r="0.8" />
        <circle cx="8" cy="2.5" r="0.5" />
      </>
    ),
  },
  concrete: {
    size: 16,
    tint: 'color-mix(in srgb, var(--quiet) 16%, var(--raised))',
    lines: (
      <>
        <path d="M2 5l2-3 2 3z" />
        <circle cx="11" cy="11" r="1" />
        <path d="M9 4l1 1" />
      </>
    ),
  },
  timber: {
    size: 14,
    tint: 'color-mix(in srgb, var(--dwell) 18%, var(--raised))',
    lines: <path d="M0 3.5h14M0 10.5h14M5 3.5v7" fill="none" />,
  },
  stone: {
    size: 18,
    tint: 'color-mix(in srgb, var(--ink) 9%, var(--raised))',
    lines: <path d="M0 6h18M0 14h18M6 0v6M13 6v8M4 14v4" fill="none" />,
  },
  metal: {
    size: 8,
    tint: 'color-mix(in srgb, var(--wet) 12%, var(--raised))',
    lines: <path d="M2 0v8M6 0v8" fill="none" />,
  },
};

/** What lies on it, printed over the material; the mark of a family, as dense as it is severe. */
const CONTAMINANT_MARKS: Readonly<
  Record<ContaminantFamily, { readonly colour: string; readonly mark: ReactNode }>
> = {
  growth: { colour: 'var(--growth)', mark: <path d="M0 3q3-6 6 0t-3 4q-5 0-3-4z" /> },
  hydrocarbon: { colour: 'var(--ink)', mark: <path d="M3 0q4 5 0 7q-4-2 0-7z" /> },
  'metal-stain': {
    colour: 'var(--stop)',
    mark: <path d="M0 1h6M1 3.5h4M2 6h2" fill="none" strokeWidth="1.6" />,
  },
};
const SPACING: Readonly<Record<number, number>> = { 1: 26, 2: 17, 3: 11.5, 4: 8 };

interface TextureProps {
  readonly surface: Surface;
  readonly findings: readonly Finding[];
  readonly width: number | string;
  readonly height: number | string;
}

/** The face of a surface: the texture of its material, and of each finding in its own band from below. */
export function SurfaceTexture({ surface, findings, width, height }: TextureProps) {
  const id = useId();
  const { family } = materialById(surface.material);
  const pattern = MATERIAL_PATTERNS[family];
  return (
    <svg width={width} height={height} aria-hidden style={{ display: 'block', background: pattern.tint }}>
      <defs>
        <pattern id={`${id}m`} width={pattern.size} height={pattern.size} patternUnits="userSpaceOnUse">
          <g fill="var(--quiet)" stroke="var(--quiet)" strokeWidth="0.7" opacity="0.55">
            {pattern.lines}
          </g>
        </pattern>
        {findings.map((finding, i) => {
          const mark = CONTAMINANT_MARKS[contaminantById(finding.contaminant).family];
          const spacing = SPACING[finding.severity] ?? 17;
          return (
            <pattern
              key={finding.id}
              id={`${id}f${String(i)}`}
              width={spacing}
              height={spacing}
              patternUnits="userSpaceOnUse"
              patternTransform={`rotate(${String(17 * i + 8)})`}
            >
              <g fill={mark.colour} stroke={mark.colour} strokeWidth="0.6" opacity="0.85">
                {mark.mark}
              </g>
            </pattern>
          );
        })}
      </defs>
      <rect width="100%" height="100%" fill={`url(#${id}m)`} />
      {findings.map((finding, i) => (
        <rect
          key={finding.id}
          width="100%"
          y={`${String(100 - 100 * finding.share)}%`}
          height={`${String(100 * finding.share)}%`}
          fill={`url(#${id}f${String(i)})`}
        />
      ))}
    </svg>
  );
}
