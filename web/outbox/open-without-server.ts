/**
 * Lets the app open without its server where the browser allows it (https or this machine); on plain
 * http the outbox alone holds.
 */
export function openWithoutServer(): void {
  if (!('serviceWorker' in navigator) || !window.isSecureContext || import.meta.env.DEV) return;
  window.addEventListener(
    'load',
    () => void navigator.serviceWorker.register('/sw.js').catch(() => undefined),
  );
}
