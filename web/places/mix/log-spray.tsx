import { useState } from 'react';
import { useNavigate } from 'react-router';
import type { LeafState } from '#core/materials';
import type { SprayPlan } from '#core/mix';
import type { SprayRecord } from '#core/records';
import type { WatchPicture } from '#server/answers/watch-picture';
import { newId } from '../../api/new-id.ts';
import { ApiProblem } from '../../api/client.ts';
import { usePutSpray, useRemoveSpray } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { useNotices } from '../../parts/notices.tsx';
import { showDate } from '../../show/dates.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import type { LineChoice } from './bench-choice.ts';

interface LogSprayProps {
  readonly picture: WatchPicture;
  readonly choice: LineChoice;
  readonly leafState: LeafState;
  readonly rate: number;
  readonly plan: SprayPlan;
  readonly sprayerId: string;
}

/** Done: when, how much was really used. The day's weather is attached by itself. */
export function LogSpray({ picture, choice, leafState, rate, plan, sprayerId }: LogSprayProps) {
  const show = useShow();
  const today = useToday();
  const navigate = useNavigate();
  const { say } = useNotices();
  const put = usePutSpray();
  const remove = useRemoveSpray();
  const [id] = useState(newId);
  const [on, setOn] = useState(today);
  const [used, setUsed] = useState('');
  const [note, setNote] = useState('');
  const usedMl = used === '' ? plan.totalSprayMl : show.mlFrom(Number(used.replace(',', '.')));
  const messages = new Map(put.error instanceof ApiProblem ? put.error.errors.map((error) => [String(error.path[0]), error.message]) : []);
  const log = async () => {
    const spray: SprayRecord = {
      id, watchId: picture.watch.id, productId: choice.product.id, lineId: choice.line.id, sprayerId, on, leafState, rate, sprayMl: usedMl,
      productAmount: (plan.totalProduct * usedMl) / plan.totalSprayMl, againstLabel: false, note,
    };
    const { spray: kept } = await put.mutateAsync(spray);
    const weather = kept.weather;
    say(`The spray of ${showDate(on)} is logged${weather ? `, with ${show.temperature(weather.minC)} to ${show.temperature(weather.maxC)} (${weather.origin})` : ''}.`, () => remove.mutate(spray));
    await navigate(`/look/${picture.watch.id}`);
  };
  return (
    <form noValidate aria-label="Log the spray" className="sheet p-4 flex flex-col gap-3" onSubmit={(event) => { event.preventDefault(); void log().catch(() => undefined); }}>
      <h2>When it is done, log it</h2>
      <div className="grid gap-3 grid-cols-2">
        <Field label="Sprayed on" error={messages.get('on')}><input type="date" className="input w-full" value={on} max={today} onChange={(event) => setOn(event.target.value)} /></Field>
        <Field label={`Really used, ${show.volumeUnit}`} error={messages.get('sprayMl')}><input className="input w-full" inputMode="decimal" placeholder={String(show.volumeNumber(plan.totalSprayMl))} value={used} onChange={(event) => setUsed(event.target.value)} /></Field>
      </div>
      <Field label="Note"><input className="input w-full" value={note} maxLength={2000} onChange={(event) => setNote(event.target.value)} /></Field>
      <button type="submit" className="btn btn-primary" disabled={put.isPending}>Log the spray</button>
      {put.error && <p role="alert" className="text-error font-semibold">{put.error.message} {[...messages].filter(([field]) => field !== 'on' && field !== 'sprayMl').map(([, message]) => message).join('; ')}</p>}
    </form>
  );
}
