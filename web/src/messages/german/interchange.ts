export const INTERCHANGE: Readonly<Record<string, string>> = {
  'import-surfaces': 'Flächen einlesen',
  'add-change': '{added} hinzufügen, {changed} ändern',
  reading: 'Liest …',
  'drop-a-csv-file-here': 'Eine CSV-Datei hier ablegen oder auswählen: eine Zeile je Fläche',
  'nothing-imported': 'Nichts eingelesen: {fault}',
  'rows-separated-by':
    '{rowsCount} Zeilen, getrennt durch {delimiter}, {encoding}{isGuessed, select, yes {: prüfen, ob Umlaute stimmen} other {}}.',
  'numbers-have-a-decimal-comma': 'Zahlen haben ein Dezimalkomma',
  'which-column-holds-what': 'Welche Spalte was enthält',
  'nothing-imported-faults-count':
    '{faultsCount} {faultsCount, plural, one {Fehler} other {Fehler}}, nichts eingelesen',
  line: 'Zeile {line}, {column}',
  'sides-made': ', {sides} Seiten angelegt',
  'surfaces-are-added-changed-it':
    '{added} Flächen werden hinzugefügt, {changed} geändert{sidesWords}. Es gilt als eine Änderung: einmal Zurücknehmen nimmt alles zurück.',
  needed: ' (nötig)',
  'not-in-the-file': 'nicht in der Datei',
  'in-the-first-row': '{first} in der ersten Zeile',
  column: 'Spalte {number}',
};
