import { join } from 'node:path';
import compression from 'compression';
import express from 'express';
import type { Express } from 'express';
import helmet from 'helmet';
import type { Knex } from 'knex';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { hostCheck } from './admission/host-check.ts';
import { originCheck } from './admission/origin-check.ts';
import { withContext } from './context-of.ts';
import type { HeavyWorkers } from './heavy-work/heavy-workers.ts';
import { problemHandler } from './problems/problem-handler.ts';
import { routes } from './routes.ts';
import type { PaperWays, Stores } from './routes.ts';

const YEAR_SECONDS = 31_536_000;

export interface AppParts {
  readonly stores: Stores;
  readonly database: Knex;
  readonly house: string;
  readonly webFolder: string;
  /** Names of this server beside those of loopback, in lower case, without a port. */
  readonly allowedHosts?: readonly string[];
  readonly logger: Logger;
  /** Where heavy requests go; without them they are done here. */
  readonly heavyWorkers?: HeavyWorkers;
  readonly papers?: PaperWays;
}

/** The Express application around stores that are handed in. */
export function app({
  stores,
  database,
  house,
  webFolder,
  allowedHosts = [],
  logger,
  heavyWorkers,
  papers,
}: AppParts): Express {
  return express()
    .disable('x-powered-by')
    .use(pinoHttp({ logger, autoLogging: { ignore: (req) => req.url === '/healthz' } }))
    .use(
      helmet({
        contentSecurityPolicy: {
          directives: {
            defaultSrc: ["'self'"],
            scriptSrc: ["'self'"],
            // Ant Design writes its styles into the page.
            styleSrc: ["'self'", "'unsafe-inline'"],
            // Pictures that still wait on the device.
            imgSrc: ["'self'", 'data:', 'blob:'],
            fontSrc: ["'self'", 'data:'],
            workerSrc: ["'self'"],
            upgradeInsecureRequests: null,
          },
        },
        strictTransportSecurity: false,
      }),
    )
    .use(hostCheck(allowedHosts))
    .use(originCheck)
    .use(compression())
    .use(withContext(house))
    .use(routes(stores, database, heavyWorkers, papers))
    .use(
      '/assets',
      express.static(join(webFolder, 'assets'), {
        immutable: true,
        maxAge: YEAR_SECONDS * 1000,
        fallthrough: false,
      }),
    )
    .use(express.static(webFolder, { index: false }))
    .get('/{*page}', (_req, res) => {
      res.setHeader('Cache-Control', 'no-cache');
      res.sendFile('index.html', { root: webFolder });
    })
    .use(problemHandler);
}
