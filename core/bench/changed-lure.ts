import { buoyancyWord, type LureProfile } from '#core/lure'
import { type Lure, type LureHook, type WorkedOutField, WORKED_OUT_FIELDS } from '#core/tackle'
import type { Change } from './workshop'

/** What the workshop found a lure to be after its changes. */
export interface ChangedFigures {
  readonly weightG: number
  readonly lengthMm: number
  /** 1–5 */
  readonly bulk: number
  /** Left alone: down +, up − [m/s]. */
  readonly driftMs: number
  /** Running depth of what dives, on the rating's own cast, line and tip [m]; `null`: it no longer gets down. */
  readonly runsTo: { readonly depthM: number | null } | null
}

/** How a figure goes over to the changed lure. */
export interface Carried {
  readonly field: WorkedOutField | 'hooks' | 'blades' | 'fallRateMs' | 'tests'
  readonly how: 'worked-out' | 'kept' | 'changed' | 'dropped'
}

export interface ChangedLure {
  readonly lure: Lure
  /** The lure it was made of, with what is left of it. */
  readonly original: Lure
  readonly carried: readonly Carried[]
}

/** A change of weight below this share leaves the speeds at which a lure swims as they were. Assumed: hooks and a strip of lead. */
const SAME_SWIM_SHARE = 0.06
/** Changes that make another swimmer of it, whatever they weigh. */
const OTHER_SWIM: readonly Change['kind'][] = ['cut', 'blade', 'trim-skirt']

/**
 * A changed lure, a bait of its own: what changed is what is kept. Its weight, length, bulk, float and depth are worked out and marked so, until they are typed or tested;
 * the speeds it swims at go over where the change is small, its timed falls never. One lure is made of one: the last of a kind leaves none of the original.
 * What was done to it is kept in words: they belong to the lure from then on.
 */
export function changedLure(
  profile: LureProfile,
  changes: readonly Change<string>[],
  after: ChangedFigures,
  id: string,
): ChangedLure {
  const { lure } = profile
  const ownG = profile.weightG.value
  const isOtherSwim =
    changes.some(c => OTHER_SWIM.includes(c.kind)) || Math.abs(after.weightG / ownG - 1) > SAME_SWIM_SHARE
  const swims = profile.speed.known !== 'typical'
  // Hooks that nobody changed or noted stay assumed.
  const hooks = changes.some(c => c.hook) ? hooksAfter(profile.hooks.value, changes) : null
  const blades = changes.findLast(c => c.blades)?.blades
  const rating = profile.runsAt?.value
  const runsAt =
    rating && after.runsTo?.depthM != null
      ? { ...lure.runsAt, ...rating, depthM: rounded(after.runsTo.depthM, 2), mode: 'cast' as const }
      : null
  const length = changes.some(c => c.lengthMm !== undefined)
  const bulky = changes.some(c => c.bulk !== undefined)

  const carried: Carried[] = [
    { field: 'weightG', how: 'worked-out' },
    ...(length ? [{ field: 'lengthMm', how: 'worked-out' } as const] : []),
    ...(bulky ? [{ field: 'bulk', how: 'worked-out' } as const] : []),
    { field: 'buoyancy', how: 'worked-out' },
    ...(rating ? [{ field: 'runsAt', how: runsAt ? 'worked-out' : 'dropped' } as const] : []),
    ...(hooks ? [{ field: 'hooks', how: 'changed' } as const] : []),
    ...(blades ? [{ field: 'blades', how: 'changed' } as const] : []),
    ...(swims ? [{ field: 'speed', how: isOtherSwim ? 'dropped' : 'kept' } as const] : []),
    ...(lure.fallRateMs != null ? [{ field: 'fallRateMs', how: 'dropped' } as const] : []),
    { field: 'tests', how: 'dropped' },
  ]
  const { min, best, max } = profile.speed.value
  const workedOut = carried.flatMap(({ field, how }) =>
    (how === 'worked-out' || (field === 'speed' && how === 'kept')) && isWorkedOut(field) ? [field] : [],
  )
  return {
    lure: {
      ...lure,
      id,
      name: `${lure.name}, changed`,
      parentId: lure.id,
      quantity: 1,
      fishCount: 0,
      confidence: null,
      pinned: lure.pinned ?? null,
      weightG: rounded(after.weightG, 2),
      labelWeightG: null,
      lengthMm: length ? rounded(after.lengthMm, 0) : (lure.lengthMm ?? null),
      bulk: bulky ? rounded(after.bulk, 1) : (lure.bulk ?? null),
      buoyancy: buoyancyWord(-after.driftMs),
      runsAt,
      speed: swims && !isOtherSwim ? { minMs: min, bestMs: best, maxMs: max } : null,
      fallRateMs: null,
      hooks: hooks ? [...hooks] : (lure.hooks ?? null),
      blades: blades ? [...blades] : (lure.blades ?? null),
      changes: changes.map(({ kind, text, grams }) => ({ kind, text, grams: rounded(grams, 2) })),
      workedOut,
    },
    original: {
      ...lure,
      quantity: Math.max(0, (lure.quantity ?? 1) - 1),
      ...((lure.quantity ?? 1) <= 1 ? { pinned: null } : {}),
    },
    carried,
  }
}

function isWorkedOut(field: Carried['field']): field is WorkedOutField {
  return (WORKED_OUT_FIELDS as readonly string[]).includes(field)
}

function rounded(value: number, decimals: number): number {
  return Number(value.toFixed(decimals))
}

/** The hooks place by place, each as it was last changed, like ones counted together. */
function hooksAfter(hooks: readonly LureHook[], changes: readonly Change<string>[]): readonly LureHook[] {
  const single = hooks.flatMap(hook =>
    Array.from({ length: Math.max(1, hook.count ?? 1) }, (): LureHook => ({ ...hook, count: 1 })),
  )
  for (const { hook } of changes)
    if (hook && hook.index < single.length)
      single[hook.index] = { ...single[hook.index]!, kind: hook.kind, size: hook.size }
  const counted: LureHook[] = []
  for (const hook of single) {
    const last = counted[counted.length - 1]
    if (last && last.kind === hook.kind && last.size === hook.size) last.count = (last.count ?? 1) + 1
    else counted.push({ ...hook })
  }
  return counted
}
