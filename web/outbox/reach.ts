/** Whether answers come from the computer at home, or from what this device packed, and when that was. */
export type Standing = { readonly kind: 'there' } | { readonly kind: 'here'; readonly packedAtMs: number };

/** Asked again so often, and ever more seldom, while nothing comes: a pocket costs no battery. */
const FIRST_RETRY_MS = 8000,
  LAST_RETRY_MS = 120_000;
const ASK_FOR_MS = 2500;

const THERE: Standing = { kind: 'there' };
let standing: Standing = THERE;
let retryMs = FIRST_RETRY_MS;
let timer: ReturnType<typeof setTimeout> | undefined;
const listeners = new Set<() => void>();
const backListeners = new Set<() => void>();

export const standingNow = (): Standing => standing;

export function onStanding(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** Called when the computer at home can be reached again: what is shown is then asked for anew. */
export function onBack(listener: () => void): () => void {
  backListeners.add(listener);
  return () => backListeners.delete(listener);
}

/** Whether the server answers now. */
export async function serverAnswers(): Promise<boolean> {
  return fetch('/api/health', { signal: AbortSignal.timeout(ASK_FOR_MS) }).then(
    (response) => response.ok,
    () => false,
  );
}

/** The server answered. */
export function noteThere(): void {
  if (standing.kind === 'there') return;
  standing = THERE;
  retryMs = FIRST_RETRY_MS;
  clearTimeout(timer);
  listeners.forEach((listener) => listener());
  backListeners.forEach((listener) => listener());
}

/** The server did not answer, and this device did in its stead. */
export function noteHere(packedAtMs: number): void {
  if (standing.kind === 'here' && standing.packedAtMs === packedAtMs) return;
  const was = standing.kind;
  standing = { kind: 'here', packedAtMs };
  listeners.forEach((listener) => listener());
  if (was === 'there') waitForIt();
}

function waitForIt(): void {
  clearTimeout(timer);
  timer = setTimeout(() => {
    retryMs = Math.min(retryMs * 2, LAST_RETRY_MS);
    void askAgain();
  }, retryMs);
}

/** While somebody uses the pages it is looked after more often than in a pocket. */
const IN_USE_MS = 5000;
let askedAtMs = -Infinity;
export function askWhileUsed(): void {
  if (standing.kind === 'here' && Date.now() - askedAtMs > IN_USE_MS) void askAgain();
}

async function askAgain(): Promise<void> {
  askedAtMs = Date.now();
  clearTimeout(timer);
  if (standing.kind === 'there') return;
  if (await serverAnswers()) noteThere();
  else waitForIt();
}

/** Asks at once whenever the connection may be back. */
export function watchForReturn(): void {
  // The first try may come before the line is really there: the next follows soon.
  const askSoon = () => {
    retryMs = FIRST_RETRY_MS;
    void askAgain();
  };
  window.addEventListener('online', askSoon);
  document.addEventListener('visibilitychange', () => {
    if (!document.hidden) askSoon();
  });
}
