import type { OptionId, WeighFacts, WeighRule } from '#core/decide';
import { isScaleGroup, makesHoneydew } from '#core/identify';

const rule = (
  id: string,
  option: OptionId,
  weight: number,
  says: string,
  when: WeighRule['when'],
  grade: WeighRule['grade'] = 'C',
): WeighRule => ({ id, option, refuses: false, weight, when, says, grade, sourceIds: ['practice'] });

/** A rule that takes its option away, whatever speaks for it. */
const refusal = (
  id: string,
  option: OptionId,
  says: string,
  when: WeighRule['when'],
  grade: WeighRule['grade'] = 'C',
): WeighRule => ({ ...rule(id, option, 0, says, when, grade), refuses: true });

const scale = (facts: WeighFacts) => isScaleGroup(facts.group);
const alive = (facts: WeighFacts) => facts.life !== 'dead';
const sure = (facts: WeighFacts) => facts.life === 'alive';
const grown = (facts: WeighFacts) => !facts.young && facts.vigour !== 'weak';
const level = (facts: WeighFacts) => facts.level ?? 2;
/** How far a hand sprayer reaches from the ground, taken where no sprayer is on the shelf. m, grade C. */
export const HAND_SPRAYER_REACH_M = 2.5;

const beyondReach = (facts: WeighFacts) => facts.heightM > facts.reachM;
const inLeaf = (facts: WeighFacts) => facts.leafState === 'in-leaf';
const dueNow = (facts: WeighFacts) => facts.winter === 'now' || facts.winter === 'ask';
const isCitrusMiner = (facts: WeighFacts) => facts.targetId === 'citrus-leaf-miner';
const isVedaliaHome = (facts: WeighFacts) => facts.group === 'giant';
const suckers = (facts: WeighFacts) => facts.group === 'sap-sucker' || facts.group === 'mite';
const FEW_MINED = 1 / 3;

/** What an option reaches of what is there now, in plain words; null where it reaches nothing itself. */
export function optionReaches(option: OptionId, facts: WeighFacts): string | null {
  switch (option) {
    case 'by-hand':
      return 'whatever is cut, wiped, brushed or pinched, at any stage';
    case 'wait-for-helpers':
      return 'young and soft bodies, over weeks; covers with a hole are done';
    case 'spray-now':
      return sprayReaches(facts);
    case 'spray-in-window':
      return 'nothing today; crawlers for as long as they are out and soft';
    case 'winter-spray':
      return facts.targetId === 'peach-leaf-curl'
        ? 'spores on buds and bark; no leaf that is out'
        : 'settled young on bare wood, eggs in part; no grown armored females';
    case 'drench':
      return 'what drinks sap, weeks later; no eggs';
    case 'cut-back':
      return 'all that sits on what is cut; crawlers that walked off are missed';
    case 'deal-with-source':
      return 'what would walk or blow over next';
    default:
      return null;
  }
}

function sprayReaches(facts: WeighFacts): string {
  if (facts.group === 'fungus' || facts.group === 'bacterium')
    return 'leaves that are still sound; what is infected stays so';
  if (facts.group === 'leaf-miner')
    return facts.softFlush
      ? 'moths that lay, and eggs on soft leaves; larvae inside only by what goes through the leaf'
      : 'adults on the leaves; no larva inside';
  if (facts.allStagesSeen) return 'crawlers and young of today; no eggs, no grown covers';
  if (scale(facts))
    return facts.window === 'open'
      ? 'crawlers that are out and those just settled; no eggs, no grown covers'
      : 'soft young that sit in the open; no eggs';
  return 'all that is wetted, eggs in part';
}

/** What to heed with an option, once and short; null where nothing needs it. */
export const OPTION_CAUTIONS: Readonly<Partial<Record<OptionId, string>>> = {
  'by-hand': 'From the ground, no ladders. What comes off goes into the bin, not on the heap.',
  'spray-now':
    'The label first. The bench looks at bees, bloom, heat, harvest, reach and what was sprayed before.',
  'spray-in-window':
    'The label first. The bench looks at bees, bloom, heat, harvest, reach and what was sprayed before.',
  'winter-spray': 'Not before a frost, nor on wood that has not hardened; the label first.',
  drench: 'Licensed hands only in many places; pollen, nectar and honeydew carry it.',
  arborist: 'What is out of reach from the ground is not for a ladder with a sprayer.',
  'cut-back': 'Only kinds that come again from old wood; watch the new growth closely.',
};

/** Options, what they are called and what they mean, in plain words. */
export const WEIGH_OPTIONS: Readonly<Record<OptionId, { readonly name: string; readonly how: string }>> = {
  'name-first': {
    name: 'Name it first',
    how: 'A few checks with a lens and a knife: what works on one group may do nothing to another.',
  },
  'look-again': { name: 'Look again', how: 'At crawler time, on new growth; old covers stay for years.' },
  leave: { name: 'Leave it', how: 'Nothing to do now; look again with the next round.' },
  'wait-for-helpers': {
    name: 'Wait for the helpers',
    how: 'Count again in four weeks. Keep ants off with a sticky band over a wrap, never on bark.',
  },
  'by-hand': {
    name: 'Work by hand',
    how:
      'Cut out and bin the worst, wipe or brush the rest with mild soapy water, pinch mined tips, strip ' +
      'and bin spotted leaves.',
  },
  'improve-place': {
    name: 'Change why it is here',
    how: 'Light, room and water at the base; less nitrogen. Otherwise it returns.',
  },
  'set-apart': {
    name: 'Set the pot apart',
    how: 'Away from others until two looks find nothing; inspect those that touched it.',
  },
  'deal-with-source': {
    name: 'Go to the source',
    how: 'The plant it comes from is still infested: look there, treat there, or talk over the fence.',
  },
  'spray-now': {
    name: 'Spray now',
    how: 'The gentlest thing that reaches the stage that is out; both leaf sides, to dripping.',
  },
  'spray-in-window': {
    name: 'Spray when the window opens',
    how: 'Get product, sprayer and tapes ready; the clock tells when.',
  },
  'winter-spray': {
    name: 'Spray in winter',
    how: 'Oil on bare wood, best from bud swell to first green, or on a hardy evergreen in the cool season; copper, where there was curl, before swell.',
  },
  drench: {
    name: 'A drench, on licensed advice',
    how:
      'Taken up by roots and carried to the leaves, and to pollen and honeydew. Only where label and law ' +
      'allow it.',
  },
  arborist: {
    name: 'Call an arborist',
    how: 'What cannot be reached from the ground is for somebody licensed. No ladders with a sprayer.',
  },
  'cut-back': {
    name: 'Cut it back hard',
    how: 'A tough shrub can be cut to the base as a last resort, and watched as it comes again.',
  },
};

/** The rules of the weighing, each tested by situations. */
export const WEIGH_RULES: readonly WeighRule[] = [
  rule('not-named', 'name-first', 100, 'It has no name yet, not even its group.', (f) => f.group === null),
  rule('nothing-alive', 'look-again', 80, 'Nothing lives beneath the covers.', (f) => f.life === 'dead'),
  rule(
    'alive-not-known',
    'look-again',
    70,
    'Whether it is alive is not known: turn covers over, ten or more.',
    (f) => f.life === 'unknown' && scale(f),
  ),
  rule(
    'eggs-beneath-mothers',
    'look-again',
    30,
    'Dry mothers shelter eggs: crawlers will come, and come soft.',
    (f) => f.eggsBeneath,
  ),

  rule('dead-needs-nothing', 'leave', 60, 'Dead covers need no treatment.', (f) => f.life === 'dead'),
  rule(
    'light-on-grown',
    'leave',
    45,
    'A grown, healthy plant carries a light infestation.',
    (f) => alive(f) && grown(f) && level(f) <= 2 && f.level !== null && !isCitrusMiner(f),
  ),
  rule(
    'grown-citrus-few-mines',
    'leave',
    65,
    'On grown citrus fewer than a third mined is mostly looks; mined leaves still work.',
    (f, s) =>
      isCitrusMiner(f) &&
      !f.young &&
      (f.minedShare ?? 0) <= FEW_MINED &&
      !['every-flush', 'monthly'].includes(s['leaf-mining'] ?? ''),
  ),
  rule(
    'cosmetic-mines',
    'leave',
    40,
    'These mines are mostly looks on a grown plant.',
    (f) => f.group === 'leaf-miner' && !isCitrusMiner(f) && grown(f) && level(f) <= 3,
  ),
  rule(
    'rust-after-crop',
    'leave',
    65,
    'Rust after the crop costs little: the leaves fall soon anyway.',
    (f, s) => f.targetId === 'fig-rust' && f.cropIsOff === true && s['fig-rust'] !== 'strip',
  ),
  rule(
    'harmless',
    'leave',
    80,
    'It does no harm, or it helps: keep it.',
    (f) => f.group === 'no-trouble' || f.group === 'helper',
  ),
  rule('nothing-presses', 'leave', 5, 'Nothing presses today.', alive),
  rule(
    'young-or-weak',
    'leave',
    -40,
    'A young or weak plant pays for waiting.',
    (f) => f.young || f.vigour === 'weak',
  ),
  rule('heavy', 'leave', -40, 'At this level twigs and bloom are lost.', (f) => level(f) >= 4),
  rule(
    'nothing-found',
    'leave',
    60,
    'Nothing was found at the last count.',
    (f) => f.level === 0 && alive(f),
  ),

  rule(
    'helpers-at-work',
    'wait-for-helpers',
    50,
    'Helpers were seen at work on a plant that can wait.',
    (f, s) => f.helpersSeen === true && grown(f) && alive(f) && s.helpers !== 'treat-and-conserve',
  ),
  rule(
    'holed-covers',
    'wait-for-helpers',
    45,
    'Nearly a third of the covers or more are holed: wasps are winning.',
    (f, s) => s.helpers !== 'treat-and-conserve' && (f.holedShare ?? 0) >= 0.3 && alive(f),
  ),
  rule(
    'vedalia',
    'wait-for-helpers',
    60,
    'Its own beetle clears this scale when nothing kills the beetle.',
    (f) => isVedaliaHome(f) && alive(f),
  ),
  rule(
    'helpers-too-late',
    'wait-for-helpers',
    -40,
    'It is heavy on a plant that cannot wait.',
    (f) => level(f) >= 4 && !grown(f),
  ),

  rule(
    'within-hands-reach',
    'by-hand',
    40,
    'All of it is within reach of hands.',
    (f) =>
      alive(f) &&
      f.heightM <= 2.2 &&
      f.group !== null &&
      f.group !== 'no-trouble' &&
      f.group !== 'helper' &&
      f.level !== 0,
  ),
  rule(
    'small-plant',
    'by-hand',
    25,
    'It is small enough to be gone over leaf by leaf.',
    (f) => alive(f) && f.volumeM3 * f.plants <= 3 && f.level !== 0 && f.group !== null,
  ),
  rule(
    'hand-first',
    'by-hand',
    15,
    'This school does hand work first: most is gone before anything is sprayed.',
    (f, s) =>
      alive(f) &&
      s['first-strike'] !== 'spray-first' &&
      f.heightM <= 2.2 &&
      f.group !== null &&
      f.level !== 0,
  ),
  rule(
    'clear-and-strip',
    'by-hand',
    30,
    'Spotted and fallen leaves carry it on: strip, clear and bin them.',
    (f) => f.group === 'fungus',
  ),
  rule(
    'rust-strip',
    'by-hand',
    40,
    'This school strips rusted leaves and wets bare stems and ground.',
    (f, s) => f.targetId === 'fig-rust' && s['fig-rust'] === 'strip',
  ),
  rule(
    'mined-leaves-work',
    'by-hand',
    -40,
    'Mined leaves still work: leave them on a grown tree.',
    (f) => isCitrusMiner(f) && !f.young && (f.minedShare ?? 0) <= FEW_MINED,
  ),
  rule(
    'pinch-mines',
    'by-hand',
    10,
    'A few mined tips are pinched out in minutes.',
    (f) => f.group === 'leaf-miner' && (f.minedShare ?? 1) <= 0.2,
  ),
  rule(
    'too-much-for-hands',
    'by-hand',
    -30,
    'It is more than an afternoon of hand work.',
    (f) => f.volumeM3 * f.plants > 10,
  ),
  refusal(
    'harmless-to-hands',
    'by-hand',
    'It does no harm, or it helps.',
    (f) => f.group === 'no-trouble' || f.group === 'helper',
  ),
  refusal(
    'hands-do-not-reach',
    'by-hand',
    'Most of it is above where hands reach from the ground.',
    // What lies on the ground is within reach whatever the height.
    (f) => f.heightM > 4 && f.group !== 'fungus',
  ),

  rule(
    'shade-favours-scale',
    'improve-place',
    25,
    'It stands in shade, where scale does well.',
    (f) => f.shade && scale(f),
  ),
  rule(
    'wet-leaves',
    'improve-place',
    50,
    'Water from above keeps its leaves wet, which leaf fungi need.',
    (f) => f.wateredOverhead && f.group === 'fungus',
  ),
  rule(
    'weak-plant',
    'improve-place',
    20,
    'A weak plant draws it and cannot bear it.',
    (f) => f.vigour === 'weak' && alive(f),
  ),
  rule(
    'thirst',
    'improve-place',
    30,
    'It is short of water: water it before anything else.',
    (f) => f.thirsty === true,
  ),
  rule(
    'ants-farm',
    'improve-place',
    30,
    'Ants farm honeydew and fight the helpers off: keep them away.',
    (f) => f.antsSeen === true && makesHoneydew(f.group),
  ),

  rule(
    'pots-touch',
    'set-apart',
    40,
    'Under a roof pots stand close, and it walks across.',
    (f) => f.sheltered && alive(f) && (scale(f) || suckers(f) || isCitrusMiner(f)),
  ),
  rule(
    'source-stands',
    'deal-with-source',
    35,
    'It comes from a plant that still has it, and will come again.',
    (f) => f.sourceOpen && alive(f),
  ),

  rule(
    'window-is-open',
    'spray-now',
    75,
    'The window to reach crawlers is open.',
    (f) => f.window === 'open' && alive(f) && scale(f) && f.level !== 0,
  ),
  rule(
    'stages-together',
    'spray-now',
    65,
    'All stages are there at once: something can be reached on any day.',
    (f) => f.allStagesSeen && alive(f),
  ),
  rule(
    'soft-flush-young',
    'spray-now',
    60,
    "A young tree's flush is soft now, and mines cost it growth.",
    (f) => isCitrusMiner(f) && f.softFlush && f.young,
  ),
  rule(
    'soft-flush-heavy',
    'spray-now',
    50,
    'More than a third of the soft flush is mined.',
    (f) => isCitrusMiner(f) && f.softFlush && (f.minedShare ?? 0) > FEW_MINED,
  ),
  rule(
    'suckers-heavy',
    'spray-now',
    45,
    'They multiply in days, and contact sprays reach them on any day.',
    (f) => suckers(f) && level(f) >= 3,
  ),
  rule(
    'soft-indoors',
    'spray-now',
    50,
    'Under glass its rounds overlap: young ones are there to be reached.',
    (f) =>
      f.sheltered &&
      (f.group === 'soft' || f.group === 'armored') &&
      sure(f) &&
      level(f) >= 2 &&
      f.window === 'none',
  ),
  rule(
    'light-needs-none',
    'spray-now',
    -30,
    'A light infestation on a grown plant hardly repays a spray.',
    (f) => grown(f) && level(f) <= 2 && f.level !== null,
  ),
  rule(
    'helpers-would-die',
    'spray-now',
    -30,
    'A spray now kills the helpers too.',
    (f) => f.helpersSeen === true || (f.holedShare ?? 0) >= 0.3,
  ),
  rule(
    'no-oil-on-it',
    'spray-now',
    -40,
    'Its kind is hurt by oil: only a label without oil that names it will do.',
    (f) => f.hostOil === 'avoid',
  ),
  rule(
    'no-oil-on-it-in-window',
    'spray-in-window',
    -40,
    'Its kind is hurt by oil: only a label without oil that names it will do.',
    (f) => f.hostOil === 'avoid',
  ),
  ...(['spray-now', 'spray-in-window', 'winter-spray', 'drench'] as const).flatMap((option) => [
    refusal(`${option}-dead`, option, 'Nothing is alive to be reached.', (f) => f.life === 'dead'),
    refusal(
      `${option}-unnamed`,
      option,
      'Without its group nobody knows what would reach it.',
      (f) => f.group === null,
    ),
    refusal(
      `${option}-harmless`,
      option,
      'It does no harm, or it helps.',
      (f) => f.group === 'no-trouble' || f.group === 'helper',
    ),
  ]),
  ...(['spray-now', 'spray-in-window', 'drench'] as const).map((option) =>
    refusal(
      `${option}-vedalia`,
      option,
      'What is sprayed or drenched here kills the beetle that does the work; outbreaks follow.',
      (f) => isVedaliaHome(f) && f.helpersSeen !== false,
    ),
  ),
  ...(['spray-now', 'spray-in-window', 'winter-spray'] as const).map((option) =>
    refusal(
      `${option}-beyond-reach`,
      option,
      'It stands higher than your sprayer reaches from the ground; without one on the shelf a hand sprayer is taken, 2.5 m (8 ft).',
      beyondReach,
    ),
  ),
  refusal(
    'in-bloom',
    'spray-now',
    'It is in bloom that bees visit. Cool weather does not clear that.',
    (f) => f.bloom === 'open' && f.beesVisitBloom,
  ),
  refusal(
    'bloom-tomorrow',
    'spray-now',
    'It is about to bloom: what is sprayed now is there when bees come.',
    (f) => f.bloom === 'soon' && f.beesVisitBloom,
  ),
  refusal('bees-at-honeydew', 'spray-now', 'Bees gather its honeydew.', (f) => f.beesAtHoneydew === true),
  refusal(
    'heat',
    'spray-now',
    'It is or will be too hot within two days: sprays burn.',
    (f) => f.hot === true,
  ),
  refusal(
    'thirsty-plant',
    'spray-now',
    'It is short of water: sprays burn thirsty leaves.',
    (f) => f.thirsty === true,
  ),
  refusal(
    'armored-under-cover',
    'spray-now',
    'Settled armored scale sits under its cover: contact sprays in leaf reach nothing until crawlers ' +
      'are out.',
    (f) =>
      f.group === 'armored' &&
      inLeaf(f) &&
      (f.window === 'later' || f.window === 'over' || f.window === 'soon') &&
      !f.allStagesSeen,
  ),
  refusal(
    'no-cure-in-leaf',
    'spray-now',
    'Leaf curl is not cured after it shows: the moment was before buds swelled.',
    (f) => f.targetId === 'peach-leaf-curl' && inLeaf(f),
  ),
  rule(
    'no-fit-hours',
    'spray-now',
    -15,
    'No hour today is fit for a spray: wait for the next good ones.',
    (f) => f.fitHoursToday === false,
  ),
  rule(
    'protects-only',
    'spray-now',
    20,
    'Sprays protect leaves that are still sound; they do not heal.',
    (f) => f.group === 'fungus' && level(f) >= 2 && inLeaf(f) && f.targetId !== 'fig-rust',
  ),
  refusal(
    'larvae-inside',
    'spray-now',
    "Larvae inside leaves are out of reach of contact sprays; the moment is the adults' flight or the " +
      'soft flush.',
    (f) => f.group === 'leaf-miner' && !f.softFlush && f.window !== 'open',
  ),
  rule(
    'miner-flight',
    'spray-now',
    30,
    'Adults fly and lay now.',
    (f) => f.group === 'leaf-miner' && f.window === 'open' && level(f) >= 3,
  ),

  rule(
    'window-ahead',
    'spray-in-window',
    60,
    'Its window lies ahead: what is sprayed then reaches crawlers while they are soft.',
    (f) => (f.window === 'soon' || f.window === 'later') && alive(f) && scale(f) && level(f) >= 1,
  ),
  rule(
    'window-near',
    'spray-in-window',
    10,
    'It opens within weeks.',
    (f) => f.window === 'soon' && alive(f) && scale(f),
  ),
  rule(
    'light-in-window',
    'spray-in-window',
    -30,
    'A light infestation on a grown plant hardly repays a spray.',
    (f) => grown(f) && level(f) <= 2 && f.level !== null,
  ),
  rule(
    'helpers-in-window',
    'spray-in-window',
    -30,
    'Holed covers or helpers say to wait.',
    (f) => f.helpersSeen === true || (f.holedShare ?? 0) >= 0.3,
  ),

  refusal(
    'no-winter-spray-left',
    'winter-spray',
    'Its winter has no spray for it, or none that is still to come.',
    (f) => f.winter === 'none',
  ),
  refusal(
    'oil-never',
    'winter-spray',
    'Its kind is hurt by oil in any state.',
    (f) => f.hostOil === 'avoid' && f.targetId !== 'peach-leaf-curl',
  ),
  rule(
    'delayed-dormant-now',
    'winter-spray',
    90,
    'Buds swell now: oil does most against scale until first green.',
    (f) => scale(f) && alive(f) && f.leafState === 'delayed-dormant' && dueNow(f),
  ),
  rule(
    'bare-now',
    'winter-spray',
    72,
    'It is bare: oil reaches settled young on bark, and more so as buds swell.',
    (f) => scale(f) && alive(f) && f.leafState === 'dormant' && level(f) >= 1 && dueNow(f),
  ),
  rule(
    'cool-season-now',
    'winter-spray',
    72,
    'Growth has hardened: an evergreen takes oil at leaf rates until new growth.',
    (f) => scale(f) && alive(f) && f.evergreen && level(f) >= 1 && dueNow(f),
  ),
  rule(
    'winter-ahead',
    'winter-spray',
    30,
    'Winter oil comes next for what summer sprays missed.',
    (f) => scale(f) && alive(f) && f.winter === 'ahead' && level(f) >= 2,
  ),
  rule(
    'curl-before-swell',
    'winter-spray',
    75,
    "Copper before buds swell keeps next spring's leaves from curling.",
    (f) => f.targetId === 'peach-leaf-curl',
  ),

  rule(
    'large-and-heavy',
    'drench',
    20,
    'It is heavy, and too large to be sprayed well.',
    (f) => (f.group === 'soft' || f.group === 'felt') && level(f) >= 4 && beyondReach(f),
  ),
  refusal(
    'bees-visit',
    'drench',
    'Bees visit its bloom, and a drench reaches pollen and nectar: this school never does it there.',
    (f, s) =>
      f.beesVisitBloom && ['never-where-bees', 'non-flowering'].includes(s.drench ?? 'never-where-bees'),
  ),
  refusal(
    'organic-drench',
    'drench',
    'Organic growing allows no such drench.',
    (_, s) => s.organic === 'organic-only',
    'A',
  ),
  refusal(
    'eaten',
    'drench',
    'Parts of it are eaten: only a label that names the crop could allow it.',
    (f) => f.edible,
  ),
  refusal(
    'not-in-autumn',
    'drench',
    "In autumn a drench goes into next spring's bloom.",
    (f) => f.lateSeason,
  ),
  refusal(
    'armored-does-not-drink',
    'drench',
    'Armored scale does not feed where the common drench flows.',
    (f) => f.group === 'armored',
  ),

  rule(
    'out-of-reach-and-heavy',
    'arborist',
    70,
    'It is heavy where you cannot reach from the ground.',
    (f) => beyondReach(f) && level(f) >= 3 && alive(f),
  ),
  rule(
    'out-of-reach',
    'arborist',
    25,
    'Part of it is out of your reach.',
    (f) => beyondReach(f) && alive(f) && level(f) >= 2,
  ),
  rule(
    'last-resort',
    'cut-back',
    35,
    'A strong shrub at the top of the scale comes again from the base.',
    (f) => level(f) >= 5 && f.vigour !== 'weak' && !f.edible && f.heightM <= 4 && alive(f),
  ),
];
