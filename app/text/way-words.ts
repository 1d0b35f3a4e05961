import type { WayOut } from '#core/tell'
import { formatQuantity, type UnitSystem } from '#core/units'
import { capital, tacticLabel, words } from './labels'

/** One way of fishing a lure, on a line: the tactic, then rig and lead, depth, pace and rod. */
export function wayInWords(
  { tactic, rig, headG, sinkerG, depthM, speedMs, outfitId }: WayOut,
  rodOf: (id: string) => string,
  system: UnitSystem,
): string {
  const lead = headG ?? sinkerG
  const how = [
    words(rig),
    lead ? formatQuantity('weight', lead, { system }) : '',
    formatQuantity('depth', depthM, { system }),
    formatQuantity('speed', speedMs, { system }),
    outfitId ? `on ${rodOf(outfitId)}` : '',
  ]
  return `${capital(tacticLabel(tactic))}: ${how.filter(Boolean).join(', ')}`
}
