import type { CivilDate } from '#core/calendar';
import type { DueAnswer } from '#engine';
import { daysBetween } from '#core/calendar';
import { DUE_TITLES, inSentence } from '#knowledge';
import { factCodeWords } from '../../parts/fact-words.ts';
import { showDate, showDateRange, showShortDate } from '../../show/dates.ts';
import { capital, listed } from '../../show/sentence.ts';
import { THROUGH_WORDS } from '../../show/through-words.ts';

interface DueWords {
  readonly title: string;
  readonly advice: string;
  readonly why: string;
  /** Where to do it. */
  readonly to: string;
  readonly doIt: string;
}

/** What is looked at to see whether it worked, by what it is. */
const CHECK_ADVICE: Readonly<Record<string, string>> = {
  'check-scale-after': 'Count live ones on new growth only.',
  'check-after-incubation': 'Look at leaves that opened since: spots already there do not go.',
  'check-mites-after': 'Tap a shoot over paper and count what walks, the same way as before.',
  'check-drench-after': 'Count live ones on new growth: it has risen by now.',
  'check-others-after': 'Count what still lives, the same way as before.',
};

/** What a due item is called, what to do, and where; on the watch's own page the trouble need not be named. */
export function dueWords(item: DueAnswer, onItsPage = false): DueWords {
  const about = onItsPage ? item.plantName : `${item.plantName}, ${inSentence(item.targetName)}`;
  const title = DUE_TITLES[item.kind](about, item.plantName);
  const watch = `/look/${item.watchId}`;
  switch (item.kind) {
    case 'name-it':
      return {
        title,
        advice: 'A few checks settle whether there is anything to do.',
        why: 'Why name it first',
        to: `${watch}/name`,
        doIt: 'Name it',
      };
    case 'count-first':
      return {
        title,
        advice:
          item.ruleId === 'count-to-weigh'
            ? 'A few minutes tell how bad it is; whether it is worth acting rests on that.'
            : 'Live scale on ten twigs or more, before they hatch.',
        why: item.ruleId === 'count-to-weigh' ? 'Why count' : 'Why before the hatch',
        to: `${watch}/count`,
        doIt: 'Count',
      };
    case 'hang-tapes':
      return {
        title,
        advice:
          item.ruleId === 'tapes-after-males'
            ? 'Males fly weeks before crawlers walk. Double-sided tape round three infested twigs, dated.'
            : 'Double-sided tape round three infested twigs, dated.',
        why: 'Why then',
        to: `${watch}/tape`,
        doIt: 'Enter a tape',
      };
    case 'change-tape':
      return {
        title,
        advice: 'Count what stuck, put a new one on.',
        why: 'Why weekly',
        to: `${watch}/tape`,
        doIt: 'Enter the tape',
      };
    case 'read-trap':
      return {
        title,
        advice: 'Count what it caught, also none, and empty it; or take it down.',
        why: 'Why weekly',
        to: `${watch}/tape`,
        doIt: 'Enter the trap',
      };
    case 'treat-now':
      return {
        title,
        advice: 'Crawlers are out and soft. Both leaf sides and twigs, to the point of dripping.',
        why: 'Why now',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'treat-soon':
      return {
        title,
        advice:
          'The window to reach crawlers opens soon. Check product, sprayer and weather; keep reading ' +
          'the tapes.',
        why: 'Why then',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Plan the mix',
      };
    case 'second-pass':
      return {
        title,
        advice: "Tapes still catch: repeat, keeping the label's interval.",
        why: 'Why again',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'hatch-passing':
      return {
        title,
        advice: 'If you have not sprayed, each day reaches fewer. Otherwise leave it and look in four weeks.',
        why: 'Why so',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'window-disputed':
      return {
        title,
        advice:
          'One source says the window is open, another that none have hatched. Spray at the first catch.',
        why: 'Why wait for a tape',
        to: `${watch}/tape`,
        doIt: 'Enter a tape',
      };
    case 'look-alive':
      return {
        title,
        advice: 'Nothing lived beneath the covers. See whether crawlers come.',
        why: 'Why look',
        to: watch,
        doIt: 'Open',
      };
    case 'adults-soon':
      return {
        title,
        advice: 'Hang a yellow card; cut out mined tips before they fly.',
        why: 'Why then',
        to: `${watch}/tape`,
        doIt: 'Hang a trap',
      };
    case 'adults-now':
      return {
        title,
        advice:
          item.ruleId === 'flight-seen'
            ? 'They lay in soft leaves now. Go on reading the trap, and look for the first mines.'
            : 'Look at dusk and on the card.',
        why: 'Why now',
        to: `${watch}/tape`,
        doIt: 'Enter a trap',
      };
    case 'all-stages':
      return {
        title,
        advice: 'You saw all stages at once: a single date no longer tells. Reach what can be reached now.',
        why: 'Why now',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'hang-trap':
      return {
        title,
        advice: 'The clock of this scale begins with the first males in a trap.',
        why: 'Why a trap',
        to: `${watch}/tape`,
        doIt: 'Hang a trap',
      };
    case 'cover-flush':
      return {
        title,
        advice: 'Newest leaves, both sides, and again while they are soft.',
        why: 'Why while soft',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'clear-leaves':
      return {
        title,
        advice: 'Rake them up and bin them; the pupae winter in them.',
        why: 'Why clear them',
        to: watch,
        doIt: 'Open',
      };
    case 'dormant-spray':
      return {
        title,
        advice: 'See the winter programme for what goes on and what may share a tank.',
        why: 'Why then',
        to: '/when/dormant',
        doIt: 'See the programme',
      };
    case 'next-look':
      return {
        title,
        advice:
          item.standing === 'open' || item.standing === 'late'
            ? 'Look whether it has changed: newest growth first.'
            : 'Look whether it has changed; a catch, a window, rain that infects or a treatment brings the day forward.',
        why: 'Why then',
        to: `${watch}/name`,
        doIt: 'Look',
      };
    case 'say-leaves':
      return {
        title,
        advice: 'A winter spray may be due: what it wears today decides.',
        why: 'Why look first',
        to: '/when/dormant',
        doIt: 'See the programme',
      };
    case 'wait-for-tapes':
      return {
        title,
        advice: 'Nothing is to be sprayed until the tapes say so: read them weekly.',
        why: 'Why wait',
        to: `${watch}/tape`,
        doIt: 'Enter a tape',
      };
    case 'growth-regulator':
      return {
        title,
        advice: 'On bare wood, before leaves come; crawlers are not sprayed later.',
        why: 'Why then',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'cover-before-rain':
      return {
        title,
        advice:
          'Dry before it gets wet: it is likely enough, long enough and warm enough to infect bare leaves.',
        why: 'Why before this one',
        to: `/when/infections/${item.watchId}`,
        doIt: 'See the hours',
      };
    case 'renew-cover':
      return {
        title,
        advice: 'By the calendar: what rain took and what unfolded since lies bare.',
        why: 'Why now',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'reach-back':
      return {
        title,
        advice:
          'Something on your shelf still reaches it by its label. After that day it takes nothing back.',
        why: 'Why until then',
        to: `/mix?watch=${item.watchId}`,
        doIt: 'Mix',
      };
    case 'look-for-spots':
      return {
        title,
        advice: `What ${throughWords(item)} shows on these days, not sooner. Count also if there are none.`,
        why: 'Why then',
        to: `${watch}/count`,
        doIt: 'Count',
      };
    case 'habits-first':
      return {
        title,
        advice: `${capital(listed(habitNames(item)))}.`,
        why: 'Why before any spray',
        to: `${watch}/hand`,
        doIt: 'Log it',
      };
    case 'check-after-treatment':
      return {
        title,
        advice: CHECK_ADVICE[item.ruleId] ?? 'Count it the same way as before.',
        why: 'Why now',
        to: item.isTagged ? `${watch}/after` : `${watch}/count`,
        doIt: item.isTagged ? 'Tag by tag' : 'Count',
      };
  }
}

/** What is to be done by hand, as its facts name it. */
/** By how sure it is that there is something to look for. */
function throughWords({ facts }: DueAnswer): string {
  const code = facts.flatMap(({ what, quantity }) =>
    what === 'infection-is' && quantity.kind === 'code' ? [quantity.code] : [],
  )[0];
  return THROUGH_WORDS[(code ?? 'sure') as keyof typeof THROUGH_WORDS];
}

const habitNames = ({ facts }: DueAnswer): string[] =>
  facts.flatMap(({ quantity }) => (quantity.kind === 'code' ? [factCodeWords(quantity.code)] : []));

export interface Closing {
  readonly tag: string | null;
  readonly tone: 'tag-no' | 'tag-open' | 'tag-due';
  readonly line: string;
}

/** Until when, in the words a person plans by. */
export function closingWords(item: DueAnswer, today: CivilDate): Closing {
  const late = item.closes ? daysBetween(item.closes, today) : 0;
  if (item.standing === 'late' && item.closes) {
    return {
      tag: `${late} day${late === 1 ? '' : 's'} late`,
      tone: 'tag-no',
      line: `was due ${showDate(item.closes)}`,
    };
  }
  const until = item.closes ? `until ${untilWords(item.closes, item.closesRange)}` : 'no end';
  if (item.standing === 'soon' && item.opens === item.closes && item.opens !== null)
    return { tag: 'coming', tone: 'tag-due', line: `on ${showDate(item.opens)}` };
  if (item.standing === 'soon' && item.opens) {
    return {
      tag: 'coming',
      tone: 'tag-due',
      line: `from ${item.opensRange ? showDateRange(item.opens, ...item.opensRange) : showDate(item.opens)}, ${until}`,
    };
  }
  if (item.standing === 'later' && item.opens)
    return { tag: 'later', tone: 'tag-due', line: `on ${showDate(item.opens, today)}` };
  return { tag: 'open', tone: 'tag-open', line: until };
}

/** Its last good day; where its end is not known yet, how early it may come and that it may be later. */
function untilWords(closes: CivilDate, range: DueAnswer['closesRange']): string {
  if (range === null) return showDate(closes);
  const [early, late] = range;
  return late === null
    ? `about ${showDate(closes)} (${showShortDate(early)} or later)`
    : showDateRange(closes, early, late);
}

/** The page's heading: what matters today, in one sentence. */
export function headline(due: readonly { readonly standing: string }[]): string {
  const count = (matches: (item: { readonly standing: string }) => boolean) => due.filter(matches).length;
  const late = count((item) => item.standing === 'late');
  const open = count((item) => item.standing === 'open');
  const soon = count((item) => item.standing === 'soon');
  const parts = [
    late && `${words(late)} ${late === 1 ? 'is' : 'are'} late`,
    open && `${words(open)} ${open === 1 ? 'is' : 'are'} open`,
    soon && `${words(soon)} ${soon === 1 ? 'opens' : 'open'} within ten days`,
  ].filter((part): part is string => Boolean(part));
  if (parts.length === 0) return 'Nothing is due today';
  return capital(listed(parts));
}

function words(count: number): string {
  return (
    ['none', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'][count] ??
    String(count)
  );
}
