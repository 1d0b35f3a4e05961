import { slotsOf } from './limits'
import { NOT_RIGGED, type Pack, type PackOption, type PackProblem, WISH_WORTH } from './problem'
import type { Sorted } from './value'

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
  /** Columns of a known pack, to begin with. */
  readonly startOf: (pack: Pack) => { readonly indices: number[]; readonly values: number[] }
}

/**
 * The planner's programme. Binary: what goes along, which rods, which lure is rigged where. Between 0 and 1 (whole by themselves once the rest is): which set-up
 * catches on which day. On each day only the `kept` best lures stand in it; a stand-in worth as much as the best of the others may be used
 * freely, so that the programme's bound is a bound of the whole problem.
 */
export function programmeOf(
  { items, outfitIds, wishes, limits, locks }: PackProblem,
  { days }: Sorted,
  kept: number,
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
    slotsOf(limits),
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

  for (const { list, weight } of days) {
    const { among, tail } = bestLures(list, kept, locks.leave)
    const chosen: [number, number][] = []
    const byLure = new Map<string, [number, number][]>()
    for (const option of among) {
      const tied = column(weight * option.score * NOT_RIGGED, false)
      const rigged = column(weight * option.score, false)
      const uses: [number, number][] = [
        [tied, 1],
        [rigged, 1],
      ]
      chosen.push(...uses)
      byLure.set(option.lureId, [...(byLure.get(option.lureId) ?? []), ...uses])
      row(0, [...uses, [rod.get(option.outfitId)!, -1]])
      row(0, [
        [rigged, 1],
        [rigOf(option.lureId, option.outfitId), -1],
      ])
      for (const id of option.needs) row(0, [...uses, [take.get(id)!, -1]])
    }
    for (const [lureId, uses] of byLure) row(0, [...uses, [take.get(lureId)!, -1]])
    if (tail > 0) chosen.push([column(weight * tail, false), 1])
    row(1, chosen)
  }
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
    startOf: pack => {
      const on = [
        ...pack.items.flatMap(id => take.get(id) ?? []),
        ...pack.rods.flatMap(id => rod.get(id) ?? []),
        ...Object.entries(pack.rigged).flatMap(([outfitId, lureId]) => rig.get(`${lureId}\n${outfitId}`) ?? []),
      ]
      const all = [...take.values(), ...rod.values(), ...rig.values()]
      const set = new Set(on)
      return { indices: all, values: all.map(c => (set.has(c) ? 1 : 0)) }
    },
  }
}

/** All options of the best `kept` lures under a reading, and the score of the best lure beyond them (0: none). */
function bestLures(
  list: readonly PackOption[],
  kept: number,
  leave: ReadonlySet<string>,
): { readonly among: readonly PackOption[]; readonly tail: number } {
  const open = list.filter(o => !leave.has(o.lureId) && !leave.has(o.outfitId) && !o.needs.some(id => leave.has(id)))
  const lures = new Set<string>()
  let tail = 0
  for (const { lureId, score } of open) {
    if (lures.has(lureId)) continue
    if (lures.size < kept) lures.add(lureId)
    else {
      tail = score
      break
    }
  }
  return { among: open.filter(o => lures.has(o.lureId)), tail }
}
