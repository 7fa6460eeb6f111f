import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { BEARINGS, BRUSHES, FINISHES, FOOT_TRAFFIC } from '../catalogue/material.ts';
import type { Condition, Material } from '../catalogue/material.ts';
import type { ApplyTemplate, Method, StageTemplate } from '../catalogue/method.ts';
import type { School } from '../catalogue/school.ts';
import { valueAt } from './value-path.ts';

/** Kinds of entries whose values a house may set. */
export const CHANGED_KINDS = ['material', 'condition', 'agent', 'method', 'school', 'weight'] as const;
export type ChangedKind = (typeof CHANGED_KINDS)[number];
/** The list of the catalogue that holds each kind. */
export const LIST_OF_KIND = {
  material: 'materials',
  condition: 'conditions',
  agent: 'agents',
  method: 'methods',
  school: 'schools',
  weight: 'weights',
} as const satisfies Record<ChangedKind, keyof Catalogue>;
export type Setting = number | string | boolean;

/**
 * One value of an entry that a house may set, with the way that is safer and how far it may go at most. A number lies
 * between `least` and `most`; a word or a yes-no is one of `steps`, the safest first.
 */
export interface HandbookValue {
  readonly path: string;
  readonly name: string;
  readonly unit: string;
  /** Of the catalogue as shipped. */
  readonly shipped: Setting;
  readonly safer: 'lower' | 'higher' | 'neither';
  readonly span:
    | { readonly least: number; readonly most: number; readonly whole: boolean }
    | { readonly steps: readonly Setting[] };
}

type Bound = (shipped: number) => readonly [number, number];
const between =
  (least: number, most: number): Bound =>
  () => [least, most];
/** Stricter as far as `least`, looser by a factor. */
const upTo =
  (factor: number, least = 0.1): Bound =>
  (shipped) => [Math.min(least, shipped), shipped * factor];
const byFactor =
  (factor: number, most = Infinity): Bound =>
  (shipped) => [shipped / factor, Math.min(most, shipped * factor)];

const HOTTEST_CELSIUS = 20;
const GREATEST_SORPTIVITY = 0.3;
const GREATEST_THIRST_FACTOR = 4;
const GREATEST_PRE_WET_MINUTES = 60;
/** How much further than the trade default a house may go where that is looser. */
const LOOSER = { coverage: 1.5, jet: 1.25, strength: 1.5, dwell: 1.5, pH: 1, celsius: 3, result: 2 } as const;
const RATE_FACTOR = 3;
const LONGEST_WAIT_DAYS = 60;
const GREATEST_WEIGHT = 20;

/** Builds the values of one entry; what the entry does not have is left out. */
class Values {
  readonly list: HandbookValue[] = [];
  private readonly entry: unknown;
  constructor(entry: unknown) {
    this.entry = entry;
  }

  number(
    path: string,
    name: string,
    unit: string,
    safer: HandbookValue['safer'],
    bound: Bound,
    whole = false,
  ) {
    const shipped = valueAt(this.entry, path);
    if (typeof shipped !== 'number') return this;
    const [least, most] = bound(shipped);
    this.list.push({ path, name, unit, shipped, safer, span: { least, most, whole } });
    return this;
  }

  /**
   * @param steps the safest first
   * @param looser by how many steps a house may go past the shipped one
   */
  steps(path: string, name: string, steps: readonly Setting[], looser: number) {
    const shipped = valueAt(this.entry, path);
    if (shipped === undefined) return this;
    const at = steps.indexOf(shipped as Setting);
    const span = { steps: steps.slice(0, at + 1 + looser) };
    this.list.push({ path, name, unit: '', shipped: shipped as Setting, safer: 'lower', span });
    return this;
  }
}

function materialValues(material: Material): readonly HandbookValue[] {
  const values = new Values(material)
    .number('jetLimitKilopascal', 'Force of a jet at most', 'kPa', 'lower', upTo(LOOSER.jet))
    .number('pH.0', 'Lowest pH', '', 'higher', (v) => [Math.max(0, v - LOOSER.pH), 7])
    .number('pH.1', 'Highest pH', '', 'lower', (v) => [7, Math.min(14, v + LOOSER.pH)]);
  const BEARS = [...BEARINGS].reverse();
  return values
    .steps('tolerates.chlorine', 'Bears chlorine', BEARS, 1)
    .steps('tolerates.peroxide', 'Bears oxygen cleaners', BEARS, 1)
    .steps('tolerates.solvent', 'Bears removers', BEARS, 1)
    .steps('tolerates.heat', 'Bears hot water', BEARS, 1)
    .steps('brush', 'Brushes', BRUSHES, 1)
    .steps('foot', 'Feet on it', FOOT_TRAFFIC, 1)
    .steps('calcareous', 'Acid dissolves it', [true, false], 0)
    .steps('saltSensitive', 'Salts burst it', [true, false], 0)
    .number('thirstFactor', 'Liquid that a coat takes, as a factor', '×', 'neither', byFactor(2, GREATEST_THIRST_FACTOR))
    .list.concat(
      FINISHES.flatMap((finish) =>
        new Values(material).number(`sorptivity.${finish}`, `How it drinks, ${finish}`, 'kg/(m²·√s)', 'higher', (v) => [v / 3, GREATEST_SORPTIVITY]).list,
      ),
    );
} // prettier-ignore

function conditionValues(condition: Condition): readonly HandbookValue[] {
  return new Values(condition)
    .number('jetLimitKilopascal', 'Force of a jet at most', 'kPa', 'lower', upTo(LOOSER.jet))
    .steps('brush', 'Brushes', BRUSHES, 1).list;
}

function agentValues(agent: Agent): readonly HandbookValue[] {
  const values = new Values(agent);
  if (!isReadyToUse(agent))
    values.number('strengthSpan.to', 'Strongest at the face', 'g/L', 'lower', (v) => [
      agent.strengthSpan.from,
      v * LOOSER.strength,
    ]);
  return values
    .number('coldestCelsius', 'Coldest air', '°C', 'higher', (v) => [v - LOOSER.celsius, HOTTEST_CELSIUS])
    .number('usefulSquareMetresPerLitre', 'Spread over no more than', 'm²/L', 'lower', upTo(LOOSER.coverage))
    .number('surfactantMillilitresPerLitre', 'Surfactant', 'mL/L', 'neither', (v) => [v / 4, v * 2])
    .steps('harmsPlants', 'Harms plants', [true, false], 0)
    .steps('harmsWaterLife', 'Harms water life', [true, false], 0)
    .steps('keepsToNextVisit', 'A mix keeps to the next visit', [false, true], 0).list;
}

function methodValues(method: Method, catalogue: Catalogue): readonly HandbookValue[] {
  const values = new Values(method)
    .number('surfaceRisk', 'Risk to the face', 'of 5', 'higher', (v) => [Math.max(1, v - 1), 5], true)
    .number('harmAround', 'Harm around', 'of 5', 'higher', (v) => [Math.max(1, v - 1), 5], true);
  for (const contaminant of Object.keys(method.treats))
    values.number(
      `treats.${contaminant}`,
      `Result against ${contaminant.replaceAll('-', ' ')}`,
      'of 5',
      'neither',
      (v) => [Math.max(1, v - LOOSER.result), Math.min(5, v + LOOSER.result)],
      true,
    );
  values.number('dryFirst.days', 'Days of drying first', 'days', 'higher', (v) => [v, LONGEST_WAIT_DAYS]);
  method.stages.forEach((stage, i) => {
    stageValues(values, stage, `stages.${String(i)}`, `Stage ${String(i + 1)}, ${stage.kind}`, catalogue);
  });
  return values.list;
}

function stageValues(values: Values, stage: StageTemplate, at: string, called: string, catalogue: Catalogue) {
  if (stage.kind === 'wait') {
    values.number(`${at}.days.from`, `${called}: at least`, 'days', 'higher', (v) => [v, LONGEST_WAIT_DAYS]);
    return;
  }
  if (stage.kind === 'apply') applyValues(values, stage, at, called, catalogue);
  if (stage.kind === 'pre-wet')
    values.number(`${at}.minutes`, `${called}: soaking`, 'min', 'higher', (v) => [v / 2, GREATEST_PRE_WET_MINUTES]);
  values
    .number(`${at}.rate.lowSquareMetresPerHour`, `${called}: a slow hour`, 'm²/h', 'neither', byFactor(RATE_FACTOR))
    .number(`${at}.rate.highSquareMetresPerHour`, `${called}: a fast hour`, 'm²/h', 'neither', byFactor(RATE_FACTOR));
} // prettier-ignore

function applyValues(values: Values, stage: ApplyTemplate, at: string, called: string, catalogue: Catalogue) {
  const agent = catalogue.agent(stage.agent);
  if (!isReadyToUse(agent))
    stage.strengthGramsPerLitre.forEach((_, severity) => {
      values.number(
        `${at}.strengthGramsPerLitre.${String(severity)}`,
        `${called}: strength, severity ${String(severity + 1)}`,
        'g/L',
        'lower',
        (v) => [v / 4, Math.min(v * LOOSER.strength, agent.strengthSpan.to)],
      );
    });
  values
    .number(`${at}.dwellMinutes.from`, `${called}: dwell from`, 'min', 'lower', upTo(LOOSER.dwell))
    .number(`${at}.dwellMinutes.to`, `${called}: dwell to`, 'min', 'lower', upTo(LOOSER.dwell))
    .number(`${at}.litresPerSquareMetre`, `${called}: a coat`, 'L/m²', 'neither', byFactor(2))
    .number(`${at}.nextCoatLitresPerSquareMetre`, `${called}: a further coat`, 'L/m²', 'neither', byFactor(2))
    .number(`${at}.coats`, `${called}: coats`, '', 'neither', between(1, 3), true);
}

/** Each way is right somewhere: none is stricter than another. */
function schoolValues({ name, setting, settings }: School): readonly HandbookValue[] {
  return [{ path: 'setting', name, unit: '', shipped: setting, safer: 'neither', span: { steps: settings.map((s) => s.id) } }]; // prettier-ignore
}

/**
 * What a house may set of an entry.
 * @throws RangeError for an entry that the catalogue does not have
 */
export function handbookValues(kind: ChangedKind, id: string, catalogue: Catalogue): readonly HandbookValue[] {
  switch (kind) {
    case 'material':
      return materialValues(catalogue.material(id));
    case 'condition':
      return conditionValues(catalogue.condition(id));
    case 'agent':
      return agentValues(catalogue.agent(id));
    case 'method':
      return methodValues(catalogue.method(id), catalogue);
    case 'school':
      return schoolValues(catalogue.school(id));
    case 'weight':
      return new Values(catalogue.weight(id)).number('value', 'Points', `for each ${catalogue.weight(id).per}`, 'neither', between(0, GREATEST_WEIGHT)).list;
  }
} // prettier-ignore

/** Which way a setting goes from the shipped value. */
export function directionOf(value: HandbookValue, setting: Setting): 'same' | 'stricter' | 'looser' | 'other' {
  if (setting === value.shipped) return 'same';
  if (value.safer === 'neither') return 'other';
  if ('steps' in value.span) {
    const place = (s: Setting) => ('steps' in value.span ? value.span.steps.indexOf(s) : -1);
    return place(setting) < place(value.shipped) ? 'stricter' : 'looser';
  }
  return setting < value.shipped === (value.safer === 'lower') ? 'stricter' : 'looser';
} // prettier-ignore

/** In plain words: with its unit, yes or no. */
export function settingInWords(setting: Setting, unit: string): string {
  if (typeof setting === 'boolean') return setting ? 'yes' : 'no';
  const figure = typeof setting === 'number' ? String(Number(setting.toPrecision(6))) : setting;
  return unit === '' ? figure : `${figure} ${unit}`;
}

/** Why a setting is not taken, with the bound; null when it is. */
export function settingFault(value: HandbookValue, setting: unknown): string | null {
  const { name, unit, span, shipped } = value;
  const said = (s: Setting) => settingInWords(s, unit);
  if ('steps' in span)
    return span.steps.includes(setting as Setting)
      ? null
      : `${name} ${String(setting)}: the handbook goes from ${span.steps.map(said).join(', ')} and no further; the trade default is ${said(shipped)}`;
  if (typeof setting !== 'number' || !Number.isFinite(setting))
    return `${name} is a number${unit === '' ? '' : ` in ${unit}`}, not "${String(setting)}"`;
  if (span.whole && !Number.isInteger(setting)) return `${name} ${said(setting)} is no whole number`;
  if (setting >= span.least && setting <= span.most) return null;
  return `${name} ${said(setting)} lies past the bound: ${said(span.least)} to ${said(span.most)}; the trade default is ${said(shipped)}`;
}
