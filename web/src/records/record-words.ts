import {
  BAND_NAMES,
  CATALOGUE,
  FEATURE_NAMES,
  PAST_ACT_NAMES,
  RECURRENCE_NAMES,
  ZONE_PLACE_NAMES,
  companyCatalogue,
  lowerFirst,
} from '@etappe/core';
import type { Band, FeatureKind, RecordKind, SurveyState } from '@etappe/core';
import { say } from '../messages/records.ts';

/** What a field is called where it is shown with a value of its past or of someone else. */
const FIELD_NAMES: Readonly<Record<string, string>> = {
  '*': say('all-of-it'),
  aspectDegrees: say('faces'),
  size: say('size'),
  girth: say('girth'),
  reliefFactor: say('relief-factor'),
  footMetres: say('foot-above-ground'),
  topMetres: say('top-above-ground'),
  tiltDegrees: say('tilt'),
  thinMember: say('thin-member'),
  unsureBetween: say('unsure-between'),
  newSince: say('new-since'),
  drainsOnto: say('drains-onto'),
  beside: say('beside-it'),
  inScope: say('in-scope'),
  scopeReason: say('why-it-is-out-of'),
  nothingFound: say('nothing-found'),
  leadsTo: say('leads-to'),
  flowLitresPerMinute: say('flow-l-min'),
  distanceMetres: say('away-m'),
  pressureBar: say('pressure-bar'),
  routeMetres: say('hose-route-m'),
  yearBuilt: say('year-built'),
  vehicleStand: say('where-the-vehicle-stands'),
  quietHours: say('quiet-hours'),
  eventDate: say('day-of-the-event'),
  visit: say('planned-visit'),
  schools: say('working-practices'),
  acknowledgement: say('acknowledged'),
  peoplePresent: say('people-present'),
  by: say('until'),
  settledAs: say('settled-as'),
  doneOn: say('done-on'),
  doneBy: say('done-by'),
  foundOn: say('found-on'),
  shownOn: say('shown-on'),
  shownTo: say('shown-to'),
  lengthMetres: say('length-m'),
  zeroAt: say('zero-at'),
};

const KIND_NAMES: Readonly<Record<RecordKind, string>> = {
  job: say('job'),
  property: say('property'),
  side: say('side'),
  'long-asset': say('long-asset'),
  surface: say('surface'),
  zone: say('zone'),
  feature: say('feature'),
  'water-point': say('water-point'),
  damage: say('damage'),
  scope: say('scope'),
  finding: say('finding'),
  mark: say('mark'),
  test: say('test'),
  precondition: say('precondition'),
  'damage-photo': say('photo-of-damage'),
  acknowledgement: say('acknowledgement'),
  'test-patch': say('test-patch'),
  photo: say('photo'),
  waiver: say('waiver'),
  reading: say('reading'),
  choice: say('choice-of-method'),
};

/** @example fieldName('footMetres') // "Foot, above ground" */
export function fieldName(field: string): string {
  if (field.startsWith('answers.')) return say('answer');
  if (field.startsWith('loaded.')) return say('load-list');
  if (field.startsWith('wordings.')) return say('customer-wording');
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

function ownName(id: string, { handbook }: SurveyState): string | null {
  const { materials, methods } = companyCatalogue(handbook);
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
  if (value === null || value === undefined || value === '') return say('empty');
  if (typeof value === 'boolean') return value ? say('yes') : say('no');
  if (typeof value === 'number') return String(value);
  if (typeof value === 'string') {
    const entity = state.entities.get(value);
    if (entity) return entityName(entity.kind, entity.detail);
    return WORDS[value] ?? catalogueName(value) ?? ownName(value, state) ?? value;
  }
  if (Array.isArray(value))
    return value.length === 0
      ? say('none')
      : value.map((item: unknown) => shownValue(item, state)).join(', ');
  return Object.entries(value)
    .filter(([, inner]) => inner !== null && inner !== '')
    .map(([key, inner]) => `${lowerFirst(fieldName(key))} ${shownValue(inner, state)}`)
    .join(', ');
}
