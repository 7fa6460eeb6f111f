import { describe, expect, it } from '@jest/globals';
import { CATALOGUE, CONTAMINANT_FAMILIES, MATERIAL_FAMILIES, readJobFile } from '@etappe/core';
import { render } from '@testing-library/react';
import { SurfaceTexture } from './surface-texture.tsx';
import { CONTAMINANT_MARKS, MATERIAL_PATTERNS, TexturePatterns } from './texture-patterns.tsx';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  name: 'Mill',
  surfaces: [
    {
      id: 'wall',
      material: 'clay-brick',
      size: '4x3',
      findings: [
        { contaminant: 'moss', severity: 3, share: 0.25 },
        { contaminant: 'spray-paint', severity: 1, share: 1 },
      ],
    },
  ],
});

const markup = (value: object) => JSON.stringify(value, (key, v: unknown) => (key === '_owner' ? null : v));

describe('the patterns', () => {
  it('stand once for every family, and for every severity of a dirt denser than the one before', () => {
    const { container } = render(<TexturePatterns />);
    const sizes = (family: string) =>
      [1, 2, 3, 4].map((severity) =>
        Number(container.querySelector(`#texture-${family}-${severity}`)?.getAttribute('width')),
      );
    for (const family of MATERIAL_FAMILIES)
      expect(container.querySelector(`#texture-${family}`)).not.toBeNull();
    for (const family of CONTAMINANT_FAMILIES) {
      const widths = sizes(family);
      expect(widths).toEqual([...widths].sort((a, b) => b - a));
      expect(new Set(widths).size).toBe(4);
    }
  });

  it('differ by form, not by colour alone', () => {
    const lines = Object.values(MATERIAL_PATTERNS).map((p) => markup({ lines: p.lines }));
    expect(new Set(lines).size).toBe(MATERIAL_FAMILIES.length);
    const marks = Object.values(CONTAMINANT_MARKS).map((m) => markup({ mark: m.mark }));
    expect(new Set(marks).size).toBe(CONTAMINANT_FAMILIES.length);
  });

  it('have a material and a dirt in the catalogue for each family', () => {
    expect(new Set(CATALOGUE.materials.map((m) => m.family))).toEqual(new Set(MATERIAL_FAMILIES));
    expect(new Set(CATALOGUE.contaminants.map((c) => c.family))).toEqual(new Set(CONTAMINANT_FAMILIES));
  });
});

describe('the face of a surface', () => {
  it('has its material all over and each dirt from below as high as its share', () => {
    if (!reading.ok) throw new Error('the file is sound');
    const { container } = render(
      <SurfaceTexture family="masonry" findings={reading.survey.findings} width={80} height={80} />,
    );
    const drawn = [...container.querySelectorAll('rect')].map((r) => [
      r.getAttribute('fill'),
      r.getAttribute('y'),
      r.getAttribute('height'),
    ]);
    expect(drawn).toEqual([
      ['url(#texture-masonry)', null, '100%'],
      ['url(#texture-growth-3)', '75%', '25%'],
      ['url(#texture-coating-1)', '0%', '100%'],
    ]);
  });
});
