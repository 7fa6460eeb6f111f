/** What a command is doing, one line at a time; and how it ends when it cannot go on: with the mend. */
export function say(text) {
  process.stderr.write(`${text}\n`);
}

export class Mendable extends Error {
  constructor(problem, mend) {
    super(`${problem}\n  Mend: ${mend}`);
  }
}

/** Runs a command's main and turns what goes wrong into a line and an exit code. */
export async function run(main) {
  try {
    await main();
  } catch (error) {
    say(error instanceof Mendable ? error.message : (error?.stack ?? String(error)));
    process.exitCode = 1;
  }
}
