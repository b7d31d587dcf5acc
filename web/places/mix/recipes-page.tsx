import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { recipeAmounts } from '#core/mix';
import type { OwnRecipe, Wait } from '#core/records';
import { cautionsOfParts, type Recipe, RECIPES } from '#knowledge';
import { newId } from '../../api/new-id.ts';
import { useRecipes } from '../../api/recipes.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { PageHead } from '../../parts/page.tsx';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { Sources } from '../../parts/sources.tsx';
import { useShow } from '../../show/use-show.ts';
import { LogMix } from './log-mix.tsx';
import { MixNav } from './mix-nav.tsx';
import { MixParts } from './mix-parts.tsx';
import { RecipeEditor } from './recipe-editor.tsx';
import { SeasonSection } from './season-of-mix.tsx';
import { StepTimer, TimeLeft } from './step-timer.tsx';
import { usePacks } from './use-packs.ts';
import { useKeeping } from '../../parts/use-keeping.ts';

/** A usual recipe or one's own, as it is shown. */
interface Shown extends Recipe {
  readonly own: OwnRecipe | null;
}

const asUsual = (recipe: Recipe): Shown => ({ ...recipe, own: null });
const asOwn = (mixed: OwnRecipe): Shown => ({
  ...mixed,
  own: mixed,
  cautions: [
    ...(mixed.usedWithinHours === null ? [] : [`Used within ${mixed.usedWithinHours} h, then poured away.`]),
    ...cautionsOfParts(mixed.parts),
  ],
  grade: 'C',
  sourceIds: [],
});

/** Things mixed at home of many parts: amounts for a tank, steps, waits; copied and changed to one's own. */
export function RecipesPage() {
  const [params, setParams] = useSearchParams();
  const kept = useRecipes().data;
  const { keep, takeOut } = useKeeping();
  const [changing, setChanging] = useState<OwnRecipe | null>(null);
  const shown = [...(kept?.recipes ?? []).map(asOwn), ...RECIPES.map(asUsual)];
  const recipe =
    shown.find(({ id }) => id === params.get('recipe')) ?? shown.find(({ own }) => own === null)!;
  const choose = (id: string) =>
    setParams(
      (before) => {
        before.set('recipe', id);
        return before;
      },
      { replace: true },
    );
  const others = (kept?.waits ?? []).filter(({ recipeId }) => recipeId !== recipe.id);
  return (
    <>
      <MixNav />
      <PageHead title={recipe.name} lead={recipe.what}>
        {recipe.own && (
          <>
            <button type="button" className="btn no-print" onClick={() => setChanging(recipe.own)}>
              Change it
            </button>
            <button
              type="button"
              className="btn no-print"
              onClick={() => {
                void takeOut(
                  { kind: 'recipes', record: recipe.own!, label: recipe.name },
                  'The recipe was taken out.',
                ).then((isOut) => isOut && setParams({}));
              }}
            >
              Take it out
            </button>
          </>
        )}
        <button type="button" className="btn no-print" onClick={() => setChanging(copyOf(recipe))}>
          Copy and change
        </button>
      </PageHead>
      {others.length > 0 && <RunningWaits waits={others} onChoose={choose} />}
      {changing ? (
        <RecipeEditor
          key={changing.id}
          recipe={changing}
          onCancel={() => setChanging(null)}
          onKeep={(changed) => {
            const before = kept?.recipes.find(({ id }) => id === changed.id);
            const told = `Kept: ${changed.name}.`;
            const one = {
              kind: 'recipes',
              record: changed,
              label: changed.name,
              ...(before && { from: before }),
            };
            void keep(one, told).then((isKept) => {
              if (!isKept) return;
              setChanging(null);
              choose(changed.id);
            });
          }}
        />
      ) : (
        <>
          <div className="mb-5 no-print">
            <Choices
              legend="Recipe"
              value={recipe.id}
              options={shown.map(({ id, name }) => ({ id, label: name }))}
              onChange={choose}
            />
          </div>
          <RecipeCard key={recipe.id} recipe={recipe} />
        </>
      )}
    </>
  );
}

const copyOf = ({ id, name, what, usualMl, parts, steps, timesASeason, own }: Shown): OwnRecipe => ({
  id: newId(),
  name: `${name}, my way`.slice(0, 80),
  what,
  basedOn: own ? own.basedOn : id,
  usualMl,
  parts: [...parts],
  steps: [...steps],
  usedWithinHours: own ? own.usedWithinHours : 24,
  timesASeason,
  note: '',
});

/** Waits of other recipes, begun here or on another device. */
function RunningWaits({ waits, onChoose }: { waits: readonly Wait[]; onChoose: (recipeId: string) => void }) {
  return (
    <ul aria-label="Waits that run" className="sheet p-4 mb-4 flex flex-col gap-1">
      {waits.map((wait) => (
        <li key={wait.id}>
          <button type="button" className="link-husk" onClick={() => onChoose(wait.recipeId)}>
            {wait.recipeName}, step {wait.step}
          </button>
          : <TimeLeft wait={wait} />
        </li>
      ))}
    </ul>
  );
}

function RecipeCard({ recipe }: { recipe: Shown }) {
  const show = useShow();
  const [typed, setTyped] = useState('');
  const [done, setDone] = useState<readonly number[]>([]);
  const typedMl = show.typedMl(typed);
  const wrong =
    typed !== '' && !(typedMl > 0 && typedMl <= 500_000)
      ? `an amount above 0, at most ${show.volume(500_000)}`
      : undefined;
  const volumeMl = typed === '' || wrong ? recipe.usualMl : typedMl;
  const { packs, take } = usePacks(recipe.parts);
  const bought = packs?.some(({ materialId }) => materialId !== null) ? packs : null;
  return (
    <div className="flex flex-col gap-6 lg:grid lg:grid-cols-2 lg:items-start">
      <div className="contents lg:flex lg:flex-col lg:gap-6">
        <section aria-label="What goes in" className="order-1 print-card sheet p-5 flex flex-col gap-4">
          <Field label={`To make, ${show.volumeUnit}`} error={wrong}>
            <input
              className="input w-40"
              inputMode="decimal"
              placeholder={String(show.volumeNumber(recipe.usualMl))}
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
          </Field>
          <MixParts amounts={recipeAmounts(recipe.parts, volumeMl)} packs={packs ?? []} onTake={take} />
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
        {bought && <SeasonSection packs={bought} volumeMl={volumeMl} usualTimes={recipe.timesASeason} />}
      </div>
      <div className="contents lg:flex lg:flex-col lg:gap-6">
        <section aria-label="Steps" className="order-2 print-card sheet p-5">
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
                  {waitMinutes !== null && (
                    <StepTimer
                      recipeId={recipe.id}
                      recipeName={recipe.name}
                      minutes={waitMinutes}
                      step={i + 1}
                    />
                  )}
                </span>
              </li>
            ))}
          </ol>
        </section>
        {bought && <LogMix recipeName={recipe.name} packs={bought} volumeMl={volumeMl} />}
      </div>
    </div>
  );
}
