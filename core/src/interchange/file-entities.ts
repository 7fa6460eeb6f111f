import { entityIdSchema } from '../survey/entity-id.ts';
import { ENTITY_KINDS, checkedDetail } from '../survey/survey.ts';
import type {
  EntityKind,
  RecordKind,
  Survey,
  SurveyFault,
  JOB_KIND,
  PROPERTY_KIND,
} from '../survey/survey.ts';

/** An object of a file, not yet checked. */
export type Raw = Readonly<Record<string, unknown>>;
type ListOf<K extends EntityKind> = Survey[(typeof ENTITY_KINDS)[K]['list']];

/** Reads the entities of a file, remembers where each stood, and gathers every fault with its path in the file. */
export class FileEntities {
  readonly faults: SurveyFault[] = [];
  /** Path in the file by list and index in the survey. */
  private readonly paths = new Map<string, string>();

  /** @param placed where the file has what the check names */
  single<K extends typeof JOB_KIND | typeof PROPERTY_KIND>(
    kind: K,
    detail: Raw,
    path: string,
    placed: (path: string) => string = (same) => same,
  ): Survey[K] {
    return this.checked(kind, detail, path, placed) as unknown as Survey[K];
  }

  list<K extends EntityKind>(kind: K, raws: readonly Raw[], path: string): ListOf<K> {
    return raws.map((raw, i) => this.entity(kind, raw, i, `${path}[${i}]`)) as unknown as ListOf<K>;
  }

  entity<K extends EntityKind>(kind: K, raw: Raw, position: number, path: string): ListOf<K>[number] {
    const { id, ...detail } = raw;
    this.paths.set(`${ENTITY_KINDS[kind].list}[${position}]`, path);
    if (entityIdSchema.required().validate(id).error)
      this.faults.push({
        path: `${path}.id`,
        message: 'an id is lower-case words with hyphens, at most 100 characters',
        value: id,
      });
    // Checked by the kind's schema; where a fault was found the whole file is refused.
    return { id, position, ...this.checked(kind, detail, path) } as unknown as ListOf<K>[number];
  }

  /** A fault that counts lists of the survey, told at its place in the file. */
  inFile(fault: SurveyFault): SurveyFault {
    const path = fault.path.replace(/^\w+\[\d+\]/, (whole) => this.paths.get(whole) ?? whole);
    return { ...fault, path };
  }

  /** Ids that stand twice, whatever the kind. */
  duplicateIds(survey: Survey): readonly SurveyFault[] {
    const seen = new Set<string>();
    return Object.values(ENTITY_KINDS).flatMap(({ list }) =>
      survey[list].flatMap(({ id }, index) => {
        const twice = seen.has(id);
        seen.add(id);
        const path = `${list}[${index}].id`;
        // A finding without an id of its own that stands twice is told by its contaminant.
        return twice && list !== 'findings' && list !== 'scopes'
          ? [this.inFile({ path, message: `the id "${id}" is used twice in the file`, value: id })]
          : [];
      }),
    );
  }

  private checked(
    kind: RecordKind,
    detail: Raw,
    path: string,
    placed: (path: string) => string = (same) => same,
  ): Raw {
    const checked = checkedDetail(kind, detail);
    if (checked.ok) return checked.detail;
    for (const fault of checked.faults)
      this.faults.push({ ...fault, path: placed(path === '' ? fault.path : `${path}.${fault.path}`) });
    return {};
  }
}
