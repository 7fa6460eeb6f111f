import { say } from '../messages/message.ts';
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
  const height = say('access/height', {
    platform: decimal(platformMetres, 1),
    hands: decimal(handsMetres, 1),
    tool: decimal(toolMetres, 1),
    reaches: decimal(reaches, 1),
  });
  if (reaches < topMetres) return { ok: false, text: say('access/too-low', { access: name, height }) };
  const base = decimal(baseMetres, 2);
  if (gapMetres === null)
    return { ok: false, text: say('access/gap-unknown', { access: name, height, base }) };
  const gap = decimal(gapMetres, 2);
  return gapMetres > baseMetres
    ? { ok: true, text: say('access/fits', { access: name, height, base, gap }) }
    : { ok: false, text: say('access/too-wide', { access: name, base, gap }) };
}
