export { search, type Findable, type Found } from './search.ts';
