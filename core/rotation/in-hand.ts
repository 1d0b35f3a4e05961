import { CADENCE_TABLE, HAND_CHANGES, type HandChange } from '#core/knowledge'
import type { FishedAs, Lure, Part, Stint, StintStart } from '#core/tackle'

/** A change with the same lure in the hand: what it is, from what to what, and the stint that it begins. */
export interface InHand<R = unknown> {
  readonly id: HandChange
  /** In the kept unit of the figure, or a trailer's id; `null`: none. */
  readonly from: number | string | null
  readonly to: number | string | null
  readonly stint: Omit<StintStart<R>, 'id'>
}

/** What bounds the changes: the speeds the lure works at [m/s], the bottom [m], and what else is at hand. */
export interface AtHand {
  readonly window: { readonly min: number; readonly max: number }
  readonly bottomM: number
  readonly parts: readonly Part[]
  readonly trailers: readonly Lure[]
}

/** Pauses are counted in halves of a second; the shortest that is one, and the first where there was none [s]. Assumed. */
const PAUSE = { step: 0.5, least: 0.5, first: 2 } as const
const SHALLOWEST_M = 0.2
/** A change of less than this share is none. Assumed. */
const FELT = 0.03

/**
 * The changes that can be made without tying another lure on, from how it is fished now. Those that change nothing, or that the tackle at hand does not allow, are left out.
 *
 * Source: the rows of `HAND_CHANGES`; common practice, no source.
 */
export function inHandChanges<R>(stint: Stint<R>, atHand: AtHand): readonly InHand<R>[] {
  const { lureId, trailerId = null, rig = null, outfitId = null, reading } = stint
  const now = fishedNow(stint)
  const begun = (presentation: FishedAs, more: Partial<StintStart<R>> = {}): Omit<StintStart<R>, 'id'> => ({
    lureId,
    trailerId,
    rig,
    outfitId,
    depthM: presentation.depthM ?? null,
    speedMs: presentation.speedMs ?? null,
    cadence: presentation.cadence ?? null,
    presentation,
    ...(reading === undefined ? {} : { reading }),
    ...more,
  })
  const figure = (
    id: HandChange,
    key: 'speedMs' | 'pauseS' | 'depthM',
    bound: (value: number) => number,
  ): InHand<R>[] => {
    const from = now[key] ?? null
    if (from === null) return []
    const to = bound(from * HAND_CHANGES[id].times!)
    // A count-down is as long as the depth is deep.
    const counted =
      key === 'depthM' && now.countdownS != null && from > 0
        ? { countdownS: Math.max(0, Math.round((now.countdownS * to) / from)) }
        : {}
    return Math.abs(to - from) <= FELT * Math.max(from, to)
      ? []
      : [{ id, from, to, stint: begun({ ...now, [key]: to, ...counted }) }]
  }
  const { min, max } = atHand.window
  const pace = (id: 'slower' | 'faster') => figure(id, 'speedMs', v => rounded(Math.min(max, Math.max(min, v)), 0.01))
  const depth = (id: 'deeper' | 'shallower') =>
    figure(id, 'depthM', v => rounded(Math.min(atHand.bottomM, Math.max(SHALLOWEST_M, v)), 0.1))
  const pauses = now.cadence == null || CADENCE_TABLE[now.cadence].pauseS !== null
  const longer: InHand<R>[] = !pauses
    ? []
    : now.pauseS
      ? figure('longer-pause', 'pauseS', v => rounded(v, PAUSE.step))
      : [{ id: 'longer-pause', from: 0, to: PAUSE.first, stint: begun({ ...now, pauseS: PAUSE.first }) }]
  const shorter = now.pauseS
    ? figure('shorter-pause', 'pauseS', v => Math.max(PAUSE.least, rounded(v, PAUSE.step)))
    : []
  return [
    ...pace('slower'),
    ...pace('faster'),
    ...longer,
    ...shorter,
    ...depth('deeper'),
    ...depth('shallower'),
    ...leads(now, atHand.parts, begun),
    ...trailers(trailerId, atHand.trailers, now, begun),
  ]
}

/** How a stint is fished, with what its own fields say. */
export function fishedNow({ presentation, depthM, speedMs, cadence }: Stint<unknown>): FishedAs {
  return {
    ...(depthM == null ? {} : { depthM }),
    ...(speedMs == null ? {} : { speedMs }),
    ...(cadence == null ? {} : { cadence }),
    ...presentation,
  }
}

type Begun<R> = (presentation: FishedAs, more?: Partial<StintStart<R>>) => Omit<StintStart<R>, 'id'>

/** The next heavier and the next lighter head or sinker of one's own. */
function leads<R>(now: FishedAs, parts: readonly Part[], begun: Begun<R>): InHand<R>[] {
  const key = now.headG ? 'headG' : now.sinkerG ? 'sinkerG' : null
  if (key === null) return []
  const from = now[key]!
  const owned = parts
    .filter(p => p.kind === (key === 'headG' ? 'jig-head' : 'sinker') && p.quantity !== 0 && p.weightG != null)
    .map(p => p.weightG!)
    .sort((a, b) => a - b)
  const [heavier, lighter] = [owned.find(g => g > from * (1 + FELT)), owned.findLast(g => g < from * (1 - FELT))]
  const change = (id: HandChange, to: number | undefined): InHand<R>[] =>
    to === undefined ? [] : [{ id, from, to, stint: begun({ ...now, [key]: to }) }]
  return [...change('heavier', heavier), ...change('lighter', lighter)]
}

/** The next smaller trailer of one's own, and none. */
function trailers<R>(trailerId: string | null, list: readonly Lure[], now: FishedAs, begun: Begun<R>): InHand<R>[] {
  if (trailerId === null) return []
  const mm = list.find(l => l.id === trailerId)?.lengthMm ?? Infinity
  const smaller = list
    .filter(l => l.id !== trailerId && l.quantity !== 0 && l.lengthMm != null && l.lengthMm < mm)
    .sort((a, b) => b.lengthMm! - a.lengthMm! || a.id.localeCompare(b.id))[0]
  return [
    ...(smaller
      ? [
          {
            id: 'smaller-trailer' as const,
            from: trailerId,
            to: smaller.id,
            stint: begun(now, { trailerId: smaller.id }),
          },
        ]
      : []),
    { id: 'no-trailer', from: trailerId, to: null, stint: begun(now, { trailerId: null }) },
  ]
}

function rounded(value: number, step: number): number {
  return Number((Math.round(value / step) * step).toFixed(2))
}
