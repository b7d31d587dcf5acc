import { fitEmergence, TAPE_OVERDISPERSION, type Estimate, type HeatCount } from '#core/emergence';
import { simulateTapeCount } from '#simulated';

/** True emergence: half out at 330 °C·days, logistic scale 23; weeks of about 45 °C·days. */
const TRUTH = { halfOutCd: 330, scaleCd: 23 };
const FIRST_CD = TRUTH.halfOutCd - TRUTH.scaleCd * Math.log(19);
const WEEK_CD = 45;
const RUNS = 400;

interface Setting {
  readonly what: string;
  readonly tapes: number;
  readonly crawlers: number;
  readonly missing?: number;
  readonly stopAt?: number;
}

function countsOf({ tapes, crawlers, missing, stopAt }: Setting, seed: number): HeatCount[] {
  const start = TRUTH.halfOutCd - (tapes * WEEK_CD) / 2 + ((seed * 37) % 23) - 11;
  return Array.from({ length: tapes }, (_, week) => week)
    .filter((week) => week !== missing && (stopAt === undefined || week < stopAt))
    .map((week) => {
      const fromCd = start + week * WEEK_CD,
        toCd = fromCd + WEEK_CD;
      return {
        fromCd,
        toCd,
        count: simulateTapeCount(
          fromCd,
          toCd,
          { ...TRUTH, totalPerTape: crawlers },
          TAPE_OVERDISPERSION,
          seed * 101 + week,
        ),
      };
    });
}

/** Bias and coverage of the fitted emergence over simulated seasons of weekly tapes. */
export function recovery(): void {
  const grid: Setting[] = [5, 8, 12].flatMap((tapes) =>
    [20, 60, 200, 2000].map((crawlers) => ({
      what: `${tapes} weekly tapes, ${crawlers} crawlers`,
      tapes,
      crawlers,
    })),
  );
  const settings: Setting[] = [
    ...grid,
    { what: '8 tapes, 200 crawlers, the peak week missing', tapes: 8, crawlers: 200, missing: 4 },
    { what: '8 tapes, 200 crawlers, an early week missing', tapes: 8, crawlers: 200, missing: 2 },
    { what: '8 tapes, 200 crawlers, stopped before the peak', tapes: 8, crawlers: 200, stopAt: 4 },
    { what: '8 tapes, 200 crawlers, stopped just after it', tapes: 8, crawlers: 200, stopAt: 5 },
  ];
  let held = 0,
    claimed = 0;
  for (const setting of settings) {
    const fits = Array.from({ length: RUNS }, (_, i) => fitEmergence(countsOf(setting, i + 1)));
    const fitted = fits.flatMap((fit) => ('curve' in fit ? [fit] : []));
    const told = fitted.filter(({ peakSeen }) => peakSeen);
    const tell = (pick: (fit: (typeof fitted)[number]) => Estimate, truth: number, among: typeof fitted) => {
      const closed = among.map(pick).filter(({ lowCd, highCd }) => lowCd !== null && highCd !== null);
      const covered = closed.filter(({ lowCd, highCd }) => lowCd! <= truth && truth <= highCd!).length;
      const bias = closed.reduce((sum, { valueCd }) => sum + valueCd - truth, 0) / closed.length;
      held += covered;
      claimed += closed.length;
      return closed.length === 0
        ? 'none claimed'
        : `bias ${bias >= 0 ? '+' : ''}${bias.toFixed(1)}, held ${((100 * covered) / closed.length).toFixed(0)} % of ${closed.length}`;
    };
    console.log(
      `${setting.what}: fitted ${fitted.length} of ${RUNS}, peak seen ${told.length}; first (${tell((fit) => fit.first, FIRST_CD, told)}); half (${tell((fit) => fit.half, TRUTH.halfOutCd, told)})`,
    );
  }
  console.log(
    `80 % intervals of fitted emergence held ${((100 * held) / claimed).toFixed(1)} % of ${claimed}`,
  );
}
