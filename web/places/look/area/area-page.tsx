import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { FIND_STEPS, USUAL_GREENNESS, type Outline, type PictureDoubt, type Pixels } from '#core/picture';
import { photoAddress } from '../../../api/photo-address.ts';
import { Choices, Field } from '../../../parts/field.tsx';
import { useNotices } from '../../../parts/notices.tsx';
import { PageHead } from '../../../parts/page.tsx';
import { significant } from '../../../show/units.ts';
import { progress, startWorker, type Working } from '../../../workers/bridge.ts';
import type { LeafWorker } from '../../../workers/leaf-worker.ts';
import { addToDraft } from '../count/count-draft.ts';
import { drawMask, readPixels } from './picture-canvas.ts';

const DOUBT_WORDS: Readonly<Record<PictureDoubt, string>> = {
  'no-leaf': 'No leaf could be found. Lay one leaf flat on white paper and take the picture from above.',
  'touches-edge': "The leaf reaches the picture's edge: what lies beyond is not counted.",
  'too-dark': 'The leaf is too dark to tell colours. Take it in open shade by day.',
  'too-bright': 'The leaf glares: bright spots read as damage. Take it out of the sun.',
  'out-of-focus': 'The picture is out of focus: small spots melt into the leaf.',
};

const STEP_WORDS = [
  'Reading colours',
  'Finding the leaf',
  'Looking at its green',
  'Judging light and focus',
] as const;

type State =
  | { readonly kind: 'working'; readonly step: number }
  | { readonly kind: 'stopped' }
  | { readonly kind: 'failed' }
  | { readonly kind: 'found'; readonly doubts: readonly PictureDoubt[]; readonly percent: number };

const START: State = { kind: 'working', step: 0 };

/** How much of a photographed leaf is affected, measured by colour, with the mask shown. */
export function AreaPage() {
  const { watchId = '', photoId = '' } = useParams();
  return (
    <>
      <PageHead
        title="How much of this leaf?"
        lead="One leaf on white paper, from above, in even light. Less green than its sound part counts as affected: brown, rusty, yellow or white."
      >
        <Link className="btn" to={`/look/${watchId}/photo/${photoId}`}>
          Back to the photo
        </Link>
      </PageHead>
      <Measure key={photoId} watchId={watchId} photoId={photoId} />
    </>
  );
}

function Measure({ watchId, photoId }: { watchId: string; photoId: string }) {
  const { say } = useNotices();
  const [outline, setOutline] = useState<Outline>('found');
  const [greenness, setGreenness] = useState(USUAL_GREENNESS);
  const [run, setRun] = useState(0);
  const { state, stop, canvas } = useLeafArea(photoId, outline, greenness, run);
  const fit = state.kind === 'found' && !state.doubts.includes('no-leaf');
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
      <div className="min-w-0">
        <canvas
          ref={canvas}
          className="w-full h-auto rounded-lg bg-base-300"
          role="img"
          aria-label={
            fit
              ? `The leaf, its affected part outlined in colour: ${significant(state.percent, 1)} per cent`
              : 'The picture being measured'
          }
        />
      </div>
      <div className="flex flex-col gap-4">
        <section aria-label="Result" className="sheet p-4" aria-live="polite">
          {state.kind === 'working' && (
            <>
              <p className="font-semibold">{STEP_WORDS[state.step]}…</p>
              <progress
                className="progress progress-primary w-full my-2"
                max={FIND_STEPS}
                value={state.step}
                aria-label="Progress"
              />
              <button type="button" className="btn btn-sm" onClick={stop}>
                Stop
              </button>
            </>
          )}
          {state.kind === 'stopped' && (
            <p>
              Stopped.{' '}
              <button type="button" className="btn btn-sm" onClick={() => setRun(run + 1)}>
                Measure it
              </button>
            </p>
          )}
          {state.kind === 'failed' && (
            <p className="text-error font-semibold">The picture could not be opened.</p>
          )}
          {fit && (
            <p className="font-serif text-3xl">
              {significant(state.percent, 1)} %
              <span className="block font-sans text-base soft">of the leaf is affected, as masked</span>
            </p>
          )}
          {state.kind === 'found' &&
            state.doubts.map((doubt) => (
              <p
                key={doubt}
                role="alert"
                className="mt-2 rounded-lg bg-(--honey-pale) text-(--honey-deep) p-2 text-sm"
              >
                {DOUBT_WORDS[doubt]}
              </p>
            ))}
          {fit && (
            <p className="soft text-sm mt-2">
              Compare the mask with the leaf before you believe the number. On drawn leaves of known area it
              errs by about half a point in good light, and more where white damage reaches the edge.
            </p>
          )}
        </section>
        {fit && (
          <section aria-label="Adjust" className="sheet p-4 flex flex-col gap-4">
            <Field
              label={`Sound from ${Math.round(greenness * 100)} % of its greenest`}
              hint="further right counts paler parts as affected too"
            >
              <input
                type="range"
                className="range range-primary w-full"
                min="0.1"
                max="0.9"
                step="0.02"
                value={greenness}
                onChange={(event) => setGreenness(Number(event.target.value))}
              />
            </Field>
            <Choices
              legend="The leaf's outline"
              value={outline}
              options={[
                { id: 'found', label: 'As found' },
                { id: 'rounded', label: 'Rounded out' },
              ]}
              onChange={setOutline}
            />
            <p className="soft text-sm">
              Round it out when mildew or mines bite into the edge; not for a lobed leaf.
            </p>
            <button
              type="button"
              className="btn btn-primary"
              onClick={() => {
                addToDraft(watchId, 'disease', { counts: { percent: Math.round(state.percent * 10) / 10 } });
                say(`${significant(state.percent, 1)} % is added to the count of leaves.`);
              }}
            >
              Add it to the count
            </button>
            <Link className="link-husk" to={`/look/${watchId}/count?protocol=disease`}>
              Go on with the count
            </Link>
          </section>
        )}
      </div>
    </div>
  );
}

/** Runs the measuring in a worker and draws what it finds. */
function useLeafArea(photoId: string, outline: Outline, greenness: number, run: number) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const working = useRef<Working<LeafWorker> | null>(null);
  const pixels = useRef<Pixels | null>(null);
  const [result, setFound] = useState<{ doubts: readonly PictureDoubt[]; of: string } | null>(null);
  const current = `${photoId} ${outline} ${run}`;
  const [told, setTold] = useState<{ of: string; state: State }>({ of: current, state: START });
  const setState = useCallback((state: State) => setTold({ of: current, state }), [current]);
  // What was told of another outline or run is no longer so.
  const state = told.of === current ? told.state : START;
  useEffect(() => {
    let ended = false;
    const work = startWorker<LeafWorker>(
      () => new Worker(new URL('../../../workers/leaf-worker.ts', import.meta.url), { type: 'module' }),
    );
    working.current = work;
    const measure = async () => {
      pixels.current ??= await readPixels(photoAddress(photoId));
      if (ended) return;
      const { doubts } = await work.remote.find(
        pixels.current,
        outline,
        progress((step) => {
          if (!ended) setState({ kind: 'working', step });
        }),
      );
      if (!ended) setFound({ doubts, of: current });
    };
    measure().catch(() => {
      if (!ended) setState({ kind: 'failed' });
    });
    return () => {
      ended = true;
      work.end();
    };
  }, [photoId, outline, run, current, setState]);
  useEffect(() => {
    if (result?.of !== current || !working.current) return;
    let ended = false;
    void working.current.remote.affected(greenness).then(({ percent, mask, leafMask }) => {
      if (ended || !canvas.current || !pixels.current) return;
      drawMask(canvas.current, pixels.current, leafMask, mask);
      setState({ kind: 'found', doubts: result.doubts, percent });
    });
    return () => {
      ended = true;
    };
  }, [result, greenness, current, setState]);
  const stop = () => {
    working.current?.end();
    working.current = null;
    setState({ kind: 'stopped' });
  };
  return { state, stop, canvas };
}
