import { useId, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import type { Point } from '#core/ground';
import type { GroundPicture, PhotoRecord } from '#core/records';
import { askAnew } from '../../../api/ask-anew.ts';
import { newId } from '../../../api/new-id.ts';
import { keepRecord } from '../../../outbox/use-outbox.ts';
import { useShow, useToday } from '../../../show/use-show.ts';
import { shrinkPhoto } from '../../look/photos/shrink-photo.ts';
import { LengthField, SpotFields } from './held-fields.tsx';
import type { GroundEdits } from './use-ground-edits.ts';

const FIRST_WIDTH_M = 20;

/** A photo or scan of a plan beneath the drawing: as wide as it shows, turned and moved until it fits. */
export function PictureBeneath({
  pictures,
  middle,
  edits,
}: {
  readonly pictures: readonly GroundPicture[];
  readonly middle: () => Point;
  readonly edits: GroundEdits;
}) {
  const id = useId();
  const today = useToday();
  const show = useShow();
  const client = useQueryClient();
  const [problem, setProblem] = useState<string | null>(null);
  const take = async (file: File) => {
    setProblem(null);
    try {
      const { image } = await shrinkPhoto(file);
      const photo: PhotoRecord = {
        id: newId(),
        watchId: null,
        plantId: null,
        takenOn: today,
        takenFrom: 'added',
        scale: null,
        spots: [],
        tagId: null,
        spot: null,
        note: '',
      };
      await keepRecord({
        method: 'PUT',
        path: `/photos/${photo.id}/image`,
        json: JSON.stringify(photo),
        image,
        label: 'a picture for the plan',
      });
      edits.make({
        kind: 'ground-pictures',
        before: null,
        after: { id: newId(), photoId: photo.id, ...middle(), turnDeg: 0, widthM: FIRST_WIDTH_M },
      });
      await askAnew(client);
    } catch (error) {
      setProblem((error as Error).message);
    }
  };
  const change = (before: GroundPicture, after: GroundPicture | null) =>
    edits.make({ kind: 'ground-pictures', before, after });
  return (
    <details>
      <summary className="link-husk list-none inline-block">A photo or scan beneath</summary>
      <div className="mt-2 flex flex-col gap-3">
        {pictures.map((picture) => (
          <div key={picture.id} className="flex flex-col gap-2">
            <LengthField
              label={`As wide as, ${show.lengthUnit}`}
              valueM={picture.widthM}
              least={0.01}
              onM={(widthM) => change(picture, { ...picture, widthM })}
            />
            <SpotFields spot={picture} onSpot={(spot) => change(picture, { ...picture, ...spot })} />
            <button
              type="button"
              className="btn btn-sm min-h-11 self-start"
              onClick={() => change(picture, null)}
            >
              Take it away
            </button>
          </div>
        ))}
        <label
          htmlFor={id}
          className="btn btn-sm min-h-11 self-start has-[:focus-visible]:outline-3 outline-info"
        >
          Choose a picture
          <input
            id={id}
            type="file"
            accept="image/*"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              event.target.value = '';
              if (file) void take(file);
            }}
          />
        </label>
        {problem && (
          <p role="alert" className="text-error font-semibold text-sm">
            {problem}
          </p>
        )}
      </div>
    </details>
  );
}
