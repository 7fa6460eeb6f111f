import { contaminantById, materialById } from '@etappe/core';
import type { Finding, Surface } from '@etappe/core';
import { MATERIAL_PATTERNS, contaminantPattern, materialPattern } from './texture-patterns.tsx';

interface TextureProps {
  readonly surface: Pick<Surface, 'material'>;
  readonly findings: readonly Finding[];
  readonly width: number | string;
  readonly height: number | string;
}

/**
 * The face of a surface: the texture of its material, and of each finding from below as high as its share.
 * TexturePatterns must stand somewhere on the page.
 */
export function SurfaceTexture({ surface, findings, width, height }: TextureProps) {
  const { family } = materialById(surface.material);
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
          y={`${String(100 - 100 * finding.share)}%`}
          height={`${String(100 * finding.share)}%`}
          fill={contaminantPattern(contaminantById(finding.contaminant).family, finding.severity)}
        />
      ))}
    </svg>
  );
}
