export { waterDensity } from './density'
export { waterViscosity } from './viscosity'
