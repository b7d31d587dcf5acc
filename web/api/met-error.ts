import { ApiProblem } from './client.ts';

/** Another edit of the same fields came first. */
export class MetError<T extends object> extends ApiProblem {
  /** What was to be kept: mine where both changed a field, theirs where only they did. */
  readonly mine: T;
  /** What stands there now. */
  readonly theirs: T;
  readonly clashes: readonly (keyof T & string)[];

  constructor(mine: T, theirs: T, clashes: readonly (keyof T & string)[]) {
    super(
      412,
      'Meanwhile the same was changed elsewhere. Look at what stands there now before you change it.',
      [],
    );
    this.mine = mine;
    this.theirs = theirs;
    this.clashes = clashes;
  }
}
