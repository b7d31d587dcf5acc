import { Link } from 'react-router';
import type { PathAnswer, PathKind } from '#engine';
import { howMany } from '#knowledge';
import { growthWords, leanWords } from './learnt-words.ts';

/** What the counts taught of this watch: growth left alone, and how each kind of treatment does here. */
export function LearntCards({ path }: { path: PathAnswer }) {
  const isTaught = path.counts.length > 1;
  return (
    <section aria-label="What the counts taught" className="sheet p-4 flex flex-col gap-3">
      <h2>What the counts taught</h2>
      <p>
        <b className="font-semibold">Left alone</b> it makes {growthWords(path.growth)} in a usual year here
        {isTaught ? ', by these counts' : ', by rule of thumb alone: one count teaches nothing yet'}.
        <span className="soft text-sm block">
          The coming year: {growthWords(path.nextYear)}. The rule of thumb says 2 times as many (0.8–5), grade
          C.
          {path.watches > 1 &&
            ` ${howMany(path.watches, 'watch', 'watches')} of this trouble taught it together.`}
        </span>
      </p>
      {path.kinds.map((kind) => (
        <KindLine key={kind.kindId} kind={kind} />
      ))}
      <p className="soft text-sm">
        Between counts the level moves by growth, by what was done, by what comes from a source, and by
        chance; each count adds its own error. Rules of thumb come first and the counts pull them. Eight in
        ten lie within the brackets.{' '}
        <Link className="link-husk" to={`/when/plan/${path.watchId}`}>
          The plan reckons with it
        </Link>
        .
      </p>
    </section>
  );
}

function KindLine({ kind }: { kind: PathKind }) {
  return (
    <p>
      <b className="font-semibold">{kind.name}</b>, done {howMany(kind.times, 'time')}:{' '}
      {leanWords(kind.score)}
    </p>
  );
}
