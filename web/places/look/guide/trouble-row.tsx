import { Link } from 'react-router';
import type { Target } from '#knowledge';
import { TroubleThumb } from '../../../plates/guide/trouble-thumb.tsx';

/** A trouble in a list: its picture, its name, what it is, and a word set before it. */
export function TroubleRow({ target, word }: { target: Target; word?: string }) {
  return (
    <Link
      to={`/look/guide/${target.id}`}
      className="flex items-center gap-3 px-3 py-2 min-h-14 hover:bg-base-200"
    >
      <TroubleThumb targetId={target.id} />
      <span className="min-w-0">
        <b className="font-semibold">{target.name}</b> {word && <span className="tag">{word}</span>}
        <span className="soft block text-sm">{target.what}</span>
      </span>
    </Link>
  );
}
