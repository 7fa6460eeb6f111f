import { describe, expect, it } from '@jest/globals';
import {
  DEFAULT_GEAR,
  DEFAULT_HOUSE,
  EMPTY_HANDBOOK,
  NO_RESTRICTIONS,
  faced,
  inputsHash,
  surveyOf,
} from '@etappe/core';
import type { VersionedEntity } from '@etappe/core';
import { MemoryServer } from '../test/memory-server.ts';
import { stateOfOpened } from './older-job.ts';
import type { OlderJob } from './older-job.ts';

const server = new MemoryServer({
  sides: [{ id: 'north', name: 'North' }],
  surfaces: [
    {
      id: 'wall',
      material: 'concrete',
      side: 'north',
      size: '3x2',
      findings: [{ contaminant: 'lichen', severity: 2 }],
    },
  ],
});
const { job, entities } = server.state;

function without(entity: VersionedEntity, ...fields: readonly string[]): VersionedEntity {
  const detail = Object.entries(entity.detail).filter(([field]) => !fields.includes(field));
  return { ...entity, detail: Object.fromEntries(detail) };
}
const kept = (more: Partial<OlderJob> = {}): OlderJob => ({
  id: job.id,
  propertyId: job.id,
  sequence: 3,
  handbookRevision: 0,
  job,
  entities: [...entities.values()],
  previous: null,
  orders: [],
  ...more,
});

describe('a job that an older version kept on the device', () => {
  const { gear: _, guarantee: _guarantee, ...house } = DEFAULT_HOUSE;
  const machines = house.machines.map(({ tipOrifice: _tip, ...machine }) => machine);
  const oldJob = {
    ...without(job, 'visit', 'wordings', 'acknowledgement', 'loaded'),
  };
  const old = kept({
    job: { ...oldJob, detail: { ...oldJob.detail, house: { ...house, machines } } },
    entities: [...entities.values()].map((e) => without(e, 'schools', 'paving', 'gapMetres')),
  });

  it('has all fields of today, empty or usual, and is the same work', () => {
    const survey = surveyOf(stateOfOpened(old));
    expect(survey.job.house.gear).toEqual(DEFAULT_GEAR);
    expect(survey.job.house.machines).toEqual(DEFAULT_HOUSE.machines);
    expect(survey.job).toMatchObject({ visit: 1, wordings: {}, acknowledgement: null, loaded: {} });
    expect(survey.surfaces[0]).toMatchObject({ schools: {}, paving: null });
    expect(survey.sides[0]).toMatchObject({ gapMetres: null });
    expect(faced(survey).surfaces).toHaveLength(1);
    expect(inputsHash(survey)).toBe(inputsHash(surveyOf(stateOfOpened(kept({ handbook: EMPTY_HANDBOOK })))));
  });

  it('keeps what it says of what comes along, and gets the rest', () => {
    const {
      tower: _tower,
      lift: _lift,
      ladderMetres: _ladder,
      ...gear
    } = { ...DEFAULT_GEAR, drumLitres: 60 };
    const state = stateOfOpened(
      kept({ job: { ...job, detail: { ...job.detail, house: { ...house, machines, gear } } } }),
    );
    expect(surveyOf(state).job.house.gear).toEqual({ ...DEFAULT_GEAR, drumLitres: 60 });
  });

  it('knows of labels what they said then, and nothing more', () => {
    const {
      nextCoatSquareMetresPerLitre: _n,
      mostSquareMetresPerLitre: _m,
      caughtMayBeReused: _c,
      ...label
    } = { ...NO_RESTRICTIONS, squareMetresPerLitre: 5 };
    const product = {
      id: 'p',
      name: 'Seal',
      agent: 'acrylic-sealer',
      strength: { basis: 'g/L', value: 1000 },
      strengthRead: true,
      packs: [{ size: 5, price: null }],
      label,
      dataSheet: null,
      inUse: true,
      by: 'Ida',
      at: '2026-05-01T08:00:00Z',
    };
    const handbook = { ...EMPTY_HANDBOOK, products: [product] } as unknown as typeof EMPTY_HANDBOOK;
    const [read] = stateOfOpened(kept({ handbook })).handbook.products;
    expect(read?.label).toEqual({ ...NO_RESTRICTIONS, squareMetresPerLitre: 5 });
  });

  it('is left alone where it is of today', () => {
    const state = stateOfOpened(kept({ handbook: EMPTY_HANDBOOK }));
    expect(state.job).toBe(job);
    for (const [id, entity] of state.entities) expect(entity).toBe(entities.get(id));
    expect(state.handbook).toEqual(EMPTY_HANDBOOK);
  });
});
