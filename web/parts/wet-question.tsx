import type { WetLookRecord } from '#core/records';
import { newId } from '../api/new-id.ts';
import { useWetLooks } from '../api/wet-looks.ts';
import { keepRecord, putEntry, takeOutEntry } from '../outbox/use-outbox.ts';
import { useToday } from '../show/use-show.ts';
import { useNotices } from './notices.tsx';

type Asked = 'breakfast' | 'noon';
const ASKED: readonly (readonly [Asked, string])[] = [
  ['breakfast', 'Leaves at breakfast'],
  ['noon', 'Leaves at noon'],
];
/** Hours one is likely to notice leaves have dried by. */
const DRY_BY = [8, 9, 10, 11, 12, 14, 16, 18];

/** Were leaves wet today? One tap each; what was tapped stands, and can be changed. */
export function WetQuestion({ placeId }: { placeId: string }) {
  const today = useToday();
  const { say } = useNotices();
  const looks = useWetLooks();
  const before = looks.data?.find((look) => look.placeId === placeId && look.on === today) ?? null;
  const keep = (change: Partial<WetLookRecord>, told: string) => {
    const entry: WetLookRecord = {
      id: newId(),
      placeId,
      on: today,
      breakfast: null,
      noon: null,
      dryByHour: null,
      ...before,
      ...change,
    };
    const failed = (error: Error) => say(error.message);
    const undo = before ? putEntry('wet-looks', before, told) : takeOutEntry('wet-looks', entry, told);
    void keepRecord(putEntry('wet-looks', entry, told)).then(
      () => say(`Noted: ${told}.`, () => void keepRecord(undo).catch(failed)),
      failed,
    );
  };
  return (
    <div role="group" aria-label="Were leaves wet today?" className="flex flex-col gap-1.5">
      <p className="font-semibold text-[0.93rem]">Were leaves wet today?</p>
      {ASKED.map(([asked, label]) => (
        <div key={asked} role="group" aria-label={label} className="flex flex-wrap items-center gap-2">
          <span className="basis-36 text-sm">{label}</span>
          {([true, false] as const).map((isWet) => (
            <button
              key={String(isWet)}
              type="button"
              aria-pressed={before?.[asked] === isWet}
              className={`btn btn-sm ${before?.[asked] === isWet ? 'btn-primary' : ''}`}
              onClick={() => keep({ [asked]: isWet }, `${isWet ? 'wet' : 'dry'} at ${asked}`)}
            >
              {isWet ? 'wet' : 'dry'}
            </button>
          ))}
        </div>
      ))}
      <label className="flex flex-wrap items-center gap-2 text-sm">
        <span className="basis-36">Dry by</span>
        <select
          className="select select-sm w-28"
          value={before?.dryByHour ?? ''}
          onChange={(event) => {
            const hour = event.target.value === '' ? null : Number(event.target.value);
            keep({ dryByHour: hour }, hour === null ? 'no hour they were dry by' : `dry by ${hour} h`);
          }}
        >
          <option value="">not seen</option>
          {DRY_BY.map((hour) => (
            <option key={hour} value={hour}>
              {hour} h
            </option>
          ))}
        </select>
      </label>
    </div>
  );
}
