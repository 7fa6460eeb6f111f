import { handbookFaults } from '../company/handbook-faults.ts';
import { companyHandbookSchema } from '../company/company-handbook.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import type { SurveyFault } from '../survey/survey.ts';

type HandbookReading =
  | { readonly ok: true; readonly handbook: CompanyHandbook }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] };

/** The handbook that a file was planned with, or every fault in it; a file without one has the catalogue as shipped. */
export function readHandbook(value: unknown): HandbookReading {
  const { value: handbook, error } = companyHandbookSchema.validate(value, {
    abortEarly: false,
    convert: false,
    errors: { wrap: { label: false } },
  }) as {
    value: CompanyHandbook;
    error?: { details: { path: (string | number)[]; message: string; context?: { value?: unknown } }[] };
  };
  const faults = error
    ? error.details.map((d) => ({ path: pathOf(d.path), message: d.message, value: d.context?.value }))
    : handbookFaults(handbook).map((f) => ({ ...f, path: `handbook.${f.path}` }));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, handbook };
}

function pathOf(keys: readonly (string | number)[]): string {
  return keys.reduce<string>(
    (at, key) => (typeof key === 'number' ? `${at}[${key}]` : `${at}.${key}`),
    'handbook',
  );
}

/**
 * What a file takes along of a handbook: all that bears on the work. What the company pays, and who works for it,
 * is nobody else's: the crew of the job stands in the job. */
export function handbookInFile({ products, ...handbook }: CompanyHandbook): CompanyHandbook {
  return {
    ...handbook,
    people: [],
    profiles: [],
    products: products.map((p) => ({ ...p, packs: p.packs.map(({ size }) => ({ size, price: null })) })),
  };
}
