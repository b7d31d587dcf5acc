import type { Inspection } from '#core/records';
import type { CountedFailure } from '#engine';
import { LOOK_ANSWER, type LookId } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { useKeeping } from '../../parts/use-keeping.ts';
import { useToday } from '../../show/use-show.ts';
import { TELLING_LOOK_WORDS } from './why-words.ts';

interface TellingLookCardProps {
  readonly why: CountedFailure;
  readonly watchId: string;
  readonly plantName: string;
}

/** The one look that would tell most, answered on the spot; what was answered moves the odds. */
export function TellingLookCard({ why: { look, looked }, watchId, plantName }: TellingLookCardProps) {
  const today = useToday();
  const { keep } = useKeeping();
  const answer = (id: LookId, said: 'yes' | 'no') => {
    const record: Inspection = {
      id: newId(),
      watchId,
      on: today,
      answers: { [`${LOOK_ANSWER}${id}`]: said },
      coversTurned: 0,
    };
    void keep(
      { kind: 'inspections', record, label: `a look at ${plantName}` },
      `Kept: ${TELLING_LOOK_WORDS[id][said]}.`,
    );
  };
  return (
    <section aria-label="The look that would tell" className="sheet p-4 self-start flex flex-col gap-3">
      <h2>The look that would tell most</h2>
      {look === null ? (
        <p className="soft">No other look would tell these reasons apart.</p>
      ) : (
        <>
          <p className="font-semibold">{TELLING_LOOK_WORDS[look].ask}</p>
          <p className="soft text-sm">{TELLING_LOOK_WORDS[look].how}</p>
          <div className="flex flex-wrap gap-2">
            <button type="button" className="btn btn-primary min-h-11" onClick={() => answer(look, 'yes')}>
              Yes
            </button>
            <button type="button" className="btn min-h-11" onClick={() => answer(look, 'no')}>
              No
            </button>
          </div>
        </>
      )}
      {looked.length > 0 && (
        <p className="text-sm soft">
          Looked already:{' '}
          {looked.map(({ id, found }) => TELLING_LOOK_WORDS[id][found ? 'yes' : 'no']).join('; ')}.
        </p>
      )}
    </section>
  );
}
