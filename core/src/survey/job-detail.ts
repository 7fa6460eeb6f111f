import { figureSchema } from './figure-spans.ts';
import Joi from 'joi';
import { LANGUAGES } from '../language/language.ts';
import { secondOfDay } from '../quantity/duration.ts';
import { momentSchema } from '../quantity/moment.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Schools } from '../catalogue/school.ts';
import { MACHINE_KINDS } from '../catalogue/tool.ts';
import type { MachineKind } from '../catalogue/tool.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { LARGEST_CREW } from './crew.ts';
import { newMember } from './crew-and-machines.ts';
import type { CrewMember, Machine } from './crew-and-machines.ts';
import { DEFAULT_GEAR, gearSchema } from './job-gear.ts';
import type { JobGear } from './job-gear.ts';
import { roundPinsSchema } from './round-pin.ts';
import type { RoundPin } from './round-pin.ts';
import { clockSchema, hourSpanSchema, nameSchema, openDateSchema, wordsSchema } from './detail-limits.ts';
import type { HourSpan } from './detail-limits.ts';

/** Weather assumed for the day: what it is in the warmest hour. */
export interface JobWeather {
  readonly temperatureC: number;
  readonly humidity: number;
  readonly windMetresPerSecond: number;
  readonly cloud: number;
  /** Typed in, for every face and hour; null: by the sun on each face, where place and day are known. */
  readonly netRadiationWattsPerSquareMetre: number | null;
}

/** What comes to this job of the company's people, machines and habits. */
export interface JobHouse {
  readonly schools: Schools;
  readonly crew: readonly CrewMember[];
  readonly machines: readonly Machine[];
  readonly dayStart: string;
  readonly dayHours: number;
  /** A pause of each person; null or left out where none is planned. */
  readonly lunch?: Lunch | null;
  /** Of each day, kept free for what takes longer than planned, min; none where it is left out. */
  readonly spareMinutes?: number;
  /** What somebody has fixed about who does what when; nothing where it is left out. */
  readonly pins?: readonly RoundPin[];
  /** Share added to product amounts. */
  readonly wasteShare: number;
  readonly sprayerLitres: number;
  readonly gear: JobGear;
  /** How long the company stands for its work, and on what terms; null where it does not say. */
  readonly guarantee: Guarantee | null;
}

/** Between these where somebody has only said how long. */
export const USUAL_LUNCH: HourSpan = { from: '11:30', to: '13:30' };

/** A pause of so many minutes, at any time within a span of the day. */
export interface Lunch extends HourSpan {
  readonly minutes: number;
}

export interface Guarantee {
  readonly months: number;
  /** Condition, free re-clean and what else there is to it, as the customer reads it. */
  readonly terms: string;
}

/** The job's own fields, apart from what hangs below it. */
export interface JobDetail {
  readonly name: string;
  readonly units: UnitSystem;
  /** Planned date, YYYY-MM-DD. */
  readonly start: string | null;
  /** Which visit is planned now, 1 for the first. */
  readonly visit: number;
  /** What the customer is aiming for, and when. */
  readonly event: string;
  readonly eventDate: string | null;
  /** Who is there while the work goes on. */
  readonly peoplePresent: string;
  readonly weather: JobWeather;
  readonly house: JobHouse;
  /** Answers to the open questions by the question's rule. */
  readonly answers: Readonly<Record<string, string>>;
  /** Own wordings of what the customer is told, by the key of the sentence; empty for one that is left out. */
  readonly wordings: Readonly<Record<string, string>>;
  /** What of the load list is on the vehicle, by its key: who ticked it off. */
  readonly loaded: Readonly<Record<string, string>>;
  /** Who of the customer's acknowledged it, when, and the hash of what was said then. */
  readonly acknowledgement: Acknowledgement | null;
}

export interface Acknowledgement {
  readonly name: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
  readonly hash: string;
}

/** Mild weather: 0.29 mm/h from a wet face at the radiation that is taken where the sun cannot be placed. */
export const DEFAULT_WEATHER: JobWeather = {
  temperatureC: 18,
  humidity: 0.65,
  windMetresPerSecond: 2,
  cloud: 0.5,
  netRadiationWattsPerSquareMetre: null,
};

const DEFAULT_COUNTS: Readonly<Record<MachineKind, number>> = {
  sprayer: 3,
  hose: 2,
  'pressure-washer': 1,
  'surface-cleaner': 1,
  'hot-washer': 1,
};

export const DEFAULT_HOUSE: JobHouse = {
  schools: {},
  crew: ['a', 'b'].map(newMember),
  machines: MACHINE_KINDS.map((kind) => ({
    kind,
    count: DEFAULT_COUNTS[kind],
    flowLitresPerMinute: null,
    pressureBar: null,
    tipOrifice: null,
  })),
  dayStart: '08:00',
  dayHours: 9,
  lunch: null,
  spareMinutes: 0,
  pins: [],
  wasteShare: 0.1,
  sprayerLitres: 15,
  gear: DEFAULT_GEAR,
  guarantee: null,
};

const MOST_VISITS = 50;

/** Ways that a job or a face goes; schools that are not named go by the company. */
export const schoolsSchema = Joi.object(
  Object.fromEntries(
    CATALOGUE.schools.map((school) => [school.id, Joi.valid(...school.settings.map((s) => s.id))]),
  ),
).default({});

const machineSchema = Joi.object<Machine>({
  kind: Joi.valid(...MACHINE_KINDS).required(),
  count: Joi.number().integer().min(0).max(20).default(1),
  flowLitresPerMinute: figureSchema('pumpLitresPerMinute').allow(null).default(null),
  pressureBar: figureSchema('pumpBar').allow(null).default(null),
  tipOrifice: figureSchema('tipOrifice').allow(null).default(null),
});

/** How many of each kind there are; 0 for a kind that is not listed. */
export function machineCounts(house: JobHouse): Readonly<Record<MachineKind, number>> {
  const count = (kind: MachineKind) =>
    house.machines.filter((m) => m.kind === kind).reduce((sum, m) => sum + m.count, 0);
  return Object.fromEntries(MACHINE_KINDS.map((kind) => [kind, count(kind)])) as Record<MachineKind, number>;
}

export const weatherSchema = Joi.object<JobWeather>({
  temperatureC: figureSchema('airCelsius').default(DEFAULT_WEATHER.temperatureC),
  humidity: Joi.number().min(0).max(1).default(DEFAULT_WEATHER.humidity),
  windMetresPerSecond: Joi.number().min(0).max(15).default(DEFAULT_WEATHER.windMetresPerSecond),
  cloud: figureSchema('cloud').default(DEFAULT_WEATHER.cloud),
  netRadiationWattsPerSquareMetre: Joi.number()
    .min(-100)
    .max(1000)
    .allow(null)
    .default(DEFAULT_WEATHER.netRadiationWattsPerSquareMetre),
});

export const houseSchema = Joi.object<JobHouse>({
  schools: schoolsSchema,
  crew: Joi.array()
    .items(
      Joi.object({
        id: Joi.string()
          .pattern(/^[a-z0-9-]{1,32}$/)
          .required(),
        name: nameSchema.default((member: { id: string }) => newMember(member.id).name),
        entry: Joi.string().max(100).allow(null),
        tickets: Joi.array().items(Joi.string().max(80)).max(20).default([]),
        from: clockSchema.allow(null),
        until: clockSchema.allow(null),
        isApprentice: Joi.boolean(),
        language: Joi.valid(...LANGUAGES, null),
      })
        .custom((member: CrewMember, helpers) =>
          member.from && member.until && member.until <= member.from
            ? helpers.error('member.hours', { ...member })
            : member,
        )
        .messages({ 'member.hours': '{#name} leaves at {#until}, before coming at {#from}: make it later' }),
    )
    .min(1)
    .max(LARGEST_CREW)
    .unique('id')
    .default(DEFAULT_HOUSE.crew),
  machines: Joi.array().items(machineSchema).max(20).unique('kind').default(DEFAULT_HOUSE.machines),
  dayStart: clockSchema.default(DEFAULT_HOUSE.dayStart),
  dayHours: Joi.number().min(1).max(16).default(DEFAULT_HOUSE.dayHours),
  lunch: hourSpanSchema
    .append<Lunch>({ minutes: Joi.number().integer().min(10).max(120).required() })
    .custom((lunch: Lunch, helpers) =>
      secondOfDay(lunch.to) - secondOfDay(lunch.from) >= 60 * lunch.minutes
        ? lunch
        : helpers.error('lunch.room', { ...lunch }),
    )
    .messages({
      'lunch.room':
        '{#label} of {#minutes} min does not fit between {#from} and {#to}: make it shorter or give it more room',
    })
    .allow(null)
    .default(null),
  spareMinutes: Joi.number().integer().min(0).max(240).default(0),
  pins: roundPinsSchema,
  wasteShare: Joi.number().min(0).max(0.5).default(DEFAULT_HOUSE.wasteShare),
  sprayerLitres: Joi.number().min(1).max(1000).default(DEFAULT_HOUSE.sprayerLitres),
  gear: gearSchema,
  guarantee: Joi.object<Guarantee>({
    months: Joi.number().integer().min(1).max(120).required(),
    terms: wordsSchema,
  })
    .allow(null)
    .default(null),
});

export const jobDetailSchema = Joi.object<JobDetail>({
  name: nameSchema.required(),
  units: Joi.valid('metric', 'us').default('metric'),
  start: openDateSchema,
  visit: Joi.number().integer().min(1).max(MOST_VISITS).default(1),
  event: wordsSchema,
  eventDate: openDateSchema,
  peoplePresent: wordsSchema,
  weather: weatherSchema.default(DEFAULT_WEATHER),
  house: houseSchema.default(DEFAULT_HOUSE),
  answers: Joi.object().pattern(Joi.string().max(64), Joi.string().max(500)).max(200).default({}),
  wordings: Joi.object()
    .pattern(Joi.string().max(250), Joi.string().allow('').max(1000))
    .max(2000)
    .default({}),
  loaded: Joi.object().pattern(Joi.string().max(200), Joi.string().allow('').max(120)).max(1000).default({}),
  acknowledgement: Joi.object({
    name: nameSchema.required(),
    at: momentSchema.required(),
    hash: Joi.string().hex().length(64).required(),
  })
    .allow(null)
    .default(null),
});
