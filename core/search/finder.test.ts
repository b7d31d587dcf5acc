import { expect, test } from '@jest/globals';
import { finder } from './index.ts';

const ENTRIES = [
  { id: 'scale', title: 'Brown soft scale', words: 'flat ovals with honeydew, sticky' },
  { id: 'miner', title: 'Citrus leaf miner', words: 'winding trail in soft leaves' },
  { id: 'felt', title: 'Crapemyrtle bark scale', words: 'white felt, sticky below' },
];
const ids = (query: string, synonyms?: Map<string, string>) => finder(ENTRIES, synonyms)(query);

test('a word in the title comes before one in the text', () => {
  expect(ids('soft')).toEqual(['scale', 'miner']);
});

test('every word must be there, beginnings count, case and accents do not', () => {
  expect(ids('sticky white')).toEqual(['felt']);
  expect(ids('HONEY')).toEqual(['scale']);
  expect(ids('felté')).toEqual([]);
  expect(ids('trâil')).toEqual(['miner']);
});

test('plain words are understood', () => {
  expect(ids('squiggly', new Map([['squiggly', 'trail winding']]))).toEqual(['miner']);
});

test('nothing asked finds nothing', () => {
  expect(ids('')).toEqual([]);
  expect(ids('a , !')).toEqual([]);
});
