import { summarise, TEST_GUIDES } from '#core/bench'
import type { BenchTest } from '#core/tackle'
import { words } from './labels'

/** One line that says what a bench test found, with its unit and spread. */
export function testInWords({ kind, values, rig, addedG, depthM, temperatureC }: BenchTest): string {
  const guide = TEST_GUIDES[kind]
  const numbers = values.filter(v => v !== null)
  const where = [rig ? words(rig) : '', addedG ? `+${addedG} g` : '', depthM ? `over ${depthM} m` : '', temperatureC != null ? `${temperatureC} °C` : ''].filter(Boolean).join(', ')
  const found = guide.fields ? guide.fields.map((f, i) => `${f} ${values[i]}`).join(', ') : numbers.length === 0 ? 'did not tear' : meanInWords(numbers, guide.unit)
  return where ? `${found} (${where})` : found
}

function meanInWords(numbers: readonly number[], unit: string): string {
  const { mean, error, count } = summarise(numbers)
  return error === null ? `${mean.toFixed(2)} ${unit}, once` : `${mean.toFixed(2)} ± ${error.toFixed(2)} ${unit} (${count}×)`
}
