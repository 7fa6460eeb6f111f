import { SHIPPED } from '../company/company-catalogue.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Finding } from '../survey/finding.ts';
import type { Surface } from '../survey/surface.ts';
import { takeOffFace } from '../takeoff/take-off.ts';
import { NOTHING_AROUND } from '../proposal/surroundings.ts';
import type { FaceAir } from '../wetting/face-air.ts';
import { testSurface } from './entities.ts';
import { surfaceState } from '../treatment/surface-state.ts';
import { surfaceTreatment } from '../proposal/surface-treatment.ts';
import type { TreatmentInput } from '../proposal/face-options.ts';

/** A mild day without the sun on anything. */
export const MILD_AIR: FaceAir = {
  temperatureC: 18,
  humidity: 0.65,
  windMetresPerSecond: 2,
  netRadiationWattsPerSquareMetre: 250,
};

/** A wall of 40 m². */
export const surface = (material: string, more: Partial<Surface> = {}) =>
  testSurface(material, { size: '10x4', ...more });

/** Something found on it. */
export const finding = (contaminant: string, severity: Finding['severity'] = 2, share = 1): Finding => ({
  id: contaminant,
  position: 0,
  surface: 'wall',
  zone: null,
  contaminant,
  severity,
  share,
  confidence: 1,
  note: '',
});

/** The treatment of it on a mild day, with nothing decided. */
export const treat = (on: Surface, findings: readonly Finding[], more: Partial<TreatmentInput> = {}) =>
  surfaceTreatment({
    surface: { ...on, takeOff: takeOffFace(on, 'metric') },
    air: MILD_AIR,
    surroundings: NOTHING_AROUND,
    areaSquareMetres: 40,
    findings,
    choices: [],
    state: surfaceState(on, {
      surfaces: [on],
      features: [],
      catalogue: SHIPPED,
      job: { weather: { temperatureC: 18 }, house: { schools: {} } },
    }),
    otherStates: [],
    patches: [],
    schools: {},
    catalogue: CATALOGUE,
    shaded: false,
    ammonia: false,
    temperatureCelsius: 18,
    ...more,
  });
