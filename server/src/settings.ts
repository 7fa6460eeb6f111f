/** What the environment decides, read once by main.ts. */
export interface Settings {
  readonly databaseUrl: string;
  readonly port: number;
  readonly host: string;
  /** Folder of the built web application. */
  readonly webFolder: string;
  /** Folder in which photos are kept. */
  readonly photoFolder: string;
  /** Folder of the job files that a new house starts with; null: none. */
  readonly demoFolder: string | null;
  readonly logLevel: string;
}

/**
 * @throws Error naming the variable, what came and what is expected
 */
export function readSettings(env: Readonly<Record<string, string | undefined>>): Settings {
  const {
    DATABASE_URL,
    PORT = '4600',
    HOST = '127.0.0.1',
    WEB_FOLDER = 'web/dist',
    PHOTO_FOLDER = '.data/photos',
    DEMO_FOLDER,
    LOG_LEVEL = 'info',
  } = env;
  if (!DATABASE_URL)
    throw new Error('DATABASE_URL is not set: npm start makes a private database and sets it');
  const port = Number(PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`PORT is "${PORT}": expected a whole number from 0 to 65535`);
  return {
    databaseUrl: DATABASE_URL,
    port,
    host: HOST,
    webFolder: WEB_FOLDER,
    photoFolder: PHOTO_FOLDER,
    demoFolder: DEMO_FOLDER ?? null,
    logLevel: LOG_LEVEL,
  };
}
