/** A private PostgreSQL cluster on loopback; see cluster.mjs. */
export function privateCluster(options: {
  readonly programs: string;
  readonly folder: string;
  readonly forTests?: boolean;
}): Promise<{ readonly url: string; readonly stop: () => void }>;
