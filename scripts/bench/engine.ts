/** The parts of the engine that are measured one by one, from one and the same copy of the core. */
export {
  plan,
  provisionsOf,
  readJobFile,
  sectionsByHour,
  whatIf,
  withSupplyChange,
} from '../../core/src/index.ts';
export { scheduleJudge } from '../../core/src/plan/day-log.ts';
export { derived } from '../../core/src/plan/derivation.ts';
export { treatedSurfaces } from '../../core/src/treatment/treated-surface.ts';
export { faced } from '../../core/src/survey/face.ts';
