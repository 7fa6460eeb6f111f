import { contaminantById } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { companyProfile } from '../company/profile.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { visitOutlines } from '../plan/visit-outline.ts';
import type { VisitOutline } from '../plan/visit-outline.ts';
import { dayInWords } from '../quantity/calendar.ts';
import { LITRES_PER_US_FLUID_OUNCE } from '../quantity/units.ts';
import { formatVolume } from '../quantity/shown-quantity.ts';
import { roundUpToStep } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import { isByOthers } from '../catalogue/method.ts';
import { sitePlan, surfaceNumbers } from '../order/site-plan.ts';
import { toldCustomer } from '../order/told-customer.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { visitWater } from '../visit/visit-water.ts';
import { aboutOf, flowingPaper, listOf, section } from './paper-head.ts';
import type { Paper, PaperBlock } from './paper.ts';

/** What the customer says yes to: what was found, what is done about it, what that will look like, what we need, when; with room for the price. */
export function proposalPaper(plan: Plan, survey: Survey): Paper {
  const { guarantee } = survey.job.house;
  return flowingPaper('proposal', aboutOf(plan, survey), survey, [
    ...section(
      say('proposal/found'),
      { is: 'site-plan', plan: sitePlan(plan, survey) },
      surfaceTable(plan, survey),
      picturesOf(survey),
    ),
    ...section(
      say('proposal/expect'),
      listOf(
        toldCustomer(plan, survey)
          .filter(({ leftOut }) => !leftOut)
          .map(({ title, text }) => `${title}: ${text}`),
      ),
    ),
    ...section(say('proposal/need'), listOf(needs(plan, survey))),
    ...section(say('proposal/dates'), datesOf(plan, survey)),
    ...section(say('proposal/price'), {
      is: 'table',
      head: ['', ''],
      shares: [0.7, 0.3],
      rows: [
        [say('proposal/net', { currency: companyProfile(survey.handbook)?.currency ?? 'EUR' }), ''],
        [say('proposal/tax'), ''],
        [say('proposal/total'), ''],
      ],
    }),
    ...section(
      say('proposal/terms'),
      listOf([
        say('proposal/term/days', { days: TRADE_DEFAULTS.proposalDays }),
        say('proposal/term/weather'),
        say('proposal/term/test'),
        say('proposal/term/damage'),
        ...(guarantee
          ? [say('proposal/term/guarantee', { months: guarantee.months, terms: guarantee.terms })]
          : []),
      ]),
    ),
    { is: 'signatures', who: [say('proposal/accepted'), say('proposal/for-us')] },
  ]);
}

/** What shows best what was found: of each surface the first photo, those in the worst state before the others, in their order. */
function picturesOf(survey: Survey): PaperBlock | null {
  const worst = (surface: string) =>
    Math.max(0, ...survey.findings.filter((own) => own.surface === surface).map(({ severity }) => severity));
  const shown = survey.surfaces
    .filter(({ id }) => survey.scopes.every((scope) => scope.surface !== id || scope.inScope))
    .flatMap(({ id, name }) => {
      const photo = survey.photos.find(({ of }) => of === id);
      return photo ? [{ photo, name, worst: worst(id) }] : [];
    })
    .toSorted((a, b) => b.worst - a.worst)
    .slice(0, TRADE_DEFAULTS.proposalPhotos);
  if (shown.length === 0) return null;
  return {
    is: 'pictures',
    pictures: shown.map(({ photo: { fileSha256, widthPixels, heightPixels, caption, marks }, name }) => ({
      sha256: fileSha256,
      widthPixels,
      heightPixels,
      caption: [caption === '' ? name : caption, ...marks.map(({ text }) => text)]
        .filter((text) => text !== '')
        .join('. '),
    })),
  };
}

/** Each surface that we work on with what is on it and what is done about it, by its number on the plan. */
function surfaceTable(plan: Plan, survey: Survey): PaperBlock {
  const catalogue = companyCatalogue(survey.handbook);
  const numbers = surfaceNumbers(plan, survey);
  // What is left as it is, is told with what to expect.
  const ours = plan.surfaces.filter((own) => numbers.has(own.surface.id) || doneOn(own) !== '');
  const rows = ours.map((planned) => {
    const { surface } = planned;
    const found = (planned.treatment?.proposals ?? []).map(({ finding: { contaminant, severity } }) =>
      say('proposal/finding', {
        what: lowerFirst(contaminantById(contaminant).name),
        severity: say(`proposal/severity/${severity}`),
      }),
    );
    const material = lowerFirst(catalogue.material(surface.material).name);
    const number = numbers.get(surface.id);
    return {
      number: number ?? Infinity,
      cells: [
        number === undefined ? '' : String(number),
        say('proposal/surface', { name: surface.name, material }),
        [...new Set(found)].join('; ') || say('proposal/nothing-on-it'),
        doneOn(planned) || say('proposal/rinsed'),
      ],
    };
  });
  return {
    is: 'table',
    head: [say('paper/number'), say('paper/where'), say('proposal/on-it'), say('proposal/do')],
    shares: [0.06, 0.28, 0.3, 0.36],
    rows: rows.toSorted((a, b) => a.number - b.number).map(({ cells }) => cells),
  };
}

function doneOn({ treatment }: TreatedSurface): string {
  const chosen = (treatment?.proposals ?? []).flatMap(({ chosen: own }) => (own ? [own.method] : []));
  const methods = chosen.map((method) =>
    isByOthers(method)
      ? say('proposal/others', { method: lowerFirst(method.name) })
      : lowerFirst(method.name),
  );
  return [...new Set(methods)].join(', ');
}

/** Nobody is told finer how much water it takes: 50 L, 10 US gal. */
const ROUGHLY_LITRES = { metric: 50, us: 1280 * LITRES_PER_US_FLUID_OUNCE } as const;

function needs(plan: Plan, survey: Survey): readonly string[] {
  const { property, waterPoints, job } = survey;
  const taps = waterPoints.filter(({ permission }) => permission !== 'refused').map(({ name }) => name);
  const litres = litresDrawn(plan, survey);
  const told = formatVolume(roundUpToStep(litres, ROUGHLY_LITRES[job.units]), job.units);
  const water =
    litres < TRADE_DEFAULTS.askedForWaterLitres
      ? []
      : [
          taps.length > 0
            ? say('proposal/need/tap', { tap: taps.join(', '), litres: told })
            : waterPoints.length > 0
              ? say('proposal/need/no-tap', { litres: told })
              : say('proposal/need/tank', { litres: told }),
        ];
  const owners = plan.protections
    .filter(({ who, when }) => who === 'owner' && when === 'before')
    .map(({ placeName, text }) => say('proposal/need/owner', { place: placeName, what: lowerFirst(text) }));
  const competent = plan.protections
    .filter(({ who, when }) => who === 'competent' && when === 'before')
    .map(({ placeName, text }) =>
      say('proposal/need/competent', { place: placeName, what: lowerFirst(text) }),
    );
  return [
    ...water,
    say('proposal/need/windows'),
    say('proposal/need/pets'),
    say('proposal/need/cars'),
    ...(property.access === '' ? [] : [say('proposal/need/access', { access: property.access })]),
    ...new Set(owners),
    ...new Set(competent),
    say('proposal/need/neighbours'),
  ];
}

/** Over the day of the visit that is planned. */
function litresDrawn(plan: Plan, survey: Survey): number {
  if (!plan.visit) return 0;
  const { uses } = visitWater(plan, plan.visit.schedule, faced(survey));
  return uses.reduce((sum, { from, to, litresPerMinute }) => sum + (to - from) * litresPerMinute, 0);
}

function datesOf(plan: Plan, survey: Survey): PaperBlock | null {
  const visits = visitOutlines(plan, survey);
  if (visits.length === 0) return null;
  return {
    is: 'table',
    head: [say('proposal/visits'), say('paper/when'), say('paper/where')],
    shares: [0.14, 0.3, 0.56],
    rows: visits.map((visit) => [
      say('proposal/visit', { number: visit.number }),
      dayOf(visit),
      visit.faces.map(({ name }) => name).join(', '),
    ]),
  };
}

function dayOf({ from, latest, fromDay, number }: VisitOutline): string {
  if (from === null) return number === 1 ? say('proposal/undated') : say('proposal/later', { days: fromDay });
  const day = dayInWords(from);
  if (number === 1) return day;
  return latest === null
    ? say('proposal/from', { day })
    : say('proposal/from-until', { day, latest: dayInWords(latest) });
}
