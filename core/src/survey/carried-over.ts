import type { Survey } from './survey.ts';

/** What makes an id for something new. */
export type MakeId = () => string;

/**
 * The survey as a company keeps it to begin other properties with: what stands there and what is usually found, without
 * customer, place, dates, people, damage, past, answers or what was decided.
 */
export function templateOf(survey: Survey): Survey {
  const { job, property } = survey;
  return {
    ...survey,
    job: {
      ...job,
      start: null,
      visit: 1,
      event: '',
      eventDate: null,
      peoplePresent: '',
      answers: {},
      wordings: {},
      acknowledgement: null,
      loaded: {},
      // Who does what when was fixed for that day.
      house: { ...job.house, pins: [] },
    },
    property: {
      ...property,
      name: '',
      customer: '',
      address: '',
      place: { latitude: 0, longitude: 0, timeZone: 'UTC' },
      yearBuilt: null,
      access: '',
      vehicleStand: '',
      power: '',
      hours: null,
      quietHours: [],
    },
    sides: survey.sides.map((side) => ({ ...side, routeMetres: null, gapMetres: null })),
    surfaces: survey.surfaces.map((surface) => ({ ...surface, past: [], recurring: null, newSince: null })),
    waterPoints: [],
    damages: [],
    damagePhotos: [],
    acknowledgements: [],
    testPatches: [],
    marks: [],
    tests: [],
    photos: [],
    preconditions: [],
    scopes: [],
    choices: [],
    waivers: [],
    readings: [],
  };
}

/**
 * What a duplicate of a job begins with on the same property: the same findings, scope, choices and preconditions under
 * ids of their own, the preconditions to be met again, no date.
 */
export function duplicateOf(
  survey: Survey,
  name: string,
  makeId: MakeId,
): Pick<Survey, 'job' | 'findings' | 'scopes' | 'choices' | 'preconditions'> {
  const renewed = <T extends object>(list: readonly T[]): T[] =>
    list.map((item) => ({ ...item, id: makeId() }));
  return {
    job: {
      ...survey.job,
      name,
      start: null,
      visit: 1,
      event: '',
      eventDate: null,
      acknowledgement: null,
      loaded: {},
      house: { ...survey.job.house, pins: [] },
    },
    findings: renewed(survey.findings),
    scopes: renewed(survey.scopes),
    choices: renewed(survey.choices),
    preconditions: renewed(survey.preconditions).map((p) => ({ ...p, met: false, by: null })),
  };
}
