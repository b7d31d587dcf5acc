import type { Check } from '#core/identify';
import { sign } from './sign.ts';

/** What shows on wood, shoots and blossom. */
export const WOOD_SIGNS: readonly Check[] = [
  sign(
    'dieback',
    'twigs dying back',
    'Are twigs or branches dying back?',
    'Thin crown, bare tips, autumn colour in summer.',
  ),
  sign(
    'galls',
    'galls or swellings',
    'Are there swellings or galls?',
    'On twigs, leaves or needles; cut one open.',
    'galls',
  ),
  sign(
    'brown-blossom',
    'browned blossom',
    'Have blossoms browned and stuck, the twig tip dying?',
    'Sometimes gum, or grey tufts in damp.',
  ),
  sign(
    'jelly-horns',
    'orange jelly horns',
    'Are there orange jelly horns on a juniper, or galls that grow them?',
    'After warm spring rain.',
  ),
  sign(
    'hooked-shoot',
    'a blackened hooked shoot',
    'Is a shoot tip blackened, wilted and bent like a hook?',
    'Leaves hang on it; there may be drops of ooze.',
  ),
  sign(
    'grey-growth',
    'grey-green growth on bark',
    'Is there flat or leafy grey-green growth on the bark?',
    'It turns greener when wetted.',
    'lichen',
  ),
  sign(
    'gum-ooze',
    'gum or dark sap from the bark',
    'Does gum, resin or dark sap come out of the bark?',
    'Trunk, forks and twigs; scrape a little away and look beneath.',
  ),
  sign(
    'sunken-bark',
    'sunken or cracked bark',
    'Is there a patch of sunken, cracked or discoloured bark?',
    'Nick its edge: dead wood is brown, live wood green or cream.',
    'canker',
  ),
  sign(
    'wilting',
    'wilting though the soil is moist',
    'Do leaves wilt or hang although the soil is moist?',
    'Feel the soil a finger deep first.',
  ),
  sign(
    'bore-holes',
    'holes in the wood with sawdust',
    'Are there holes in the wood, with sawdust or droppings?',
    'Round or D-shaped, 2 to 12 mm (to half an inch); dust in forks and at the base.',
    'borer',
  ),
  sign(
    'stained-wood',
    'stained wood under the bark',
    'Is the wood streaked brown or green when a twig is cut across?',
    'Cut a wilting shoot; look at the ring.',
  ),
  sign(
    'toadstools',
    'toadstools or brackets, white sheets under bark',
    'Are there toadstools or brackets at the base, or white sheets under its bark?',
    'Autumn for toadstools; lift a bit of dead bark at soil level.',
  ),
  sign(
    'gnawed',
    'bark gnawed, torn or knocked',
    'Is bark gnawed, torn or knocked away?',
    'Tooth marks, frayed strips, or a wound at mower height.',
  ),
  sign(
    'petal-rot',
    'petals brown with dark veins',
    'Do petals brown from the middle, the veins darker, whole flowers falling?',
    'Lift the green cup off: a white ring sits at the base of the petals.',
  ),
  sign(
    'fallen-buds',
    'buds that brown and fall',
    'Do flower buds brown and fall, or stay on brown, without opening?',
    'Cut one: black bristles, rot or nothing at all.',
  ),
  sign(
    'trunk-base',
    'it starts at the base of the trunk',
    'Does it start at the base of the trunk, near the soil?',
    'Scrape a little soil away; look at the graft and just below it.',
  ),
];
