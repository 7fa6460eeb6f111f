import type { MakeId } from './carried-over.ts';
import type { DraftChange } from './change.ts';
import type { EntityId } from './entity-id.ts';
import { usualTilt } from './surface.ts';
import type { Band, Surface } from './surface.ts';
import type { Survey } from './survey.ts';

/** What one surface has in common with another that is "the same": all but its name, its place and what is around it. */
export function likeness(surface: Surface): Partial<Surface> {
  const {
    material,
    unsureBetween,
    finish,
    conditions,
    size,
    girth,
    reliefFactor,
    tiltDegrees,
    footMetres,
    topMetres,
    thinMember,
    paving,
  } = surface;
  return {
    material,
    unsureBetween,
    finish,
    conditions,
    size,
    girth,
    reliefFactor,
    tiltDegrees,
    footMetres,
    topMetres,
    thinMember,
    paving,
  };
}

/** A surface put on another side or into another band, whose usual tilt it then has. */
export function movedSurface(
  surface: Surface,
  to: { readonly side: EntityId | null; readonly band: Band },
): readonly DraftChange[] {
  const fields = {
    ...(to.side === surface.side ? {} : { side: to.side }),
    ...(to.band === surface.band ? {} : { band: to.band, tiltDegrees: usualTilt(to.band) }),
  };
  return Object.keys(fields).length === 0
    ? []
    : [{ kind: 'surface', entity: surface.id, op: 'patch', fields }];
}

/**
 * The sides with one of them elsewhere in the walking order.
 * @param to its index among the sides afterwards
 * @returns changes of those positions only that are not as they were
 */
export function movedSide({ sides }: Pick<Survey, 'sides'>, id: string, to: number): readonly DraftChange[] {
  const moved = sides.find((side) => side.id === id);
  if (!moved) return [];
  const order = sides.filter((side) => side.id !== id);
  order.splice(Math.max(0, Math.min(to, order.length)), 0, moved);
  return order.flatMap((side, position) =>
    side.position === position
      ? []
      : [{ kind: 'side' as const, entity: side.id, op: 'patch' as const, fields: { position } }],
  );
}

/** A surface with what is on it once more on each of some other sides, named after them. */
export function copiedToSides(
  survey: Survey,
  surface: Surface,
  sides: readonly EntityId[],
  makeId: MakeId,
): readonly DraftChange[] {
  const names = new Set(survey.surfaces.map((s) => s.name));
  const own = survey.sides.find((side) => side.id === surface.side)?.name ?? '';
  const stem = surface.name.replace(new RegExp(`,? ${escaped(own)}$`, 'i'), '');
  let position = Math.max(0, ...survey.surfaces.map((s) => s.position));
  const findings = survey.findings.filter((f) => f.surface === surface.id && f.zone === null);
  return survey.sides
    .filter((side) => sides.includes(side.id))
    .flatMap((side): readonly DraftChange[] => {
      const id = makeId();
      position += 1;
      let name = `${stem}, ${side.name.toLowerCase()}`;
      for (let n = 2; names.has(name); n += 1) name = `${stem}, ${side.name.toLowerCase()} ${n}`;
      names.add(name);
      return [
        {
          kind: 'surface',
          entity: id,
          op: 'create',
          fields: { ...likeness(surface), name, side: side.id, band: surface.band, position },
        },
        ...findings.map(({ contaminant, severity, share, confidence, note }) => ({
          kind: 'finding' as const,
          entity: makeId(),
          op: 'create' as const,
          fields: { surface: id, contaminant, severity, share, confidence, note },
        })),
      ];
    });
}

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
