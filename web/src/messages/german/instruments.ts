export const INSTRUMENTS: Readonly<Record<string, string>> = {
  'flow-meter': 'Durchflussmesser',
  'moisture-meter': 'Feuchtemesser',
  'surface-thermometer': 'Oberflächenthermometer',
  'chlorine-strip-reader': 'Leser für Chlorstreifen',
  'ph-strip-reader': 'Leser für pH-Streifen',
  'no-steady-reading-hold-it': 'Keine ruhige Messung: still halten und neu messen, oder die Zahl eintippen.',
  read: '{name} ablesen ({label})',
};
