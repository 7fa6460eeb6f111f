import { demoFile } from './served.mjs';

export const MANY_SURFACES = 300;

/** The faces of the demo job over and over, each draining onto the next, every tenth into something that stands there. */
export function largeProperty() {
  const base = demoFile('hill-observatory');
  const { features, waterPoints } = base.site;
  const surfaces = Array.from({ length: MANY_SURFACES }, (_, i) => {
    const { asset: _asset, zones: _zones, ...like } = base.surfaces[i % base.surfaces.length];
    return {
      ...like,
      id: `s-${i}`,
      name: `Face ${i}`,
      inScope: true,
      scopeReason: '',
      nothingFound: false,
      drainsOnto: [
        i % 10 === 9 ? features[i % features.length].id : `s-${Math.min(i + 1, MANY_SURFACES - 1)}`,
      ],
      beside: [],
      below: [],
      behind: [],
      findings: like.findings.length > 0 ? like.findings : [{ contaminant: 'green-algae', severity: 2 }],
    };
  });
  surfaces[MANY_SURFACES - 1].drainsOnto = [features[0].id];
  return { ...base, surfaces, choices: [], site: { features, waterPoints } };
}
