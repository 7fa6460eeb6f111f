import { decimal } from '../quantity/numbers.ts';

/** Coats of one stage, each by its own coverage. */
export interface Coats {
  readonly coats: number;
  /** Of the first coat. */
  readonly litresPerSquareMetre: number;
  /** Of each further one; as the first where it is not said. */
  readonly nextCoatLitresPerSquareMetre?: number;
}

/**
 * What all coats together leave on a square metre, L/m².
 * @example coverLitres({ coats: 2, litresPerSquareMetre: 1 / 2.5, nextCoatLitresPerSquareMetre: 1 / 4 }) // 0.65
 */
export function coverLitres({
  coats,
  litresPerSquareMetre,
  nextCoatLitresPerSquareMetre: next,
}: Coats): number {
  return litresPerSquareMetre + (coats - 1) * (next ?? litresPerSquareMetre);
}

/** @example coverSum({ coats: 2, litresPerSquareMetre: 0.4, nextCoatLitresPerSquareMetre: 0.25 }) // "0.4 L/m² + 0.25 L/m²" */
export function coverSum({
  coats,
  litresPerSquareMetre: first,
  nextCoatLitresPerSquareMetre: next,
}: Coats): string {
  const said = (litres: number) => `${decimal(litres, 2)} L/m²`;
  if (next === undefined || next === first || coats === 1) return `${coats} × ${said(first)}`;
  return coats === 2 ? `${said(first)} + ${said(next)}` : `${said(first)} + ${coats - 1} × ${said(next)}`;
}

/** The thinnest of the coats, L/m². */
export function thinnestCoat({
  coats,
  litresPerSquareMetre,
  nextCoatLitresPerSquareMetre: next,
}: Coats): number {
  return coats > 1 ? Math.min(litresPerSquareMetre, next ?? litresPerSquareMetre) : litresPerSquareMetre;
}
