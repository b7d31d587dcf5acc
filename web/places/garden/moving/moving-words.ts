import type { HardeningStep, MovingInStep } from '#core/moving';
import type { ColdDate, MovingAnswer, Pot } from '#engine';
import { showDate } from '../../../show/dates.ts';
import type { Show } from '../../../show/units.ts';
import { showShare } from '../../../show/units.ts';

export const STEP_WORDS: Readonly<Record<MovingInStep, string>> = {
  'last-look': 'Last look outside',
  wash: 'Wash, wipe or spray',
  'look-again': 'Look again',
  'carry-in': 'Carry in',
  quarantine: 'Apart from others',
};

export const STEP_SAYS: Readonly<Record<MovingInStep, string>> = {
  'last-look': 'Both leaf sides, twigs, forks, the rim of the pot: what comes in clean stays clean.',
  wash: 'Wipe or dip what you met, spray with what its label allows; hose the pot and change its saucer.',
  'look-again': 'Eggs and what hid show a week later. Wash again if anything walks.',
  'carry-in': 'On a dry day, once its leaves are dry.',
  quarantine: 'Three weeks by itself: crawlers, mites and fungus gnats show in the warmth of a room.',
};

export const HARDENING_WORDS: Readonly<Record<HardeningStep, string>> = {
  shade: 'some hours outside in shade, in at night',
  'morning-sun': 'mornings in the sun, in at night',
  out: 'out for good',
};

const NEARLY_ALL = 0.995;

/** How sure a date is, by the winters there were. */
export function oddsWords({ share, winters, middle, isForecast }: ColdDate, today: string): string {
  if (isForecast) return 'the forecast has such a night';
  const half = middle ? `, half of them by ${showDate(middle, today)}` : '';
  const some = share < NEARLY_ALL ? `; ${showShare(share)} come to it at all` : '';
  return `one winter in ten is so cold by then${half}${some} (of ${winters} winters)`;
}

/** The page's title: the next that must move. */
export function movingTitle({ pots, knowsCold }: MovingAnswer, today: string): string {
  if (pots.length === 0)
    return knowsCold ? 'No pots that winter inside' : 'How cold it gets here is not told yet';
  const running = pots.filter(({ steps }) =>
    steps.some(({ standing }) => standing === 'late' || standing === 'open'),
  );
  const outside = pots.filter(({ isInside, backBy }) => !isInside && backBy !== null);
  const next = outside.toSorted((a, b) => (a.backBy!.on < b.backBy!.on ? -1 : 1))[0];
  if (next) {
    const same = outside.filter(({ backBy }) => backBy!.on === next.backBy!.on);
    const who = same.length > 1 ? `${same.length} pots` : next.plantName;
    const by = showDate(next.backBy!.on, today);
    return next.backBy!.on < today ? `${who} still outside: due in by ${by}` : `${who} inside by ${by}`;
  }
  const out = pots.filter(({ isInside, hardening }) => isInside && hardening.length > 0);
  if (out.length > 0) {
    const from = out.map(({ outFrom }) => outFrom!.on).sort()[0]!;
    return from <= today
      ? `${out.length > 1 ? `${out.length} pots` : out[0]!.plantName} may stand out now`
      : `${out.length > 1 ? `${out.length} pots` : out[0]!.plantName} may go out from ${showDate(from, today)}`;
  }
  return running.length > 0
    ? 'What came in is being watched'
    : `${pots.length} ${pots.length === 1 ? 'pot' : 'pots'}, nothing to move now`;
}

/** What one bears, and who says so. */
export const limitWords = ({ leastC, isOwnLimit }: Pot, show: Show): string =>
  `bears ${show.temperature(leastC)} (${isOwnLimit ? 'you said so' : 'by its kind, grade C'})`;
