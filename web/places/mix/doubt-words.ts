import type { DoubtReason } from '#core/materials';

/** What looks odd about a label line as typed, beside its field. */
export function doubtWords(why: DoubtReason): string {
  switch (why.kind) {
    case 'wide-range':
      return `is ${why.times} times the low rate: two lines of the label in one?`;
    case 'ounces-mixed-up':
      return (
        'a liquid by weight, or a powder by volume: an ounce is a fluid ounce for liquids and a weight ' +
        'for powders'
      );
    case 'unusual-strength': {
      const [low, high] = why.usual;
      const percent = Math.round(why.percent * 100) / 100;
      return `comes to ${percent} % of the spray, where ${low}–${high} % is usual: check the unit`;
    }
    case 'no-days-to-harvest':
      return 'the line names a plant that is eaten: a label then gives days to harvest';
    case 'temperatures-crossed':
      return 'lies below the least temperature';
  }
}
