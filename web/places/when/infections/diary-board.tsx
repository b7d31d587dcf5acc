import { useState } from 'react';
import { Link } from 'react-router';
import type { WatchPicture } from '#engine';
import { SOURCES } from '#knowledge';
import { PageHead } from '../../../parts/page.tsx';
import { useShow, useToday } from '../../../show/use-show.ts';
import { AheadCard } from './ahead-card.tsx';
import { DiaryDrawing } from './diary-drawing.tsx';
import { DiaryTable } from './diary-table.tsx';
import { type Diary, diaryTitle, gotThrough, TURN_WORDS } from './diary-words.ts';
import { HabitsCard } from './habits-card.tsx';
import { RecordCard } from './record-card.tsx';
import { SpellCard } from './spell-card.tsx';
import { WetnessCard } from './wetness-card.tsx';

/** The diary of one watch: the drawing, one wet time's inside, what comes next, and what it all rests on. */
export function DiaryBoard({ diary, picture }: { diary: Diary; picture: WatchPicture }) {
  const today = useToday();
  const [chosen, choose] = useState<string | null>(null);
  const usual =
    diary.spells.findLast(gotThrough) ??
    diary.spells.findLast(({ word, standing }) => word !== null && standing !== 'ahead') ??
    diary.spells[0];
  const spell = diary.spells.find(({ id }) => id === chosen) ?? usual;
  const title = diaryTitle(diary, picture.targetName, today);
  return (
    <div className="grid gap-6 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_320px]">
      <div className="min-w-0">
        <PageHead
          title={title}
          lead={
            diary.disease.ruleKind === 'wet'
              ? `${picture.plant.name}. Each drop is a wet time: as large as it was long, filled by what it did. Leaves that opened since the last cover, and cover the rain took, lie bare.`
              : `${picture.plant.name}. Each mark is a time of the weather it likes, filled by what it did.`
          }
        >
          <Link className="btn" to={`/look/${picture.watch.id}`}>
            To the watch
          </Link>
          <Link className="btn btn-primary" to={`/look/${picture.watch.id}/count`}>
            Count spots
          </Link>
        </PageHead>
        {diary.span?.asks && (
          <p className="mb-3 text-[0.93rem]">
            Nobody logged {TURN_WORDS[diary.span.asks]} this year, so when its season begins is reckoned.{' '}
            <Link className="link-husk" to={`/garden/${picture.plant.id}`}>
              Log it
            </Link>
          </p>
        )}
        <div className="sheet p-3 sm:p-4">
          <DiaryDrawing diary={diary} label={title} chosenId={spell?.id ?? null} onChoose={choose} />
        </div>
        <DiaryTable diary={diary} chosenId={spell?.id ?? null} onChoose={choose} />
        <Sources diary={diary} />
      </div>
      <aside className="flex flex-col gap-4">
        {spell && <SpellCard spell={spell} diary={diary} />}
        <AheadCard diary={diary} watchId={picture.watch.id} outOfReach={picture.plant.outOfReach} />
        <HabitsCard diary={diary} watchId={picture.watch.id} />
        <WetnessCard diary={diary} />
        <RecordCard record={diary.record} />
      </aside>
    </div>
  );
}

/** What the figures are worth and where they are from. */
function Sources({ diary: { disease, span, learned } }: { diary: Diary }) {
  const show = useShow();
  // A difference of temperatures: its zero is the same in both units.
  const apart = show.temperatureNumber(learned.dewOffsetC) - show.temperatureNumber(0);
  const told = SOURCES.filter(({ id }) => disease.sourceIds.includes(id));
  return (
    <details className="mt-4 text-[0.93rem]">
      <summary className="link-husk min-h-6">What this rests on</summary>
      <p className="mt-2">
        {disease.note} Grade {disease.grade}.
        {span && span.basis !== 'logged' && (
          <>
            {' '}
            Its season is reckoned{' '}
            {span.basis === 'calendar' ? 'by the calendar' : 'from warmth and usual years'}: log the stage on
            the plant's page to set it right.
          </>
        )}
      </p>
      <p className="soft mt-1">
        Wetness: by a leaf sensor or humid air where a logger tells hours (90 % and more, Sentelhas et al.
        2008); else three guesses from each day's rain, which can err by hours (grade C). Here they weigh
        short {Math.round(learned.cases.short * 100)} %, usual {Math.round(learned.cases.middle * 100)} %,
        long {Math.round(learned.cases.long * 100)} %; dew point {apart.toFixed(1)} {show.temperatureUnit}{' '}
        below the night's low. Cover: half gone after {show.rain(25)} and after its own days (grade C).
      </p>
      <ul className="soft mt-1 list-disc pl-5">
        {told.map(({ id, citation }) => (
          <li key={id}>{citation}</li>
        ))}
      </ul>
    </details>
  );
}
