import { Printer } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import type { WatchAnswer } from '#engine';
import { hostById, inSentence, samplePacking } from '#knowledge';
import { usePhotos } from '../../../api/photos.ts';
import { useShelf } from '../../../api/mixing.ts';
import { useWatch } from '../../../api/queries.ts';
import { useSeasonDays } from '../../../api/timing.ts';
import { Choices, Field } from '../../../parts/field.tsx';
import { Answered, PageHead } from '../../../parts/page.tsx';
import { SavedText } from '../../../parts/saved-text.tsx';
import { TitledLines } from '../../../parts/titled-lines.tsx';
import { showFullDate } from '../../../show/dates.ts';
import { useShow, useToday } from '../../../show/use-show.ts';
import { MarkedPhoto } from '../photos/marked-photo.tsx';
import {
  asPlainText,
  handoverSheet,
  READER_WORDS,
  READERS,
  type Reader,
  sampleNumber,
  usualQuestion,
} from './handover-sheet.ts';

const PHOTOS = 4;

/** One watch on one page for somebody who does not know the garden; nothing personal unless asked for. */
export function HandoverPage() {
  const { watchId = '' } = useParams();
  return <Answered question={useWatch(watchId)}>{(picture) => <Handover picture={picture} />}</Answered>;
}

function Handover({ picture }: { picture: WatchAnswer }) {
  const { watch, plant, targetName } = picture;
  const today = useToday();
  const show = useShow();
  const photos = usePhotos(watch.id).data ?? [];
  const shelf = useShelf().data;
  const measured = useSeasonDays(watch.id).data?.measured ?? [];
  const [reader, setReader] = useState<Reader>('arborist');
  const [question, setQuestion] = useState('');
  const [withNames, setWithNames] = useState(false);
  const parts = handoverSheet(
    { reader, question, withNames },
    {
      picture,
      photos,
      measured,
      today,
      show,
      productOf: (id) => shelf?.products.find((product) => product.id === id),
    },
  );
  const title = `${hostById(plant.hostId).name}, ${inSentence(targetName)}`;
  return (
    <>
      <PageHead
        title="To hand over"
        lead="One watch on one page. Print it, or save it as a PDF through the browser's print."
      >
        <button type="button" className="btn btn-primary no-print" onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> Print
        </button>
        <SavedText name={`handover-${today}.txt`} text={asPlainText(title, parts)} />
        <Link className="btn no-print" to="/setup/backups">
          The whole garden as an archive
        </Link>
        <Link className="btn no-print" to={`/look/${watch.id}`}>
          The watch
        </Link>
      </PageHead>
      <form
        className="sheet p-4 mb-4 max-w-3xl flex flex-col gap-3 no-print"
        onSubmit={(event) => event.preventDefault()}
      >
        <Choices
          legend="For"
          value={reader}
          options={READERS.map((id) => ({ id, label: READER_WORDS[id] }))}
          onChange={setReader}
        />
        <Field label="Question">
          <textarea
            className="textarea w-full"
            rows={2}
            maxLength={500}
            placeholder={usualQuestion(reader)}
            value={question}
            onChange={(event) => setQuestion(event.target.value)}
          />
        </Field>
        <label className="flex items-center gap-2 min-h-11">
          <input
            type="checkbox"
            className="checkbox"
            checked={withNames}
            onChange={(event) => setWithNames(event.target.checked)}
          />
          With the names of plants and products, and notes
        </label>
      </form>
      <article aria-label="Sheet" className="sheet p-5 max-w-3xl flex flex-col gap-3 print-page">
        <h2 className="font-title text-xl">{title}</h2>
        {parts.map((part) => (
          <TitledLines key={part.title} {...part} />
        ))}
        {photos.length > 0 && (
          <ul className="grid grid-cols-2 gap-3" aria-label="Photos">
            {photos.slice(-PHOTOS).map((photo) => (
              <li key={photo.id}>
                <MarkedPhoto
                  photo={photo}
                  spots={photo.spots}
                  scale={photo.scale}
                  ends={[]}
                  onPlace={null}
                  onTakeAway={null}
                />
                <span className="text-sm soft">
                  {showFullDate(photo.takenOn)}
                  {withNames && photo.note ? ` ${photo.note}` : ''}
                </span>
              </li>
            ))}
          </ul>
        )}
        <p className="soft text-sm">
          What the label and local rules say stands above everything here. Counts carry a 95 % interval.
        </p>
      </article>
      {reader === 'laboratory' && <SampleLabel picture={picture} />}
    </>
  );
}

/** To cut out and put on the bag. */
function SampleLabel({ picture: { watch, plant, targetName } }: { picture: WatchAnswer }) {
  const today = useToday();
  return (
    <section aria-label="Sample label" className="sheet p-4 mt-4 max-w-sm border-2 border-dashed print-card">
      <h2>Sample {sampleNumber(watch.id)}</h2>
      <dl className="grid grid-cols-[auto_minmax(0,1fr)] gap-x-3">
        <dt className="soft">Taken on</dt>
        <dd>{showFullDate(today)}</dd>
        <dt className="soft">From</dt>
        <dd>{hostById(plant.hostId).name}</dd>
        <dt className="soft">Part</dt>
        <dd>{samplePacking(watch.group).part}</dd>
        <dt className="soft">Thought to be</dt>
        <dd>{inSentence(targetName)}</dd>
      </dl>
    </section>
  );
}
