import { Link } from 'react-router';
import { addDays } from '#core/calendar';
import { usePhotos } from '../../../api/photos.ts';
import { useToday } from '../../../show/use-show.ts';
import { AddPhotos } from './add-photos.tsx';

/** A photo older than this no longer shows how things stood before the work. */
const STILL_TELLS_DAYS = 14;

/** Asks for a photo before something is washed off, cut away or sprayed, unless there is a recent one. */
export function PhotoFirst({ watchId, before }: { watchId: string; before: string }) {
  const today = useToday();
  const photos = usePhotos(watchId).data;
  if (!photos || photos.some((photo) => photo.takenOn >= addDays(today, -STILL_TELLS_DAYS))) return null;
  return (
    <div className="rounded-lg bg-(--honey-pale) text-(--honey-deep) p-3 flex flex-wrap items-center gap-x-4 gap-y-2">
      <p className="flex-1 basis-56">
        <b>A photo first.</b> {before} changes what there is to see, and{' '}
        {photos.length > 0 ? 'the last photo is more than two weeks old' : 'there is none yet'}.
      </p>
      <AddPhotos about={{ watchId }} label="Take one" />
      <Link className="link-husk" to={`/look/${watchId}/before`}>
        Before and after, with tags
      </Link>
    </div>
  );
}
