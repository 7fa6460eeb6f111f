import { companyProfile } from '../company/profile.ts';
import type { CompanyProfile } from '../company/profile.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { roundTime, secondOfDay } from '../quantity/duration.ts';
import { dayInWords, daysAfter } from '../quantity/calendar.ts';
import type { Survey } from '../survey/survey.ts';
import type { Paper, PaperBlock, PaperKind } from './paper.ts';

type Written = Omit<CompanyProfile, 'id' | 'emergencyLine'>;

/** The small print at the end of every paper: who sends it, and how to reach them. */
export function imprintOf(company: Written | null): string {
  if (!company) return '';
  const { name, address, phone, mail, registration } = company;
  return [name, address, phone, mail, ...registration].filter((part) => part !== '').join(' · ');
}

/** The logo of whoever has one. */
export const logoOf = (company: Written | null): Pick<Paper, 'logo'> =>
  company?.logo ? { logo: company.logo } : {};

/** Whom to call; with a line to write on where the company has not written it. */
export function contactOf({ handbook }: Pick<Survey, 'handbook'>): string {
  const profile = companyProfile(handbook);
  const name = profile?.name ?? say('paper/our-name');
  return profile && profile.phone !== ''
    ? say('paper/contact', { name, phone: profile.phone })
    : say('paper/no-phone', { name });
}

/** When the planned visit is: its day in words, null while the job has none, and its hours. */
export interface VisitTime {
  readonly day: string | null;
  readonly from: string;
  readonly to: string;
}

export function visitTime(plan: Plan, { job }: Pick<Survey, 'job'>): VisitTime {
  const begin = secondOfDay(job.house.dayStart);
  const fromDay = plan.visits[plan.visitNumber - 1]?.fromDay ?? 0;
  return {
    day: job.start === null ? null : dayInWords(daysAfter(job.start, fromDay)),
    from: roundTime(begin),
    to: roundTime(begin + (plan.visit?.schedule.makespan ?? 3600 * job.house.dayHours)),
  };
}

/** What stands at the foot of a sheet. */
export const pageInWords = (page: number, pages: number): string => say('paper/page-of', { page, pages });

/** Customer, address and day, as far as they are known. */
export function aboutOf(plan: Plan, survey: Survey): string {
  const { day } = visitTime(plan, survey);
  const { customer, address } = survey.property;
  return [customer, address, day ?? ''].filter((part) => part !== '').join(' · ');
}

/** A paper that flows from its first block to its last. */
export function flowingPaper(
  kind: Exclude<PaperKind, 'order'>,
  about: string,
  survey: Survey,
  blocks: readonly PaperBlock[],
): Paper {
  const profile = companyProfile(survey.handbook);
  return {
    kind,
    title: say(`paper/${kind}`),
    company: profile?.name ?? '',
    job: survey.job.name,
    about,
    ...logoOf(profile),
    imprint: imprintOf(profile),
    parts: [{ person: null, isOnOwnSheet: false, blocks }],
  };
}

/** A heading with what stands below it; nothing where nothing does. */
export function section(text: string, ...blocks: readonly (PaperBlock | null)[]): readonly PaperBlock[] {
  const some = blocks.filter((block) => block !== null);
  return some.length === 0 ? [] : [{ is: 'heading', text }, ...some];
}

/** A list; null where it has no lines. */
export function listOf(lines: readonly string[], isTicked = false): PaperBlock | null {
  return lines.length === 0 ? null : { is: 'list', lines, isTicked };
}
