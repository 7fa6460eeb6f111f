import { EMPTY_HANDBOOK, plan, surveyOf } from '@etappe/core';
import type { Plan } from '@etappe/core';
import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PlanContext } from '../planning/use-plan.tsx';
import { idOf, renderInSession, standInServer, stateOfFile } from './in-session.tsx';
import { SupplyPage } from '../supply/supply-page.tsx';

const lot = (more: object) => ({
  id: 'a',
  agent: 'hypochlorite',
  product: null,
  lot: 'A-1',
  boughtOn: '2026-03-04',
  openedOn: null,
  expiresOn: null,
  place: 'yard',
  left: 20,
  storageCelsius: [20],
  measured: [],
  ...more,
});

/** A house with two overgrown walls and a yard for the washer, a thin tap, a small vehicle, and two lots of which one has expired. */
export const state = stateOfFile({
  start: '2026-05-04',
  place: { latitude: 47.1, longitude: 9.3, timeZone: 'Europe/Zurich' },
  sides: [
    { id: 'north', name: 'North', aspectDegrees: 0, routeMetres: 30 },
    { id: 'south', name: 'South', aspectDegrees: 180, routeMetres: 20 },
  ],
  site: { waterPoints: [{ id: 'tap', name: 'Yard tap', flowLitresPerMinute: 3, distanceMetres: 20 }] },
  handbook: { ...EMPTY_HANDBOOK, lots: [lot({}), lot({ id: 'b', lot: 'B-2', expiresOn: '2026-04-01' })] },
  house: { gear: { tank: { litres: 50, startLitres: 50 }, vehicle: { kilograms: 20, litres: 9000 } } },
  surfaces: [
    {
      id: 'wall',
      name: 'Mill wall',
      material: 'painted-render',
      side: 'north',
      size: '8x3',
      topMetres: 3,
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    },
    {
      id: 'front',
      name: 'Mill front',
      material: 'painted-render',
      side: 'south',
      size: '12x4',
      topMetres: 4,
      findings: [{ contaminant: 'green-algae', severity: 2 }],
    },
    {
      id: 'yard',
      name: 'Mill yard',
      material: 'concrete',
      side: 'south',
      size: '8x5',
      tiltDegrees: 0,
      findings: [{ contaminant: 'green-algae', severity: 2 }],
    },
  ],
});

/** Its plan. */
export const PLAN: Plan = plan(surveyOf(state), { asOf: '2026-05-04', seed: 1, budget: 1 });
/** The station with the plan of the house, or with another. */
export const show = (part = 'products', shown: Plan = PLAN) =>
  renderInSession(
    <PlanContext value={{ plan: shown, working: false, improving: null, failed: null }}>
      <SupplyPage />
    </PlanContext>,
    `supply?part=${part}`,
  );
/** A server that opens the house, of whose first lot another job has reserved nearly all. */
export const supplyServer = () =>
  standInServer(state, (request) =>
    request.path === '/stock/reservations'
      ? { reservations: [{ lot: 'a', job: idOf('1'), jobName: 'Quay', order: 7, amount: 19.9 }] }
      : undefined,
  );

/** A field filled anew, and left by the return key. */
export const type = async (label: string, text: string) => {
  const field = await screen.findByLabelText(label);
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};
