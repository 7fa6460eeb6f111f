import { kept } from '../quantity/kept.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { MaterialFamily } from '../catalogue/material.ts';
import type { Schools } from '../catalogue/school.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { Surface } from '../survey/surface.ts';

/** Which way holds on a face: its own, else the job's, else the company's, else the trade's default. */
export function schoolsOn(
  surface: Pick<Surface, 'schools'>,
  house: Pick<JobHouse, 'schools'>,
  catalogue: Catalogue,
): Schools {
  return { ...companyWays(catalogue), ...house.schools, ...surface.schools };
}

const companyWays = kept(({ schools }: Catalogue): Schools =>
  Object.fromEntries(schools.map(({ id, setting }) => [id, setting])),
);

const MACHINE_FAMILIES: readonly MaterialFamily[] = ['concrete', 'stone'];

/** Which way a method goes, by school; schools that it has nothing to do with are left out. */
export function schoolStances(
  method: Method,
  contaminant: string,
  family: MaterialFamily,
  catalogue: Catalogue,
): Schools {
  const stages = workedStages(method);
  const agents = stages.flatMap((s) => (s.kind === 'apply' ? [catalogue.agent(s.agent).class] : []));
  const growth = contaminantById(contaminant).family === 'growth';
  const bleaches = agents.includes('hypochlorite');
  const wash = stages.findIndex((s) => s.kind === 'wash' && catalogue.tool(s.tool).jet);
  const stays = stages.some((s) => s.kind === 'apply' && s.leaveOn && catalogue.agent(s.agent).leaveOn);
  const stances: Record<string, string> = { ...method.schools };
  if (growth && agents.length > 0)
    stances['growth-chemistry'] = bleaches ? 'hypochlorite' : 'oxygen-or-neutral';
  if (growth && family === 'roofing')
    stances['roofs'] = stays ? 'biocide-only' : bleaches ? 'hypochlorite-and-rinse' : 'by-material';
  if (growth) stances['result'] = stays ? 'leave-on' : 'same-day';
  if (wash >= 0)
    stances['chemistry-or-machine'] = stages.slice(0, wash).some((s) => s.kind === 'apply')
      ? 'pre-treat'
      : 'wash-first';
  // Chemistry alone is chemistry first, where a machine could go.
  else if (growth && agents.length > 0 && MACHINE_FAMILIES.includes(family))
    stances['chemistry-or-machine'] = 'pre-treat';
  if (agents.length > 0)
    stances['scrub-or-dwell'] = stages.some((s) => s.kind === 'agitate') ? 'scrub' : 'dwell';
  return stances;
}

/**
 * The schools that a method goes against, in the order of the catalogue. Nobody goes against the trade's default: that
 * is what the ranking says without a preference.
 */
export function schoolsAgainst(stances: Schools, held: Schools, catalogue: Catalogue): readonly string[] {
  return catalogue.schools.flatMap((school) => {
    const [byDefault] = school.settings;
    const [stance, wanted] = [stances[school.id], held[school.id]];
    if (stance === undefined || wanted === undefined || wanted === byDefault?.id) return [];
    return stance === wanted ? [] : [school.id];
  });
}
