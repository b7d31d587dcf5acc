import type { Check, Effort } from '#core/identify';

const YES_NO = [{ id: 'yes', label: 'Yes' }, { id: 'no', label: 'No' }] as const;

const sign = (id: string, name: string, question: string, how: string, term?: string, effort: Effort = 'look'): Check =>
  ({ id, kind: 'sign', name, question, how, effort, answers: YES_NO, ...(term ? { term } : {}) });

/** What can be looked for, cheap looks first. */
export const CHECKS: readonly Check[] = [
  sign('sticky', 'sticky, shiny leaves', 'Are the leaves, or things below the plant, sticky or shiny?', 'Touch a leaf under the suspects; look for drips on a bench, a car, a path.', 'honeydew'),
  sign('black-film', 'a black film that rubs off', 'Is there a black film that rubs off with a damp finger?', 'Rub a leaf. A film that stays on is a leaf spot, not this.', 'sooty mould'),
  sign('ants', 'ants on the stem', 'Do ants run up and down the stem?', 'Watch the trunk for a minute on a warm day.'),
  sign('yellow-speckle', 'yellow speckles or blotches from above', 'Are leaves speckled or blotched yellow from above?', 'Hold a leaf to the light: pale patches above where something sucks below.'),
  sign('white-flecks', 'narrow white flecks', 'Are there narrow white flecks, like rice or coconut shreds, on leaves or stems?', 'About 1 mm long and straight-sided, often in crowds.', 'male covers'),
  sign('crust', 'a crust of shells on bark', 'Is bark or stem crusted with grey or brown shells, 1 to 3 mm?', 'Look along twigs and into forks. Scratch lightly: a crust of covers comes off in scales.'),
  sign('domes', 'smooth domed or flat bumps', 'Are there smooth domed or flat bumps, 2 to 12 mm, that belong to the insect itself?', 'Along midribs and twig undersides.'),
  sign('white-felt', 'white felt in crevices', 'Is there white felt or dense white grains in bark crevices and forks?', 'Look in scars and branch forks; felt is matted, not powdery.'),
  sign('cotton-sac', 'cottony or ribbed white sacs', 'Are there white cottony or ribbed sacs, longer than the insect?', 'Ridged like a tiny shell, or a loaf of cotton behind a flat brown body.', 'egg sac'),
  sign('red-halo', 'red rings on fruit', 'Are there red rings round grey specks on fruit?', 'Look near stem and calyx ends.'),
  sign('dieback', 'twigs dying back', 'Are twigs or branches dying back?', 'Thin crown, bare tips, autumn colour in summer.'),
  sign('trail', 'a pale winding trail', 'Is there a pale winding trail in the leaf, with a thin dark line?', 'Hold the leaf to the light.', 'serpentine mine'),
  sign('rolled-edge', 'rolled edges or curled leaves', 'Are soft leaf edges rolled over or leaves curled?', 'Newest leaves first.'),
  sign('blister', 'blisters or blotches within the leaf', 'Are there blisters, or pale blotches between the two skins of the leaf?', 'Feel with a fingertip; bend the leaf and see whether the skins part.', 'blotch mine'),
  sign('fringed-spots', 'black spots with feathered edges', 'Are there black spots with feathered edges on the leaf?', 'The yellow round them spreads; leaves drop early.'),
  sign('velvet-spots', 'olive velvety spots', 'Are there olive-brown velvety spots on leaves or fruit?', 'Dull and soft at first, later corky.'),
  sign('white-bloom', 'white powdery bloom', 'Is there a white powdery bloom that wipes off?', 'On young leaves and shoot tips, as if dusted with flour.'),
  sign('stipple', 'fine pale stippling', 'Is the leaf finely stippled, as if pricked all over with pale dots?', 'Upper side, against the light; finer than scale blotches.'),
  sign('web', 'fine webbing', 'Is there fine webbing or silk?', 'In leaf angles and over tips; mist it with water to see it.'),
  sign('walks', 'specks that walk on paper', 'Tap a twig over white paper: do specks walk?', 'Wait ten seconds; dust lies still, mites and crawlers walk.', 'paper tap', 'lens'),
  sign('soft-clusters', 'soft insects crowding tips', 'Are soft little insects crowded on tips or under young leaves?', 'Pear-shaped, green, black or grey, with two little pipes behind.'),
  sign('white-flies', 'white flies that rise when shaken', 'Do tiny white flies rise when you shake it?', 'They settle again under the leaves within a minute.'),
  sign('mealy', 'mealy wax with an insect that walks', 'Is there white mealy wax with a soft insect in it that walks?', 'In leaf angles and on stems; touch it and it moves off.'),
  sign('tar-dots', 'black tar-like dots beneath', 'Are there shiny black tar-like dots under the leaf?', 'Varnished specks between the veins.'),
  sign('silver-streaks', 'silvery streaks', 'Are there silvery streaks with tiny black specks on petals or leaves?', 'Open a bud and look for thin running slivers.'),
  sign('chewed', 'chewed leaves', 'Are leaves eaten, skeletonised or holed by chewing?', 'Ragged edges and droppings.'),
  sign('galls', 'galls or swellings', 'Are there swellings or galls?', 'On twigs, leaves or needles; cut one open.', 'galls'),
  sign('tent', 'leaves puckered into tents', 'Is the leaf puckered into a little tent, mined beneath?', 'A blister below draws the upper side up, flecked pale.', 'tentiform mine'),
  sign('h-ridge', 'an H on a dark bump', 'Does a dark bump carry ridges like a letter H?', 'On its back; clearest when half grown.'),
  sign('wax-lump', 'thick lumps of wax', 'Are there thick soft lumps of white or pinkish wax?', 'They dent under a nail, with a reddish body inside.'),
  sign('rust-dots', 'rusty dots with powder', 'Are there rusty or orange dots with powder?', 'Turn the leaf over and rub: the finger comes away orange.'),
  sign('red-pucker', 'thick red puckered leaves', 'Are leaves thick, puckered and reddened?', 'Blistered and curled all over, in spring.'),
  sign('shot-holes', 'neat round holes', 'Are there neat round holes, as if shot, with brown rims?', 'A spot falls out and leaves the hole.'),
  sign('brown-blossom', 'browned blossom', 'Have blossoms browned and stuck, the twig tip dying?', 'Sometimes gum, or grey tufts in damp.'),
  sign('red-grey-spots', 'red spots with grey centres', 'Are there small dark red spots with grey centres?', 'Young leaves first; spots run together.'),
  sign('greasy-blotch', 'oily blotches beneath', 'Are there yellow-brown blotches, oily beneath?', 'On leaves more than half a year old.'),
  sign('rough-specks', 'rough raised specks', 'Are leaves or fruit rough with raised brown specks, like sandpaper?', 'Run a finger over them.'),
  sign('jelly-horns', 'orange jelly horns', 'Are there orange jelly horns on a juniper, or galls that grow them?', 'After warm spring rain.'),
  sign('hooked-shoot', 'a blackened hooked shoot', 'Is a shoot tip blackened, wilted and bent like a hook?', 'Leaves hang on it; there may be drops of ooze.'),
  sign('woolly-walkers', 'white woolly things that walk', 'Do white woolly things walk fast among the pests?', 'Up to 8 mm, six legs beneath the tufts.'),
  sign('stalked-eggs', 'eggs on hairs', 'Do tiny eggs stand on hairs, like pins?', 'Singly or in rows under leaves.'),
  sign('scorch', 'scorch on the sunny side', 'Is the sunny side scorched, days after a spray?', 'Brown dry patches on what the sun met; shaded leaves sound.'),
  sign('corky-bumps', 'corky bumps beneath', 'Are there little corky bumps under the leaf, with no powder?', 'Rough to the touch, worst on overwatered plants.'),
  sign('grey-growth', 'grey-green growth on bark', 'Is there flat or leafy grey-green growth on the bark?', 'It turns greener when wetted.', 'lichen'),
  {
    id: 'lift', kind: 'test', name: 'lift test', question: 'Lift one bump with a nail or a knife tip. What comes away?', term: 'lift test', effort: 'knife',
    how: 'Slide the tip under the edge. Try three or four; a moulting one misleads.',
    answers: [
      { id: 'cover-only', label: 'A cover lifts off, a separate soft body stays' },
      { id: 'whole', label: 'Cover and insect come off as one' },
      { id: 'nothing', label: 'Nothing lifts: bark, pore or gall' },
    ],
  },
  {
    id: 'press', kind: 'test', name: 'press test', question: 'Press one with a fingernail. What comes out?', term: 'press test', effort: 'lens',
    how: 'Take one with an unbroken cover. After an oil spray wait: bodies stay moist for weeks.',
    answers: [
      { id: 'fluid', label: 'Clear or yellow fluid' }, { id: 'pink-red', label: 'Pink or red fluid' }, { id: 'dry', label: 'Dry, flakes or dust' },
    ],
  },
  {
    id: 'turn-over', kind: 'test', name: 'turned over', question: 'Turn covers over. What is beneath?', term: 'turn over', effort: 'knife',
    how: 'Ten or more, from several twigs. A dead dry mother can still shelter live eggs.',
    answers: [
      { id: 'body', label: 'A plump body' }, { id: 'eggs', label: 'Eggs, like coloured dust' }, { id: 'empty', label: 'Dry remains or nothing' },
    ],
  },
  {
    id: 'where', kind: 'test', name: 'where it sits', question: 'Where do most of them sit?', effort: 'look',
    how: 'Both leaf sides, along the midrib, twig undersides, old wood, crevices.',
    answers: [
      { id: 'leaves', label: 'On leaves' }, { id: 'twigs', label: 'On young twigs and stems' }, { id: 'old-bark', label: 'On old bark, forks and scars' },
      { id: 'inside', label: 'Inside the leaf' }, { id: 'leaf-surface', label: 'Spots or dust on the leaf, no insects' },
    ],
  },
  {
    id: 'shape', kind: 'test', name: 'shape', question: 'Under a lens, what shape is one cover or body?', effort: 'lens',
    how: 'Choose a full-grown one. The cast skin shows as a small spot, at the centre or at one end.',
    answers: [
      { id: 'oyster', label: 'Long and narrow, like a mussel or comma' }, { id: 'pear', label: 'Pear- or oyster-shaped, brown, skin at the narrow end' },
      { id: 'round-cap', label: 'Round with a central nipple' }, { id: 'white-oval', label: 'White and oval with a dark or yellow end' },
      { id: 'flat-oval', label: 'Flat, see-through oval' }, { id: 'dome', label: 'High smooth dome' },
      { id: 'flat-disc', label: 'Flat pale disc with a yellow middle' },
      { id: 'wax', label: 'A thick lump of wax' }, { id: 'sac', label: 'A smooth white felt sac' }, { id: 'ridged-sac', label: 'A white sac with ribs' }, { id: 'none', label: 'No insect body at all' },
    ],
  },
  {
    id: 'crawlers', kind: 'test', name: 'crawlers', question: 'What colour are the crawlers on a tape?', term: 'crawlers', effort: 'week',
    how: 'Double-sided clear tape round an infested twig, a week in season.',
    answers: [
      { id: 'yellow', label: 'Yellow to orange' }, { id: 'pink', label: 'Pink to red or purplish' }, { id: 'cream', label: 'Cream or pale' },
    ],
  },
  {
    id: 'larva', kind: 'test', name: 'larva', question: 'Hold a mined leaf to the light. Is a larva or pupa in it?', effort: 'look',
    how: 'At the wide end of the mine, or in the rolled edge.',
    answers: [{ id: 'inside', label: 'Yes, one is inside' }, { id: 'gone', label: 'Empty' }],
  },
];
