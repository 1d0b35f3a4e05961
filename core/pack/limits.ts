import { type Message, message } from '#core/message'
import { quantity } from '#core/units'
import type { Pack, PackProblem } from './problem'

/** Why no pack at all can be made, or why this one is not allowed: the limit by name, and the figures. */
export interface Conflict<T = Message> {
  readonly limit: 'rods' | 'lures' | 'slots' | 'weight' | 'locks'
  readonly message: T
}

/** What a pack uses up. */
export function usedBy(
  { items }: Pick<PackProblem, 'items'>,
  taken: ReadonlySet<string>,
): { readonly lures: number; readonly slots: number; readonly grams: number } {
  let [lures, slots, grams] = [0, 0, 0]
  for (const item of items) {
    if (!taken.has(item.id)) continue
    if (item.kind === 'lure') lures++
    slots += item.slots
    grams += item.grams
  }
  return { lures, slots, grams }
}

export const slotsOf = ({ boxes, slotsPerBox }: PackProblem['limits']): number => boxes * slotsPerBox

/**
 * Conflicts between the limits and what must go along. Everything else could be left at home, so that limits which the locked things keep can always be kept.
 */
export function conflictsOf(problem: PackProblem): readonly Conflict[] {
  const { items, outfitIds, limits, locks } = problem
  const conflicts: Conflict[] = []
  const both = [...locks.take].filter(id => locks.leave.has(id))
  if (both.length > 0)
    conflicts.push({
      limit: 'locks',
      message: message('pack.take-and-leave', { count: both.length, names: { joined: both } }),
    })
  const known = new Set([...items.map(i => i.id), ...outfitIds])
  const gone = [...locks.take].filter(id => !known.has(id))
  if (gone.length > 0)
    conflicts.push({ limit: 'locks', message: message('pack.cannot-go', { names: { joined: gone } }) })
  const rods = outfitIds.filter(id => locks.take.has(id)).length
  if (rods > limits.rods)
    conflicts.push({ limit: 'rods', message: message('pack.rods-locked', { count: rods, limit: limits.rods }) })
  const used = usedBy(problem, locks.take)
  if (used.lures > limits.lures)
    conflicts.push({
      limit: 'lures',
      message: message('pack.lures-locked', { count: used.lures, limit: limits.lures }),
    })
  if (used.slots > slotsOf(limits))
    conflicts.push({
      limit: 'slots',
      message: message('pack.slots-locked', { filled: used.slots, slots: slotsOf(limits) }),
    })
  if (limits.grams !== null && used.grams > limits.grams)
    conflicts.push({
      limit: 'weight',
      message: message('pack.weight-locked', {
        grams: quantity('weight', used.grams, { decimals: 0 }),
        limit: quantity('weight', limits.grams, { decimals: 0 }),
      }),
    })
  return conflicts
}

/** Everything in which a pack breaks limits or locks; empty: it may be carried. */
export function breachesOf(problem: PackProblem, { items, rods, rigged }: Pack): readonly Conflict[] {
  const { limits, locks } = problem
  const taken = new Set(items)
  const used = usedBy(problem, taken)
  const breaches: Conflict[] = []
  if (rods.length > limits.rods)
    breaches.push({ limit: 'rods', message: message('pack.rods-over', { count: rods.length, limit: limits.rods }) })
  if (used.lures > limits.lures)
    breaches.push({ limit: 'lures', message: message('pack.lures-over', { count: used.lures, limit: limits.lures }) })
  if (used.slots > slotsOf(limits))
    breaches.push({
      limit: 'slots',
      message: message('pack.slots-over', { filled: used.slots, slots: slotsOf(limits) }),
    })
  if (limits.grams !== null && used.grams > limits.grams + 1e-9)
    breaches.push({
      limit: 'weight',
      message: message('pack.weight-over', {
        grams: quantity('weight', used.grams, { decimals: 0 }),
        limit: quantity('weight', limits.grams, { decimals: 0 }),
      }),
    })
  const all = new Set([...items, ...rods])
  if ([...locks.take].some(id => !all.has(id)) || [...locks.leave].some(id => all.has(id)))
    breaches.push({ limit: 'locks', message: message('pack.lock-broken') })
  if (Object.entries(rigged).some(([rod, lure]) => !rods.includes(rod) || !taken.has(lure)))
    breaches.push({ limit: 'locks', message: message('pack.rigged-without') })
  return breaches
}
