import type { Grade } from '#core/figures';

const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  A: 'exact',
  B: 'widely published; numbers differ by author and region',
  C: 'rule of thumb',
};

/** How far a figure can be trusted, spelled out. */
export function GradeMark({ grade }: { grade: Grade }) {
  return (
    <span className="tag" title={GRADE_WORDS[grade]}>
      grade {grade}: {GRADE_WORDS[grade]}
    </span>
  );
}
