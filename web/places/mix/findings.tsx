import type { Finding, UseVerdict } from '#core/materials';
import { showFullDate } from '../../show/dates.ts';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { Sources } from '../../parts/sources.tsx';

const VERDICT_WORDS: Readonly<Record<UseVerdict, string>> = {
  fine: 'allowed',
  care: 'with care',
  ask: 'say first',
  wait: 'not yet',
  no: 'no',
  never: 'never',
};

/** Days in a rule's sentence as people write them. */
const spelledDates = (says: string) => says.replace(/\b\d{4}-\d{2}-\d{2}\b/g, showFullDate);

/** A verdict in a word, readable without its colour. */
export function VerdictTag({ verdict }: { verdict: UseVerdict }) {
  return (
    <span
      className={`tag ${verdict === 'fine' || verdict === 'care' ? (verdict === 'fine' ? '' : 'tag-due') : verdict === 'wait' || verdict === 'ask' ? 'tag-due' : 'tag-no'}`}
    >
      {VERDICT_WORDS[verdict]}
    </span>
  );
}

/** What each rule says, the strictest first, with how far it can be trusted one tap away. */
export function Findings({ findings }: { findings: readonly Finding[] }) {
  return (
    <ul className="flex flex-col gap-1 text-[0.93rem]">
      {findings.map(({ ruleId, verdict, says, until, grade, sourceIds }) => (
        <li key={`${ruleId}${says}`}>
          <details className="group">
            <summary
              className={`list-none cursor-pointer ${verdict === 'no' || verdict === 'never' ? 'text-error font-semibold' : ''}`}
            >
              {spelledDates(says)}
              {until && <b className="font-semibold"> Not before {showFullDate(until)}.</b>}{' '}
              <span className="link-husk text-sm font-normal">rule</span>
            </summary>
            <p className="text-sm soft">
              Rule “{ruleId.replaceAll('-', ' ')}”. <GradeMark grade={grade} /> <Sources ids={sourceIds} />
            </p>
          </details>
        </li>
      ))}
    </ul>
  );
}
