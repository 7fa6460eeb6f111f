/** Whether the server answers: any answer counts, also one that says no. */
export type Reach = 'reached' | 'unreachable';

export interface ReachParts {
  /** Settles when the server has answered anything; rejects when it could not be reached in time. */
  readonly probe: () => Promise<unknown>;
  /** Calls back once after so many milliseconds; returns how to call that off. */
  readonly after: (milliseconds: number, call: () => void) => () => void;
}

const FIRST_PROBE_MILLISECONDS = 1000;
const LONGEST_PROBE_MILLISECONDS = 8000;

/**
 * Whether one is offline is whether the server can be reached, judged by requests alone: a device with a signal that
 * leads nowhere says that it is online. Once a request has failed, the server is asked until it answers, and whoever has
 * something waiting hears of it at once.
 */
export class ServerReach {
  private reach: Reach = 'reached';
  private probing = false;
  private cancelTimer: (() => void) | null = null;
  private wait = FIRST_PROBE_MILLISECONDS;
  private readonly listeners = new Set<() => void>();
  private readonly onBack = new Set<() => void>();
  private readonly parts: ReachParts;

  constructor(parts: ReachParts) {
    this.parts = parts;
  }

  read = (): Reach => this.reach;

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** Calls back each time the server answers after it could not be reached; returns how to stop. */
  whenBack = (call: () => void): (() => void) => {
    this.onBack.add(call);
    return () => this.onBack.delete(call);
  };

  /** A request was answered, whatever it was told. */
  answered(): void {
    this.cancelTimer?.();
    this.cancelTimer = null;
    this.wait = FIRST_PROBE_MILLISECONDS;
    if (this.reach === 'reached') return;
    this.set('reached');
    for (const call of this.onBack) call();
  }

  /** A request found no server, or had no answer in time. */
  failed(): void {
    this.set('unreachable');
    this.cancelTimer ??= this.parts.after(this.wait, () => {
      this.cancelTimer = null;
      this.ask();
    });
  }

  /** Something hints that it may be another way now: a request that takes long, a network that came or went. */
  ask(): void {
    if (this.probing) return;
    this.probing = true;
    this.parts.probe().then(
      () => {
        this.probing = false;
        this.answered();
      },
      () => {
        this.probing = false;
        this.wait = Math.min(LONGEST_PROBE_MILLISECONDS, this.wait * 2);
        this.failed();
      },
    );
  }

  private set(reach: Reach): void {
    if (this.reach === reach) return;
    this.reach = reach;
    for (const listener of this.listeners) listener();
  }
}

const PROBE_LIMIT_MILLISECONDS = 4000;

/** The server of this page. */
export const serverReach = new ServerReach({
  // Whether its database answers is another question: any answer is one.
  probe: () =>
    fetch('/healthz', { cache: 'no-store', signal: AbortSignal.timeout(PROBE_LIMIT_MILLISECONDS) }),
  after: (milliseconds, call) => {
    const timer = setTimeout(call, milliseconds);
    return () => {
      clearTimeout(timer);
    };
  },
});

/** What the browser says of its network is a hint to try at once, no more. */
export function heedNetworkHints(reach: ServerReach): void {
  const hint = () => {
    reach.ask();
  };
  window.addEventListener('online', hint);
  window.addEventListener('offline', hint);
}
