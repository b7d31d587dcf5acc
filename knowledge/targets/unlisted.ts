import type { FrequencyWord, TargetGroup, Unlisted } from '#core/identify';
import { colourLooks, groupLooks, NO_SIGN, signLooks, testLooks } from './target.ts';

/** A kind of trouble that is in no list, with what to tell about it. */
export interface UnlistedKind extends Unlisted {
  readonly name: string;
  /** Who may know, and what to show them. */
  readonly advice: string;
}

const NO_INSECT = {
  lift: 'nothing=always',
  shape: 'none=always',
  press: 'dry=always',
  'turn-over': 'empty=always',
  larva: 'gone=always',
};

const kind = (
  id: string,
  name: string,
  usual: FrequencyWord,
  signs: string,
  tests: Readonly<Record<string, string>>,
  advice: string,
): UnlistedKind => ({
  id,
  group: null,
  name,
  usual,
  advice,
  looks: { ...NO_SIGN, ...signLooks(signs), ...testLooks({ ...NO_INSECT, ...tests }), ...colourLooks(id) },
});

const another = (
  group: TargetGroup,
  name: string,
  usual: FrequencyWord,
  signs: string,
  tests: Readonly<Record<string, string>>,
  advice: string,
): UnlistedKind => ({
  id: `another-${group}`,
  group,
  name,
  usual,
  advice,
  looks: {
    ...groupLooks(group),
    ...signLooks(signs),
    ...testLooks(tests),
    ...colourLooks(`another-${group}`),
  },
});

/** An unlisted one of a scale group may have any of its shapes, sit anywhere, and have crawlers of any colour. */
const ANY_CRAWLERS = 'yellow=sometimes pink=sometimes cream=sometimes';
const ANYWHERE = 'leaves=sometimes twigs=sometimes old-bark=sometimes fruit=rarely';

/** What the key cannot name: it says so, and what kind it looks like. How usual each is: grade C. */
export const UNLISTED: readonly UnlistedKind[] = [
  another(
    'armored',
    'Another armored scale',
    'rarely',
    '',
    {
      shape:
        'round-cap=sometimes oyster=sometimes white-oval=sometimes pear=sometimes flat-disc=sometimes dark-cap=rarely',
      where: ANYWHERE,
      crawlers: ANY_CRAWLERS,
    },
    'Treat it as armored scale: hang a tape and spray when crawlers walk. A lab names it from a twig.',
  ),
  another(
    'soft',
    'Another soft scale',
    'rarely',
    'cotton-sac=rarely wax-lump=rarely',
    {
      shape: 'dome=usually flat-oval=sometimes sac=sometimes wax=rarely',
      where: ANYWHERE,
      crawlers: ANY_CRAWLERS,
    },
    'Treat it as soft scale: young stay soft for weeks. A lab names it from a twig.',
  ),
  another(
    'felt',
    'Another felt scale',
    'never',
    '',
    { shape: 'sac=usually fringed=sometimes', where: 'old-bark=usually twigs=sometimes leaves=rarely' },
    'Treat it as felt scale. A lab names it from a piece of bark.',
  ),
  another(
    'leaf-miner',
    'Another leaf miner',
    'rarely',
    'blister=usually trail=sometimes',
    {},
    'A larva in the leaf: treat it as a leaf miner. A mined leaf, pressed, names it.',
  ),
  another(
    'fungus',
    'Another leaf spot or rust',
    'rarely',
    'round-brown-spots=sometimes purple-spots=rarely angular-spots=rarely rust-dots=rarely white-bloom=rarely ' +
      'vein-blotches=rarely down-beneath=rarely brown-edges=rarely fringed-spots=rarely shot-holes=rarely',
    { where: 'leaf-surface=always fruit=rarely' },
    'Treat it as a leaf fungus: clear fallen leaves, keep leaves dry. A lab names it from fresh spots.',
  ),
  another(
    'sap-sucker',
    'Another sap-sucking insect',
    'rarely',
    'soft-clusters=rarely hoppers=rarely froth=rarely big-bugs=rarely sticky=sometimes stipple=rarely ' +
      'twisted-growth=rarely galls=rarely mealy=rarely',
    { shape: 'none=sometimes' },
    'Photograph the insect sharply from above and show it to an adviser.',
  ),
  kind(
    'canker',
    'a canker: dying bark',
    'usually',
    'sunken-bark=always trunk-base=rarely dieback=usually gum-ooze=sometimes crust=never wilting=rarely',
    { where: 'wood=always' },
    'Cut well below it into clean wood, clean the blade, and send a piece with its living edge.',
  ),
  kind(
    'wilt-or-root',
    'a wilt or a trouble of the roots',
    'usually',
    'wilting=usually trunk-base=sometimes dieback=usually stained-wood=sometimes toadstools=sometimes brown-edges=sometimes ' +
      'yellow-speckle=sometimes',
    { where: 'wood=sometimes leaf-surface=sometimes' },
    'Look at the roots and the wood under the bark at soil level; send a wilting shoot and some roots with soil.',
  ),
  kind(
    'weather-or-salt',
    'frost, drought, salt or a drifted spray',
    'usually',
    'frosted=sometimes brown-edges=sometimes twisted-growth=sometimes wilting=rarely dieback=rarely scorch=rarely ' +
      'fallen-buds=rarely',
    { where: 'leaf-surface=usually' },
    'Compare with the neighbours and with the weather of the weeks before. New growth tells whether it is over.',
  ),
  kind(
    'borer',
    'a borer in the wood',
    'sometimes',
    'bore-holes=always droppings=sometimes dieback=usually gum-ooze=sometimes sunken-bark=sometimes wilting=sometimes',
    { where: 'wood=always' },
    'Cut an infested shoot lengthwise; a photo of the hole beside a ruler helps to name it.',
  ),
  kind(
    'virus',
    'a virus or a change of the plant itself',
    'rarely',
    'rings-mosaic=usually twisted-growth=sometimes yellow-speckle=sometimes even-pattern=rarely',
    { where: 'leaf-surface=always' },
    'Nothing cures a virus. Do not take cuttings; a lab can test young leaves.',
  ),
  kind(
    'fruit-trouble',
    'a trouble of the fruit',
    'sometimes',
    'fruit-grubs=usually fruit-rot=sometimes droppings=sometimes',
    { where: 'fruit=always' },
    'Cut some open and keep a grub in a closed jar; pick up fallen fruit.',
  ),
  kind(
    'animal-or-tool',
    'gnawing, or a knock by a tool',
    'rarely',
    'gnawed=always trunk-base=sometimes sunken-bark=sometimes dieback=sometimes',
    { where: 'wood=always' },
    'Guard the stem; a clean wound closes by itself and wants no paint.',
  ),
  kind(
    'bud-trouble',
    'buds that fail',
    'rarely',
    'fallen-buds=always frosted=rarely brown-edges=rarely',
    {},
    'Cut a bud open: black bristles, rot or nothing tell different stories. Water evenly in late summer.',
  ),
  kind(
    'quite-else',
    'something this key has no words for',
    'sometimes',
    '',
    {},
    'Photograph it near and far and ask an adviser or a lab.',
  ),
];
