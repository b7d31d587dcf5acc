import { Link } from 'react-router';
import { type Feeding, feedingsAhead } from '#core/plan';
import type { Plant } from '#core/records';
import { useFeeding } from '../../api/queries.ts';
import { showDate } from '../../show/dates.ts';
import { useToday } from '../../show/use-show.ts';

const WHY_WORDS: Readonly<Record<Feeding['why'], string>> = {
  rhythm: '',
  'bud-swell': 'as buds swell',
  'before-bloom': 'before bloom',
  'petal-fall': 'after petals fall',
  'after-petal-fall': 'two weeks after',
};

/** The season's feedings, for who follows a school that feeds. */
export function FeedingSection({ plant }: { plant: Plant }) {
  const today = useToday();
  const feeding = useFeeding(plant.id).data;
  if (!feeding || feeding.school.id === 'none') return null;
  const ahead = feedingsAhead(feeding.feedings, today);
  const recipe = feeding.school.id === 'four-a-season' ? 'biological-feed' : 'seaweed-and-fish';
  return (
    <section aria-label="Feeding">
      <h2 className="mb-2">Feeding</h2>
      <div className="sheet p-4">
        <p>{feeding.school.says}</p>
        {ahead.length > 0 ? (
          <p className="mt-1">
            Next: <b className="font-semibold">{showDate(ahead[0]!.on, today)}</b>
            {WHY_WORDS[ahead[0]!.why] && `, ${WHY_WORDS[ahead[0]!.why]}`}
            {ahead[0]!.isGuess && ' (about then, until the stage is logged; C)'}
            {ahead.length > 1 && (
              <span className="soft">
                , then{' '}
                {ahead
                  .slice(1, 4)
                  .map(({ on }) => showDate(on, today))
                  .join(', ')}
              </span>
            )}
            .
          </p>
        ) : (
          <p className="soft mt-1">
            None left this season
            {feeding.school.id === 'four-a-season' && '; log its buds swelling for their dates'}.
          </p>
        )}
        <p className="mt-1">
          <Link className="link-husk" to={`/mix/recipes?recipe=${recipe}&plant=${plant.id}`}>
            The recipe
          </Link>{' '}
          <span className="soft">logs it too.</span>
        </p>
      </div>
    </section>
  );
}
