import type { Carried, ChangedLure } from '#core/bench'
import type { Lure } from '#core/tackle'
import { formatHookSize, formatQuantity, type UnitSystem } from '#core/units'
import { words } from './labels'

/** What goes over to a changed lure, what is worked out for it, and what is left behind: a line each. */
export function carriedInWords({ lure, original, carried }: ChangedLure, system: UnitSystem): readonly string[] {
  const lines = carried.map(one => lineOf(one, lure, system))
  const left = original.quantity ?? 0
  return [
    ...lines,
    left === 0
      ? `None is left of ${original.name}; its days and tests stay with it.`
      : `${left} of ${original.name} ${left === 1 ? 'stays' : 'stay'} as ${left === 1 ? 'it is' : 'they are'}.`,
  ]
}

function lineOf({ field, how }: Carried, lure: Lure, system: UnitSystem): string {
  switch (field) {
    case 'weightG':
      return `Weight ${formatQuantity('weight', lure.weightG!, { system })}, worked out: put it on the scale.`
    case 'lengthMm':
      return `Length ${formatQuantity('length', lure.lengthMm!, { system })}.`
    case 'bulk':
      return `Bulk ${lure.bulk} of 5, worked out.`
    case 'buoyancy':
      return `It ${lure.buoyancy === 'sinks-slowly' ? 'sinks slowly' : words(lure.buoyancy!)}, worked out: let it go in your water.`
    case 'runsAt':
      return how === 'dropped'
        ? 'It no longer gets down: no running depth.'
        : `Runs to ${formatQuantity('depth', lure.runsAt!.depthM, { system })}, worked out from the depth it ran at before.`
    case 'hooks':
      return `Hooks: ${lure.hooks!.map(h => `${h.count ?? 1} × ${words(h.kind)} ${h.size ? formatHookSize(h.size) : ''}`.trim()).join(', ')}.`
    case 'blades':
      return `Blades: ${lure.blades!.map(b => [b.shape, b.size, b.metal].filter(word => word != null && word !== 'none').join(' ')).join(', ')}, back blade first.`
    case 'speed':
      return how === 'kept'
        ? `Swims from ${formatQuantity('speed', lure.speed!.minMs!, { system })} to ${formatQuantity('speed', lure.speed!.maxMs!, { system })} as before: so small a change leaves that.`
        : 'The speeds it swam at are not carried over: it is another swimmer now.'
    case 'fallRateMs':
      return 'Its fall is not carried over: it is worked out from the new weight.'
    case 'tests':
      return 'Tests stay with the lure they were made on.'
  }
}
