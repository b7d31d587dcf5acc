import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { isScaleGroup, makesHoneydew } from '#core/identify';
import type { OptionId, WeighedOption, WeighFacts, WeighRule } from '#core/decide';
import { inSentence, OPTION_CAUTIONS, optionReaches, WEIGH_OPTIONS } from '#knowledge';
import type { WatchPicture, WeighAnswer } from '#engine';
import { useWatch } from '../../api/queries.ts';
import { type SpotAnswers, type SpotQuestion, useWeighed } from '../../api/weighing.ts';
import { Choices } from '../../parts/field.tsx';
import { Answered, PageHead } from '../../parts/page.tsx';
import { GradeMark } from '../../parts/grade-mark.tsx';
import { significant, showShare } from '../../show/units.ts';

const QUESTION_WORDS: Readonly<Record<SpotQuestion, string>> = {
  helpersSeen: 'Are ladybirds, lacewings or wasps at work?',
  antsSeen: 'Do ants run up and down it?',
  beesAtHoneydew: 'Do bees gather at its honeydew?',
  thirsty: 'Is it short of water?',
  cropIsOff: 'Is the crop off?',
  bloomSoon: 'Will it bloom within days?',
};

/**
 * Is it worth acting, and how? What is known, what would change it, and every option with its reasons,
 * refused ones too.
 */
export function WeighPage() {
  const { watchId = '' } = useParams();
  return <Answered question={useWatch(watchId)}>{(picture) => <Weighing picture={picture} />}</Answered>;
}

function Weighing({ picture }: { picture: WatchPicture }) {
  const [seen, setSeen] = useState<SpotAnswers>({});
  return (
    <Answered question={useWeighed(picture.watch.id, seen)}>
      {(answer) => (
        <>
          <PageHead
            title={weighTitle(picture, answer)}
            lead="Alive? Does it matter here? Why here? Who is helping? What do hands do? Then the gentlest spray that reaches what is out. The same facts always give the same answer."
          >
            <Link className="btn" to={`/look/${picture.watch.id}`}>
              Back to the watch
            </Link>
          </PageHead>
          <div className="grid gap-6 lg:grid-cols-[minmax(0,1fr)_340px]">
            <div className="min-w-0 flex flex-col gap-4">
              <section aria-label="Options">
                <ol className="flex flex-col gap-3">
                  {answer.weighed.options.map((option, i) => (
                    <li key={option.option}>
                      <Option rank={i + 1} option={option} facts={answer.facts} watchId={picture.watch.id} />
                    </li>
                  ))}
                </ol>
              </section>
              {answer.weighed.refused.length > 0 && (
                <section aria-label="Not now, and why">
                  <h2 className="mb-2">Not now, and why</h2>
                  <ul className="sheet divide-y divide-base-300">
                    {answer.weighed.refused.map(({ option, rules }) => (
                      <li key={option} className="p-4">
                        <b className="font-semibold">{WEIGH_OPTIONS[option].name}</b>
                        <Reasons rules={rules} />
                      </li>
                    ))}
                  </ul>
                </section>
              )}
            </div>
            <aside className="flex flex-col gap-4">
              <Known facts={answer.facts} picture={picture} />
              <Missing answer={answer} />
              <section aria-label="What you see" className="sheet p-4 flex flex-col gap-4">
                <h2>What you see</h2>
                {questionsFor(answer.facts).map((question) => (
                  <Choices
                    key={question}
                    legend={QUESTION_WORDS[question]}
                    value={seen[question] ?? 'unsaid'}
                    onChange={(said) =>
                      setSeen({ ...seen, [question]: said === 'unsaid' ? undefined : said })
                    }
                    options={[
                      { id: 'yes', label: 'Yes' },
                      { id: 'no', label: 'No' },
                      { id: 'unsaid', label: 'Not looked' },
                    ]}
                  />
                ))}
              </section>
            </aside>
          </div>
        </>
      )}
    </Answered>
  );
}

function weighTitle({ plant, targetName }: WatchPicture, { weighed }: WeighAnswer): string {
  const best = weighed.options[0];
  const about = `${plant.name}, ${inSentence(targetName)}`;
  return best
    ? `${about}: ${inSentence(WEIGH_OPTIONS[best.option].name)}`
    : `${about}: nothing speaks for any step`;
}

/** Only what could matter for this trouble is asked. */
function questionsFor(facts: WeighFacts): SpotQuestion[] {
  const all: [SpotQuestion, boolean][] = [
    ['helpersSeen', facts.group !== 'fungus'],
    ['antsSeen', makesHoneydew(facts.group)],
    ['beesAtHoneydew', makesHoneydew(facts.group) || facts.group === 'sap-sucker'],
    ['thirsty', true],
    ['cropIsOff', facts.targetId === 'fig-rust'],
    ['bloomSoon', facts.beesVisitBloom && facts.bloom !== 'open'],
  ];
  return all.filter(([, matters]) => matters).map(([question]) => question);
}

const GO_TO: Readonly<Partial<Record<OptionId, (watchId: string) => readonly [to: string, words: string]>>> =
  {
    'name-first': (id) => [`/look/${id}/name`, 'Name it'],
    'look-again': (id) => [`/look/${id}/name`, 'Look'],
    'spray-now': (id) => [`/mix?watch=${id}`, 'Mix'],
    'spray-in-window': (id) => [`/when/${id}`, 'See when'],
    'winter-spray': () => ['/when/dormant', 'Winter programme'],
    'wait-for-helpers': (id) => [`/look/${id}/count`, 'Count them'],
    'by-hand': (id) => [`/look/${id}/hand`, 'How, and log it'],
  };

function Option({
  rank,
  option: { option, rules, effortHours },
  facts,
  watchId,
}: {
  rank: number;
  option: WeighedOption;
  facts: WeighFacts;
  watchId: string;
}) {
  const text = WEIGH_OPTIONS[option];
  const reaches = optionReaches(option, facts);
  const go = GO_TO[option]?.(watchId);
  return (
    <article className={`sheet p-4 ${rank === 1 ? 'border-2 border-primary' : ''}`}>
      <div className="flex flex-col sm:flex-row gap-3 items-start justify-between">
        <div className="min-w-0">
          <h2 className="text-base-content!">
            {rank}. {text.name}
          </h2>
          <p>{text.how}</p>
        </div>
        {go && (
          <Link className={`btn btn-sm shrink-0 ${rank === 1 ? 'btn-primary' : ''}`} to={go[0]}>
            {go[1]}
          </Link>
        )}
      </div>
      {reaches && (
        <p className="text-[0.93rem] mt-1">
          <span className="soft">Reaches</span> {reaches}.
        </p>
      )}
      {OPTION_CAUTIONS[option] && (
        <p className="text-[0.93rem]">
          <span className="soft">Mind:</span> {OPTION_CAUTIONS[option]}
        </p>
      )}
      <p className="soft text-sm mt-1">
        {effortHours > 0
          ? `About ${significant(effortHours, effortHours < 1 ? 2 : 1)} h (rule of thumb, grade C)`
          : 'No work'}
      </p>
      <details className="mt-1" open={rank === 1}>
        <summary className="link-husk list-none inline-block text-sm">What speaks for and against</summary>
        <Reasons rules={rules} />
      </details>
    </article>
  );
}

function Reasons({ rules }: { rules: readonly WeighRule[] }) {
  return (
    <ul className="text-[0.93rem] mt-1 flex flex-col gap-1">
      {rules.map((rule) => (
        <li key={rule.id}>
          <span className="tag mr-1">{rule.refuses ? 'no' : rule.weight > 0 ? 'for' : 'against'}</span>
          {rule.says} <GradeMark grade={rule.grade} />
        </li>
      ))}
    </ul>
  );
}

const MISSING_WORDS: Readonly<Partial<Record<keyof WeighFacts, string>>> = {
  life: 'whether it is alive',
  level: 'how much there is',
  helpersSeen: 'whether helpers are at work',
  beesAtHoneydew: 'whether bees gather honeydew',
  hot: 'the heat of the next days',
  thirsty: 'whether it is short of water',
};

/** What nobody has said, as far as it could matter for this trouble. */
function Missing({ answer: { weighed, facts } }: { answer: WeighAnswer }) {
  const asked: readonly string[] = questionsFor(facts);
  const missing = weighed.missing.filter((fact) => !(fact in QUESTION_WORDS) || asked.includes(fact));
  if (missing.length === 0) return null;
  return (
    <p className="sheet p-4 text-[0.93rem]">
      <b className="font-semibold">Not known, and could change it:</b>{' '}
      {missing.map((fact) => MISSING_WORDS[fact] ?? fact).join(', ')}.
    </p>
  );
}

const WINDOW_WORDS: Readonly<Record<WeighFacts['window'], string>> = {
  open: 'open',
  soon: 'opens within three weeks',
  later: 'later this season',
  over: 'over for this season',
  none: 'no published window',
};

function Known({ facts, picture }: { facts: WeighFacts; picture: WatchPicture }) {
  const rows: [string, string][] = [
    [
      'Alive',
      picture.life.life === 'unknown'
        ? 'not known'
        : picture.life.life === 'dead'
          ? 'no, as far as was looked'
          : 'yes',
    ],
    ['Level', facts.level === null ? 'not counted' : `${facts.level} of 5`],
    ...(facts.holedShare !== null ? [['Holed covers', showShare(facts.holedShare)] as [string, string]] : []),
    ...(facts.minedShare !== null ? [['Leaves mined', showShare(facts.minedShare)] as [string, string]] : []),
    ...(isScaleGroup(facts.group) ? [['Window', WINDOW_WORDS[facts.window]] as [string, string]] : []),
    ['Heat in two days', facts.hot === null ? 'no forecast' : facts.hot ? 'too hot' : 'not too hot'],
    [
      'Bloom',
      facts.bloom === 'unknown' ? 'not logged' : facts.bloom === 'soon' ? 'within days' : facts.bloom,
    ],
    ['Within reach', facts.reachM !== null && facts.heightM > facts.reachM ? 'not all of it' : 'yes'],
  ];
  return (
    <section aria-label="What is known" className="sheet p-4">
      <h2 className="mb-2">What is known</h2>
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1.5 text-[0.93rem]">
        {rows.map(([term, value]) => (
          <div key={term} className="contents">
            <dt className="soft">{term}</dt>
            <dd className="text-right">{value}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
