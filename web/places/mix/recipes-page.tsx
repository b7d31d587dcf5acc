import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { recipeAmounts } from '#core/mix';
import { type Recipe, RECIPES } from '#knowledge';
import { Choices, Field } from '../../parts/field.tsx';
import { PageHead } from '../../parts/page.tsx';
import { GradeMark, Sources } from '../../parts/reason.tsx';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { MixNav } from './mix-nav.tsx';
import { StepTimer } from './step-timer.tsx';
import { numberOr } from '../../show/number-or.ts';

/** Things mixed at home of many parts: amounts for a tank, steps, waits. */
export function RecipesPage() {
  const [params, setParams] = useSearchParams();
  const recipe = RECIPES.find(({ id }) => id === params.get('recipe')) ?? RECIPES[0]!;
  return (
    <>
      <MixNav />
      <PageHead title={recipe.name} lead={recipe.what} />
      <div className="mb-5 no-print">
        <Choices
          legend="Recipe"
          value={recipe.id}
          options={RECIPES.map(({ id, name }) => ({ id, label: name }))}
          onChange={(id) => setParams({ recipe: id }, { replace: true })}
        />
      </div>
      <RecipeCard key={recipe.id} recipe={recipe} />
    </>
  );
}

function RecipeCard({ recipe }: { recipe: Recipe }) {
  const show = useShow();
  const [typed, setTyped] = useState('');
  const [done, setDone] = useState<readonly number[]>([]);
  const typedMl = show.mlFrom(numberOr(typed, Number.NaN));
  const wrong =
    typed !== '' && !(typedMl > 0 && typedMl <= 500_000) ? 'a number above 0, at most 500 litres' : undefined;
  const parts = recipeAmounts(recipe.parts, typed === '' || wrong ? recipe.usualMl : typedMl);
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <section aria-label="What goes in" className="print-card sheet p-5 flex flex-col gap-4 self-start">
        <Field label={`To make, ${show.volumeUnit}`} error={wrong}>
          <input
            className="input w-40"
            inputMode="decimal"
            placeholder={String(show.volumeNumber(recipe.usualMl))}
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </Field>
        <ul className="divide-y divide-base-300">
          {parts.map(({ name, by, amount }) => (
            <li key={name} className="flex justify-between gap-4 py-1.5">
              <span>{name}</span>
              <b className="font-semibold whitespace-nowrap">
                {by === 'weight'
                  ? `${significant(amount, 1)} g`
                  : amount >= 1000
                    ? show.volume(amount)
                    : show.pour(amount)}
              </b>
            </li>
          ))}
        </ul>
        <ul className="flex flex-col gap-1">
          {recipe.cautions.map((caution) => (
            <li key={caution} className="font-semibold text-error">
              {caution}
            </li>
          ))}
        </ul>
        <p className="text-sm">
          <GradeMark grade={recipe.grade} /> <Sources ids={recipe.sourceIds} />
        </p>
      </section>
      <section aria-label="Steps" className="print-card sheet p-5">
        <h2 className="mb-2">Steps</h2>
        <ol className="flex flex-col gap-3">
          {recipe.steps.map(({ says, waitMinutes }, i) => (
            <li key={says} className="flex items-start gap-3">
              <input
                type="checkbox"
                className="checkbox mt-0.5"
                aria-label={`Step ${i + 1} done`}
                checked={done.includes(i)}
                onChange={(event) =>
                  setDone(event.target.checked ? [...done, i] : done.filter((other) => other !== i))
                }
              />
              <span className={done.includes(i) ? 'soft' : ''}>
                {i + 1}. {says}
                {waitMinutes !== null && <StepTimer minutes={waitMinutes} step={i + 1} />}
              </span>
            </li>
          ))}
        </ol>
      </section>
    </div>
  );
}
