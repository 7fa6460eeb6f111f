import { CATALOGUE } from '../catalogue/catalogue.ts';
import { seededRandom } from '../sequence/seeded-random.ts';

const BANDS = ['roof', 'upper-wall', 'wall', 'opening', 'floor'] as const;
const TILTS = { roof: 35, 'upper-wall': 90, wall: 90, opening: 90, floor: 2 } as const;
const TOPS = { roof: 7, 'upper-wall': 6, wall: 3, opening: 2.2, floor: 0 } as const;
const FEET = { roof: 5, 'upper-wall': 3, wall: 0, opening: 0.9, floor: 0 } as const;
const SIDES = ['north', 'south'] as const;
const SCHOOLS = [{}, { 'pre-wet': 'always' }, { result: 'leave-on' }, { joints: 'sand-and-sealer' }] as const;

/**
 * A property of 1 to 12 surfaces of any material with anything on it, as a job file; the same seed, the same property.
 * @param most surfaces at most
 */
export function randomProperty(seed: number, most = 12): Record<string, unknown> {
  const random = seededRandom(seed);
  const below = (count: number) => Math.floor(random() * count);
  const one = <Item>(items: readonly Item[]): Item => {
    const item = items[below(items.length)];
    if (item === undefined) throw new RangeError('nothing to choose from');
    return item;
  };
  const some = <Item>(items: readonly Item[], share: number) => items.filter(() => random() < share);
  const count = 1 + below(most);
  const ids = Array.from({ length: count }, (_, i) => `s${i}`);
  const features = [
    { id: 'gully', kind: 'drain', leadsTo: 'foul-sewer', state: 'runs' },
    { id: 'lawn', kind: 'lawn' },
  ];
  const surfaces = ids.map((id, i) => {
    const material = one(CATALOGUE.materials);
    const band = one(BANDS);
    return {
      id,
      name: `Surface ${i}`,
      material: material.id,
      finish: one(material.finishes),
      band,
      side: random() < 0.8 ? one(SIDES) : null,
      tiltDegrees: TILTS[band],
      footMetres: FEET[band],
      topMetres: TOPS[band],
      size: `${1 + below(12)}x${1 + below(4)}`,
      conditions: some(material.conditions, 0.04),
      drainsOnto: random() < 0.5 ? [] : some([...ids.slice(i + 1), 'gully', 'lawn'], 0.3),
      beside: some(ids.slice(0, i), 0.15),
      findings: Array.from({ length: 1 + below(3) }, () => ({
        contaminant: one(CATALOGUE.contaminants).id,
        severity: 1 + below(4),
        share: one([0.2, 0.5, 1]),
      })).filter((f, n, all) => all.findIndex((g) => g.contaminant === f.contaminant) === n),
    };
  });
  return {
    format: 'etappe-job',
    version: 1,
    name: `Property ${seed}`,
    sides: [
      { id: 'north', aspectDegrees: 0 },
      { id: 'south', aspectDegrees: 180 },
    ],
    site: { features, waterPoints: [{ id: 'tap', flowLitresPerMinute: 25 }] },
    surfaces,
    weather: { temperatureC: 12 + below(12), windMetresPerSecond: one([1, 2, 4]) },
    house: {
      crew: Array.from({ length: 1 + below(3) }, (_, i) => ({
        id: `p${i}`,
        name: `Person ${i}`,
      })),
      schools: one(SCHOOLS),
    },
    visit: one([1, 1, 1, 2, 3]),
  };
}
