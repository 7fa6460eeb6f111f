import { EXPOSED_FACE_PROTECTIONS, FOULED_FACE_PROTECTION } from '../catalogue/data/protections.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { FeatureProtection, ProtectionAct } from '../catalogue/protection-act.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import type { Face } from '../survey/face.ts';
import type { Exposure } from './exposed-faces.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { bundMetres, laidOut } from './bund.ts';
import { actsAround, bounds } from './protection-acts.ts';
import type { Protection } from './protection-acts.ts';

/**
 * What is done on each face that agents of other faces come to; flushing comes before all else.
 * @param surfaces all of the property
 */
export function exposureProtections(
  exposed: readonly Exposure[],
  surfaces: readonly TreatedSurface[],
  units: UnitSystem,
): readonly Protection[] {
  const byId = new Map(surfaces.map((p) => [p.surface.id as string, p]));
  const on = new Map<Face, Exposure[]>();
  for (const exposure of exposed) {
    const list = on.get(exposure.face);
    if (list) list.push(exposure);
    else on.set(exposure.face, [exposure]);
  }
  return [...on].flatMap(([face, all]) => {
    const acts = (some: readonly Exposure[], protection: FeatureProtection) => {
      const from = [...new Set(some.flatMap((e) => e.from))].flatMap((id) => byId.get(id) ?? []);
      const about = { feature: null, surface: face.id, placeName: face.name, ...bounds(from) };
      if (some.length === 0) return [];
      const own = byId.get(face.id);
      const laid = laidOut(protection, bundMetres(own ? [own] : []), units);
      return actsAround(about, filledIn(laid, some, from));
    };
    const gas = all.filter((e) => e.setsFreeGas);
    const harmed = all.filter((e) => e.refusals.length > 0);
    return [
      ...acts(gas, FOULED_FACE_PROTECTION),
      ...acts(harmed, EXPOSED_FACE_PROTECTIONS[wayFor(face, harmed)]),
    ];
  });
}

/** Water is enough where a rule may be set aside; what the floor forbids is kept off. */
function wayFor(face: Face, exposed: readonly Exposure[]): keyof typeof EXPOSED_FACE_PROTECTIONS {
  if (exposed.every((e) => e.refusals.every((r) => r.overridable))) return 'wet';
  return face.tiltDegrees < TRADE_DEFAULTS.levelDegrees ? 'divert' : 'cover';
}

function filledIn(
  { before, during, after }: FeatureProtection,
  exposed: readonly Exposure[],
  from: readonly TreatedSurface[],
): FeatureProtection {
  const words = {
    agents: listed([...new Set(exposed.map((e) => lowerFirst(e.agent.name)))]),
    from: listed(from.map((p) => p.surface.name)),
  };
  const fill = (act: ProtectionAct): ProtectionAct => ({
    ...act,
    text: act.text.replace(/\{(agents|from)\}/g, (_, word: keyof typeof words) => words[word]),
  });
  return { before: fill(before), during: during && fill(during), after: fill(after) };
}
