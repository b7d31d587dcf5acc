import { WetQuestion } from '../../../parts/wet-question.tsx';
import type { Diary } from './diary-words.ts';

/** How the wetness is told, and what to tap to set a guess right. */
export function WetnessCard({ diary }: { diary: Diary }) {
  const { days, learned, placeId, sheltered } = diary;
  const told = days.measured >= days.guessed ? "told by your logger's hours" : 'guessed';
  return (
    <section aria-label="Wetness" className="sheet p-4 text-[0.93rem]">
      <p>
        <b className="font-semibold">Wetness is {told}</b>
        {days.measured >= days.guessed
          ? ', by rain and air humid enough for a film of water. It can err by hours.'
          : ", from each day's rain and nights near the dew point; a leaf dries sooner in wind. It can err by hours."}
        {days.unknown > 0 &&
          ` Of ${days.unknown} ${days.unknown === 1 ? 'day' : 'days'} nobody told the rain.`}
        {sheltered && ' Under a roof only what is watered wets leaves, or air that is humid.'}
      </p>
      <div className="mt-2">
        <WetQuestion placeId={placeId} />
      </div>
      <p className="soft text-sm mt-1">
        {learned.looks === 0
          ? 'Some ten looks after rain teach what is usual here.'
          : `Learned from ${learned.looks} ${learned.looks === 1 ? 'day' : 'days'} you looked${learned.nights > 0 ? ` and ${learned.nights} nights of humidity` : ''}.`}
      </p>
    </section>
  );
}
