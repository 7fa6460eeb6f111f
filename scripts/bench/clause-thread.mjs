import { createRequire } from 'node:module';
import { dirname } from 'node:path';
import { parentPort } from 'node:worker_threads';

/** Makes a thread of Node look like the web worker that the solver's browser build expects, and starts it. */
const require = createRequire(import.meta.url);
const solver = require.resolve('minizinc/minizinc-worker.js');
globalThis.require = require;
globalThis.__filename = solver;
globalThis.__dirname = dirname(solver);
globalThis.addEventListener = (_kind, listen) => parentPort.on('message', (data) => listen({ data }));
globalThis.postMessage = (message) => parentPort.postMessage(message);
require(solver);
