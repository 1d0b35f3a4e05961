import type { Catches, Pack, PackProblem } from '#core/pack'

/** The definitions of a pack’s worth, written out once more: what must first be tied on catches less, and what a wish is worth. */
const NOT_RIGGED = 0.9
const WISH_WORTH = 0.004

/** An integer programme in sparse columns, to be made as great as possible; every variable lies between 0 and `upper`. */
export interface Programme {
  readonly cost: readonly number[]
  readonly lower: readonly number[]
  readonly upper: readonly number[]
  readonly isInteger: readonly boolean[]
  /** Rows: Σ value × column ≤ most. */
  readonly rows: readonly {
    readonly columns: readonly number[]
    readonly values: readonly number[]
    readonly most: number
  }[]
  /** Reads a solution. */
  readonly packOf: (values: ArrayLike<number>) => Pack
}

/**
 * The planner’s problem as an integer programme. Binary: what goes along, which rods, which lure is rigged where. Between 0 and 1 (whole by themselves once the rest is): which set-up
 * catches on which day.
 */
export function programmeOf(
  { items, outfitIds, wishes, limits, locks }: PackProblem,
  { rows: setups, weights }: Catches,
): Programme {
  const cost: number[] = []
  const lower: number[] = []
  const upper: number[] = []
  const isInteger: boolean[] = []
  const rows: { columns: number[]; values: number[]; most: number }[] = []
  const column = (worth: number, integer: boolean, low = 0, high = 1) => {
    cost.push(worth)
    lower.push(low)
    upper.push(high)
    isInteger.push(integer)
    return cost.length - 1
  }
  const row = (most: number, entries: readonly (readonly [column: number, value: number])[]) => {
    if (entries.length > 0) rows.push({ columns: entries.map(e => e[0]), values: entries.map(e => e[1]), most })
  }
  const locked = (id: string) => [locks.take.has(id) ? 1 : 0, locks.leave.has(id) ? 0 : 1] as const
  const take = new Map(items.map(i => [i.id, column(0, true, ...locked(i.id))]))
  const rod = new Map(outfitIds.map(id => [id, column(0, true, ...locked(id))]))
  const rig = new Map<string, number>()
  const rigOf = (lureId: string, outfitId: string) => {
    const key = `${lureId}\n${outfitId}`
    const known = rig.get(key) ?? column(0, true)
    rig.set(key, known)
    return known
  }
  row(
    limits.rods,
    [...rod.values()].map(c => [c, 1]),
  )
  row(
    limits.lures,
    items.filter(i => i.kind === 'lure').map(i => [take.get(i.id)!, 1]),
  )
  row(
    limits.boxes * limits.slotsPerBox,
    items.filter(i => i.slots > 0).map(i => [take.get(i.id)!, i.slots]),
  )
  if (limits.grams !== null)
    row(
      limits.grams,
      items.map(i => [take.get(i.id)!, i.grams]),
    )
  for (const wish of wishes) {
    const known = wish.lureIds.filter(id => take.has(id))
    if (known.length > 0) row(0, [[column(WISH_WORTH, false), 1], ...known.map(id => [take.get(id)!, -1] as const)])
  }

  const chosen = Array.from(weights, (): [number, number][] => [])
  const ofLureOnDay = Array.from(weights, () => new Map<string, [number, number][]>())
  for (const { option, from, catches } of setups) {
    if ([option.lureId, option.outfitId, ...option.needs].some(id => locks.leave.has(id))) continue
    catches.forEach((caught, k) => {
      const day = from + k
      if (caught <= 0) return
      const tied = column(weights[day]! * caught * NOT_RIGGED, false)
      const rigged = column(weights[day]! * caught, false)
      const uses: [number, number][] = [
        [tied, 1],
        [rigged, 1],
      ]
      chosen[day]!.push(...uses)
      const known = ofLureOnDay[day]!
      known.set(option.lureId, [...(known.get(option.lureId) ?? []), ...uses])
      row(0, [...uses, [rod.get(option.outfitId)!, -1]])
      row(0, [
        [rigged, 1],
        [rigOf(option.lureId, option.outfitId), -1],
      ])
      for (const id of option.needs) row(0, [...uses, [take.get(id)!, -1]])
    })
  }
  ofLureOnDay.forEach(byLure => byLure.forEach((uses, lureId) => row(0, [...uses, [take.get(lureId)!, -1]])))
  for (const uses of chosen) row(1, uses)
  const onRod = new Map<string, number[]>()
  const ofLure = new Map<string, number[]>()
  for (const [key, c] of rig) {
    const [lureId, outfitId] = key.split('\n') as [string, string]
    onRod.set(outfitId, [...(onRod.get(outfitId) ?? []), c])
    ofLure.set(lureId, [...(ofLure.get(lureId) ?? []), c])
  }
  for (const [outfitId, columns] of onRod) row(0, [...columns.map(c => [c, 1] as const), [rod.get(outfitId)!, -1]])
  for (const [lureId, columns] of ofLure) row(0, [...columns.map(c => [c, 1] as const), [take.get(lureId)!, -1]])

  const isSet = (values: ArrayLike<number>, c: number) => values[c]! > 0.5
  return {
    cost,
    lower,
    upper,
    isInteger,
    rows,
    packOf: values => ({
      items: items.filter(i => isSet(values, take.get(i.id)!)).map(i => i.id),
      rods: outfitIds.filter(id => isSet(values, rod.get(id)!)),
      rigged: Object.fromEntries(
        [...rig].filter(([, c]) => isSet(values, c)).map(([key]) => key.split('\n').reverse() as [string, string]),
      ),
    }),
  }
}
