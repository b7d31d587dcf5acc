/** The two inverse distributions taken from jstat, which ships no types of its own. */
declare module 'jstat' {
  const jStat: {
    readonly studentt: { inv(p: number, degreesOfFreedom: number): number };
    readonly chisquare: { inv(p: number, degreesOfFreedom: number): number };
  };
  export default jStat;
}
