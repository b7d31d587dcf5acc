import { Link } from 'react-router';
import type { SprayRecord } from '#core/records';
import type { LoggedSpray, SprayWeather, WatchAnswer } from '#engine';
import { usePutSpray, useRemoveSpray, useShelf } from '../../api/mixing.ts';
import { Choices } from '../../parts/field.tsx';
import { optionsOf } from '../../parts/select-one.tsx';
import { useTakeOut } from '../../parts/use-take-out.ts';
import { useChange } from '../../parts/use-change.ts';
import { showDate } from '../../show/dates.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { againstWords, COVERAGE_WORDS, ORIGIN_WORDS, STAGE_SEEN_WORDS } from './spray-words.ts';

/** What was sprayed, with what still stands open about it. */
export function SprayList({ picture }: { picture: WatchAnswer }) {
  if (picture.sprays.length === 0) return null;
  return (
    <section aria-label="Sprays">
      <h2 className="mb-2">Sprays</h2>
      <ul className="sheet divide-y divide-base-300">
        {[...picture.sprays].reverse().map((spray) => (
          <li key={spray.id} className="p-4">
            <SprayRow
              spray={spray}
              watchId={picture.watch.id}
              weather={picture.sprayWeathers.find(({ sprayId }) => sprayId === spray.id)}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A spray without what the server adds to it. */
const recordOf = ({ weather: _, ...spray }: LoggedSpray): SprayRecord => spray;

function SprayRow({
  spray,
  watchId,
  weather,
}: {
  spray: LoggedSpray;
  watchId: string;
  weather: SprayWeather | undefined;
}) {
  const show = useShow();
  const today = useToday();
  const shelf = useShelf().data;
  const takeOut = useTakeOut(useRemoveSpray(), 'The spray was taken out.');
  const products = spray.parts.map(
    ({ productId }) => shelf?.products.find((product) => product.id === productId)?.name ?? 'a product',
  );
  const said = [
    spray.coverage && COVERAGE_WORDS[spray.coverage],
    spray.stageSeen && `${STAGE_SEEN_WORDS[spray.stageSeen]} there`,
  ]
    .filter(Boolean)
    .join('; ');
  return (
    <>
      <div className="flex flex-wrap justify-between gap-x-4">
        <span>
          <b className="font-semibold">{showDate(spray.on, today)}</b>: {products.join(' and ')},{' '}
          {show.volume(spray.sprayMl)} of spray
          {spray.againstLabel && <span className="tag tag-no ml-2">against the label</span>}
          <span className="soft block text-sm">
            {spray.weather
              ? `${show.temperature(spray.weather.minC)} to ${show.temperature(spray.weather.maxC)}${spray.weather.rainMm === null ? '' : `, rain ${show.rain(spray.weather.rainMm)}`} (${ORIGIN_WORDS[spray.weather.origin]})`
              : 'no weather known for that day'}
            {said && `; ${said}`}
          </span>
        </span>
        <span className="flex gap-4 items-start">
          <Link
            className="link-husk whitespace-nowrap"
            to={`/look/${watchId}/count?protocol=cover&spray=${spray.id}`}
          >
            check the cover<span className="sr-only"> of {showDate(spray.on, today)}</span>
          </Link>
          <Link className="link-husk whitespace-nowrap" to={`/look/${watchId}/spray/${spray.id}`}>
            edit<span className="sr-only"> the spray of {showDate(spray.on, today)}</span>
          </Link>
          <button
            type="button"
            className="link-husk whitespace-nowrap"
            onClick={() => takeOut(recordOf(spray))}
          >
            take out<span className="sr-only"> the spray of {showDate(spray.on, today)}</span>
          </button>
        </span>
      </div>
      {weather && <AgainstWeather weather={weather} />}
      <OpenQuestions spray={recordOf(spray)} />
    </>
  );
}

/** How the weather of the spray's days stood to what its label and the school ask. */
function AgainstWeather({ weather: { against, knownDays, allMeasured } }: { weather: SprayWeather }) {
  const show = useShow();
  const today = useToday();
  if (against.length === 0)
    return knownDays === 0 ? null : (
      <p className="soft text-sm">
        Nothing in the weather stood against it
        {allMeasured ? '.' : `, as far as is known: ${knownDays} of its 3 days, not all of them measured.`}
      </p>
    );
  return (
    <ul className="text-sm mt-1 border-l-3 border-error pl-3">
      {[...new Set(against.map(({ what }) => what))].map((what) => (
        <li key={what}>
          {againstWords(
            against.filter((one) => one.what === what),
            show,
            today,
          )}
          .
        </li>
      ))}
    </ul>
  );
}

/** What nobody has said yet of a spray; each goes away once answered. */
function OpenQuestions({ spray }: { spray: SprayRecord }) {
  const change = useChange(usePutSpray());
  if (spray.coverage !== null && spray.stageSeen !== null) return null;
  return (
    <div className="mt-3 border-l-3 border-warning pl-3 flex flex-col gap-3">
      {spray.coverage === null && (
        <Choices
          legend="How well did it cover?"
          value={null}
          options={optionsOf(COVERAGE_WORDS)}
          onChange={(coverage) => change(spray, { ...spray, coverage }, 'The cover is noted.')}
        />
      )}
      {spray.stageSeen === null && (
        <Choices
          legend="What was there when you sprayed?"
          value={null}
          options={optionsOf(STAGE_SEEN_WORDS)}
          onChange={(stageSeen) => change(spray, { ...spray, stageSeen }, 'What was there is noted.')}
        />
      )}
    </div>
  );
}
