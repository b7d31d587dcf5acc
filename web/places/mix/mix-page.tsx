import { useState } from 'react';
import { Link, useLocation, useSearchParams } from 'react-router';
import type { LeafState } from '#core/materials';
import { planSpray } from '#core/mix';
import type { Garden, Sprayer } from '#core/records';
import { SPOONS } from '#core/units';
import { hostById, inSentence } from '#knowledge';
import type { WatchPicture } from '#server/answers/watch-picture';
import type { ListedWatch } from '#server/answers/watch-pictures';
import { useGarden, useLeafState, useShelf, useWatch, useWatches } from '../../api/queries.ts';
import { Choices, Field } from '../../parts/field.tsx';
import { Answered, EmptyState, PageHead, SubNav } from '../../parts/page.tsx';
import { showDate } from '../../show/dates.ts';
import { STAGE_WORDS } from '../garden/stage-words.ts';
import { significant } from '../../show/units.ts';
import { useShow } from '../../show/use-show.ts';
import { PhotoFirst } from '../look/photos/photo-first.tsx';
import { lineChoices, waterFor, type LineChoice } from './bench-choice.ts';
import { CautionList } from './caution-list.tsx';
import { LogSpray } from './log-spray.tsx';
import { LEAF_STATES, MISFIT_WORDS, RATE_UNITS } from './mix-words.ts';
import { PourCard } from './pour-card.tsx';

/** What do I pour, and may I? */
export function MixPage() {
  const shelf = useShelf();
  const garden = useGarden().data?.garden;
  return (
    <>
      <MixNav />
      <Answered question={useWatches()}>
        {(watches) => <Answered question={shelf}>{({ products, sprayers }) => garden && <Bench watches={watches} choicesFrom={products} sprayers={sprayers} garden={garden} />}</Answered>}
      </Answered>
    </>
  );
}

/** The ways within Mix. */
export function MixNav() {
  const { pathname } = useLocation();
  const [onShelf, onMeet] = [pathname.startsWith('/mix/shelf'), pathname === '/mix/meet'];
  return <SubNav label="Within Mix" tabs={[['/mix', 'Bench', !onShelf && !onMeet], ['/mix/meet', 'May they meet?', onMeet], ['/mix/shelf', 'Shelf and sprayers', onShelf]]} />;
}

interface BenchProps {
  readonly watches: readonly ListedWatch[];
  readonly choicesFrom: Parameters<typeof lineChoices>[0];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
}

function Bench({ watches, choicesFrom, sprayers, garden }: BenchProps) {
  const [params, setParams] = useSearchParams();
  const candidates = watches.filter(({ watch, plant }) => watch.outcome === 'open' && !plant.outOfReach && plant.retiredOn === null);
  const picture = candidates.find(({ watch }) => watch.id === params.get('watch'));
  return (
    <>
      <PageHead title={picture ? `Mixing for the ${picture.plant.name.toLowerCase()}, ${inSentence(picture.targetName)}` : 'What do I pour, and may I?'} lead="Water from the plant's size, product from the label's own line. Choose hand work first where it will do." />
      {candidates.length === 0 && <EmptyState title="No open watch to mix for."><Link className="link-husk" to="/look/new">Note something</Link> first: what it is decides what reaches it.</EmptyState>}
      {candidates.length > 0 && (
        <div className="max-w-md mb-5">
          <Field label="For which watch">
            <select className="select w-full" value={picture?.watch.id ?? ''} onChange={(event) => setParams(event.target.value ? { watch: event.target.value } : {})}>
              <option value="">choose…</option>
              {candidates.map(({ watch, plant, targetName }) => <option key={watch.id} value={watch.id}>{plant.name}, {inSentence(targetName)}</option>)}
            </select>
          </Field>
        </div>
      )}
      {picture && sprayers.length === 0 && <EmptyState title="No sprayer yet."><Link className="link-husk" to="/mix/shelf">Say what you spray with</Link>.</EmptyState>}
      {picture && sprayers.length > 0 && <BenchOf key={picture.watch.id} watchId={picture.watch.id} products={choicesFrom} sprayers={sprayers} garden={garden} />}
    </>
  );
}

function BenchOf({ watchId, ...rest }: Omit<BenchForProps, 'picture'> & { watchId: string }) {
  return <Answered question={useWatch(watchId)}>{(picture) => <BenchFor picture={picture} {...rest} />}</Answered>;
}

interface BenchForProps {
  readonly picture: WatchPicture;
  readonly products: BenchProps['choicesFrom'];
  readonly sprayers: readonly Sprayer[];
  readonly garden: Garden;
}

function BenchFor({ picture, products, sprayers, garden }: BenchForProps) {
  const show = useShow();
  const guessed = useLeafState(picture.plant.id).data;
  const [chosenState, chooseState] = useState<LeafState | null>(null);
  const [lineId, setLineId] = useState<string | null>(null);
  const [sprayerId, setSprayerId] = useState(sprayers.at(-1)!.id);
  const [rate, setRate] = useState<number | null>(null);
  const [typedWater, setTypedWater] = useState('');
  if (!guessed) return <p className="soft" role="status">Working it out…</p>;
  const evergreen = hostById(picture.plant.hostId).evergreen;
  const leafState = chosenState ?? guessed.leafState;
  const choices = lineChoices(products, picture, leafState);
  const fitting = choices.filter((choice) => choice.misfits.length === 0);
  const choice = fitting.find((entry) => entry.line.id === lineId) ?? fitting[0];
  const sprayer = sprayers.find((entry) => entry.id === sprayerId)!;
  const water = waterFor(picture.plant, leafState);
  const typedMl = show.mlFrom(Number(typedWater.replace(',', '.')));
  const waterProblem = typedWater !== '' && !(typedMl > 0 && typedMl <= 1_000_000) ? 'a number above 0' : undefined;
  const sprayMl = typedWater !== '' && !waterProblem ? typedMl : water.middleMl;
  const chosenRate = choice ? Math.min(choice.line.rateHigh, Math.max(choice.line.rateLow, rate ?? (choice.line.rateLow + choice.line.rateHigh) / 2)) : 0;
  const spoons = Object.values(SPOONS).flat().filter((spoon) => garden.spoonIds.includes(spoon.id));
  const plan = choice && planSpray({ sprayMl, tankMl: sprayer.capacityMl, line: choice.line, rate: chosenRate, spoons });
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_440px]">
      <div className="flex flex-col gap-5">
        <section aria-label="Leaf state" className="sheet p-4">
          {evergreen ? <p><b className="font-semibold">In leaf all year.</b> An evergreen has no dormant rate, in any season.</p> : (
            <>
              <Choices legend="It is now" value={leafState} options={LEAF_STATES} onChange={(state) => { chooseState(state); setLineId(null); }} />
              <p className="soft text-sm mt-2">
                {leafState === guessed.leafState ? guessed.logged ? `As logged: ${STAGE_WORDS[guessed.logged.stage]} ${showDate(guessed.logged.on)}.` : 'As the time of year suggests (rough default, grade C); log its stages to know better.' : <b className="text-error">{guessed.logged ? 'Its log' : 'The time of year'} suggests otherwise: look at the plant before you go on.</b>}
              </p>
            </>
          )}
        </section>
        <LinePicker choices={choices} chosen={choice} onChoose={(id) => { setLineId(id); setRate(null); }} />
        {choice && (
          <section aria-label="Amounts" className="sheet p-4 grid gap-5 sm:grid-cols-2">
            <Field label={`Rate: ${significant(chosenRate, 2)} ${RATE_UNITS[choice.line.rateUnit]}`} hint={`the label gives ${choice.line.rateLow} to ${choice.line.rateHigh}`}>
              <input type="range" className="range range-primary w-full" min={choice.line.rateLow} max={choice.line.rateHigh} step={(choice.line.rateHigh - choice.line.rateLow) / 20 || 1} value={chosenRate} onChange={(event) => setRate(Number(event.target.value))} />
            </Field>
            <Field label="Sprayer" hint={`reaches ${show.length(sprayer.reachM)}`}>
              <select className="select w-full" value={sprayerId} onChange={(event) => setSprayerId(event.target.value)}>{sprayers.map((entry) => <option key={entry.id} value={entry.id}>{entry.name}, {show.volume(entry.capacityMl)}</option>)}</select>
            </Field>
            <Field label={`Finished spray, ${show.volumeUnit}`} error={waterProblem} hint={`to drip it takes about ${show.volume(water.lowMl)} to ${show.volume(water.highMl)} (grade ${leafState === 'in-leaf' ? 'B' : 'C'}); type what you know better`}>
              <input className="input w-full" inputMode="decimal" placeholder={String(show.volumeNumber(water.middleMl))} value={typedWater} onChange={(event) => setTypedWater(event.target.value)} />
            </Field>
            {sprayer.heldHerbicide && <p role="alert" className="text-error font-semibold self-center">This sprayer has held weedkiller. Do not use it on plants you want to keep.</p>}
          </section>
        )}
        {choice && <CautionList picture={picture} choice={choice} leafState={leafState} sprayer={sprayer} bloom={guessed.bloom} />}
      </div>
      <div className="flex flex-col gap-5 lg:sticky lg:top-4 self-start">
        {choice && plan && (
          <>
            <PhotoFirst watchId={picture.watch.id} before="A spray" />
            <PourCard choice={choice} plan={plan} />
            <LogSpray key={`${choice.line.id}${leafState}`} picture={picture} choice={choice} leafState={leafState} rate={chosenRate} plan={plan} sprayerId={sprayer.id} />
          </>
        )}
        {!choice && <EmptyState title="No line on your shelf fits."><Link className="link-husk" to="/mix/shelf">See the shelf</Link>, or change the leaf state if it is wrong.</EmptyState>}
      </div>
    </div>
  );
}

function LinePicker({ choices, chosen, onChoose }: { choices: readonly LineChoice[]; chosen: LineChoice | undefined; onChoose: (lineId: string) => void }) {
  const fitting = choices.filter((choice) => choice.misfits.length === 0);
  const others = choices.filter((choice) => choice.misfits.length > 0);
  return (
    <section aria-label="Which line of which label">
      <h2 className="mb-2">Which line of which label</h2>
      <div className="sheet divide-y divide-base-300">
        {fitting.map((choice) => (
          <label key={choice.line.id} className="flex items-start gap-3 p-4 cursor-pointer">
            <input type="radio" name="line" className="radio radio-primary mt-0.5" checked={choice === chosen} onChange={() => onChoose(choice.line.id)} />
            <LineWords choice={choice} />
          </label>
        ))}
        {fitting.length === 0 && <p className="p-4">Nothing on the shelf has a line for this plant, trouble and leaf state.</p>}
        {others.length > 0 && (
          <details className="p-4">
            <summary className="link-husk list-none">{others.length} lines that are not for this</summary>
            <ul className="mt-2 flex flex-col gap-3">
              {others.map((choice) => (
                <li key={choice.line.id} className="opacity-90">
                  <LineWords choice={choice} />
                  <p className="text-sm text-error font-semibold">Not this one: it {choice.misfits.map((misfit) => MISFIT_WORDS[misfit]).join('; it ')}.</p>
                </li>
              ))}
            </ul>
          </details>
        )}
      </div>
    </section>
  );
}

function LineWords({ choice: { product, line } }: { choice: LineChoice }) {
  return (
    <span>
      <b className="font-semibold">{product.name}</b>
      <span className="block">{line.crop}: {line.rateLow === line.rateHigh ? line.rateLow : `${line.rateLow}–${line.rateHigh}`} {RATE_UNITS[line.rateUnit]}</span>
    </span>
  );
}
