import { groupBy } from 'es-toolkit';
import { Link } from 'react-router';
import type { Photo, Tag } from '#core/records';
import { usePhotos } from '../../../api/photos.ts';
import { useWatch } from '../../../api/queries.ts';
import { PhotoImage } from '../../../parts/photo-image.tsx';
import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { AddPhotos } from './add-photos.tsx';

/** A watch's photos, newest first, and the way to add more. */
export function PhotoStrip({ watchId }: { watchId: string }) {
  const photos = usePhotos(watchId).data ?? [];
  return (
    <section aria-label="Photos">
      <div className="flex items-center justify-between gap-3 mb-2">
        <h2>Photos</h2>
        <AddPhotos about={{ watchId }} />
      </div>
      {photos.length === 0 ? (
        <p className="sheet p-4 soft">
          None yet. Take one before you wash, cut or spray: nobody can compare with what was not kept.
        </p>
      ) : (
        <>
          <SpotStrips watchId={watchId} photos={photos} />
          <ul className="grid grid-cols-[repeat(auto-fill,minmax(108px,1fr))] gap-2">
            {photos.toReversed().map((photo) => (
              <li key={photo.id}>
                <Thumb photo={photo} />
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** Pictures of one spot through the years, first to last, and the first laid under the last. */
function SpotStrips({ watchId, photos }: { watchId: string; photos: readonly Photo[] }) {
  const tags = useWatch(watchId).data?.tags ?? [];
  const spots = Object.entries(groupBy(photos.filter(isOfSpot), spotOf)).filter(
    ([, some]) => some.length > 1,
  );
  if (spots.length === 0) return null;
  return (
    <div className="flex flex-col gap-3 mb-3">
      {spots.map(([key, some]) => (
        <section key={key} aria-label={spotName(some[0]!, tags)} className="sheet p-3">
          <div className="flex items-baseline justify-between gap-3 mb-1">
            <h3 className="font-semibold text-sm">{spotName(some[0]!, tags)}</h3>
            <Link
              className="link-husk text-sm"
              to={`/look/${watchId}/pair/${some[0]!.id}/${some.at(-1)!.id}`}
            >
              First and last on each other
            </Link>
          </div>
          <ol
            className="flex gap-2 overflow-x-auto"
            tabIndex={0}
            aria-label="First to last, scrolls sideways"
          >
            {some.map((photo) => (
              <li key={photo.id} className="w-24 shrink-0">
                <Thumb photo={photo} />
              </li>
            ))}
          </ol>
        </section>
      ))}
    </div>
  );
}

const isOfSpot = ({ tagId, spot }: Photo): boolean => tagId !== null || spot !== null;
const spotOf = ({ tagId, spot }: Photo): string => tagId ?? spot!.trim().toLowerCase();

function spotName({ tagId, spot }: Photo, tags: readonly Tag[]): string {
  if (tagId === null) return spot!;
  const tag = tags.find(({ id }) => id === tagId);
  return tag ? `Tag ${tag.label}` : 'A tag that is gone';
}

function Thumb({ photo }: { photo: Photo }) {
  const today = useToday();
  const words = `Photo of ${showDate(photo.takenOn, today)}${photo.note ? `: ${photo.note}` : ''}`;
  return (
    <Link to={`/look/${photo.watchId}/photo/${photo.id}`} className="block sheet overflow-hidden">
      <PhotoImage
        photoId={photo.id}
        alt={words}
        width={photo.widthPx}
        height={photo.heightPx}
        loading="lazy"
        className="w-full aspect-square object-cover"
      />
      <span className="block px-2 py-1 text-sm">
        {showDate(photo.takenOn, today)}
        {photo.spots.length > 0 && <span className="soft"> · {photo.spots.length} marked</span>}
      </span>
    </Link>
  );
}
