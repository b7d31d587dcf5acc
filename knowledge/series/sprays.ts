import { addDays, type CivilDate } from '#core/calendar';
import { blankStep, type Ending, type StepPlan } from '#core/records';
import { incubationDays } from '../hatch-times.ts';
import { CITRUS_HOSTS } from '../hosts.ts';
import {
  after,
  beginsWith,
  each,
  isScale,
  type SeriesScene,
  type SeriesTemplate,
  template,
} from './template.ts';

const NEEM = new Set(['raw-neem', 'plant-oil', 'azadirachtin']);
const CONTACT = new Set(['soap', 'mineral-oil', 'plant-oil']);
const REGULATORS = new Set(['pyriproxyfen', 'buprofezin']);

const neemOf = ({ first }: SeriesScene): string[] => {
  const used = first?.materials.filter((id) => NEEM.has(id)) ?? [];
  return used.length > 0 ? used : ['raw-neem'];
};
const usedOf = ({ first }: SeriesScene): string[] => [...(first?.materials ?? [])].slice(0, 4);

const twoClear: Ending = { kind: 'looks-clear', looks: 2 };
const withNeem = (scene: SeriesScene) =>
  beginsWith(scene, 'spray', ({ materials }) => materials.some((id) => NEEM.has(id))) &&
  scene.group !== null &&
  scene.group !== 'fungus' &&
  scene.group !== 'leaf-miner';
const neemEvery = (least: number, most: number) => (scene: SeriesScene) => [
  blankStep({
    action: 'spray',
    materials: neemOf(scene),
    every: each(least, most),
    times: null,
    until: [twoClear],
  }),
];

/** Leaves of what drops them; citrus and other evergreens grow on until autumn. */
const seasonOver = ({ evergreen, today, southern }: SeriesScene): Ending =>
  evergreen === false
    ? { kind: 'stage', stage: 'leaf-fall' }
    : { kind: 'date', on: autumnEnd(today, southern) };

/** The next end of the growing season of what keeps its leaves (rule of thumb, grade C). */
function autumnEnd(today: CivilDate, southern: boolean): CivilDate {
  const day = southern ? '05-15' : '11-15';
  const here = `${today.slice(0, 4)}-${day}`;
  return here > addDays(today, 30) ? here : `${Number(today.slice(0, 4)) + 1}-${day}`;
}

const onCitrusFlush = ({ targetId, hostId }: SeriesScene) =>
  targetId === 'citrus-leaf-miner' && CITRUS_HOSTS.has(hostId);
const look = (least: number, most: number): StepPlan =>
  blankStep({ action: 'look', trigger: after(least, most) });

export const SPRAY_SERIES: readonly SeriesTemplate[] = [
  template({
    id: 'neem-weekly-then-fortnightly',
    name: 'Neem weekly, then every second week',
    says: 'Weekly until two looks find nothing alive, then every two weeks until the season is over.',
    school: { question: 'neem-repeat', id: 'weekly-then-fortnightly' },
    fits: withNeem,
    steps: (scene) => [
      ...neemEvery(7, 8)(scene),
      blankStep({
        action: 'spray',
        materials: neemOf(scene),
        trigger: after(14, 16),
        every: each(14, 16),
        times: null,
        until: [seasonOver(scene)],
      }),
    ],
  }),
  template({
    id: 'neem-7-14',
    name: 'Neem every 7 to 14 days',
    says: 'Until two looks in a row find nothing alive.',
    school: { question: 'neem-repeat', id: '7' },
    fits: withNeem,
    steps: neemEvery(7, 14),
  }),
  template({
    id: 'neem-10-21',
    name: 'Neem every 10 to 21 days',
    says: 'Until two looks in a row find nothing alive.',
    school: { question: 'neem-repeat', id: '10' },
    fits: withNeem,
    steps: neemEvery(10, 21),
  }),
  template({
    id: 'crawlers-while-catching',
    name: 'First crawlers, then every two weeks while tapes catch',
    says: 'One spray reaches the crawlers of its day; two looks in a row at empty tapes end it. Judged on new growth.',
    school: { question: 'crawler-sprays', id: 'while-catching' },
    fits: (scene) =>
      isScale(scene) &&
      beginsWith(scene, 'spray', ({ materials }) => !materials.some((id) => REGULATORS.has(id))),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        materials: usedOf(scene),
        trigger: scene.first ? after(0, 0) : { kind: 'crawlers' },
        every: each(14, 16),
        times: null,
        until: [{ kind: 'tapes-empty', looks: 2 }],
      }),
      look(14, 28),
    ],
  }),
  template({
    id: 'crawlers-at-peak',
    name: 'One spray at the peak, then judge',
    says: 'Helpers are met once only; look at new growth after two to four weeks.',
    school: { question: 'crawler-sprays', id: 'at-peak' },
    fits: (scene) => isScale(scene) && scene.first?.action === 'spray',
    steps: (scene) => [blankStep({ action: 'spray', materials: usedOf(scene) }), look(14, 28)],
  }),
  template({
    id: 'crawlers-at-fall',
    name: 'One spray as the catch falls, then judge',
    says: 'Nearly all have hatched by then; look at new growth after two to four weeks.',
    school: { question: 'crawler-sprays', id: 'at-fall' },
    fits: (scene) => isScale(scene) && scene.first?.action === 'spray',
    steps: (scene) => [blankStep({ action: 'spray', materials: usedOf(scene) }), look(14, 28)],
  }),
  template({
    id: 'regulator-before-leaves',
    name: 'Growth regulator before leaves come',
    says: 'On bare wood as buds swell; it works slowly, so young are looked for five weeks on.',
    school: { question: 'crawler-sprays', id: 'growth-regulator' },
    fits: (scene) =>
      isScale(scene) &&
      scene.group !== 'giant' &&
      scene.evergreen === false &&
      beginsWith(scene, 'spray', ({ materials }) => materials.some((id) => REGULATORS.has(id))),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        materials: scene.first ? usedOf(scene) : ['pyriproxyfen'],
        trigger: scene.first ? after(0, 0) : { kind: 'stage', stage: 'bud-swell' },
      }),
      look(35, 49),
    ],
  }),
  template({
    id: 'flush-alternate',
    name: 'Spinosad and oil by turns while the flush is soft',
    says: 'One, then the other, every 10 to 14 days: oil keeps moths off, spinosad reaches larvae in the leaf.',
    school: { question: 'spinosad-oil', id: 'alternate' },
    fits: (scene) => onCitrusFlush(scene) && beginsWith(scene, 'spray'),
    steps: ({ first }) => [
      blankStep({
        action: 'spray',
        materials: ['spinosad', 'mineral-oil'],
        trigger: first ? after(0, 0) : { kind: 'flush' },
        every: each(10, 14),
        times: null,
        until: [{ kind: 'flush-hard' }],
      }),
      look(7, 14),
    ],
  }),
  template({
    id: 'flush-one-tank',
    name: 'Spinosad and oil in one tank, monthly',
    says: 'Once a month through the growing season, late in the evening, when bees are in.',
    school: { question: 'spinosad-oil', id: 'tank-mix' },
    fits: (scene) => onCitrusFlush(scene) && beginsWith(scene, 'spray'),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        says: 'Spinosad and oil in one tank, late in the evening',
        materials: ['spinosad'],
        every: each(28, 35),
        times: null,
        until: [seasonOver(scene)],
      }),
    ],
  }),
  template({
    id: 'flush-spinosad-alone',
    name: 'Spinosad while the flush is soft, no neem near it',
    says: 'Twice, ten days to two weeks apart; anything of neem three weeks off.',
    school: { question: 'spinosad-oil', id: 'never-near-neem' },
    fits: (scene) => onCitrusFlush(scene) && beginsWith(scene, 'spray'),
    steps: ({ first }) => [
      blankStep({
        action: 'spray',
        materials: ['spinosad'],
        trigger: first ? after(0, 0) : { kind: 'flush' },
        every: each(10, 14),
        times: 2,
        until: [{ kind: 'flush-hard' }],
      }),
      look(7, 14),
    ],
  }),
  template({
    id: 'contact-thrice',
    name: 'Look the next day, again on day seven, judge on day fourteen',
    says: 'Soap and oil leave nothing behind once dry: what they missed, or what hatched since, is met a week later.',
    fits: (scene) =>
      scene.group !== 'fungus' &&
      scene.group !== 'leaf-miner' &&
      scene.first?.action === 'spray' &&
      scene.first.materials.some((id) => CONTACT.has(id)),
    steps: (scene) => [
      blankStep({ action: 'spray', materials: usedOf(scene) }),
      look(1, 3),
      blankStep({ action: 'spray', materials: usedOf(scene), trigger: after(7, 10) }),
      look(7, 14),
    ],
  }),
  template({
    id: 'mites-thrice',
    name: 'Three times, five to seven days apart',
    says: 'Eggs hatch within the week: three sprays on contact meet them all. Looked at on day 1, 7 and 14.',
    fits: (scene) => scene.group === 'mite' && beginsWith(scene, 'spray'),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        materials: usedOf(scene),
        every: each(5, 7),
        times: 3,
        until: [twoClear],
      }),
      look(1, 3),
      look(7, 9),
      look(14, 21),
    ],
  }),
  template({
    id: 'cover-leaves',
    name: 'Renew the cover while it is wet',
    says: 'Every 7 to 10 days, and again once 25 mm (an inch) of rain has washed half of it off; new leaves have none.',
    fits: (scene) => scene.group === 'fungus' && scene.targetId !== 'fig-rust' && beginsWith(scene, 'spray'),
    steps: (scene) => [
      blankStep({
        action: 'spray',
        materials: usedOf(scene),
        every: each(7, 10, 25),
        times: null,
        until: [twoClear, seasonOver(scene)],
      }),
    ],
  }),
  template({
    id: 'rust-strip',
    name: 'Strip, wet bare stems and ground, and twice more',
    says: 'Rusted leaves off and binned, then stems and ground; new leaves are looked at after one incubation.',
    school: { question: 'fig-rust', id: 'strip' },
    fits: (scene) =>
      scene.targetId === 'fig-rust' &&
      (scene.first === null || scene.first.hand === 'strip' || scene.first.action === 'spray'),
    steps: (scene) => [
      ...(scene.first?.action === 'spray' ? [] : [blankStep({ action: 'hand', hand: 'strip' })]),
      blankStep({
        action: 'spray',
        says: 'Bare stems and the ground beneath',
        materials: usedOf(scene),
        trigger: scene.first?.action === 'spray' ? after(0, 0) : after(0, 3),
        every: each(7, 14),
        times: 3,
      }),
      look(10, 21),
    ],
  }),
  template({
    id: 'drench-slow',
    name: 'One drench, judged once it has risen',
    says: 'It takes two to eight weeks to reach the twigs and then works for months: no second one this year.',
    fits: (scene) => scene.first?.action === 'spray' && scene.first.materials.includes('imidacloprid'),
    steps: (scene) => [blankStep({ action: 'spray', materials: usedOf(scene) }), look(56, 70)],
  }),
  template({
    id: 'drench-fast',
    name: 'One drench, judged after three weeks',
    says: 'It rises in one to three weeks and lasts two to four months: no second one this season.',
    fits: (scene) => scene.first?.action === 'spray' && scene.first.materials.includes('dinotefuran'),
    steps: (scene) => [blankStep({ action: 'spray', materials: usedOf(scene) }), look(21, 35)],
  }),
  template({
    id: 'fungus-once',
    name: 'Once, judged after one incubation',
    says: 'What was on its way shows first; leaves that opened since tell whether it worked.',
    fits: (scene) => scene.group === 'fungus' && scene.first?.action === 'spray',
    steps: (scene) => {
      const days = incubationDays(scene.targetId, 'fungus')!;
      return [blankStep({ action: 'spray', materials: usedOf(scene) }), look(days, days + 14)];
    },
  }),
];
