import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { type Finding, tankMeeting } from '#core/materials';
import { lineForPart } from '#core/mix';
import { blankSpray, type ProductRecord, type Sprayer } from '#core/records';
import { HOUR_RULES, ingredientsOf, isFeed, meetingRules, schoolsFor } from '#knowledge';
import type { BenchWatch } from '#engine';
import { useBench, useShelf } from '../../api/mixing.ts';
import { newId } from '../../api/new-id.ts';
import { useGarden, usePlants } from '../../api/queries.ts';
import { Field } from '../../parts/field.tsx';
import { PlantPicker } from '../../parts/plant-picker.tsx';
import { type Kept, useKeeping } from '../../parts/use-keeping.ts';
import { listed } from '../../show/sentence.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { Findings } from './findings.tsx';
import type { PartPack } from './use-packs.ts';
import { DayField } from '../../parts/day-field.tsx';

interface LogMixProps {
  readonly recipeName: string;
  readonly packs: readonly PartPack[];
  readonly volumeMl: number;
}

type Taken = PartPack & { readonly product: ProductRecord };

/** A mix that was sprayed: it comes off the shelf, counts by what it holds, and as a feeding where it feeds. */
export function LogMix({ recipeName, packs, volumeMl }: LogMixProps) {
  const show = useShow();
  const today = useToday();
  const { keepAll } = useKeeping();
  const [params] = useSearchParams();
  const plants =
    usePlants().data?.filter(({ retiredOn, outOfReach }) => retiredOn === null && !outOfReach) ?? [];
  const sprayer = useShelf().data?.sprayers.findLast(({ heldHerbicide }) => !heldHerbicide);
  const [chosen, setChosen] = useState<readonly string[]>(() => params.getAll('plant'));
  const [on, setOn] = useState(today);
  const [used, setUsed] = useState('');
  const [allTheSame, setAllTheSame] = useState(false);
  const taken = packs.filter((pack): pack is Taken => pack.product !== null);
  const against = useAgainst(chosen, taken);
  const usedMl = used === '' ? volumeMl : show.typedMl(used);
  const wrong =
    usedMl > 0 && usedMl <= 500_000 ? undefined : `an amount above 0, at most ${show.volume(500_000)}`;
  const isNever = against.findings.some(({ verdict }) => verdict === 'never');
  const isHeld = against.findings.some(({ verdict }) => verdict === 'wait' || verdict === 'no');
  const log = async () => {
    if (wrong || !sprayer || chosen.length === 0) return;
    const label = `${recipeName}, ${listed(against.subjects.map(({ plant }) => plant.name))}`;
    const load = loadOf({ ...against, taken, usedMl, on, sprayer, recipeName, isHeld });
    const feedings = isFeed(packs.map(({ part }) => part))
      ? against.subjects.map(({ plant }): Kept => ({
          kind: 'care',
          label: `fed, ${plant.name}`,
          record: { id: newId(), plantId: plant.id, kind: 'feeding', on, note: recipeName },
        }))
      : [];
    if (!(await keepAll([{ kind: 'loads', label, record: load }, ...feedings], `Logged: ${label}.`))) return;
    setChosen([]);
    setUsed('');
    setAllTheSame(false);
  };
  return (
    <form
      noValidate
      aria-label="Log that it was sprayed"
      className="order-3 sheet p-5 flex flex-col gap-3 no-print"
      onSubmit={(event) => {
        event.preventDefault();
        void log();
      }}
    >
      <h2>Sprayed? Log it</h2>
      {taken.length === 0 || !sprayer ? (
        <p className="soft">
          {taken.length === 0
            ? 'Put what goes in on the shelf first, above: then the mix counts by what it holds, and comes off it.'
            : 'Say first what it is sprayed with: '}
          {taken.length > 0 && (
            <Link className="link-husk" to="/mix/shelf">
              add a sprayer
            </Link>
          )}
        </p>
      ) : (
        <>
          <PlantPicker legend="On which plants" plants={plants} chosen={chosen} onChoose={setChosen} />
          <div className="grid gap-3 grid-cols-2">
            <DayField label="Sprayed on" value={on} max={today} onChange={setOn} />
            <Field label={`Really used, ${show.volumeUnit}`} error={wrong}>
              <input
                className="input w-full"
                inputMode="decimal"
                placeholder={String(show.volumeNumber(volumeMl))}
                value={used}
                onChange={(event) => setUsed(event.target.value)}
              />
            </Field>
          </div>
          {chosen.length > 0 && <Findings findings={against.findings} />}
          {isHeld && !isNever && (
            <label className="flex items-center gap-3 min-h-11">
              <input
                type="checkbox"
                className="checkbox"
                checked={allTheSame}
                onChange={(event) => setAllTheSame(event.target.checked)}
              />{' '}
              It was done all the same
            </label>
          )}
          <button
            type="submit"
            className="btn btn-primary self-start"
            disabled={chosen.length === 0 || !against.isReady || isNever || (isHeld && !allTheSame)}
          >
            {chosen.length === 0
              ? 'Choose plants'
              : `Log for ${chosen.length} plant${chosen.length === 1 ? '' : 's'}`}
          </button>
        </>
      )}
    </form>
  );
}

interface Against {
  readonly subjects: readonly BenchWatch[];
  /** What stands against any of its parts on any of the plants, and against them in one tank. */
  readonly findings: readonly Finding[];
  readonly isReady: boolean;
}

function useAgainst(plantIds: readonly string[], taken: readonly Taken[]): Against {
  const garden = useGarden().data?.garden;
  const bench = useBench(
    { watchIds: [], plantIds, leafState: null, bees: null, bloom: null, weather: null },
    plantIds.length > 0,
  );
  const subjects = plantIds.length > 0 ? (bench.data?.watches ?? []) : [];
  const ofLines = subjects.flatMap(({ lines, leafState }) =>
    taken.flatMap(({ product, part }) => {
      const chosen = lineForPart(product.lines, part, leafState);
      const judged = lines.find(({ lineId }) => lineId === chosen?.line.id);
      return (judged?.findings ?? []).filter(
        // What was sprayed is not asked about any more, nor is the hour of it.
        ({ verdict, ruleId }) => verdict !== 'fine' && verdict !== 'ask' && !HOUR_RULES.has(ruleId),
      );
    }),
  );
  const met =
    garden && subjects[0]
      ? tankMeeting(
          meetingRules(schoolsFor(garden, subjects[0].plant)),
          taken.map(({ product }) => ingredientsOf(product.materialId, product.containsOil)),
        )
      : null;
  const ofTank = (met?.rules ?? [])
    .filter(({ id }) => id !== 'nothing-known')
    .map(({ id, tank, says, grade, sourceIds }) => ({
      ruleId: id,
      verdict: tank === 'jar-test' ? ('care' as const) : tank,
      says,
      until: null,
      grade,
      sourceIds,
    }));
  const findings = [...ofTank, ...ofLines];
  return {
    subjects,
    findings: findings.filter(({ says }, i) => findings.findIndex((other) => other.says === says) === i),
    isReady: subjects.length === plantIds.length && !bench.isPlaceholderData,
  };
}

interface LoadOf extends Pick<Against, 'subjects'> {
  readonly taken: readonly Taken[];
  readonly usedMl: number;
  readonly on: string;
  readonly sprayer: Sprayer;
  readonly recipeName: string;
  readonly isHeld: boolean;
}

/** One tank over the plants, shared out by the water each takes. */
function loadOf({ subjects, taken, usedMl, on, sprayer, recipeName, isHeld }: LoadOf) {
  const id = newId();
  const needs = subjects.map(({ waters }) => waters.find(({ scope }) => scope === 'whole')!.need.middleMl);
  const inAll = needs.reduce((sum, need) => sum + need, 0);
  const sprays = subjects.map(({ plant, leafState }, i) => {
    const sprayMl = (usedMl * needs[i]!) / inAll;
    const lines = taken.map(({ part, product }) => lineForPart(product.lines, part, leafState)!);
    return blankSpray({
      id: newId(),
      watchId: null,
      plantId: plant.id,
      loadId: id,
      sprayerId: sprayer.id,
      on,
      leafState,
      sprayMl,
      // A recipe may take more or less of a product than its line says.
      againstLabel:
        isHeld || lines.some(({ line, rate }) => rate < line.rateLow - 1e-9 || rate > line.rateHigh + 1e-9),
      note: recipeName,
      parts: taken.map(({ part, product }, k) => ({
        productId: product.id,
        lineId: lines[k]!.line.id,
        rate: lines[k]!.rate,
        productAmount: (part.perLitre * sprayMl) / 1000,
      })),
    });
  });
  return { id, sprays };
}
