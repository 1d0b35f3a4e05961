import type { Ask } from '#core/ask'
import { HOOK_GAP_MM } from '#core/knowledge'
import type { Candidate } from '#core/match'
import type { Part } from '#core/tackle'
import { formatHookSize, hookSizeRank } from '#core/units'
import type { SetupOut } from './output'

/** The gap must clear the body by about half again (trade §7). */
const CLEARS = 1.5
/** Thickness of a soft body where the point comes out, as a share of its depth. Assumed; meets the trade's pairs of length and hook within one size. */
const AT_POINT = 0.4
/** Sizes by which a hook may be larger than the length alone asks for. Assumed. */
const LARGEST_STEP = 2
const LARGEST_RANK = 8

/** Which hook, how large, and why (trade §6, §7). */
export function hookOf({ profile, technique, added }: Candidate, { reading, schools }: Ask, parts: readonly Part[]): SetupOut['hook'] {
  const own = profile.hooks.value[0]!
  if (technique.hook === 'own') {
    const count = own.count ?? 1
    const isTreble = own.kind === 'treble' || own.kind === 'treble-grip'
    const advice = !isTreble ? 'as it is; the point must be sharp'
      : schools.hooks === 'singles' ? 'singles instead of trebles: weigh the pair, the balance must stay'
        : reading.mood === 'aggressive' ? 'triple-grip trebles: they hit hard'
          : 'round-bend trebles; a stiff rod pulls small ones out'
    return { kind: isTreble && schools.hooks === 'singles' ? 'single' : own.kind, size: own.size ?? null, count, advice }
  }
  // A head or weighted hook of one's own brings its hook; what it cannot clear is said.
  const needed = CLEARS * AT_POINT * profile.typical.slenderness * profile.lengthMm.value
  const onPart = added.part?.size ?? null
  const wanted = onPart ?? sizeFor(profile.lengthMm.value, profile.typical.slenderness, needed)
  const loose = onPart ? null : nearest(parts.filter(p => p.kind === 'hook' && p.hookKind === technique.hook && p.quantity !== 0), wanted)
  const size = loose?.size ?? wanted
  const gap = gapOf(size)
  const clears = gap === null ? '' : gap >= needed ? `its gap of about ${gap.toFixed(0)} mm clears the body (${needed.toFixed(0)} mm asked)` : `its gap of about ${gap.toFixed(0)} mm is small for this body (${needed.toFixed(0)} mm asked): fish may be felt and missed`
  const where = onPart ? 'on your head or weighted hook' : loose ? 'from your parts' : `none of yours: a ${formatHookSize(size)} is assumed`
  return { kind: technique.hook, size, count: 1, advice: [clears, where].filter(Boolean).join('; ') }
}

/**
 * Hook size for a soft body from its length, trade §6: #2 for 9–10 cm slim baits, 2/0–3/0 for 75 mm, 4/0 up to 12 cm, 6/0 from 15 cm;
 * thin bodies take less, thick ones a larger gap. Between those points assumed.
 */
function sizeFor(lengthMm: number, slenderness: number, neededGapMm: number): string {
  const byLength = 1 + (lengthMm - 60) / 20
  const thin = slenderness < 0.16 ? 3 : 0
  const least = Math.round(Math.min(LARGEST_RANK, Math.max(hookSizeRank('6')!, byLength - thin)))
  let rank = least
  while (rank < Math.min(LARGEST_RANK, least + LARGEST_STEP) && (gapOf(sizeOf(rank)) ?? Infinity) < neededGapMm) rank++
  return sizeOf(rank)
}

function sizeOf(rank: number): string {
  // There are no odd sizes below #1: #3 and #5 are not sold.
  if (rank >= 1) return `${rank}/0`
  const number = 1 - rank
  return String(number === 1 || number % 2 === 0 ? number : number - 1)
}

function gapOf(size: string): number | null {
  return HOOK_GAP_MM[size] ?? null
}

/** Hooks one size up or down will do; more would not. Assumed. */
const NEAR_SIZES = 1

function nearest(hooks: readonly Part[], size: string): Part | null {
  const wanted = hookSizeRank(size)!
  const off = (part: Part) => Math.abs((part.size ? hookSizeRank(part.size) ?? Infinity : Infinity) - wanted)
  const fitting = hooks.filter(part => off(part) <= NEAR_SIZES).sort((a, b) => off(a) - off(b) || (a.id < b.id ? -1 : 1))
  return fitting[0] ?? null
}
