import { noteOpening, tell } from './offline-standing.ts';

/**
 * Lets the app open without its server where the browser allows it (https or this machine); on plain
 * http the outbox alone holds.
 */
export function openWithoutServer(): void {
  if (!('serviceWorker' in navigator) || !window.isSecureContext || import.meta.env.DEV) return;
  window.addEventListener('load', () => {
    void navigator.serviceWorker
      .register('/sw.js')
      // What is kept for the garden is not to give way to other sites' pictures.
      .then(() => navigator.storage.persist())
      .catch(() => undefined);
    void noteOpening().catch(() => undefined);
  });
  window.addEventListener('online', () => void tell().catch(() => undefined));
}
