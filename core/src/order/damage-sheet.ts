import type { DamageAcknowledgement } from '../survey/acknowledgement.ts';
import type { Damage } from '../survey/damage.ts';
import type { DamagePhoto } from '../survey/photo.ts';
import type { Survey } from '../survey/survey.ts';
import { canonicalHash } from '../plan/inputs-hash.ts';

export interface DamageEntry {
  readonly damage: Damage;
  /** Name of the surface; empty where it is of the whole property. */
  readonly surface: string;
  readonly photos: readonly DamagePhoto[];
}

/** The damage that was there before the work, as it is shown to the customer. */
export interface DamageSheet {
  readonly entries: readonly DamageEntry[];
  /** Hash of all that is on it, photos by their content. */
  readonly sha256: string;
  /** Who signed for the sheet as it now is, the last one first. */
  readonly signed: readonly DamageAcknowledgement[];
  /** Who signed for it before something on it was changed or added. */
  readonly outdated: readonly DamageAcknowledgement[];
}

export function damageSheet(
  survey: Pick<Survey, 'damages' | 'damagePhotos' | 'acknowledgements' | 'surfaces'>,
): DamageSheet {
  const entries = survey.damages.map((damage): DamageEntry => ({
    damage,
    surface: survey.surfaces.find((s) => s.id === damage.surface)?.name ?? '',
    photos: survey.damagePhotos.filter((p) => p.of === damage.id),
  }));
  const sha256 = canonicalHash(
    entries.map(({ damage: { id, what, where, surface, foundOn }, photos }) => ({
      ...{ id, what, where, surface, foundOn },
      photos: photos.map(({ originalSha256, caption, marks }) => ({ originalSha256, caption, marks })),
    })),
  );
  const latest = [...survey.acknowledgements].sort((a, b) => (a.at < b.at ? 1 : -1));
  return {
    entries,
    sha256,
    signed: latest.filter((a) => a.sheetSha256 === sha256),
    outdated: latest.filter((a) => a.sheetSha256 !== sha256),
  };
}
