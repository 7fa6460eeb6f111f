export const SURVEY_EDITS: Readonly<Record<string, string>> = {
  'this-was-deleted-elsewhere-in': 'das wurde inzwischen anderswo gelöscht',
};
