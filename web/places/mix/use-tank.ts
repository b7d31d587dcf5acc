import { useState } from 'react';
import { meeting, tankMeeting, type Meeting } from '#core/materials';
import {
  planHoseEnd,
  planSpray,
  SPRAY_SCOPES,
  type HoseEndPlan,
  type SprayPlan,
  type SprayScope,
} from '#core/mix';
import type { Garden, ProductRecord, Sprayer } from '#core/records';
import { SPOONS } from '#core/units';
import { ingredientsOf, meetingRules, schoolsFor, usualScope } from '#knowledge';
import type { BenchAnswer, SprayerState } from '#engine';
import { useShow } from '../../show/use-show.ts';
import {
  benchKind,
  canBeSetAside,
  isFree,
  lineChoices,
  rateWithin,
  tankWater,
  type LineChoice,
  type TankWater,
} from './tank.ts';

/** One product of the tank as chosen on the bench. */
export interface TankLoad {
  readonly choice: LineChoice;
  readonly rate: number;
}

/** All that is chosen on the bench, and what follows. */
export interface Tank {
  readonly choices: readonly LineChoice[];
  readonly loads: readonly TankLoad[];
  readonly kind: 'spray' | 'ground' | 'trunk';
  readonly scope: SprayScope;
  readonly water: TankWater;
  readonly typedWater: string;
  readonly waterProblem: string | undefined;
  readonly sprayMl: number;
  readonly sprayer: Sprayer;
  /** What the sprayer held last that may not meet this. */
  readonly rinseAfter: SprayerState['lastLoad'];
  /** What the tank's products are to each other; null for one alone. */
  readonly met: Meeting | null;
  /** The user mixes or uses it against a rule of thumb. */
  readonly setAside: boolean;
  /** Null while nothing may be poured. */
  readonly plan: SprayPlan | null;
  readonly hoseEnd: HoseEndPlan | null;
  readonly spoons: (typeof SPOONS)['metric'];
  choose(lineId: string): void;
  addTo(lineId: string): void;
  takeFrom(lineId: string): void;
  rateOf(lineId: string, rate: number): void;
  scopeTo(scope: SprayScope): void;
  waterTo(typed: string): void;
  sprayWith(sprayerId: string): void;
  setAsideTo(value: boolean): void;
}

export function useTank(
  bench: BenchAnswer,
  products: readonly ProductRecord[],
  sprayers: readonly Sprayer[],
  garden: Garden,
  group: Parameters<typeof usualScope>[0],
  targetId: string | null,
): Tank {
  const show = useShow();
  const schools = schoolsFor(garden, bench.watches[0]!.plant);
  const [lineIds, setLineIds] = useState<readonly string[]>([]);
  const [rates, setRates] = useState<Readonly<Record<string, number>>>({});
  const [scope, setScope] = useState<SprayScope>(() => usualScope(group, targetId, schools));
  const [typedWater, setTypedWater] = useState('');
  const [sprayerId, setSprayerId] = useState(
    () =>
      (sprayers.findLast(({ heldHerbicide, kind }) => !heldHerbicide && kind === 'tank') ?? sprayers.at(-1)!)
        .id,
  );
  const [setAside, setSetAside] = useState(false);

  const choices = lineChoices(bench, products);
  const usable = choices.filter((choice) => isFree(choice) || (setAside && canBeSetAside(choice)));
  const chosen = lineIds.flatMap((id) => usable.find(({ line }) => line.id === id) ?? []);
  const turn = usable.find(({ isTurn }) => isTurn) ?? usable[0];
  const loads = (chosen.length > 0 ? chosen : turn ? [turn] : []).map((choice): TankLoad => ({
    choice,
    rate: rateWithin(choice.line, rates[choice.line.id]),
  }));
  const sprayer = sprayers.find(({ id }) => id === sprayerId)!;
  const water = tankWater(bench.watches, scope);
  const typedMl = show.typedMl(typedWater);
  const waterProblem =
    typedWater !== '' && !(typedMl > 0 && typedMl <= 1_000_000)
      ? `an amount above 0, at most ${show.volume(1_000_000)}`
      : undefined;
  const sprayMl = typedWater !== '' && !waterProblem ? typedMl : water.need.middleMl;
  const ingredients = loads.map(({ choice: { product } }) =>
    ingredientsOf(product.materialId, product.containsOil),
  );
  const rules = meetingRules(schools);
  const met = tankMeeting(rules, ingredients);
  const blocked = met !== null && (met.tank === 'never' || (met.tank === 'no' && !setAside));
  const kind = loads[0] ? benchKind(loads[0].choice.line) : 'spray';
  const spoons = Object.values(SPOONS)
    .flat()
    .filter((spoon) => garden.spoonIds.includes(spoon.id));
  // What is typed wrong leaves no earlier amount standing.
  const pours = loads.length > 0 && kind === 'spray' && !blocked && !waterProblem;
  const lastLoad = bench.sprayers.find((state) => state.sprayerId === sprayer.id)?.lastLoad ?? null;
  const { dial } = sprayer;
  return {
    choices,
    loads,
    kind,
    scope,
    water,
    typedWater,
    waterProblem,
    sprayMl,
    sprayer,
    met,
    setAside,
    spoons,
    rinseAfter:
      lastLoad && meeting(rules, lastLoad.ingredients, ingredients.flat()).tank !== 'jar-test'
        ? lastLoad
        : null,
    plan:
      pours && !dial
        ? planSpray({
            sprayMl,
            tankMl: sprayer.capacityMl,
            parts: loads.map(({ choice: { line }, rate }) => ({ line, rate })),
            spoons,
          })
        : null,
    hoseEnd: pours && dial ? hoseEndOf(loads, sprayMl, dial) : null,
    choose: (id) => setLineIds([id]),
    addTo: (id) => setLineIds([...loads.map(({ choice }) => choice.line.id), id]),
    takeFrom: (id) => setLineIds(loads.map(({ choice }) => choice.line.id).filter((other) => other !== id)),
    rateOf: (id, rate) => setRates({ ...rates, [id]: rate }),
    scopeTo: (next) => setScope(SPRAY_SCOPES.includes(next) ? next : 'whole'),
    waterTo: setTypedWater,
    sprayWith: setSprayerId,
    setAsideTo: setSetAside,
  };
}

/** A hose-end jar holds one liquid. */
function hoseEndOf(
  loads: readonly TankLoad[],
  sprayMl: number,
  dial: NonNullable<Sprayer['dial']>,
): HoseEndPlan {
  const [only] = loads;
  if (
    loads.length !== 1 ||
    only!.choice.line.rateUnit.startsWith('g-') ||
    /^(oz|lb)-/.test(only!.choice.line.rateUnit)
  )
    return { setting: null, percent: null, jarMl: null };
  return planHoseEnd(only!.choice.line, only!.rate, sprayMl, dial);
}
