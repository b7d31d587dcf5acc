/** What is wrong with a field, by the code its schema gives; the sentence stands beside the field. */
const FIELD_WORDS: Readonly<Record<string, string>> = {
  'a-day-has-24-hours': 'a day has 24 hours',
  'a-day-such-as-03-01': 'a day such as 03-01',
  'a-day-such-as-09-15': 'a day such as 09-15',
  'a-day-written-yyyy-mm-dd': 'a day written YYYY-MM-DD',
  'a-hose-end-sprayer-and-only-that-has-a-dial': 'a hose-end sprayer, and only that, has a dial',
  'a-length-in-mm': 'a length in mm',
  'a-number': 'a number',
  'a-number-in-metres': 'a number in metres',
  'a-number-is-missing': 'a number is missing',
  'a-number-of-degrees': 'a number of degrees',
  'a-product-needs-at-least-one-label-line': 'a product needs at least one label line',
  'a-reason-goes-with-a-skip-and-only-with-one': 'a reason goes with a skip, and only with one',
  'a-spray-has-at-least-one-product': 'a spray has at least one product',
  'a-temperature-in-c': 'a temperature in °C',
  'a-time-zone-such-as-europe-paris': 'a time zone such as Europe/Paris',
  'a-whole-number': 'a whole number',
  'a-whole-year': 'a whole year',
  'all-twelve-months-or-none': 'all twelve months, or none',
  'an-id-made-by-the-app': 'an id made by the app',
  'a-watch-or-a-plant-not-both': 'a watch or a plant, not both',
  'at-least-one-setting': 'at least one setting',
  'at-most-1000-l-or-kg': 'at most 1000 l or kg',
  'at-most-20-000-days-at-a-time': 'at most 20 000 days at a time',
  'at-most-40-at-a-time': 'at most 40 at a time',
  'at-most-300-at-a-time': 'at most 300 at a time',
  'at-most-a-million': 'at most a million',
  'at-most-twelve-products-in-a-tank': 'at most twelve products in a tank',
  'belong-to-another-tank': 'belong to another tank',
  'between-minus-180-and-180': 'between −180 and 180',
  'between-minus-70-and-70': 'between −70 and 70',
  'cannot-be-empty': 'cannot be empty',
  'cannot-be-negative': 'cannot be negative',
  'choose-a-stage': 'choose a stage',
  'choose-at-least-one': 'choose at least one',
  'choose-what-it-is': 'choose what it is',
  'colder-than-any-garden': 'colder than any garden',
  'count-at-least-2': 'count at least 2',
  'days-must-follow-each-other': 'days must follow each other',
  'lies-between-low-and-high': 'the middle lies between the low and the high end',
  'goes-with-a-date-or-a-stage-only': 'goes with a date or a stage only',
  'hand-work-and-only-that-says-which': 'hand work, and only that, says which',
  'hotter-than-any-garden': 'hotter than any garden',
  'is-below-the-low': 'is below the low',
  'is-below-the-minimum': 'is below the minimum',
  'is-below-the-winter-night': 'is below the winter night',
  'must-lie-between-winter-night-and-summer-afternoon':
    'must lie between the winter night and the summer afternoon',
  'say-at-least-one': 'say at least one of them',
  'does-not-go-with-noon': 'does not go with what you said of noon',
  'say-both-frosts-or-none': 'say both frosts or none',
  'is-not-counted-this-way': 'is not counted this way',
  'lies-before-the-day-it-was-hung': 'lies before the day it was hung',
  'lies-before-the-first-day': 'lies before the first day',
  'lies-outside-the-picture': 'lies outside the picture',
  'more-than-20-percent-is-not-a-spray-check-the-unit': 'more than 20 % is not a spray: check the unit',
  'must-be-above-0': 'must be above 0',
  'must-come-after-the-day-it-was-set-or-last-emptied': 'must come after the day it was set or last emptied',
  'must-come-after-the-day-it-went-on': 'must come after the day it went on',
  'must-not-be-below-the-least': 'must not be below the least',
  'must-not-be-below-the-low-rate': 'must not be below the low rate',
  'needs-two-different-ends': 'needs two different ends',
  'no-such-spoon': 'no such spoon',
  'not-after-2200': 'not after 2200',
  'not-before-1500': 'not before 1500',
  'nothing-was-sprayed': 'nothing was sprayed',
  'say-how-long-between': 'say how long between one and the next',
  'say-when-picking-begins-too': 'say when picking begins, too',
  'the-same-product-twice': 'the same product twice',
  'there-are-no-days-to-import': 'there are no days to import',
  'there-or-not': 'there or not: 1 or 0',
  'too-many-answers': 'too many answers',
  'too-many-questions': 'too many questions',
  'trees-are-counted-from-1': 'trees are counted from 1',
};

/** A bound and its unit: "most/200/characters", "least/-30". */
const BOUND = /^(most|least)\/(-?[\d.]+)(?:\/(.+))?$/;

/**
 * The words for a schema's message: a code of ours, a bound with its value, or what the schema library
 * says by itself of a missing or mistyped field.
 */
export function fieldWords(message: string): string {
  const bound = BOUND.exec(message);
  if (bound) return `at ${bound[1]} ${shownBound(bound[2]!)}${bound[3] ? ` ${bound[3]}` : ''}`;
  return FIELD_WORDS[message] ?? plain(message);
}

/** "-30" as "−30", "100000" as "100 000". */
function shownBound(value: string): string {
  const grouped = Number(value) >= 10_000 ? value.replace(/\B(?=(\d{3})+$)/g, ' ') : value;
  return grouped.replace('-', '−');
}

function plain(message: string): string {
  return message
    .replace(/^Invalid input: expected (\w+), received undefined$/, 'is missing')
    .replace(/^Invalid input: /, '');
}
