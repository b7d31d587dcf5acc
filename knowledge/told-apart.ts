/** Two troubles that are mistaken for each other, the look that decides, and what that would change. */
export interface TwoAlike {
  readonly targetIds: readonly [string, string];
  /** Checks that decide, the best first. */
  readonly checkIds: readonly string[];
  readonly decides: string;
  /** What is done differently; null: nothing, and the key need not ask. */
  readonly changes: string | null;
}

const alike = (
  first: string,
  second: string,
  checkIds: string,
  decides: string,
  changes: string | null,
): TwoAlike => ({ targetIds: [first, second], checkIds: checkIds.split(' '), decides, changes });

export const TOLD_APART: readonly TwoAlike[] = [
  alike(
    'euonymus-scale',
    'white-prunicola-scale',
    'shape where',
    'Brown pear-shaped females on leaves and stems are euonymus scale; whitish rounds on bark are the other.',
    'Its crawlers come at other times; a tape on a twig settles it.',
  ),
  alike(
    'tea-scale',
    'camellia-scale',
    'white-flecks lift shape',
    'White male fluff and a female that stays in her own skin: tea scale. Plain brown mussels that lift off: camellia scale.',
    null,
  ),
  alike(
    'oystershell-scale',
    'japanese-maple-scale',
    'press crawlers',
    'Purple when pressed and purple crawlers: Japanese maple scale. Pale: oystershell.',
    'Oil in winter reaches Japanese maple scale better; oystershell winters as eggs under its cover.',
  ),
  alike(
    'gloomy-scale',
    'walnut-scale',
    'shape where',
    "Young crowding under the mother's edge like petals: walnut scale. Grown over by bark, on maples in hot streets: gloomy scale.",
    null,
  ),
  alike(
    'san-jose-scale',
    'olive-parlatoria-scale',
    'shape crawlers',
    'Round with a nipple at the centre: San Jose. Oval with a dark spot at one end: olive parlatoria.',
    'San Jose crawlers have a published heat sum; for the other hang a tape.',
  ),
  alike(
    'california-red-scale',
    'dictyospermum-scale',
    'where shape',
    'On twigs and fruit too, body pressed into its cover: red scale. Only on leaves, coppery middle: dictyospermum.',
    null,
  ),
  alike(
    'california-red-scale',
    'florida-red-scale',
    'shape where',
    'Nearly black caps with a pale nipple, never on wood: Florida red scale.',
    null,
  ),
  alike(
    'purple-scale',
    'citrus-snow-scale',
    'where white-flecks',
    'Snow of white males on trunk and branches: snow scale. Purple mussels on leaves and fruit: purple scale.',
    'Snow scale sits on the trunk: wet that.',
  ),
  alike(
    'false-oleander-scale',
    'oleander-scale',
    'shape',
    'White and pear-shaped: false oleander scale. Flat pale discs with a yellow middle: oleander scale.',
    null,
  ),
  alike(
    'cottony-camellia-scale',
    'mealybug',
    'mealy domes',
    'Touch it: a mealybug walks off. A flat tan insect stays put before its sac.',
    'Mealybugs hide in crevices and breed all year indoors; repeat sooner.',
  ),
  alike(
    'cottony-camellia-scale',
    'cottony-cushion-scale',
    'shape',
    'A ribbed cushion as long again as the insect: cottony cushion scale.',
    'Cottony cushion scale is left to the vedalia beetle; several sprays would kill it.',
  ),
  alike(
    'cottony-maple-scale',
    'horse-chestnut-scale',
    'where',
    'Cushions on twigs: cottony maple. Round ones on trunk and thick branches: horse-chestnut scale.',
    null,
  ),
  alike(
    'indian-wax-scale',
    'florida-wax-scale',
    'where',
    'Large and wet-looking with a horn: Indian. Small, blunt, pinkish, along leaf veins: Florida.',
    'One brood a year, or two to three: how often to look.',
  ),
  alike(
    'pink-wax-scale',
    'white-wax-scale',
    'where',
    'Hard and pink-red with white lines: pink. Soft and white: white wax scale.',
    null,
  ),
  alike(
    'pink-wax-scale',
    'florida-wax-scale',
    'where',
    'Pink-red and hard with white lines: pink wax scale.',
    null,
  ),
  alike(
    'european-fruit-lecanium',
    'calico-scale',
    'sticky',
    'Patterned cream and dark in spring, on shade trees: calico. Plain shiny brown: lecanium.',
    'Their crawlers walk about the same weeks; nothing changes but the heat sum.',
  ),
  alike(
    'oak-lecanium',
    'european-fruit-lecanium',
    'where',
    'On oak and hickory it is nearly always oak lecanium.',
    null,
  ),
  alike(
    'black-scale',
    'hemispherical-scale',
    'h-ridge',
    'Grown ones keep the H: black scale. Smooth half balls: hemispherical.',
    null,
  ),
  alike(
    'tuliptree-scale',
    'magnolia-scale',
    'where crawlers',
    'On tuliptree always the first. On magnolia, 12 mm and dusted white: magnolia scale.',
    'Drenches work partly on magnolia scale and hardly on tuliptree scale.',
  ),
  alike(
    'crapemyrtle-bark-scale',
    'mealybug',
    'press mealy',
    'Pink when pressed and it does not walk: bark scale.',
    'Mealybugs are washed off; felt scale sits in bark and wants brushing.',
  ),
  alike(
    'woolly-apple-aphid',
    'mealybug',
    'white-wool where',
    'Loose wool in wounds of apple bark with purple-brown aphids: woolly aphid.',
    'Brush and wait for its wasp before any spray.',
  ),
  alike(
    'apple-pygmy-miner',
    'lyonetia',
    'trail',
    'A trail across the veins, long and thin: the trail miner. Short and widening: the pygmy.',
    null,
  ),
  alike(
    'tentiform-leaf-miner',
    'pear-leaf-blister-moth',
    'tent blister',
    'A tent with flecks above: tentiform. Flat round brown blotches: blister moth.',
    null,
  ),
  alike(
    'citrus-leaf-miner',
    'citrus-peel-miner',
    'peel-trail where',
    'In soft leaves: leaf miner. On fruit and green stems: peel miner.',
    'The peel miner only marks; nothing is sprayed.',
  ),
  alike(
    'grape-powdery-mildew',
    'grape-downy-mildew',
    'white-bloom down-beneath',
    'Powder that wipes off, both sides: powdery. Down only beneath yellow spots: downy.',
    'Sulfur works on powdery mildew, not on downy; copper the other way round.',
  ),
  alike(
    'grape-black-rot',
    'grape-downy-mildew',
    'round-brown-spots down-beneath',
    'Rings of black specks in brown spots: black rot. Down beneath: downy mildew.',
    'Mummies have to go; copper does less on black rot.',
  ),
  alike(
    'rose-black-spot',
    'rose-rust',
    'fringed-spots rust-dots',
    'Feathered black spots, or powder that comes off orange.',
    null,
  ),
  alike(
    'cherry-leaf-spot',
    'shot-hole',
    'purple-spots shot-holes',
    'Leaves yellow and fall with spots still in: leaf spot. Spots fall out: shot hole.',
    'Leaf spot lives in fallen leaves, shot hole in buds and twigs.',
  ),
  alike(
    'shot-hole',
    'bacterial-spot',
    'gum-ooze dieback',
    'Sunken gummy cankers on twigs: bacterial. Round holes only: shot hole.',
    'Prune bacterial canker in dry summer weather only.',
  ),
  alike(
    'walnut-anthracnose',
    'walnut-blight',
    'angular-spots fruit-rot',
    'Black nuts and angular spots: blight. Round brown spots with a rim: leaf blotch.',
    'Blight is treated before leaves open, blotch by clearing leaves.',
  ),
  alike(
    'fire-blight',
    'brown-rot',
    'hooked-shoot brown-blossom',
    'A hook like a shepherd’s crook on pome fruit: fire blight. Blossom that sticks, on stone fruit: brown rot.',
    'Fire blight is often to be reported.',
  ),
  alike(
    'citrus-scab',
    'citrus-canker',
    'crater-spots corky-warts',
    'Craters felt on both sides with a yellow halo: canker. Warts on one side: scab.',
    'Canker is to be reported and nothing is moved.',
  ),
  alike(
    'melanose',
    'citrus-scab',
    'rough-specks corky-warts',
    'Fine sandpaper: melanose. Single warts: scab.',
    'Melanose comes from dead twigs: cut them out.',
  ),
  alike(
    'citrus-alternaria',
    'citrus-black-spot',
    'where',
    'On young leaves with halos: brown spot. On ripening fruit only, sunken: black spot.',
    'Black spot of citrus is to be reported.',
  ),
  alike(
    'citrus-greening',
    'nutrient-pattern',
    'lopsided-yellow',
    'The two halves of a leaf differ: greening. Both alike: a shortage.',
    'Greening is to be reported.',
  ),
  alike(
    'peach-leaf-curl',
    'aphids',
    'red-pucker soft-clusters',
    'Thick and red with nothing in the curl: leaf curl. Insects in the curl: aphids.',
    'Nothing helps curl until winter; aphids can be washed off now.',
  ),
  alike(
    'fig-rust',
    'spray-burn',
    'rust-dots scorch',
    'Powder beneath: rust. Dry patches on the sunny side only: burn.',
    'A burn wants nothing but shade.',
  ),
  alike(
    'lace-bugs',
    'spider-mites',
    'tar-dots walks',
    'Varnish dots beneath: lace bugs. Specks that walk, fine web: mites.',
    'Sprays that kill lace bugs make mites worse.',
  ),
  alike(
    'juniper-scale',
    'spider-mites',
    'walks lift',
    'Specks that walk: mites. White rounds that lift off: scale.',
    'They are reached at other times and with other means.',
  ),
  alike(
    'boxwood-leaf-miner',
    'box-blight',
    'blister dieback',
    'Blisters that part between the skins: miner. Black streaks on stems, leaves falling: blight.',
    'Box blight is often to be reported.',
  ),
  alike(
    'obscure-scale',
    'bark-pores',
    'lift',
    'Slide a nail under it: a cover lifts, a pore does not.',
    'Bark pores want nothing.',
  ),
  alike(
    'powdery-mildew',
    'spray-residue',
    'white-bloom',
    'Wipe it: what comes back within a week grows.',
    'Residue wants nothing.',
  ),
];

export const toldApartOf = (targetId: string): readonly TwoAlike[] =>
  TOLD_APART.filter(({ targetIds }) => targetIds.includes(targetId));

/** The word under which a trouble stands with all that need not be told from it; null where it stands alone. */
export function treatedAs(targetId: string): string | null {
  return CLASSES.get(targetId) ?? null;
}

const CLASSES: ReadonlyMap<string, string> = classes();

function classes(): Map<string, string> {
  const named = new Map<string, string>();
  for (const { targetIds, changes } of TOLD_APART) {
    if (changes !== null) continue;
    const [first, second] = targetIds;
    const [kept, joining] = [named.get(first) ?? named.get(second) ?? first, [first, second]];
    for (const id of joining) {
      const before = named.get(id);
      if (before !== undefined)
        for (const [other, name] of named) if (name === before) named.set(other, kept);
      named.set(id, kept);
    }
  }
  return named;
}
