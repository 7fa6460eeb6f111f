import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { isMainThread, parentPort, workerData } from 'node:worker_threads';
import { pino } from 'pino';
import { app } from './app.ts';
import { connect, migrate } from './database/connection.ts';
import { giveDemoJobs } from './demo-jobs.ts';
import { HeavyWorkers } from './heavy-work/heavy-workers.ts';
import { workerThread } from './heavy-work/worker-thread.ts';
import type { ThreadData } from './heavy-work/worker-thread.ts';
import { orderWriter } from './languages/order-writer.ts';
import { folderOutbox } from './papers/outbox.ts';
import { pdfMaker } from './papers/pdf-maker.ts';
import { photosOnDisk } from './photos/photo-files.ts';
import { readSettings } from './settings.ts';
import { storesOn } from './stores.ts';

/** The only place that constructs and connects: the server, and on threads of their own its workers. */
const settings = readSettings(process.env);

const logger = pino({ level: settings.logLevel });
const database = connect(settings.databaseUrl, isMainThread ? 10 : 4);
if (isMainThread) await migrate(database);
const program = fileURLToPath(import.meta.url);
const maker = isMainThread ? pdfMaker(besides('papers', 'pdf-thread')) : null;
const writer = isMainThread ? orderWriter(besides('languages', 'writer-thread')) : null;
const stores = storesOn(database, await photosOnDisk(settings.photoFolder), maker, writer);
const house = await stores.jobs.firstHouse();
const parts = {
  stores,
  database,
  house,
  webFolder: resolve(settings.webFolder),
  allowedHosts: settings.allowedHosts,
  logger,
  papers: { maker, outbox: folderOutbox(resolve(settings.mailFolder)) },
};
if (isMainThread) await serve();
else listenOnThread();

/**
 * On a thread, beside the one that serves pages. At the same priority: that one sleeps between its requests, so it has its turn as
 * soon as it wants it, while a thread below it gets next to nothing on a busy machine, and somebody waits for the order.
 */
function listenOnThread(): void {
  app(parts).listen((workerData as ThreadData).socket, () => parentPort?.postMessage('listening'));
}

/** The program of a thread: beside this one, as source in its room or bundled. */
function besides(room: string, thread: string): string {
  return resolve(dirname(program), program.endsWith('.ts') ? `${room}/${thread}.ts` : `${thread}.js`);
}

const LONGEST_GOODBYE_MILLISECONDS = 3000;

async function serve(): Promise<void> {
  if (settings.demoFolder !== null) await giveDemoJobs(stores, house, settings.demoFolder);
  const heavyWorkers = new HeavyWorkers(() =>
    workerThread(program, (err) => {
      logger.error({ err }, 'a thread for heavy requests has failed');
    }),
  );
  const server = app({ ...parts, heavyWorkers }).listen(settings.port, settings.host, (error) => {
    if (error) {
      logger.fatal({ err: error }, `port ${settings.port} cannot be used: set PORT to a free one`);
      process.exit(1);
    }
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : settings.port;
    logger.info({ port }, 'listening');
    process.send?.({ listening: port });
  });
  // What the last run left, and failed for want of time, is made now.
  void stores.orderPdfs.wake();
  let stopping = false;
  const stop = () => {
    if (stopping) return;
    stopping = true;
    server.close(() => {
      heavyWorkers.stop();
      maker?.stop();
      writer?.stop();
      void database.destroy().then(() => process.exit(0));
    });
    server.closeIdleConnections();
    // What is under way may end; a browser that keeps its line does not keep the server.
    setTimeout(() => {
      server.closeAllConnections();
    }, LONGEST_GOODBYE_MILLISECONDS).unref();
  };
  // The start command is gone, however it went: nothing of it stays behind.
  process.on('disconnect', stop);
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
}
