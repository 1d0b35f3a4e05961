import { type DiveRating, STANDARD_GRAVITY } from '#core/motion'
import { illinois } from '#core/numeric'
import { coarseCourseOf } from './coarse'
import type { Presented } from './presented'

/** What an angler can turn to bring a bait deeper or shallower, easiest first. Assumed order: what needs no knot comes before what does. */
export const LEVERS = ['tip', 'count', 'line-out', 'speed', 'cast', 'weight', 'lure', 'line'] as const
export type Lever = (typeof LEVERS)[number]

/** One way to change the depth. */
export interface DialWay {
  readonly lever: Lever
  /** Tip and cast and line out [m], count [s], speed [m/s], weight [g], line [mm]; for another lure its depth here [m]. */
  readonly from: number
  readonly to: number
  /** Depth it then runs at [m]. */
  readonly reachesM: number
  readonly lureId?: string
  readonly outfitId?: string
}

/** What is in the boat. */
export interface Boat {
  readonly lines: readonly { readonly outfitId: string; readonly diameterMm: number }[]
  /** Other plugs of the same kind. */
  readonly plugs: readonly { readonly lureId: string; readonly rated: DiveRating }[]
  /** Heads and sinkers of one's own that this bait could carry, and what it carries now [g]. */
  readonly weightsG: readonly number[]
  readonly weightG: number
}

/** Reach of a rod tip above the water [m]: from held down to the surface to held high. */
export const TIP_RANGE_M = [0.2, 2.6] as const
const SHORTEST_CAST_M = 6
/** Nobody throws more than this much farther at will. Assumed. */
const LONGER_CAST = 1.2
const LINE_OUT_M = [5, 110] as const
/** A change counts when it gives at least this share of what was asked. Assumed. */
const NEAR_ENOUGH = 0.6
/** Other plugs and lines within this of the wanted depth will do [m]. Assumed. */
const WITHIN_M = 0.3

/** The same bait with so much lead more (or less) hung on it [g]: its weight in water and its fall change, its areas stay. */
export function withWeight(presented: Presented, addedG: number): Presented {
  const { bait, waterDensity } = presented
  const netWeight = bait.netWeight + (addedG / 1000) * LEAD_IN_WATER * STANDARD_GRAVITY
  const fallMs =
    netWeight <= 0
      ? 0
      : bait.netWeight > 0
        ? bait.fallMs * Math.sqrt(netWeight / bait.netWeight)
        : Math.sqrt((2 * netWeight) / (waterDensity * bait.fallArea))
  return { ...presented, bait: { ...bait, netWeight, fallMs } }
}

/** Depth at which the bait does its work [m]: the mean of its course while it works. */
export function runningDepth(presented: Presented): number {
  return coarseCourseOf(presented).meanM
}

/**
 * Ways to run so much deeper (+) or shallower (−) with what is in the boat, easiest first; a lever that cannot do it is left out.
 * On the bottom there is nothing deeper, and shallower is another way of fishing: the list is then empty.
 */
export function waysToChange(presented: Presented, deltaM: number, boat: Boat): readonly DialWay[] {
  if (presented.mode !== 'troll' && presented.control === 'vertical') return letOut(presented, deltaM)
  const now = runningDepth(presented)
  const target = Math.min(presented.bottomM, Math.max(0, now + deltaM))
  const ways =
    presented.mode === 'troll'
      ? trolled(presented, target)
      : presented.control === 'dive'
        ? dived(presented, target, boat)
        : presented.control === 'count-down'
          ? counted(presented, target, boat)
          : []
  return ways
    .filter(
      ({ reachesM }) =>
        (reachesM - now) * Math.sign(deltaM) >= NEAR_ENOUGH * Math.abs(target - now) && Math.abs(target - now) > 1e-6,
    )
    .sort((a, b) => LEVERS.indexOf(a.lever) - LEVERS.indexOf(b.lever))
}

/** Line let down beside the boat: so much more or less of it, down to the bottom. */
function letOut(presented: Presented, deltaM: number): DialWay[] {
  const to = Math.min(presented.bottomM, Math.max(0, presented.depthM + deltaM))
  return to === presented.depthM
    ? []
    : [{ lever: 'line-out', from: presented.depthM, to, reachesM: runningDepth({ ...presented, depthM: to }) }]
}

/** How near to the target a lever is turned [m]. */
const CLOSE_M = 0.02

/** Turns one figure until the bait runs at the target; at the end of its range what it gives there. */
function turned(
  lever: Lever,
  from: number,
  [low, high]: readonly [number, number],
  depthAt: (value: number) => number,
  target: number,
): DialWay {
  const to =
    illinois(value => depthAt(value) - target, low, high, { x: 1e-3 * (high - low), f: CLOSE_M }) ??
    (Math.abs(depthAt(low) - target) < Math.abs(depthAt(high) - target) ? low : high)
  return { lever, from, to, reachesM: depthAt(to) }
}

function dived(presented: Presented, target: number, { lines, plugs }: Boat): DialWay[] {
  const depthWith = (change: Partial<Presented>) => runningDepth({ ...presented, ...change })
  const now = runningDepth(presented)
  const ways = [
    turned('tip', presented.tipM, TIP_RANGE_M, tipM => depthWith({ tipM }), target),
    turned(
      'cast',
      presented.castM,
      [SHORTEST_CAST_M, Math.max(SHORTEST_CAST_M + 1, presented.castM * LONGER_CAST)],
      castM => depthWith({ castM }),
      target,
    ),
  ]
  const line = nearest(
    lines.map(({ outfitId, diameterMm }) => ({
      lever: 'line' as const,
      from: presented.lineDiameterMm,
      to: diameterMm,
      outfitId,
      reachesM: depthWith({ lineDiameterMm: diameterMm }),
    })),
    target,
  )
  const lure = nearest(
    plugs.map(({ lureId, rated }) => {
      const reachesM = depthWith({ bait: { ...presented.bait, rated } })
      return { lever: 'lure' as const, from: now, to: reachesM, lureId, reachesM }
    }),
    target,
  )
  return [...ways, ...(line ? [line] : []), ...(lure && Math.abs(lure.reachesM - target) <= WITHIN_M ? [lure] : [])]
}

function counted(presented: Presented, target: number, { weightsG, weightG }: Boat): DialWay[] {
  const { bait, depthM, speedMs, castM, bottomM, tipM } = presented
  const depthWith = (change: Partial<Presented>) => runningDepth({ ...presented, ...change })
  const ways: DialWay[] = []
  if (bait.fallMs > 0) {
    const count = turned('count', depthM, [0.1, bottomM], m => depthWith({ depthM: m }), target)
    ways.push({ ...count, from: count.from / bait.fallMs, to: count.to / bait.fallMs })
  }
  ways.push(turned('speed', speedMs, [bait.window.min, bait.window.max], m => depthWith({ speedMs: m }), target))
  ways.push(turned('cast', castM, [SHORTEST_CAST_M, castM * LONGER_CAST], m => depthWith({ castM: m }), target))
  ways.push(turned('tip', tipM, TIP_RANGE_M, m => depthWith({ tipM: m }), target))
  const weight = nearest(
    weightsG
      .filter(grams => grams !== weightG)
      .map(grams => {
        const heavier = withWeight(presented, grams - weightG)
        return { lever: 'weight' as const, from: weightG, to: grams, reachesM: runningDepth(heavier) }
      }),
    target,
  )
  return weight ? [...ways, weight] : ways
}

/** Weight of lead in water against in air; 1 − 1000/11000. */
const LEAD_IN_WATER = 0.91
function trolled(presented: Presented, target: number): DialWay[] {
  const depthWith = (change: Partial<Presented>) => runningDepth({ ...presented, ...change })
  const ways = [
    turned('line-out', presented.lineOutM ?? 30, LINE_OUT_M, lineOutM => depthWith({ lineOutM }), target),
    turned('tip', presented.tipM, TIP_RANGE_M, tipM => depthWith({ tipM }), target),
  ]
  // A plug’s depth does not depend on speed; what sinks by its weight comes up with it.
  if (!presented.bait.rated)
    ways.push(
      turned(
        'speed',
        presented.speedMs,
        [presented.bait.window.min, presented.bait.window.max],
        speedMs => depthWith({ speedMs }),
        target,
      ),
    )
  return ways
}

function nearest<T extends DialWay>(ways: readonly T[], target: number): T | undefined {
  return [...ways].sort((a, b) => Math.abs(a.reachesM - target) - Math.abs(b.reachesM - target))[0]
}
