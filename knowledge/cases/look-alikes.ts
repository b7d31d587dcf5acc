import { casesFrom } from './case.ts';

/** Careful observers on troubles that are mistaken for each other; written before the later ones had words. */
export const LOOK_ALIKE_CASES = casesFrom(`
walnut 6 | crust dieback | sticky white-flecks | lift=cover-only shape=round-cap where=old-bark | armored walnut-scale
apple 9 | red-halo crust | sticky | lift=cover-only shape=round-cap where=fruit | armored san-jose-scale
camellia 5 | yellow-speckle white-flecks | sticky | shape=oyster where=leaves crawlers=yellow | armored tea-scale
euonymus 6 | white-flecks yellow-speckle | sticky mealy | lift=cover-only shape=pear where=twigs | armored euonymus-scale
lilac 3 | crust | white-flecks sticky | lift=cover-only shape=oyster turn-over=eggs where=old-bark | armored oystershell-scale
cherry-laurel 4 | white-flecks crust | sticky | lift=cover-only shape=white-oval where=old-bark | armored white-prunicola-scale
orange 8 | white-flecks dieback | sticky | lift=cover-only where=old-bark shape=oyster | armored citrus-snow-scale
camellia 6 | cotton-sac | mealy | lift=whole where=leaves shape=flat-oval | soft cottony-camellia-scale
camellia 7 | mealy sticky | domes | where=leaves lift=whole | sap-sucker mealybug
pittosporum 6 | cotton-sac sticky | mealy | lift=whole shape=ridged-sac where=twigs | giant cottony-cushion-scale
maple 6 | cotton-sac sticky | mealy | lift=whole where=twigs shape=sac | soft cottony-maple-scale
holly 7 | wax-lump | mealy | shape=wax where=twigs lift=whole | soft indian-wax-scale
fig 9 | rust-dots yellow-speckle | scorch | where=leaf-surface | fungus fig-rust
apple 6 | rust-dots | velvet-spots | where=leaf-surface | fungus cedar-apple-rust
grape 7 | white-bloom | down-beneath | where=leaf-surface | fungus grape-powdery-mildew
grape 6 | galls | down-beneath white-bloom | where=leaves | mite gall-mites
peach 5 | red-pucker | soft-clusters sticky | where=leaf-surface | fungus peach-leaf-curl
plum 6 | soft-clusters rolled-edge sticky | red-pucker | where=leaves | sap-sucker aphids
rose 8 | fringed-spots yellow-speckle | rust-dots | where=leaf-surface | fungus rose-black-spot
apple 6 | velvet-spots | eye-spots tar-patches | where=leaf-surface | fungus apple-scab
boxwood 5 | blister yellow-speckle | web chewed | where=inside larva=inside | leaf-miner boxwood-leaf-miner
boxwood 7 | web chewed dieback | blister | where=leaves | chewer box-tree-moth
pear 5 | hooked-shoot | frosted bore-holes | where=twigs | bacterium fire-blight
plum 4 | brown-blossom dieback | hooked-shoot frosted | where=twigs | fungus brown-rot
orange 7 | rough-specks | crater-spots corky-warts | where=fruit | fungus melanose
orange 2 | greasy-blotch yellow-speckle | eye-spots | where=leaf-surface | fungus greasy-spot
azalea 7 | stipple tar-dots | web walks | where=leaves | sap-sucker lace-bugs
juniper 7 | stipple walks web | crust | where=leaves | mite spider-mites
oak 5 | domes sticky | galls crust | lift=whole shape=dome where=twigs | soft oak-lecanium
oak 8 | crust dieback | sticky domes | lift=cover-only shape=round-cap where=old-bark | armored obscure-scale
`);
