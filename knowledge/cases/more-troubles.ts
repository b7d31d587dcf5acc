import { casesFrom } from './case.ts';

/** Careful observers on troubles that joined later; written before the troubles had their words. */
export const MORE_TROUBLES_CASES = casesFrom(`
# armored scale
maple 5 | crust dieback | sticky domes | lift=cover-only shape=round-cap where=old-bark | armored gloomy-scale
maple 8 | crust dieback | sticky white-flecks | lift=cover-only shape=round-cap where=old-bark press=fluid | armored gloomy-scale
japanese-maple 6 | crust white-flecks | sticky | lift=cover-only shape=oyster where=old-bark crawlers=pink | armored japanese-maple-scale
dogwood 6 | crust dieback | sticky | lift=cover-only shape=oyster where=twigs crawlers=pink | armored -
camellia 4 | yellow-speckle | sticky white-flecks black-film | lift=cover-only shape=oyster where=leaves | armored camellia-scale
camellia 9 | yellow-speckle dieback | sticky white-flecks | lift=cover-only shape=oyster | armored camellia-scale
oleander 7 | white-flecks yellow-speckle | sticky | lift=cover-only shape=white-oval where=leaves | armored false-oleander-scale
magnolia 8 | white-flecks yellow-speckle | sticky domes | lift=cover-only shape=white-oval where=leaves | armored false-oleander-scale
rose 3 | white-flecks crust | sticky | lift=cover-only shape=white-oval where=old-bark | armored rose-scale
rose 9 | crust white-flecks dieback | sticky black-film | lift=cover-only shape=white-oval crawlers=pink | armored rose-scale
orange 6 | yellow-speckle crust | sticky white-flecks | lift=cover-only shape=oyster where=leaves | armored purple-scale
lemon 10 | yellow-speckle | sticky | lift=cover-only shape=oyster where=fruit | armored purple-scale
orange 7 | yellow-speckle | sticky red-halo white-flecks | lift=cover-only shape=dark-cap where=leaves | armored florida-red-scale
bay-laurel 5 | yellow-speckle | sticky | lift=cover-only shape=dark-cap where=leaves | armored florida-red-scale
avocado 8 | crust yellow-speckle | sticky white-flecks | lift=cover-only shape=round-cap where=twigs | armored latania-scale
cycad 7 | white-flecks yellow-speckle crust | sticky | lift=cover-only shape=white-oval where=leaves | armored cycad-scale
cycad 3 | white-flecks crust dieback | sticky mealy | lift=cover-only where=leaves | armored cycad-scale
olive 9 | crust red-halo | sticky black-film domes | lift=cover-only shape=white-oval where=fruit | armored olive-parlatoria-scale
olive 5 | crust dieback | sticky | lift=cover-only shape=white-oval where=old-bark crawlers=pink | armored olive-parlatoria-scale
palm* 2 | yellow-speckle | sticky white-flecks | lift=cover-only shape=round-cap where=leaves | armored -
# soft and felt scale
horse-chestnut 6 | cotton-sac domes | white-flecks | lift=whole where=old-bark | soft horse-chestnut-scale
linden 6 | cotton-sac | mealy white-flecks | lift=whole where=old-bark shape=sac turn-over=eggs | soft horse-chestnut-scale
hydrangea 6 | cotton-sac sticky | mealy | lift=whole where=leaves shape=sac turn-over=eggs | soft hydrangea-scale
hydrangea 8 | sticky black-film domes | mealy white-flies | lift=whole where=leaves shape=flat-oval | soft hydrangea-scale
spruce 6 | domes sticky black-film | white-flecks | lift=whole shape=dome where=twigs | soft spruce-bud-scale
spruce 5 | domes dieback | white-flecks web | lift=whole shape=dome | soft spruce-bud-scale
fig 6 | wax-lump sticky ants | cotton-sac | lift=whole shape=wax where=twigs | soft fig-wax-scale
fig 8 | wax-lump sticky black-film | | shape=wax where=leaves press=pink-red | soft fig-wax-scale
fern* 1 | domes sticky black-film | mealy | lift=whole shape=dome where=leaves | soft hemispherical-scale
house-plant* 11 | domes sticky | mealy white-flies h-ridge | lift=whole shape=dome where=twigs | soft hemispherical-scale
citrus-other 1 | wax-lump black-film sticky | cotton-sac | shape=wax where=leaves press=pink-red | soft -
lilly-pilly 12 | wax-lump black-film | | shape=wax where=leaves lift=whole | soft pink-wax-scale
orange 12 | wax-lump sticky | | shape=wax where=twigs lift=whole | soft -
elm 6 | sticky black-film dieback | domes cotton-sac | shape=fringed where=old-bark press=pink-red | felt european-elm-scale
elm 8 | sticky ants | white-flecks wax-lump | shape=fringed lift=whole | felt european-elm-scale
# leaf miners
pyracantha 2 | blister | rolled-edge chewed | where=inside larva=inside | leaf-miner firethorn-leaf-miner
pyracantha 10 | blister | trail tent | where=inside larva=inside | leaf-miner firethorn-leaf-miner
pear 7 | blister | trail tent rust-dots | where=inside larva=inside | leaf-miner pear-leaf-blister-moth
apple 8 | blister | tent trail velvet-spots | where=inside larva=gone | leaf-miner -
apple 7 | trail | blister tent rolled-edge | where=inside larva=gone | leaf-miner -
cherry 7 | trail | blister shot-holes | where=inside larva=inside | leaf-miner lyonetia
oak 7 | blister | galls trail | where=inside larva=inside | leaf-miner oak-leaf-miner
black-locust 7 | blister | trail chewed | where=inside larva=inside | leaf-miner locust-leaf-miner
rose 7 | trail | fringed-spots chewed | where=inside larva=inside | leaf-miner rose-leaf-miner
arborvitae 4 | hollow-tips dieback | stipple web | where=inside larva=inside | leaf-miner arborvitae-leaf-miner
arborvitae 6 | hollow-tips | scorch | where=inside | leaf-miner arborvitae-leaf-miner
citrus-other 8 | peel-trail | trail rolled-edge | where=fruit | leaf-miner citrus-peel-miner
# fungi
rose 6 | rust-dots | fringed-spots white-bloom | where=leaf-surface | fungus rose-rust
rose 9 | rust-dots yellow-speckle | white-bloom yellow-powder | where=leaf-surface | fungus rose-rust
pear 7 | orange-blotches | velvet-spots | where=leaf-surface | fungus pear-trellis-rust
pear 6 | orange-blotches galls | blister | where=leaf-surface | fungus pear-trellis-rust
plum 8 | rust-dots yellow-speckle | shot-holes | where=leaf-surface | fungus plum-rust
mahonia 4 | purple-spots rust-dots | white-bloom | where=leaf-surface | fungus mahonia-rust
grape 6 | down-beneath angular-spots | white-bloom galls | where=leaf-surface | fungus grape-downy-mildew
grape 7 | down-beneath yellow-speckle | white-bloom | where=leaf-surface | fungus grape-downy-mildew
grape 6 | round-brown-spots | white-bloom down-beneath | where=leaf-surface | fungus grape-black-rot
grape 8 | fruit-rot round-brown-spots | white-bloom | where=fruit | fungus grape-black-rot
cherry 6 | purple-spots yellow-speckle | gum-ooze | where=leaf-surface | fungus cherry-leaf-spot
cherry 7 | purple-spots shot-holes | gum-ooze dieback | where=leaf-surface | fungus cherry-leaf-spot
plum 8 | fruit-rot | fruit-grubs | where=fruit | fungus brown-rot-of-fruit
apple 9 | fruit-rot | fruit-grubs velvet-spots | where=fruit | fungus brown-rot-of-fruit
olive 3 | eye-spots yellow-speckle | sticky | where=leaf-surface | fungus olive-peacock-spot
olive 11 | eye-spots | black-film sticky | where=leaf-surface | fungus olive-peacock-spot
walnut 6 | angular-spots fruit-rot | galls | where=fruit | bacterium walnut-blight
walnut 7 | round-brown-spots yellow-speckle | galls | where=leaf-surface | fungus walnut-anthracnose
plane 5 | vein-blotches dieback | stipple | where=leaf-surface | fungus plane-anthracnose
dogwood 6 | round-brown-spots dieback | white-bloom | where=leaf-surface | fungus dogwood-anthracnose
maple 6 | vein-blotches | galls tar-patches | where=leaf-surface | fungus maple-anthracnose
maple 9 | tar-patches | galls white-bloom | where=leaf-surface | fungus tar-spot
camellia 3 | petal-rot | fallen-buds frosted | | fungus camellia-petal-blight
lemon 6 | corky-warts | sticky crater-spots | where=fruit | fungus citrus-scab
orange 6 | round-brown-spots yellow-speckle | sticky crater-spots | where=leaf-surface | fungus citrus-alternaria
lemon 10 | gum-ooze sunken-bark dieback | bore-holes | where=wood | fungus citrus-phytophthora
# to be reported
orange 7 | crater-spots | corky-warts sticky | where=leaf-surface | bacterium citrus-canker
orange 11 | crater-spots | rough-specks | where=fruit | bacterium citrus-canker
orange 10 | round-brown-spots | sticky corky-warts | where=fruit | fungus citrus-black-spot
orange 10 | lopsided-yellow dieback | sticky stipple | | bacterium citrus-greening
myrtle 2 | yellow-powder | white-bloom | where=leaf-surface | fungus myrtle-rust
eucalyptus 11 | yellow-powder twisted-growth | sticky | where=leaf-surface | fungus myrtle-rust
# neighbours
apple 6 | white-wool galls | white-felt | where=old-bark | sap-sucker woolly-apple-aphid
apple 9 | white-wool sticky | cotton-sac | where=twigs | sap-sucker woolly-apple-aphid
lemon 12 | galls | sticky blister | where=twigs | gall-maker citrus-gall-wasp
olive 11 | stipple tar-dots | sticky web | where=leaves | sap-sucker olive-lace-bug
passionfruit 1 | hoppers sticky | mealy | where=twigs | sap-sucker passionvine-hopper
citrus-other 12 | big-bugs | web | where=twigs | sap-sucker bronze-orange-bug
`);
