import type { SurveyFault } from '@etappe/core';

/** Time zones that the device knows, the job's own first. */
export function timeZones(own: string): readonly string[] {
  const all = Intl.supportedValuesOf('timeZone');
  return all.includes(own) ? all : [own, ...all];
}

/** The fault that belongs to a field, for showing at it. */
export function faultAt(faults: readonly SurveyFault[], path: string): string | null {
  return faults.find((fault) => fault.path === path || fault.path.endsWith(`.${path}`))?.message ?? null;
}
