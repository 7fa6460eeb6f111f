import type { Survey, SurveyFault } from './survey.ts';

/**
 * References that lead nowhere and run-off that comes back to where it started.
 * @returns faults with path and the way out; empty when sound
 */
export function referenceFaults(survey: Survey): readonly SurveyFault[] {
  const faults: SurveyFault[] = [];
  const sides = new Set(survey.sides.map((s) => s.id));
  const surfaces = new Set(survey.surfaces.map((s) => s.id));
  const places = new Set([...surfaces, ...survey.features.map((f) => f.id)]);
  survey.surfaces.forEach((surface, index) => {
    const at = `surfaces[${String(index)}]`;
    if (surface.side !== null && !sides.has(surface.side)) {
      faults.push({
        path: `${at}.side`,
        message: `there is no side "${surface.side}"`,
        value: surface.side,
        entity: surface.id,
      });
    }
    for (const field of ['drainsOnto', 'beside'] as const) {
      surface[field].forEach((id, k) => {
        if (!places.has(id)) {
          faults.push({
            path: `${at}.${field}[${String(k)}]`,
            message: `there is no surface or feature "${id}"`,
            value: id,
            entity: surface.id,
          });
        }
      });
    }
  });
  survey.findings.forEach((finding, index) => {
    if (!surfaces.has(finding.surface)) {
      faults.push({
        path: `findings[${String(index)}].surface`,
        message: `there is no surface "${finding.surface}"`,
        value: finding.surface,
        entity: finding.id,
      });
    }
  });
  const found = new Set<string>();
  survey.findings.forEach((finding, index) => {
    const key = `${finding.surface} ${finding.contaminant}`;
    if (found.has(key)) {
      faults.push({
        path: `findings[${String(index)}].contaminant`,
        message: `"${finding.contaminant}" is found twice on "${finding.surface}": change the one that is there`,
        value: finding.contaminant,
        entity: finding.id,
      });
    }
    found.add(key);
  });
  const loop = drainLoop(survey);
  if (loop) {
    faults.push({
      path: `surfaces[${String(survey.surfaces.findIndex((s) => s.id === loop[0]))}].drainsOnto`,
      message: `run-off goes round in a loop (${loop.join(' → ')}): water runs down, so take one of them out`,
      value: loop,
      entity: loop[0] ?? '',
    });
  }
  return faults;
}

/** A closed walk along `drainsOnto`, its first id repeated at the end; null when water always runs on. */
export function drainLoop(survey: Pick<Survey, 'surfaces'>): readonly string[] | null {
  const onto = new Map(survey.surfaces.map((s) => [s.id as string, s.drainsOnto]));
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
