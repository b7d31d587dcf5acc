export { DAMAGE_KINDS, drawLeaf, type DamageKind, type DrawnLeaf, type Patch } from './drawn-leaf.ts';
export { drawTwig, type Cover, type CoverKind, type DrawnTwig } from './drawn-twig.ts';
export { LEAF_BOX, leafEdge, onLeaf } from './leaf-shape.ts';
export { leafExercise, twigExercise, type Exercise } from './lesson.ts';
