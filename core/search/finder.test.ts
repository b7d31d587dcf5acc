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
  expect(ids('trâil')).toEqual(['miner']);
});

test('plain words are understood', () => {
  expect(ids('squiggly', new Map([['squiggly', 'trail winding']]))).toEqual(['miner']);
});

test('nothing asked finds nothing', () => {
  expect(ids('')).toEqual([]);
  expect(ids('a , !')).toEqual([]);
});

test('a slip in a longer word is forgiven, in a short one not', () => {
  expect(ids('crapmyrtle')).toEqual(['felt']);
  expect(ids('honeydaw')).toEqual(['scale']);
  expect(ids('sift')).toEqual([]);
});

test('letters of any script are words', () => {
  const find = finder([
    { id: 'ru', title: 'Щитовка', words: 'калифорнийская' },
    { id: 'el', title: 'Ψώρα', words: 'εσπεριδοειδή' },
    { id: 'ja', title: 'カイガラムシ', words: '' },
  ]);
  expect(find('щитовка')).toEqual(['ru']);
  expect(find('калиф')).toEqual(['ru']);
  expect(find('ψωρα')).toEqual(['el']);
  expect(find('カイガラムシ')).toEqual(['ja']);
});
