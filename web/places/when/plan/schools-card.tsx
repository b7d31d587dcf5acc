import { useState } from 'react';
import type { PlanMaterial, SchoolOutcome, SchoolsSideBySide } from '#engine';
import { SCHOOL_QUESTIONS, schoolFor, type SchoolQuestionId } from '#knowledge';
import { figure } from '../../../show/units.ts';
import { leftWords } from './plan-words.ts';
import { useAsked } from './use-asked.ts';

const questionOf = (id: SchoolQuestionId) => SCHOOL_QUESTIONS.find((question) => question.id === id)!;

/** Some are no school of anybody's here: the calendar alone, to be seen beside the others. */
const nameOf = (question: SchoolQuestionId, id: string): string =>
  questionOf(question).schools.find((school) => school.id === id)?.name ?? 'Monthly, by the calendar';

/** What each school would do on this watch's own possible seasons, by tapes as uncertain as real ones. */
export function SchoolsCard({
  material,
  wayId,
  wayName,
}: {
  material: PlanMaterial;
  wayId: string;
  wayName: string;
}) {
  const [isOpen, setIsOpen] = useState(false);
  const asked = useAsked(material, isOpen, (remote) => remote.schools(wayId), wayId);
  return (
    <details className="sheet p-4 text-[0.93rem]" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="link-husk list-none inline-block">What the schools would do</summary>
      <div className="flex flex-col gap-3 mt-2">
        <p className="soft text-sm">
          With {wayName} where nothing else is named, from today on. Each is followed as its people would, on
          tapes as uncertain as real ones. Which suits you also depends on your time, and on bees and helpers:
          each spray meets them.
        </p>
        {asked.failed && <p role="alert">{asked.failed}</p>}
        {asked.answer === null && !asked.failed && isOpen && <p className="soft">Being worked out …</p>}
        {asked.answer?.length === 0 && <p>Nothing hatches here this season.</p>}
        {(asked.answer ?? []).map((each) => (
          <Question key={each.question} asked={each} material={material} />
        ))}
      </div>
    </details>
  );
}

function Question({
  asked: { question, outcomes },
  material,
}: {
  asked: SchoolsSideBySide;
  material: PlanMaterial;
}) {
  const followed = schoolFor(question, material.schools).id;
  return (
    <div className="flex flex-col gap-1.5">
      <h3 className="font-semibold">{questionOf(question).asks}</h3>
      <ul className="flex flex-col gap-1.5">
        {outcomes.map((outcome) => (
          <li key={outcome.id} className="flex flex-wrap justify-between gap-x-3">
            <span>
              {nameOf(question, outcome.id)}{' '}
              {outcome.id === followed && <span className="tag tag-open">your school</span>}
            </span>
            <span>
              <b className="font-semibold">leaves {leftWords(outcome.left)}</b>{' '}
              <span className="soft">{effortWords(outcome)}</span>
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** "2.3 times, 4.1 h, 12.00". */
function effortWords({ times, hours, cost }: SchoolOutcome): string {
  if (times === 0) return 'nothing done';
  const words = [
    `${times.toFixed(1)} ${times.toFixed(1) === '1.0' ? 'time' : 'times'}`,
    `${figure(hours, 1)} h`,
  ];
  return [...words, ...(cost === null ? [] : [`cost ${cost.toFixed(2)}`])].join(', ');
}
