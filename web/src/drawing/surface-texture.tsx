import { contaminantById } from '@etappe/core';
import type { Finding, MaterialFamily } from '@etappe/core';
import { MATERIAL_PATTERNS, contaminantPattern, materialPattern } from './texture-patterns.tsx';

interface TextureProps {
  /** Of the material. */
  readonly family: MaterialFamily;
  readonly findings: readonly Finding[];
  readonly width: number | string;
  readonly height: number | string;
}

/**
 * The face of a surface: the texture of its material, and of each finding from below as high as its share.
 * TexturePatterns must stand somewhere on the page.
 */
export function SurfaceTexture({ family, findings, width, height }: TextureProps) {
  return (
    <svg
      width={width}
      height={height}
      aria-hidden
      style={{ display: 'block', background: MATERIAL_PATTERNS[family].tint }}
    >
      <rect width="100%" height="100%" fill={materialPattern(family)} />
      {findings.map((finding) => (
        <rect
          key={finding.id}
          width="100%"
          y={`${100 - 100 * finding.share}%`}
          height={`${100 * finding.share}%`}
          fill={contaminantPattern(contaminantById(finding.contaminant).family, finding.severity)}
        />
      ))}
    </svg>
  );
}
