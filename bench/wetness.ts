import { infectionWord } from '#core/infection';
import { DISEASES } from '#knowledge';
import {
  DRY_PLACE,
  drawSpring,
  judgeSpring,
  lookedAt,
  NO_RECORD,
  WET_PLACE,
  type WordRecord,
} from '#simulated';

/**
 * Made-up springs whose leaf wetness is known by the hour, judged from low, high and rain of each day: how often
 * infections were told, and how often each word was right, before and after ten looks at leaves.
 */
const JUDGED = ['apple-scab', 'rose-black-spot', 'peach-leaf-curl', 'grape-black-rot', 'cedar-apple-rust'];
const RULES = JUDGED.map((targetId) => DISEASES.find((disease) => disease.targetId === targetId)!.rule);
const SPRINGS = 1000;

const percent = ({ said, right }: WordRecord): string =>
  said === 0 ? '–' : `${Math.round((100 * right) / said)} % of ${said}`;

for (const [name, air] of [
  ['wet place', WET_PLACE],
  ['dry air', DRY_PLACE],
] as const)
  for (const looks of [0, 10]) {
    let records = RULES.map(() => NO_RECORD);
    for (let seed = 0; seed < SPRINGS; seed++) {
      const spring = drawSpring(5000 + seed, air);
      records = judgeSpring(
        records,
        spring,
        looks > 0 ? lookedAt(spring, looks, seed) : spring.read,
        RULES,
        infectionWord,
      );
    }
    console.log(`${name}, ${looks} looks, ${SPRINGS} springs`);
    records.forEach(({ infections, told, words }, i) => {
      console.log(
        `  ${JUDGED[i]}: ${((100 * told) / infections).toFixed(1)} % of ${infections} told; ` +
          `possible right ${percent(words.possible)}, likely ${percent(words.likely)}, sure ${percent(words.sure)}`,
      );
    });
  }
