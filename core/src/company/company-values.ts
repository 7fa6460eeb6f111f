import { CATALOGUE } from '../catalogue/catalogue.ts';
import { provenanceOf } from '../catalogue/data/provenances.ts';
import type { Provenance } from '../catalogue/provenance.ts';
import type { CatalogueOverride } from './catalogue-override.ts';
import { handbookValues } from './handbook-value.ts';
import { directionOf } from './setting.ts';
import type { ChangedKind } from './handbook-value.ts';
import type { HandbookValue, Setting } from './setting.ts';
import { companyCatalogue } from './company-catalogue.ts';
import type { CompanyHandbook } from './company-handbook.ts';
import { OWN_ID } from './own-entry.ts';

/** One value of an entry: as shipped, and as the company has it. */
export interface CompanyValue {
  readonly value: HandbookValue;
  readonly setting: Setting;
  /** Of the shipped value. */
  readonly provenance: Provenance;
  readonly direction: ReturnType<typeof directionOf>;
  /** Who set it and why; null for the default, and for values of a material that is the company's own. */
  readonly override: CatalogueOverride | null;
}

/**
 * The values of an entry that can be set, each with what it is set to. Those of an own material are measured
 * against the one that it is like; an own method is written as a whole and has none.
 */
export function companyValues(
  kind: ChangedKind,
  id: string,
  handbook: CompanyHandbook,
): readonly CompanyValue[] {
  if (OWN_ID.test(id)) return kind === 'material' ? ownValues(id, handbook) : [];
  const overrides = companyCatalogue(handbook).overridesOf(kind, id);
  return handbookValues(kind, id, CATALOGUE).map((value) => {
    const override = overrides.find((o) => o.path === value.path) ?? null;
    return valued(kind, value, override?.value ?? value.shipped, override);
  });
}

function ownValues(id: string, handbook: CompanyHandbook): readonly CompanyValue[] {
  const own = handbook.materials.find((m) => m.id === id);
  if (!own) return [];
  return companyValues('material', own.like, handbook).map(({ value, setting }) =>
    valued('material', value, own.values[value.path] ?? setting, null),
  );
}

function valued(
  kind: ChangedKind,
  value: HandbookValue,
  setting: Setting,
  override: CatalogueOverride | null,
): CompanyValue {
  const provenance = provenanceOf(kind, value.path, value.shipped);
  return { value, setting, provenance, direction: directionOf(value, setting), override };
}
