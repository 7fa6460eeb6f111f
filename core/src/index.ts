/** The core's one door: every name that server, web and scripts may use, a line each by the file it comes from. */

export { LANGUAGES, LANGUAGE_NAMES } from './language/language.ts';
export type { Language, Words } from './language/language.ts';
export { idInWords, word } from './language/in-language.ts';
export { LANGUAGE } from './language/spoken.ts';
export { isReadyToUse } from './catalogue/agent.ts';
export {
  CATALOGUE,
  CATALOGUE_VERSION,
  contaminantById,
  lookAlikeById,
  quickTestById,
} from './catalogue/catalogue.ts';
export { catalogueFaults } from './catalogue/catalogue-check.ts';
export { SEVERITY_WORDS } from './catalogue/contaminant.ts';
export { CONTAMINANT_FAMILIES } from './catalogue/contaminant.ts';
export type { ContaminantFamily, Severity } from './catalogue/contaminant.ts';
export { FACT_NAMES, factTestInWords, factsRead } from './handbook/limit-words.ts';
export { HANDBOOK_KINDS, handbookSearch } from './handbook/handbook-search.ts';
export type { HandbookEntry, HandbookKind } from './handbook/handbook-search.ts';
export { materialCard } from './handbook/material-card.ts';
export type { MaterialCard } from './handbook/material-card.ts';
export { USED_CLASSES, opposedClasses } from './handbook/opposed-classes.ts';
export type { Catalogue } from './catalogue/catalogue.ts';
export type { Agent, AgentClass } from './catalogue/agent.ts';
export { SAFETY_FLOOR } from './catalogue/data/safety-floor.ts';
export { MATERIAL_FAMILIES } from './catalogue/material.ts';
export type { Bearing, Finish, Material, MaterialFamily } from './catalogue/material.ts';
export { MACHINE_KINDS, MACHINE_NAMES } from './catalogue/tool.ts';
export type { MachineKind } from './catalogue/tool.ts';
export { signed } from './proposal/method-ranking.ts';
export { schoolsOn } from './proposal/school-stance.ts';
export type { RankingWeight, School, Schools } from './catalogue/school.ts';
export { isByOthers } from './catalogue/method.ts';
export type { Method, StageTemplate, WorkedTemplate } from './catalogue/method.ts';
export { alikeFaces } from './what-if/alike-faces.ts';
export type { AlikeFace } from './what-if/alike-faces.ts';
export type { Expectation } from './order/expectations.ts';
export { isAcknowledged, toldCustomer, toldHash } from './order/told-customer.ts';
export type { ToldTopic } from './order/told-customer.ts';
export { changedElsewhere } from './proposal/changed-elsewhere.ts';
export type { ChangedElsewhere } from './proposal/changed-elsewhere.ts';
export { aftercareOf } from './aftercare/aftercare.ts';
export type { AftercareItem } from './aftercare/aftercare.ts';
export { catalogueMatrix } from './handbook/catalogue-matrix.ts';
export { apartNotes } from './warnings/chemistry-warnings.ts';
export type { OtherTreatment } from './protection/other-treatments.ts';
export { whatIf } from './what-if/what-if.ts';
export type { JobFigures, WhatIf } from './what-if/what-if.ts';
export { methodFigures } from './proposal/method-figures.ts';
export { stageProtection } from './protection/stage-protection.ts';
export type { RankedMethod } from './proposal/method-ranking.ts';
export { workedStages } from './catalogue/method.ts';
export { stageMinutes, visitOutlines, waitInWords } from './plan/visit-outline.ts';
export type { VisitOutline } from './plan/visit-outline.ts';
export { overrideId } from './company/catalogue-override.ts';
export type { CatalogueOverride } from './company/catalogue-override.ts';
export { applyHandbookChanges, handbookChangeSchema, handbookOf } from './company/handbook-change.ts';
export type { AppliedHandbookChange, HandbookChange, HandbookRecord } from './company/handbook-change.ts';
export type { HandbookFault } from './company/handbook-faults.ts';
export { handbookValues } from './company/handbook-value.ts';
export { directionOf, settingFault, settingInWords } from './company/setting.ts';
export type { ChangedKind } from './company/handbook-value.ts';
export type { HandbookValue, Setting } from './company/setting.ts';
export { companyCatalogue, valueOf } from './company/company-catalogue.ts';
export type { HandbookFlag, CompanyCatalogue } from './company/company-catalogue.ts';
export { agentFigures } from './handbook/agent-figures.ts';
export type { AgentFigure } from './handbook/agent-figures.ts';
export type { Provenance, SourceType } from './catalogue/provenance.ts';
export { companyValues } from './company/company-values.ts';
export type { CompanyValue } from './company/company-values.ts';
export { EMPTY_HANDBOOK, HANDBOOK_PARTS, companyHandbookSchema } from './company/company-handbook.ts';
export type { HandbookPart, CompanyHandbook } from './company/company-handbook.ts';
export { OWN_ID } from './company/own-entry.ts';
export type { OwnMaterial, OwnMethod } from './company/own-entry.ts';
export { NO_RESTRICTIONS, addressHash, strengthQuestion } from './company/product.ts';
export type { DataSheet, LabelRestrictions, Product } from './company/product.ts';
export { nozzleFlow } from './jet/surface-pressure.ts';
export { jobFileOf, readJobFile } from './interchange/job-file.ts';
export { jobFileSchema } from './interchange/job-file-schema.ts';
export {
  NEEDED_COLUMNS,
  SURFACE_COLUMNS,
  hasDecimalComma,
  proposedMapping,
} from './interchange/surface-columns.ts';
export type { ColumnMapping, SurfaceColumnKey } from './interchange/surface-columns.ts';
export { surfaceRows } from './interchange/surface-rows.ts';
export { surfacesOfRows } from './interchange/surfaces-of-rows.ts';
export type { RowFault } from './interchange/row-cells.ts';
export type { RowsReading } from './interchange/surfaces-of-rows.ts';
export type { Mark } from './survey/mark.ts';
export { LONGEST_DROP_SECONDS, ABSORPTION_TEST } from './survey/surface-test.ts';
export type { SurfaceTest } from './survey/surface-test.ts';
export { absorptionOf } from './survey/water-absorption.ts';
export { mostUsed } from './survey/most-used.ts';
export { markDiagnosis } from './readiness/mark-diagnosis.ts';
export type { MarkDiagnosis } from './readiness/mark-diagnosis.ts';
export { materialDiagnosis } from './readiness/material-diagnosis.ts';
export type { MaterialDiagnosis } from './readiness/material-diagnosis.ts';
export type { ProposedTest } from './readiness/proposed-tests.ts';
export { damageSheet } from './order/damage-sheet.ts';
export { GREATEST_PHOTO_ERROR } from './takeoff/photo-error.ts';
export { flatFace, measuredSize } from './takeoff/photo-measure.ts';
export { neededPatches } from './readiness/test-patches.ts';
export type { NeededPatch } from './readiness/test-patches.ts';
export { PATCH_VERDICTS } from './survey/test-patch.ts';
export type { PatchVerdict, TestPatch } from './survey/test-patch.ts';
export type { Waiver } from './survey/waiver.ts';
export { cameraLens, cameraTime } from './survey/photo.ts';
export type { DamagePhoto, Photo, PhotoFace, PhotoMark, PhotoPoint } from './survey/photo.ts';
export type { DamageAcknowledgement } from './survey/acknowledgement.ts';
export { permanentMarkOf } from './readiness/permanent-marks.ts';
export { answeredQuestions, questionsOn } from './readiness/open-questions.ts';
export { planFileOf } from './interchange/plan-file.ts';
export type { MixCard, MixPart } from './mixing/mix-card.ts';
export { catalogueEntriesOf, crewOrder } from './order/crew-order.ts';
export type { PlanMark, PlanSurface, SitePlan } from './order/site-plan.ts';
export { NUMBER_RADIUS, sitePlanLayout } from './order/site-plan-layout.ts';
export { PROFILE_ID, companyProfile } from './company/profile.ts';
export type { CompanyLogo, CompanyProfile } from './company/profile.ts';
export { nextRound } from './order/next-round.ts';
export type { DayTime } from './order/next-round.ts';
export { orderChanges } from './order/order-changes.ts';
export type { CrewOrder, OrderMix } from './order/crew-order.ts';
export type { OrderEntry } from './order/order-entry.ts';
export { entryLines, entryTitle, numbersInShort } from './order/entry-lines.ts';
export type { EntryLine } from './order/entry-lines.ts';
export { mixInWords } from './order/mix-in-words.ts';
export { ENGINE_VERSION, bytesHash, canonicalHash, inputsHash } from './plan/inputs-hash.ts';
export { betterPlans, plan, planAround } from './plan/plan.ts';
export type { DecidedVisit } from './plan/derivation.ts';
export type { Plan } from './plan/plan.ts';
export { jobSupply } from './plan/job-supply.ts';
export type { JobProduct } from './plan/job-supply.ts';
export type { PlannedSurface } from './wet-cycle/planned-surface.ts';
export type { Warning } from './warnings/warning.ts';
export type { WetCyclePlan } from './wet-cycle/wet-cycle-plan.ts';
export type { PlannedOperation, Task } from './visit/work-builder.ts';
export { seededRandom } from './sequence/seeded-random.ts';
export { uuidSchema } from './quantity/uuid.ts';
export { METRES_PER, lengthUnitOf } from './quantity/length.ts';
export {
  formatArea,
  formatAreaRate,
  formatFlow,
  formatJetPressure,
  formatLength,
  formatMass,
  formatPumpPressure,
  formatStandOff,
  formatStock,
  formatVolume,
} from './quantity/shown-quantity.ts';
export { BAR_PER_PSI, PASCALS_PER_PSI, unitOf } from './quantity/units.ts';
export type { Unit } from './quantity/units.ts';
export { formatGramsPerLitre } from './quantity/concentration.ts';
export { clockTime, formatDuration, secondOfDay } from './quantity/duration.ts';
export { decimal, money } from './quantity/numbers.ts';
export { roundToStep } from './quantity/rounding.ts';
export type { UnitSystem } from './quantity/unit-system.ts';
export type { PlannedMix } from './supply/planned-mix.ts';
export { applicationsOf } from './supply/planned-mix.ts';
export { inUseOrder, mixLetters } from './visit/mix-letters.ts';
export { dayInRows } from './order/day-in-rows.ts';
export { roundsInWords } from './order/rounds-in-words.ts';
export type { NamedRound } from './order/rounds-in-words.ts';
export { faceSun } from './plan/face-sun.ts';
export type { FaceSun } from './plan/face-sun.ts';
export { whyThen } from './order/why-then.ts';
export {
  NOTHING_FIXED,
  fixedBy,
  fixedByMove,
  isOfOnesOwn,
  pinOn,
  pinsAsTold,
  workInRound,
} from './order/pinned-round.ts';
export type { Fixed, Pinned, RoundMove } from './order/pinned-round.ts';
export { isLongOrder, orderHead, orderPaper } from './paper/order-paper.ts';
export { PAPER_KINDS, SHEET_SIZES, paperSchema, picturesIn } from './paper/paper.ts';
export type {
  Paper,
  PaperBlock,
  PaperKind,
  PaperLine,
  PaperRound,
  PaperTone,
  SheetSize,
} from './paper/paper.ts';
export { imprintOf, pageInWords } from './paper/paper-head.ts';
export { PAPERS_OF_PLAN } from './paper/papers.ts';
export type { OrderRound } from './order/crew-order.ts';
export { roundTime, shortTime } from './quantity/duration.ts';
export { placesInWords } from './order/places-in-words.ts';
export type { ProductAmount } from './supply/product-amounts.ts';
export { duplicateOf, templateOf } from './survey/carried-over.ts';
export { fieldIn } from './survey/keyed-field.ts';
export { ON_TOP, WHOLE_ENTITY, applyChanges, surveyChangeSchema } from './survey/change.ts';
export type { AppliedChange, DraftChange, FieldConflict, SurveyChange } from './survey/change.ts';
export type { Damage } from './survey/damage.ts';
export { deletionOf } from './survey/deletion.ts';
export { YES_NO_UNKNOWN } from './survey/detail-limits.ts';
export type { HourSpan } from './survey/detail-limits.ts';
export { faced, facesOf } from './survey/face.ts';
export type { Face } from './survey/face.ts';
export {
  DRAIN_STATES,
  FEATURE_DETAILS,
  FEATURE_KINDS,
  FEATURE_NAMES,
  LEADS_TO,
  detailSettings,
  isDrain,
} from './survey/feature.ts';
export type { Feature, FeatureDetailKey, FeatureKind } from './survey/feature.ts';
export { usualShare } from './survey/finding.ts';
export type { Finding } from './survey/finding.ts';
export { LARGEST_CREW, asEntered, crewOfSize, entryOf, isAsEntered } from './survey/crew.ts';
export { withMachineCount } from './survey/crew-and-machines.ts';
export { DEFAULT_HOUSE, DEFAULT_WEATHER, USUAL_LUNCH, machineCounts } from './survey/job-detail.ts';
export type { JobDetail, JobHouse, JobWeather } from './survey/job-detail.ts';
export { pinTrial, withPinned } from './what-if/pin-trial.ts';
export type { PinTrial } from './what-if/pin-trial.ts';
export { fixesNothing, withPin } from './survey/round-pin.ts';
export type { PinnedTo, RoundPin } from './survey/round-pin.ts';
export { workingDay } from './visit/working-day.ts';
export { dayVariants, variantFigures, withVariant } from './what-if/day-variants.ts';
export type { DayVariant, VariantFigures } from './what-if/day-variants.ts';
export { dayRisk } from './risk/day-risk.ts';
export type { DayRisk } from './risk/day-risk.ts';
export { paidSeconds, paidWages } from './visit/crew-hours.ts';
export { TICKETS, ticketName } from './survey/ticket.ts';
export type { CompanyPerson } from './company/person.ts';
export type { CrewMember, Machine } from './survey/crew-and-machines.ts';
export { ASSET_PARTS, ASSET_PART_NAMES, stretchInWords, stretchSize } from './survey/long-asset.ts';
export type { AssetPartKind, LongAsset } from './survey/long-asset.ts';
export { PAST_ACTS, PAST_ACT_NAMES, RECURRENCES, RECURRENCE_NAMES } from './survey/past.ts';
export type { PastAct, PastTreatment, Recurrence } from './survey/past.ts';
export type { Precondition } from './survey/precondition.ts';
export { PROPERTY_ID } from './survey/property.ts';
export type { Property } from './survey/property.ts';
export { copiedToSides, movedSide, movedSurface } from './survey/rearrange.ts';
export { rebased } from './survey/rebase.ts';
export type { Acknowledgement } from './survey/rebase.ts';
export { referenceFaults } from './survey/reference-faults.ts';
export type { Scope } from './survey/scope.ts';
export { SHADES, aspectName } from './survey/side.ts';
export type { Shade, Side } from './survey/side.ts';
export { BANDS, BAND_NAMES, ofMaterial, usualTilt, usualTop } from './survey/surface.ts';
export type { Band, Surface } from './survey/surface.ts';
export type { EntityId } from './survey/entity-id.ts';
export {
  ENTITY_KINDS,
  JOB_KIND,
  NO_ENTITIES,
  PROPERTY_KIND,
  checkedDetail,
  lastsWithProperty,
} from './survey/survey.ts';
export type { EntityKind, RecordKind, Survey, SurveyFault } from './survey/survey.ts';
export { entityIn, freshEntities, freshRecord, stateOf, surveyOf } from './survey/survey-state.ts';
export type { SurveyState, VersionedEntity } from './survey/survey-state.ts';
export { changedSince, inverseOf } from './survey/undo.ts';
export { PERMISSIONS, WATER_POINT_KINDS, waterFlow } from './survey/water-point.ts';
export type { TimedBucket, WaterPoint } from './survey/water-point.ts';
export { walkSummary } from './survey/walk-summary.ts';
export type { SideSum, WalkSummary, WorstSeverity } from './survey/walk-summary.ts';
export { ZONE_PLACES, ZONE_PLACE_NAMES } from './survey/zone.ts';
export type { Zone } from './survey/zone.ts';
export { coverLitres } from './takeoff/coats.ts';
export { PAVING_SPANS } from './takeoff/joint-sand.ts';
export type { JointSand, Paving } from './takeoff/joint-sand.ts';
export { dryJointSand, pavingOf } from './survey/paved.ts';
export { FIGURE_SPANS, figureFault } from './survey/figure-spans.ts';
export type { SpannedFigure } from './survey/figure-spans.ts';
export { lotAfterUse, lotBeforeUse, recordedUseSchema, shelfBefore } from './company/lot-use.ts';
export type { RecordedUse } from './company/lot-use.ts';
export { takeOffArea, takeOffFace, takeOffLength } from './takeoff/take-off.ts';
export type { TakeOff } from './takeoff/take-off.ts';
export { refusedInOrder } from './proposal/method-options.ts';
export { DEFAULT_GEAR, USUAL_GEAR } from './survey/job-gear.ts';
export type { JobGear } from './survey/job-gear.ts';
export { daysAhead } from './company/stock-lot.ts';
export type { StockLot } from './company/stock-lot.ts';
export { bulkText } from './provisions/bulk-list.ts';
export type { BulkLine } from './provisions/bulk-list.ts';
export { LOAD_GROUPS } from './provisions/load-item.ts';
export type { LoadList } from './provisions/load-list.ts';
export type { YardMix } from './provisions/stock-items.ts';
export type { LoadGroup, LoadItem } from './provisions/load-item.ts';
export { provisionsOf } from './provisions/provisions.ts';
export type { ProvidedWater, Provisions } from './provisions/provisions.ts';
export type { HoseList, HoseRun } from './provisions/hose-list.ts';
export type { LotLine, ShelfState, StockLine } from './provisions/stock-plan.ts';
export type { RunOffPlan } from './provisions/run-off-plan.ts';
export { tipsWithin } from './jet/stand-off.ts';
export { jetsOn } from './visit/jet-match.ts';
export type { JetOnFace } from './visit/jet-match.ts';
export type { TankLine } from './water/tank-line.ts';
export { noSunInWords } from './wet-cycle/face-hours.ts';
export { bestHours, sectionsByHour, sidesByDrying } from './plan/sections-by-hour.ts';
export type { CycleDay, SideDrying } from './plan/sections-by-hour.ts';
export { hoursInWords } from './wet-cycle/cycle-day.ts';
export type { CycleHour } from './wet-cycle/cycle-day.ts';
export type { JoinedFront } from './wet-cycle/joined-front.ts';
export { frontInWords, hoursOfFront, joinedInWords, stripsInWords } from './wet-cycle/front-words.ts';
export { cycleWetLine } from './wet-cycle/cycle-wet-line.ts';
export type { CycleWetLine } from './wet-cycle/cycle-wet-line.ts';
export type { WetMoment } from './wetting/wet-line.ts';
export type { SupplyFigures } from './what-if/supply-figures.ts';
export { visitWater } from './visit/visit-water.ts';
export { dryClock } from './visit/water-ways-out.ts';
export { lotStrength } from './supply/lot-strength.ts';
export { lotOnDay } from './supply/stock-shelf.ts';
export { mixLife } from './catalogue/data/mix-life.ts';
export { drawnFraction } from './mixing/injector.ts';
export { daysAfter } from './quantity/calendar.ts';
export { listed, lowerFirst, upperFirst } from './quantity/words.ts';
export {
  changedHouse,
  changedWeather,
  tapFields,
  tapToChange,
  withSupplyChange,
} from './what-if/supply-change.ts';
export type { SupplyChange } from './what-if/supply-change.ts';
export { READING_KINDS } from './survey/reading.ts';
export type { Reading, ReadingKind } from './survey/reading.ts';
export type { LotUse } from './supply/stock-shelf.ts';
export type { RefusedMethod } from './proposal/method-options.ts';
export type { ContaminantProposal, SurfaceTreatment } from './proposal/surface-treatment.ts';
export type { Stage } from './treatment/stage.ts';
export type { Reason } from './treatment/reason.ts';
export type { Tolerance } from './treatment/tolerances.ts';
export { LONGEST_QUICK_LINE, readQuickLine, withQuickEdit } from './quick-line/quick-line.ts';
export type { QuickReading, QuickSurface } from './quick-line/quick-line.ts';
export type { QuickEdit, QuickPart } from './quick-line/quick-part.ts';
export { answerFault } from './wire/answer.ts';
export type { AnswerSchema, Kept, Made } from './wire/answer.ts';
export {
  acknowledgementSchema,
  changesBatchSchema,
  changesLogSchema,
  newerEntitiesSchema,
} from './wire/changes.ts';
export type { ChangesBatch, ChangesLog, LoggedChange, NewerEntities } from './wire/changes.ts';
export { customerContactSchema, customerSchema, customersListSchema } from './wire/customers.ts';
export type { Customer, CustomerContact, CustomersList } from './wire/customers.ts';
export { keptPhotoSchema, keptSheetSchema } from './wire/files.ts';
export type { KeptPhoto } from './wire/files.ts';
export { handbookBatchSchema, handbookLogSchema, storedHandbookSchema } from './wire/handbook.ts';
export type { HandbookLog, LoggedHandbookChange, StoredHandbook } from './wire/handbook.ts';
export {
  importedJobSchema,
  jobCopySchema,
  jobsPageSchema,
  jobsQuerySchema,
  madeSchema,
  newJobSchema,
  openedJobSchema,
} from './wire/jobs.ts';
export type { JobSummary, JobsPage, JobsQuery, NewJob, OpenedJob, PreviousJob } from './wire/jobs.ts';
export { orderPdfSchema } from './wire/order-pdf.ts';
export type { OrderPdf } from './wire/order-pdf.ts';
export { issueSchema, issuedOrderSchema, orderDocumentSchema, orderWordingSchema } from './wire/orders.ts';
export type { IssueRequest, IssuedOrder, OrderDocument, OrderWording } from './wire/orders.ts';
export { pageSchema } from './wire/page.ts';
export type { FoundPage } from './wire/page.ts';
export { propertiesPageSchema } from './wire/properties.ts';
export type { PropertiesPage, PropertySummary } from './wire/properties.ts';
export { lotUsesQuerySchema, lotUsesSchema, reservationsListSchema } from './wire/stock.ts';
export type { LotReservation, LotUsed, LotUses, ReservationsList } from './wire/stock.ts';
export { newTemplateSchema, templatesListSchema } from './wire/templates.ts';
export type { NewTemplate, Template, TemplatesList } from './wire/templates.ts';
