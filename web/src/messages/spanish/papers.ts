export const PAPERS: Readonly<Record<string, string>> = {
  'toolbox-talk': 'Charla de seguridad',
  'pdf-making': 'Se está haciendo el PDF',
  'pdf-made': 'PDF, {kilobytes} kB',
  'pdf-of': 'PDF de {name}',
  'pdf-away': 'PDF: sin conexión',
};
