import type { Agent } from '../catalogue/agent.ts';
import { areOpposed } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { RATED_RISKS, RISK_BANDS, RISK_KINDS } from '../catalogue/data/risk-matrix.ts';
import type { RiskKind, RiskRating } from '../catalogue/data/risk-matrix.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { say } from '../messages/message.ts';
import { groupedBy } from '../sequence/grouped-by.ts';
import type { Plan } from '../plan/plan.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import { faceReaches } from '../readiness/face-reach.ts';
import { isDrain, isElectrical, isOpenWater } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import type { Survey } from '../survey/survey.ts';
import type { Stage } from '../treatment/stage.ts';

/** One danger of a job, with how it is rated before and with what is done about it. */
export interface Risk {
  readonly kind: RiskKind;
  readonly hazard: string;
  readonly who: string;
  readonly control: string;
  readonly before: RiskRating;
  readonly after: RiskRating;
}

export type RiskBand = 'low' | 'medium' | 'high';

/** How likely it is times how bad. */
export const scoreOf = ({ likely, harm }: RiskRating): number => likely * harm;

export function bandOf(rating: RiskRating): RiskBand {
  const score = scoreOf(rating);
  if (score <= RISK_BANDS.low) return 'low';
  return score <= RISK_BANDS.medium ? 'medium' : 'high';
}

/** What is done in the visit that is planned. */
export function stagesOfVisit(plan: Plan): readonly Stage[] {
  const inVisit = new Set(plan.work.planned.flatMap(({ stages }) => stages));
  return plan.surfaces
    .flatMap(({ treatment }) => treatment?.stages ?? [])
    .filter(({ id }) => inVisit.size === 0 || inVisit.has(id));
}

/** The agents of a visit, each once, in the order of its stages. */
export function agentsOfVisit(plan: Plan, survey: Survey): readonly Agent[] {
  const catalogue = companyCatalogue(survey.handbook);
  const ids = stagesOfVisit(plan).flatMap(({ apply }) => (apply ? [apply.agent] : []));
  return [...new Set(ids)].map((id) => catalogue.agent(id));
}

/** An agent with those that it must never meet, by the catalogue; each pair once, under whichever has the most. */
export function opposedAgents(
  agents: readonly Agent[],
): readonly { readonly agent: Agent; readonly others: readonly Agent[] }[] {
  const told: { agent: Agent; others: readonly Agent[] }[] = [];
  let left = agents;
  for (;;) {
    const rows = left.map((agent) => ({ agent, others: left.filter((other) => areOpposed(agent, other)) }));
    const [most] = rows.toSorted((a, b) => b.others.length - a.others.length);
    if (!most || most.others.length === 0) return told;
    told.push(most);
    left = left.filter((agent) => agent !== most.agent);
  }
}

/** Agents of which the same is told are told together, in their order. */
export function toldTogether(
  agents: readonly Agent[],
  textOf: (agent: Agent) => string,
): readonly { readonly agents: readonly Agent[]; readonly text: string }[] {
  return [...groupedBy(agents, textOf)]
    .filter(([text]) => text !== '')
    .map(([text, some]) => ({ agents: some, text }));
}

/** The risks of a visit, in the order of {@link RISK_KINDS}: only those that there are. */
export function risksOf(plan: Plan, survey: Survey): readonly Risk[] {
  const found = new Found(plan, survey);
  return RISK_KINDS.flatMap((kind) =>
    found.of(kind).map((told): Risk => {
      const { who, before, after } = RATED_RISKS[kind];
      return { kind, ...told, who: say(`risk/who/${who}`), before, after };
    }),
  );
}

type ToldRisk = Pick<Risk, 'hazard' | 'control'>;

class Found {
  private readonly agents: readonly Agent[];
  private readonly tools: readonly ReturnType<typeof CATALOGUE.tool>[];
  private readonly reaches: ReturnType<typeof faceReaches>;

  constructor(
    private readonly plan: Plan,
    private readonly survey: Survey,
  ) {
    this.agents = agentsOfVisit(plan, survey);
    const tools = stagesOfVisit(plan).flatMap(({ tool }) => tool ?? []);
    this.tools = [...new Set(tools)].map((id) => CATALOGUE.tool(id));
    this.reaches = faceReaches(plan.surfaces, survey);
  }

  of(kind: RiskKind): readonly ToldRisk[] {
    switch (kind) {
      case 'agent':
        return this.byWhatTheyDo();
      case 'opposed':
        return opposedAgents(this.agents).map((own) => ({
          hazard: opposedInWords(own),
          control: say('risk/opposed/control'),
        }));
      case 'jet':
        return this.tools.some(({ jet }) => jet !== null) ? [plain('jet')] : [];
      case 'hot':
        return this.tools.some(({ hot }) => hot) ? [plain('hot')] : [];
      case 'ladder':
        return this.at('ladder', this.reaches.filter(({ by }) => by === say('top/ladder')).map(nameOf));
      case 'tower':
        return this.at('tower', this.reaches.filter(({ lifting }) => lifting !== null).map(nameOf));
      case 'roof':
        return this.at('roof', this.reaches.filter(({ ticket }) => ticket === 'roof').map(nameOf));
      case 'pole':
        return this.survey.job.house.gear.longestPoleMetres === null ? [] : [plain('pole')];
      case 'electricity':
        return this.at('electricity', this.features(isElectrical));
      case 'public':
      case 'slip':
      case 'carry':
      case 'heat':
        return [plain(kind)];
      case 'noise':
        return this.plan.work.problem.operations.some(({ machines }) => machines.length > 0)
          ? [plain('noise')]
          : [];
      case 'vehicle': {
        const places = this.features((own) => MOVABLE.includes(own.kind));
        return places.length === 0
          ? []
          : [{ hazard: say('risk/vehicle', { places: listed(places) }), control: this.actsFor(MOVABLE) }];
      }
      case 'water': {
        const places = this.features((own) => isDrain(own) || isOpenWater(own) || WATERS.includes(own.kind));
        const acts = this.actsFor(WATERS);
        return places.length === 0 || acts === ''
          ? []
          : [
              {
                hazard: say('risk/water', { places: listed(places) }),
                control: say('risk/water/control', { acts }),
              },
            ];
      }
      case 'wildlife':
        return this.at(
          'wildlife',
          this.features(({ kind: own }) => own === 'nest' || own === 'animals'),
        );
      case 'old': {
        const { yearBuilt = null } = this.survey.property;
        const isOld = yearBuilt === null || yearBuilt < TRADE_DEFAULTS.asbestosUntil;
        return isOld ? [plain('old')] : [];
      }
    }
  }

  /** Agents that do the same to people are told together. */
  private byWhatTheyDo(): readonly ToldRisk[] {
    const alike = toldTogether(this.agents, ({ hazards }) => hazards.map(lowerFirst).join('; '));
    return alike.map(({ agents, text: hazards }) => {
      const wear = [...new Set(agents.flatMap(({ protection }) => protection))].join(', ');
      const never = agents.some(({ apprenticeNeverAlone }) => apprenticeNeverAlone);
      return {
        hazard: say('risk/agent', { agents: listed(agents.map(({ name }) => name)), hazards }),
        control: say('risk/agent/control', {
          what: wear,
          apprentice: never ? say('risk/agent/apprentice') : '',
        }).trim(),
      };
    });
  }

  private at(
    kind: 'ladder' | 'tower' | 'roof' | 'electricity' | 'wildlife',
    places: readonly string[],
  ): readonly ToldRisk[] {
    if (places.length === 0) return [];
    return [
      { hazard: say(`risk/${kind}`, { places: listed([...places]) }), control: say(`risk/${kind}/control`) },
    ];
  }

  private features(is: (feature: Feature) => boolean): readonly string[] {
    return this.survey.features.filter(is).map(({ name }) => name);
  }

  /** What is done before the work for features of some kinds, each once. */
  private actsFor(kinds: readonly Feature['kind'][]): string {
    const ids = new Set(
      this.survey.features.filter(({ kind }) => kinds.includes(kind)).map(({ id }) => id as string),
    );
    const acts = this.plan.protections
      .filter(({ feature, when }) => when !== 'after' && feature !== null && ids.has(feature))
      .map(({ text }) => text);
    return [...new Set(acts.map(withoutStop))].join('; ');
  }
}

/** What to do when it has happened, of agents with the same together. */
export function firstAid(agents: readonly Agent[]): readonly string[] {
  return toldTogether(agents, (agent) => agent.firstAid).map(({ agents: some, text: what }) =>
    say('method/first-aid', { agents: listed(some.map(({ name }) => name)), what }),
  );
}

/** "Sodium hypochlorite meets oxalic acid and citric acid: gas or heat" */
export function opposedInWords({ agent, others }: ReturnType<typeof opposedAgents>[number]): string {
  return say('risk/opposed', {
    first: agent.name,
    others: listed(others.map(({ name }) => lowerFirst(name))),
  });
}

/** A sentence as part of a longer one. */
export const withoutStop = (text: string): string => text.replace(/\.$/, '');

const MOVABLE: readonly Feature['kind'][] = ['vehicle', 'bin', 'furniture', 'goods'];
const WATERS: readonly Feature['kind'][] = ['pool', 'pond', 'stream', 'drain', 'cellar-drain', 'gutter'];
const nameOf = ({ name }: { readonly name: string }) => name;

const plain = (
  kind: 'jet' | 'hot' | 'pole' | 'public' | 'slip' | 'carry' | 'heat' | 'noise' | 'old',
): ToldRisk => ({ hazard: say(`risk/${kind}`), control: say(`risk/${kind}/control`) });
