import { Link } from 'react-router';
import type { WatchPicture } from '#engine';
import { showDate } from '../../../show/dates.ts';
import { useToday } from '../../../show/use-show.ts';
import { AsksTurn } from './asks-turn.tsx';
import { BlightAdvice, BySchool, OverTheFence, Resists } from './cover-advice.tsx';
import { DiaryHead } from './diary-head.tsx';
import { type Untold, untoldTitle } from './diary-words.ts';
import { HabitsCard } from './habits-card.tsx';
import { RestsOn } from './rests-on.tsx';

/** A watch of which no weather is told: its season and its habits all the same, and how to tell the rest. */
export function UntoldBoard({ diary, picture }: { diary: Untold; picture: WatchPicture }) {
  const today = useToday();
  return (
    <div className="grid gap-6 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <DiaryHead
          title={untoldTitle(diary, picture.targetName, today)}
          lead={`${picture.plant.name}. Which wet time infected cannot be told before somebody tells of the weather.`}
          watchId={picture.watch.id}
          countFirst={false}
        />
        <AsksTurn span={diary.span} plantId={picture.plant.id} />
        <WaysToTell />
        <RestsOn diary={diary} />
      </div>
      <aside className="flex flex-col gap-4">
        <UntilThen diary={diary} outOfReach={picture.plant.outOfReach} />
        <HabitsCard diary={diary} watchId={picture.watch.id} />
      </aside>
    </div>
  );
}

/** From the least work to the most that it tells. */
function WaysToTell() {
  return (
    <section aria-label="What would tell it" className="sheet p-4">
      <h2 className="mb-1">What would tell it</h2>
      <ul className="flex flex-col gap-1.5">
        <li>
          <b className="font-semibold">A forecast</b>, typed in ten short rows: whether the next rain is worth
          a cover.
        </li>
        <li>
          <b className="font-semibold">A thermometer and a rain gauge</b> read each morning: which rain may
          have infected, as likely or only possible.
        </li>
        <li>
          <b className="font-semibold">A logger's file</b> with rain, humidity or leaf wetness by the hour:
          how long leaves were wet.
        </li>
      </ul>
      <Link className="btn btn-primary btn-sm mt-3" to="/when/stations">
        Tell the weather
      </Link>
    </section>
  );
}

/** What to do as long as nothing tells of rain. */
function UntilThen({ diary, outOfReach }: { diary: Untold; outOfReach: boolean }) {
  const { school, span, renewOn, lastCover, resists, disease } = diary;
  const today = useToday();
  const isOn = span !== null && span.from <= today;
  return (
    <section aria-label="Until then" className="sheet p-4">
      <h2 className="mb-1">Until then</h2>
      <p>
        {isOn
          ? 'Look every fortnight, at the newest growth first.'
          : span
            ? `Its season begins about ${showDate(span.from, today)}.`
            : 'It is not its season.'}
      </p>
      {disease.targetId === 'fire-blight' ? (
        <BlightAdvice />
      ) : outOfReach ? (
        <OverTheFence />
      ) : school === 'by-forecast' ? (
        <p className="mt-1">Covers go on before rain: without a forecast their day is not known.</p>
      ) : (
        <BySchool school={school} renewOn={renewOn} />
      )}
      {lastCover && <p className="soft text-sm mt-1">Last cover: {showDate(lastCover.on, today)}.</p>}
      {resists && <Resists />}
    </section>
  );
}
