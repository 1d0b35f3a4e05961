import * as z from 'zod'
import { waterDensity, waterViscosity } from '#core/water'
import { calc, field } from './calc'

const water = z.object({ temperatureC: field.temperatureC, salinityPsu: field.salinityPsu.default(0) })

export const density = calc('water-density', water, ({ temperatureC, salinityPsu }) => ({
  densityKgM3: waterDensity(temperatureC, salinityPsu),
}))

export const viscosity = calc('water-viscosity', water, ({ temperatureC, salinityPsu }) => ({
  viscosityMPas: waterViscosity(temperatureC, salinityPsu) * 1000,
}))
