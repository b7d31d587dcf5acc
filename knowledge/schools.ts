import type { Grade } from '#core/figures';

/** One way practitioners answer a question. */
export interface School {
  readonly id: string;
  readonly name: string;
  /** What following it means, in one line. */
  readonly says: string;
}

/** A question practitioners disagree on; the first school is followed unless another is chosen. */
export interface SchoolQuestion {
  readonly id: string;
  readonly asks: string;
  readonly schools: readonly School[];
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

const QUESTIONS = [
  {
    id: 'oil-top',
    asks: 'Up to what temperature may oil go on leaves?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      { id: '29', name: '29 °C (84 °F)', says: 'No oil when it is or will be above 29 °C within two days.' },
      { id: '27', name: '27 °C (81 °F)', says: 'The careful limit, for tender leaves and dry air.' },
      { id: '32', name: '32 °C (90 °F)', says: "As many labels allow; never above the label's own." },
    ],
  },
  {
    id: 'first-strike',
    asks: 'What comes first?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'hand-first',
        name: 'Hand work',
        says: 'Cut, wipe, brush and strip first; most is gone before anything is sprayed.',
      },
      { id: 'spray-first', name: 'The spray', says: 'Spray when the stage is out; tidy afterwards.' },
    ],
  },
  {
    id: 'leaf-mining',
    asks: 'Is leaf mining worth treating?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'young-or-third',
        name: 'Young trees, or over a third',
        says: 'Leave it unless the tree is young or more than a third of the flush is mined.',
      },
      { id: 'every-flush', name: 'Every flush', says: 'Cover every flush while it is soft.' },
      {
        id: 'monthly',
        name: 'Monthly',
        says: 'Spray about once a month through the growing season, flush or not.',
      },
    ],
  },
  {
    id: 'fig-rust',
    asks: 'Rust on figs after the crop?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      { id: 'leave', name: 'Leave it', says: 'After the crop leave it, and clear the fallen leaves.' },
      { id: 'strip', name: 'Strip the leaves', says: 'Strip, bin, and wet bare stems and ground; repeat.' },
    ],
  },
  {
    id: 'leaf-fungi',
    asks: 'When are leaves covered against fungi?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'by-forecast',
        name: 'Before rain that matters',
        says: 'A cover before a wet time that is long and warm enough, where it finds leaves bare.',
      },
      {
        id: 'by-calendar',
        name: 'By the calendar',
        says: 'A cover every seven to ten days through its season, sooner after an inch (25 mm) of rain.',
      },
      {
        id: 'habits-only',
        name: 'Habits only',
        says: 'Clear, prune, water at the base, plant what resists; no sprays against leaf fungi.',
      },
    ],
  },
  {
    id: 'drench',
    asks: 'Drenches through the roots?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'never-where-bees',
        name: 'Never on what bees visit',
        says: 'No drench on any plant whose bloom or honeydew bees visit.',
      },
      {
        id: 'after-bloom',
        name: 'After bloom only',
        says: 'Only once petals are down, on licensed advice, never in autumn.',
      },
      {
        id: 'early-spring',
        name: 'Early spring',
        says: 'Early in spring, well before a summer bloom, on licensed advice; never in autumn.',
      },
      {
        id: 'non-flowering',
        name: 'Only on what does not flower for bees',
        says: 'Shrubs bees do not visit, and nothing that drips honeydew.',
      },
    ],
  },
  {
    id: 'oil-sulfur',
    asks: 'How long between oil and sulfur?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      { id: '30', name: '30 days', says: 'A month between oil and sulfur, whichever comes first.' },
      { id: '14', name: '14 days', says: 'Two weeks, as some labels have it; a longer label still holds.' },
      { id: '60', name: '60 days', says: 'Two months, for tender plants and dry summers.' },
    ],
  },
  {
    id: 'spinosad-oil',
    asks: 'Spinosad and oil against leaf miners?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'alternate',
        name: 'Alternate',
        says: 'One, then the other, every 10 to 14 days while the flush is soft.',
      },
      {
        id: 'tank-mix',
        name: 'In one tank',
        says: 'Together once a month in the growing season, late in the evening.',
      },
      {
        id: 'never-near-neem',
        name: 'Never near neem',
        says: 'Three weeks between spinosad and anything of neem.',
      },
    ],
  },
  {
    id: 'crawler-sprays',
    asks: 'How often against crawlers?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'while-catching',
        name: 'First crawlers, then fortnightly',
        says: 'Spray at the first crawlers, then every two weeks while tapes catch.',
      },
      {
        id: 'at-peak',
        name: 'Once, at the peak',
        says: 'One spray when the tapes stand highest; helpers are met once only.',
      },
      {
        id: 'at-fall',
        name: 'Once, as the catch falls',
        says: 'One spray when the catch falls to half: nearly all have hatched, few have covered themselves.',
      },
      {
        id: 'growth-regulator',
        name: 'Growth regulator before leaf-out',
        says: 'A growth regulator on bare wood before leaves come; nothing on crawlers later.',
      },
    ],
  },
  {
    id: 'neem-repeat',
    asks: 'How often is neem repeated?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: '7',
        name: 'Every 7 to 14 days',
        says: "Not sooner than a week; the label's interval holds if it is longer.",
      },
      {
        id: 'weekly-then-fortnightly',
        name: 'Weekly, then fortnightly',
        says: 'Weekly until two looks find nothing alive, then every two weeks.',
      },
      { id: '10', name: 'Every 10 to 21 days', says: 'Not sooner than ten days.' },
    ],
  },
  {
    id: 'helpers',
    asks: 'Wait for the helpers?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'wait',
        name: 'Wait a season',
        says: 'On big healthy trees wait a season when ladybirds, lacewings or holed covers are seen.',
      },
      {
        id: 'treat-and-conserve',
        name: 'Treat, and spare them',
        says:
          'Treat the stage that is out with what spares them: soap and oil on a part of the plant, never ' +
          'long-lasting sprays.',
      },
    ],
  },
  {
    id: 'feeding',
    asks: 'Feeding as part of the cure?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      { id: 'none', name: 'None', says: "No feeding for pests' sake: soft growth draws them." },
      {
        id: 'monthly',
        name: 'Seaweed and fish, monthly',
        says: 'Seaweed and fish over the leaves once a month from green tip.',
      },
      {
        id: 'fortnightly',
        name: 'Seaweed and fish, fortnightly',
        says: 'Seaweed and fish over the leaves every two weeks from green tip.',
      },
      {
        id: 'four-a-season',
        name: 'Biological mix, four times',
        says:
          'Oil, soap, fish, seaweed, sugar and microbes at bud swell, before bloom, after petals fall ' +
          'and a fortnight later; kept off parts to be eaten.',
      },
    ],
  },
  {
    id: 'organic',
    asks: 'Only what organic growing allows?',
    grade: 'B',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'any',
        name: 'Whatever the label and law allow',
        says: 'Gentle things first, others where they are needed.',
      },
      {
        id: 'organic-only',
        name: 'Organic only',
        says: 'Nothing whose label does not allow it in organic growing.',
      },
    ],
  },
  {
    id: 'dormant',
    asks: 'Which sprays in the dormant season?',
    grade: 'C',
    sourceIds: ['practice'],
    schools: [
      {
        id: 'by-trouble',
        name: 'By trouble',
        says:
          'One oil at delayed dormant against scale; three sprays with copper where leaf curl, shot hole ' +
          'or blight was seen.',
      },
      {
        id: 'three-sprays',
        name: 'Three sprays',
        says:
          'At leaf fall, in midwinter and before buds swell: oil, with fixed copper on stone fruit. The ' +
          'last counts most.',
      },
      {
        id: 'monthly-oil',
        name: 'Oil monthly',
        says: 'Oil about once a month through winter, for bark-dwelling felt scale.',
      },
      {
        id: 'delayed-oil',
        name: 'One oil, delayed dormant',
        says: 'A single oil between bud swell and first green, when scale takes it hardest.',
      },
      {
        id: 'by-spurs',
        name: 'Only if the spurs ask',
        says: 'Nothing unless the winter spur sample stands above its threshold.',
      },
    ],
  },
] as const satisfies readonly SchoolQuestion[];

export type SchoolQuestionId = (typeof QUESTIONS)[number]['id'];

/** The ids of the schools that answer a question. */
export type SchoolId<Asked extends SchoolQuestionId> = Extract<
  (typeof QUESTIONS)[number],
  { readonly id: Asked }
>['schools'][number]['id'];

/** One of the schools that answer a question. */
export interface SchoolOf<Asked extends SchoolQuestionId> extends School {
  readonly id: SchoolId<Asked>;
}

/** All questions that are asked, in the order they are shown. */
export const SCHOOL_QUESTIONS: readonly (SchoolQuestion & { readonly id: SchoolQuestionId })[] = QUESTIONS;

/** The choices that hold for one plant: its own before the garden's. */
export function schoolsFor(
  garden: { readonly schools: Readonly<Record<string, string>> },
  plant: { readonly schools: Readonly<Record<string, string>> },
): Readonly<Record<string, string>> {
  return { ...garden.schools, ...plant.schools };
}

/** The school followed on a question: the chosen one if it is still listed, else the first. */
export function schoolFor<Asked extends SchoolQuestionId>(
  questionId: Asked,
  chosen: Readonly<Record<string, string>>,
): SchoolOf<Asked> {
  const { schools } = SCHOOL_QUESTIONS.find(({ id }) => id === questionId)!;
  // What the table lists under a question is what the type says of it: both are read off the same lines.
  return (schools.find(({ id }) => id === chosen[questionId]) ?? schools[0]!) as SchoolOf<Asked>;
}

/** Least days between neem sprays of the school followed. */
export function neemDays(chosen: Readonly<Record<string, string>>): number {
  const school = schoolFor('neem-repeat', chosen).id;
  return school === 'weekly-then-fortnightly' ? 7 : Number(school);
}

/** Top temperature for oil on leaves of the school followed, °C. */
export function oilTopC(chosen: Readonly<Record<string, string>>): number {
  return Number(schoolFor('oil-top', chosen).id);
}
