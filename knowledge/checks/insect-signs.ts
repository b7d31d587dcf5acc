import type { Check } from '#core/identify';
import { sign } from './sign.ts';

/** What insects and mites leave, cover or build. */
export const INSECT_SIGNS: readonly Check[] = [
  sign(
    'sticky',
    'sticky, shiny leaves',
    'Are the leaves, or things below the plant, sticky or shiny?',
    'Touch a leaf under the suspects; look for drips on a bench, a car, a path.',
    'honeydew',
  ),
  sign(
    'black-film',
    'a black film that rubs off',
    'Is there a black film that rubs off with a damp finger?',
    'Rub a leaf. A film that stays on is a leaf spot, not this.',
    'sooty mould',
  ),
  sign(
    'ants',
    'ants on the stem',
    'Do ants run up and down the stem?',
    'Watch the trunk for a minute on a warm day.',
  ),
  sign(
    'white-flecks',
    'narrow white flecks',
    'Are there narrow white flecks, like rice or coconut shreds, on leaves or stems?',
    'About 1 mm (1/25 inch) long and straight-sided, often in crowds.',
    'male covers',
  ),
  sign(
    'crust',
    'a crust of shells on bark',
    'Is bark or stem crusted with grey or brown shells, 1 to 3 mm (to 1/8 inch)?',
    'Look along twigs and into forks. Scratch lightly: a crust of covers comes off in scales.',
  ),
  sign(
    'domes',
    'smooth domed or flat bumps',
    'Are there smooth domed or flat bumps, 2 to 12 mm (to half an inch), that belong to the insect itself?',
    'Along midribs and twig undersides.',
  ),
  sign(
    'white-felt',
    'white felt in crevices',
    'Is there white felt or dense white grains in bark crevices and forks?',
    'Look in scars and branch forks; felt is matted, not powdery.',
  ),
  sign(
    'cotton-sac',
    'cottony or ribbed white sacs',
    'Are there white cottony or ribbed sacs, longer than the insect?',
    'Ridged like a tiny shell, or a loaf of cotton behind a flat brown body.',
    'egg sac',
  ),
  sign(
    'walks',
    'specks that walk on paper',
    'Tap a twig over white paper: do specks walk?',
    'Wait ten seconds; dust lies still, mites and crawlers walk.',
    'paper tap',
    'lens',
  ),
  sign(
    'soft-clusters',
    'soft insects crowding tips',
    'Are soft little insects crowded on tips or under young leaves?',
    'Pear-shaped, green, black or grey, with two little pipes behind.',
  ),
  sign(
    'white-flies',
    'white flies that rise when shaken',
    'Do tiny white flies rise when you shake it?',
    'They settle again under the leaves within a minute.',
  ),
  sign(
    'mealy',
    'mealy wax with an insect that walks',
    'Is there white mealy wax with a soft insect in it that walks?',
    'In leaf angles and on stems; touch it and it moves off.',
  ),
  sign(
    'h-ridge',
    'an H on a dark bump',
    'Does a dark bump carry ridges like a letter H?',
    'On its back; clearest when half grown.',
  ),
  sign(
    'wax-lump',
    'thick lumps of wax',
    'Are there thick soft lumps of white or pinkish wax?',
    'They dent under a nail, with a reddish body inside.',
  ),
  sign(
    'woolly-walkers',
    'white woolly things that walk',
    'Do white woolly things walk fast among the pests?',
    'Up to 8 mm (a third of an inch), six legs beneath the tufts.',
  ),
  sign(
    'stalked-eggs',
    'eggs on hairs',
    'Do tiny eggs stand on hairs, like pins?',
    'Singly or in rows under leaves.',
  ),
  sign(
    'white-wool',
    'white wool on bark',
    'Is there loose white wool on bark, in wounds or round the trunk base?',
    'Blow on it: wool moves, and rubs to a red-brown smear where aphids sit in it.',
  ),
  sign(
    'hoppers',
    'insects that hop away',
    'Do insects, or their young with a tuft behind, hop off when you come near?',
    'Walk along the plant and watch stems and vines, not leaves.',
  ),
  sign(
    'big-bugs',
    'large flat bugs that stink',
    'Are there large flat bugs, 10 mm (3/8 inch) or more, on shoots and fruit, that smell when touched?',
    'Green, bronze or orange, in groups in warm weather. Do not touch your eyes: the spray stings.',
  ),
  sign(
    'froth',
    'blobs of froth',
    'Are there blobs of froth on stems?',
    'Wipe one open: a small pale insect sits inside.',
  ),
  sign(
    'no-mark',
    'insects that sit and leave no mark',
    'Do single insects only sit there, with no mark, stickiness or damage beneath?',
    'Flies, beetles, bugs and wasps rest and sun themselves on any plant.',
  ),
];
