import { useState } from 'react';
import { gotThrough } from '#core/infection';
import type { WatchPicture } from '#engine';
import { useToday } from '../../../show/use-show.ts';
import { AheadCard } from './ahead-card.tsx';
import { AsksRain } from './asks-rain.tsx';
import { AsksTurn } from './asks-turn.tsx';
import { DiaryHead } from './diary-head.tsx';
import { DiaryDrawing } from './diary-drawing.tsx';
import { DiaryTable } from './diary-table.tsx';
import { type Diary, diaryTitle } from './diary-words.ts';
import { HabitsCard } from './habits-card.tsx';
import { RecordCard } from './record-card.tsx';
import { RestsOn } from './rests-on.tsx';
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
        <DiaryHead
          title={title}
          lead={
            diary.disease.ruleKind === 'wet'
              ? `${picture.plant.name}. Each drop is a wet time: as large as it was long, filled by what it did. Leaves that opened since the last cover, and cover the rain took, lie bare.`
              : `${picture.plant.name}. Each mark is a time of the weather it likes, filled by what it did.`
          }
          watchId={picture.watch.id}
          countFirst
        />
        <AsksRain unread={diary.unread} />
        <AsksTurn span={diary.span} plantId={picture.plant.id} />
        <div className="sheet p-3 sm:p-4">
          <DiaryDrawing diary={diary} label={title} chosenId={spell?.id ?? null} onChoose={choose} />
        </div>
        <DiaryTable diary={diary} chosenId={spell?.id ?? null} onChoose={choose} />
        <RestsOn diary={diary} learned={diary.learned} />
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
