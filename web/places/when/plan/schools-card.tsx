import { useEffect, useState } from 'react';
import type { PlanMaterial, SchoolOutcome } from '#engine';
import { SCHOOL_QUESTIONS } from '#knowledge';
import { leftWords } from './plan-words.ts';
import { startSeason } from './use-season.ts';

const QUESTION = SCHOOL_QUESTIONS.find(({ id }) => id === 'crawler-sprays')!;

const nameOf = (id: string): string =>
  id === 'monthly' ? 'Monthly, by the calendar' : QUESTION.schools.find((school) => school.id === id)!.name;

/** What each school would do on this watch's own possible seasons, by tapes as uncertain as real ones. */
export function SchoolsCard({
  material,
  wayId,
  wayName,
  followed,
}: {
  material: PlanMaterial;
  wayId: string;
  wayName: string;
  followed: string;
}) {
  const [worked, setWorked] = useState<{ key: string; outcomes: readonly SchoolOutcome[] } | null>(null);
  const [isOpen, setIsOpen] = useState(false);
  useEffect(() => {
    if (!isOpen) return;
    const { remote, failed, end } = startSeason();
    Promise.race([remote.lay(material).then(() => remote.schools(wayId)), failed]).then(
      (outcomes) => {
        setWorked({ key: wayId, outcomes });
        end();
      },
      // Without it the plan is as good.
      () => undefined,
    );
    return end;
  }, [material, wayId, isOpen]);
  const outcomes = worked?.key === wayId ? worked.outcomes : null;
  return (
    <details className="sheet p-4 text-[0.93rem]" onToggle={(event) => setIsOpen(event.currentTarget.open)}>
      <summary className="link-husk list-none inline-block">What the schools would do</summary>
      <div className="flex flex-col gap-2 mt-2">
        <p className="soft text-sm">
          With {wayName}, from today on. Each is followed as its people would, on tapes as uncertain as real
          ones. Which suits you also depends on your time, and on bees and helpers: each spray meets them.
        </p>
        {outcomes === null && isOpen && <p className="soft">Being worked out …</p>}
        {outcomes?.length === 0 && <p>Nothing hatches here this season.</p>}
        <ul className="flex flex-col gap-1.5">
          {(outcomes ?? []).map(({ id, left, sprays }) => (
            <li key={id} className="flex flex-wrap justify-between gap-x-3">
              <span>
                {nameOf(id)} {id === followed && <span className="tag tag-open">your school</span>}
              </span>
              <span>
                <b className="font-semibold">leaves {leftWords(left)}</b>{' '}
                <span className="soft">
                  {sprays.toFixed(1)} {sprays.toFixed(1) === '1.0' ? 'spray' : 'sprays'}
                </span>
              </span>
            </li>
          ))}
        </ul>
      </div>
    </details>
  );
}
