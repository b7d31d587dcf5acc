import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { ApiProblem } from '../api/client.ts';
import { showMoment } from '../show/dates.ts';

/** A page's heading, which states what it found, and the line beneath it. */
export function PageHead({
  title,
  lead,
  children,
}: {
  title: string;
  lead?: ReactNode;
  children?: ReactNode;
}) {
  useEffect(() => {
    document.title = `${title} · Juglans`;
  }, [title]);
  return (
    <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2 mb-4">
      <div>
        <h1>{title}</h1>
        {lead && <p className="soft mt-1 max-w-[68ch]">{lead}</p>}
      </div>
      {children && <div className="flex flex-wrap gap-2">{children}</div>}
    </div>
  );
}

/** The ways within one place. */
export function SubNav({
  label,
  tabs,
}: {
  label: string;
  tabs: readonly (readonly [path: string, name: string, here: boolean])[];
}) {
  return (
    <nav aria-label={label} className="flex flex-wrap gap-1.5 mb-3">
      {tabs.map(([path, name, here]) => (
        <Link
          key={path}
          to={path}
          aria-current={here ? 'page' : undefined}
          className={`rounded-lg px-3 py-1.5 font-medium ${here ? 'bg-(--husk-pale) text-(--husk-deep)' : 'soft'}`}
        >
          {name}
        </Link>
      ))}
    </nav>
  );
}

/** Nothing here yet, and what to do about it; on a page that says nothing else it is the title too. */
export function EmptyState({ title, children }: { title: string; children: ReactNode }) {
  const titleLine = useRef<HTMLHeadingElement>(null);
  const [isTitle, setIsTitle] = useState(false);
  useLayoutEffect(() => {
    const isTitled = [...document.querySelectorAll('h1')].some((heading) => heading !== titleLine.current);
    setIsTitle(!isTitled);
    if (!isTitled) document.title = `${title} · Juglans`;
  }, [title]);
  return (
    <div className="sheet p-6 max-w-[60ch]">
      {isTitle ? (
        <h1 ref={titleLine} className="text-xl!">
          {title}
        </h1>
      ) : (
        <p className="font-semibold">{title}</p>
      )}
      <div className="soft mt-1">{children}</div>
    </div>
  );
}

/** Whether the server gave no answer of its own; a refusal is one. */
const isSilent = (error: Error) =>
  !(error instanceof ApiProblem) || error.status === 0 || error.status >= 500;

/** An answer is shown that could not be asked for again. */
function Stale({ since }: { since: number }) {
  return (
    <p role="status" className="soft text-sm mb-2">
      As it stood on {showMoment(since)}: the server does not answer now.
    </p>
  );
}

interface Question<T> {
  readonly data: T | undefined;
  readonly error: Error | null;
  /** When the answer came, in ms. */
  readonly dataUpdatedAt: number;
  refetch(): unknown;
}

/** Shows an answer once it is there; until then that it is coming, or why it is not. */
export function Answered<T>({
  question,
  children,
}: {
  question: Question<T>;
  children: (data: T) => ReactNode;
}) {
  if (question.data !== undefined)
    return (
      <>
        {question.error && isSilent(question.error) && <Stale since={question.dataUpdatedAt} />}
        {children(question.data)}
      </>
    );
  if (question.error) {
    const missing = question.error instanceof ApiProblem && question.error.status === 404;
    return (
      <EmptyState title={missing ? 'There is nothing at this address.' : question.error.message}>
        {!missing && (
          <button type="button" className="btn btn-sm mt-2" onClick={() => question.refetch()}>
            Try again
          </button>
        )}
      </EmptyState>
    );
  }
  return (
    <p className="soft" role="status">
      Working it out…
    </p>
  );
}
