import type { ReactNode } from 'react';

interface TitledLinesProps {
  readonly title: string;
  readonly lines: readonly string[];
  readonly className?: string;
  readonly children?: ReactNode;
}

/** A heading over lines of text, listed where there are several, on the screen and on paper. */
export function TitledLines({ title, lines, className = '', children }: TitledLinesProps) {
  return (
    <section aria-label={title} className={className}>
      <h2>{title}</h2>
      {lines.length === 1 ? (
        <p>{lines[0]}</p>
      ) : (
        <ul className="list-disc pl-5">
          {lines.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ul>
      )}
      {children}
    </section>
  );
}
