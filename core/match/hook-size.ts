import { HOOK_GAP_MM, type TechniqueRow } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import { interpolate } from '#core/numeric'
import type { Family } from '#core/terms'

/** The gap must clear the body by about half again (handbook §7). */
const CLEARS = 1.5
/** Thickness of a soft body where the point comes out, as a share of its depth. Assumed; meets the handbook's pairs of length and hook within one size. */
const AT_POINT = 0.4
/** Sizes by which a hook may be larger than the length alone asks for. Assumed. */
const LARGEST_STEP = 1
const LARGEST_RANK = 8
/**
 * Rank of the size (1 = 1/0, 0 = #1, −1 = #2 …) for a body of each length: #6 at 40 mm, #2–1/0 at 75 mm, 4/0 at 100 mm, 6/0 at 150 mm (handbook §6, §23.5).
 * Thin bodies take fewer. Between the handbook's points straight, beyond them assumed.
 */
const BY_LENGTH = { mm: [30, 50, 75, 100, 125, 150, 220], rank: [-5, -2, 2, 4, 5, 6.4, 8] }
/**
 * Below this depth over length a body is thin; how many sizes it takes less. Assumed: #2 or #1 for a 9–10 cm flat minnow (handbook §6);
 * what is not flat takes more on a head, between that and the 2/0–3/0 of slender 7.5-cm bodies on heads (handbook §23.5).
 * Paddle-tails take the size of their length however slim they are: the point comes out at the shoulder (2/0–3/0 at 7.5 cm, 4/0 at 10–12 cm; handbook §6, §23.5).
 */
const THIN = {
  below: 0.16,
  sizes: 4,
  onHead: 2,
  not: ['paddle-tail', 'swimbait'] as readonly Family[],
  flat: 'flat-belly',
}

/** Gap that a body asks of its hook [mm]. */
export function gapNeeded({ typical, lengthMm }: LureProfile): number {
  return CLEARS * AT_POINT * typical.slenderness * lengthMm.value
}

/** The strongest fish straighten and spit what holds others: so many sizes more (handbook §23.5). Assumed. */
const STRONGEST_SIZES = 1

/** Hook size for a soft body, for a fish of this strength (0–3, species table), and what is added to the body. */
export function hookFor(body: LureProfile, strength: number, adds: TechniqueRow['adds'] = 'nothing'): string {
  const { lengthMm } = body
  const least = Math.round(
    Math.min(
      LARGEST_RANK,
      Math.max(
        -7,
        interpolate(BY_LENGTH.mm, BY_LENGTH.rank, lengthMm.value) -
          thinBy(body, adds) +
          (strength >= 3 ? STRONGEST_SIZES : 0),
      ),
    ),
  )
  let rank = least
  while (
    rank < Math.min(LARGEST_RANK, least + LARGEST_STEP) &&
    (HOOK_GAP_MM[sizeOf(rank)] ?? Infinity) < gapNeeded(body)
  )
    rank++
  return sizeOf(rank)
}

/** Sizes that a thin body takes less than its length asks for. */
function thinBy({ lure: { family, style }, lengthMm, typical, bulk }: LureProfile, adds: TechniqueRow['adds']): number {
  const isThin = typical.slenderness < THIN.below || (bulk.value <= 1 && lengthMm.value < 90)
  if (!isThin || THIN.not.includes(family)) return 0
  return adds === 'head' && style !== THIN.flat ? THIN.onHead : THIN.sizes
}

function sizeOf(rank: number): string {
  // There are no odd sizes below #1: #3 and #5 are not sold.
  if (rank >= 1) return `${rank}/0`
  const number = 1 - rank
  return String(number === 1 || number % 2 === 0 ? number : number - 1)
}
