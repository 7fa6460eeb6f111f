import type { Plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';
import { aftercareSheet } from './aftercare-sheet.ts';
import { methodStatement } from './method-statement.ts';
import { neighbourNotice, windscreenNotice } from './notices.ts';
import type { Paper, PaperKind } from './paper.ts';
import { proposalPaper } from './proposal.ts';
import { toolboxTalk } from './toolbox-talk.ts';

/** The papers of a job that are made of its plan, each anew whenever it is asked for. */
export const PAPERS_OF_PLAN: Readonly<
  Record<Exclude<PaperKind, 'order'>, (plan: Plan, survey: Survey) => Paper>
> = {
  proposal: proposalPaper,
  'method-statement': methodStatement,
  'neighbour-notice': neighbourNotice,
  'windscreen-notice': windscreenNotice,
  'toolbox-talk': toolboxTalk,
  'aftercare-sheet': aftercareSheet,
};
