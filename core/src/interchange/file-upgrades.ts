import { withTypedElectrics } from './typed-electrics.ts';
import type { SurveyFault } from '../survey/survey.ts';
import type { Raw } from './file-entities.ts';
import { JOB_FORMAT, JOB_FORMAT_VERSION } from './job-file-envelope.ts';

/** Turns a file of one version into one of the next. */
export type FileUpgrade = (file: Raw) => Raw;

/** By the version that each begins with. */
const UPGRADES: Readonly<Record<number, FileUpgrade>> = {
  // Whether electrics are safe is answered by fields: what was said in words becomes a note, and the question opens again.
  1: withTypedElectrics,
};

/**
 * A file brought to the version that is read now, step by step; a newer one is refused with the way out.
 * @param value parsed JSON
 * @returns the file as it came where it is none of ours: the outline's check says what is wrong
 */
export function upgradedFile(
  value: unknown,
  upgrades: Readonly<Record<number, FileUpgrade>> = UPGRADES,
  newest: number = JOB_FORMAT_VERSION,
):
  | { readonly ok: true; readonly file: unknown }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] } {
  if (typeof value !== 'object' || value === null || !('format' in value) || value.format !== JOB_FORMAT)
    return { ok: true, file: value };
  let file: Raw = { ...value };
  const refused = (message: string) => ({
    ok: false as const,
    faults: [{ path: 'version', message, value: file['version'] }],
  });
  for (
    let version = file['version'];
    typeof version === 'number' && version !== newest;
    version = file['version']
  ) {
    if (version > newest)
      return refused(
        `this file has version ${version}, versions up to ${newest} are read here: update Etappe, or export it again as version ${newest}`,
      );
    const upgrade = upgrades[version];
    if (!upgrade) return refused(`there was never a version ${version}: versions go up to ${newest}`);
    file = { ...upgrade(file), version: version + 1 };
  }
  return { ok: true, file };
}
