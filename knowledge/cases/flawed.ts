import { seen, type Case } from './case.ts';

/** Otherwise careful observers who got one answer wrong. */
export const ONE_WRONG_CASES: readonly Case[] = [
  // A neighbour's aphids made the leaf sticky.
  seen('spindle', 5, 'white-flecks yellow-speckle dieback sticky', '', 'lift=cover-only shape=pear where=leaves', 'armored', 'euonymus-scale'),
  seen('apple', 2, 'crust', 'sticky', 'lift=cover-only shape=pear where=old-bark press=fluid', 'armored', 'san-jose-scale'),
  // A moulting one, so nothing seemed to come off.
  seen('lilac', 3, 'crust dieback', 'sticky white-flecks', 'lift=nothing shape=oyster turn-over=eggs', 'armored', 'oystershell-scale'),
  seen('pear', 9, 'red-halo crust domes', 'sticky black-film', 'lift=cover-only shape=round-cap', 'armored', 'san-jose-scale'),
  seen('peach', 8, 'white-flecks crust dieback', 'sticky', 'lift=cover-only shape=pear where=old-bark', 'armored', 'white-prunicola-scale'),
  seen('euonymus', 6, 'white-flecks yellow-speckle white-bloom', 'sticky', 'lift=cover-only where=leaves shape=pear', 'armored', 'euonymus-scale'),
  seen('camellia*', 11, 'sticky black-film', 'cotton-sac', 'lift=cover-only shape=flat-oval where=leaves', 'soft', 'brown-soft-scale'),
  seen('plum', 5, 'domes', 'sticky', 'lift=cover-only shape=dome where=twigs turn-over=eggs', 'soft', 'european-fruit-lecanium'),
  seen('magnolia', 8, 'domes black-film crust', '', 'lift=whole shape=dome where=twigs', 'soft', 'magnolia-scale'),
  seen('maple', 6, 'cotton-sac sticky white-felt', '', 'lift=whole where=twigs', 'soft', 'cottony-maple-scale'),
  seen('crape-myrtle', 6, 'white-felt black-film sticky', '', 'press=fluid where=old-bark', 'felt', 'crapemyrtle-bark-scale'),
  seen('azalea', 5, 'white-felt black-film mealy', '', 'press=pink-red where=old-bark', 'felt', 'azalea-bark-scale'),
  seen('pittosporum', 6, 'cotton-sac sticky mealy', '', 'shape=ridged-sac where=twigs press=pink-red', 'giant', 'cottony-cushion-scale'),
  seen('kumquat*', 5, 'trail rolled-edge sticky', '', 'where=inside larva=inside', 'leaf-miner', 'citrus-leaf-miner'),
  seen('boxwood', 4, 'blister yellow-speckle', '', 'where=leaf-surface larva=inside', 'leaf-miner', 'boxwood-leaf-miner'),
  seen('holly', 3, 'blister chewed', 'sticky', 'where=inside', 'leaf-miner', 'holly-leaf-miner'),
  seen('horse-chestnut', 8, 'blister scorch', 'sticky', 'where=inside larva=inside', 'leaf-miner', 'horse-chestnut-leaf-miner'),
  seen('fig', 9, 'rust-dots fringed-spots', '', 'where=leaf-surface', 'fungus', 'fig-rust'),
  seen('peach', 5, 'red-pucker soft-clusters', '', 'where=leaf-surface', 'fungus', 'peach-leaf-curl'),
  seen('rose', 7, 'fringed-spots yellow-speckle', '', 'where=leaves', 'fungus', 'rose-black-spot'),
  seen('grape', 7, 'white-bloom mealy', 'sticky', 'where=leaf-surface', 'fungus', 'grape-powdery-mildew'),
  seen('apple', 6, 'velvet-spots shot-holes', '', 'where=leaf-surface', 'fungus', 'apple-scab'),
  seen('rose', 5, 'soft-clusters', 'sticky', 'where=leaf-surface', 'sap-sucker', 'aphids'),
  seen('azalea', 7, 'stipple tar-dots web', '', 'where=leaves', 'sap-sucker', 'lace-bugs'),
  seen('juniper', 8, 'stipple web walks sticky', '', '', 'mite', 'spider-mites'),
  seen('boxwood', 6, 'chewed web', '', 'where=inside', 'chewer', 'box-tree-moth'),
  seen('pear', 5, 'hooked-shoot dieback chewed', '', '', 'bacterium', 'fire-blight'),
  seen('crape-myrtle', 6, 'woolly-walkers mealy', '', '', 'helper', 'ladybird-larvae'),
  seen('oak', 2, 'grey-growth crust', 'sticky', 'lift=nothing where=old-bark press=dry', 'no-trouble', 'lichen'),
  seen('walnut', 6, 'crust dieback sticky', '', 'lift=cover-only where=old-bark shape=round-cap', 'armored', 'walnut-scale'),
];

/** Observers who looked at little. */
export const SPARSE_CASES: readonly Case[] = [
  seen('spindle', 5, 'white-flecks', 'sticky', '', 'armored', 'euonymus-scale'),
  seen('kumquat*', 5, 'trail', '', '', 'leaf-miner', 'citrus-leaf-miner'),
  seen('rose', 7, 'fringed-spots', '', '', 'fungus', 'rose-black-spot'),
  seen('crape-myrtle', 6, 'white-felt', '', '', 'felt', 'crapemyrtle-bark-scale'),
  seen('peach', 5, 'red-pucker', '', '', 'fungus', 'peach-leaf-curl'),
  seen('magnolia', 8, 'domes', '', '', 'soft', 'magnolia-scale'),
  seen('boxwood', 5, 'blister', '', '', 'leaf-miner', 'boxwood-leaf-miner'),
  seen('lemon*', 2, 'white-flies', '', '', 'sap-sucker', 'whitefly'),
  seen('juniper', 8, 'web', '', '', 'mite', 'spider-mites'),
  seen('pear', 5, 'hooked-shoot', '', '', 'bacterium', 'fire-blight'),
];
