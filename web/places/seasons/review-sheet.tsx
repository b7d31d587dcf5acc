import type { ReviewAnswer } from '#engine';
import { inSentence } from '#knowledge';
import { BeadScale } from '../../parts/bead-scale.tsx';
import { Field } from '../../parts/field.tsx';
import { TitledLines } from '../../parts/titled-lines.tsx';
import { useShow } from '../../show/use-show.ts';
import {
  CHOICE_WORDS,
  type Choices,
  programmeLines,
  recordLines,
  shoppingLines,
  watchLines,
  workLines,
} from './review-words.ts';

interface ReviewSheetProps {
  readonly answer: ReviewAnswer;
  readonly choices: Choices;
  readonly note: string;
  readonly onNote: (note: string) => void;
  readonly onKeep: () => void;
}

/** Everything of the year on two to four sheets of paper, kept with its season. */
export function ReviewSheet({ answer, choices, note, onNote, onKeep }: ReviewSheetProps) {
  const show = useShow();
  return (
    <div className="max-w-3xl flex flex-col gap-4">
      <article aria-label="The year's sheet" className="sheet p-5 flex flex-col gap-4">
        {answer.watches.map((watch) => (
          <section key={watch.watchId} className="print-card border-b border-(--color-base-300) pb-3">
            <div className="flex flex-wrap justify-between gap-2">
              <h2>
                {watch.plantName}, {inSentence(watch.targetName)}
              </h2>
              <span className="flex flex-wrap gap-6">
                <Beads label="year before" level={watch.before?.count?.level ?? null} />
                <Beads label={answer.season.name} level={watch.cell?.count?.level ?? null} />
              </span>
            </div>
            <ul>
              {watchLines(watch).map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
            {choices.has(watch.watchId) && (
              <p className="font-semibold">{CHOICE_WORDS[choices.get(watch.watchId)!]}.</p>
            )}
          </section>
        ))}
        <TitledLines
          className="print-card"
          title="The work"
          lines={workLines(answer.work, answer.workBefore, show)}
        />
        <TitledLines
          className="print-card"
          title="What was foretold, and what came"
          lines={recordLines(answer)}
        />
        <TitledLines
          className="print-card"
          title="Programmes of next year"
          lines={programmeLines(answer.programmes)}
        />
        <TitledLines
          className="print-card"
          title="To buy"
          lines={shoppingLines(answer.shopping, (ml) => show.pour(ml))}
        />
        {note.trim() && <TitledLines className="print-card" title="Note" lines={[note.trim()]} />}
      </article>
      <div className="sheet p-4 flex flex-col gap-3 no-print">
        <Field
          label="Note for the sheet"
          hint="what the figures do not say: weather, plans, a neighbour spoken to"
        >
          <textarea
            className="textarea w-full"
            rows={3}
            maxLength={2000}
            value={note}
            onChange={(event) => onNote(event.target.value)}
          />
        </Field>
        <button type="button" className="btn btn-primary self-start min-h-11" onClick={onKeep}>
          Keep it with the season
        </button>
      </div>
    </div>
  );
}

function Beads({ label, level }: { label: string; level: Parameters<typeof BeadScale>[0]['level'] }) {
  return (
    <span className="flex flex-col">
      <span className="soft text-sm">{label}</span>
      <BeadScale level={level} />
    </span>
  );
}
