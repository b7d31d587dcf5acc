import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { Link } from 'react-router';

/** How the browsers word it that a part of the program is no longer there: it was replaced by a newer one. */
const PART_MISSING =
  /dynamically imported module|importing a module script failed|unable to preload|failed to load module script|is not a valid javascript mime/i;

/** Keeps what breaks to its own part of the page, and says what can be done; whole again when `place` changes. */
export function TroubleBoundary({ place, children }: { place: string; children: ReactNode }) {
  return (
    <ErrorBoundary FallbackComponent={Trouble} resetKeys={[place]}>
      {children}
    </ErrorBoundary>
  );
}

function Trouble({ error, resetErrorBoundary }: FallbackProps) {
  const message = error instanceof Error ? error.message : String(error);
  const reload = () => window.location.reload();
  if (PART_MISSING.test(message))
    return (
      <section role="alert" className="sheet p-6 max-w-[60ch]">
        <h1>A new version is here</h1>
        <p className="mt-2">
          This page is of an earlier one, and the rest of it is gone. What you entered is kept.
        </p>
        <button type="button" className="btn btn-primary mt-4" onClick={reload}>
          Reload
        </button>
      </section>
    );
  return (
    <section role="alert" className="sheet p-6 max-w-[60ch]">
      <h1>This page could not be shown</h1>
      <p className="mt-2">
        Something in the program went wrong here. What you entered is kept, and the other pages still open.
      </p>
      <div className="flex flex-wrap gap-3 mt-4">
        <button type="button" className="btn btn-primary" onClick={resetErrorBoundary}>
          Try again
        </button>
        <button type="button" className="btn" onClick={reload}>
          Reload
        </button>
        <Link className="btn" to="/now">
          To Now
        </Link>
      </div>
      <details className="mt-4 text-sm soft">
        <summary className="cursor-pointer">What went wrong</summary>
        <p className="mt-1">{message}</p>
      </details>
    </section>
  );
}
