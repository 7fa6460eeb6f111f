import type { Feature } from '../survey/feature.ts';
import type { Surface } from '../survey/surface.ts';
import { checkedDetail } from '../survey/survey.ts';

/** A detail as its check completes it. */
function completed(kind: 'surface' | 'feature', detail: object): Record<string, unknown> {
  const checked = checkedDetail(kind, detail);
  if (!checked.ok) throw new Error(JSON.stringify(checked.faults));
  return checked.detail;
}

/** A surface of a test: a wall of 3 by 2 m, 2 m high, with all defaults. */
export function testSurface(material: string, more: Partial<Surface> = {}): Surface {
  const { id = 'wall', position = 0, ...fields } = more;
  const detail = { name: 'Wall', material, finish: 'bare', size: '3x2', topMetres: 2, ...fields };
  return { id, position, ...completed('surface', detail) } as unknown as Surface;
}

export function testFeature(kind: Feature['kind'], more: Partial<Feature> = {}): Feature {
  const { id = kind, position = 0, ...fields } = more;
  return { id, position, ...completed('feature', { name: kind, kind, ...fields }) } as unknown as Feature;
}
