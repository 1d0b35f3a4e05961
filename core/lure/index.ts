export { type AddedWeight, CLIP_BLADE_G, fitsTechnique, flySpoons, NOTHING_ADDED } from './addition'
export { goesWith } from './goes-with'
export { BOTTOM_SHARE, bodyInWater } from './in-motion'
export { type Assembled, bodyDensity, fallAreaM2, fallSpeed, sinkingNewton } from './in-water'
export { computed, COMPUTED_FROM_TEST, type Known, type KnownAs, typical } from './known'
export { mayTrail } from './may-trail'
export { type Mould, mouldFinder } from './mould'
export { isBiteProof, type PreparedOutfit, prepareOutfit, windowVerdict } from './outfit'
export { buoyancyWord, intensityWith, type LureProfile, profileOf } from './profile'
export { DEEPEST_M, type Depths, reachOf, REFERENCE_CAST } from './reach'
export { deepestOf, type GetsDown, throwsOf } from './thrown'
export {
  classOf,
  classRange,
  colourClass,
  DEPTH_CLASSES_M,
  differingTraits,
  type SetupTraits,
  SIZE_CLASSES_MM,
  SPEED_CLASSES_MS,
  type Trait,
  TRAITS,
  traitsOf,
} from './traits'
export { roleOf } from './role'
export { usualFall } from './usual-fall'
export { scale5 } from './scale'
export { presenceOf, vibrationOf } from './with-trailer'
