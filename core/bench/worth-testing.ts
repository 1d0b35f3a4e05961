import type { DepthControl } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import type { Cadence, Mode, Rig, TestKind } from '#core/terms'

/** How a lure is fished in the water at hand. */
export interface FishedAs {
  readonly rig: Rig
  readonly mode: Mode
  readonly cadence: Cadence
}

/** A figure that is not the angler's own, and what is worked from it. */
interface DueRow {
  readonly id: string
  readonly kind: TestKind
  /** Whether the figure is still only its kind's, or the packet's. */
  readonly due: (lure: LureProfile) => boolean
  /** Ways that lean on it; absent: all. */
  readonly controls?: readonly DepthControl[]
  readonly cadences?: readonly Cadence[]
  /** How much of what is told hangs on it, 0–1. Assumed. */
  readonly counts: number
  readonly text: string
}

const STILL: readonly Cadence[] = ['jerk-pause', 'hang-still', 'sweep-pause', 'touch-and-pause', 'stop-and-go']
const WOUND: readonly DepthControl[] = ['dive', 'count-down', 'surface']

/** What is worth testing, by what is told from it (handbook §1, §16; common practice, no source). */
export const TESTS_DUE: readonly DueRow[] = [
  {
    id: 'weight.kind',
    kind: 'weigh',
    due: l => l.weightG.known === 'typical',
    counts: 1,
    text: 'Its weight is only its kind’s: cast, fall and the rod that throws it are worked from that.',
  },
  {
    id: 'weight.packet',
    kind: 'weigh',
    due: l => l.weightG.known === 'stated',
    counts: 0.3,
    text: 'Its weight is as entered, not as weighed: packets are a few per cent off.',
  },
  {
    id: 'depth.kind',
    kind: 'depth',
    due: l => l.runsAt?.known === 'typical',
    controls: ['dive'],
    counts: 0.9,
    text: 'How deep it runs is only its kind’s: find a bottom that it just ticks.',
  },
  {
    id: 'depth.packet',
    kind: 'depth',
    due: l => l.runsAt?.known === 'stated',
    controls: ['dive'],
    counts: 0.5,
    text: 'How deep it runs is the packet’s word, on a line nobody knows.',
  },
  {
    id: 'fall.computed',
    kind: 'fall',
    due: l => l.fallTests.length === 0 && l.fallStatedMs === null,
    controls: ['count-down', 'bottom', 'vertical'],
    counts: 0.8,
    text: 'Its fall is worked out from size and weight, ±40 %: the count to its depth hangs on it.',
  },
  {
    id: 'hang.untested',
    kind: 'hang',
    due: l => l.hang === null,
    controls: ['dive'],
    cadences: STILL,
    counts: 0.7,
    text: 'Whether it hangs, rises or sinks while it stops was never tried in your water.',
  },
  {
    id: 'swim.kind',
    kind: 'swim',
    due: l => l.speed.known === 'typical',
    controls: WOUND,
    counts: 0.5,
    text: 'The pace at which it works and at which it rolls over is only its kind’s.',
  },
  {
    id: 'action.kind',
    kind: 'action',
    due: l => l.intensity.known === 'typical',
    controls: ['count-down', 'bottom', 'above-bottom'],
    counts: 0.25,
    text: 'How lively it is was never rated beside another.',
  },
  {
    id: 'length.kind',
    kind: 'length',
    due: l => l.lengthMm.known === 'typical',
    counts: 0.6,
    text: 'Its length is only its kind’s: the match to the prey hangs on it.',
  },
]

export interface WorthTesting {
  readonly id: string
  readonly kind: TestKind
  readonly counts: number
  readonly text: string
}

/** What to test of a lure next, most telling first; `way` `null`: whatever way it is fished. */
export function worthTesting(lure: LureProfile, way: FishedAs | null): WorthTesting[] {
  const controls = (way ? lure.techniques.filter(t => t.rig === way.rig && t.mode === way.mode) : lure.techniques).map(
    t => t.control,
  )
  return TESTS_DUE.filter(
    ({ due, controls: of, cadences }) =>
      due(lure) &&
      (!of || controls.some(c => of.includes(c))) &&
      (!cadences || way === null || cadences.includes(way.cadence)),
  )
    .map(({ id, kind, counts, text }) => ({ id, kind, counts, text }))
    .sort((a, b) => b.counts - a.counts)
}
