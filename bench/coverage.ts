import { addDays } from '#core/calendar';
import { nameIt } from '#core/identify';
import { readTapes, TAPE_OVERDISPERSION } from '#core/emergence';
import {
  CLEAN_CASES,
  KEY,
  LOOK_ALIKE_CASES,
  MORE_TROUBLES_CASES,
  ONE_WRONG_CASES,
  SPARSE_CASES,
  UNLISTED_CASES,
} from '#knowledge';
import { simulateTapeCount } from '#simulated';
import { changesClaimed } from './changes.ts';
import { generatorTable } from './generator.ts';
import { hindcast, hindcastDemo } from './hindcast.ts';
import { leafAreaErrors } from './leaf-area.ts';
import { observers, PROOF_SEED } from './observers.ts';
import { recovery } from './recovery.ts';
import { samplingCoverage } from './sampling.ts';

/** How often the ranges hold what they claim to hold, by simulation with fixed seeds: `npm run coverage`. */

const percent = (part: number, whole: number) => `${((100 * part) / whole).toFixed(1)} %`;

function cases(): void {
  for (const [what, list] of [
    ['clean answers', CLEAN_CASES],
    ['one answer wrong', ONE_WRONG_CASES],
    ['hardly looked at', SPARSE_CASES],
    ['of more troubles', MORE_TROUBLES_CASES],
    ['of look-alikes', LOOK_ALIKE_CASES],
  ] as const) {
    const ranks = list.map((entry) => {
      const { groups, standings } = nameIt(
        KEY,
        { hostId: entry.host, month: entry.month, sheltered: entry.sheltered },
        entry.answers,
      );
      return {
        group: groups[0]!.group === entry.group,
        rank:
          entry.target === null ? null : standings.findIndex(({ targetId }) => targetId === entry.target) + 1,
      };
    });
    const named = ranks.filter(({ rank }) => rank !== null);
    console.log(
      `${list.length} cases, ${what}: group right ${percent(ranks.filter(({ group }) => group).length, list.length)}, first ${percent(named.filter(({ rank }) => rank === 1).length, named.length)}, among three ${percent(named.filter(({ rank }) => rank! <= 3).length, named.length)}`,
    );
  }
}

function unlistedCases(): void {
  const ends = UNLISTED_CASES.map(
    ({ host, month, sheltered, answers }) =>
      nameIt(KEY, { hostId: host, month, sheltered }, answers).verdict.kind,
  );
  const share = (kind: string) => percent(ends.filter((end) => end === kind).length, ends.length);
  console.log(
    `${ends.length} cases in no list: said ${share('none-of-these')}, left open ${share('not-enough')}, a group ${share('group')}, a name ${share('named')}`,
  );
}

function falseAlarms(): void {
  const runs = 4000;
  let peaks = 0;
  for (let i = 1; i <= runs; i++) {
    const curve = { halfOutCd: 0, scaleCd: 10, totalPerTape: 200 };
    const tapes = [
      simulateTapeCount(-15, 0, curve, TAPE_OVERDISPERSION, i),
      simulateTapeCount(0, 15, curve, TAPE_OVERDISPERSION, i + runs),
    ].map((crawlers, week) => ({
      putOn: addDays('2026-05-01', 7 * week),
      takenOff: addDays('2026-05-08', 7 * week),
      crawlers,
    }));
    if (readTapes(tapes).signal === 'past-the-peak') peaks++;
  }
  console.log(`two equal weeks at the peak: called past it ${percent(peaks, runs)}`);
}

cases();
unlistedCases();
observers(2000, PROOF_SEED);
hindcast();
hindcastDemo();
generatorTable();
recovery();
samplingCoverage();
changesClaimed();
falseAlarms();
leafAreaErrors();
