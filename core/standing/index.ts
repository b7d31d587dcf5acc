export { BASES, type Basis, type Claim, mostTrusted, type Standing } from './standing.ts';
