import { RISK_BANDS } from '../catalogue/data/risk-matrix.ts';
import type { RiskRating } from '../catalogue/data/risk-matrix.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { companyProfile } from '../company/profile.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Stage } from '../treatment/stage.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { lowerFirst } from '../quantity/words.ts';
import { sitePlan } from '../order/site-plan.ts';
import type { Survey } from '../survey/survey.ts';
import { aboutOf, flowingPaper, listOf, section, visitTime } from './paper-head.ts';
import type { Paper, PaperBlock } from './paper.ts';
import { agentsOfVisit, bandOf, firstAid, risksOf, scoreOf, stagesOfVisit, withoutStop } from './risks.ts';

/** How a job is done and what may happen by it: for whoever has to be shown that somebody has thought of it. */
export function methodStatement(plan: Plan, survey: Survey): Paper {
  const agents = agentsOfVisit(plan, survey);
  const catalogue = companyCatalogue(survey.handbook);
  const emergency = companyProfile(survey.handbook)?.emergencyLine ?? '';
  return flowingPaper('method-statement', aboutOf(plan, survey), survey, [
    { is: 'text', text: say('method/supports'), tone: 'warning' },
    ...section(
      say('method/scope'),
      { is: 'facts', facts: scopeOf(plan, survey) },
      { is: 'site-plan', plan: sitePlan(plan, survey) },
    ),
    ...section(say('method/steps'), listOf(stepsOf(plan))),
    ...section(say('method/risks'), riskTable(plan, survey), {
      is: 'text',
      tone: 'quiet',
      text: say('method/matrix', RISK_BANDS),
    }),
    ...section(
      say('method/sheets'),
      listOf(
        agents.map(({ id, name: agent }) => {
          const product = catalogue.product(id);
          if (!product) return say('method/sheet-missing', { agent });
          const sheet = product.dataSheet
            ? say('order/data-sheet', { name: product.dataSheet.name, dated: product.dataSheet.dated })
            : '';
          return sheet === ''
            ? say('method/no-sheet', { product: product.name })
            : say('method/sheet', { agent, product: product.name, sheet });
        }),
      ),
    ),
    ...section(
      say('method/emergency'),
      emergency === ''
        ? null
        : { is: 'text', text: say('order-paper/emergency', { line: emergency }), tone: 'warning' },
      listOf(firstAid(agents)),
    ),
    { is: 'signatures', who: [say('method/checked'), ...survey.job.house.crew.map(({ name }) => name)] },
  ]);
}

function scopeOf(plan: Plan, survey: Survey): readonly { readonly about: string; readonly text: string }[] {
  const { day, from, to } = visitTime(plan, survey);
  const people = survey.job.house.crew.map(({ name, tickets }) =>
    say('method/people', { name, tickets: tickets.join(', ') || say('method/no-tickets') }),
  );
  const worked = plan.surfaces.filter(({ treatment }) => (treatment?.stages ?? []).length > 0);
  return [
    {
      about: say('paper/where'),
      text: [survey.property.address, worked.map(({ surface }) => surface.name).join(', ')]
        .filter((part) => part !== '')
        .join(': '),
    },
    {
      about: say('paper/when'),
      text: day === null ? say('paper/day') : say('paper/day-of', { day, from, to }),
    },
    { about: say('risk/who/crew'), text: people.join('; ') },
  ];
}

/** What is protected, each surface's chain, what is lifted again. */
function stepsOf(plan: Plan): readonly string[] {
  const inVisit = new Set(stagesOfVisit(plan).map(({ id }) => id));
  const acts = (when: 'before' | 'after') =>
    [
      ...new Set(
        plan.protections
          .filter((own) => own.when === when)
          .map(({ placeName, text }) => `${placeName}: ${lowerFirst(withoutStop(text))}`),
      ),
    ].join('; ');
  const before = acts('before');
  const after = acts('after');
  return [
    ...(before === '' ? [] : [say('method/step/protect', { acts: before })]),
    ...plan.surfaces.flatMap(({ surface, treatment }) => {
      const steps = (treatment?.stages ?? []).filter(({ id }) => inVisit.has(id)).map(stepInWords);
      const once = steps.filter((step, i) => step !== steps[i - 1]);
      return once.length === 0
        ? []
        : [say('method/step/surface', { place: surface.name, steps: once.join(', ') })];
    }),
    ...(after === '' ? [] : [say('method/step/lift', { acts: after })]),
  ];
}

/** "Apply citric acid", "rinse". */
function stepInWords({ kind, task, apply }: Stage): string {
  const verb = lowerFirst(task ?? say(`order/verb/${kind}`));
  if (!apply) return verb;
  return say('method/step/with', { verb, agent: lowerFirst(CATALOGUE.agent(apply.agent).name) });
}

function riskTable(plan: Plan, survey: Survey): PaperBlock {
  const rated = (rating: RiskRating) =>
    say('method/score', { score: scoreOf(rating), band: say(`method/band/${bandOf(rating)}`) });
  return {
    is: 'table',
    head: [
      say('method/hazard'),
      say('method/who'),
      say('method/before'),
      say('method/control'),
      say('method/after'),
    ],
    shares: [0.28, 0.13, 0.1, 0.39, 0.1],
    rows: risksOf(plan, survey).map(({ hazard, who, before, control, after }) => [
      hazard,
      who,
      rated(before),
      control,
      rated(after),
    ]),
  };
}
