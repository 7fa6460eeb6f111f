import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { listed } from '../quantity/words.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import { ask } from './question.ts';
import type { Question } from './question.ts';

const ASBESTOS = 'perhaps-asbestos';
const LEAD = 'lead-paint';

/**
 * What a building of that age may hold, of the surfaces that are worked: each asked once for the job, and answered in words by whoever
 * has papers or a laboratory's result. A surface that is marked as doubtful already is handed over, and is not asked about.
 */
export function oldBuildingQuestions(
  worked: readonly Face[],
  { property, catalogue }: FacedSurvey,
): readonly Question[] {
  const year = property.yearBuilt ?? null;
  if (year === null) return [];
  const { asbestosUntil, leadUntil } = TRADE_DEFAULTS;
  const canBe = (face: Face, condition: string) =>
    catalogue.material(face.material).conditions.includes(condition) && !face.conditions.includes(condition);
  const namesOf = (faces: readonly Face[]) => listed(faces.map(({ name }) => name));
  const cement = worked.filter(
    (f) => catalogue.material(f.material).family === 'roofing' && canBe(f, ASBESTOS),
  );
  const painted = worked.filter((f) => f.finish === 'painted' && canBe(f, LEAD));
  return [
    ...(year < asbestosUntil && cement.length > 0
      ? [
          ask(
            'old-building/asbestos',
            cement[0]?.id ?? null,
            { year, places: namesOf(cement) },
            { blocking: true },
          ),
        ]
      : []),
    ...(year < leadUntil && painted.length > 0
      ? [ask('old-building/lead', painted[0]?.id ?? null, { year, places: namesOf(painted) })]
      : []),
  ];
}
