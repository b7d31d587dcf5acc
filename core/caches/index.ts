/** Where answers are kept so that they are worked out once; every cache of the program is one of these. */
export { keptWhile } from './kept-while.ts';
export { keptWith } from './kept-with.ts';
