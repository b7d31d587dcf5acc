import { useQueries } from '@tanstack/react-query';
import { groupBy } from 'es-toolkit';
import { Link } from 'react-router';
import { photosOfPlant, photosOfWatch } from '../../../api/photos.ts';
import { PhotoImage } from '../../../parts/photo-image.tsx';
import { showFullDate } from '../../../show/dates.ts';
import { AddPhotos } from '../../look/photos/add-photos.tsx';

/** Every picture of a plant, of its troubles or of none, year by year. */
export function PhotosOfPlant({
  plantId,
  watchIds,
}: {
  readonly plantId: string;
  readonly watchIds: readonly string[];
}) {
  const asked = useQueries({ queries: [photosOfPlant(plantId), ...watchIds.map(photosOfWatch)] });
  const photos = asked.flatMap(({ data }) => data ?? []).toSorted((a, b) => (a.takenOn < b.takenOn ? 1 : -1));
  const years = Object.entries(groupBy(photos, ({ takenOn }) => takenOn.slice(0, 4))).toReversed();
  return (
    <section aria-label="Photos through the years">
      <div className="flex items-center justify-between gap-3 mb-2">
        <h2>Photos through the years</h2>
        <AddPhotos about={{ plantId }} />
      </div>
      {photos.length === 0 && (
        <p className="sheet p-4 soft">None yet. One a year from the same spot shows how it does.</p>
      )}
      {years.map(([year, some]) => (
        <div key={year} className="mb-3">
          <p className="soft text-sm mb-1">{year}</p>
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(96px,1fr))] gap-2">
            {some.map(({ id, watchId, takenOn }) => (
              <li key={id}>
                <Link
                  to={`${watchId ? `/look/${watchId}` : `/garden/${plantId}`}/photo/${id}`}
                  aria-label={`Photo of ${showFullDate(takenOn)}`}
                >
                  <PhotoImage photoId={id} alt="" className="w-full aspect-square object-cover rounded-lg" />
                </Link>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </section>
  );
}
