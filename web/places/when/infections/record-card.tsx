import type { Diary } from './diary-words.ts';

/** How often the diary was right here, where somebody looked on the days. */
export function RecordCard({ record }: { record: Diary['record'] }) {
  const { through, held, years } = record;
  const looks = through.looked + held.looked;
  return (
    <section aria-label="Was it right here?" className="sheet p-4 text-[0.93rem]">
      <h2 className="mb-1">Was it right here?</h2>
      {looks === 0 ? (
        <p className="soft">
          Count on the days spots would show, also when there are none: each count sets the guesses right, and
          after two seasons this says how often they held.
        </p>
      ) : (
        <>
          {through.looked > 0 && (
            <p>
              Said to have got through: spots at {through.spotted} of {through.looked}{' '}
              {through.looked === 1 ? 'look' : 'looks'}.
            </p>
          )}
          {held.looked > 0 && (
            <p>
              Said to be covered: clean at {held.clean} of {held.looked}{' '}
              {held.looked === 1 ? 'look' : 'looks'}.
            </p>
          )}
          {years.length < 2 && (
            <p className="soft mt-1">One season tells little; a second one makes it a record.</p>
          )}
        </>
      )}
    </section>
  );
}
