import type { Cadence } from '#core/terms'

/**
 * How each cadence is done, in words and seconds (trade §14).
 *
 * `pauseS`: pause in cold water (nothing moves), at half activity and in full activity [s]; null: none.
 * `pace`: speed against the asked one. Source: common practice; the 30–40 s cold pause is the trade's, the steps between are assumed.
 */
export interface CadenceRow {
  readonly label: string
  readonly pauseS: readonly [cold: number, mid: number, active: number] | null
  readonly pace: number
  readonly text: string
}

/** Stands in the sentences for the turns a second where the reel is not known. */
export const TURNS_UNKNOWN = 'a few'

export const CADENCE_TABLE: Record<Cadence, CadenceRow> = {
  'steady': {
    label: 'steady',
    pauseS: null,
    pace: 1,
    text: 'Wind steadily at {turnsPerS} turns a second ({speedMs}).',
  },
  'countdown-steady': {
    label: 'count down, then steady',
    pauseS: null,
    pace: 1,
    text: 'Count down {countdownS} s, then wind at {turnsPerS} turns a second ({speedMs}).',
  },
  'stop-and-go': {
    label: 'stop and go',
    pauseS: [6, 2.5, 1],
    pace: 1,
    text: 'Wind a few turns at {turnsPerS} a second, stop for {pauseS} s, go on.',
  },
  'jerk-pause': {
    label: 'jerk, jerk, pause',
    pauseS: [35, 6, 1.5],
    pace: 1,
    text: 'Two jerks on slack line, then let it hang {pauseS} s. A slow follower: stop and only make the tip quiver.',
  },
  'yo-yo': {
    label: 'lift and let fall',
    pauseS: null,
    pace: 1,
    text: 'Let it down {countdownS} s, lift in long pulls and let it fall back on a tight line.',
  },
  'slow-roll': {
    label: 'slow roll',
    pauseS: null,
    pace: 0.6,
    text: 'Let it down {countdownS} s, then roll it just fast enough to feel the blades: {turnsPerS} turns a second ({speedMs}).',
  },
  'burn': {
    label: 'burn',
    pauseS: null,
    pace: 1.5,
    text: 'Wind fast, {turnsPerS} turns a second ({speedMs}), without breaking the surface.',
  },
  'touch-and-pause': {
    label: 'touch and pause',
    pauseS: [5, 2, 1],
    pace: 1,
    text: 'Wind at {turnsPerS} turns a second until it touches, stop {pauseS} s so that it rises, go on. Do not plough.',
  },
  'rip': {
    label: 'rip free',
    pauseS: null,
    pace: 1.2,
    text: 'Let it catch in the weed and snatch it free at speed; the snatch makes the bite.',
  },
  'tick': {
    label: 'tick the tops',
    pauseS: null,
    pace: 1,
    text: 'Hold it so that it only ticks the weed tops ({turnsPerS} turns a second); if you have to rip, you are too deep.',
  },
  'bottom-hop': {
    label: 'hop on the bottom',
    pauseS: [12, 5, 2],
    pace: 0.5,
    text: 'Let it down to the bottom, about {countdownS} s. Hop it 15–30 cm, let it lie {pauseS} s.',
  },
  'drag': {
    label: 'drag',
    pauseS: [15, 6, 2],
    pace: 0.3,
    text: 'Let it down to the bottom, about {countdownS} s. Drag it with the rod, stop {pauseS} s, take up line.',
  },
  'dead-stick': {
    label: 'let it lie',
    pauseS: [30, 15, 8],
    pace: 0.2,
    text: 'Let it fall on slack line, about {countdownS} s; leave it {pauseS} s; lift once and let it fall again.',
  },
  'shake': {
    label: 'shake in place',
    pauseS: [15, 8, 4],
    pace: 0.2,
    text: 'Weight on the bottom: shake the slack, not the weight; hold still {pauseS} s.',
  },
  'lift-drop': {
    label: 'lift and drop',
    pauseS: [3, 2, 1],
    pace: 0.6,
    text: 'Let it fall on slack line, about {countdownS} s; lift it, drop the tip and let it fall free again. Watch the line on the fall.',
  },
  'vertical-fast': {
    label: 'vertical, fast',
    pauseS: null,
    pace: 1.2,
    text: 'Down to {depthM}, then fast pulls, a turn to each; pause now and then so that it slides.',
  },
  'vertical-slow': {
    label: 'vertical, slow',
    pauseS: [3, 2, 1],
    pace: 0.6,
    text: 'Down to {depthM}, short lifts, let it flutter {pauseS} s. Sudden lightness is a bite.',
  },
  'long-fall': {
    label: 'long fall',
    pauseS: [3, 2, 1],
    pace: 0.8,
    text: 'Down to {depthM}, lift high and drop it on slack.',
  },
  'walk': {
    label: 'walk the surface',
    pauseS: [6, 2, 0.5],
    pace: 1,
    text: 'Short slack-line taps so that it swings left and right; stop {pauseS} s beside anything that differs.',
  },
  'pop': {
    label: 'pop',
    pauseS: [8, 3, 1],
    pace: 0.8,
    text: 'One pop, wait {pauseS} s until the rings are gone, pop again.',
  },
  'sweep-pause': {
    label: 'sweep and pause',
    pauseS: [5, 3, 1.5],
    pace: 0.8,
    text: 'Let it down {countdownS} s; slow sweeps of the rod, {pauseS} s between.',
  },
  'troll': { label: 'troll', pauseS: null, pace: 1, text: 'Troll at {speedMs}; try steps of 0.05–0.1 m/s.' },
  'drift': { label: 'drift', pauseS: null, pace: 0.3, text: 'Let the current carry it, weight just touching.' },
  'hang-still': {
    label: 'hang still',
    pauseS: [35, 20, 10],
    pace: 0.1,
    text: 'Reel it down to its deepest point, then pull it slowly and stop: let it hang {pauseS} s.',
  },
}

/** Cadences that say by themselves how a bait is presented, wherever it has its depth from: those that live by the fall, and those on the bottom. */
export const CADENCE_WAY: Partial<Record<Cadence, 'falling' | 'bottom'>> = {
  'lift-drop': 'falling',
  'yo-yo': 'falling',
  'long-fall': 'falling',
  'vertical-slow': 'falling',
  'vertical-fast': 'falling',
  'bottom-hop': 'bottom',
  'drag': 'bottom',
  'dead-stick': 'bottom',
  'shake': 'bottom',
}
