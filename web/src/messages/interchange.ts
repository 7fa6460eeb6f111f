import { messages } from './messages.ts';

export const { say } = messages('interchange', {
  // surfaces-import.tsx
  'import-surfaces': 'Import surfaces',
  'add-change': 'Add {added}, change {changed}',
  reading: 'Reading …',
  'drop-a-csv-file-here': 'Drop a CSV file here, or choose one: one row per surface',
  'nothing-imported': 'Nothing imported: {fault}',
  'rows-separated-by':
    '{rowsCount} rows, separated by {delimiter}, {encoding}{isGuessed, select, yes {: check that accented letters are right} other {}}.',
  'numbers-have-a-decimal-comma': 'Numbers have a decimal comma',
  'which-column-holds-what': 'Which column holds what',
  'nothing-imported-faults-count':
    '{faultsCount} {faultsCount, plural, one {fault} other {faults}}, nothing imported',
  line: 'line {line}, {column}',
  'sides-made': ', {sides} sides made',
  'surfaces-are-added-changed-it':
    '{added} surfaces are added, {changed} changed{sidesWords}. It counts as one edit: one undo takes it back.',
  needed: ' (needed)',
  'not-in-the-file': 'not in the file',
  'in-the-first-row': '{first} in the first row',
  column: 'column {number}',
});
