import { wordsOf } from '../quantity/words.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { CONTAMINANTS } from '../catalogue/data/contaminants.ts';
import { DEFAULT_HOUSE } from '../survey/job-detail.ts';
import { BANDS, usualTilt } from '../survey/surface.ts';
import type { Band } from '../survey/surface.ts';
import type { Raw } from './file-entities.ts';
import type { JobFile } from './job-file-envelope.ts';

/** What stands on a surface in the file but is kept beside it in a survey. */
const BESIDE_A_SURFACE = ['findings', 'zones', 'inScope', 'scopeReason', 'nothingFound'] as const;

/** An entry without a name is called by its id. */
export function named(raw: Raw): Raw {
  const id = typeof raw['id'] === 'string' && raw['id'] !== '' ? raw['id'] : 'unnamed';
  return { name: (id.charAt(0).toUpperCase() + id.slice(1)).replaceAll('-', ' '), ...raw };
}

/** A material by its id or one of its synonyms. */
export function materialOf(word: unknown, { materials }: Catalogue) {
  return materials.find((m) => m.id === word || m.synonyms.includes(wordsOf(word)));
}

/** The id of a contaminant by its id or one of its synonyms; anything else as it came. */
export function contaminantIdOf(word: unknown): unknown {
  return CONTAMINANTS.find((c) => c.id === word || c.synonyms.includes(wordsOf(word)))?.id ?? word;
}

/** A surface with what its band and its material imply. */
export function completedSurface(raw: Raw, catalogue: Catalogue): Raw {
  const own = Object.fromEntries(
    Object.entries(raw).filter(([key]) => !(BESIDE_A_SURFACE as readonly string[]).includes(key)),
  );
  const band = BANDS.includes(raw['band'] as Band) ? (raw['band'] as Band) : 'wall';
  const material = materialOf(raw['material'], catalogue);
  return {
    tiltDegrees: usualTilt(band),
    ...(material ? { finish: material.finishes[0] } : {}),
    ...named(own),
    ...(material ? { material: material.id } : {}),
  };
}

/** A finding with the surface and zone that it stands at, and an id made of what it is. */
export function completedFinding(raw: Raw, surface: unknown, zone: unknown): Raw {
  const contaminant = contaminantIdOf(raw['contaminant']);
  const id = `${wordsOf(zone ?? surface)}-${wordsOf(contaminant)}`.slice(0, 100);
  return { id, ...raw, surface, zone, contaminant };
}

/** The job's own fields out of the file. */
export function completedJob(file: JobFile): Raw {
  const {
    format: _f,
    version: _v,
    site,
    sides: _s,
    surfaces: _u,
    choices: _c,
    property: _p,
    customer: _n,
    place: _l,
    handbook: _h,
    ...job
  } = file;
  return {
    name: 'Unnamed job',
    ...job,
    house: completedHouse(file.house),
    ...(site.answers === undefined ? {} : { answers: site.answers }),
  };
}

/** A listed machine stands for its kind; kinds that are not listed keep their usual count. */
function completedHouse(house: Raw): Raw {
  const machines: unknown = house['machines'];
  if (!Array.isArray(machines)) return house;
  const kinds = machines.map((m: unknown) => (m as Raw | null)?.['kind']);
  const usual = DEFAULT_HOUSE.machines.filter((m) => !kinds.includes(m.kind));
  return { ...house, machines: [...(machines as unknown[]), ...usual] };
}
