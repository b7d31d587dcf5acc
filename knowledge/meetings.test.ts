import { describe, expect, test } from '@jest/globals';
import { meeting } from '#core/materials';
import { ingredientsOf, MATERIALS, materialsMeet, meetingRules, SCHOOL_QUESTIONS } from './index.ts';

const schoolsOf = (id: string) =>
  SCHOOL_QUESTIONS.find((question) => question.id === id)!.schools.map((school) => school.id);
const EVERY_SCHOOL = schoolsOf('oil-sulfur').flatMap((sulfur) =>
  schoolsOf('spinosad-oil').map((spinosad) => ({ 'oil-sulfur': sulfur, 'spinosad-oil': spinosad })),
);

test('every pair of materials under every school has an answer that names its rule, the same both ways', () => {
  const wrong: string[] = [];
  for (const chosen of EVERY_SCHOOL)
    for (const a of MATERIALS)
      for (const b of MATERIALS) {
        const there = materialsMeet(a.id, b.id, chosen);
        const back = materialsMeet(b.id, a.id, chosen);
        const said = ({ tank, apartDays, rules }: typeof there) =>
          [tank, apartDays, ...rules.map(({ id }) => id).sort()].join(' ');
        if (there.rules.length === 0 || said(there) !== said(back))
          wrong.push(`${a.id} and ${b.id}: ${said(there)}`);
      }
  expect(wrong).toEqual([]);
});

describe('what the labels and the field say', () => {
  test.each<[string, string, string, number]>([
    ['mineral-oil', 'sulfur', 'no', 30],
    ['raw-neem', 'sulfur', 'no', 30],
    ['lime-sulfur', 'mineral-oil', 'no', 30],
    ['captan', 'plant-oil', 'no', 14],
    ['captan', 'soap', 'no', 0],
    ['malathion', 'lime-sulfur', 'no', 0],
    ['copper', 'lime-sulfur', 'no', 0],
    ['spinosad', 'mineral-oil', 'no', 10],
    ['copper', 'mineral-oil', 'jar-test', 0],
    ['soap', 'mineral-oil', 'jar-test', 0],
    ['bicarbonate', 'captan', 'no', 0],
  ])('%s and %s: %s in a tank, %i days apart', (a, b, tank, days) => {
    expect(materialsMeet(a, b, {})).toMatchObject({ tank, apartDays: days });
  });

  test('a school changes what is a matter of school and nothing else', () => {
    expect(materialsMeet('mineral-oil', 'sulfur', { 'oil-sulfur': '60' }).apartDays).toBe(60);
    expect(materialsMeet('spinosad', 'mineral-oil', { 'spinosad-oil': 'tank-mix' })).toMatchObject({
      tank: 'jar-test',
      apartDays: 0,
    });
    expect(materialsMeet('spinosad', 'raw-neem', { 'spinosad-oil': 'never-near-neem' })).toMatchObject({
      tank: 'no',
      apartDays: 21,
    });
    for (const chosen of EVERY_SCHOOL)
      expect(materialsMeet('captan', 'mineral-oil', chosen)).toMatchObject({ tank: 'no', apartDays: 14 });
  });

  test('lime sulfur never meets an acid, under any school, whatever else is in the tank', () => {
    for (const chosen of EVERY_SCHOOL)
      expect(meeting(meetingRules(chosen), ingredientsOf('lime-sulfur', false), ['acid', 'oil']).tank).toBe(
        'never',
      );
  });

  test('a product with oil in it is oil, whatever it is sold for', () => {
    expect(ingredientsOf('spinosad', true)).toContain('oil');
    expect(
      meeting(meetingRules({}), ingredientsOf('spinosad', true), ingredientsOf('sulfur', false)).apartDays,
    ).toBe(30);
  });
});
