/** Enumerations of the Ygrion file, in the contract's spelling. */
export const FAMILIES = [
  'inline-spinner',
  'tail-spinner',
  'casting-spoon',
  'dense-spoon',
  'flutter-spoon',
  'casting-metal',
  'slow-jig',
  'speed-jig',
  'blade-bait',
  'crankbait',
  'lipless-crank',
  'jerkbait',
  'pencil',
  'topwater',
  'glide-bait',
  'swimbait',
  'spinnerbait',
  'bladed-jig',
  'skirted-jig',
  'hair-jig',
  'jighead-soft',
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
  'streamer',
  'umbrella-rig',
] as const
export type Family = (typeof FAMILIES)[number]

/** Families whose weight is the body alone, without head or hook. */
const SOFT_BODIES: readonly Family[] = [
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
]

export function isSoftBody(family: Family): boolean {
  return SOFT_BODIES.includes(family)
}

/** Hard baits that swim, hang or slide by their body. */
export const PLUGS: readonly Family[] = [
  'crankbait',
  'lipless-crank',
  'jerkbait',
  'pencil',
  'topwater',
  'glide-bait',
  'swimbait',
]

export const ROLES = ['lure', 'trailer', 'both'] as const
export const PATTERNS = ['natural', 'hot', 'dark', 'plain'] as const
export const METALS = ['none', 'silver', 'gold', 'copper'] as const
export const FINISHES = ['matte', 'gloss', 'translucent', 'pearl', 'scale', 'hammered', 'painted'] as const
export const SOUNDS = ['silent', 'knock', 'rattle'] as const
export const ACTION_STYLES = [
  'wobble',
  'tight-wobble',
  'roll',
  'kick',
  'dart',
  'glide',
  'flutter',
  'spiral',
  'shimmy',
  'quiver',
  'chatter',
  'spin',
  'walk',
  'pop',
  'wake',
  'none',
] as const
export const BUOYANCIES = ['floats', 'hangs', 'sinks-slowly', 'sinks'] as const
/** Least to most vibration and lift, with the two fancy shapes last. */
export const BLADE_SHAPES = ['willow', 'turtleback', 'indiana', 'colorado', 'oval', 'fluted'] as const
export const BLADE_FINISHES = ['smooth', 'hammered', 'painted'] as const
export const HOOK_KINDS = [
  'treble',
  'treble-grip',
  'single',
  'jig',
  'weedless',
  'belly-weighted',
  'wacky',
  'drop-shot',
  'assist',
  'double',
] as const
export const RIGS = [
  'direct',
  'snap',
  'wacky',
  'wacky-weighted',
  'weedless',
  'belly-weighted',
  'bullet-weedless',
  'threaded-head',
  'mushroom-head',
  'underspin',
  'drop-shot-nose',
  'drop-shot-threaded',
  'drop-shot-weedless',
  'three-way',
  'dropper',
  'spoon-and-fly',
  'sliding-sinker',
  'jig-and-trailer',
  'blade-and-trailer',
  'umbrella',
  'vertical',
] as const
export const CADENCES = [
  'steady',
  'countdown-steady',
  'stop-and-go',
  'jerk-pause',
  'yo-yo',
  'slow-roll',
  'burn',
  'touch-and-pause',
  'rip',
  'tick',
  'bottom-hop',
  'drag',
  'dead-stick',
  'shake',
  'lift-drop',
  'vertical-fast',
  'vertical-slow',
  'long-fall',
  'walk',
  'pop',
  'sweep-pause',
  'troll',
  'drift',
  'hang-still',
] as const
export const MODES = ['cast', 'troll', 'vertical', 'drift'] as const
export const ROD_KINDS = ['casting', 'spinning', 'surf', 'jigging', 'trolling', 'fly'] as const
export const ROD_POWERS = [
  'ultralight',
  'light',
  'medium-light',
  'medium',
  'medium-heavy',
  'heavy',
  'extra-heavy',
] as const
export const ROD_ACTIONS = ['slow', 'moderate', 'moderate-fast', 'fast', 'extra-fast'] as const
export const REEL_KINDS = ['baitcaster', 'spinning', 'overhead', 'fly'] as const
export const LINE_MATERIALS = ['nylon', 'fluorocarbon', 'braid', 'wire'] as const
export const PART_KINDS = [
  'jig-head',
  'sinker',
  'hook',
  'blade',
  'swivel',
  'split-ring',
  'snap',
  'stick-on-weight',
  'skirt',
  'clip-blade',
  'leader-spool',
  'bead',
  'line-stop',
  'anti-twist-fin',
  'trolling-weight',
  'diving-plane',
  'downrigger',
] as const
export const TEST_KINDS = ['weigh', 'length', 'fall', 'swim', 'depth', 'hang', 'tear', 'action'] as const
export const EVENT_KINDS = ['follow', 'peck', 'hit', 'hooked', 'lost', 'landed', 'snagged', 'lure-lost'] as const
export const EVENT_WHENS = ['fall', 'pause', 'retrieve', 'winding-in', 'surface'] as const
export const HOOKED_AT = ['inside', 'lip', 'outside'] as const
export const INTERNAL_WEIGHTS = ['none', 'fixed', 'sliding'] as const
export const LIPS = ['none', 'square', 'round', 'long', 'spoon'] as const
export const TAIL_REACHES = ['quarter', 'half', 'whole'] as const
/** How a trailer sits on its host's hook. */
export type TrailerHooking = 'threaded' | 'middle' | 'nose'
export const WIRES = ['fine', 'medium', 'strong'] as const
export const RULE_OPS = ['<', '<=', '=', '>=', '>', 'in'] as const

export type Role = (typeof ROLES)[number]
export type Pattern = (typeof PATTERNS)[number]
export type Metal = (typeof METALS)[number]
export type Finish = (typeof FINISHES)[number]
export type Sound = (typeof SOUNDS)[number]
export type ActionStyle = (typeof ACTION_STYLES)[number]
export type Buoyancy = (typeof BUOYANCIES)[number]
export type BladeShape = (typeof BLADE_SHAPES)[number]
export type HookKind = (typeof HOOK_KINDS)[number]
export type Rig = (typeof RIGS)[number]
export type Cadence = (typeof CADENCES)[number]
export type Mode = (typeof MODES)[number]
export type RodKind = (typeof ROD_KINDS)[number]
export type RodPower = (typeof ROD_POWERS)[number]
export type RodAction = (typeof ROD_ACTIONS)[number]
export type LineMaterial = (typeof LINE_MATERIALS)[number]
export type PartKind = (typeof PART_KINDS)[number]
export type TestKind = (typeof TEST_KINDS)[number]
export type EventKind = (typeof EVENT_KINDS)[number]
export type EventWhen = (typeof EVENT_WHENS)[number]
export type HookedAt = (typeof HOOKED_AT)[number]
