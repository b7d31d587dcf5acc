import type { Because } from '#core/programme';
import { SERIES_TEMPLATES } from '#knowledge';
import { becauseWords } from '../../show/series-words.ts';
import { useShow, useToday } from '../../show/use-show.ts';
import { GradeMark } from '../grade-mark.tsx';
import { Sources } from '../sources.tsx';

/** What a step's day follows from, and who does it so. */
export function StepReasonBody({
  templateId,
  because,
}: {
  templateId: string | null;
  because: Because | null;
}) {
  const today = useToday();
  const show = useShow();
  const template = SERIES_TEMPLATES.find(({ id }) => id === templateId);
  return (
    <div className="mt-1 rounded-lg bg-base-200 p-3">
      {because && <p>{becauseWords(because, today, show.rain)}.</p>}
      <p>{template?.says ?? 'You set it so.'}</p>
      <p className="mt-1">
        <b>What would change this:</b> what you log. A step done late or early moves all that follow; a look
        that finds nothing, or empty tapes, may end it.
      </p>
      {template && (
        <p className="mt-1">
          <GradeMark grade={template.grade} /> <Sources ids={template.sourceIds} />
        </p>
      )}
    </div>
  );
}
