import { CATALOGUE, contaminantById } from '../catalogue/catalogue.ts';
import type { Survey } from '../survey/survey.ts';
import { SURFACE_COLUMNS } from './surface-columns.ts';
import type { SurfaceColumnKey } from './surface-columns.ts';

const LIST = '; ';

/**
 * The surfaces of a survey as a list, one row a surface, in order.
 * @returns the headers, and the cells of each row in the same order
 */
export function surfaceRows(survey: Survey): {
  readonly headers: readonly string[];
  readonly rows: readonly (readonly string[])[];
} {
  return {
    headers: SURFACE_COLUMNS.map((column) => column.header),
    rows: survey.surfaces.map((surface) => {
      const cells = cellsOf(surface, survey);
      return SURFACE_COLUMNS.map((column) => cells[column.key]);
    }),
  };
}

function cellsOf(surface: Survey['surfaces'][number], survey: Survey): Record<SurfaceColumnKey, string> {
  const names = new Map(
    [...survey.surfaces, ...survey.features, ...survey.sides].map((e) => [e.id as string, e.name]),
  );
  const named = (ids: readonly string[]) => ids.map((id) => names.get(id) ?? id).join(LIST);
  const scope = survey.scopes.find((s) => s.surface === surface.id);
  const findings = survey.findings.filter((f) => f.surface === surface.id && f.zone === null);
  return {
    id: surface.id,
    name: surface.name,
    side: surface.side === null ? '' : named([surface.side]),
    band: surface.band,
    material: surface.material,
    finish: surface.finish,
    conditions: surface.conditions.join(LIST),
    size: surface.size,
    girth: surface.girth,
    reliefFactor: String(surface.reliefFactor),
    footMetres: String(surface.footMetres),
    topMetres: String(surface.topMetres),
    tiltDegrees: String(surface.tiltDegrees),
    drainsOnto: named(surface.drainsOnto),
    beside: named(surface.beside),
    inScope: (scope?.inScope ?? true) ? 'yes' : 'no',
    scopeReason: scope?.scopeReason ?? '',
    findings: findings
      .map((f) => `${f.contaminant} ${f.severity} ${Number((f.share * 100).toFixed(4))}%`)
      .join(LIST),
    note: surface.note,
  };
}

/** A finding as it stands in a cell: the contaminant, its severity, and its share where it is not all of the face. */
export interface WrittenFinding {
  readonly contaminant: string;
  readonly severity: number;
  readonly share: number;
}

/**
 * Findings out of a cell such as `green algae 3 80%; rust 2`.
 * @throws RangeError that says what was expected and what stands there
 */
export function findingsIn(cell: string): readonly WrittenFinding[] {
  return cell
    .split(';')
    .map((text) => text.trim())
    .filter((text) => text !== '')
    .map((text) => {
      const match = /^(.*?)\s+([1-4])(?:\s+(\d+(?:[.,]\d+)?)\s*%)?$/.exec(text);
      if (!match) throw new RangeError(`"${text}" is no finding: write it as green-algae 3 80%`);
      const [, word = '', severity, percent = '100'] = match;
      const contaminant = CATALOGUE.contaminants.find(
        (c) =>
          c.id === word.toLowerCase().replaceAll(' ', '-') ||
          [c.name, ...c.synonyms].some((name) => name.toLowerCase() === word.toLowerCase()),
      );
      if (!contaminant)
        throw new RangeError(
          `"${word}" is not in the catalogue: ${CATALOGUE.contaminants.map((c) => contaminantById(c.id).name.toLowerCase()).join(', ')}`,
        );
      const share = Number(percent.replace(',', '.')) / 100;
      if (share <= 0 || share > 1) throw new RangeError(`a share of ${percent} % is outside 0 to 100 %`);
      return { contaminant: contaminant.id, severity: Number(severity), share };
    });
}
