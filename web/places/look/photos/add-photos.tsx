import { Camera } from 'lucide-react';
import { useId, useState } from 'react';
import type { PhotoRecord } from '#core/records';
import { ApiProblem } from '../../../api/client.ts';
import { newId } from '../../../api/new-id.ts';
import { keepRecord, takeOutEntry } from '../../../outbox/use-outbox.ts';
import { useNotices } from '../../../parts/notices.tsx';
import { useToday } from '../../../show/use-show.ts';
import { PhotoRefused, shrinkPhoto } from './shrink-photo.ts';

interface AddPhotosProps {
  /** A watch, or a plant where it shows no trouble. */
  readonly about:
    | { readonly watchId: string; readonly plantId?: never }
    | { readonly plantId: string; readonly watchId?: never };
  /** The tagged leaf or twig they show. */
  readonly tagId?: string | null;
  readonly label?: string;
}

/**
 * The button that takes pictures from the phone's camera or from files, one by one, and says what was
 * refused.
 */
export function AddPhotos({ about, tagId = null, label = 'Add photos' }: AddPhotosProps) {
  const today = useToday();
  const { say } = useNotices();
  const inputId = useId();
  const [progress, setProgress] = useState<string | null>(null);
  const [refused, setRefused] = useState<readonly string[]>([]);

  const takeOne = async (file: File): Promise<void> => {
    const { image, takenOn } = await shrinkPhoto(file);
    // A camera whose clock runs ahead of the garden's day is not believed.
    const fromCamera = takenOn !== null && takenOn <= today;
    const record: PhotoRecord = {
      id: newId(),
      watchId: about.watchId ?? null,
      plantId: about.plantId ?? null,
      takenOn: fromCamera ? takenOn : today,
      takenFrom: fromCamera ? 'camera' : 'added',
      scale: null,
      spots: [],
      tagId,
      spot: null,
      note: '',
    };
    const sent = await keepRecord({
      method: 'PUT',
      path: `/photos/${record.id}/image`,
      json: JSON.stringify(record),
      image,
      label: 'a photo',
    });
    say(
      sent === 'sent' ? 'The photo is kept.' : 'The photo is kept on this device and waits to be sent.',
      () => void keepRecord(takeOutEntry('photos', record, 'a photo')),
    );
  };
  const take = async (files: readonly File[]) => {
    setRefused([]);
    for (const [i, file] of files.entries()) {
      setProgress(`Shrinking and keeping ${i + 1} of ${files.length}…`);
      await takeOne(file).catch((error: unknown) => setRefused((all) => [...all, refusalWords(file, error)]));
    }
    setProgress(null);
  };
  return (
    <div>
      <label
        htmlFor={inputId}
        className={`btn btn-sm has-[:focus-visible]:outline-3 outline-info ${progress ? 'btn-disabled' : ''}`}
      >
        <Camera size={17} aria-hidden /> {label}
        <input
          id={inputId}
          type="file"
          accept="image/*"
          multiple
          className="sr-only"
          disabled={progress !== null}
          onChange={(event) => {
            const files = [...(event.target.files ?? [])];
            event.target.value = '';
            void take(files);
          }}
        />
      </label>
      {progress && (
        <p role="status" className="soft text-sm mt-1">
          {progress}
        </p>
      )}
      {refused.map((words) => (
        <p key={words} role="alert" className="text-error font-semibold text-sm mt-1">
          {words}
        </p>
      ))}
    </div>
  );
}

function refusalWords(file: File, error: unknown): string {
  if (error instanceof PhotoRefused) return error.message;
  if (error instanceof ApiProblem) return `${file.name}: ${error.message}`;
  return `${file.name} could not be kept.`;
}
