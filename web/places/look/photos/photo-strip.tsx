import { Link } from 'react-router';
import type { Photo } from '#core/records';
import { usePhotos } from '../../../api/photos.ts';
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
        <AddPhotos watchId={watchId} />
      </div>
      {photos.length === 0 ? (
        <p className="sheet p-4 soft">
          None yet. Take one before you wash, cut or spray: nobody can compare with what was not kept.
        </p>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(108px,1fr))] gap-2">
          {photos.toReversed().map((photo) => (
            <li key={photo.id}>
              <Thumb photo={photo} />
            </li>
          ))}
        </ul>
      )}
    </section>
  );
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
