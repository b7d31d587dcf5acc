import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { PRACTICE_TROUBLES, type PracticeTroubleId } from '#knowledge';
import { PageHead } from '../../../parts/page.tsx';
import { SelectOne } from '../../../parts/select-one.tsx';
import { WhenNav } from '../when-nav.tsx';
import { latestOf, newSeed, type Practised } from './practice-kept.ts';
import { LESSONS } from './practice-words.ts';

/** Where a made-up plant is practised on. */
export const practicePath = (
  trouble: PracticeTroubleId,
  climate: Practised['climate'],
  seed: number,
): string => `/when/practise/${trouble}?plant=${seed}${climate === 'own' ? '&climate=own' : ''}`;

/** Lessons on plants that are not there, and practice in one's own climate. */
export function PractisePage() {
  return (
    <>
      <WhenNav />
      <PageHead
        title="Practise on a plant that is not there"
        lead="Go through a season week by week: look, hang tapes, choose a day, or wait. What is true of the plant stays hidden to the end; then it is laid over what you saw. Nobody counts how long you take."
      />
      <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_330px] items-start">
        <ol className="flex flex-col gap-3">
          {PRACTICE_TROUBLES.map((trouble, i) => (
            <Lesson key={trouble} trouble={trouble} place={i + 1} />
          ))}
        </ol>
        <OwnClimate />
      </div>
    </>
  );
}

function Lesson({ trouble, place }: { trouble: PracticeTroubleId; place: number }) {
  const [begun] = useState(() => latestOf(trouble, 'made-up'));
  const [seed] = useState(() => begun?.seed ?? newSeed());
  const { name, question } = LESSONS[trouble];
  return (
    <li className="sheet p-4 flex gap-4 items-baseline">
      <span className="soft tabular-nums w-5 text-right" aria-hidden>
        {place}
      </span>
      <div className="min-w-0 grow">
        <Link className="link-husk text-lg font-semibold" to={practicePath(trouble, 'made-up', seed)}>
          {name}
        </Link>
        <p>{question}</p>
      </div>
      {begun && (
        <span className="soft text-sm shrink-0">
          {begun.isOver ? 'gone through' : 'begun'}, plant {seed}
        </span>
      )}
    </li>
  );
}

const TROUBLE_OPTIONS = PRACTICE_TROUBLES.map((id) => ({ id, label: LESSONS[id].name }));

/** Free practice: any trouble in the garden's own climate, or a plant whose number somebody passed on. */
function OwnClimate() {
  const [trouble, setTrouble] = useState<PracticeTroubleId>('armored-hedge');
  const [climate, setClimate] = useState<Practised['climate']>('own');
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const navigate = useNavigate();
  const go = () => {
    const seed = typed.trim() === '' ? newSeed() : Number(typed);
    if (!Number.isInteger(seed) || seed < 0 || seed > 999_999)
      return setWrong('A plant’s number is a whole number up to 999999.');
    void navigate(practicePath(trouble, climate, seed));
  };
  return (
    <form
      className="sheet p-4 flex flex-col gap-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        go();
      }}
    >
      <h2>Any plant, any place</h2>
      <label className="flex flex-col gap-1">
        <span className="soft text-sm">Trouble</span>
        <SelectOne
          className="select w-full"
          value={trouble}
          options={TROUBLE_OPTIONS}
          onChange={setTrouble}
        />
      </label>
      <label className="flex flex-col gap-1">
        <span className="soft text-sm">Where</span>
        <SelectOne
          className="select w-full"
          value={climate}
          options={[
            { id: 'own', label: 'In my own climate' },
            { id: 'made-up', label: 'Where its lesson is set' },
          ]}
          onChange={setClimate}
        />
      </label>
      <label className="flex flex-col gap-1">
        <span className="soft text-sm">Plant’s number, if somebody gave you one</span>
        <input
          className="input w-full"
          inputMode="numeric"
          value={typed}
          aria-invalid={wrong !== null}
          aria-describedby={wrong ? 'plant-number-wrong' : undefined}
          onChange={(event) => {
            setTyped(event.target.value);
            setWrong(null);
          }}
        />
        {wrong && (
          <span id="plant-number-wrong" role="alert" className="text-error text-sm">
            {wrong}
          </span>
        )}
      </label>
      <button type="submit" className="btn btn-primary">
        Begin
      </button>
      <p className="soft text-sm">
        The same number is the same plant with the same weather, for you and for anybody you pass it on to,
        where the climate is the same.
      </p>
    </form>
  );
}
