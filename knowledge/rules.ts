import type { Grade } from '#core/figures';

/** A rule that decides what is due: what it says, what it rests on and what would change its mind. */
export interface Rule {
  readonly id: string;
  readonly says: string;
  readonly wouldChange: string;
  readonly grade: Grade;
  readonly sourceIds: readonly string[];
}

export const RULES: readonly Rule[] = [
  {
    id: 'name-before-acting',
    says: 'Know the group before choosing a remedy: what works on soft scale may do nothing to armored.',
    wouldChange: 'A few checks with a lens and a knife.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'window-ahead',
    says:
      'Sprays on contact only reach crawlers that are out and still soft, so the window is prepared for ' +
      'and not run ahead of.',
    wouldChange: 'Tapes that catch crawlers earlier, or a warm spell: the date follows the thermometer.',
    grade: 'B',
    sourceIds: ['johnson', 'herms-2004'],
  },
  {
    id: 'window-open',
    says:
      'The published window for reaching this stage is open. Spray at first crawlers, then every two ' +
      'weeks while tapes catch.',
    wouldChange:
      'Tapes that stay empty: wait for them. Covers turned over with nothing alive beneath: do not ' +
      'spray. Other growers spray once at the peak, or once as the catch falls.',
    grade: 'B',
    sourceIds: ['johnson', 'practice'],
  },
  {
    id: 'crawlers-caught',
    says:
      'Crawlers are out: a tape caught them, or you saw them. That rules over any published sum. They can be ' +
      'reached while they walk and for as long as they stay soft, which is weeks for armored and felt scale and ' +
      'months for soft scale.',
    wouldChange: 'Two looks in a row with nothing on any tape end it.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'tapes-are-empty',
    says:
      'By the published sum crawlers are out, but your tapes caught none yet. Your garden corrects the book: ' +
      'spray at the first catch.',
    wouldChange: 'The first crawlers on a tape, or before your eyes.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'tapes-by-calendar',
    says:
      'No sum of heat tells when its crawlers come here, only the usual months do, and those are weeks wide. ' +
      'Tapes two weeks before them catch the first.',
    wouldChange: 'Crawlers on a tape, or before your eyes.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'look-again',
    says:
      'What is watched is looked at again after six weeks; a fungus in its season of which nobody tells the rain, ' +
      'after two; what is dead, or of which nothing was left, when crawlers would come, or after a season.',
    wouldChange: 'A catch, a window, rain that infects or a treatment brings the next day forward.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'check-after-incubation',
    says:
      'A fungus that was on its way shows for days or weeks after a treatment; sooner nobody can say whether it ' +
      'worked.',
    wouldChange: 'A count after that day closes this.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'window-disputed',
    says:
      'Two publications disagree: by one the window is open, by the other the first crawlers have not ' +
      'hatched. Let a tape decide, and spray at its first catch.',
    wouldChange: 'The first crawlers on a tape.',
    grade: 'B',
    sourceIds: ['johnson', 'herms-2004'],
  },
  {
    id: 'hatch-passing',
    says:
      'Your tapes are past their peak. Armored crawlers cover themselves within days, so each day a ' +
      'spray reaches fewer; soft scale stays open to it for weeks.',
    wouldChange: 'A new rise on the tapes, or a later generation.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'repeat-while-catching',
    says:
      'One spray reaches the crawlers of its day. While tapes still catch, repeat after two weeks, or ' +
      "the label's interval if that is longer.",
    wouldChange: 'An empty tape ends it.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'dead-look-again',
    says:
      'Nothing alive was found beneath the covers. Old covers stay for years and are no reason to spray; ' +
      'look again when crawlers would come.',
    wouldChange: 'A single live body, egg or crawler.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'flight-ahead',
    says:
      'The adults fly for about two weeks. Hang a yellow card and look at dusk; mined tips are best cut ' +
      'out before they fly.',
    wouldChange: 'Adults seen, or none on the card by the end of the window.',
    grade: 'B',
    sourceIds: ['johnson'],
  },
  {
    id: 'flight-open',
    says:
      'Adults are expected in flight now and lay in new leaves. Larvae inside are out of reach of ' +
      'contact sprays.',
    wouldChange: 'A card that stays empty.',
    grade: 'B',
    sourceIds: ['johnson'],
  },
  {
    id: 'flight-by-calendar',
    says:
      'No sum of heat is published for its adults, only the months in which they usually fly, and those are weeks ' +
      'wide. Look for them, and for the first mines.',
    wouldChange: 'Adults on a card, or first mines.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'flight-seen',
    says:
      'Adults were caught or seen: they lay for about two weeks in leaves that are still soft. On citrus cover the ' +
      'flush where your school sprays; elsewhere note the day, pinch mined tips, and look for first mines.',
    wouldChange: 'A trap that stays empty for two weeks.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'tapes-after-males',
    says:
      'Males were caught. They fly some weeks before the crawlers of their generation: put tapes up now and let ' +
      'the first catch tell. No sum from the flight is published for this scale.',
    wouldChange: 'Crawlers on a tape.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'check-scale-after',
    says:
      'Scale is judged two to four weeks after a spray, on new growth: old covers stay in place and ' +
      'prove nothing.',
    wouldChange: 'A count of live scale on new growth closes this.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'check-others-after',
    says: 'Mites, spots and mines are judged within ten days of treating, on growth that came since.',
    wouldChange: 'A count closes this.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'check-mites-after',
    says:
      'Mites breed within the week. The day after tells whether they were met, day 7 and day 14 whether they are ' +
      'back.',
    wouldChange: 'A count on each of the days closes it; none left on the last ends it.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'check-drench-after',
    says:
      'A drench has to rise first, two to eight weeks for imidacloprid and one to three for dinotefuran; sooner ' +
      'nobody can say whether it worked.',
    wouldChange: 'A count after that day closes this.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'tapes-before-hatch',
    says:
      'Put tapes up two weeks before the first crawlers are expected, so that the first catch is the ' +
      'first there is.',
    wouldChange: 'Tapes already up.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'tape-weekly',
    says: 'Tapes are changed weekly, so that the counts tell when and not only that.',
    wouldChange: 'Two empty tapes after the peak end the round.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'trap-weekly',
    says: 'A trap is emptied weekly, so that what it caught tells when they fly and not only that.',
    wouldChange: 'Take it down, and nothing asks for it.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'count-before-hatch',
    says:
      "Count live scale on ten or more twigs before the hatch: without this year's number nobody can say " +
      'next year what worked.',
    wouldChange: 'A count this season.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'count-to-weigh',
    says:
      'Named, but never counted: how bad it is decides whether it is worth a spray at all, and without a ' +
      'number today nobody can say later what worked.',
    wouldChange: 'A count, or work that was done on it.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'all-stages-seen',
    says:
      'You saw eggs, crawlers and settled ones at once, so no single date is the moment any more: treat ' +
      'what can be reached now, and again after the interval.',
    wouldChange: 'A later look that finds one stage only.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'trap-before-males',
    says:
      'Its published sums count from the first males in a trap. Without a trap the tapes tell, a little ' +
      'later.',
    wouldChange: 'A trap that hangs, or males seen.',
    grade: 'B',
    sourceIds: ['jorgensen-1981', 'kennett-hoffmann-1985'],
  },
  {
    id: 'flush-soft',
    says:
      'Only tender growth is mined. Treat the newest leaves on both sides and repeat while the flush is ' +
      'soft: oil keeps moths from laying, larvae inside need what reaches them.',
    wouldChange:
      'Leaves logged hard. On grown citrus a few mines are left alone; other growers cover every ' +
      'flush, or spray monthly.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'flush-monthly',
    says: 'This school sprays citrus once a month through the growing season, whether a flush is soft or not.',
    wouldChange: 'Another school: most leave grown trees alone, and treat only soft flushes.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'once-at-peak',
    says:
      'This school sprays once, when tapes stand highest: most crawlers are out, and helpers are met ' +
      'once only.',
    wouldChange: 'Tapes that still rise: wait. Without tapes the middle of the window stands for the peak.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'once-at-fall',
    says:
      'This school sprays once, as the catch falls to half: nearly all have hatched, and few have ' +
      'covered themselves.',
    wouldChange:
      'Tapes that still rise or stand: wait. Without tapes the middle of the window stands for it.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'regulator-before-leaves',
    says:
      'This school puts a growth regulator on bare wood before leaves come, and sprays no crawlers after ' +
      'it.',
    wouldChange: 'Vedalia or other ladybirds at work: a regulator is hard on them.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'clear-fallen-leaves',
    says:
      'The pupae winter in fallen leaves: what is raked up and binned or deeply buried does not fly in ' +
      'spring.',
    wouldChange: 'Leaves already gone.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'dormant-oil',
    says:
      'Oil reaches settled scale while the plant is bare, and best from bud swell to first green. Wet ' +
      'all bark.',
    wouldChange: 'Nothing alive under the covers, a spur sample below its threshold, or another school.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'look-before-bare-wood',
    says:
      'A dose for bare wood burns leaves, and what a plant wears is known by looking at it: a log ages, and a ' +
      'calendar guesses.',
    wouldChange: 'One look, logged with a tap.',
    grade: 'A',
    sourceIds: ['practice'],
  },
  {
    id: 'cool-season-oil',
    says:
      'A hardy evergreen is never bare. It takes oil at leaf rates in the cool season, after its growth has ' +
      'hardened and before new growth begins; never in frost.',
    wouldChange: 'New growth, nothing alive under the covers, or another school.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'blight-copper',
    says: 'Copper against fire blight goes on from silver to green tip, as the bacteria come to the bark.',
    wouldChange: 'No blight in the last years.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'dormant-copper',
    says:
      'Copper against leaf curl and bark disease must be on before buds swell: afterwards nothing cures ' +
      'it.',
    wouldChange: 'No curl, shot hole or blight in the last years.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'cover-before-wet',
    says:
      'A cover keeps off what has not happened yet: it has to be dry before leaves get wet, and lies only on leaves ' +
      'that were open when it was sprayed. It is worth it where the wet time is likely, long and warm enough, and ' +
      'finds much that is bare.',
    wouldChange:
      'A forecast that changes, what you find of wet leaves, a variety that resists, or little of it last year.',
    grade: 'C',
    sourceIds: ['practice', 'machardy-gadoury-1989'],
  },
  {
    id: 'cover-by-calendar',
    says:
      'The school you follow renews a cover every seven to ten days in its season, and sooner once 25 mm (an inch) of ' +
      'rain has washed half of it off.',
    wouldChange: 'Another school; and the label, which sets how often it may be done at all.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'reach-back-after',
    says:
      'It infected bare leaves. A few materials still reach it inside the leaf for two to four days, where the label ' +
      'says so; what only protects comes too late.',
    wouldChange: 'Spots: once they show, nothing takes them back.',
    grade: 'C',
    sourceIds: ['practice'],
  },
  {
    id: 'spots-on-their-day',
    says:
      'Between an infection and its spots lie days that depend on warmth. Looking sooner shows nothing; looking on ' +
      'the day tells whether it was one, and corrects what is told of your garden.',
    wouldChange: 'A count on those days, also of none.',
    grade: 'B',
    sourceIds: ['mills-laplante-1951', 'practice'],
  },
  {
    id: 'habits-before-sprays',
    says:
      'What it winters on is taken away first: that halves what there is to infect with and costs no spray. Work on the ' +
      'ground does not depend on how tall the tree is.',
    wouldChange: 'Work that is logged.',
    grade: 'C',
    sourceIds: ['practice'],
  },
];

const BY_ID = new Map(RULES.map((rule) => [rule.id, rule]));

/** @throws RangeError for an unknown id. */
export function ruleById(id: string): Rule {
  const rule = BY_ID.get(id);
  if (!rule) throw new RangeError(`no rule "${id}"`);
  return rule;
}
