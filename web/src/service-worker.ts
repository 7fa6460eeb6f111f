import { registerSW } from 'virtual:pwa-register';

const NEW_VERSION = 'etappe:new-version';
let update: ((reload?: boolean) => Promise<void>) | null = null;

/** Keeps the application on the device, so that it opens without a network; tells when a newer one is ready. */
export function keepOnDevice(): void {
  if (!('serviceWorker' in navigator)) return;
  update = registerSW({
    onNeedRefresh: () => {
      window.dispatchEvent(new Event(NEW_VERSION));
    },
  });
}

/** Calls back when a newer version is ready; returns how to stop listening. */
export function onNewVersion(call: () => void): () => void {
  window.addEventListener(NEW_VERSION, call);
  return () => {
    window.removeEventListener(NEW_VERSION, call);
  };
}

/** Loads the newer version. */
export function takeNewVersion(): void {
  void update?.(true);
}
