import { type ReactNode, Suspense } from 'react';

/** Says so while a part of the program is on its way. */
export function Opening({ children }: { children: ReactNode }) {
  return (
    <Suspense
      fallback={
        <p className="soft" role="status">
          Opening…
        </p>
      }
    >
      {children}
    </Suspense>
  );
}
