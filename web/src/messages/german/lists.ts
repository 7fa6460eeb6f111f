export const LISTS: Readonly<Record<string, string>> = {
  jobs: 'Aufträge',
  properties: 'Grundstücke',
  handbook: 'Handbuch',
  'etappe-here': '{here} · Etappe',
  etappe: 'Etappe',
  company: 'Betrieb',
  pages: 'Seiten',
  earlier: 'Früher',
  'to-of': '{from} bis {from2} von {total}',
  later: 'Später',
};
