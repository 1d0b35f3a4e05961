import type { Reading } from './reading'

/** Waters to start a reading from, where nothing was measured yet. Figures: assumed, to be replaced by what is read. */
export const USUAL_WATERS: readonly { readonly id: string, readonly label: string, readonly water: Partial<Reading> }[] = [
  { id: 'spring-morning', label: 'spring morning, stained', water: { temperatureC: 11, trend: 'warming', visibilityM: 1.2, stain: 'brown', sky: 'broken', windMs: 4, mood: 'neutral' } },
  { id: 'hot-afternoon', label: 'hot, still afternoon', water: { temperatureC: 25, trend: 'steady', visibilityM: 2.5, stain: 'green', sky: 'sun', windMs: 1, mood: 'lethargic' } },
  { id: 'muddy-flood', label: 'muddy flood', water: { temperatureC: 9, trend: 'cooling', visibilityM: 0.3, stain: 'mud', sky: 'rain', windMs: 5, mood: 'neutral' } },
  { id: 'winter-noon', label: 'cold, clear noon', water: { temperatureC: 4, trend: 'steady', visibilityM: 5, stain: 'clear', sky: 'sun', windMs: 2, mood: 'lethargic' } },
  { id: 'autumn-dusk', label: 'windy autumn dusk', water: { temperatureC: 12, trend: 'cooling', visibilityM: 1.8, stain: 'green', sky: 'overcast', windMs: 9, mood: 'aggressive' } },
  { id: 'night', label: 'clear night', water: { temperatureC: 14, trend: 'steady', visibilityM: 2.5, stain: 'green', sky: 'night', windMs: 3, mood: 'neutral' } },
]
