import { target, type Target } from './target.ts';

const IN_LEAF = [4, 5, 6, 7, 8, 9, 10];

export const LEAF_MINERS: readonly Target[] = [
  target('leaf-miner', {
    id: 'citrus-leaf-miner', name: 'Citrus leaf miner', scientific: 'Phyllocnistis citrella', what: 'Silvery winding trails in soft new leaves, the edge rolled over the pupa. Cosmetic on grown trees, costs growth on young ones.',
    hosts: 'lemon=usually orange=usually citrus-other=usually calamondin=usually kumquat=usually', shelter: 'either', signs: 'trail=always rolled-edge=usually blister=rarely',
    generations: 'many, with each flush', winter: 'adults, where mild', sits: 'newest leaves; it pupates in the rolled edge', takenFor: 'snail trails, aphid curl', matters: 'on young trees; mined leaves still work, leave them on',
  }),
  target('leaf-miner', {
    id: 'tentiform-leaf-miner', name: 'Spotted tentiform leaf miner', scientific: 'Phyllonorycter species', what: 'A blister below draws the apple leaf into a little tent, flecked pale above.', hosts: 'apple=usually quince=sometimes pear=rarely hawthorn=sometimes cherry=rarely medlar=rarely', months: IN_LEAF,
    signs: 'tent=always blister=usually', generations: '3', winter: 'pupae in fallen leaves', matters: 'above two mines a leaf; clear fallen leaves',
  }),
  target('leaf-miner', {
    id: 'apple-pygmy-miner', name: 'Apple pygmy miner', scientific: 'Stigmella malella', what: 'A narrow winding gallery in apple leaves, filled with a thin dark line.', hosts: 'apple=sometimes', months: [6, 7, 8, 9, 10], signs: 'trail=always', generations: '2', winter: 'cocoons in soil', matters: 'seldom',
  }),
  target('leaf-miner', {
    id: 'boxwood-leaf-miner', name: 'Boxwood leaf miner', scientific: 'Monarthropalpus flavus', what: 'Orange maggots between the leaf skins make blisters; small orange midges swarm round the plant for about two weeks in spring.', hosts: 'boxwood=always',
    signs: 'blister=always trail=rarely yellow-speckle=usually', generations: '1', winter: 'larvae in the leaf', takenFor: 'winter bronzing, box blight', sourceIds: ['johnson', 'practice'],
  }),
  target('leaf-miner', {
    id: 'holly-leaf-miner', name: 'Holly leaf miner', scientific: 'Phytomyza ilicis, P. ilicicola', what: 'Yellow-brown blotch mines in holly leaves; the pinpricks of egg-laying are not mines. Mostly looks.', hosts: 'holly=usually',
    signs: 'blister=usually trail=sometimes', generations: '1', winter: 'larvae in the leaf', takenFor: 'spine punctures', sourceIds: ['johnson', 'practice'],
  }),
  target('leaf-miner', {
    id: 'birch-leaf-miner', name: 'Birch leaf miner', scientific: 'Fenusa pumila', what: 'Grey then brown blotches from the tip of young birch leaves.', hosts: 'birch=usually', months: IN_LEAF, signs: 'blister=always', generations: '2 and more', winter: 'larvae in soil', sourceIds: ['johnson', 'practice'],
  }),
  target('leaf-miner', {
    id: 'lilac-leaf-miner', name: 'Lilac leaf miner', scientific: 'Gracillaria syringella', what: 'Brown blotches in lilac and privet leaves, later rolled from the tip.', hosts: 'lilac=usually privet=sometimes ash=rarely', months: IN_LEAF, signs: 'blister=always rolled-edge=usually', generations: '2', winter: 'pupae in soil and litter',
  }),
  target('leaf-miner', {
    id: 'azalea-leaf-miner', name: 'Azalea leaf miner', scientific: 'Caloptilia azaleella', what: 'Blisters in azalea leaves, then curled tips tied with silk.', hosts: 'azalea=usually', shelter: 'either', signs: 'blister=always rolled-edge=usually web=rarely', generations: '3 and more', winter: 'larvae in leaves',
  }),
  target('leaf-miner', {
    id: 'horse-chestnut-leaf-miner', name: 'Horse-chestnut leaf miner', scientific: 'Cameraria ohridella', what: 'Pale, then brown blotches between the veins; whole trees brown by August.', hosts: 'horse-chestnut=always', months: [5, 6, 7, 8, 9, 10], signs: 'blister=always', generations: '3', winter: 'pupae in fallen leaves', matters: 'looks worse than it is; clear fallen leaves in autumn',
  }),
];
