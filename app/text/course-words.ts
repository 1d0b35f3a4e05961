import {
  type BandShare,
  type Course,
  type DialWay,
  type Presented,
  reelSpeed,
  streamHalfWay,
  TOLD_SWING,
} from '#core/course'
import { CADENCE_TABLE } from '#core/knowledge'
import type { Cadence } from '#core/terms'
import { formatQuantity, type UnitSystem } from '#core/units'
import { percent } from './percent'

/** A course as a sentence, for readers who do not see it. */
export function courseInWords(
  { seconds, deepestM, bow, swung }: Course,
  { control, mode, castM, depthM, bait, tipM }: Presented,
  share: BandShare,
  system: UnitSystem,
): string {
  const metres = (value: number) => formatQuantity('depth', value, { system })
  const counts =
    control === 'count-down' && bait.fallMs > 0
      ? `falls ${Math.round(depthM / bait.fallMs)} s to ${metres(depthM)}, `
      : ''
  const begins =
    mode === 'vertical' || control === 'vertical'
      ? 'Let down under the rod, '
      : mode === 'troll'
        ? 'Behind the boat, '
        : `Cast ${metres(castM)}, ${counts}`
  const inBand = `${percent(share.ofTime)} of the time (${Math.round(share.seconds)} s) is among the fish`
  const swings =
    swung > TOLD_SWING ? `; by half-way the stream has swung it ${Math.round((swung * 180) / Math.PI)}° downstream` : ''
  const bowed = bow > 0.4 ? '; the line bows so much that it really runs a tenth shallower' : ''
  return `${begins}deepest ${metres(deepestM)}; back in ${duration(seconds)} with the tip at ${metres(tipM)}; ${inBand}${swings}${bowed}.`
}

export function duration(seconds: number): string {
  const minutes = Math.floor(seconds / 60)
  return minutes > 0 ? `${minutes} min ${Math.round(seconds % 60)} s` : `${Math.round(seconds)} s`
}

/** Cadences that make sense for what gives a bait its depth. */
export const CADENCES_OF: Record<Presented['control'], readonly Cadence[]> = {
  'surface': ['steady', 'walk', 'pop', 'stop-and-go'],
  'dive': [
    'steady',
    'stop-and-go',
    'jerk-pause',
    'touch-and-pause',
    'tick',
    'rip',
    'burn',
    'hang-still',
    'sweep-pause',
  ],
  'count-down': [
    'countdown-steady',
    'slow-roll',
    'burn',
    'stop-and-go',
    'sweep-pause',
    'yo-yo',
    'lift-drop',
    'dead-stick',
    'tick',
    'rip',
  ],
  'bottom': ['bottom-hop', 'drag', 'shake', 'dead-stick'],
  'above-bottom': ['shake', 'dead-stick', 'drag', 'drift'],
  'vertical': ['vertical-fast', 'vertical-slow', 'long-fall', 'lift-drop', 'shake'],
}

/** How a cadence is done here: in seconds, counts and turns of the angler's own reel. */
export function cadenceInWords(presented: Presented, turnsPerM: number | null, system: UnitSystem): string {
  const { cadence, pauseS, depthM, speedMs, control, bait } = presented
  const reelMs = reelSpeed(speedMs, streamHalfWay(presented))
  const values: Record<string, string> = {
    countdownS: control === 'dive' || bait.fallMs <= 0 ? '0' : String(Math.round(depthM / bait.fallMs)),
    pauseS: String(pauseS ?? 0),
    depthM: formatQuantity('depth', depthM, { system }),
    speedMs: formatQuantity('speed', speedMs, { system }),
    turnsPerS: turnsPerM === null ? 'a few' : (reelMs * turnsPerM).toFixed(1),
  }
  return CADENCE_TABLE[cadence].text.replace(/\{(\w+)\}/g, (place, name: string) => values[name] ?? place)
}

/** One way to run deeper or shallower, as an instruction. */
export function wayInWords(way: DialWay, name: (id: string) => string, system: UnitSystem): string {
  const metres = (value: number) => formatQuantity('depth', value, { system })
  const speed = (value: number) => formatQuantity('speed', value, { system })
  switch (way.lever) {
    case 'tip':
      return `rod tip ${way.to < way.from ? 'down' : 'up'} to ${metres(way.to)}`
    case 'count':
      return `count ${Math.round(way.to)} s instead of ${Math.round(way.from)}`
    case 'line-out':
      return `${metres(way.to)} of line out`
    case 'speed':
      return `${way.to < way.from ? 'slower' : 'faster'}: ${speed(way.to)}`
    case 'cast':
      return `${way.to < way.from ? 'shorter' : 'longer'} cast: ${formatQuantity('depth', way.to, { system, decimals: 0 })}`
    case 'weight':
      return `${formatQuantity('weight', way.to, { system })} instead of ${formatQuantity('weight', way.from, { system })}`
    case 'lure':
      return `${name(way.lureId!)} instead`
    case 'line':
      return `on ${name(way.outfitId!)}, ${formatQuantity('diameter', way.to, { system })} line`
  }
}
