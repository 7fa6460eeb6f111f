import { aftercareOf } from '../aftercare/aftercare.ts';
import type { AftercareItem } from '../aftercare/aftercare.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Method } from '../catalogue/method.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { dayInWords } from '../quantity/calendar.ts';
import { listed } from '../quantity/words.ts';
import type { Survey } from '../survey/survey.ts';
import { aboutOf, contactOf, flowingPaper, listOf, section } from './paper-head.ts';
import type { Paper } from './paper.ts';

/** What the customer does, leaves and sees after the work, by surface and by date. */
export function aftercareSheet(plan: Plan, survey: Survey): Paper {
  const items = aftercareOf(plan, survey);
  const catalogue = companyCatalogue(survey.handbook);
  const where = (is: (method: Method) => boolean) =>
    plan.surfaces
      .filter(({ treatment }) => treatment?.proposals.some(({ chosen }) => chosen && is(chosen.method)))
      .map(({ surface }) => surface.name);
  const puts = (method: Method, isSuch: (agent: Agent) => boolean) =>
    method.stages.some(
      (stage) => stage.kind === 'apply' && stage.leaveOn && isSuch(catalogue.agent(stage.agent)),
    );
  const care = [
    ['leave-on', where((method) => puts(method, (agent) => agent.class === 'quaternary'))],
    ['sand', where(({ stages }) => stages.some(({ kind }) => kind === 'fill'))],
    ['seal', where((method) => puts(method, (agent) => agent.class === 'coating'))],
  ] as const;
  return flowingPaper('aftercare-sheet', aboutOf(plan, survey), survey, [
    { is: 'text', text: say('aftercare/thanks') },
    ...section(
      say('aftercare/care'),
      listOf([
        say('aftercare/care/dry'),
        ...care.flatMap(([what, places]) =>
          places.length === 0 ? [] : [say(`aftercare/care/${what}`, { places: listed(places) })],
        ),
        say('aftercare/care/jet'),
      ]),
    ),
    ...section(
      say('aftercare/dates'),
      items.length === 0
        ? null
        : {
            is: 'table',
            head: [say('paper/when'), say('paper/where'), say('paper/what')],
            shares: [0.18, 0.32, 0.5],
            rows: items.map((item) => [whenOf(item), item.places.join(', '), item.text]),
          },
    ),
    { is: 'text', text: say('aftercare/ask', { contact: contactOf(survey) }) },
  ]);
}

function whenOf({ on, after }: AftercareItem): string {
  if (on !== null) return dayInWords(on);
  return 'days' in after
    ? say('aftercare/after-days', { days: after.days })
    : say('aftercare/after-months', { months: after.months });
}
