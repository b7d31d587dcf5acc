import { lazy } from 'react';
import { OpenedLater } from './opened-later.tsx';
import type { ReasonBodyProps } from './reason-body.tsx';

const ReasonBody = lazy(() => import('./reason-body.tsx').then((m) => ({ default: m.ReasonBody })));

/** A recommendation's whole reasoning, one tap away: facts, rule, grade, source, what would change it. */
export function Reason({ title, ...reason }: ReasonBodyProps & { readonly title: string }) {
  return (
    <OpenedLater title={title} className="mt-1">
      <ReasonBody {...reason} />
    </OpenedLater>
  );
}
