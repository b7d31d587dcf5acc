import { casesFrom } from './case.ts';

/**
 * Careful observers on what is in no list here: cankers, wilts, frost, borers, roots, virus, animals, other
 * insects. Right is to say so or to leave it open. Written before any trouble named "unlisted" had words.
 */
export const UNLISTED_CASES = casesFrom(`
# cankers and dying wood
apple 3 | sunken-bark dieback | gum-ooze crust sticky | where=wood | unlisted -
apple 6 | sunken-bark dieback | hooked-shoot velvet-spots | where=wood lift=nothing | unlisted -
peach 5 | gum-ooze sunken-bark dieback | brown-blossom crust | where=wood | unlisted -
redbud 6 | sunken-bark wilting dieback | sticky | where=wood | unlisted -
spruce 7 | dieback gum-ooze sunken-bark | web stipple white-flecks | where=wood | unlisted -
mulberry 6 | dieback sunken-bark | crust white-flecks sticky | where=wood | unlisted -
willow 7 | dieback sunken-bark | sticky chewed | where=wood | unlisted -
# wilts and roots
maple 7 | wilting dieback stained-wood | sticky crust vein-blotches | | unlisted -
smoke-tree 8 | wilting stained-wood | white-bloom | | unlisted -
azalea 7 | wilting dieback | stipple white-felt sticky | | unlisted -
apple 10 | toadstools dieback | crust sticky | where=wood | unlisted -
lilac 8 | toadstools wilting | white-bloom blister | | unlisted -
elm 7 | wilting stained-wood dieback | sticky chewed | | unlisted -
raspberry 6 | wilting dieback | rust-dots sticky | where=wood | unlisted -
avocado 8 | wilting dieback brown-edges | sticky crust | | unlisted -
# frost, drought, salt, sprays that drifted
magnolia 4 | frosted | sticky domes crust | | unlisted -
walnut 5 | frosted | angular-spots sticky | | unlisted -
kumquat 2 | frosted dieback | sticky | | unlisted -
hydrangea 5 | frosted brown-edges | sticky | | unlisted -
maple 8 | brown-edges | tar-patches sticky | | unlisted -
horse-chestnut 8 | brown-edges | blister | larva=gone | unlisted -
beech 9 | brown-edges wilting | crust galls | | unlisted -
grape 6 | twisted-growth | galls white-bloom down-beneath | lift=nothing | unlisted -
rose 6 | twisted-growth | rust-dots soft-clusters white-bloom | | unlisted -
# borers
lilac 6 | bore-holes dieback | crust white-flecks | where=wood | unlisted -
birch 7 | bore-holes dieback | blister | where=wood | unlisted -
currant 5 | bore-holes wilting | soft-clusters | where=wood | unlisted -
peach 7 | bore-holes gum-ooze | sunken-bark crust | where=wood | unlisted -
dogwood 8 | bore-holes sunken-bark | crust sticky | where=wood | unlisted -
pine 6 | gum-ooze bore-holes dieback | white-flecks | where=wood | unlisted -
# virus, shortage in fruit, fruit insects
rose 6 | rings-mosaic | stipple rust-dots | lift=nothing | unlisted -
camellia 4 | rings-mosaic | sticky white-flecks | lift=nothing | unlisted -
apple 8 | fruit-grubs | fruit-rot velvet-spots | where=fruit | unlisted -
walnut 9 | fruit-grubs | angular-spots | where=fruit | unlisted -
olive 9 | fruit-grubs | crust red-halo | where=fruit | unlisted -
# animals and tools
cherry 2 | gnawed | gum-ooze crust | where=wood | unlisted -
apple 1 | gnawed | crust sticky | where=wood | unlisted -
linden 8 | gnawed sunken-bark | bore-holes | where=wood | unlisted -
# other insects, other spots
azalea 5 | fallen-buds | petal-rot frosted | | unlisted -
camellia 2 | fallen-buds | petal-rot sticky | | unlisted -
oleander 6 | froth | sticky mealy | where=twigs | unlisted -
hawthorn 7 | round-brown-spots | red-grey-spots rust-dots | where=leaf-surface | unlisted -
hazelnut 6 | round-brown-spots dieback | galls | where=leaf-surface | unlisted -
viburnum 7 | round-brown-spots | white-bloom | where=leaf-surface | unlisted -
`);
