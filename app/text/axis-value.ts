import { AXES, type AxisId } from '#core/rule'
import { formatNumber, formatQuantity, type UnitSystem } from '#core/units'
import { percent, percentRange } from './percent'

const DIMENSION = { 'm': 'depth', 'm/s': 'speed', 'mm': 'length' } as const
const SOUND = ['silent', 'knock', 'rattle'] as const

/** An axis' figure with its unit, as a reader of the ask sees it. */
export function axisValue(axis: AxisId, value: number, system: UnitSystem): string {
  const { unit } = AXES[axis]
  if (unit in DIMENSION) return formatQuantity(DIMENSION[unit as keyof typeof DIMENSION], value, { system })
  if (axis === 'sound') return SOUND[Math.round(value)] ?? String(value)
  if (unit === '0–1') return percent(value)
  return `${value.toFixed(1)} of ${unit.slice(2)}`
}

/** A range in one unit: `0.2–0.9 m/s`. */
export function axisRange(axis: AxisId, low: number, high: number, system: UnitSystem): string {
  const { unit } = AXES[axis]
  if (unit in DIMENSION) {
    const dimension = DIMENSION[unit as keyof typeof DIMENSION]
    return `${formatNumber(dimension, low, { system })}–${formatQuantity(dimension, high, { system })}`
  }
  if (axis === 'sound')
    return low === high
      ? axisValue(axis, low, system)
      : `${axisValue(axis, low, system)} to ${axisValue(axis, high, system)}`
  if (unit === '0–1') return percentRange(low, high)
  return `${low.toFixed(1)}–${high.toFixed(1)} of ${unit.slice(2)}`
}
