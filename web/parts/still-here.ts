/**
 * Call before some work; the answer says afterwards whether the person is still on the page that began
 * it. Who has gone elsewhere is not called back.
 */
export function markPage(): () => boolean {
  // The address changes at once, while the next page may still be on its way.
  const from = window.location.href;
  return () => window.location.href === from;
}
