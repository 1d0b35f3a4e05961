import { hookMass } from '#core/bench'
import type { LureProfile } from '#core/lure'
import { message, type Said } from '#core/message'
import type { Assembly, LureHook, Part } from '#core/tackle'

/** One thing on the scale and what it adds [g]. */
export interface WeighedPiece {
  readonly text: Said
  readonly grams: number
}
export interface AssemblyWeight {
  readonly grams: number
  readonly pieces: readonly WeighedPiece[]
  /** Things that are named but cannot be weighed: gone from the box, or without a weight. They count nothing. */
  readonly unknown: readonly Said[]
}

export interface AssemblyStock {
  readonly lures: ReadonlyMap<string, LureProfile>
  readonly parts: ReadonlyMap<string, Part>
}

/**
 * Weight of a lure as it is dressed: itself, its trailer, the hardware on it, and other hooks for its own.
 *
 * Error: that of the weights; changed hooks are taken from the table of usual hook masses, ±25 %.
 */
export function assemblyWeight(
  { lureId, trailerId, partIds, hooks }: Assembly,
  { lures, parts }: AssemblyStock,
): AssemblyWeight {
  const pieces: WeighedPiece[] = []
  const unknown: Said[] = []
  for (const id of [lureId, trailerId]) {
    if (id == null) continue
    const profile = lures.get(id)
    if (profile) pieces.push({ text: profile.lure.name, grams: profile.weightG.value })
    else unknown.push(message('assembly.lure', { id }))
  }
  for (const id of partIds ?? []) {
    const part = parts.get(id)
    if (part?.weightG != null) pieces.push({ text: part.name, grams: part.weightG })
    else unknown.push(part?.name ?? message('assembly.part', { id }))
  }
  const host = lures.get(lureId)
  if (hooks && hooks.length > 0 && host) {
    const [fresh, old] = [hooksMass(hooks), hooksMass(host.hooks.value)]
    if (fresh === null || old === null) unknown.push(message('assembly.changed-hooks'))
    else pieces.push({ text: message('assembly.other-hooks'), grams: fresh - old })
  }
  return { grams: pieces.reduce((sum, piece) => sum + piece.grams, 0), pieces, unknown }
}

/** @returns `null` when a hook has no size that is known */
function hooksMass(hooks: readonly LureHook[]): number | null {
  let sum = 0
  for (const { kind, size, count } of hooks) {
    const each = size == null ? null : hookMass(kind === 'treble' || kind === 'treble-grip' ? 'treble' : 'single', size)
    if (each === null) return null
    sum += each * (count ?? 1)
  }
  return sum
}
