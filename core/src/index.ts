export { isReadyToUse } from './catalogue/agent.ts';
export {
  CATALOGUE,
  CATALOGUE_VERSION,
  agentById,
  conditionById,
  contaminantById,
  materialById,
  methodById,
  toolById,
} from './catalogue/catalogue.ts';
export { SEVERITY_WORDS } from './catalogue/contaminant.ts';
export type { ContaminantFamily, Severity } from './catalogue/contaminant.ts';
export { SAFETY_FLOOR } from './catalogue/data/safety-floor.ts';
export type { Finish, MaterialFamily } from './catalogue/material.ts';
export { MACHINE_KINDS, MACHINE_NAMES } from './catalogue/tool.ts';
export type { MachineKind } from './catalogue/tool.ts';
export { jobFileOf, readJobFile } from './interchange/job-file.ts';
export { planFileOf } from './interchange/plan-file.ts';
export type { MixCard, MixPart } from './mixing/mix-card.ts';
export { catalogueEntriesOf, crewOrder } from './order/crew-order.ts';
export type { CrewOrder, OrderMix } from './order/crew-order.ts';
export type { OrderEntry } from './order/order-entry.ts';
export { ENGINE_VERSION, canonicalHash, inputsHash } from './plan/inputs-hash.ts';
export { betterPlans, plan, planAround } from './plan/plan.ts';
export type { DecidedVisit, Plan } from './plan/plan.ts';
export type { PlannedSurface } from './plan/planned-surface.ts';
export type { Warning } from './plan/warnings.ts';
export type { WetCyclePlan } from './plan/wet-cycle-plan.ts';
export type { PlannedOperation, Task } from './plan/work-builder.ts';
export { formatArea, formatAreaRate } from './quantity/area.ts';
export { formatGramsPerLitre } from './quantity/concentration.ts';
export { clockTime, formatDuration, secondOfDay } from './quantity/duration.ts';
export { METRES_PER, formatLength } from './quantity/length.ts';
export { formatMass } from './quantity/mass.ts';
export { formatJetPressure } from './quantity/pressure.ts';
export { decimal, roundToStep } from './quantity/rounding.ts';
export type { UnitSystem } from './quantity/unit-system.ts';
export { formatVolume } from './quantity/volume.ts';
export type { PlannedMix } from './supply/planned-mix.ts';
export type { ProductAmount } from './supply/product-amounts.ts';
export { applyChange, stateOf, surveyChangeSchema, surveyOf } from './survey/change.ts';
export type { FieldConflict, SurveyChange, SurveyState, VersionedEntity } from './survey/change.ts';
export { deletionOf } from './survey/deletion.ts';
export type { DraftChange } from './survey/deletion.ts';
export type { Finding } from './survey/finding.ts';
export { DEFAULT_HOUSE, DEFAULT_WEATHER, SCHOOLS, machineCounts } from './survey/job-detail.ts';
export type { CrewMember, JobDetail, JobHouse, JobWeather, Machine } from './survey/job-detail.ts';
export { referenceFaults } from './survey/references.ts';
export { SHADES, aspectName } from './survey/side.ts';
export type { Shade, Side } from './survey/side.ts';
export { FEATURE_KINDS, LEADS_TO, WATER_POINT_KINDS } from './survey/site.ts';
export type { Feature, FeatureKind, LeadsTo, WaterPoint } from './survey/site.ts';
export { BANDS, BAND_NAMES, usualTilt, usualTop } from './survey/surface.ts';
export type { Band, Surface } from './survey/surface.ts';
export { ENTITY_KINDS, JOB_KIND, checkedDetail } from './survey/survey.ts';
export type { EntityKind, Survey, SurveyFault } from './survey/survey.ts';
export { takeOffArea, takeOffLength } from './takeoff/take-off.ts';
export type { TakeOff } from './takeoff/take-off.ts';
export type { ContaminantProposal, RefusedMethod, SurfaceTreatment } from './treatment/surface-treatment.ts';
export type { Stage } from './treatment/stage.ts';
export type { Reason } from './treatment/reason.ts';
export type { Tolerance } from './treatment/tolerances.ts';
