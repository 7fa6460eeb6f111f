export const JOB_FRAME: Readonly<Record<string, string>> = {
  order: 'Orden',
  papers: 'Papeles',
  'all-jobs': 'Todos los trabajos',
  'loading-the-job': 'Cargando el trabajo',
  'offline-waiting': 'sin red, {waiting} en espera',
};
