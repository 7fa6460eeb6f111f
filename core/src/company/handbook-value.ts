import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { BEARINGS, BRUSHES, FINISHES, FOOT_TRAFFIC } from '../catalogue/material.ts';
import type { Condition, Material } from '../catalogue/material.ts';
import type { ApplyTemplate, Method, StageTemplate } from '../catalogue/method.ts';
import type { School } from '../catalogue/school.ts';
import type { HandbookValue } from './setting.ts';
import { Values, between, byFactor, upTo } from './value-builder.ts';

/** Kinds of entries whose values a company may set. */
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

const HOTTEST_CELSIUS = 20;
const GREATEST_SORPTIVITY = 0.3;
const GREATEST_THIRST_FACTOR = 4;
const GREATEST_PRE_WET_MINUTES = 60;
/** How much further than the trade default a company may go where that is looser. */
const LOOSER = { coverage: 1.5, jet: 1.25, strength: 1.5, dwell: 1.5, pH: 1, celsius: 3, result: 2 } as const;
const RATE_FACTOR = 3;
const LONGEST_WAIT_DAYS = 60;
const GREATEST_WEIGHT = 20;
/** Who strays farther from a time than this cannot plan by it, %. */
const GREATEST_SPREAD = 60;
/** No change of place, tool or mix takes longer, min. */
const LONGEST_CHANGE_MINUTES = 60;
const GREATEST: Readonly<Record<string, number>> = { '%': GREATEST_SPREAD, min: LONGEST_CHANGE_MINUTES };

function materialValues(material: Material): readonly HandbookValue[] {
  const values = new Values(material)
    .number('jetLimitKilopascal', 'Highest jet force', 'kPa', 'lower', upTo(LOOSER.jet))
    .number('pH.0', 'Lowest pH', '', 'higher', (v) => [Math.max(0, v - LOOSER.pH), 7])
    .number('pH.1', 'Highest pH', '', 'lower', (v) => [7, Math.min(14, v + LOOSER.pH)]);
  const BEARS = [...BEARINGS].reverse();
  return values
    .steps('tolerates.chlorine', 'Tolerates chlorine', BEARS, 1)
    .steps('tolerates.peroxide', 'Tolerates oxygen cleaners', BEARS, 1)
    .steps('tolerates.solvent', 'Tolerates removers', BEARS, 1)
    .steps('tolerates.heat', 'Tolerates hot water', BEARS, 1)
    .steps('brush', 'Brushes', BRUSHES, 1)
    .steps('foot', 'Foot traffic', FOOT_TRAFFIC, 1)
    .steps('calcareous', 'Acid dissolves it', [true, false], 0)
    .steps('saltSensitive', 'Salts damage it', [true, false], 0)
    .number(
      'thirstFactor',
      'Liquid a coat takes, as a factor',
      '×',
      'neither',
      byFactor(2, GREATEST_THIRST_FACTOR),
    )
    .list.concat(
      FINISHES.flatMap(
        (finish) =>
          new Values(material).number(
            `sorptivity.${finish}`,
            `Water absorption, ${finish}`,
            'kg/(m²·√s)',
            'higher',
            (v) => [v / 3, GREATEST_SORPTIVITY],
          ).list,
      ),
    );
}

function conditionValues(condition: Condition): readonly HandbookValue[] {
  return new Values(condition)
    .number('jetLimitKilopascal', 'Highest jet force', 'kPa', 'lower', upTo(LOOSER.jet))
    .steps('brush', 'Brushes', BRUSHES, 1).list;
}

function agentValues(agent: Agent): readonly HandbookValue[] {
  const values = new Values(agent);
  if (!isReadyToUse(agent))
    values.number('strengthSpan.to', 'Strongest on the surface', 'g/L', 'lower', (v) => [
      agent.strengthSpan.from,
      v * LOOSER.strength,
    ]);
  return values
    .number('coldestCelsius', 'Coldest air', '°C', 'higher', (v) => [v - LOOSER.celsius, HOTTEST_CELSIUS])
    .number('usefulSquareMetresPerLitre', 'Spread no further than', 'm²/L', 'lower', upTo(LOOSER.coverage))
    .number('surfactantMillilitresPerLitre', 'Surfactant', 'mL/L', 'neither', (v) => [v / 4, v * 2])
    .steps('harmsPlants', 'Harms plants', [true, false], 0)
    .steps('harmsWaterLife', 'Harms water life', [true, false], 0)
    .steps('keepsToNextVisit', 'A mix keeps to the next visit', [false, true], 0)
    .steps('apprenticeNeverAlone', 'An apprentice is never alone with it', [true, false], 0).list;
}

function methodValues(method: Method, catalogue: Catalogue): readonly HandbookValue[] {
  const values = new Values(method)
    .number('surfaceRisk', 'Risk to the surface', 'of 5', 'higher', (v) => [Math.max(1, v - 1), 5], true)
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
    stageValues(values, stage, `stages.${i}`, `Stage ${i + 1}, ${stage.kind}`, catalogue);
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
    values.number(`${at}.minutes`, `${called}: soaking`, 'min', 'higher', (v) => [
      v / 2,
      GREATEST_PRE_WET_MINUTES,
    ]);
  values
    .number(
      `${at}.rate.lowSquareMetresPerHour`,
      `${called}: a slow hour`,
      'm²/h',
      'neither',
      byFactor(RATE_FACTOR),
    )
    .number(
      `${at}.rate.highSquareMetresPerHour`,
      `${called}: a fast hour`,
      'm²/h',
      'neither',
      byFactor(RATE_FACTOR),
    );
}

function applyValues(values: Values, stage: ApplyTemplate, at: string, called: string, catalogue: Catalogue) {
  const agent = catalogue.agent(stage.agent);
  if (!isReadyToUse(agent))
    for (const [path, name] of [
      ['strengthGramsPerLitre', 'strength'],
      ...(stage.strengthBand
        ? ([
            ['strengthBand.weakest', 'weakest that does it'],
            ['strengthBand.strongest', 'strongest that does no more'],
          ] as const)
        : []),
    ] as const)
      for (const severity of [0, 1, 2, 3])
        values.number(
          `${at}.${path}.${severity}`,
          `${called}: ${name}, severity ${severity + 1}`,
          'g/L',
          'lower',
          (v) => [v / 4, Math.min(v * LOOSER.strength, agent.strengthSpan.to)],
        );
  values
    .number(`${at}.dwellMinutes.from`, `${called}: dwell from`, 'min', 'lower', upTo(LOOSER.dwell))
    .number(`${at}.dwellMinutes.to`, `${called}: dwell to`, 'min', 'lower', upTo(LOOSER.dwell))
    .number(`${at}.litresPerSquareMetre`, `${called}: a coat`, 'L/m²', 'neither', byFactor(2))
    .number(`${at}.nextCoatLitresPerSquareMetre`, `${called}: a further coat`, 'L/m²', 'neither', byFactor(2))
    .number(`${at}.coats`, `${called}: coats`, '', 'neither', between(1, 3), true);
}

/** Each way is right somewhere: none is stricter than another. */
function schoolValues({ name, setting, settings }: School): readonly HandbookValue[] {
  return [
    {
      path: 'setting',
      name,
      unit: '',
      shipped: setting,
      safer: 'neither',
      span: { steps: settings.map((s) => s.id) },
    },
  ];
}

const WEIGHT_UNITS = { min: 'Minutes', '%': 'Percent', points: 'Points' } as const;

/**
 * What a company may set of an entry.
 * @throws RangeError for an entry that the catalogue does not have
 */
export function handbookValues(
  kind: ChangedKind,
  id: string,
  catalogue: Catalogue,
): readonly HandbookValue[] {
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
      return new Values(catalogue.weight(id)).number(
        'value',
        WEIGHT_UNITS[catalogue.weight(id).unit ?? 'points'],
        catalogue.weight(id).unit === '%' ? catalogue.weight(id).per : `for each ${catalogue.weight(id).per}`,
        'neither',
        between(0, GREATEST[catalogue.weight(id).unit ?? ''] ?? GREATEST_WEIGHT),
      ).list;
  }
}
