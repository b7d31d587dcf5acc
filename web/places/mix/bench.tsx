import { useState } from 'react';
import { Link } from 'react-router';
import type { Finding } from '#core/materials';
import type { Garden, ProductRecord, Sprayer } from '#core/records';
import type { BenchAnswer, BenchWatch } from '#engine';
import { useBench } from '../../api/mixing.ts';
import { Answered, EmptyState } from '../../parts/page.tsx';
import { PhotoFirst } from '../look/photos/photo-first.tsx';
import { Amounts } from './amounts.tsx';
import { aboutOf, type BenchFor } from './bench-subject.ts';
import { type Asked, BenchScene } from './bench-scene.tsx';
import { CautionList } from './caution-list.tsx';
import { LinePicker } from './line-picker.tsx';
import { LogSpray } from './log-spray.tsx';
import { PourCard } from './pour-card.tsx';
import { UndilutedBench } from './undiluted-bench.tsx';
import { useTank, type Tank } from './use-tank.ts';

export interface BenchProps {
  readonly subjects: readonly BenchFor[];
  readonly products: readonly ProductRecord[];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
}

/** The bench for some watches or plants: choose, measure, heed, pour, log. */
export function Bench(props: BenchProps) {
  const [asked, ask] = useState<Asked>({ leafState: null, bees: null, bloom: null, weather: null });
  const question = useBench({
    watchIds: props.subjects.flatMap(({ watchId }) => watchId ?? []),
    plantIds: props.subjects.flatMap(({ watchId, plantId }) => (watchId === null ? plantId : [])),
    ...asked,
  });
  return (
    <Answered question={question}>
      {(bench) => <BenchOf {...props} bench={bench} asked={asked} onAsk={ask} />}
    </Answered>
  );
}

function BenchOf({
  subjects,
  products,
  sprayers,
  garden,
  bench,
  asked,
  onAsk,
}: BenchProps & { bench: BenchAnswer; asked: Asked; onAsk: (asked: Asked) => void }) {
  const [{ watchId, group, targetId }] = subjects as readonly [BenchFor];
  const tank = useTank(bench, products, sprayers, garden, group, targetId);
  const first = bench.watches[0]!;
  const planned = tank.plan
    ? tank.plan.totals.map(({ amount }) => amount)
    : tank.hoseEnd?.jarMl
      ? [tank.hoseEnd.jarMl]
      : null;
  const toldWeather = asked.weather === 'not-sure' ? null : asked.weather;
  const unanswered = tank.loads.flatMap(({ choice }) =>
    choice.findings.filter(({ verdict }) => verdict === 'ask'),
  );
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_440px]">
      <div className="flex flex-col gap-5">
        {tank.plan && (
          <a href="#card" className="btn lg:hidden no-print">
            Straight to the card
          </a>
        )}
        <BenchScene bench={bench} group={group} asked={asked} onAsk={onAsk} />
        <LinePicker tank={tank} advice={bench.advice} />
        {tank.loads.length > 0 && tank.kind === 'spray' && (
          <Amounts tank={tank} sprayers={sprayers} inLeaf={first.leafState === 'in-leaf'} />
        )}
        {tank.loads[0] && (
          <p className="no-print">
            <Link
              className="link-husk"
              to={`/when/hours?product=${tank.loads[0].choice.product.id}&line=${tank.loads[0].choice.line.id}&plant=${first.plant.id}`}
            >
              Which hours are fit for it
            </Link>{' '}
            <span className="soft">by heat, frost, rain and wind of the next days</span>
          </p>
        )}
        {tank.loads.length > 0 && (
          <CautionList tank={tank} watches={bench.watches} group={group} garden={garden} />
        )}
      </div>
      <div className="flex flex-col gap-5 lg:sticky lg:top-4 self-start">
        {tank.loads.length > 0 && watchId !== null && (
          <div className="no-print">
            <PhotoFirst watchId={watchId} before="A spray" />
          </div>
        )}
        {unanswered.length > 0 && <SayFirst findings={unanswered} />}
        {unanswered.length === 0 && tank.kind === 'spray' && (
          <PourCard
            tank={tank}
            watches={bench.watches}
            left={bench.left}
            forWhat={bench.watches
              .map(({ plant, targetName }) => aboutOf({ plantName: plant.name, targetName }))
              .join('; ')}
          />
        )}
        {unanswered.length === 0 && tank.loads.length > 0 && tank.kind !== 'spray' && (
          <UndilutedBench
            key={tank.loads[0]!.choice.line.id}
            tank={tank}
            watches={bench.watches}
            left={bench.left}
            toldWeather={toldWeather}
          />
        )}
        {unanswered.length === 0 && planned && (
          <LogSpray
            key={logKey(tank, bench.watches)}
            tank={tank}
            watches={bench.watches}
            toldWeather={toldWeather}
            planned={planned}
            plannedMl={tank.plan?.totalSprayMl ?? tank.sprayMl}
          />
        )}
        {tank.loads.length === 0 && (
          <EmptyState title="No line on your shelf fits today.">
            <Link className="link-husk" to="/mix/shopping">
              See what would
            </Link>
            ,{' '}
            <Link className="link-husk" to="/mix/shelf">
              look at the shelf
            </Link>
            , or change the leaf state if it is wrong.
          </EmptyState>
        )}
      </div>
    </div>
  );
}

/** What is chosen; another choice is another spray to log. */
function logKey({ loads }: Tank, watches: readonly BenchWatch[]): string {
  return [
    ...loads.map(({ choice }) => choice.line.id),
    ...watches.map(({ watchId, plant, leafState }) => (watchId ?? plant.id) + leafState),
  ].join();
}

/** What nobody has said yet stands before any amount. */
function SayFirst({ findings }: { findings: readonly Finding[] }) {
  return (
    <section aria-label="Say first" className="sheet p-4 border-warning! no-print">
      <h2 className="mb-2">Say first</h2>
      <ul className="list-disc pl-5 flex flex-col gap-1">
        {[...new Set(findings.map(({ says }) => says))].map((says) => (
          <li key={says}>{says}</li>
        ))}
      </ul>
      <p className="soft text-sm mt-2">Answer above under “How it stands today”; the amounts follow.</p>
    </section>
  );
}
