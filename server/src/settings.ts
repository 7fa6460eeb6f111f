import { hostNameOf, isLoopback } from './admission/host-check.ts';

/** What the environment decides, read once by main.ts. */
export interface Settings {
  readonly databaseUrl: string;
  readonly port: number;
  readonly host: string;
  /** Names of this server beside those of loopback. */
  readonly allowedHosts: readonly string[];
  /** Folder of the built web application. */
  readonly webFolder: string;
  /** Folder in which photos are kept. */
  readonly photoFolder: string;
  /** Folder in which mails are written. */
  readonly mailFolder: string;
  /** Folder of the job files that a new company starts with; null: none. */
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
    ALLOWED_HOSTS = '',
    WEB_FOLDER = 'web/dist',
    PHOTO_FOLDER = '.data/photos',
    MAIL_FOLDER = '.data/mail',
    DEMO_FOLDER,
    LOG_LEVEL = 'info',
  } = env;
  if (!DATABASE_URL)
    throw new Error('DATABASE_URL is not set: npm start makes a private database and sets it');
  const port = Number(PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535)
    throw new Error(`PORT is "${PORT}": expected a whole number from 0 to 65535`);
  if (!isLoopback(HOST.includes(':') ? `[${HOST}]` : HOST))
    throw new Error(
      `HOST is "${HOST}": there are no accounts yet, so that everybody on that network could read and change everything. Until devices can be paired Etappe listens on its own machine only: leave HOST away, or set 127.0.0.1, ::1 or localhost`,
    );
  return {
    databaseUrl: DATABASE_URL,
    port,
    host: HOST,
    allowedHosts: hostNames(ALLOWED_HOSTS),
    webFolder: WEB_FOLDER,
    photoFolder: PHOTO_FOLDER,
    mailFolder: MAIL_FOLDER,
    demoFolder: DEMO_FOLDER ?? null,
    logLevel: LOG_LEVEL,
  };
}

function hostNames(list: string): readonly string[] {
  const given = list.split(',').map((name) => name.trim());
  return given
    .filter((name) => name !== '')
    .map((name) => {
      const read = hostNameOf(name);
      if (read === null)
        throw new Error(
          `ALLOWED_HOSTS has "${name}": expected names like etappe.example, with commas between`,
        );
      return read;
    });
}
