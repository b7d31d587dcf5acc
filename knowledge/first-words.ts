import type { FirstWord } from '#core/identify';

/** A plain word to start from, as somebody would say it before knowing what to look for. */
export interface FirstWordText extends FirstWord {
  readonly label: string;
}

export const FIRST_WORDS: readonly FirstWordText[] = [
  { id: 'sticky', label: 'Sticky or black leaves', signs: ['sticky', 'black-film', 'ants'] },
  {
    id: 'bumps',
    label: 'Bumps or shells',
    signs: ['crust', 'domes', 'wax-lump', 'h-ridge', 'galls', 'corky-bumps', 'cotton-sac'],
  },
  {
    id: 'white',
    label: 'White fluff or flecks',
    signs: [
      'white-flecks',
      'white-felt',
      'cotton-sac',
      'mealy',
      'white-wool',
      'wax-lump',
      'woolly-walkers',
      'white-flies',
      'froth',
    ],
  },
  {
    id: 'powder',
    label: 'White powder or down',
    signs: ['white-bloom', 'down-beneath', 'mealy', 'wipes-off'],
  },
  {
    id: 'orange',
    label: 'Orange or yellow dots',
    signs: ['rust-dots', 'orange-blotches', 'yellow-powder', 'jelly-horns', 'yellow-speckle', 'stipple'],
  },
  {
    id: 'spots',
    label: 'Spots or blotches',
    signs: [
      'fringed-spots',
      'velvet-spots',
      'red-grey-spots',
      'greasy-blotch',
      'rough-specks',
      'angular-spots',
      'round-brown-spots',
      'purple-spots',
      'eye-spots',
      'vein-blotches',
      'tar-patches',
      'crater-spots',
      'corky-warts',
      'blister',
    ],
  },
  {
    id: 'holes',
    label: 'Holes or eaten leaves',
    signs: ['chewed', 'droppings', 'shot-holes', 'bore-holes', 'fruit-grubs', 'gnawed'],
  },
  {
    id: 'lines',
    label: 'Lines, trails or blisters',
    signs: ['trail', 'blister', 'tent', 'peel-trail', 'silver-streaks'],
  },
  {
    id: 'curled',
    label: 'Curled or twisted leaves',
    signs: ['rolled-edge', 'red-pucker', 'twisted-growth', 'soft-clusters', 'web'],
  },
  {
    id: 'pale',
    label: 'Pale, yellow or dull leaves',
    signs: ['yellow-speckle', 'stipple', 'lopsided-yellow', 'even-pattern', 'silver-streaks', 'rings-mosaic'],
  },
  {
    id: 'brown',
    label: 'Brown or black shoots and edges',
    signs: [
      'dieback',
      'hooked-shoot',
      'brown-blossom',
      'brown-edges',
      'frosted',
      'scorch',
      'hollow-tips',
      'wilting',
      'petal-rot',
      'fallen-buds',
    ],
  },
  {
    id: 'bark',
    label: 'Something on or in the bark',
    signs: [
      'crust',
      'sunken-bark',
      'trunk-base',
      'gum-ooze',
      'bore-holes',
      'white-felt',
      'white-wool',
      'grey-growth',
      'gnawed',
      'toadstools',
    ],
  },
  {
    id: 'fruit',
    label: 'Marks on fruit',
    signs: [
      'red-halo',
      'fruit-rot',
      'fruit-grubs',
      'corky-warts',
      'crater-spots',
      'rough-specks',
      'peel-trail',
      'velvet-spots',
    ],
  },
  {
    id: 'insects',
    label: 'Insects that walk, hop or fly',
    signs: [
      'walks',
      'no-mark',
      'soft-clusters',
      'white-flies',
      'mealy',
      'hoppers',
      'big-bugs',
      'woolly-walkers',
      'ants',
      'froth',
    ],
  },
];
