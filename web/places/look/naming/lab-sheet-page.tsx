import { Printer } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { nameIt, saysNothing, type Naming } from '#core/identify';
import { CHECKS, hostById, inSentence, KEY } from '#knowledge';
import type { WatchPicture } from '#engine';
import { usePhotos } from '../../../api/photos.ts';
import { useWatch } from '../../../api/queries.ts';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { PhotoImage } from '../../../parts/photo-image.tsx';
import { showFullDate } from '../../../show/dates.ts';
import { showShare } from '../../../show/units.ts';
import { useToday } from '../../../show/use-show.ts';
import { checkOf, reasonWords, standingName } from './naming-words.ts';
import { useNamingScene } from './use-naming-scene.ts';

const PHOTOS = 4;
/** Less probable than this counts as ruled out by what was seen. */
const RULED_OUT_BELOW = 0.01;

/** A dated sheet for a lab or adviser: the plant, what was seen and not seen, what that rules out, photos. */
export function LabSheetPage() {
  const { watchId = '' } = useParams();
  return <Answered question={useWatch(watchId)}>{(picture) => <LabSheet picture={picture} />}</Answered>;
}

function LabSheet({ picture }: { picture: WatchPicture }) {
  const { watch, plant, answers, inspections } = picture;
  const today = useToday();
  const scene = useNamingScene(plant.id, { watchId: watch.id }).data?.scene;
  const photos = usePhotos(watch.id).data ?? [];
  const naming = scene ? nameIt(KEY, scene, answers) : null;
  const weighed = CHECKS.filter(({ id }) => !saysNothing(answers[id]));
  const words = (shown: boolean) =>
    weighed
      .filter(({ id, kind }) => (kind === 'sign' && answers[id] === 'no') !== shown)
      .map(({ id, kind }) => (kind === 'sign' ? checkOf(id).name : reasonWords(id, answers[id]!)));
  const seenOn = inspections.map(({ on }) => on).at(-1) ?? watch.openedOn;
  return (
    <>
      <PageHead title="For a lab or adviser" lead="Print it and pack it with the sample.">
        <button type="button" className="btn btn-primary no-print" onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </button>
        <Link className="btn no-print" to={`/look/${watch.id}`}>
          The watch
        </Link>
      </PageHead>
      <article aria-label="Sheet" className="sheet p-5 max-w-3xl flex flex-col gap-4 print-card">
        <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1">
          {[
            [
              'Plant',
              `${hostById(plant.hostId).name} (${hostById(plant.hostId).botanical || 'kind not listed'})`,
            ],
            ['Seen on', showFullDate(seenOn)],
            ['Written on', showFullDate(today)],
            [
              'Its state',
              `${plant.age}, vigour ${plant.vigour}, ${plant.light}, watered by ${plant.watering}`,
            ],
            ['Question', `What is it? Called here: ${inSentence(picture.targetName)}.`],
          ].map(([term, value]) => (
            <div key={term} className="contents">
              <dt className="soft">{term}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
        <Listed title="Seen" words={words(true)} none="nothing was noted yet" />
        <Listed title="Looked for and not there" words={words(false)} none="nothing" />
        {naming && naming.answered > 0 && <Thought naming={naming} />}
        {photos.length > 0 && (
          <ul className="grid grid-cols-2 gap-3">
            {photos.slice(-PHOTOS).map((photo) => (
              <li key={photo.id}>
                <PhotoImage photoId={photo.id} alt={photo.note || 'Photo of the sample'} className="w-full" />
                <span className="text-sm soft">
                  {showFullDate(photo.takenOn)} {photo.note}
                </span>
              </li>
            ))}
          </ul>
        )}
        <p className="soft text-sm">
          To pack: several fresh pieces at different stages with some sound leaf, dry, in paper towel within a
          bag, unsprayed, sent early in the week. Scale: a twig with covers on it. Leaf spots: leaves pressed
          flat. Wilting: a shoot and some roots with soil, in a second bag.
        </p>
      </article>
    </>
  );
}

function Listed({ title, words, none }: { title: string; words: readonly string[]; none: string }) {
  return (
    <p>
      <b>{title}:</b> {words.length > 0 ? words.join('; ') : none}.
    </p>
  );
}

/** What the key thinks, and what the answers leave as good as impossible of what is met on such a plant. */
function Thought({ naming }: { naming: Naming }) {
  const likely = naming.standings.slice(0, 3);
  const out = naming.standings.filter(
    ({ listed, probability }) => listed && probability > 0 && probability < RULED_OUT_BELOW,
  );
  return (
    <>
      <p>
        <b>The key thinks:</b>{' '}
        {likely
          .map(({ targetId, probability }) => `${standingName(targetId)} ${showShare(probability)}`)
          .join(', ')}
        .
      </p>
      {out.length > 0 && (
        <p>
          <b>As good as ruled out by the answers:</b>{' '}
          {out
            .slice(0, 12)
            .map(({ targetId }) => inSentence(standingName(targetId)))
            .join(', ')}
          .
        </p>
      )}
    </>
  );
}
