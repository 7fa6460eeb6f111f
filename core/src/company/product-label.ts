import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { FactTest, Limit } from '../catalogue/limit.ts';
import type { ApplyTemplate, BySeverity } from '../catalogue/method.ts';
import { gramsPerLitre, strengthFault } from '../quantity/concentration.ts';
import { NO_RESTRICTIONS } from './product.ts';
import type { Product } from './product.ts';

/** Of a dwell that the label cuts short, from this share on it may be rinsed. */
const SHORTENED_FROM_SHARE = 0.6;

/** An agent as the company's product of it is sold; the label holds where it is stricter. */
export function labelledAgent(agent: Agent, { strength, packs, label }: Product): Agent {
  const { greatestGramsPerLitre: greatest, coldestCelsius, mostSquareMetresPerLitre: thinner } = label;
  const { strengthSpan: span, stock } = agent;
  const to = greatest === null ? span.to : Math.min(span.to, greatest);
  return {
    ...agent,
    // A strength that is none, from before such were refused, leaves the trade's.
    stock:
      stock.form === 'powder' || strength === null || strengthFault(strength) !== null
        ? stock
        : { form: stock.form, strength },
    containers: packs.map((p) => p.size).sort((a, b) => a - b),
    strengthSpan: { from: Math.min(span.from, to), to },
    coldestCelsius: Math.max(agent.coldestCelsius, coldestCelsius ?? -Infinity),
    usefulSquareMetresPerLitre:
      thinner === null
        ? agent.usefulSquareMetresPerLitre
        : Math.min(agent.usefulSquareMetresPerLitre ?? Infinity, thinner),
  };
}

/** A stage under the strongest mix that its agent may have, and the times and amounts of the label. */
export function labelledStage(stage: ApplyTemplate, agent: Agent, product: Product | null): ApplyTemplate {
  const most = isReadyToUse(agent) ? Infinity : Math.min(agent.strengthSpan.to, strongest(agent));
  const at = ([one, two, three, four]: BySeverity): BySeverity => [
    Math.min(one, most),
    Math.min(two, most),
    Math.min(three, most),
    Math.min(four, most),
  ];
  const {
    longestDwellMinutes: longest,
    squareMetresPerLitre: covers,
    nextCoatSquareMetresPerLitre: next,
  } = product?.label ?? NO_RESTRICTIONS;
  const { from, useful, to } = stage.dwellMinutes;
  const short = !stage.leaveOn && longest !== null && longest < to ? longest : null;
  const strongestMixed = Math.max(...stage.strengthGramsPerLitre, ...(stage.strengthBand?.strongest ?? []));
  const same = most >= strongestMixed && short === null && covers === null && next === null;
  return same
    ? stage
    : {
        ...stage,
        strengthGramsPerLitre: at(stage.strengthGramsPerLitre),
        ...(stage.strengthBand
          ? {
              strengthBand: {
                weakest: at(stage.strengthBand.weakest),
                strongest: at(stage.strengthBand.strongest),
              },
            }
          : {}),
        dwellMinutes:
          short === null
            ? stage.dwellMinutes
            : {
                from: Math.min(from, short * SHORTENED_FROM_SHARE),
                ...(useful === undefined ? {} : { useful: Math.min(useful, short) }),
                to: short,
              },
        ...labelledCoats(stage, covers, next),
      };
}

/** The coverage of the label; where it gives that of the first coat alone, each further one goes on alike. */
function labelledCoats(
  { litresPerSquareMetre, nextCoatLitresPerSquareMetre: nextLitres }: ApplyTemplate,
  covers: number | null,
  next: number | null,
): Pick<ApplyTemplate, 'litresPerSquareMetre' | 'nextCoatLitresPerSquareMetre'> {
  const first = covers === null ? litresPerSquareMetre : 1 / covers;
  if (next !== null) return { litresPerSquareMetre: first, nextCoatLitresPerSquareMetre: 1 / next };
  return {
    litresPerSquareMetre: first,
    ...(nextLitres === undefined
      ? {}
      : { nextCoatLitresPerSquareMetre: (nextLitres * first) / litresPerSquareMetre }),
  };
}

/** Nothing is mixed stronger than it is sold. */
function strongest({ stock }: Agent): number {
  return stock.form === 'powder' ? Infinity : gramsPerLitre(stock.strength);
}

/**
 * What a label forbids, as limits that nobody sets aside: the label is the law of the product.
 * @param shipped the agent before the label: where the catalogue is stricter, its own limit holds
 */
export function labelLimits(product: Product, shipped: Agent): readonly Limit[] {
  const { agent, name, label } = product;
  const coldest = label.coldestCelsius ?? -Infinity;
  const limit = (what: string, text: string, when: FactTest): Limit => ({
    id: `label-${product.id}-${what}`,
    when: [{ fact: 'agent', is: agent }, when],
    text,
    whatCanHappen: 'Damage that nobody but you answers for: the maker does not.',
    standing: 'floor',
    source: `label of “${name}”`,
  });
  return [
    ...(label.notOn.length === 0
      ? []
      : [
          limit('not-on', `The label of “${name}” says: not on {family}.`, {
            fact: 'family',
            oneOf: label.notOn,
          }),
        ]),
    ...(coldest >= shipped.coldestCelsius
      ? [
          limit(
            'cold',
            `“${name}” is not used below {agentColdestCelsius} °C by its label, and {temperatureCelsius} °C are counted with.`,
            {
              fact: 'agentColdestCelsius',
              aboveFact: 'temperatureCelsius',
            },
          ),
        ]
      : []),
    ...(label.keepFromWater
      ? [
          limit('water', `The label of “${name}” says: not where run-off reaches open water.`, {
            fact: 'drainsToWater',
            is: true,
          }),
        ]
      : []),
  ];
}

/** What must be said of a label beside the catalogue. */
export interface LabelNote {
  readonly rule: 'label-stricter' | 'label-looser' | 'label-note';
  readonly text: string;
}

/**
 * Where label and catalogue differ: the label holds where it is stricter; where it is looser, the catalogue stays.
 * @param agent of the catalogue with the company's values, before the label
 */
export function labelNotes(agent: Agent, { name, label, strength }: Product): readonly LabelNote[] {
  const notes: LabelNote[] = [];
  const compare = (what: string, unit: string, own: number, by: number | null, strictIsLess: boolean) => {
    if (by === null || by === own) return;
    const stricter = by < own === strictIsLess;
    const [label, catalogue] = [by, own].map((v) => `${Number(v.toPrecision(4))} ${unit}`);
    notes.push({
      rule: stricter ? 'label-stricter' : 'label-looser',
      text: stricter
        ? `${what}: ${label ?? ''} by the label of “${name}” in place of ${catalogue ?? ''}.`
        : `${what}: the label of “${name}” allows ${label ?? ''}, ${catalogue ?? ''} of the handbook stays.`,
    });
  };
  if (!isReadyToUse(agent))
    compare('Strongest on the surface', 'g/L', agent.strengthSpan.to, label.greatestGramsPerLitre, true);
  compare('Coldest air', '°C', agent.coldestCelsius, label.coldestCelsius, false);
  const isSold = strength !== null && !isReadyToUse(agent) && strengthFault(strength) === null;
  const sold = isSold ? gramsPerLitre(strength) : Infinity;
  if (sold < agent.strengthSpan.to)
    notes.push({
      rule: 'label-stricter',
      text: `“${name}” comes at ${Number(sold.toPrecision(4))} g/L: nothing stronger is planned.`,
    });
  if (label.longestDwellMinutes !== null)
    notes.push({
      rule: 'label-note',
      text: `No longer than ${label.longestDwellMinutes} min by the label of “${name}”.`,
    });
  if (label.squareMetresPerLitre !== null)
    notes.push({
      rule: 'label-note',
      text: `One litre of the mix covers ${label.squareMetresPerLitre} m² by the label of “${name}”.`,
    });
  if (label.note !== '') notes.push({ rule: 'label-note', text: `“${name}”: ${label.note}` });
  return notes;
}
