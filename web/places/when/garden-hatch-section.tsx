import { howMany } from '#knowledge';
import { lazy, Suspense } from 'react';
import { BOOK_SPREAD, type EmergenceFit, type Estimate, type FitRefusal } from '#core/emergence';
import type { GardenHatch, SeasonHatch } from '#engine';
import { useHatch } from '../../api/timing.ts';
import { showShare } from '../../show/units.ts';
import type { Show } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { projectionWords } from './projection-words.ts';

const HatchChart = lazy(() => import('./hatch-chart.tsx').then((m) => ({ default: m.HatchChart })));

/** What the garden's own tapes say of the hatch, season by season, beside the book. */
export function GardenHatchSection({ watchId }: { watchId: string }) {
  const hatch = useHatch(watchId).data;
  if (!hatch || hatch.seasons.length === 0) return null;
  return <OwnHatch hatch={hatch} />;
}

function OwnHatch({ hatch }: { hatch: GardenHatch }) {
  const show = useShow();
  const { seasons, book, first, half, withoutWeather } = hatch;
  const latest = seasons.findLast(
    (season): season is SeasonHatch & { fit: EmergenceFit } => 'curve' in season.fit,
  );
  return (
    <section aria-label="Your garden against the book" className="mt-5">
      <h2 className="mb-2">{gardenTitle(hatch, show)}</h2>
      <div className="sheet p-4 flex flex-col gap-4">
        {first && (
          <dl className="grid gap-x-6 gap-y-2 sm:grid-cols-[auto_auto_1fr] text-[0.93rem]">
            {book && (
              <Row
                name="Book, first crawlers"
                heat={show.heat(book.fromCd)}
                date={hatch.bookOn && projectionWords(hatch.bookOn)}
              />
            )}
            <Row
              name={book ? 'Book and garden together' : 'Your garden, first crawlers'}
              heat={`${show.heat(first.valueCd)} (${show.heatRange(first.lowCd, first.highCd)})`}
              date={hatch.firstOn && projectionWords(hatch.firstOn)}
            />
            {half && (
              <Row
                name="Your garden, half out"
                heat={`${show.heat(half.valueCd)} (${show.heatRange(half.lowCd, half.highCd)})`}
                date={hatch.halfOn && projectionWords(hatch.halfOn)}
              />
            )}
          </dl>
        )}
        {latest && (
          <Suspense fallback={<div className="h-[220px] soft">Drawing…</div>}>
            <HatchChart season={latest} />
          </Suspense>
        )}
        <div className="overflow-x-auto" tabIndex={0} role="group" aria-label="Table, scrolls sideways">
          <table className="table table-sm">
            <caption className="sr-only">Each season by its own tapes</caption>
            <thead>
              <tr>
                <th>Season</th>
                <th>Crawlers, tapes</th>
                <th>One in twenty out</th>
                <th>Half out</th>
                <th>Nineteen in twenty</th>
              </tr>
            </thead>
            <tbody>
              {seasons.map(({ season, fit, counts }) => (
                <tr key={season.start}>
                  <th scope="row">{season.name}</th>
                  {'curve' in fit ? (
                    <>
                      <td>
                        {fit.caught}, {fit.tapes}
                      </td>
                      <td>{estimateWords(fit.first, show)}</td>
                      <td>{estimateWords(fit.half, show)}</td>
                      <td>{fit.peakSeen ? estimateWords(fit.last, show) : 'not known yet: still rising'}</td>
                    </>
                  ) : (
                    <>
                      <td>
                        {counts.reduce((sum, { count }) => sum + count, 0)}, {counts.length}
                      </td>
                      <td colSpan={3}>{refusalWords(fit, show)}</td>
                    </>
                  )}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <p className="soft text-sm">
          Ranges are 8 in 10.{' '}
          {book &&
            first &&
            first.gardenShare > 0 &&
            `The garden's own tapes make up ${showShare(first.gardenShare)} of the blend; the book counts as good to ${showShare(BOOK_SPREAD)} (grade C). `}
          First is blended with first, never with half.
          {withoutWeather > 0 &&
            ` ${howMany(withoutWeather, 'tape is', 'tapes are')} left out: no weather is kept for their season.`}
        </p>
      </div>
    </section>
  );
}

function Row({ name, heat, date }: { name: string; heat: string; date: string | null }) {
  return (
    <>
      <dt className="soft">{name}</dt>
      <dd className="font-semibold">{heat}</dd>
      <dd>{date}</dd>
    </>
  );
}

function gardenTitle({ book, first, seasons }: GardenHatch, show: Show): string {
  const fitted = seasons.filter(({ fit }) => 'curve' in fit).length;
  if (!first || fitted === 0) return 'Your tapes do not hold a curve yet';
  if (!book) return "What your garden's tapes say";
  const difference = first.valueCd - book.fromCd;
  if (book.fromCd >= first.lowCd && book.fromCd <= first.highCd)
    return 'Your garden keeps to the book, as far as can be told';
  return `Your garden hatches ${show.heat(Math.abs(difference))} ${difference > 0 ? 'later' : 'earlier'} than the book`;
}

function estimateWords({ valueCd, lowCd, highCd }: Estimate, show: Show): string {
  if (lowCd === null && highCd === null) return `${show.heat(valueCd)}, open on both sides`;
  if (highCd === null) return `${show.heat(valueCd)}, at least ${show.heat(lowCd!)}`;
  if (lowCd === null) return `${show.heat(valueCd)}, at most ${show.heat(highCd)}`;
  return `${show.heat(valueCd)} (${show.heatRange(lowCd, highCd)})`;
}

function refusalWords(refusal: FitRefusal, show: Show): string {
  if (refusal.kind === 'leaves-the-year')
    return (
      `these counts fit no hatch within the year: half would be out at ${show.heat(refusal.halfOutCd)}, and the ` +
      `year has ${show.heat(refusal.yearCd)}. Two generations on the tapes, or only the beginning of one?`
    );
  if (refusal.kind === 'too-few-caught')
    return `too few to fit: ${refusal.caught} caught, ${refusal.needed} are the least`;
  return `${refusal.catching} tape caught any; it takes ${refusal.needed} to see a shape`;
}
