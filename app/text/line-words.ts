import { lineDiameter } from '#core/motion'
import type { LineMaterial } from '#core/terms'
import { formatQuantity, type UnitSystem } from '#core/units'
import { words } from './labels'

interface Strand {
  readonly material: LineMaterial
  readonly testKg?: number | null
  readonly diameterMm?: number | null
}

/** A line or leader as it is told everywhere: material, what it holds, how thick; a thickness that nobody measured follows from its strength, and is told as about. */
export function strandInWords({ material, testKg, diameterMm }: Strand, system: UnitSystem): string {
  const usual = diameterMm == null && testKg ? lineDiameter(material, testKg) : null
  return [
    words(material),
    testKg ? formatQuantity('strength', testKg, { system }) : null,
    diameterMm != null
      ? formatQuantity('diameter', diameterMm, { system })
      : usual === null
        ? null
        : `about ${formatQuantity('diameter', usual, { system })}`,
  ]
    .filter(part => part !== null)
    .join(' ')
}

export function leaderInWords(leader: Strand & { readonly lengthM?: number | null }, system: UnitSystem): string {
  return [
    leader.lengthM == null ? null : formatQuantity('depth', leader.lengthM, { system }),
    strandInWords(leader, system),
  ]
    .filter(part => part !== null)
    .join(' ')
}

/** The leader that is tied in, as thick as the rod's own where it is that. */
export function leaderTold(
  told: Strand & { readonly lengthM: number },
  own: Strand | null | undefined,
  system: UnitSystem,
): string {
  const isOwn = own != null && own.material === told.material && (own.testKg ?? null) === (told.testKg ?? null)
  return leaderInWords(isOwn ? { ...told, diameterMm: own.diameterMm ?? null } : told, system)
}
