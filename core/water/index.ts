export { waterDensity } from './density.ts'
export { waterViscosity } from './viscosity.ts'
