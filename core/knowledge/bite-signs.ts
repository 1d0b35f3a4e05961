import type { Way } from '#core/rule'
import type { SourceRef } from '#core/sources'
import {
  type Cover,
  type EventKind,
  type EventWhen,
  type Family,
  type Grouping,
  type HookedAt,
  PLUGS,
  type SpeciesId,
  type TacticId,
} from '#core/terms'
import { SPECIES_TABLE } from './species'

/** What can be changed between two casts (trade §15); `place` and `cadence` are not seen in a lure. */
export type Changeable = 'colour' | 'size' | 'depth' | 'speed' | 'action' | 'cadence' | 'place'

/** What can be changed about what is fished (contract §5 `next`). */
export type ChangeWhat =
  | 'pace'
  | 'pause'
  | 'depth'
  | 'trailer'
  | 'hook'
  | 'lead'
  | 'line'
  | 'colour'
  | 'size'
  | 'action'
  | 'sound'
  | 'weight'
  | 'tactic'
/** What is changed with the same lure in the hand, by one tap. */
export type HandChange =
  | 'slower'
  | 'faster'
  | 'longer-pause'
  | 'shorter-pause'
  | 'deeper'
  | 'shallower'
  | 'heavier'
  | 'lighter'
  | 'smaller-trailer'
  | 'no-trailer'

/** One step of each: what it changes, its words, and the factor on the figure where it has one. Steps that anglers can feel, assumed. */
export const HAND_CHANGES: Readonly<
  Record<HandChange, { readonly what: ChangeWhat; readonly says: string; readonly times?: number }>
> = {
  'slower': { what: 'pace', says: 'slower', times: 0.7 },
  'faster': { what: 'pace', says: 'faster', times: 1.4 },
  'longer-pause': { what: 'pause', says: 'longer pause', times: 2 },
  'shorter-pause': { what: 'pause', says: 'shorter pause', times: 0.5 },
  'deeper': { what: 'depth', says: 'deeper', times: 1.3 },
  'shallower': { what: 'depth', says: 'shallower', times: 0.7 },
  'heavier': { what: 'lead', says: 'heavier' },
  'lighter': { what: 'lead', says: 'lighter' },
  'smaller-trailer': { what: 'trailer', says: 'smaller trailer' },
  'no-trailer': { what: 'trailer', says: 'no trailer' },
}

/** One change: what, and to what in words; `only` narrows it to covers without snags, to a rig, to a way of fishing or to a leader that teeth cut, `hand` is the tap that does it. */
export interface SignOffer {
  readonly what: ChangeWhat
  readonly to: string
  readonly hand?: HandChange
  /** Of another tactic: how it takes the bait through the water, or which it is. */
  readonly ways?: readonly Way[]
  readonly tactics?: readonly TacticId[]
  readonly only?:
    'open-water' | 'nose-hooked' | 'has-trailer' | 'jerked' | 'on-bottom' | 'off-bottom' | 'open-point' | 'cuttable'
}

/**
 * A sign read from the last events of a stint, and what it says to do (trade §15, §11, §12).
 * Source: common practice, no source.
 */
export interface BiteSign {
  readonly id: string
  /** Events that count: any of these kinds, with this `when` or `hookedAt` where they are named. */
  readonly of: {
    readonly kinds: readonly EventKind[]
    readonly when?: readonly EventWhen[]
    readonly hookedAt?: readonly HookedAt[]
  }
  /** So many of them among the last ones. */
  readonly atLeast: number
  /** Silent where one of these is among the last ones. */
  readonly unless?: readonly EventKind[]
  /** Only for these families; absent: any. */
  readonly families?: readonly Family[]
  readonly notFamilies?: readonly Family[]
  /** Only for these fish; absent: any. */
  readonly species?: readonly SpeciesId[]
  readonly notSpecies?: readonly SpeciesId[]
  /** Only events of fish that were at least so far below what is fished [m]. */
  readonly underM?: number
  /** Only events of groups of at least so many. */
  readonly group?: number
  /** Only while they still bite: once they have stopped it is the stopping that speaks. */
  readonly whileBiting?: true
  /** What it says. */
  readonly means: string
  readonly do: string
  /** What to change, the cheapest likely gain first: variants of what is in the hand before another lure. Empty: nothing. */
  readonly offers: readonly SignOffer[]
  /** How strongly each change is called for; negative: leave it. Assumed weights. */
  readonly pushes: Partial<Record<Changeable | 'stay', number>>
  readonly source: SourceRef
}

const SOFTS: readonly Family[] = [
  'stick-worm',
  'paddle-tail',
  'minnow-soft',
  'craw',
  'creature',
  'grub',
  'worm',
  'tube',
  'shrimp-soft',
  'soft-jerk',
  'jighead-soft',
]
const JIGS: readonly Family[] = ['skirted-jig', 'hair-jig', 'bladed-jig']
const WOUND_METAL: readonly Family[] = [
  'inline-spinner',
  'tail-spinner',
  'casting-spoon',
  'dense-spoon',
  'casting-metal',
]
const BIG_HUNTERS: readonly SpeciesId[] = ['northern-pike', 'muskellunge']
/** Fish that metal is jigged for in deep water. */
const DEEP_HUNTERS: readonly SpeciesId[] = ['amberjack', 'grouper', 'pollack', 'cobia', 'striped-bass']
const SURFACE_FEEDERS: readonly SpeciesId[] = ['bluefish', 'kahawai', 'mackerel']
const WITH_TEETH = (Object.keys(SPECIES_TABLE) as SpeciesId[]).filter(id => SPECIES_TABLE[id].toothy === 'yes')
const SALMONIDS: readonly SpeciesId[] = ['rainbow-trout', 'brown-trout', 'landlocked-salmon', 'lake-trout', 'sea-trout']
const VERTICAL: readonly Family[] = ['slow-jig', 'speed-jig', 'flutter-spoon', 'blade-bait', 'dense-spoon']
const JIGGED: readonly Family[] = ['slow-jig', 'speed-jig']

/** Kinds of bait that stand in for one another when one thing is to change. Common practice, no source. */
export const STAND_INS: readonly (readonly Family[])[] = [SOFTS, JIGS, PLUGS, WOUND_METAL, VERTICAL]

/** Events looked at for a sign: the newest of a stint. Assumed. */
export const EVENTS_LOOKED_AT = 6

/** The strongest first: what says to stay, then what the fish say of colour and gear, then what they say by following. */
export const BITE_SIGNS: readonly BiteSign[] = [
  {
    id: 'bite.thump',
    of: { kinds: ['landed', 'hooked'], hookedAt: ['inside', 'lip'] },
    atLeast: 2,
    whileBiting: true,
    source: 'common-practice',
    means: 'Hard and well hooked: right size, colour and presentation; more fish are near.',
    do: 'Stay, repeat, slow down and pick the place apart.',
    offers: [],
    pushes: { stay: 2, colour: -0.5, size: -0.5 },
  },
  {
    id: 'bite.deep',
    of: { kinds: ['landed', 'hooked'], hookedAt: ['inside'] },
    atLeast: 1,
    whileBiting: true,
    source: 'common-practice',
    means: 'Deep inside: convinced.',
    do: 'Keep this colour.',
    offers: [],
    pushes: { stay: 0.8, colour: -0.8 },
  },
  {
    id: 'bite.vertical-fall',
    of: { kinds: ['hit', 'hooked', 'landed', 'lost'], when: ['fall'] },
    atLeast: 1,
    families: VERTICAL,
    whileBiting: true,
    source: 'common-practice',
    means: 'Taken on the drop: light or stopped early means a fish has it.',
    do: 'Strike at every stop; keep the fall.',
    offers: [],
    pushes: { stay: 0.6 },
  },
  {
    id: 'bite.cut-off',
    of: { kinds: ['lure-lost'] },
    atLeast: 1,
    unless: ['snagged'],
    species: WITH_TEETH,
    source: 'common-practice',
    means: 'A lure gone where nothing snags, among fish with teeth: bitten off.',
    do: 'A leader that teeth do not cut before the next cast.',
    offers: [{ what: 'line', to: 'a leader that teeth do not cut: wire, or thick fluorocarbon', only: 'cuttable' }],
    pushes: {},
  },
  {
    id: 'bite.outside',
    of: { kinds: ['landed', 'hooked', 'lost'], hookedAt: ['outside'] },
    atLeast: 1,
    source: 'common-practice',
    means: 'Hooked outside the mouth: interested, not convinced; colour or action is off.',
    do: 'Same depth and action, another colour (natural against hot); then another action.',
    offers: [
      { what: 'colour', to: 'the other end: natural for hot, hot for natural' },
      { what: 'action', to: 'another action at the same depth' },
    ],
    pushes: { colour: 1.4, action: 0.6, depth: -0.5 },
  },
  {
    id: 'bite.lost',
    of: { kinds: ['lost'] },
    atLeast: 2,
    source: 'common-practice',
    means: 'Hooked and lost: the blank unloads too fast, the reel takes up slack too slowly, or the hooks are worn.',
    do: 'Keep the lure; change rod, reel or hooks.',
    offers: [{ what: 'hook', to: 'sharp new hooks, and a rod that gives or a faster reel; keep the lure' }],
    pushes: { stay: 1 },
  },
  {
    id: 'bite.pecks.jig',
    of: { kinds: ['peck'] },
    atLeast: 2,
    families: JIGS,
    source: 'common-practice',
    means: 'Pecks at a jig: presence too big or too active.',
    do: 'A smaller, slimmer one; trim the skirt, a quieter trailer.',
    offers: [
      { what: 'trailer', to: 'a smaller, slimmer, quieter one', hand: 'smaller-trailer', only: 'has-trailer' },
      { what: 'size', to: 'a smaller one, the skirt trimmed' },
    ],
    pushes: { size: 1.6, action: 0.6 },
  },
  {
    id: 'bite.pecks.soft',
    of: { kinds: ['peck'] },
    atLeast: 2,
    families: SOFTS,
    source: 'common-practice',
    means: 'Pecks at a soft bait: the hold is too short.',
    do: 'Thread it instead of nose-hooking it; a shorter body.',
    offers: [
      { what: 'hook', to: 'threaded instead of by the nose', only: 'nose-hooked' },
      { what: 'size', to: 'a shorter body' },
    ],
    pushes: { size: 1, cadence: 0.8 },
  },
  {
    id: 'bite.pecks.plug',
    of: { kinds: ['peck'] },
    atLeast: 2,
    families: PLUGS,
    source: 'common-practice',
    means: 'Pecks at a plug: the action is worn out.',
    do: 'Same depth, another wobble.',
    offers: [
      { what: 'action', to: 'another wobble at the same depth' },
      { what: 'size', to: 'a smaller one' },
    ],
    pushes: { action: 1.6, depth: -0.5 },
  },
  {
    id: 'bite.pecks.blade',
    of: { kinds: ['peck'] },
    atLeast: 2,
    families: ['spinnerbait'],
    source: 'common-practice',
    means: 'Pecks at a spinnerbait.',
    do: 'A trailer hook, only in open water; the slimmer trailer.',
    offers: [
      { what: 'hook', to: 'a trailer hook behind', only: 'open-water' },
      { what: 'trailer', to: 'the slimmer one', hand: 'smaller-trailer', only: 'has-trailer' },
      { what: 'size', to: 'a smaller one' },
    ],
    pushes: { size: 0.8, action: 0.4 },
  },
  {
    id: 'bite.pecks.metal',
    of: { kinds: ['peck'] },
    atLeast: 2,
    families: [...WOUND_METAL, ...JIGGED, 'flutter-spoon', 'blade-bait', 'streamer', 'umbrella-rig'],
    source: 'common-practice',
    means: 'Pecks at metal, a fly or a rig of several: too large or too fast.',
    do: 'Smaller, or slower.',
    offers: [
      { what: 'size', to: 'a smaller one' },
      { what: 'pace', to: 'slower', hand: 'slower' },
    ],
    pushes: { size: 1, speed: 0.6 },
  },
  {
    id: 'bite.snags',
    of: { kinds: ['snagged', 'lure-lost'] },
    atLeast: 3,
    source: 'common-practice',
    means: 'Snagging: too deep, or the wrong bait for this cover.',
    do: 'Higher tip, thicker line, something buoyant or weedless; on the bottom a lighter one.',
    offers: [
      { what: 'depth', to: 'shallower: higher tip, thicker line', hand: 'shallower', only: 'off-bottom' },
      { what: 'lead', to: 'lighter, so that it comes over', hand: 'lighter', only: 'on-bottom' },
      { what: 'hook', to: 'a hidden point', only: 'open-point' },
      { what: 'tactic', to: 'something that passes above' },
    ],
    pushes: { depth: 1.4, action: 0.4 },
  },
  {
    id: 'bite.metal-rising',
    of: { kinds: ['hit', 'hooked', 'landed', 'lost'], when: ['retrieve', 'winding-in'] },
    atLeast: 2,
    families: ['slow-jig'],
    species: DEEP_HUNTERS,
    source: 'common-practice',
    means: 'The slow jig is taken on its way up: they want metal that works as it rises.',
    do: 'The fast way: a long slim jig, jerked up.',
    offers: [{ what: 'tactic', to: 'the fast way: metal that works on its way up', tactics: ['vertical-fast'] }],
    pushes: { action: 1, speed: 1.2 },
  },
  {
    id: 'bite.winding-in',
    of: { kinds: ['hit', 'hooked', 'landed'], when: ['winding-in'] },
    atLeast: 1,
    source: 'common-practice',
    means: 'Eaten while winding in: they want it horizontal.',
    do: 'Swim it; a shallow crank or a bladed jig.',
    offers: [{ what: 'tactic', to: 'horizontal: swim it, a shallow crank or a bladed jig', ways: ['moving'] }],
    pushes: { action: 1.4, speed: 0.8 },
  },
  {
    id: 'bite.surface-missed',
    of: { kinds: ['hit'] },
    atLeast: 2,
    families: ['topwater'],
    whileBiting: true,
    source: 'common-practice',
    means: 'They come up and miss it: too fast, too large, or only half willing.',
    do: 'Slower, with longer stops; a smaller one; a soft bait let fall where it came up.',
    offers: [
      { what: 'pause', to: 'longer stops between the steps', hand: 'longer-pause' },
      { what: 'size', to: 'a smaller one' },
      { what: 'tactic', to: 'something that falls where it came up' },
    ],
    pushes: { cadence: 1, size: 0.8 },
  },
  {
    id: 'bite.swats',
    of: { kinds: ['hit'] },
    atLeast: 2,
    families: ['spinnerbait', 'bladed-jig'],
    whileBiting: true,
    source: 'common-practice',
    means: 'They swat at it and miss.',
    do: 'A trailer hook in open water; the slimmer body that kicks less; then a smaller one.',
    offers: [
      { what: 'hook', to: 'a trailer hook behind', only: 'open-water' },
      { what: 'trailer', to: 'the slimmer one that kicks less', hand: 'smaller-trailer', only: 'has-trailer' },
      { what: 'size', to: 'a smaller one' },
    ],
    pushes: { size: 0.8, action: 0.6 },
  },
  {
    id: 'bite.follows-under',
    of: { kinds: ['follow'] },
    atLeast: 2,
    underM: 1,
    source: 'common-practice',
    means: 'They follow well below it and will not rise.',
    do: 'Bring it down to them, to within a metre above: deeper, or one that sinks slowly and level.',
    offers: [
      { what: 'depth', to: 'deeper, to within a metre above them', hand: 'deeper' },
      { what: 'lead', to: 'heavier, so that it sinks to them', hand: 'heavier' },
      { what: 'tactic', to: 'something that falls in front of them' },
    ],
    pushes: { depth: 1.6 },
  },
  {
    id: 'bite.follows-group',
    of: { kinds: ['follow'] },
    atLeast: 1,
    group: 3,
    source: 'common-practice',
    means: 'A group follows: they look at each other as much as at the bait.',
    do: 'Something that falls abruptly adds competition; a slow swimmer gives them time to think.',
    offers: [
      { what: 'pause', to: 'let it fall or hang in front of them', hand: 'longer-pause', only: 'jerked' },
      { what: 'tactic', to: 'something that falls in front of them' },
      { what: 'size', to: 'a smaller one' },
    ],
    pushes: { cadence: 1, size: 0.6 },
  },
  {
    id: 'bite.follows-hunters',
    of: { kinds: ['follow'] },
    atLeast: 2,
    species: BIG_HUNTERS,
    source: 'common-practice',
    means: 'They follow the big bait and do not commit.',
    do: 'Slow the same big bait, pause longer; then a smaller or a falling one.',
    offers: [
      { what: 'pace', to: 'slower, the same bait', hand: 'slower' },
      { what: 'pause', to: 'longer stops', hand: 'longer-pause' },
      { what: 'size', to: 'a smaller one' },
      { what: 'tactic', to: 'something that falls in front of them' },
    ],
    pushes: { speed: 1, cadence: 1, size: 0.6 },
  },
  {
    id: 'bite.follows-fast',
    of: { kinds: ['follow'] },
    atLeast: 2,
    species: SURFACE_FEEDERS,
    families: WOUND_METAL,
    source: 'common-practice',
    means: 'Fast hunters follow and do not take.',
    do: 'Another size of metal, then faster, then let it sink through them.',
    offers: [
      { what: 'size', to: 'another size of metal' },
      { what: 'pace', to: 'faster', hand: 'faster' },
      { what: 'depth', to: 'let it sink through them', hand: 'deeper' },
    ],
    pushes: { size: 1.2, speed: 1 },
  },
  {
    id: 'bite.follows-metal',
    of: { kinds: ['follow'] },
    atLeast: 2,
    families: WOUND_METAL,
    notSpecies: [...SURFACE_FEEDERS, ...BIG_HUNTERS],
    source: 'common-practice',
    means: 'They follow the metal and turn: shy of its size or its beat.',
    do: 'With a follower behind it keep the pace exactly, to the bank. Next cast a smaller one, slower, or at another depth.',
    offers: [
      { what: 'size', to: 'a smaller one' },
      { what: 'pace', to: 'slower', hand: 'slower' },
      { what: 'depth', to: 'deeper: count on', hand: 'deeper' },
      { what: 'action', to: 'a beat from side to side in place of a turning blade, or the reverse' },
    ],
    pushes: { size: 1.2, speed: 0.8, depth: 0.6 },
  },
  {
    id: 'bite.follows-jigged',
    of: { kinds: ['follow'] },
    atLeast: 2,
    families: JIGGED,
    notSpecies: [...SURFACE_FEEDERS, ...BIG_HUNTERS],
    source: 'common-practice',
    means: 'They come up after the jig and turn: they want the fall, or less of it.',
    do: 'Let it fall back in front of them and flutter; slower; a smaller one.',
    offers: [
      { what: 'pause', to: 'let it fall back and flutter after each lift', hand: 'longer-pause' },
      { what: 'pace', to: 'slower', hand: 'slower' },
      { what: 'size', to: 'a smaller one' },
    ],
    pushes: { cadence: 1, speed: 0.8, size: 0.6 },
  },
  {
    id: 'bite.follows',
    of: { kinds: ['follow'] },
    atLeast: 2,
    notFamilies: [...WOUND_METAL, ...JIGGED],
    notSpecies: BIG_HUNTERS,
    source: 'common-practice',
    means: 'Follows without a bite: distance or commitment.',
    do: 'Within a metre of them: stop and quiver, a vertical fall, a smaller one.',
    offers: [
      { what: 'pause', to: 'let it hang', hand: 'longer-pause', only: 'jerked' },
      { what: 'pause', to: 'stop it within a metre of them and only let it quiver', hand: 'longer-pause' },
      { what: 'size', to: 'a smaller one' },
      { what: 'tactic', to: 'something that falls in front of them' },
    ],
    pushes: { size: 1, action: 0.8, cadence: 0.6 },
  },
  {
    id: 'bite.on-the-fall',
    of: { kinds: ['hit', 'hooked', 'landed'], when: ['fall', 'pause'] },
    atLeast: 2,
    source: 'common-practice',
    means: 'They take it falling or hanging.',
    do: 'More of that: longer pauses, a slower fall.',
    offers: [{ what: 'pause', to: 'longer: more time to fall or hang', hand: 'longer-pause' }],
    pushes: { cadence: 0.8, stay: 0.6 },
  },
  {
    id: 'bite.slapped',
    of: { kinds: ['hit'] },
    atLeast: 4,
    whileBiting: true,
    source: 'common-practice',
    means: 'Hits that never hook: slaps; interested, not convinced.',
    do: 'Same depth and action, another colour; then another action.',
    offers: [
      { what: 'colour', to: 'the other end: natural for hot, hot for natural' },
      { what: 'action', to: 'another action at the same depth' },
      { what: 'size', to: 'a smaller one' },
    ],
    pushes: { colour: 1.2, action: 0.8, size: 0.4 },
  },
]

/** What to change when bites stop after a few: they have seen it (handbook §15, §23.6). The first row whose fish it is; the last is for all others. */
export interface SilenceRow {
  readonly id: string
  readonly species: readonly SpeciesId[] | null
  readonly why: string
  readonly offers: readonly SignOffer[]
  readonly source: SourceRef
}
const SEEN = 'Bites stopped after a few: they have seen it.'
export const AFTER_SILENCE: readonly SilenceRow[] = [
  {
    id: 'silence.surface-feeders',
    species: SURFACE_FEEDERS,
    source: 'common-practice',
    why: SEEN,
    offers: [
      { what: 'size', to: 'another size of metal' },
      { what: 'pace', to: 'faster', hand: 'faster' },
      { what: 'depth', to: 'let it sink through them', hand: 'deeper' },
      { what: 'action', to: 'another action at the same depth' },
    ],
  },
  {
    id: 'silence.salmonids',
    species: SALMONIDS,
    source: 'common-practice',
    why: SEEN,
    offers: [
      { what: 'action', to: 'another blade or another beat' },
      { what: 'depth', to: 'deeper', hand: 'deeper' },
      { what: 'size', to: 'a smaller one' },
      { what: 'tactic', to: 'a slower bait' },
    ],
  },
  {
    id: 'silence.big-hunters',
    species: BIG_HUNTERS,
    source: 'common-practice',
    why: SEEN,
    offers: [
      { what: 'pace', to: 'slower, the same bait', hand: 'slower' },
      { what: 'pause', to: 'longer stops', hand: 'longer-pause' },
      { what: 'size', to: 'a smaller one' },
      { what: 'tactic', to: 'something that falls' },
    ],
  },
  {
    id: 'silence.others',
    species: null,
    source: 'common-practice',
    why: SEEN,
    offers: [
      { what: 'action', to: 'another action at the same depth' },
      { what: 'tactic', to: 'a slower bait' },
    ],
  },
]

/** Fish that stand alone: one, then the next place (handbook §22.10: singles, then move on; in grass, stay). */
export interface AloneRow {
  readonly id: string
  readonly grouping: Grouping
  /** Not in this cover: there they stand together. */
  readonly notCover: readonly Cover[]
  /** After so long without another [min]. Assumed. */
  readonly afterMin: number
  readonly why: string
  readonly source: SourceRef
}
export const AFTER_A_SINGLE: readonly AloneRow[] = [
  {
    id: 'single.move-on',
    grouping: 'scattered',
    notCover: ['grass', 'pads', 'reeds', 'kelp'],
    afterMin: 15,
    source: 'common-practice',
    why: 'They stand alone here: the one was had, go on to the next place.',
  },
]
