import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { SAFETY_FLOOR } from '../catalogue/data/safety-floor.ts';
import { companyProfile } from '../company/profile.ts';
import type { Agent } from '../catalogue/agent.ts';
import { say } from '../messages/message.ts';
import { groupedBy } from '../sequence/grouped-by.ts';
import type { Plan } from '../plan/plan.ts';
import { roundTime, secondOfDay } from '../quantity/duration.ts';
import { listed } from '../quantity/words.ts';
import { roundsInWords } from '../order/rounds-in-words.ts';
import type { Survey } from '../survey/survey.ts';
import { mixLetters } from '../visit/mix-letters.ts';
import { aboutOf, flowingPaper, listOf, section, visitTime } from './paper-head.ts';
import type { Paper, PaperBlock } from './paper.ts';
import { agentsOfVisit, firstAid, opposedAgents, opposedInWords, risksOf } from './risks.ts';

/** Dangers of the place are told as they are found; those of every job stand among the rules. */
const OF_THE_PLACE: readonly string[] = [
  'ladder',
  'tower',
  'roof',
  'electricity',
  'vehicle',
  'water',
  'wildlife',
  'old',
];

/** What a crew lead reads out before the first hose is laid: one sheet, signed by everybody. */
export function toolboxTalk(plan: Plan, survey: Survey): Paper {
  const { crew } = survey.job.house;
  const { from, to } = visitTime(plan, survey);
  const agents = agentsOfVisit(plan, survey);
  const emergency = companyProfile(survey.handbook)?.emergencyLine ?? '';
  return flowingPaper('toolbox-talk', aboutOf(plan, survey), survey, [
    {
      is: 'text',
      text: say('talk/day', { job: survey.job.name, from, to, people: listed(crew.map(({ name }) => name)) }),
    },
    ...section(say('talk/order'), { is: 'list', lines: starts(plan, survey), isShort: true }),
    ...section(say('talk/mixes'), jugTable(plan, survey)),
    ...section(say('talk/first-aid'), listOf(firstAid(agents))),
    ...section(say('talk/never'), listOf(opposedAgents(agents).map(opposedInWords))),
    ...section(
      say('talk/site'),
      listOf(
        risksOf(plan, survey)
          .filter(({ kind }) => OF_THE_PLACE.includes(kind))
          .map(({ hazard, control }) => `${hazard}. ${control}`),
      ),
    ),
    ...section(say('talk/stop'), {
      is: 'list',
      isShort: true,
      lines: [
        say('talk/stop/wind', { limit: TRADE_DEFAULTS.driftStoppedMetresPerSecond }),
        say('talk/stop/rain'),
        say('talk/stop/dry'),
        say('talk/stop/reading'),
        say('talk/stop/damage'),
      ],
    }),
    ...section(say('order-paper/always'), listOf(SAFETY_FLOOR)),
    ...(emergency === ''
      ? []
      : [
          {
            is: 'text' as const,
            tone: 'warning' as const,
            text: say('order-paper/emergency', { line: emergency }),
          },
        ]),
    { is: 'text', tone: 'quiet', text: say('talk/asked') },
    { is: 'signatures', who: crew.map(({ name }) => name) },
  ]);
}

/** The first round of everybody that is not setting out. */
function starts(plan: Plan, survey: Survey): readonly string[] {
  const begin = secondOfDay(survey.job.house.dayStart);
  const named = roundsInWords(plan);
  return survey.job.house.crew.flatMap(({ id, name }) => {
    const first = named.find(
      ({ person, operations }) => person === id && operations.some(({ task }) => task !== 'set-out'),
    );
    return first
      ? [`${name}: ${say('talk/first', { time: roundTime(begin + first.start), round: first.name })}`]
      : [];
  });
}

/** Agents by the letters of their mixes; those that do the same to people, and want the same worn, together. */
function jugTable(plan: Plan, survey: Survey): PaperBlock | null {
  const letters = mixLetters(plan.mixes, plan.work.planned, plan.visit?.schedule ?? null);
  const lettersOf = (id: string) =>
    plan.mixes.filter(({ agent }) => agent === id).flatMap(({ stage }) => letters.get(stage) ?? []);
  const worn = ({ protection }: Agent) => protection.join(', ');
  const alike = [
    ...groupedBy(agentsOfVisit(plan, survey), (agent) => [...agent.hazards, worn(agent)].join()),
  ];
  const rows = alike.map(([, agents]) => {
    const [first] = agents;
    const names = agents.map(({ id, name }) =>
      [[...new Set(lettersOf(id))].sort().join(', '), name].filter((part) => part !== '').join(' '),
    );
    return [names.join('; '), first?.hazards.join('; ') ?? '', first ? worn(first) : ''];
  });
  if (rows.length === 0) return null;
  return {
    is: 'table',
    head: [say('talk/mix'), say('talk/hazards'), say('order-paper/wear')],
    shares: [0.36, 0.34, 0.3],
    rows,
  };
}
