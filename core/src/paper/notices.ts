import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { listed } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import { contactOf, flowingPaper, listOf, section, visitTime } from './paper-head.ts';
import type { Paper } from './paper.ts';
import { agentsOfVisit } from './risks.ts';

/** For the doors around: what is done when, what to do meanwhile, whom to call. */
export function neighbourNotice(plan: Plan, survey: Survey): Paper {
  const { day, from, to } = visitTime(plan, survey);
  const place = placeOf(survey);
  const quiet = survey.property.quietHours.map((span) => say('order-paper/span', span));
  const smells = agentsOfVisit(plan, survey).some((agent) => agent.class === 'hypochlorite');
  const isLoud = plan.work.problem.operations.some(({ machines }) =>
    machines.some((own) => LOUD.includes(own)),
  );
  return flowingPaper('neighbour-notice', survey.property.address, survey, [
    { is: 'text', text: say('notice/neighbours') },
    {
      is: 'text',
      tone: 'large',
      text: day === null ? say('notice/we-clean-undated', { place }) : say('notice/we-clean', { place, day }),
    },
    {
      is: 'text',
      text: [
        quiet.length > 0
          ? say('notice/hours', { from, to, quiet: listed(quiet) })
          : say('notice/hours-plain', { from, to }),
        ...(isLoud ? [say('notice/noise')] : []),
        ...(smells ? [say('notice/smell')] : []),
      ].join(' '),
    },
    ...section(
      say('notice/please'),
      listOf([
        say('notice/windows'),
        say('notice/laundry'),
        say('notice/pets'),
        say('notice/cars'),
        say('notice/plants'),
      ]),
    ),
    { is: 'text', text: say('notice/wind') },
    { is: 'text', text: say('notice/stop') },
    ...section(say('notice/call'), { is: 'text', tone: 'large', text: contactOf(survey) }),
  ]);
}

/** For the windscreens of cars that stand too near. */
export function windscreenNotice(plan: Plan, survey: Survey): Paper {
  const { day, from: time, to } = visitTime(plan, survey);
  return flowingPaper('windscreen-notice', survey.property.address, survey, [
    { is: 'text', tone: 'large', text: say('notice/car-title') },
    { is: 'text', text: say('notice/car-place', { place: placeOf(survey) }) },
    {
      is: 'text',
      tone: 'large',
      text: day === null ? say('notice/car-move-undated') : say('notice/car-move', { time, day }),
    },
    { is: 'text', text: say('notice/car-why') },
    { is: 'text', text: say('notice/car-talk', { time: to }) },
    ...section(say('notice/call'), { is: 'text', tone: 'large', text: contactOf(survey) }),
  ]);
}

/** Machines that are heard next door. */
const LOUD: readonly string[] = ['pressure-washer', 'hot-washer', 'surface-cleaner'];

const placeOf = ({ property, job }: Survey): string =>
  [property.name || job.name, property.address].filter((part) => part !== '').join(', ');
