export { type Figure, type Grade, type Source } from './figure.ts';
