/** What does something of its own when a key is pressed on it. */
const ACTS = 'a[href], button, summary, select, input, textarea, [role="button"], [contenteditable="true"]';

/** Whether a key is for what has focus, and so for nothing else on the page. */
export const isForFocused = (event: KeyboardEvent): boolean =>
  event.target instanceof Element && event.target.closest(ACTS) !== null;

/**
 * Lets go of a button that was pressed with a finger or the mouse, so that the next key is for the page. One
 * pressed by key keeps the focus.
 */
export function letGo(event: React.MouseEvent<HTMLElement>): void {
  if (event.detail > 0) event.currentTarget.blur();
}
