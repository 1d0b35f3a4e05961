import { TACTICS } from '#core/knowledge'
import { colourClass } from '#core/lure'
import type { Candidate } from '#core/match'
import { type Message, message, type Said } from '#core/message'
import type { Way } from '#core/rule'
import type { HandOut } from './output'

const SEARCHING: readonly Way[] = ['moving', 'surface']
/** What searches, cleans up or stands against the first is at most so far behind the best [log-odds]; from there on it is only what its rod throws. Assumed. */
const WORTH_A_ROLE = 7
const labelOf = Object.fromEntries(TACTICS.map(({ id, label }) => [id, label]))

/**
 * What to have tied on the rods at hand: a search bait, a bait to clean up with, a contrast to the first, then the best of what each other rod throws.
 * No rod is given a part that its bait has no hope to play in this water. Every rod carries one lure, every lure hangs on the rod it is told on.
 */
export function handOf(candidates: readonly Candidate[]): HandOut<Said>[] {
  const hand: HandOut<Said>[] = []
  const free = (c: Candidate) =>
    c.outfit !== null && !hand.some(h => h.outfitId === c.outfit!.outfit.id || h.lureId === c.profile.lure.id)
  const add = (role: HandOut['role'], found: Candidate | undefined, why: (found: Candidate) => Message) => {
    if (found) hand.push({ outfitId: found.outfit!.outfit.id, lureId: found.profile.lure.id, role, why: why(found) })
  }
  const best = candidates[0]?.odds ?? 0
  const hopeful = candidates.filter(c => best - c.odds <= WORTH_A_ROLE)
  const first = hopeful.find(c => free(c) && SEARCHING.includes(c.way))
  add('search', first, c => message('hand.search', { tactic: labelOf[c.tactic.id]! }))
  const clean = hopeful.find(c => free(c) && !SEARCHING.includes(c.way))
  add('clean-up', clean, c => message('hand.clean-up', { tactic: labelOf[c.tactic.id]! }))
  const lead = first ?? clean
  if (lead)
    add(
      'contrast',
      hopeful.find(c => free(c) && colourClass(c.profile) !== colourClass(lead.profile)),
      () => message('hand.contrast', { colour: colourClass(lead.profile) }),
    )
  for (const c of candidates)
    if (free(c)) add('other', c, () => message('hand.other', { tactic: labelOf[c.tactic.id]! }))
  return hand
}
