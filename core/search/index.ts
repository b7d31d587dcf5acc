export { finder, type Findable } from './finder.ts';
