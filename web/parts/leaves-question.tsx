import type { GrowthStage } from '#core/records';
import type { LeafQuestion } from '#core/plan';
import { newId } from '../api/new-id.ts';
import { usePlants, usePutPlant } from '../api/queries.ts';
import { keepRecord, putEntry, takeOutEntry } from '../outbox/use-outbox.ts';
import { LEAF_QUESTIONS } from '../show/leaf-words.ts';
import { useToday } from '../show/use-show.ts';
import { useNotices } from './notices.tsx';
import { useChange } from './use-change.ts';

const LOOKS: readonly { stage: GrowthStage; label: string }[] = [
  { stage: 'seen-bare', label: 'bare' },
  { stage: 'bud-swell', label: 'buds swelling' },
  { stage: 'seen-in-leaf', label: 'leaves are out' },
];

/** What nobody has said of a plant's leaves, asked with one tap. */
export function LeavesQuestion({
  plantId,
  plantName,
  question,
}: {
  plantId: string;
  plantName: string;
  question: LeafQuestion;
}) {
  return (
    <div
      role="group"
      aria-label={`${plantName}: ${LEAF_QUESTIONS[question]}`}
      className="flex flex-col gap-2"
    >
      <p className="font-semibold text-[0.93rem]">{LEAF_QUESTIONS[question]}</p>
      <div className="flex flex-wrap gap-2">
        {question === 'evergreen-or-not' ? (
          <KeepsLeaves plantId={plantId} />
        ) : (
          <WhatItWears plantId={plantId} plantName={plantName} />
        )}
      </div>
    </div>
  );
}

function WhatItWears({ plantId, plantName }: { plantId: string; plantName: string }) {
  const today = useToday();
  const { say } = useNotices();
  const log = (stage: GrowthStage, label: string) => {
    const entry = { id: newId(), plantId, stage, on: today, note: '' };
    const named = `${label}, ${plantName}`;
    const failed = (error: Error) => say(error.message);
    void keepRecord(putEntry('growth', entry, named)).then(
      () =>
        say(`Logged: ${named}.`, () => void keepRecord(takeOutEntry('growth', entry, named)).catch(failed)),
      failed,
    );
  };
  return LOOKS.map(({ stage, label }) => (
    <button key={stage} type="button" className="btn btn-sm" onClick={() => log(stage, label)}>
      {label}
    </button>
  ));
}

function KeepsLeaves({ plantId }: { plantId: string }) {
  const plant = usePlants().data?.find(({ id }) => id === plantId);
  const change = useChange(usePutPlant());
  if (!plant) return null;
  const say = (evergreen: boolean) =>
    change(plant, { ...plant, evergreen }, `${plant.name} ${evergreen ? 'keeps' : 'drops'} its leaves.`);
  return (
    <>
      <button type="button" className="btn btn-sm" onClick={() => say(true)}>
        it keeps them
      </button>
      <button type="button" className="btn btn-sm" onClick={() => say(false)}>
        it drops them
      </button>
    </>
  );
}
