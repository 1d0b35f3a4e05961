import type { Pack, PackProblem } from './problem'

/** Why no pack at all can be made, or why this one is not allowed: the limit by name, and the figures. */
export interface Conflict {
  readonly limit: 'rods' | 'lures' | 'slots' | 'weight' | 'locks'
  readonly message: string
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
      message: `${both.length} ${both.length === 1 ? 'thing is' : 'things are'} marked both to take and to leave: ${both.join(', ')}`,
    })
  const known = new Set([...items.map(i => i.id), ...outfitIds])
  const gone = [...locks.take].filter(id => !known.has(id))
  if (gone.length > 0)
    conflicts.push({
      limit: 'locks',
      message: `must go along but cannot: ${gone.join(', ')} (not in the box, or none left)`,
    })
  const rods = outfitIds.filter(id => locks.take.has(id)).length
  if (rods > limits.rods)
    conflicts.push({ limit: 'rods', message: `${rods} rods must go along, the limit is ${limits.rods}` })
  const used = usedBy(problem, locks.take)
  if (used.lures > limits.lures)
    conflicts.push({ limit: 'lures', message: `${used.lures} lures must go along, the limit is ${limits.lures}` })
  if (used.slots > slotsOf(limits))
    conflicts.push({
      limit: 'slots',
      message: `what must go along fills ${used.slots} slots, the boxes have ${slotsOf(limits)}`,
    })
  if (limits.grams !== null && used.grams > limits.grams)
    conflicts.push({
      limit: 'weight',
      message: `what must go along weighs ${Math.round(used.grams)} g, the limit is ${Math.round(limits.grams)} g`,
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
    breaches.push({ limit: 'rods', message: `${rods.length} rods, the limit is ${limits.rods}` })
  if (used.lures > limits.lures)
    breaches.push({ limit: 'lures', message: `${used.lures} lures, the limit is ${limits.lures}` })
  if (used.slots > slotsOf(limits))
    breaches.push({ limit: 'slots', message: `${used.slots} slots filled, the boxes have ${slotsOf(limits)}` })
  if (limits.grams !== null && used.grams > limits.grams + 1e-9)
    breaches.push({
      limit: 'weight',
      message: `${Math.round(used.grams)} g, the limit is ${Math.round(limits.grams)} g`,
    })
  const all = new Set([...items, ...rods])
  if ([...locks.take].some(id => !all.has(id)) || [...locks.leave].some(id => all.has(id)))
    breaches.push({ limit: 'locks', message: 'something locked is not where it should be' })
  if (Object.entries(rigged).some(([rod, lure]) => !rods.includes(rod) || !taken.has(lure)))
    breaches.push({ limit: 'locks', message: 'a lure is rigged that does not go along' })
  return breaches
}
