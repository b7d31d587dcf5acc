export { isKeyOf, keysOf } from './keys-of.ts';
