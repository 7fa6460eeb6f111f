/** Folder of PostgreSQL's programs, installed if need be; see provision.mjs. */
export function needPostgres(): string;

export const DATA: string;
