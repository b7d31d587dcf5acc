const STEPS = ['Where it is', 'The plant', 'What you see'] as const;

/** Which of the three first steps this is. */
export function StepsLine({ at }: { at: 1 | 2 | 3 }) {
  return (
    <ol aria-label="First steps" className="flex flex-wrap gap-x-5 gap-y-1 mb-2 text-sm">
      {STEPS.map((step, i) => (
        <li
          key={step}
          aria-current={i + 1 === at ? 'step' : undefined}
          className={i + 1 === at ? 'font-semibold' : 'soft'}
        >
          {i + 1}. {step}
        </li>
      ))}
    </ol>
  );
}
