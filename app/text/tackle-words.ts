import type { PartRead } from '#core/catalogue'
import type { Outfit } from '#core/tackle'
import { type Dimension, formatHookSize, formatQuantity, type UnitSystem } from '#core/units'
import { words } from './labels'

const shownIn = (system: UnitSystem) => (dimension: Dimension, value: number | null | undefined) =>
  value == null ? '' : formatQuantity(dimension, value, { system })
const joined = (said: readonly string[], between = ' · ') => said.filter(Boolean).join(between)

/** A piece of hardware as it was understood. */
export function partInWords(part: PartRead, system: UnitSystem): string {
  const show = shownIn(system)
  return joined([
    words(part.kind),
    part.shape ?? '',
    show('weight', part.weightG),
    part.hookKind && part.kind === 'hook' ? words(part.hookKind) : '',
    part.size ? formatHookSize(part.size) : '',
    part.material ?? '',
    part.strengthKg == null ? '' : `holds ${show('strength', part.strengthKg)}`,
    part.quantity == null ? '' : `${part.quantity} of it`,
  ])
}

/** A rod as far as its label, or anything else, says it. */
interface RodSaid {
  readonly rod: Partial<Outfit['rod']>
  readonly line: Partial<Outfit['line']>
  readonly reel?: Outfit['reel']
}

export function rodInWords({ rod, line, reel }: RodSaid, system: UnitSystem): string {
  const show = shownIn(system)
  return joined([
    rod.kind ? words(rod.kind) : '',
    show('depth', rod.lengthM),
    rod.power ? words(rod.power) : '',
    rod.action ? words(rod.action) : '',
    rod.lureMaxG == null ? '' : `lures ${joined([show('weight', rod.lureMinG), show('weight', rod.lureMaxG)], ' to ')}`,
    joined([line.material ?? '', show('diameter', line.diameterMm), show('strength', line.testKg)], ' '),
    joined([reel?.kind ?? '', reel?.ratio ? `${reel.ratio}:1` : ''], ' '),
  ])
}
