/** Folder of PostgreSQL's programs, installed if need be; see provision.mjs. */
export function needPostgres(): string;

/** Folder of what is made on this machine and never committed. */
export const DATA: string;

/** Builds the application unless what it is built from is as it was. */
export function needBuild(): Promise<void>;
