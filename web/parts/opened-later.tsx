import { type ReactNode, useState } from 'react';
import { Opening } from './opening.tsx';
import { TroubleBoundary } from './trouble-boundary.tsx';

/** Something behind a tap, whose part of the program comes when it is first opened. */
export function OpenedLater({
  title,
  className,
  children,
}: {
  title: string;
  className: string;
  children: ReactNode;
}) {
  const [wasOpened, setWasOpened] = useState(false);
  return (
    <details className={className} onToggle={({ currentTarget }) => currentTarget.open && setWasOpened(true)}>
      <summary className="link-husk list-none inline-block py-0.5">{title}</summary>
      {wasOpened && (
        <TroubleBoundary place={title}>
          <Opening>{children}</Opening>
        </TroubleBoundary>
      )}
    </details>
  );
}
