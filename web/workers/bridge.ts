import { proxy, releaseProxy, wrap, type Remote } from 'comlink';

/**
 * A worker in use: calls go to it, progress comes back, and `end` stops it at once, even in the middle
 * of work.
 */
export interface Working<Api> {
  readonly remote: Remote<Api>;
  end(): void;
}

/** The one way heavy work leaves the page's own thread. */
export function startWorker<Api>(make: () => Worker): Working<Api> {
  const worker = make();
  const remote = wrap<Api>(worker);
  let ended = false;
  return {
    remote,
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
