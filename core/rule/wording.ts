import { type Dimension, formatQuantity, proseIn, type UnitSystem } from '#core/units'
import type { Features, NumberFeature } from './features'

const DIMENSION: Partial<Record<NumberFeature, Dimension>> = {
  temperatureC: 'temperature',
  visibilityM: 'depth',
  bottomM: 'depth',
  fishFromM: 'depth',
  fishToM: 'depth',
  fishM: 'depth',
  presentM: 'depth',
  waveM: 'depth',
  windMs: 'speed',
  currentMs: 'speed',
  forageLengthMm: 'length',
  shortestForageMm: 'length',
  longestForageMm: 'length',
  mouthMm: 'length',
}

/** Fills the `{feature}` places of a rule's sentence with the reading's figures, in the user's units; its own figures follow. */
export function fillIn(text: string, { numbers, sets }: Features, system: UnitSystem = 'metric'): string {
  return proseIn(text, system).replace(/\{(\w+)\}/g, (place, name: string) => {
    if (name in numbers) {
      const feature = name as NumberFeature
      const dimension = DIMENSION[feature]
      return dimension ? formatQuantity(dimension, numbers[feature], { system }) : numbers[feature].toFixed(1)
    }
    if (name in sets)
      return Object.keys(sets[name as keyof typeof sets])
        .join(', ')
        .replaceAll('-', ' ')
    return place
  })
}
