import { setTimeout as wait } from 'node:timers/promises';
import { parentPort, workerData } from 'node:worker_threads';

// One page after the other until told to stop, on a thread of its own: what the sender of large bodies waits for is not
// what another person waits for. A thread starts without tsx, hence in plain JavaScript.
const BREATH_MILLISECONDS = 10;

let asking = true;
parentPort.once('message', () => {
  asking = false;
});
await (await fetch(workerData.url)).arrayBuffer();
parentPort.postMessage('asking');
const pages = [];
while (asking) {
  const asked = performance.now();
  await (await fetch(workerData.url)).arrayBuffer();
  pages.push(performance.now() - asked);
  await wait(BREATH_MILLISECONDS);
}
parentPort.postMessage(pages);
