export { keysOf } from './keys-of.ts';
