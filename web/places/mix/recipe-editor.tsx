import { useState } from 'react';
import { PART_HOLDS, type PartHolds } from '#core/mix';
import type { OwnRecipe } from '#core/records';
import { useGarden } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { SelectOne } from '../../parts/select-one.tsx';
import { figure } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { partMeasures } from './part-measures.ts';

const HOLDS_WORDS: Readonly<Record<PartHolds, string>> = {
  water: 'water',
  oil: 'oil',
  neem: 'neem oil',
  soap: 'soap',
  fish: 'fish',
  seaweed: 'seaweed',
  sugar: 'sugar or molasses',
  microbes: 'microbes',
  other: 'something else',
};

interface TypedPart {
  readonly name: string;
  readonly by: 'volume' | 'weight';
  readonly amount: string;
  readonly holds: PartHolds;
}
interface TypedStep {
  readonly says: string;
  readonly wait: string;
}

interface RecipeEditorProps {
  readonly recipe: OwnRecipe;
  readonly onKeep: (recipe: OwnRecipe) => void;
  readonly onCancel: () => void;
}

/** Changes a mix of one's own: its name, its parts in any number, its steps with their waits. */
export function RecipeEditor({ recipe, onKeep, onCancel }: RecipeEditorProps) {
  const show = useShow();
  const measures = partMeasures(useGarden().data?.garden?.measureSystem ?? 'metric');
  const perLitreOf = ({ by, amount }: TypedPart) => measures[by].typedPerLitre(amount);
  const [name, setName] = useState(recipe.name);
  const [usual, setUsual] = useState(String(show.volumeNumber(recipe.usualMl)));
  const [hours, setHours] = useState(recipe.usedWithinHours === null ? '' : String(recipe.usedWithinHours));
  const [times, setTimes] = useState(recipe.timesASeason === null ? '' : String(recipe.timesASeason));
  const [parts, setParts] = useState<readonly TypedPart[]>(
    recipe.parts.map((part) => ({ ...part, amount: figure(part.perLitre / measures[part.by].perLitre, 2) })),
  );
  const [steps, setSteps] = useState<readonly TypedStep[]>(
    recipe.steps.map(({ says, waitMinutes }) => ({
      says,
      wait: waitMinutes === null ? '' : String(waitMinutes),
    })),
  );
  const [asked, setAsked] = useState(false);
  const usualMl = show.typedMl(usual);
  const wrong = {
    name: name.trim() === '' ? 'cannot be empty' : undefined,
    usual:
      usualMl >= 50 && usualMl <= 500_000
        ? undefined
        : `between ${show.pour(50)} and ${show.volume(500_000)}`,
    hours: hours === '' || isWhole(hours, 1, 1000) ? undefined : 'whole hours, 1 to 1000, or empty',
    times: times === '' || isWhole(times, 1, 100) ? undefined : 'whole times, 1 to 100, or empty',
    parts: parts.map((part) =>
      part.name.trim() === ''
        ? 'name it'
        : perLitreOf(part) > 0 && perLitreOf(part) <= 1000
          ? undefined
          : 'above 0, and no more than the whole mix',
    ),
    steps: steps.map(({ says, wait }) =>
      says.trim() === ''
        ? 'say what is done'
        : wait === '' || isWhole(wait, 1, 10_080)
          ? undefined
          : 'whole minutes, up to a week, or empty',
    ),
  };
  const keep = () => {
    setAsked(true);
    const faults = [
      wrong.name,
      wrong.usual,
      wrong.hours,
      wrong.times,
      ...wrong.parts,
      ...wrong.steps,
      parts.length === 0 ? 'no part' : undefined,
    ];
    if (faults.some(Boolean)) return;
    onKeep({
      ...recipe,
      name: name.trim(),
      usualMl,
      usedWithinHours: hours === '' ? null : Number(hours),
      timesASeason: times === '' ? null : Number(times),
      parts: parts.map((part) => ({
        name: part.name.trim(),
        by: part.by,
        holds: part.holds,
        perLitre: perLitreOf(part),
      })),
      steps: steps.map(({ says, wait }) => ({
        says: says.trim(),
        waitMinutes: wait === '' ? null : Number(wait),
      })),
    });
  };
  const part = (at: number, more: Partial<TypedPart>) =>
    setParts(parts.map((one, i) => (i === at ? { ...one, ...more } : one)));
  const step = (at: number, more: Partial<TypedStep>) =>
    setSteps(steps.map((one, i) => (i === at ? { ...one, ...more } : one)));
  const told = (message: string | undefined) => (asked ? message : undefined);
  return (
    <form
      noValidate
      aria-label="Change the recipe"
      className="sheet p-5 flex flex-col gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        keep();
      }}
    >
      <div className="grid gap-4 sm:grid-cols-4">
        <Field label="Name" error={told(wrong.name)}>
          <input
            className="input w-full"
            maxLength={80}
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </Field>
        <Field label={`Usual amount, ${show.volumeUnit}`} error={told(wrong.usual)}>
          <input
            className="input w-full"
            inputMode="decimal"
            value={usual}
            onChange={(event) => setUsual(event.target.value)}
          />
        </Field>
        <Field label="Used within, hours" error={told(wrong.hours)}>
          <input
            className="input w-full"
            inputMode="numeric"
            value={hours}
            onChange={(event) => setHours(event.target.value)}
          />
        </Field>
        <Field label="Times a season" error={told(wrong.times)}>
          <input
            className="input w-full"
            inputMode="numeric"
            value={times}
            onChange={(event) => setTimes(event.target.value)}
          />
        </Field>
      </div>
      <h2>Parts</h2>
      {parts.map(({ name: named, by, amount, holds }, i) => (
        <fieldset
          key={i}
          className="grid gap-3 sm:grid-cols-[minmax(0,2fr)_90px_130px_minmax(0,1fr)_auto] items-start"
        >
          <legend className="sr-only">Part {i + 1}</legend>
          <Field label="What goes in" error={told(wrong.parts[i])}>
            <input
              className="input w-full"
              maxLength={80}
              value={named}
              onChange={(event) => part(i, { name: event.target.value })}
            />
          </Field>
          <Field label="How much">
            <input
              className="input w-full"
              inputMode="decimal"
              value={amount}
              onChange={(event) => part(i, { amount: event.target.value })}
            />
          </Field>
          <Field label="Measured in">
            <SelectOne
              className="select w-full"
              value={by}
              options={[
                { id: 'volume', label: measures.volume.words },
                { id: 'weight', label: measures.weight.words },
              ]}
              onChange={(value) => part(i, { by: value })}
            />
          </Field>
          <Field label="It brings">
            <SelectOne
              className="select w-full"
              value={holds}
              options={PART_HOLDS.map((id) => ({ id, label: HOLDS_WORDS[id] }))}
              onChange={(value) => part(i, { holds: value })}
            />
          </Field>
          <button
            type="button"
            className="link-husk text-sm sm:mt-8"
            onClick={() => setParts(parts.filter((_, at) => at !== i))}
          >
            Drop<span className="sr-only"> part {i + 1}</span>
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        className="btn btn-sm self-start"
        disabled={parts.length >= 20}
        onClick={() => setParts([...parts, { name: '', by: 'volume', amount: '', holds: 'other' }])}
      >
        Another part
      </button>
      <h2>Steps</h2>
      {steps.map(({ says, wait }, i) => (
        <fieldset key={i} className="grid gap-3 sm:grid-cols-[minmax(0,1fr)_160px_auto] items-start">
          <legend className="sr-only">Step {i + 1}</legend>
          <Field label={`Step ${i + 1}`} error={told(wrong.steps[i])}>
            <input
              className="input w-full"
              maxLength={300}
              value={says}
              onChange={(event) => step(i, { says: event.target.value })}
            />
          </Field>
          <Field label="Then wait, minutes">
            <input
              className="input w-full"
              inputMode="numeric"
              value={wait}
              onChange={(event) => step(i, { wait: event.target.value })}
            />
          </Field>
          <button
            type="button"
            className="link-husk text-sm sm:mt-8"
            onClick={() => setSteps(steps.filter((_, at) => at !== i))}
          >
            Drop<span className="sr-only"> step {i + 1}</span>
          </button>
        </fieldset>
      ))}
      <button
        type="button"
        className="btn btn-sm self-start"
        disabled={steps.length >= 20}
        onClick={() => setSteps([...steps, { says: '', wait: '' }])}
      >
        Another step
      </button>
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary">
          Keep the recipe
        </button>
        <button type="button" className="btn" onClick={onCancel}>
          Leave it
        </button>
      </div>
    </form>
  );
}

const isWhole = (text: string, least: number, most: number) =>
  /^\d+$/.test(text.trim()) && Number(text) >= least && Number(text) <= most;
