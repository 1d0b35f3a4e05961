import { FAMILY_TABLE } from '#core/knowledge'
import type { BenchTest, Colours, Lure } from '#core/tackle'
import { roleOf } from './role'

/** Stands for all baits out of one mould: in the water they are one bait, whatever their paint. */
export type Mould = object

/** What tells baits out of one mould apart: papers, and the shades of the paint. Its pattern, metal and finish are more than paint: rules name them. */
type Paper = Extract<
  keyof Lure,
  | 'id'
  | 'name'
  | 'quantity'
  | 'box'
  | 'slot'
  | 'parentId'
  | 'changes'
  | 'madeOf'
  | 'pinned'
  | 'condition'
  | 'price'
  | 'fishCount'
  | 'confidence'
  | 'notes'
>
const PAPERS: Record<Paper, undefined> = {
  id: undefined,
  name: undefined,
  quantity: undefined,
  box: undefined,
  slot: undefined,
  parentId: undefined,
  changes: undefined,
  madeOf: undefined,
  pinned: undefined,
  condition: undefined,
  price: undefined,
  fishCount: undefined,
  confidence: undefined,
  notes: undefined,
}
const SHADES: Partial<Record<keyof Colours, undefined>> = {
  back: undefined,
  side: undefined,
  belly: undefined,
  accent: undefined,
}

/** Tells which baits of a box come out of one mould: what is worked out for one in the water holds for all of them. */
export function mouldFinder(): (lure: Lure, tests: readonly BenchTest[]) => Mould {
  const found = new Map<string, Mould>()
  return (lure, tests) => {
    // What trails behind others and is trailed is told apart by itself: nothing trails behind itself.
    if (roleOf(lure) !== 'lure' && FAMILY_TABLE[lure.family].takesTrailer) return {}
    const key = JSON.stringify([
      { ...lure, ...PAPERS, colours: lure.colours && { ...lure.colours, ...SHADES } },
      tests.map(test => ({ ...test, id: undefined, lureId: undefined })),
    ])
    let mould = found.get(key)
    if (mould === undefined) found.set(key, (mould = {}))
    return mould
  }
}
