export { bandAttenuation, lightLeft } from './attenuation'
export {
  colourJudge,
  type ColourJudge,
  type ColourLook,
  type ColourScene,
  DEFAULT_PREY,
  zoneOfFish,
} from './colour-look'
export { daylight } from './daylight'
export { isNightAt } from './clear-sky'
export { relativeLuminance } from './luminance'
export { type LureLooks, lureSurface } from './lure-surface'
export { moonAltitude, moonLit } from './moon'
export { pigmentAbsorbance } from './pigment'
export { previewOf } from './preview'
export { lightScene, type View } from './scene'
export { conspicuousness, contrast, likenessDistance, reachOfSight } from './sight'
export { LIGHTS, lightWord, type LightWord, skyOver } from './sky-over'
export { atWavelength } from './spectrum'
export { sunPosition } from './sun'
export { daylightKelvin, diffuseAttenuation, lightSlant, parFraction, secchiDistance, waterOf } from './water-optics'
