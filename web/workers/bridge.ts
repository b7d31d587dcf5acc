import { proxy, releaseProxy, wrap, type Remote } from 'comlink';

/**
 * A worker in use: calls go to it, progress comes back, and `end` stops it at once, even in the middle
 * of work.
 */
export interface Working<Api> {
  readonly remote: Remote<Api>;
  /** Fails when the worker cannot be started; calls to it would wait for ever. */
  readonly failed: Promise<never>;
  end(): void;
}

/** The one way heavy work leaves the page's own thread. */
export function startWorker<Api>(make: () => Worker): Working<Api> {
  const worker = make();
  const remote = wrap<Api>(worker);
  let ended = false;
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener('error', (event) =>
      reject(new Error(event.message || 'the work could not begin')),
    );
  });
  failed.catch(() => undefined);
  return {
    remote,
    failed,
    end() {
      // A worker let go of twice would throw, and the page would stand still.
      if (ended) return;
      ended = true;
      remote[releaseProxy]();
      worker.terminate();
    },
  };
}

/** A callback the worker may call. */
export const progress = (callback: (step: number) => void) => proxy(callback);
