import { Pencil, Printer } from 'lucide-react';
import { useDeferredValue, useMemo, useState, type KeyboardEvent } from 'react';
import type { Place } from '#core/records';
import type { GroundAnswer, GroundPlant, GroundWatch, SpreadList } from '#engine';
import { isEarlierMoment } from '../../../api/at-moment.ts';
import { useGround, usePlaces, useSpread } from '../../../api/queries.ts';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { useToday } from '../../../show/use-show.ts';
import { GardenNav } from '../garden-nav.tsx';
import { ClearedCard } from './cleared-card.tsx';
import { DrawTools } from './draw-tools.tsx';
import { drawnExtent, type Held } from './drawn-things.ts';
import { findingOf } from './finding.ts';
import { GroundList } from './ground-list.tsx';
import { PlanCanvas } from './plan-canvas.tsx';
import { PlanOverlay } from './plan-overlay.tsx';
import { PlanSigns } from './plan-signs.tsx';
import { SelectedPlant } from './selected-plant.tsx';
import { SpreadCard } from './spread-card.tsx';
import { planKeys } from './plan-keys.ts';
import { usePlanHand } from './use-plan-hand.ts';
import { usePlanView } from './use-plan-view.ts';
import { ViewButtons } from './view-buttons.tsx';
import { steadyWind, windWords } from './wind-words.ts';

/** What stands where, how each is doing, and what goes from one to the next. */
export function GroundPage() {
  const places = usePlaces();
  const ground = useGround();
  return (
    <Answered question={places}>
      {(places) => (
        <Answered question={ground}>{(ground) => <Plan ground={ground} places={places} />}</Answered>
      )}
    </Answered>
  );
}

function Plan({ ground, places }: { readonly ground: GroundAnswer; readonly places: readonly Place[] }) {
  const [isDrawing, setIsDrawing] = useState(false);
  const hand = usePlanHand(ground);
  const { held, hold, plants, shapes } = hand;
  // The plan first: its list follows when there is time.
  const listed = useDeferredValue(plants, null);
  const plan = usePlanView(
    useMemo(() => drawnExtent(ground), [ground]),
    {
      at(target) {
        const part = isDrawing ? target.closest<SVGElement>('[data-id]') : null;
        if (!part) return null;
        const grabbed: Held = { kind: part.dataset.kind as Held['kind'], id: part.dataset.id! };
        return hand.carry(grabbed, plan.view.pxPerM);
      },
    },
  );
  const keys = planKeys({
    plants,
    held,
    isDrawing,
    heldSpot: held && hand.spotOf(held),
    onSpot: (spot) => held && hand.put(held, spot, 'step'),
    onHold: hold,
    onTakeOff: hand.takeOff,
    onUndo: hand.edits.undo,
    onZoom: plan.zoom,
    onFit: plan.fit,
  });

  const selected = held?.kind === 'plant' ? (ground.plants.find(({ id }) => id === held.id) ?? null) : null;
  const followed = selected?.watches[0] ?? null;
  const spread = useSpread(followed?.id ?? '').data ?? null;
  const month = Number(useToday().slice(5, 7)) || 1;
  const wind = steadyWind(ground.winds[month - 1] ?? null);
  return (
    <>
      <GardenNav />
      <PageHead title={findingOf(ground)} lead={leadOf(ground)}>
        <button type="button" className="btn no-print" onClick={() => window.print()}>
          <Printer size={17} aria-hidden /> Print
        </button>
        {!isEarlierMoment && (
          <button
            type="button"
            className={`btn no-print ${isDrawing ? 'btn-primary' : ''}`}
            aria-pressed={isDrawing}
            onClick={() => setIsDrawing(!isDrawing)}
          >
            <Pencil size={17} aria-hidden /> {isDrawing ? 'Done drawing' : 'Draw'}
          </button>
        )}
      </PageHead>
      <div className="grid gap-5 lg:grid-cols-[minmax(0,1fr)_320px] lg:grid-rows-[auto_1fr]">
        <div className="flex flex-col gap-3 min-w-0">
          <div className="sheet overflow-hidden">
            <PlanCanvas
              plan={plan}
              plants={plants}
              shapes={shapes}
              pictures={ground.pictures}
              held={held}
              focusId={plants[0]?.plant.id ?? null}
              isDrawing={isDrawing}
              onHold={hold}
              onKeys={keys as (event: KeyboardEvent) => void}
              over={
                <PlanOverlay
                  plants={plants}
                  contacts={ground.contacts}
                  heldId={selected?.id ?? null}
                  spread={selected ? spread : null}
                />
              }
            >
              <PlanSigns
                pxPerM={plan.view.pxPerM}
                upBearingDeg={ground.upBearingDeg}
                wind={wind}
                windWords={windWords(wind, month)}
              />
              <ViewButtons onZoom={plan.zoom} onFit={plan.fit} undo={isDrawing ? hand.edits : null} />
            </PlanCanvas>
          </div>
          <Legend isDrawing={isDrawing} />
        </div>
        <aside aria-label="Beside the plan" className="flex flex-col gap-4 lg:row-span-2">
          {isDrawing && <DrawTools ground={ground} places={places} hand={hand} middle={plan.middle} />}
          {!isDrawing && selected && <SelectedPlant key={selected.id} plant={selected} ground={ground} />}
          {!isDrawing && selected && followed && spread && (
            <Followed plant={selected} watch={followed} spread={spread} ground={ground} />
          )}
          {!isDrawing && plants.length === 0 && !isEarlierMoment && (
            <p className="sheet p-4 no-print">
              <button type="button" className="link-husk" onClick={() => setIsDrawing(true)}>
                Begin drawing
              </button>
              : tap where the house and each plant stand; sizes come from what you said of them.
            </p>
          )}
          {!isDrawing && !selected && plants.length > 0 && (
            <p className="sheet p-4 soft no-print">
              Choose a plant on the plan or in the list beneath: what it carries, what it touches, where its
              trouble came from and goes next.
            </p>
          )}
        </aside>
        {listed && (
          <GroundList
            ground={ground}
            plants={listed}
            heldId={selected?.id ?? null}
            onHold={hold}
            onShow={plan.show}
          />
        )}
      </div>
    </>
  );
}

function Followed({
  plant,
  watch,
  spread,
  ground,
}: {
  readonly plant: GroundPlant;
  readonly watch: GroundWatch;
  readonly spread: SpreadList;
  readonly ground: GroundAnswer;
}) {
  const source = ground.plants.find(({ id }) => id === watch.sourcePlantId);
  return (
    <>
      <SpreadCard watch={watch} plantName={plant.name} spread={spread} />
      {source && <ClearedCard key={watch.id} watchId={watch.id} sourceName={source.name} />}
    </>
  );
}

const leadOf = ({ plants, shapes }: GroundAnswer): string =>
  plants.some(({ spot }) => spot) || shapes.length > 0
    ? 'Drawn to scale. Filled by level; dotted where crowns touch and crawlers walk; the arrow is the wind of the month.'
    : 'A house, a fence, and each plant where it stands: then the plan says what touches what, where crawlers blow, and in which order to walk.';

function Legend({ isDrawing }: { readonly isDrawing: boolean }) {
  if (isDrawing)
    return (
      <p className="soft text-sm">
        Drag to move; what comes near another lines up with it. By keyboard: Tab to a plant, Enter to hold it,
        arrows move it (with Shift a metre), [ and ] turn it, Delete takes it off, Ctrl+Z undoes.
      </p>
    );
  return (
    <p className="soft text-sm">
      The number is the level, 0 to 5; green: none counted. Broad honey edge: something is due, red: late.
      Hatched: out of reach. Dashed edge: a pot the app put somewhere in its room. Arrow keys lead from plant
      to plant.
    </p>
  );
}
