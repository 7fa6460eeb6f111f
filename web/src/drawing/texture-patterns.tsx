import { CONTAMINANT_FAMILIES, MATERIAL_FAMILIES } from '@etappe/core';
import type { ContaminantFamily, MaterialFamily, Severity } from '@etappe/core';
import { memo } from 'react';
import type { ReactNode } from 'react';

interface MaterialPattern {
  /** Side of the repeated square, px. */
  readonly size: number;
  readonly tint: string;
  readonly lines: ReactNode;
}

/** Our own textures: one quiet line pattern per family of material. */
export const MATERIAL_PATTERNS: Readonly<Record<MaterialFamily, MaterialPattern>> = {
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
  masonry: {
    size: 16,
    tint: 'color-mix(in srgb, var(--stop) 12%, var(--raised))',
    lines: <path d="M0 4h16M0 12h16M4 4v8M12 0v4M12 12v4" fill="none" />,
  },
  stone: {
    size: 18,
    tint: 'color-mix(in srgb, var(--ink) 9%, var(--raised))',
    lines: <path d="M0 6h7l2 1h9M0 14h5l2-1h11M6 0v6M13 7v6M4 14v4" fill="none" />,
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
    lines: <path d="M0 3.5h14M0 10.5h14M3 7q4-2 8 0" fill="none" />,
  },
  metal: {
    size: 8,
    tint: 'color-mix(in srgb, var(--wet) 12%, var(--raised))',
    lines: <path d="M2 0v8M6 0v8" fill="none" />,
  },
  roofing: {
    size: 16,
    tint: 'color-mix(in srgb, var(--stop) 7%, var(--raised))',
    lines: <path d="M0 4q4 6 8 0q4 6 8 0M-4 12q4 6 8 0q4 6 8 0q4 6 8 0" fill="none" />,
  },
  glass: {
    size: 22,
    tint: 'color-mix(in srgb, var(--wet) 5%, var(--raised))',
    lines: <path d="M3 12l7-7M6 14l4-4M15 20l5-5" fill="none" />,
  },
  plastic: {
    size: 14,
    tint: 'color-mix(in srgb, var(--growth) 8%, var(--raised))',
    lines: <path d="M0 2h14M0 4h14M0 9h14" fill="none" />,
  },
};

interface ContaminantMark {
  readonly colour: string;
  /** Turned by this many degrees, so that two families on one face stay apart. */
  readonly turn: number;
  readonly mark: ReactNode;
}

/** What lies on it, printed over the material: the mark of a family. */
export const CONTAMINANT_MARKS: Readonly<Record<ContaminantFamily, ContaminantMark>> = {
  growth: { colour: 'var(--growth)', turn: 8, mark: <path d="M0 3q3-6 6 0t-3 4q-5 0-3-4z" /> },
  hydrocarbon: { colour: 'var(--ink)', turn: 25, mark: <path d="M3 0q4 5 0 7q-4-2 0-7z" /> },
  'metal-stain': {
    colour: 'var(--stop)',
    turn: 14,
    mark: <path d="M0 1h6M1 3.5h4M2 6h2" fill="none" strokeWidth="1.6" />,
  },
  mineral: {
    colour: 'var(--wet)',
    turn: 4,
    mark: <path d="M3 0v6M0.4 1.5l5.2 3M5.6 1.5l-5.2 3" fill="none" strokeWidth="1.1" />,
  },
  soil: {
    colour: 'var(--quiet)',
    turn: 31,
    mark: <path d="M0 0h2.4v2.4h-2.4zM3.6 3.6h2.4v2.4h-2.4z" />,
  },
  coating: {
    colour: 'var(--dwell)',
    turn: -12,
    mark: <path d="M0 5l2-4 1.6 4 1.6-4 1.4 4" fill="none" strokeWidth="1.5" />,
  },
  wear: {
    colour: 'var(--quiet)',
    turn: -28,
    mark: <path d="M0 3h2M4 3h2M3 0v1.6M3 4.4v1.6" fill="none" strokeWidth="1.3" />,
  },
};

/** Distance between two marks, px, by severity: denser is worse. */
const SPACING = [26, 17, 11.5, 8] as const;
const SEVERITIES: readonly Severity[] = [1, 2, 3, 4];

export const materialPattern = (family: MaterialFamily) => `url(#texture-${family})`;
export const contaminantPattern = (family: ContaminantFamily, severity: Severity) =>
  `url(#texture-${family}-${severity})`;

/** All patterns, once on a page: hundreds of tiles refer to them instead of carrying their own. */
export const TexturePatterns = memo(function TexturePatterns() {
  return (
    <svg width="0" height="0" aria-hidden style={{ position: 'absolute' }}>
      <defs>
        {MATERIAL_FAMILIES.map((family) => {
          const { size, lines } = MATERIAL_PATTERNS[family];
          return (
            <pattern
              key={family}
              id={`texture-${family}`}
              width={size}
              height={size}
              patternUnits="userSpaceOnUse"
            >
              <g fill="var(--quiet)" stroke="var(--quiet)" strokeWidth="0.7" opacity="0.55">
                {lines}
              </g>
            </pattern>
          );
        })}
        {CONTAMINANT_FAMILIES.flatMap((family) =>
          SEVERITIES.map((severity) => {
            const { colour, mark, turn } = CONTAMINANT_MARKS[family];
            const spacing = SPACING[severity - 1];
            return (
              <pattern
                key={`${family} ${severity}`}
                id={`texture-${family}-${severity}`}
                width={spacing}
                height={spacing}
                patternUnits="userSpaceOnUse"
                patternTransform={`rotate(${turn})`}
              >
                <g fill={colour} stroke={colour} strokeWidth="0.6" opacity="0.85">
                  {mark}
                </g>
              </pattern>
            );
          }),
        )}
      </defs>
    </svg>
  );
});
