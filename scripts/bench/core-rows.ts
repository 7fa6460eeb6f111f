import { catalogueRows, diagnosisRow } from './judgement.ts';
import { dayRows } from './days.ts';
import { riskRows } from './risk.ts';
import { sequenceRows } from './sequence.ts';
import { supplyRows } from './supply.ts';
import type { Row } from './times.ts';
import { judgeRow, treatmentRows } from './treatment.ts';

/** All that is measured in the core alone. */
export async function coreRows(): Promise<readonly Row[]> {
  return [
    await diagnosisRow(),
    ...treatmentRows(),
    ...dayRows(),
    ...sequenceRows(),
    ...riskRows(),
    judgeRow(),
    ...supplyRows(),
    ...(await catalogueRows()),
  ];
}
