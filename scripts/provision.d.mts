/** What a command needs of this machine, brought by itself; see provision.mjs. */

export const ROOT: string;

/** Folder of what is made on this machine and never committed. */
export const DATA: string;

export function needNode(): void;

/** Folder of PostgreSQL's programs, installed if need be. */
export function needPostgres(): string;

export function needChromium(): void;

/** What tests read printed pages with. */
export function needPoppler(): void;

export function needPackages(): void;

/** Builds the application unless what it is built from is as it was. */
export function needBuild(): Promise<void>;
