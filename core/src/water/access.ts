import { decimal } from '../quantity/numbers.ts';
import { requirePositive } from '../quantity/span.ts';

/** A tower or a lift, by its base with outriggers and how high its platform stands, m. */
export interface Access {
  readonly name: string;
  readonly baseMetres: number;
  readonly platformMetres: number;
}

export interface AccessQuestion {
  /** Of what is to be reached, m above the ground. */
  readonly topMetres: number;
  /** Of the hands above the feet, and of the tool beyond the hands, m. */
  readonly handsMetres: number;
  readonly toolMetres: number;
  /** Narrowest place on the way and where it stands, m; null while nobody has measured it. */
  readonly gapMetres: number | null;
  readonly access: Access;
}

export interface AccessAnswer {
  readonly ok: boolean;
  readonly text: string;
}

/**
 * Whether a tower or a lift passes the gap and brings hands and tool to the top.
 * @throws RangeError for a gap of 0 or less
 */
export function accessTo({
  topMetres,
  handsMetres,
  toolMetres,
  gapMetres,
  access,
}: AccessQuestion): AccessAnswer {
  if (gapMetres !== null) requirePositive('gap', gapMetres, 'm');
  const { name, baseMetres, platformMetres } = access;
  const reaches = platformMetres + handsMetres + toolMetres;
  const high = `${decimal(platformMetres, 1)} + ${decimal(handsMetres, 1)} + ${decimal(toolMetres, 1)} = ${decimal(reaches, 1)} m`;
  const wide = `its base is ${decimal(baseMetres, 2)} m wide`;
  if (reaches < topMetres) return { ok: false, text: `the ${name} is too low (${high})` };
  if (gapMetres === null)
    return { ok: false, text: `the ${name} is high enough (${high}), ${wide}: measure the gap` };
  return gapMetres > baseMetres
    ? { ok: true, text: `the ${name} does it (${high}), ${wide}, the gap ${decimal(gapMetres, 2)} m` }
    : { ok: false, text: `the ${name} does not fit: ${wide}, the gap ${decimal(gapMetres, 2)} m` };
}
