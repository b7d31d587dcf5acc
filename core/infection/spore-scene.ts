/** What besides the weather decides. */
export interface SporeScene {
  /** Little is left of last year to infect with. */
  readonly fewSpores: boolean;
}
