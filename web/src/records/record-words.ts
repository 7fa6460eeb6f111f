import {
  BAND_NAMES,
  CATALOGUE,
  FEATURE_NAMES,
  PAST_ACT_NAMES,
  RECURRENCE_NAMES,
  ZONE_PLACE_NAMES,
  houseCatalogue,
} from '@etappe/core';
import type { Band, FeatureKind, RecordKind, SurveyState } from '@etappe/core';

/** What a field is called where it is shown with a value of its past or of someone else. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  '*': 'All of it',
  aspectDegrees: 'Faces',
  size: 'Size',
  girth: 'Girth',
  reliefFactor: 'Relief factor',
  footMetres: 'Foot, above ground',
  topMetres: 'Top, above ground',
  tiltDegrees: 'Tilt',
  thinMember: 'Thin member',
  unsureBetween: 'Unsure between',
  newSince: 'New since',
  drainsOnto: 'Drains onto',
  beside: 'Beside it',
  inScope: 'In scope',
  scopeReason: 'Why it is out of scope',
  nothingFound: 'Nothing found',
  leadsTo: 'Leads to',
  flowLitresPerMinute: 'Flow, L/min',
  distanceMetres: 'Away, m',
  pressureBar: 'Pressure, bar',
  routeMetres: 'Hose route, m',
  vehicleStand: 'Where the vehicle stands',
  quietHours: 'Quiet hours',
  eventDate: 'Day of the event',
  visit: 'Planned visit',
  schools: 'Working practices',
  acknowledgement: 'Acknowledged',
  peoplePresent: 'People present',
  by: 'Until',
  settledAs: 'Settled as',
  doneOn: 'Done on',
  doneBy: 'Done by',
  foundOn: 'Found on',
  shownOn: 'Shown on',
  shownTo: 'Shown to',
  lengthMetres: 'Length, m',
  zeroAt: 'Zero at',
};

const KIND_NAMES: Readonly<Record<RecordKind, string>> = {
  job: 'Job',
  property: 'Property',
  side: 'Side',
  'long-asset': 'Long asset',
  surface: 'Surface',
  zone: 'Zone',
  feature: 'Feature',
  'water-point': 'Water point',
  damage: 'Damage',
  scope: 'Scope',
  finding: 'Finding',
  mark: 'Mark',
  test: 'Test',
  precondition: 'Precondition',
  'damage-photo': 'Photo of damage',
  acknowledgement: 'Acknowledgement',
  'test-patch': 'Test patch',
  photo: 'Photo',
  waiver: 'Waiver',
  reading: 'Reading',
  choice: 'Choice of method',
};

/** @example fieldName('footMetres') // "Foot, above ground" */
export function fieldName(field: string): string {
  if (field.startsWith('answers.')) return 'Answer';
  if (field.startsWith('loaded.')) return 'Load list';
  if (field.startsWith('wordings.')) return 'Customer wording';
  const plain = field.replace(/([A-Z])/g, ' $1').toLowerCase();
  return FIELD_NAMES[field] ?? plain.charAt(0).toUpperCase() + plain.slice(1);
}

export function kindName(kind: RecordKind): string {
  return KIND_NAMES[kind];
}

/** What an entity is called: by its own name, or by what it stands for. */
export function entityName(kind: RecordKind, detail: Readonly<Record<string, unknown>> | undefined): string {
  const text = (key: string) => (typeof detail?.[key] === 'string' ? detail[key] : '');
  if (text('name') !== '') return text('name');
  if (kind === 'finding' && text('contaminant') !== '') return catalogueName(text('contaminant')) ?? '';
  return text('what') || kindName(kind);
}

const CATALOGUE_NAMES = new Map(
  [...CATALOGUE.conditions, ...CATALOGUE.contaminants].map(({ id, name }) => [id, name]),
);

function catalogueName(id: string): string | null {
  return CATALOGUE_NAMES.get(id) ?? null;
}

function houseName(id: string, { handbook }: SurveyState): string | null {
  const { materials, methods } = houseCatalogue(handbook);
  return [...materials, ...methods].find((entry) => entry.id === id)?.name ?? null;
}

const WORDS: Readonly<Record<string, string>> = {
  ...BAND_NAMES,
  ...FEATURE_NAMES,
  ...PAST_ACT_NAMES,
  ...RECURRENCE_NAMES,
  ...ZONE_PLACE_NAMES,
} satisfies Record<Band | FeatureKind, string>;

/** A value of a field in words: ids by their names, lists with commas, nothing as "empty". */
export function shownValue(value: unknown, state: SurveyState): string {
  if (value === null || value === undefined || value === '') return 'empty';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') {
    const entity = state.entities.get(value);
    if (entity) return entityName(entity.kind, entity.detail);
    return WORDS[value] ?? catalogueName(value) ?? houseName(value, state) ?? value;
  }
  if (Array.isArray(value))
    return value.length === 0 ? 'none' : value.map((item: unknown) => shownValue(item, state)).join(', ');
  return Object.entries(value)
    .filter(([, inner]) => inner !== null && inner !== '')
    .map(([key, inner]) => `${fieldName(key).toLowerCase()} ${shownValue(inner, state)}`)
    .join(', ');
}
