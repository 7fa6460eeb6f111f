import type { Language } from '../language/language.ts';
import { word } from '../language/in-language.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { CATALOGUE, contaminantById } from '../catalogue/catalogue.ts';
import { SAFETY_FALLS, SAFETY_FLOOR } from '../catalogue/data/safety-floor.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import { MACHINE_NAMES } from '../catalogue/tool.ts';
import type { MachineKind } from '../catalogue/tool.ts';
import { companyProfile } from '../company/profile.ts';
import type { CompanyProfile } from '../company/profile.ts';
import type { Product } from '../company/product.ts';
import { isAcknowledged, toldCustomer } from './told-customer.ts';
import type { Plan } from '../plan/plan.ts';
import { faceReaches } from '../readiness/face-reach.ts';
import { visitOutlines } from '../plan/visit-outline.ts';
import type { VisitOutline } from '../plan/visit-outline.ts';
import { say } from '../messages/message.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { roundTime, secondOfDay, shortTime } from '../quantity/duration.ts';
import { upperFirst } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { ProductAmount } from '../supply/product-amounts.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import type { Acknowledgement } from '../survey/job-detail.ts';
import { protectionLine } from './protection-line.ts';
import { EntryWriter, unique } from './order-entry.ts';
import { onlyWhatDiffers } from './only-what-differs.ts';
import type { OrderEntry } from './order-entry.ts';
import { roundsInWords } from './rounds-in-words.ts';
import type { NamedRound } from './rounds-in-words.ts';
import { inUseOrder } from '../visit/mix-letters.ts';
import { runOffPlan } from '../provisions/run-off-plan.ts';
import { faced } from '../survey/face.ts';
import { sitePlan, surfaceNumbers } from './site-plan.ts';
import type { SitePlan } from './site-plan.ts';
import { siteNotes } from './site-notes.ts';
import type { SiteNote } from './site-notes.ts';

export interface OrderMix {
  readonly name: string;
  readonly place: string;
  readonly agent: string;
  /** The product that is taken, with where its data sheet is; null where the company names none. */
  readonly product: { readonly name: string; readonly dataSheet: string } | null;
  readonly basis: string;
  readonly mix: PlannedMix;
  readonly protection: readonly string[];
  readonly openOnly: boolean;
  /** Numbers on the containers by the ids of their lots; not on orders from before lots were counted. */
  readonly lots?: Readonly<Record<string, string>>;
  /** Hours that it may stand once mixed. */
  readonly keepsHours?: number;
}

/** What a person does in one go. */
export interface OrderRound {
  readonly name: string;
  /** hh:mm, to five minutes. */
  readonly start: string;
  readonly finish: string;
  /** Its entries, by their operations. */
  readonly operations: readonly string[];
  /** Of its surfaces on the site plan; not on orders from before there was one. */
  readonly numbers?: readonly number[];
}

/** What a crew that has read one order must know of the next. */
export interface OrderChanges {
  /** Number of the order that they may have in hand. */
  readonly since: number;
  /** The most telling first; none where both are the same to work by. */
  readonly lines: readonly string[];
}

/** The crew order as a document: everything is text or figures, nothing is looked up again when it is shown. */
export interface CrewOrder {
  readonly jobName: string;
  /** Who sends it; not on orders from before that was told, nor where the company has not written it. */
  readonly company?: Omit<CompanyProfile, 'id'>;
  readonly customer: string;
  readonly date: string;
  readonly units: Survey['job']['units'];
  readonly start: string;
  readonly finish: string;
  /** Which coming of the crew this is, of how many; not on orders from before there were several. */
  readonly visit?: { readonly number: number; readonly of: number };
  /** Comings after this one. */
  readonly later?: readonly VisitOutline[];
  /** What the crew must know of the place. */
  readonly site: readonly SiteNote[];
  readonly people: readonly {
    readonly id: string;
    readonly name: string;
    /** In which their pages are; left out for the company's. */
    readonly language?: Language;
    readonly entries: readonly OrderEntry[];
    /** The same in rounds; not on orders from before a day was read so. */
    readonly rounds?: readonly OrderRound[];
    /** What they keep an eye on while product is about; not on orders from before it was shared out. */
    readonly during?: readonly string[];
  }[];
  readonly mixes: readonly OrderMix[];
  readonly products: readonly ProductAmount[];
  readonly machines: readonly string[];
  readonly protection: readonly string[];
  readonly before: readonly string[];
  /** While product is about; not on orders from before this was told. */
  readonly during?: readonly string[];
  readonly after: readonly string[];
  /** How each tool is handled, told once; not on orders from before it had a place of its own. */
  readonly tools?: readonly { readonly name: string; readonly handling: string }[];
  readonly cautions: readonly string[];
  readonly setAside: readonly string[];
  /** By topic; orders from before 2026-12 have a place there. */
  readonly expectations: readonly { readonly place: string; readonly text: string }[];
  /** Who acknowledged them; null, or not there on older orders, where nobody did. */
  readonly acknowledged?: Acknowledgement | null;
  readonly questions: readonly string[];
  readonly safetyFloor: readonly string[];
  /** The property drawn; not on orders from before it was. */
  readonly plan?: SitePlan;
  /** Against the order of the same visit that was issued before; not where there was none. */
  readonly changes?: OrderChanges;
}

/**
 * The order of a plan with a visit.
 * @throws RangeError when the plan has no visit
 */
export function crewOrder(plan: Plan, survey: Survey): CrewOrder {
  if (!plan.visit) throw new RangeError('a plan without a visit cannot be ordered: see its warnings');
  const { makespan } = plan.visit.schedule;
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const day = { from: shortTime(dayStart), to: roundTime(dayStart + makespan) };
  const catalogue = companyCatalogue(survey.handbook);
  const stages = plan.surfaces.flatMap((p) => p.treatment?.stages ?? []);
  const agents = unique(stages.flatMap((s) => (s.apply ? [s.apply.agent] : []))).map(catalogue.agent);
  const inVisit = new Set(plan.work.planned.flatMap((operation) => operation.stages));
  const ordered = stages.filter(({ id }) => inVisit.has(id));
  const writer = new EntryWriter(plan, { ...survey, catalogue }, dayStart);
  const named = roundsInWords(plan);
  const fullTimes = runOffPlan(plan, faced(survey))?.fullAt ?? [];
  const emptyBy = fullTimes.length > 0 ? say('run-off/empty-by', { times: fullTimes.join(', ') }) : '';
  const numbers = surfaceNumbers(plan, survey);
  const numbersOf = ({ operations }: NamedRound) => [
    ...new Set(
      operations
        .filter(({ task }) => task !== 'mix')
        .flatMap(({ parts }) => parts.flatMap(({ surface }) => numbers.get(surface) ?? [])),
    ),
  ];
  const machines = unique(plan.work.problem.operations.flatMap((o) => o.machines));
  return {
    jobName: survey.job.name,
    ...companyOf(survey),
    customer: survey.property.customer,
    date: plannedDate(plan, survey),
    units: survey.job.units,
    start: day.from,
    finish: day.to,
    visit: { number: plan.visitNumber, of: plan.visits.length },
    later: visitOutlines(plan, survey).filter((visit) => visit.number > plan.visitNumber),
    site: [...siteNotes(survey, day), ...reachNotes(plan, survey), ...refillNotes(plan)],
    people: survey.job.house.crew.map(({ id, name, language }) => {
      const own = named.filter(({ person }) => person === id);
      const share = plan.work.shares.find(({ person }) => person === id);
      return {
        id,
        name,
        ...(language ? { language } : {}),
        entries: onlyWhatDiffers(
          own.flatMap(({ operations }) => operations.map((operation) => writer.entry(operation.id))),
        ),
        rounds: own.map((round) => ({
          name: round.name,
          start: roundTime(dayStart + round.start),
          finish: roundTime(dayStart + round.finish),
          operations: round.operations.map((operation) => operation.id),
          numbers: numbersOf(round),
        })),
        during: (share?.protections ?? [])
          .filter((p) => p.when === 'during')
          .map((p) => [protectionLine(p).text, p.kind === 'catch' ? emptyBy : ''].join(' ').trim()),
      };
    }),
    mixes: inUseOrder(plan).map((mix) => {
      const agent = catalogue.agent(mix.agent);
      return {
        name: writer.mixName(mix),
        place: writer.placeName(applicationsOf(mix).map(({ surface }) => surface)),
        agent: agent.name,
        product: orderedProduct(catalogue.product(mix.agent)),
        basis: word(agent.basis),
        mix,
        protection: agent.protection,
        openOnly: mixLife(agent).neverClosed,
        keepsHours: mixLife(agent).hours,
        lots: lotNumbers(mix, survey),
      };
    }),
    products: plan.products,
    machines: machines.map((kind) => MACHINE_NAMES[kind as MachineKind]),
    protection: unique(
      plan.surfaces.flatMap((p) =>
        (p.treatment?.stages ?? []).flatMap((s) => stageProtection(s, p.surface, catalogue)),
      ),
    ),
    tools: unique(ordered.flatMap((stage) => stage.tool ?? []))
      .map(CATALOGUE.tool)
      .map(({ name, handling }) => ({ name, handling }))
      .sort((a, b) => (a.name < b.name ? -1 : 1)),
    before: plan.protections.filter((p) => p.when === 'before').map((p) => protectionLine(p).text),
    during: plan.protections.filter((p) => p.when === 'during').map((p) => protectionLine(p).text),
    after: plan.protections.filter((p) => p.when === 'after').map((p) => protectionLine(p).text),
    cautions: unique([
      ...agents.flatMap((a) => a.cautions.map((caution) => say('order/caution', { agent: a.name, caution }))),
      ...plan.warnings.filter((w) => LABEL_RULES.includes(w.rule)).map((w) => w.text),
    ]),
    setAside: plan.warnings.filter((w) => SET_ASIDE.includes(w.rule)).map((w) => w.text),
    expectations: toldCustomer(plan, survey)
      .filter((topic) => !topic.leftOut)
      .map(({ title, text }) => ({ place: title, text })),
    acknowledged: isAcknowledged(plan, survey) ? survey.job.acknowledgement : null,
    questions: plan.questions.map((q) => q.text),
    safetyFloor: SAFETY_FLOOR,
    plan: sitePlan(plan, survey),
  };
}

function companyOf({ handbook }: Survey): Pick<CrewOrder, 'company'> {
  const profile = companyProfile(handbook);
  if (!profile) return {};
  const { id: _id, ...company } = profile;
  return { company };
}

function lotNumbers(mix: PlannedMix, { handbook }: Survey): Record<string, string> {
  const used = mix.batches.flatMap(({ card }) => card.stock?.lot ?? []);
  return Object.fromEntries(
    handbook.lots
      .filter((lot) => used.includes(lot.id))
      .map((lot) => [lot.id, lot.lot || say('order/lot-unnumbered')]),
  );
}

/** The day of the visit that is planned, YYYY-MM-DD at the earliest; empty while the job has no date. */
function plannedDate(plan: Plan, survey: Survey): string {
  const visit = plan.visits[plan.visitNumber - 1];
  return survey.job.start === null ? '' : daysAfter(survey.job.start, visit?.fromDay ?? 0);
}

/** Warnings that stand on the order: somebody answers for them. */
const SET_ASIDE: readonly string[] = ['rule-set-aside', 'house-value'];
/** When nobody draws water, because the tap fills the tank. */
function refillNotes({ warnings }: Plan): readonly SiteNote[] {
  return warnings
    .filter(({ rule }) => rule === 'water-refill')
    .map(({ text }) => ({ about: say('order/about/refill'), text }));
}

/** How what is high up is reached, and what keeps people from falling. */
function reachNotes(plan: Plan, survey: Survey): readonly SiteNote[] {
  const ways = new Map<string, string[]>();
  for (const { by, name } of faceReaches(plan.surfaces, survey))
    if (by !== null) ways.set(by, [...(ways.get(by) ?? []), name]);
  if (ways.size === 0) return [];
  return [
    {
      about: say('order/about/reach'),
      text: [...ways]
        .map(([by, names]) => say('order/reach', { by: upperFirst(by), places: names.join(', ') }))
        .join('; '),
    },
    { about: say('order/about/falls'), text: SAFETY_FALLS },
  ];
}

const LABEL_RULES: readonly string[] = ['label-stricter', 'label-note'];

function orderedProduct(product: Product | null): OrderMix['product'] {
  if (!product) return null;
  const { name, dataSheet: sheet } = product;
  return { name, dataSheet: sheet ? say('order/data-sheet', { name: sheet.name, dated: sheet.dated }) : '' };
}

/** Catalogue entries that an order rests on, kept with it when it is issued. */
export function catalogueEntriesOf(plan: Plan, survey: Survey): Record<string, readonly unknown[]> {
  const catalogue = companyCatalogue(survey.handbook);
  const stages = plan.surfaces.flatMap((p) => p.treatment?.stages ?? []);
  return {
    materials: unique(plan.surfaces.map((p) => p.surface.material)).map(catalogue.material),
    contaminants: unique(
      plan.surfaces.flatMap((p) => (p.treatment?.proposals ?? []).map((x) => x.finding.contaminant)),
    ).map(contaminantById),
    methods: unique(stages.map((s) => s.method)).map(catalogue.method),
    agents: unique(stages.flatMap((s) => (s.apply ? [s.apply.agent] : []))).map(catalogue.agent),
    tools: unique(stages.flatMap((s) => (s.tool === null ? [] : [s.tool]))).map(catalogue.tool),
  };
}
