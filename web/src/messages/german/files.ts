export const FILES: Readonly<Record<string, string>> = {
  'the-file-has-mb-the': 'die Datei hat {megabytes} MB, die Grenze ist {limit} MB: teilen',
  'row-has-a-quotation-mark': 'Zeile {row} hat ein Anführungszeichen, das nicht geschlossen ist: berichtigen',
  'the-first-line-has-no':
    'die erste Zeile hat keine zwei Spalten: als CSV mit Komma, Strichpunkt oder Tabulator speichern, die Überschriften in der ersten Zeile',
  'this-is-not-a-text': 'das ist keine Textdatei: die Tabelle als CSV speichern und diese einlesen',
  'this-is-not-a-job': 'das ist keine Auftragsdatei: {message}',
  'is-a-heic-or-avif':
    '{name} ist ein HEIC- oder AVIF-Bild: die Kamera auf „maximal kompatibel“ (JPEG) stellen oder als JPEG, PNG oder WebP speichern',
  'is-no-jpeg-png-or': '{name} ist kein JPEG-, PNG- oder WebP-Bild: als eines davon speichern',
  'is-broken-or-cut-off': '{name} ist beschädigt oder abgeschnitten: noch einmal von der Kamera senden',
};
