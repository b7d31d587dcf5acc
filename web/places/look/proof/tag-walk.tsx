import { useState } from 'react';
import { Link } from 'react-router';
import type { CivilDate } from '#core/calendar';
import type { Photo, Tag } from '#core/records';
import { PhotoImage } from '../../../parts/photo-image.tsx';
import { showFullDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { AddPhotos } from '../photos/add-photos.tsx';

interface TagWalkProps {
  readonly watchId: string;
  readonly tags: readonly Tag[];
  readonly photos: readonly Photo[];
  /** The day of the work, where pictures from before it are laid beside; null before the work. */
  readonly workedOn: CivilDate | null;
}

/** The tags one by one, each with its picture from before beside the camera. */
export function TagWalk({ watchId, tags, photos, workedOn }: TagWalkProps) {
  const today = useToday();
  const [at, setAt] = useState(0);
  const tag = tags[Math.min(at, tags.length - 1)]!;
  const ofTag = photos.filter(({ tagId }) => tagId === tag.id);
  const before = workedOn === null ? null : (ofTag.findLast(({ takenOn }) => takenOn <= workedOn) ?? null);
  const now = ofTag.findLast(({ takenOn, id }) => takenOn === today && id !== before?.id) ?? null;
  const taken = tags.filter(({ id }) =>
    photos.some((photo) => photo.tagId === id && photo.takenOn === today),
  ).length;
  return (
    <section aria-label="Tag by tag" className="sheet p-4 flex flex-col gap-3">
      <div className="flex flex-wrap items-baseline justify-between gap-2">
        <h2 aria-live="polite">
          Tag {tag.label}{' '}
          <span className="soft">
            ({Math.min(at, tags.length - 1) + 1} of {tags.length})
          </span>
        </h2>
        <span className="soft text-sm">{taken} photographed today</span>
      </div>
      <p className="text-lg">
        {tag.untouched ? <b className="font-semibold">Leave this one untreated.</b> : 'Treat this one.'}
      </p>
      <div className="grid grid-cols-2 gap-3">
        {workedOn !== null && (
          <Shown
            photo={before}
            words={before ? `Before, ${showFullDate(before.takenOn)}` : 'No picture from before'}
          />
        )}
        <Shown photo={now} words={now ? 'Today' : 'Not photographed today'} />
      </div>
      <div className="flex flex-wrap gap-2 items-center">
        <AddPhotos about={{ watchId }} tagId={tag.id} label={now ? 'Take it again' : 'Photograph it'} />
        {before && now && (
          <Link className="link-husk" to={`/look/${watchId}/pair/${before.id}/${now.id}`}>
            Lay them on each other
          </Link>
        )}
      </div>
      <div className="flex flex-wrap justify-between gap-2">
        <button type="button" className="btn min-h-11" disabled={at === 0} onClick={() => setAt(at - 1)}>
          The one before
        </button>
        <button
          type="button"
          className="btn btn-primary min-h-11"
          disabled={at >= tags.length - 1}
          onClick={() => setAt(at + 1)}
        >
          Next tag
        </button>
      </div>
    </section>
  );
}

function Shown({ photo, words }: { photo: Photo | null; words: string }) {
  return (
    <figure className="flex flex-col gap-1">
      {photo ? (
        <PhotoImage
          photoId={photo.id}
          alt={words}
          width={photo.widthPx || undefined}
          height={photo.heightPx || undefined}
          className="w-full aspect-square object-cover rounded-lg"
        />
      ) : (
        <div
          className="aspect-square rounded-lg border border-dashed border-(--color-base-300)"
          aria-hidden
        />
      )}
      <figcaption className="soft text-sm">{words}</figcaption>
    </figure>
  );
}
