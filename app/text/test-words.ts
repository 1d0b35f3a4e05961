import { summarise, TEST_GUIDES } from '#core/bench'
import type { BenchTest } from '#core/tackle'
import type { TestKind } from '#core/terms'
import { formatNumber, formatQuantity, shownUnit, type UnitSystem } from '#core/units'
import { words } from './labels'

/** Decimals of a bench's figures: the scale and the watch tell more than a packet does. */
const FINE: Partial<Record<TestKind, Partial<Record<UnitSystem, number>>>> = {
  weigh: { metric: 2, imperial: 3, mixed: 3 },
  tear: { metric: 2, imperial: 1, mixed: 1 },
  swim: { metric: 2 },
}

/** The unit that a test is read in. */
export function unitOf(kind: TestKind, system: UnitSystem): string {
  const { dimension, unit } = TEST_GUIDES[kind]
  return dimension ? shownUnit(dimension, system).symbol : unit
}

/** One reading of a test with its unit. */
export function readingInWords(kind: TestKind, value: number, system: UnitSystem): string {
  const { dimension, unit } = TEST_GUIDES[kind]
  return dimension
    ? formatQuantity(dimension, value, { system, decimals: FINE[kind]?.[system] })
    : `${unit === 's' ? value.toFixed(2) : value} ${unit}`
}

/** One line that says what a bench test found, with its unit and spread. */
export function testInWords(
  { kind, values, rig, addedG, depthM, temperatureC }: BenchTest,
  system: UnitSystem,
): string {
  const guide = TEST_GUIDES[kind]
  const numbers = values.filter(v => v !== null)
  const where = [
    rig ? words(rig) : '',
    addedG ? `+${formatQuantity('weight', addedG, { system })}` : '',
    depthM ? `over ${formatQuantity('depth', depthM, { system })}` : '',
    temperatureC != null ? formatQuantity('temperature', temperatureC, { system }) : '',
  ]
    .filter(Boolean)
    .join(', ')
  const found = guide.fields
    ? guide.fields
        .map(
          (f, i) =>
            `${f} ${values[i] == null ? 'not known' : guide.dimension ? readingInWords(kind, values[i], system) : values[i]}`,
        )
        .join(', ')
    : numbers.length === 0
      ? 'did not tear'
      : meanInWords(kind, numbers, system)
  return where ? `${found} (${where})` : found
}

/** Mean of the readings with its standard error; one alone says that it stands alone. */
export function meanInWords(kind: TestKind, numbers: readonly number[], system: UnitSystem): string {
  const { mean, error, count } = summarise(numbers)
  if (error === null) return `${readingInWords(kind, mean, system)}, once`
  const unit = unitOf(kind, system)
  return `${readingInWords(kind, mean, system).slice(0, -unit.length - 1)} ± ${errorOf(kind, error, system)} ${unit} (${count}×)`
}

/** A standard error: a difference, so that a scale's zero does not enter; two digits are enough. */
function errorOf(kind: TestKind, error: number, system: UnitSystem): string {
  const { dimension } = TEST_GUIDES[kind]
  if (!dimension) return error.toFixed(2)
  const digits = Number(formatNumber(dimension, error, { system, decimals: 4 }))
  return String(Number(digits.toPrecision(2)))
}
