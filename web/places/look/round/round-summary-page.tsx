import { Link, useParams } from 'react-router';
import { inSentence, howMany } from '#knowledge';
import type { RoundAnswer, RoundChange } from '#engine';
import { BeadScale } from '../../../parts/bead-scale.tsx';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showDate, showFullDate } from '../../../show/dates.ts';
import { showMeasureOf } from '../../../show/measures.ts';
import { changeWords } from '../../seasons/change-words.ts';
import { CountedTwiceList } from './counted-twice.tsx';
import { useRound } from './use-round.ts';

/** What a round found, and what changed since the time before. */
export function RoundSummaryPage() {
  const { roundId = '' } = useParams();
  return <Answered question={useRound(roundId)}>{(round) => <Summary answer={round} />}</Answered>;
}

function Summary({ answer: { round, stops, changes, countedTwice } }: { answer: RoundAnswer }) {
  if (!round)
    return (
      <EmptyState title="There is no such round.">
        <Link className="link-husk" to="/look/round">
          To the rounds
        </Link>
      </EmptyState>
    );
  const visited = stops.filter(({ done }) => done.length > 0);
  const skipped = visited.filter(({ done }) => done.every(({ outcome }) => outcome === 'skipped'));
  const clean = visited.filter(({ done }) => done.some(({ outcome }) => outcome === 'nothing'));
  const notReached = stops.filter(({ done }) => done.length === 0);
  const moved = changes.filter(({ change }) => change?.kind === 'rose' || change?.kind === 'appeared');
  const noted = visited.flatMap(({ name, done }) =>
    done.filter(({ note }) => note).map(({ note }) => `${name}: ${note}`),
  );
  return (
    <>
      <PageHead
        title={roundTitle(changes.length, moved.length, clean.length)}
        lead={`Round of ${showFullDate(round.startedOn)}: ${visited.length - skipped.length} looked at, ${skipped.length} skipped, ${notReached.length} not reached.`}
      >
        <Link className="btn" to="/look/round">
          Rounds
        </Link>
      </PageHead>
      <CountedTwiceList stops={countedTwice} />
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        <section aria-label="Counted">
          <h2 className="mb-2">Counted</h2>
          {changes.length === 0 && <p className="sheet p-4 soft">Nothing was counted on this round.</p>}
          <ul className="sheet divide-y divide-base-300 empty:hidden">
            {changes.map((entry) => (
              <li key={entry.sample.id}>
                <ChangeRow entry={entry} on={round.startedOn} />
              </li>
            ))}
          </ul>
        </section>
        <div className="flex flex-col gap-5">
          <Names
            title="Nothing found"
            names={clean.map(({ name, targetName }) =>
              targetName ? `${name}, ${inSentence(targetName)}` : name,
            )}
          />
          <Names title="Skipped" names={skipped.map(({ name, done }) => `${name}: ${done.at(-1)!.reason}`)} />
          <Names title="Not reached" names={notReached.map(({ name }) => name)} />
          <Names title="Notes" names={noted} />
        </div>
      </div>
    </>
  );
}

function roundTitle(counted: number, rose: number, clean: number): string {
  if (counted + clean === 0) return 'Nothing was looked at yet';
  if (rose > 0) return `${rose} of ${counted} rose since the time before`;
  return counted === 0
    ? `Nothing found on ${howMany(clean, 'plant')}`
    : `None of the ${counted} counted rose`;
}

function ChangeRow({
  entry: { watchId, name, targetName, sample, before, change },
  on,
}: {
  entry: RoundChange;
  on: string;
}) {
  return (
    <Link
      to={`/look/${watchId}`}
      className="grid gap-x-5 gap-y-1 p-4 sm:grid-cols-[110px_minmax(0,1fr)] hover:bg-base-200"
    >
      {sample.summary.level && (
        <BeadScale level={sample.summary.level} before={before?.summary.level ?? null} />
      )}
      <span>
        <b className="font-semibold">
          {name}, {inSentence(targetName)}
        </b>
        <span className="block">{showMeasureOf(sample.protocol, sample.summary.measure)}</span>
        <span className="soft block text-sm">
          {before && change
            ? `${changeWords(change)} Then, ${showDate(before.on, on)}: ${showMeasureOf(before.protocol, before.summary.measure)}.`
            : 'The first count of its kind.'}
        </span>
      </span>
    </Link>
  );
}

function Names({ title, names }: { title: string; names: readonly string[] }) {
  if (names.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="mb-2">{title}</h2>
      <ul className="sheet p-4 flex flex-col gap-1">
        {names.map((name) => (
          <li key={name}>{name}</li>
        ))}
      </ul>
    </section>
  );
}
