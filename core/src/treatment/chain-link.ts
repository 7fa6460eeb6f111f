import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import type { Method, WorkTemplate } from '../catalogue/method.ts';
import type { Surface } from '../survey/surface.ts';
import type { Reason } from './reason.ts';

/** One method on its way into a chain: what it treats here, how badly, on what share of the surface. */
export interface ChainLink {
  readonly method: Method;
  readonly severity: Severity;
  readonly areaSquareMetres: number;
  /** The contaminants that it is chosen for. */
  readonly against: readonly string[];
  readonly cautions: readonly Reason[];
  /** What is lifted off dry before anything wet. */
  readonly solids: readonly LiftedSolids[];
  /** Of the floor along doors, where that is put on first and stronger; 0 where nothing is. */
  readonly doorStripSquareMetres: number;
}

/** A layer of one contaminant that is lifted off by hand. */
export interface LiftedSolids {
  readonly contaminant: string;
  readonly lift: WorkTemplate;
  readonly severity: Severity;
  readonly areaSquareMetres: number;
}

export interface ChainSurroundings {
  readonly surface: Surface;
  readonly shaded: boolean;
  readonly schools: Readonly<Record<string, string>>;
  /** Of the air, as the job counts with. */
  readonly temperatureCelsius: number;
  /** Something lies on the face that sets free gas with hypochlorite. */
  readonly ammonia: boolean;
  readonly catalogue: Catalogue;
}
