import { called } from '../language/in-language.ts';
import Joi from 'joi';
import type { EntityId } from './entity-id.ts';
import { YES_NO_UNKNOWN, nameSchema, wordsSchema, yesNoSchema } from './detail-limits.ts';
import type { YesNoUnknown } from './detail-limits.ts';

export const LEADS_TO = ['unknown', 'foul-sewer', 'storm-drain', 'watercourse', 'soakaway'] as const;
export type LeadsTo = (typeof LEADS_TO)[number];
export const DRAIN_STATES = ['unknown', 'runs', 'slow', 'blocked'] as const;
export type DrainState = (typeof DRAIN_STATES)[number];

/** What one may ask of a feature; which of it belongs to a kind, {@link FEATURE_DETAILS} says. */
export interface FeatureDetail {
  /** Where a drain leads; null for all else. */
  readonly leadsTo: LeadsTo | null;
  readonly state: DrainState;
  readonly owner: string;
  /** What water would reach behind a gap, door or sill. */
  readonly behind: string;
  readonly weatherproof: YesNoUnknown;
  /** Whether somebody competent has it without power while the work wets what is around it. */
  readonly isolated: YesNoUnknown;
  readonly movable: YesNoUnknown;
  readonly occupied: YesNoUnknown;
  /** What it is made of, which plants, animals, goods or coating. */
  readonly what: string;
}
export type FeatureDetailKey = keyof FeatureDetail;

/** Kinds of what stands beside, below or behind surfaces, and what is asked of each. */
export const FEATURE_DETAILS = {
  'plant-bed': ['what'],
  lawn: [],
  pool: ['owner'],
  pond: ['owner', 'what'],
  stream: ['owner'],
  drain: ['leadsTo', 'state', 'owner'],
  'cellar-drain': ['leadsTo', 'state', 'owner'],
  gutter: ['leadsTo', 'state', 'owner'],
  door: ['behind'],
  sill: ['behind'],
  gap: ['behind'],
  electrics: ['weatherproof', 'isolated'],
  lamp: ['weatherproof', 'isolated'],
  'electrical-panel': ['weatherproof', 'isolated', 'owner'],
  'solar-panel': ['owner'],
  panel: ['owner'],
  glass: ['what'],
  'bare-metal': ['what'],
  timber: ['what'],
  vehicle: ['movable', 'owner'],
  bin: ['movable', 'owner'],
  furniture: ['movable', 'owner'],
  goods: ['what', 'movable', 'owner'],
  nest: ['occupied', 'what'],
  animals: ['what', 'owner'],
  footway: ['owner'],
  other: ['what', 'movable'],
} as const satisfies Record<string, readonly FeatureDetailKey[]>;
export type FeatureKind = keyof typeof FEATURE_DETAILS;
export const FEATURE_KINDS = Object.keys(FEATURE_DETAILS) as readonly FeatureKind[];

export const FEATURE_NAMES: Readonly<Record<FeatureKind, string>> = called({
  'plant-bed': 'Plant bed',
  lawn: 'Lawn',
  pool: 'Pool',
  pond: 'Pond',
  stream: 'Stream',
  drain: 'Drain',
  'cellar-drain': 'Cellar drain',
  gutter: 'Gutter or downpipe',
  door: 'Door',
  sill: 'Sill',
  gap: 'Gap',
  electrics: 'Sockets and cables',
  lamp: 'Lamp',
  'electrical-panel': 'Electrical panel',
  'solar-panel': 'Solar panel',
  panel: 'Panel, kind unknown',
  glass: 'Glass',
  'bare-metal': 'Bare metal',
  timber: 'Natural unsealed timber',
  vehicle: 'Vehicle',
  bin: 'Bins',
  furniture: 'Furniture',
  goods: 'Goods behind a door',
  nest: 'Nest',
  animals: 'Animals',
  footway: 'Public footway',
  other: 'Other',
});

/** Something next to, below or behind the surfaces that the work must heed. */
export interface Feature extends FeatureDetail {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  readonly kind: FeatureKind;
  readonly note: string;
}

export const featureSchema = Joi.object<Omit<Feature, 'id' | 'position'>>({
  name: nameSchema.required(),
  kind: Joi.valid(...FEATURE_KINDS).required(),
  leadsTo: Joi.valid(...LEADS_TO)
    .allow(null)
    .default(null),
  state: Joi.valid(...DRAIN_STATES).default('unknown'),
  owner: wordsSchema,
  behind: wordsSchema,
  weatherproof: yesNoSchema,
  isolated: yesNoSchema,
  movable: yesNoSchema,
  occupied: yesNoSchema,
  what: wordsSchema,
  note: wordsSchema,
});

/** The settings that a detail can have; null for free words. */
export function detailSettings(key: FeatureDetailKey): readonly string[] | null {
  switch (key) {
    case 'leadsTo':
      return LEADS_TO;
    case 'state':
      return DRAIN_STATES;
    case 'weatherproof':
    case 'isolated':
    case 'movable':
    case 'occupied':
      return YES_NO_UNKNOWN;
    case 'owner':
    case 'behind':
    case 'what':
      return null;
  }
}

/** Carries current, or may: until it is known, a panel is taken for an electrical one. */
export function isElectrical({ kind }: Pick<Feature, 'kind'>): boolean {
  return kind === 'electrics' || kind === 'lamp' || kind === 'electrical-panel' || kind === 'panel';
}

export function isDrain({ kind }: { readonly kind: string }): boolean {
  return kind === 'drain' || kind === 'cellar-drain' || kind === 'gutter';
}

/** Also one that was entered as a drain, before there was a kind for it, and called what it is. */
export function isGutter({ kind, name }: Pick<Feature, 'kind' | 'name'>): boolean {
  return kind === 'gutter' || (kind === 'drain' && /\b(gutter|downpipe|downspout)/i.test(name));
}

/** Whether vehicles or pallets go through it. */
export function isWideDoor({ kind, name }: Pick<Feature, 'kind' | 'name'>): boolean {
  return kind === 'door' && /garage|roller|shutter|gate|loading/i.test(name);
}

/** More of a kind than this is no number of things. */
const MOST_OF_A_KIND = 40;

/**
 * How many things one entry stands for, by its name.
 * @example countOf({ name: '4 garage doors' }) // 4
 * @example countOf({ name: 'Bins x3' }) // 3
 * @example countOf({ name: 'Flat 12, door' }) // 1
 */
export function countOf({ name }: Pick<Feature, 'name'>): number {
  const found = /^(\d{1,2})\s+\D/.exec(name) ?? /\s[x×]\s?(\d{1,2})$/i.exec(name);
  const count = Number(found?.[1] ?? 1);
  return count >= 1 && count <= MOST_OF_A_KIND ? count : 1;
}

/** Run-off that gets here harms water life. */
export function isOpenWater(feature: Pick<Feature, 'kind' | 'leadsTo'>): boolean {
  return (
    feature.kind === 'pond' ||
    feature.kind === 'stream' ||
    (isDrain(feature) && (feature.leadsTo === 'watercourse' || feature.leadsTo === 'storm-drain'))
  );
}
