/** Runs pieces of work one after the other, in the order asked for; one that fails stops none of the next. */
export function oneAtATime(): { run<T>(work: () => Promise<T>): Promise<T>; idle(): Promise<void> } {
  let last: Promise<unknown> = Promise.resolve();
  return {
    run(work) {
      const next = last.then(work);
      last = next.catch(() => undefined);
      return next;
    },
    idle: () => last.then(() => undefined),
  };
}
