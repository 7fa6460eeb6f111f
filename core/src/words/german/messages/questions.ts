import type { QUESTIONS as ENGLISH } from '../../../messages/english/questions.ts';

export const QUESTIONS: Readonly<Record<keyof typeof ENGLISH, string>> = {
  'still-open': 'Noch offen: {question} Herausfinden, oder die Antwort bei der Begehung eintragen.',
  'water-point': 'Wo nehmen wir Wasser, und wie viele Liter in der Minute gibt es?',
  'water-flow': 'Wie viele Liter in der Minute gibt {place}? Einen Eimer stoppen.',
  'water-permission/refused': '{place} ist nicht erlaubt: wo sonst können wir Wasser nehmen?',
  'water-permission/asked': 'Dürfen wir {place} benutzen, mit welchem Zähler und Systemtrenner?',
  'drain-destination': 'Wohin führt {place}?',
  'drain-destination/owner': 'Wohin führt {place}, und wem gehört es?',
  'drain-state/slow': '{place} läuft langsam: wer macht es frei, bevor wir beginnen?',
  'drain-state/blocked': '{place} ist verstopft: wer macht es frei, bevor wir beginnen?',
  'cellar-drain': 'Läuft {place}? Ist es verstopft, steht der Keller unter Wasser.',
  behind: 'Was ist hinter {place}?',
  nest: 'Ist {place} bewohnt, und darf es bewegt werden?',
  'old-building/asbestos':
    'Gebaut {year}: Schiefer, Dachpappe und Zementplatten aus dieser Zeit können Asbest enthalten. Gibt es ein Papier oder ein Laborergebnis für {places}? Bis dahin rührt nichts daran.',
  'old-building/lead':
    'Gebaut {year}: alte Farbe kann Blei enthalten. Ist die Farbe an {places} erneuert oder geprüft? Bis dahin wird sie weder gerieben noch abgestrahlt oder erhitzt.',
  height: 'Wie hoch über dem Boden ist {place}?',
  aspect: 'Wohin zeigt {place}? Die Sonne entscheidet, wie lange Produkt nass bleibt.',
  windows: 'Werden alle Fenster zu sein, und wer könnte herauskommen, während wir sprühen?',
  'panel-kind':
    'Ist {place} ein Schaltkasten oder ein Solarmodul? Bis wir es wissen, bleibt es trocken wie ein Schaltkasten.',
  'electrics-weatherproof': 'Ist {place} wetterfest, und ist es freigeschaltet, während wir arbeiten?',
  'electrics-weatherproof/exposed':
    '{place} ist nicht wetterfest: von einer befähigten Person sichern lassen, oder die Arbeit weglassen, die es nass machen würde.',
  'electrics-weatherproof/live':
    '{place} ist nicht freigeschaltet: von einer befähigten Person sichern lassen, oder die Arbeit weglassen, die es nass machen würde.',
  'electrics-weatherproof/both':
    '{place} ist weder wetterfest noch freigeschaltet: von einer befähigten Person sichern lassen, oder die Arbeit weglassen, die es nass machen würde.',
  'material-unsure/settled':
    'Ist {place} {materials}? Bis es feststeht, gelten die strengsten Grenzen von allen. Am ehesten ist es {likely}: festlegen.',
  'material-unsure/test':
    'Ist {place} {materials}? Bis es feststeht, gelten die strengsten Grenzen von allen. Nächste Probe: {test}.',
  'material-unsure/none':
    'Ist {place} {materials}? Bis es feststeht, gelten die strengsten Grenzen von allen. Keine Probe ist übrig: Fachleute fragen, oder es lassen.',
  'mark-undecided/settled': 'Was ist das an {place} ({mark})? Am ehesten {likely}: festlegen.',
  'mark-undecided/test': 'Was ist das an {place} ({mark})? Nächste Probe: {test}.',
  'mark-undecided/none':
    'Was ist das an {place} ({mark})? Keine weitere Probe ist hier erlaubt: lassen, oder mit einer Probefläche entscheiden.',
  'finding-doubtful': 'Ist es an {place} wirklich {dirt}? Vor dem Tag prüfen: {test}.',
  'finding-doubtful/none':
    'Ist es an {place} wirklich {dirt}? Noch einmal hinsehen, oder an einer Stelle versuchen.',
  'damage-photo': 'Noch kein Foto von diesem Schaden: {damage}.',
  'damage-shown': 'Der Kunde hat diesen Schaden noch nicht gesehen: {damage}.',
  precondition: 'Bevor wir beginnen: {what}, durch {who}.',
  'precondition/by': 'Bevor wir beginnen: {what}, durch {who}, spätestens {by}.',
};
