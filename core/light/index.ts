export { type Bands, bandAttenuation, lightLeft } from './attenuation'
export { colourLook, type ColourKind, type ColourLook, type ColourWater } from './colour-look'
export { daylight } from './daylight'
export { relativeLuminance } from './luminance'
export { pigmentAbsorbance } from './pigment'
export { atWavelength, daylightSpectrum, WAVELENGTHS } from './spectrum'
export { sunPosition } from './sun'
export {
  daylightKelvin, diffuseAttenuation, type InherentOptics, inherentOptics, lightSlant, parFraction, secchiDistance, waterOf,
} from './water-optics'
