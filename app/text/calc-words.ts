import type { CalcTask } from '#core/calc'
import { type Dimension, shownUnit, type UnitSystem } from '#core/units'

/** Units that stand at the end of a calculator's field names, and the quantity that an angler would type in his own system; physics without one stays in SI. */
const UNITS: readonly (readonly [ending: string, unit: string, dimension: Dimension | null])[] = [
  ['KgM3', 'kg/m³', null],
  ['MPas', 'mPa·s', null],
  ['Cm3', 'cm³', null],
  ['Cm2', 'cm²', null],
  ['PerC', 'per °C', null],
  ['Psu', 'psu', 'salinity'],
  ['Deg', '°', null],
  ['Rad', 'rad', null],
  ['DiameterMm', 'mm', 'diameter'],
  ['Mm', 'mm', 'length'],
  ['Ms', 'm/s', 'speed'],
  ['Kg', 'kg', 'strength'],
  ['Nm', 'nm', null],
  ['M', 'm', 'depth'],
  ['G', 'g', 'weight'],
  ['S', 's', null],
  ['C', '°C', 'temperature'],
  ['N', 'N', null],
]

/** A field of a calculator as it is shown: its words, its unit in the system in use, and what it measures. */
export interface FieldWords {
  readonly label: string
  readonly unit: string
  readonly dimension: Dimension | null
}

/** `lineDiameterMm` → “line diameter”, “mm” (or “in”). */
export function fieldInWords(name: string, system: UnitSystem): FieldWords {
  const last = name.split('.').pop()!
  const found = UNITS.find(
    ([ending]) => last.endsWith(ending) && (last.length > ending.length || ending === 'DiameterMm'),
  )
  const own = found?.[0] === 'DiameterMm' ? 'Mm' : found?.[0]
  const bare = own ? name.slice(0, -own.length) : name
  const dimension = found?.[2] ?? null
  return {
    label: bare
      .replace('.', ' ')
      .replace(/([A-Z])/g, ' $1')
      .toLowerCase()
      .trim(),
    unit: dimension ? shownUnit(dimension, system).symbol : (found?.[1] ?? ''),
    dimension,
  }
}

/** What the angler asks, as the list of sums is headed. */
export const TASK_WORDS: Readonly<Record<CalcTask, string>> = {
  deep: 'How deep',
  heavy: 'How heavy',
  fast: 'How fast',
  line: 'How much line',
  hang: 'What hangs',
  season: 'What the season does',
  luck: 'Luck or not',
  physics: 'The physics beneath',
}
