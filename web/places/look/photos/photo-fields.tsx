import { useState } from 'react';
import { useNavigate } from 'react-router';
import { marksPerCm2, mmPerPixel } from '#core/picture';
import { SPOT_KINDS, type Photo, type PhotoRecord, type ScaleMark, type SpotKind } from '#core/records';
import { readQuantity } from '#core/units';
import { useRemovePhoto } from '../../../api/photos.ts';
import { useWatch } from '../../../api/queries.ts';
import { Field } from '../../../parts/field.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { significant } from '../../../show/units.ts';

const COUNT_WORDS: Readonly<Record<SpotKind, readonly [one: string, many: string]>> = {
  bump: ['bump', 'bumps'],
  hole: ['hole', 'holes'],
  mine: ['mine', 'mines'],
  fixed: ['thing that stays', 'things that stay'],
};

/** What it shows again and again: a tag, or a spot by its name. */
export function SpotField({
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
export function ScaleLength({ onLength }: { onLength: (lengthMm: number) => void }) {
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

export function Counts({
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

export function NoteAndRemove({
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
