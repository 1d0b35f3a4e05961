import type { SourceRef } from '#core/sources'
import type { EventKind, EventWhen, Family, HookedAt } from '#core/terms'

/** What can be changed between two casts (trade §15); `place` and `cadence` are not seen in a lure. */
export type Changeable = 'colour' | 'size' | 'depth' | 'speed' | 'action' | 'cadence' | 'place'

/**
 * A sign read from the last events of a stint, and what it says to do (trade §15, §11, §12).
 * Source: common practice, no source.
 */
export interface BiteSign {
  readonly id: string
  /** Events that count: any of these kinds, with this `when` or `hookedAt` where they are named. */
  readonly of: { readonly kinds: readonly EventKind[], readonly when?: readonly EventWhen[], readonly hookedAt?: readonly HookedAt[] }
  /** So many of them among the last ones. */
  readonly atLeast: number
  /** Only for these families; absent: any. */
  readonly families?: readonly Family[]
  /** What it says. */
  readonly means: string
  readonly do: string
  /** How strongly each change is called for; negative: leave it. Assumed weights. */
  readonly pushes: Partial<Record<Changeable | 'stay', number>>
  readonly source: SourceRef
}

const SOFTS: readonly Family[] = ['stick-worm', 'paddle-tail', 'minnow-soft', 'craw', 'creature', 'grub', 'worm', 'tube', 'shrimp-soft', 'soft-jerk']
const JIGS: readonly Family[] = ['skirted-jig', 'hair-jig', 'jighead-soft', 'bladed-jig']
const PLUGS: readonly Family[] = ['crankbait', 'lipless-crank', 'jerkbait', 'pencil', 'topwater', 'glide-bait', 'swimbait']
const VERTICAL: readonly Family[] = ['slow-jig', 'speed-jig', 'flutter-spoon', 'blade-bait', 'dense-spoon']

/** Events looked at for a sign: the newest of a stint. Assumed. */
export const EVENTS_LOOKED_AT = 6

export const BITE_SIGNS: readonly BiteSign[] = [
  { id: 'bite.thump', of: { kinds: ['landed', 'hooked'], hookedAt: ['inside', 'lip'] }, atLeast: 2, source: 'common-practice',
    means: 'Hard and well hooked: right size, colour and presentation; more fish are near.', do: 'Stay, repeat, slow down and pick the place apart.', pushes: { stay: 2, colour: -0.5, size: -0.5 } },
  { id: 'bite.deep', of: { kinds: ['landed', 'hooked'], hookedAt: ['inside'] }, atLeast: 1, source: 'common-practice',
    means: 'Deep inside: convinced.', do: 'Keep this colour.', pushes: { stay: 0.8, colour: -0.8 } },
  { id: 'bite.outside', of: { kinds: ['landed', 'hooked', 'lost'], hookedAt: ['outside'] }, atLeast: 1, source: 'common-practice',
    means: 'Hooked outside the mouth: interested, not convinced; colour or action is off.', do: 'Same depth and action, another colour (natural against hot); then another action.', pushes: { colour: 1.4, action: 0.6, depth: -0.5 } },
  { id: 'bite.pecks.jig', of: { kinds: ['peck'] }, atLeast: 2, families: JIGS, source: 'common-practice',
    means: 'Pecks at a jig: presence too big or too active.', do: 'A smaller, slimmer one; trim the skirt, a quieter trailer.', pushes: { size: 1.6, action: 0.6 } },
  { id: 'bite.pecks.soft', of: { kinds: ['peck'] }, atLeast: 2, families: SOFTS, source: 'common-practice',
    means: 'Pecks at a soft bait: the hold is too short.', do: 'Thread it instead of nose-hooking it; a shorter body.', pushes: { size: 1, cadence: 0.8 } },
  { id: 'bite.pecks.plug', of: { kinds: ['peck'] }, atLeast: 2, families: PLUGS, source: 'common-practice',
    means: 'Pecks at a plug: the action is worn out.', do: 'Same depth, another wobble.', pushes: { action: 1.6, depth: -0.5 } },
  { id: 'bite.pecks.blade', of: { kinds: ['peck'] }, atLeast: 2, families: ['spinnerbait'], source: 'common-practice',
    means: 'Pecks at a spinnerbait.', do: 'A trailer hook, only in open water; the slimmer trailer.', pushes: { size: 0.8, action: 0.4 } },
  { id: 'bite.lost', of: { kinds: ['lost'] }, atLeast: 2, source: 'common-practice',
    means: 'Hooked and lost: the blank unloads too fast, the reel takes up slack too slowly, or the hooks are worn.', do: 'Keep the lure; change rod, reel or hooks.', pushes: { stay: 1 } },
  { id: 'bite.vertical-fall', of: { kinds: ['hit', 'hooked', 'landed', 'lost'], when: ['fall'] }, atLeast: 1, families: VERTICAL, source: 'common-practice',
    means: 'Taken on the drop: light or stopped early means a fish has it.', do: 'Strike at every stop; keep the fall.', pushes: { stay: 0.6 } },
  { id: 'bite.on-the-fall', of: { kinds: ['hit', 'hooked', 'landed'], when: ['fall', 'pause'] }, atLeast: 2, source: 'common-practice',
    means: 'They take it falling or hanging.', do: 'More of that: longer pauses, a slower fall.', pushes: { cadence: 0.8, stay: 0.6 } },
  { id: 'bite.winding-in', of: { kinds: ['hit', 'hooked', 'landed'], when: ['winding-in'] }, atLeast: 1, source: 'common-practice',
    means: 'Eaten while winding in: they want it horizontal.', do: 'Swim it; a shallow crank or a bladed jig.', pushes: { action: 1.4, speed: 0.8 } },
  { id: 'bite.follows', of: { kinds: ['follow'] }, atLeast: 2, source: 'common-practice',
    means: 'Follows without a bite: distance or commitment.', do: 'Within a metre of them: stop and quiver, a vertical fall, a smaller one.', pushes: { size: 1, action: 0.8, cadence: 0.6 } },
  { id: 'bite.snags', of: { kinds: ['snagged'] }, atLeast: 3, source: 'common-practice',
    means: 'Snagging: too deep, or the wrong bait for this cover.', do: 'Higher tip, thicker line, something buoyant or weedless.', pushes: { depth: 1.4, action: 0.4 } },
]
