import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js';
import stringify from 'fast-json-stable-stringify';
import { CATALOGUE_VERSION } from '../catalogue/catalogue.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import { faced } from '../survey/face.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { bearingAgents } from './bearing-agents.ts';
import type { Survey } from '../survey/survey.ts';

/** Changes whenever the same inputs may give another plan. */
export const ENGINE_VERSION = '0.24.0';

/**
 * Of the handbook what bears on the work: products and lots of agents that it may come to, where a lot stands left out. Who
 * works for the company does not, nor what it is called: the crew stands in the job. What
 * a product costs does so only where the company ranks by it.
 */
function bearing(survey: FacedSurvey): CompanyHandbook {
  const { products, lots, people: _people, profiles: _profiles, ...handbook } = survey.handbook;
  const agents = bearingAgents(survey, survey.catalogue);
  const counts = handbook.overrides.some((o) => o.kind === 'weight' && o.entry === 'cost' && o.value !== 0);
  return {
    ...handbook,
    lots: lots.filter((lot) => agents.has(lot.agent)).map((lot) => ({ ...lot, place: '' })),
    products: products
      .filter((p) => p.inUse && agents.has(p.agent))
      .map((p) => ({ ...p, packs: counts ? p.packs : p.packs.map(({ size }) => ({ size, price: null })) })),
  };
}

/** Hex SHA-256 of the bytes of a file. */
export function bytesHash(bytes: Uint8Array): string {
  return bytesToHex(sha256(bytes));
}

/** Hex SHA-256 of a value written canonically (keys in order). */
export function canonicalHash(value: unknown): string {
  return bytesToHex(sha256(utf8ToBytes(stringify(value))));
}

/**
 * What a plan was made from: canonical faces with all that bears on the work, engine and catalogue. Two plans with one
 * hash are the same work. Photos and the record of earlier damage bear on its questions alone and are left out: an order
 * does not go stale because the customer has signed.
 */
export function inputsHash(survey: Survey): string {
  return facedHash(faced(survey));
}

/** The same for a survey whose zones were made faces already. */
export function facedHash(survey: FacedSurvey): string {
  const byId = <T extends { readonly id: string }>(list: readonly T[]) =>
    [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
  return canonicalHash({
    engine: ENGINE_VERSION,
    catalogue: CATALOGUE_VERSION,
    survey: {
      // An order does not go stale because somebody has acknowledged what it says, or has loaded the vehicle; terms are no work.
      job: {
        ...survey.job,
        acknowledgement: null,
        loaded: {},
        house: { ...survey.job.house, guarantee: null },
      },
      handbook: bearing(survey),
      property: survey.property,
      sides: byId(survey.sides),
      surfaces: byId(survey.surfaces),
      features: byId(survey.features),
      waterPoints: byId(survey.waterPoints),
      findings: byId(survey.findings),
      testPatches: byId(survey.testPatches),
      marks: byId(survey.marks),
      tests: byId(survey.tests),
      preconditions: byId(survey.preconditions),
      choices: byId(survey.choices),
      waivers: byId(survey.waivers),
      readings: byId(survey.readings),
    },
  });
}
