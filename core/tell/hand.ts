import { TACTICS } from '#core/knowledge'
import { colourClass } from '#core/lure'
import type { Candidate } from '#core/match'
import { type Message, message, type Said } from '#core/message'
import type { Way } from '#core/rule'
import type { HandOut } from './output'

const SEARCHING: readonly Way[] = ['moving', 'surface']
const labelOf = Object.fromEntries(TACTICS.map(({ id, label }) => [id, label]))

/**
 * What to have tied on the rods at hand: a search bait, a bait to clean up with, a contrast to the first, then the best of what each other rod throws.
 * Every rod carries one lure, every lure hangs on the rod it is told on.
 */
export function handOf(candidates: readonly Candidate[]): HandOut<Said>[] {
  const hand: HandOut<Said>[] = []
  const free = (c: Candidate) =>
    c.outfit !== null && !hand.some(h => h.outfitId === c.outfit!.outfit.id || h.lureId === c.profile.lure.id)
  const add = (role: HandOut['role'], found: Candidate | undefined, why: (found: Candidate) => Message) => {
    if (found) hand.push({ outfitId: found.outfit!.outfit.id, lureId: found.profile.lure.id, role, why: why(found) })
  }
  const first = candidates.find(c => free(c) && SEARCHING.includes(c.way))
  add('search', first, c => message('hand.search', { tactic: labelOf[c.tactic.id]! }))
  const clean = candidates.find(c => free(c) && !SEARCHING.includes(c.way))
  add('clean-up', clean, c => message('hand.clean-up', { tactic: labelOf[c.tactic.id]! }))
  const lead = first ?? clean
  if (lead)
    add(
      'contrast',
      candidates.find(c => free(c) && colourClass(c.profile) !== colourClass(lead.profile)),
      () => message('hand.contrast', { colour: colourClass(lead.profile) }),
    )
  for (const c of candidates)
    if (free(c)) add('other', c, () => message('hand.other', { tactic: labelOf[c.tactic.id]! }))
  return hand
}
