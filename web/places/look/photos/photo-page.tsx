import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Photo, PhotoRecord, SpotKind } from '#core/records';
import { photosOfPlant, useDescribePhoto, usePhotos } from '../../../api/photos.ts';
import { usePlants, useWatch } from '../../../api/queries.ts';
import { Choices } from '../../../parts/field.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { useWaitingRecord } from '../../../outbox/use-outbox.ts';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showFullDate } from '../../../show/dates.ts';
import { MarkedPhoto, type Point } from './marked-photo.tsx';
import { Counts, NoteAndRemove, ScaleLength, SpotField } from './photo-fields.tsx';

type Tool = SpotKind | 'scale' | 'none';

const TOOLS: readonly { id: Tool; label: string }[] = [
  { id: 'none', label: 'Just look' },
  { id: 'bump', label: 'Bump' },
  { id: 'hole', label: 'Hole' },
  { id: 'mine', label: 'Mine' },
  { id: 'fixed', label: 'Stays' },
  { id: 'scale', label: 'Scale' },
];

const TOOL_WORDS: Readonly<Record<Tool, string>> = {
  none: 'Choose what to mark.',
  bump: 'Tap each scale. Tap a mark again to take it away.',
  hole: 'Tap each round exit hole. Tap a mark again to take it away.',
  mine: 'Tap each mine. Tap a mark again to take it away.',
  fixed:
    'Tap two or three things that stay from year to year: a fork, a bud scar, a knot. The same ones in the same order on another picture lay the two on each other.',
  scale: 'Tap both ends of something whose length you know, held at the same depth: a ruler, a coin.',
};

/** Where a photo belongs, and the way back there. */
interface PhotoOwner {
  readonly path: string;
  readonly words: string;
  readonly plantName: string | undefined;
  /** Set where it shows a trouble: tags hang there, and leaf area is measured there. */
  readonly watchId: string | null;
}

/** One photo of a trouble, large, with a scale and marks set on it. */
export function PhotoPage() {
  const { watchId = '', photoId = '' } = useParams();
  const plantName = useWatch(watchId).data?.plant.name;
  const owner: PhotoOwner = { path: `/look/${watchId}`, words: 'Back to the watch', plantName, watchId };
  return <OnePhoto asked={usePhotos(watchId)} photoId={photoId} owner={owner} />;
}

/** The same for a photo of a plant that shows no trouble. */
export function PlantPhotoPage() {
  const { plantId = '', photoId = '' } = useParams();
  const plantName = usePlants().data?.find(({ id }) => id === plantId)?.name;
  const owner: PhotoOwner = {
    path: `/garden/${plantId}`,
    words: 'Back to the plant',
    plantName,
    watchId: null,
  };
  return <OnePhoto asked={useQuery(photosOfPlant(plantId))} photoId={photoId} owner={owner} />;
}

function OnePhoto({
  asked,
  photoId,
  owner,
}: {
  asked: ReturnType<typeof usePhotos>;
  photoId: string;
  owner: PhotoOwner;
}) {
  return (
    <Answered question={asked}>
      {(photos) => {
        const photo = photos.find((entry) => entry.id === photoId);
        return photo ? (
          <PhotoView key={photo.id} photo={photo} owner={owner} />
        ) : (
          <EmptyState title="There is no such photo.">
            <Link className="link-husk" to={owner.path}>
              {owner.words}
            </Link>
          </EmptyState>
        );
      }}
    </Answered>
  );
}

function PhotoView({ photo, owner }: { photo: Photo; owner: PhotoOwner }) {
  const { plantName, watchId } = owner;
  const describe = useDescribePhoto();
  const { say } = useNotices();
  const [tool, setTool] = useState<Tool>('none');
  const waiting = useWaitingRecord<PhotoRecord>('photos', photo.id);
  // What was just marked shows at once; what waits for the server stands above what it last told.
  const [justMarked, setJustMarked] = useState<PhotoRecord | null>(null);
  const { widthPx: _, heightPx: __, ...told } = photo;
  const marks = justMarked ?? waiting ?? told;
  const [ends, setEnds] = useState<readonly Point[]>([]);

  const keep = (changed: Partial<PhotoRecord>) => {
    const record = { ...marks, ...changed };
    setJustMarked(record);
    describe.mutate(
      { from: marks, to: record },
      { onError: (error) => say(error.message), onSettled: () => setJustMarked(null) },
    );
  };
  const place = ({ x, y }: Point) => {
    if (tool === 'scale') setEnds(ends.length === 1 ? [...ends, { x, y }] : [{ x, y }]);
    else if (tool !== 'none') keep({ spots: [...marks.spots, { kind: tool, x, y }] });
  };
  return (
    <>
      <PageHead
        title={plantName ? `${plantName}, ${showFullDate(photo.takenOn)}` : showFullDate(photo.takenOn)}
        lead={
          photo.takenFrom === 'camera'
            ? 'The day is from the camera.'
            : "The day is the one it was added on: the file named none, or one ahead of the garden's day."
        }
      >
        {watchId && (
          <Link className="btn" to={`/look/${watchId}/photo/${photo.id}/area`}>
            Measure leaf area
          </Link>
        )}
        <Link className="btn" to={owner.path}>
          {owner.words}
        </Link>
      </PageHead>
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
        <MarkedPhoto
          photo={photo}
          spots={marks.spots}
          scale={marks.scale}
          ends={ends}
          onPlace={tool === 'none' ? null : place}
          onTakeAway={
            tool === 'none' || tool === 'scale'
              ? null
              : (index) => keep({ spots: marks.spots.filter((_, i) => i !== index) })
          }
        />
        <div className="flex flex-col gap-4">
          <section aria-label="Marks" className="sheet p-4 flex flex-col gap-3">
            <Choices
              legend="Mark"
              value={tool}
              options={TOOLS}
              onChange={(chosen) => {
                setTool(chosen);
                setEnds([]);
              }}
            />
            <p className="soft text-sm">
              {TOOL_WORDS[tool]}
              {tool !== 'none' && ' From the keyboard: arrows move the cross, Enter sets it.'}
            </p>
            {ends.length === 2 && (
              <ScaleLength
                onLength={(lengthMm) => {
                  keep({
                    scale: {
                      fromX: ends[0]!.x,
                      fromY: ends[0]!.y,
                      toX: ends[1]!.x,
                      toY: ends[1]!.y,
                      lengthMm,
                    },
                  });
                  setEnds([]);
                }}
              />
            )}
            <Counts photo={photo} spots={marks.spots} scale={marks.scale} />
            {marks.spots.length > 0 && (
              <button
                type="button"
                className="btn btn-sm self-start"
                onClick={() => {
                  const before = marks.spots;
                  keep({ spots: [] });
                  say('All marks are taken away.', () => keep({ spots: before }));
                }}
              >
                Take all marks away
              </button>
            )}
          </section>
          <SpotField watchId={watchId} marks={marks} onKeep={keep} />
          <NoteAndRemove
            photo={photo}
            path={owner.path}
            note={marks.note}
            onNote={(note) => keep({ note })}
          />
        </div>
      </div>
    </>
  );
}
