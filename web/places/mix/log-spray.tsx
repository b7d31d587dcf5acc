import { useState } from 'react';
import { useNavigate } from 'react-router';
import { blankSpray, type SprayLoad, type ToldWeather } from '#core/records';
import type { BenchWatch } from '#engine';
import { ApiProblem } from '../../api/client.ts';
import { usePutLoad, useRemoveLoad } from '../../api/mixing.ts';
import { newId } from '../../api/new-id.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { showDate } from '../../show/dates.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { ORIGIN_WORDS } from '../look/spray-words.ts';
import type { Tank } from './use-tank.ts';
import { DayField } from '../../parts/day-field.tsx';

interface LogSprayProps {
  readonly tank: Tank;
  readonly watches: readonly BenchWatch[];
  /** Tonight and tomorrow as they were told at the bench. */
  readonly toldWeather: ToldWeather | null;
  /** Product of each load for the planned spray, ml or g, in the loads' order. */
  readonly planned: readonly number[];
  readonly plannedMl: number;
}

/**
 * Done: when, how much was really used. The day's weather is attached by itself, and what went off the
 * shelf.
 */
export function LogSpray({ tank, watches, toldWeather, planned, plannedMl }: LogSprayProps) {
  const show = useShow();
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const put = usePutLoad();
  const remove = useRemoveLoad();
  const [ids] = useState(() => ({ load: newId(), sprays: watches.map(() => newId()) }));
  const [on, setOn] = useState(today);
  const [used, setUsed] = useState('');
  const [note, setNote] = useState('');
  const usedMl = used === '' ? plannedMl : show.typedMl(used);
  const messages = new Map(
    put.error instanceof ApiProblem
      ? put.error.errors.map((error) => [String(error.path.at(-1)), error.message])
      : [],
  );
  const log = async () => {
    const load: SprayLoad = {
      id: ids.load,
      sprays: watches.map(({ watchId, plant, leafState }, i) => {
        const share = tank.water.shares[i]!;
        return blankSpray({
          id: ids.sprays[i]!,
          watchId,
          plantId: watchId === null ? plant.id : null,
          loadId: ids.load,
          sprayerId: tank.sprayer.id,
          on,
          leafState,
          scope: tank.scope,
          sprayMl: usedMl * share,
          // What was told is of today; a spray logged for another day had other weather.
          toldWeather: on === today ? toldWeather : null,
          againstLabel: tank.setAside,
          note,
          parts: tank.loads.map(({ choice: { product, line }, rate }, k) => ({
            productId: product.id,
            lineId: line.id,
            rate,
            productAmount: (planned[k]! * usedMl * share) / plannedMl,
          })),
        });
      }),
    };
    const { sprays } = await put.mutateAsync(load);
    const weather = sprays?.[0]?.weather;
    say(
      `The spray of ${showDate(on)} is logged${sprays ? '' : ' on this device, and waits to be sent'}${weather ? `, with ${show.temperature(weather.minC)} to ${show.temperature(weather.maxC)} (${ORIGIN_WORDS[weather.origin]})` : ''}.`,
      () => remove.mutate(load),
    );
    const { watchId, plant } = watches[0]!;
    const many = watches.length > 1 && watchId === null;
    await navigate(many ? '/now' : watchId ? `/look/${watchId}` : `/garden/${plant.id}`);
  };
  return (
    <form
      noValidate
      aria-label="Log the spray"
      className="sheet p-4 flex flex-col gap-3 no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void log().catch(() => undefined);
      }}
    >
      <h2>When it is done, log it</h2>
      <div className="grid gap-3 grid-cols-2">
        <DayField label="Sprayed on" error={messages.get('on')} value={on} max={today} onChange={setOn} />
        <Field label={`Really used, ${show.volumeUnit}`} error={messages.get('sprayMl')}>
          <input
            className="input w-full"
            inputMode="decimal"
            placeholder={String(show.volumeNumber(plannedMl))}
            value={used}
            onChange={(event) => setUsed(event.target.value)}
          />
        </Field>
      </div>
      <Field label="Note">
        <input
          className="input w-full"
          value={note}
          maxLength={2000}
          onChange={(event) => setNote(event.target.value)}
        />
      </Field>
      <button type="submit" className="btn btn-primary" disabled={put.isPending}>
        Log the spray
      </button>
      <p className="soft text-sm">How well it covered and what stage was there is asked on the watch.</p>
      {put.error && (
        <p role="alert" className="text-error font-semibold">
          {put.error.message}{' '}
          {[...messages]
            .filter(([field]) => field !== 'on' && field !== 'sprayMl')
            .map(([, message]) => message)
            .join('; ')}
        </p>
      )}
    </form>
  );
}
