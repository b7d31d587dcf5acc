import { useMemo, useRef, useState } from 'react';
import { FIRST_WORD, nameIt, type Answers, type Naming } from '#core/identify';
import type { Watch } from '#core/records';
import type { NamingScene } from '#engine';
import { KEY } from '#knowledge';
import { showShare } from '../../../show/units.ts';
import { AnsweredList } from './answered-list.tsx';
import { ClueList } from './clue-list.tsx';
import { FirstWordCard } from './first-word-card.tsx';
import { KnownName } from './known-name.tsx';
import type { NamingDraft } from './naming-draft.ts';
import { NamingResult } from './naming-result.tsx';
import { standingName } from './naming-words.ts';
import { QuestionCard } from './question-card.tsx';
import { SignsList } from './signs-list.tsx';

/** What is to be kept: what the key says, or what somebody knows. */
export interface NameToKeep {
  readonly naming: Naming;
  readonly knownId: string | null;
  readonly namedBy: Watch['namedBy'];
}

interface NamingKeyProps {
  readonly seen: NamingScene;
  readonly draft: NamingDraft;
  readonly change: (part: Partial<NamingDraft>) => void;
  /** What to do with the answer, shown under the result. */
  readonly action: (name: NameToKeep) => React.ReactNode;
}

/** The key: one question after the other, or any sign in any order; it answers as it goes. */
export function NamingKey({ seen: { scene, clues }, draft, change, action }: NamingKeyProps) {
  const { answers, knownId } = draft;
  const naming = useMemo(() => nameIt(KEY, scene, answers), [scene, answers]);
  const [before, setBefore] = useState<Naming | null>(null);
  const [skippedWord, setSkippedWord] = useState(false);
  const [knownBy, setKnownBy] = useState<'owner' | 'lab'>('owner');
  const hasAnswered = useRef(false);
  const answer = (next: Answers) => {
    hasAnswered.current = true;
    setBefore(naming);
    change({ answers: next });
  };
  const give = (checkId: string, answerId: string) => {
    const { [checkId]: earlier, ...rest } = answers;
    answer(earlier === answerId ? rest : { ...rest, [checkId]: answerId });
  };
  const takeBack = (checkId: string) => {
    const { [checkId]: _, ...rest } = answers;
    answer(rest);
  };
  const isStart = Object.keys(answers).length === 0 && !skippedWord && knownId === null;
  const { question } = naming;
  const asks = naming.step === 'look-on' && question !== null && knownId === null;
  const name: NameToKeep = { naming, knownId, namedBy: knownId === null ? 'key' : knownBy };
  return (
    <div className="grid gap-x-6 gap-y-5 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,1fr)_420px] lg:grid-rows-[auto_1fr]">
      <div className="flex flex-col gap-5 min-w-0">
        <Strip naming={naming} />
        {isStart && (
          <FirstWordCard
            onWord={(id) => (id === null ? setSkippedWord(true) : answer({ ...answers, [FIRST_WORD]: id }))}
          />
        )}
        {!isStart && asks && (
          <QuestionCard
            key={question.checkIds.join()}
            question={question}
            takesFocus={hasAnswered.current}
            onAnswers={(said) => answer({ ...answers, ...said })}
          />
        )}
        {!isStart && !asks && knownId === null && <EnoughAsked naming={naming} />}
        <KnownName
          key={knownId ?? 'unknown'}
          scene={scene}
          answers={answers}
          knownId={knownId}
          namedBy={name.namedBy}
          onKnown={(id) => change({ knownId: id })}
          onNamedBy={setKnownBy}
          onGive={give}
        />
      </div>
      <div className="lg:col-start-2 lg:row-start-1 lg:row-span-2 lg:sticky lg:top-4 self-start">
        <NamingResult naming={naming} before={before} action={action(name)} />
      </div>
      <div className="flex flex-col gap-5 min-w-0 lg:col-start-1">
        <ClueList clues={clues} />
        <AnsweredList
          answers={answers}
          onGive={give}
          onTakeBack={takeBack}
          coversTurned={draft.coversTurned}
          onCoversTurned={(coversTurned) => change({ coversTurned })}
        />
        <SignsList scene={scene} answers={answers} onGive={give} />
      </div>
    </div>
  );
}

/** Where the next question would stand: why there is none. */
function EnoughAsked({ naming }: { naming: Naming }) {
  return (
    <section aria-label="Enough asked" className="sheet border-primary! border-2! p-4">
      <h2 className="mb-1 font-serif text-lg! text-base-content!">
        {naming.step === 'lab' ? 'No question left would settle it' : 'Enough asked'}
      </h2>
      <p className="soft">
        {naming.step === 'lab'
          ? 'Change an answer you were least sure of, look again in a week, or open a watch and take its sheet to a lab.'
          : 'More would change nothing about what to do. Any answer can still be changed below.'}
      </p>
    </section>
  );
}

/** On a phone: what leads, in one line above the question. */
function Strip({ naming }: { naming: Naming }) {
  const leader = naming.standings[0];
  if (!leader || naming.answered === 0) return null;
  return (
    <p className="lg:hidden flex flex-wrap items-baseline justify-between gap-x-3 text-[0.95rem]">
      <span className="min-w-0">
        <span className="soft">Most likely </span>
        <b className="font-semibold">{standingName(leader.targetId)}</b>
      </span>
      <span className="whitespace-nowrap">{showShare(leader.probability)}</span>
    </p>
  );
}
