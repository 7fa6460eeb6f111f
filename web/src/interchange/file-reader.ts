import { hasDecimalComma, proposedMapping, readJobFile, surfacesOfRows } from '@etappe/core';
import type { ColumnMapping, RowsReading, SurveyState } from '@etappe/core';
import { expose } from 'comlink';
import { v7 as uuidv7 } from 'uuid';
import { CsvFault, readCsv } from './read-csv.ts';
import type { CsvTable } from './read-csv.ts';
import { say } from '../messages/files.ts';

export type CsvReading =
  | {
      readonly ok: true;
      readonly table: CsvTable;
      readonly mapping: ColumnMapping;
      readonly decimalComma: boolean;
    }
  | { readonly ok: false; readonly fault: string };

/** What a job file holds, told before it is brought in. */
export type JobFileLook =
  | {
      readonly ok: true;
      readonly file: unknown;
      readonly name: string;
      readonly customer: string;
      readonly surfaces: number;
      readonly findings: number;
      readonly assumed: readonly string[];
      /** Places of sizes that cannot be read. */
      readonly unmeasured: readonly string[];
    }
  | { readonly ok: false; readonly faults: readonly { readonly path: string; readonly message: string }[] };

/** Reads files away from the page, so that nothing stalls however large they are. */
const reader = {
  csv(bytes: Uint8Array): CsvReading {
    try {
      const table = readCsv(bytes);
      const mapping = proposedMapping(table.headers);
      return { ok: true, table, mapping, decimalComma: hasDecimalComma(table.rows, mapping) };
    } catch (error) {
      if (!(error instanceof CsvFault)) throw error;
      return { ok: false, fault: error.message };
    }
  },

  surfaces(
    rows: readonly (readonly string[])[],
    state: SurveyState,
    mapping: ColumnMapping,
    decimalComma: boolean,
  ): RowsReading {
    return surfacesOfRows(rows, state, { mapping, decimalComma, makeId: uuidv7 });
  },

  jobFile(text: string): JobFileLook {
    let file: unknown;
    try {
      file = JSON.parse(text);
    } catch (error) {
      const message = say('this-is-not-a-job', { message: (error as Error).message });
      return { ok: false, faults: [{ path: '(file)', message }] };
    }
    const reading = readJobFile(file);
    if (!reading.ok) return { ok: false, faults: reading.faults };
    const { survey, assumed, unmeasured } = reading;
    return {
      ok: true,
      file,
      name: survey.job.name,
      customer: survey.property.customer,
      surfaces: survey.surfaces.length,
      findings: survey.findings.length,
      assumed: assumed.map((a) => a.path),
      unmeasured: unmeasured.map((fault) => fault.path),
    };
  },
};

export type FileReader = typeof reader;

expose(reader);
