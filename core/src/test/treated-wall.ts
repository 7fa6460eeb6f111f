import { SHIPPED } from '../company/company-catalogue.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Finding } from '../survey/finding.ts';
import type { Surface } from '../survey/surface.ts';
import { testSurface } from './entities.ts';
import { surfaceState } from '../treatment/surface-state.ts';
import { surfaceTreatment } from '../treatment/surface-treatment.ts';
import type { TreatmentInput } from '../treatment/surface-treatment.ts';

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
    surface: on,
    areaSquareMetres: 40,
    findings,
    choices: [],
    state: surfaceState(on, {
      surfaces: [on],
      features: [],
      catalogue: SHIPPED,
      job: { weather: { temperatureC: 18 } },
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
