const PREFIX = 'etappe-page-';

/**
 * Holds a lock for as long as this page lives, so that other pages know whose edits are left behind. Where the browser
 * has no locks (a page that is not served securely) every edit counts as left: sending it twice is harmless, because
 * each change is taken once.
 */
export function holdPageLock(page: string): void {
  if (!('locks' in navigator)) return;
  void navigator.locks.request(`${PREFIX}${page}`, () => new Promise(() => undefined));
}

/** The pages that live now, this one among them. */
export async function livingPages(): Promise<ReadonlySet<string>> {
  if (!('locks' in navigator)) return new Set();
  const { held = [] } = await navigator.locks.query();
  return new Set(held.flatMap(({ name }) => (name?.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : [])));
}
