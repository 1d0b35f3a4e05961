import type { Ask } from '#core/ask'
import { HOOK_GAP_MM, SPECIES_TABLE } from '#core/knowledge'
import { type Candidate, gapNeeded, hookFor } from '#core/match'
import { message, type Said } from '#core/message'
import type { Part } from '#core/tackle'
import { formatHookSize, hookSizeRank, quantity } from '#core/units'
import type { SetupOut } from './output'

/** Which hook, how large, and why (trade §6, §7). */
export function hookOf(
  { profile, technique, added }: Candidate,
  { reading, schools }: Ask,
  parts: readonly Part[],
): SetupOut<Said>['hook'] {
  const own = profile.hooks.value[0]!
  if (technique.hook === 'own') {
    const count = own.count ?? 1
    const isTreble = own.kind === 'treble' || own.kind === 'treble-grip'
    const advice = !isTreble
      ? message('hook.sharp')
      : schools.hooks === 'singles'
        ? message('hook.singles')
        : reading.mood === 'aggressive'
          ? message('hook.grip')
          : message('hook.round-bend')
    return {
      kind: isTreble && schools.hooks === 'singles' ? 'single' : own.kind,
      size: own.size ?? null,
      count,
      advice,
    }
  }
  // A head or weighted hook of one's own brings its hook; what it cannot clear is said.
  const needed = gapNeeded(profile)
  const onPart = added.part?.size ?? null
  const wanted = onPart ?? hookFor(profile, SPECIES_TABLE[reading.species].strength, technique.adds)
  const loose = onPart
    ? null
    : nearest(
        parts.filter(p => p.kind === 'hook' && p.hookKind === technique.hook && p.quantity !== 0),
        wanted,
      )
  const size = loose?.size ?? wanted
  const gap = gapOf(size)
  const clears =
    gap === null
      ? null
      : message(gap >= needed ? 'hook.clears' : 'hook.is-small', {
          gap: quantity('length', gap),
          needed: quantity('length', needed),
        })
  const where = onPart
    ? message('hook.on-part')
    : loose
      ? message('hook.from-parts')
      : message('hook.not-owned', { size: formatHookSize(size) })
  return {
    kind: added.part?.hookKind === 'weedless' ? 'weedless' : technique.hook,
    size,
    count: 1,
    advice: clears ? message('answer.both', { one: clears, other: where }) : where,
  }
}

function gapOf(size: string): number | null {
  return HOOK_GAP_MM[size] ?? null
}

/** Hooks one size up or down will do; more would not. Assumed. */
const NEAR_SIZES = 1

function nearest(hooks: readonly Part[], size: string): Part | null {
  const wanted = hookSizeRank(size)!
  const off = (part: Part) => Math.abs((part.size ? (hookSizeRank(part.size) ?? Infinity) : Infinity) - wanted)
  const fitting = hooks
    .filter(part => off(part) <= NEAR_SIZES)
    .sort((a, b) => off(a) - off(b) || (a.id < b.id ? -1 : 1))
  return fitting[0] ?? null
}
