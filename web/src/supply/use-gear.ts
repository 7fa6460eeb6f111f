import type { JobGear, JobHouse, UnitSystem } from '@etappe/core';
import { useJob } from '../survey-edits/use-entity.ts';

/** How to change what comes along; each call returns the fault to show at the field, or null. */
export function useGear(): {
  readonly units: UnitSystem;
  readonly house: JobHouse;
  readonly patchHouse: (more: Partial<JobHouse>) => string | null;
  readonly patchGear: (more: Partial<JobGear>) => string | null;
} {
  const { job, patch } = useJob();
  const { house } = job;
  const patchHouse = (more: Partial<JobHouse>) => patch({ house: { ...house, ...more } });
  return {
    units: job.units,
    house,
    patchHouse,
    patchGear: (more) => patchHouse({ gear: { ...house.gear, ...more } }),
  };
}
