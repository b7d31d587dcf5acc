import { useEffect, useRef } from 'react';

/** Why a form was not taken, at its top; it takes the focus, since the button may be far below. */
export function FormProblem({ problem }: { problem: string | null }) {
  const line = useRef<HTMLParagraphElement>(null);
  useEffect(() => {
    if (problem) line.current?.focus();
  }, [problem]);
  if (!problem) return null;
  return (
    <p ref={line} tabIndex={-1} role="alert" className="col-span-full text-error font-semibold mb-1">
      {problem}
    </p>
  );
}
