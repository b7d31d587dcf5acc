import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { marksPerCm2, mmPerPixel } from '#core/picture';
import { SPOT_KINDS, type Photo, type PhotoRecord, type ScaleMark, type SpotKind } from '#core/records';
import { photosOfPlant, useDescribePhoto, usePhotos, useRemovePhoto } from '../../../api/photos.ts';
import { usePlants, useWatch } from '../../../api/queries.ts';
import { Choices, Field } from '../../../parts/field.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { useWaitingRecord } from '../../../outbox/use-outbox.ts';
import { Answered, EmptyState, PageHead } from '../../../parts/page.tsx';
import { showFullDate } from '../../../show/dates.ts';
import { significant } from '../../../show/units.ts';
import { MarkedPhoto, type Point } from './marked-photo.tsx';
import { readQuantity } from '#core/units';

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

const COUNT_WORDS: Readonly<Record<SpotKind, readonly [one: string, many: string]>> = {
  bump: ['bump', 'bumps'],
  hole: ['hole', 'holes'],
  mine: ['mine', 'mines'],
  fixed: ['thing that stays', 'things that stay'],
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

/** What it shows again and again: a tag, or a spot by its name. */
function SpotField({
  watchId,
  marks,
  onKeep,
}: {
  watchId: string | null;
  marks: PhotoRecord;
  onKeep: (changed: Partial<PhotoRecord>) => void;
}) {
  const tags = useWatch(watchId ?? '').data?.tags ?? [];
  const [typed, setTyped] = useState(marks.spot ?? '');
  return (
    <section aria-label="Spot" className="sheet p-4 flex flex-col gap-3">
      {tags.length > 0 && (
        <Field label="Tag it shows">
          <select
            className="select w-40"
            value={marks.tagId ?? ''}
            onChange={(event) => onKeep({ tagId: event.target.value || null })}
          >
            <option value="">none</option>
            {tags.map(({ id, label }) => (
              <option key={id} value={id}>
                Tag {label}
              </option>
            ))}
          </select>
        </Field>
      )}
      <Field label="Spot" hint="a name of your own: pictures of one spot find each other">
        <input
          className="input w-full"
          maxLength={40}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => {
            const spot = typed.trim() || null;
            if (spot !== marks.spot) onKeep({ spot });
          }}
        />
      </Field>
    </section>
  );
}

/** The typed length of the stretch just marked. */
function ScaleLength({ onLength }: { onLength: (lengthMm: number) => void }) {
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string>();
  const set = () => {
    const read = readQuantity(typed, {
      system: 'metric',
      plain: { dimension: 'length', amount: 0.001 },
      dimension: 'length',
    });
    const lengthMm = read.ok ? read.quantity.amount * 1000 : Number.NaN;
    if (!(lengthMm >= 0.1 && lengthMm <= 2000)) setError('a length from 0.1 to 2000 mm');
    else onLength(lengthMm);
  };
  return (
    <form
      noValidate
      className="flex flex-wrap items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        set();
      }}
    >
      <Field label="Its length, mm" hint="or with its unit: 1 in" error={error}>
        <input
          className="input w-28"
          inputMode="decimal"
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </Field>
      <button type="submit" className="btn btn-primary">
        Set the scale
      </button>
    </form>
  );
}

function Counts({
  photo,
  spots,
  scale,
}: {
  photo: Photo;
  spots: PhotoRecord['spots'];
  scale: ScaleMark | null;
}) {
  const counts = SPOT_KINDS.map((kind) => ({
    kind,
    count: spots.filter((spot) => spot.kind === kind).length,
  })).filter(({ count }) => count > 0);
  const words = counts
    .map(({ kind, count }) => `${count} ${COUNT_WORDS[kind][count === 1 ? 0 : 1]}`)
    .join(', ');
  return (
    <p role="status">
      <b className="font-semibold">{words || 'Nothing marked yet'}</b>
      {scale ? (
        <span className="soft block text-sm">
          Scale set: the picture is {significant(mmPerPixel(scale, photo) * photo.widthPx, 0)} mm wide at that
          depth
          {spots.length > 0
            ? `; ${significant(marksPerCm2(spots.length, scale, photo), 2)} marks a cm² of picture`
            : ''}
          .
        </span>
      ) : (
        <span className="soft block text-sm">No scale yet: sizes cannot be told.</span>
      )}
    </p>
  );
}

function NoteAndRemove({
  photo,
  path,
  note: kept,
  onNote,
}: {
  photo: Photo;
  path: string;
  note: string;
  onNote: (note: string) => void;
}) {
  const navigate = useNavigate();
  const remove = useRemovePhoto();
  const { say } = useNotices();
  const [note, setNote] = useState(kept);
  const throwAway = () =>
    void remove.mutateAsync(photo).then(
      (putBack) => {
        say('The photo was thrown away.', () => void putBack());
        void navigate(path);
      },
      (error: Error) => say(error.message),
    );
  return (
    <section aria-label="Note" className="sheet p-4 flex flex-col gap-3">
      <Field label="Note">
        <textarea
          className="textarea w-full"
          rows={3}
          maxLength={2000}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => {
            if (note !== kept) onNote(note);
          }}
        />
      </Field>
      <button
        type="button"
        className="link-husk self-start min-h-11"
        disabled={remove.isPending}
        onClick={throwAway}
      >
        Throw the photo away
      </button>
    </section>
  );
}
