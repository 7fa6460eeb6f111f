import { wordsOf } from '../quantity/words.ts';
import type { EntityKind } from './survey.ts';

/** What becomes of an entity when what it names is deleted: it goes too, or forgets it. */
type Fate = 'goes-too' | 'forgets';

/** A field by which one kind of entity names others. */
export interface Reference {
  readonly field: string;
  readonly to: readonly EntityKind[];
  readonly fate: Fate;
}

const surroundings = (field: string): Reference => ({ field, to: ['surface', 'feature'], fate: 'forgets' });
const onSurface: Reference = { field: 'surface', to: ['surface'], fate: 'goes-too' };
const onZone: Reference = { field: 'zone', to: ['zone'], fate: 'goes-too' };
const onFace: Reference = { field: 'surface', to: ['surface', 'zone'], fate: 'goes-too' };
const maybeOnSurface: Reference = { field: 'surface', to: ['surface'], fate: 'forgets' };

/** Every field of a survey that names another entity. */
export const REFERENCES: Readonly<Record<EntityKind, readonly Reference[]>> = {
  side: [],
  'long-asset': [],
  surface: [
    { field: 'side', to: ['side'], fate: 'forgets' },
    { field: 'asset.asset', to: ['long-asset'], fate: 'forgets' },
    ...['drainsOnto', 'beside', 'below', 'behind'].map(surroundings),
  ],
  zone: [onSurface],
  feature: [],
  'water-point': [],
  damage: [maybeOnSurface],
  'damage-photo': [{ field: 'of', to: ['damage'], fate: 'goes-too' }],
  acknowledgement: [{ field: 'damages', to: ['damage'], fate: 'forgets' }],
  'test-patch': [onSurface, onZone],
  scope: [onSurface],
  finding: [onSurface, onZone],
  mark: [onSurface, onZone],
  test: [onSurface, onZone, { field: 'mark', to: ['mark'], fate: 'goes-too' }],
  photo: [
    { field: 'of', to: ['surface', 'zone', 'finding', 'mark', 'test', 'test-patch'], fate: 'goes-too' },
  ],
  precondition: [maybeOnSurface],
  choice: [onFace],
  waiver: [onFace],
  reading: [onFace],
};

/**
 * The ids that an entity names in a field, with their place in it.
 * @example namedIn({ drainsOnto: ['yard', 'drain'] }, 'drainsOnto') // [{ id: 'yard', path: 'drainsOnto[0]' }, …]
 */
export function namedIn(
  detail: Readonly<Record<string, unknown>>,
  field: string,
): readonly { readonly id: string; readonly path: string }[] {
  const value = field
    .split('.')
    .reduce<unknown>(
      (at, key) => (typeof at === 'object' && at !== null ? (at as Record<string, unknown>)[key] : undefined),
      detail,
    );
  if (typeof value === 'string') return [{ id: value, path: field }];
  return Array.isArray(value) ? value.map((id, i) => ({ id: wordsOf(id), path: `${field}[${i}]` })) : [];
}
