import { CATALOGUE } from '../catalogue/catalogue.ts';
import { overrideId } from '../company/catalogue-override.ts';
import type { CatalogueOverride } from '../company/catalogue-override.ts';
import { handbookValues } from '../company/handbook-value.ts';
import type { ChangedKind } from '../company/handbook-value.ts';
import type { HandbookValue, Setting } from '../company/setting.ts';
import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import type { CompanyHandbook } from '../company/company-handbook.ts';

/** A value that a company set. */
export const override = (
  kind: ChangedKind,
  entry: string,
  path: string,
  value: Setting,
  replaced: Setting = value,
): CatalogueOverride => ({
  id: overrideId({ kind, entry, path }),
  kind,
  entry,
  path,
  value,
  replaced,
  reason: 'tried on ten walls',
  by: 'Ida',
  at: '2026-05-04T08:00:00Z',
});

/** A handbook with such values and nothing else. */
export const handbookWith = (...overrides: readonly CatalogueOverride[]): CompanyHandbook => ({
  ...EMPTY_HANDBOOK,
  overrides,
});

/** A value of an entry of the catalogue, by its path. */
export const valueOf = (kind: ChangedKind, entry: string, path: string): HandbookValue => {
  const value = handbookValues(kind, entry, CATALOGUE).find((v) => v.path === path);
  if (!value) throw new Error(`no value ${path}`);
  return value;
};
