import { surfaceRows } from '@etappe/core';
import type { Survey } from '@etappe/core';
import Papa from 'papaparse';

/** Tells spreadsheets that the text is UTF-8. */
const BYTE_ORDER_MARK = '\uFEFF';

/** The surfaces of a survey as CSV, one row a surface; cells that a spreadsheet would run as formulas are kept from it. */
export function surfacesCsv(survey: Survey): string {
  const { headers, rows } = surfaceRows(survey);
  const fields = [...headers];
  return (
    BYTE_ORDER_MARK + Papa.unparse({ fields, data: rows.map((row) => [...row]) }, { escapeFormulae: true })
  );
}
