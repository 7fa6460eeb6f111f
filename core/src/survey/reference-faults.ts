import { OWN_ID } from '../company/own-entry.ts';
import { lengthFaults } from './list-limits.ts';
import type { Surface } from './surface.ts';
import { ENTITY_KINDS } from './survey.ts';
import type { EntityKind, Survey, SurveyFault } from './survey.ts';
import { REFERENCES, namedIn } from './references.ts';

const KINDS = Object.entries(ENTITY_KINDS) as [EntityKind, (typeof ENTITY_KINDS)[EntityKind]][];

/**
 * References that lead nowhere, what may stand only once, lists that no file can carry, and run-off that comes back to where it started.
 * @returns faults with path and the way out; empty when sound
 */
export function referenceFaults(survey: Survey): readonly SurveyFault[] {
  const faults: SurveyFault[] = [
    ...danglingReferences(survey),
    ...repeated(survey),
    ...misplacedFindings(survey),
    ...unknownMaterials(survey),
    ...lengthFaults(survey),
  ];
  const loop = drainLoop(survey);
  if (loop) {
    faults.push({
      path: `surfaces[${survey.surfaces.findIndex((s) => s.id === loop[0])}].drainsOnto`,
      message: `run-off goes round in a loop (${loop.join(' → ')}): water runs down, so take one of them out`,
      value: loop,
      entity: loop[0] ?? '',
    });
  }
  return faults;
}

function danglingReferences(survey: Survey): readonly SurveyFault[] {
  const kinds = new Map(
    KINDS.flatMap(([kind, { list }]) => survey[list].map((e) => [e.id as string, kind] as const)),
  );
  return KINDS.flatMap(([kind, { list }]) =>
    survey[list].flatMap((entity, index) =>
      REFERENCES[kind].flatMap((reference) =>
        namedIn(entity as unknown as Record<string, unknown>, reference.field).flatMap(({ id, path }) => {
          const found = kinds.get(id);
          if (found !== undefined && reference.to.includes(found)) return [];
          return [
            {
              path: `${list}[${index}].${path}`,
              message: `there is no ${reference.to.join(' or ').replaceAll('-', ' ')} "${id}"`,
              value: id,
              entity: entity.id,
            },
          ];
        }),
      ),
    ),
  );
}

/** Own materials must be in the company's handbook; those of the catalogue were checked with the surface. */
function unknownMaterials({ surfaces, handbook }: Survey): readonly SurveyFault[] {
  const materialIds = new Set(handbook.materials.map((m) => m.id));
  return surfaces.flatMap(({ id, material, unsureBetween }, index) =>
    [material, ...unsureBetween].flatMap((value, i) =>
      OWN_ID.test(value) && !materialIds.has(value)
        ? [
            {
              path: `surfaces[${index}].${i === 0 ? 'material' : `unsureBetween[${i - 1}]`}`,
              message: `the company handbook has no material "${value}": add it there, or take one of the catalogue`,
              value,
              entity: id,
            },
          ]
        : [],
    ),
  );
}

function repeated(survey: Survey): readonly SurveyFault[] {
  const faults: SurveyFault[] = [];
  const found = new Set<string>();
  survey.findings.forEach((finding, index) => {
    const key = `${finding.surface} ${finding.zone ?? ''} ${finding.contaminant}`;
    if (found.has(key)) {
      faults.push({
        path: `findings[${index}].contaminant`,
        message: `"${finding.contaminant}" is found twice on "${finding.zone ?? finding.surface}": change the one that is there`,
        value: finding.contaminant,
        entity: finding.id,
      });
    }
    found.add(key);
  });
  const scoped = new Set<string>();
  survey.scopes.forEach((scope, index) => {
    if (scoped.has(scope.surface)) {
      faults.push({
        path: `scopes[${index}].surface`,
        message: `the scope of "${scope.surface}" is set twice: change the one that is there`,
        value: scope.surface,
        entity: scope.id,
      });
    }
    scoped.add(scope.surface);
  });
  return faults;
}

function misplacedFindings(survey: Survey): readonly SurveyFault[] {
  const surfaceOf = new Map(survey.zones.map((z) => [z.id as string, z.surface]));
  return survey.findings.flatMap((finding, index) => {
    const surface = finding.zone === null ? undefined : surfaceOf.get(finding.zone);
    return surface === undefined || surface === finding.surface
      ? []
      : [
          {
            path: `findings[${index}].zone`,
            message: `the zone "${finding.zone}" lies on "${surface}", not on "${finding.surface}"`,
            value: finding.zone,
            entity: finding.id,
          },
        ];
  });
}

/** A closed walk along `drainsOnto`, its first id repeated at the end; null when water always runs on. */
export function drainLoop({
  surfaces,
}: {
  readonly surfaces: readonly Pick<Surface, 'id' | 'drainsOnto'>[];
}): readonly string[] | null {
  const onto = new Map(surfaces.map((s) => [s.id as string, s.drainsOnto]));
  const from = new Map<string, string[]>();
  for (const [id, targets] of onto) for (const t of targets) from.set(t, [...(from.get(t) ?? []), id]);

  // Surfaces from which water runs on for good are struck off from the bottom up; what is left runs in a loop.
  const left = new Map([...onto].map(([id, targets]) => [id, targets.filter((t) => onto.has(t)).length]));
  const ends = [...left].filter(([, count]) => count === 0).map(([id]) => id);
  for (let id = ends.pop(); id !== undefined; id = ends.pop()) {
    left.delete(id);
    for (const above of from.get(id) ?? []) {
      const count = (left.get(above) ?? 0) - 1;
      left.set(above, count);
      if (count === 0) ends.push(above);
    }
  }
  const path: string[] = [];
  for (let at = [...left.keys()][0]; at !== undefined; at = (onto.get(at) ?? []).find((t) => left.has(t))) {
    const seen = path.indexOf(at);
    if (seen >= 0) return [...path.slice(seen), at];
    path.push(at);
  }
  return null;
}
