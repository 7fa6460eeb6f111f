/** What a command is doing, one line at a time; see say.mjs. */
export function say(text: string): void;

/** Runs a command's main and turns what goes wrong into a line and an exit code. */
export function run(main: () => Promise<void>): Promise<void>;
