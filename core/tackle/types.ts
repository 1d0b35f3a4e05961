import type {
  ActionStyle,
  BLADE_FINISHES,
  BladeShape,
  Buoyancy,
  Cadence,
  EventKind,
  EventWhen,
  Family,
  Finish,
  HookedAt,
  HookKind,
  INTERNAL_WEIGHTS,
  LineMaterial,
  LIPS,
  Metal,
  Mode,
  PartKind,
  Pattern,
  REEL_KINDS,
  Rig,
  RodAction,
  RodKind,
  RodPower,
  Role,
  RULE_OPS,
  Sound,
  TAIL_REACHES,
  TestKind,
  WIRES,
} from '#core/terms'

/** Absent and `null` mean the same in the Ygrion file; `null` is written back as `null`. */
export type Maybe<T> = T | null | undefined

export interface Colours {
  pattern?: Maybe<Pattern>
  /** sRGB, `#rrggbb`. */
  back?: Maybe<string>
  side?: Maybe<string>
  belly?: Maybe<string>
  accent?: Maybe<string>
  metal?: Maybe<Metal>
  finish?: Maybe<Finish>
  fluorescent?: Maybe<boolean>
}

/** The depth a plug is known to run, with everything that makes the figure mean something. */
export interface RunsAt {
  depthM: number
  lineDiameterMm?: Maybe<number>
  /** Cast length, or line out when trolled [m]. */
  castM?: Maybe<number>
  mode?: Maybe<Mode>
  tipM?: Maybe<number>
  speedMs?: Maybe<number>
}

export interface SpeedWindow {
  minMs?: Maybe<number>
  bestMs?: Maybe<number>
  maxMs?: Maybe<number>
}

export interface Blade {
  shape: BladeShape
  /** Usual blade number, 0–8. */
  size?: Maybe<number>
  finish?: Maybe<(typeof BLADE_FINISHES)[number]>
  metal?: Maybe<Metal>
}

export interface LureHook {
  kind: HookKind
  size?: Maybe<string>
  count?: Maybe<number>
}

/** Figures of a changed lure that were worked out at the workshop and not seen since. */
export const WORKED_OUT_FIELDS = ['weightG', 'lengthMm', 'bulk', 'buoyancy', 'runsAt', 'speed'] as const
export type WorkedOutField = (typeof WORKED_OUT_FIELDS)[number]

/** Scale 1–5, from the trade's words: 1 hardly, 5 as much as lures do. */
export type Scale5 = number

export interface Lure {
  id: string
  name: string
  family: Family
  style?: Maybe<string>
  role?: Maybe<Role>
  lengthMm?: Maybe<number>
  /** As weighed; hard lures complete with hooks, soft bodies alone [g]. */
  weightG?: Maybe<number>
  /** As printed on the packet [g]. */
  labelWeightG?: Maybe<number>
  bulk?: Maybe<Scale5>
  colours?: Maybe<Colours>
  sound?: Maybe<Sound>
  actionStyle?: Maybe<ActionStyle>
  vibration?: Maybe<Scale5>
  flash?: Maybe<Scale5>
  intensity?: Maybe<Scale5>
  buoyancy?: Maybe<Buoyancy>
  fallRateMs?: Maybe<number>
  runsAt?: Maybe<RunsAt>
  speed?: Maybe<SpeedWindow>
  /** Front blade last. */
  blades?: Maybe<Blade[]>
  hooks?: Maybe<LureHook[]>
  /** 0 open trebles … 3 point hidden. */
  snagGuard?: Maybe<number>
  scented?: Maybe<boolean>
  quantity?: Maybe<number>
  box?: Maybe<string>
  slot?: Maybe<string>
  parentId?: Maybe<string>
  changes?: Maybe<unknown[]>
  /** Which of its figures were worked out and not seen: they count as computed until they are typed or tested. */
  workedOut?: Maybe<string[]>
  internalWeight?: Maybe<(typeof INTERNAL_WEIGHTS)[number]>
  lip?: Maybe<(typeof LIPS)[number]>
  /** What the body is made of; free text is kept. */
  material?: Maybe<string>
  /** How far along the body a tail moves it. */
  tailReach?: Maybe<(typeof TAIL_REACHES)[number]>
  /** Hardens when left in the sun. */
  driesOut?: Maybe<boolean>
  /** Parts a home-made lure is built from. */
  madeOf?: Maybe<string[]>
  /** A favourite. */
  pinned?: Maybe<boolean>
  /** New, good, worn, damaged; free text is kept. */
  condition?: Maybe<string>
  price?: Maybe<number>
  fishCount?: Maybe<number>
  confidence?: Maybe<number>
  notes?: Maybe<string>
}

export interface LineSpec {
  material: LineMaterial
  testKg?: Maybe<number>
  diameterMm?: Maybe<number>
}
export interface Leader extends LineSpec {
  lengthM?: Maybe<number>
}

export interface Outfit {
  id: string
  name: string
  rod: {
    kind: RodKind
    lengthM?: Maybe<number>
    power?: Maybe<RodPower>
    action?: Maybe<RodAction>
    lureMinG?: Maybe<number>
    lureMaxG?: Maybe<number>
    lineMaxKg?: Maybe<number>
  }
  reel?: Maybe<{ kind?: Maybe<(typeof REEL_KINDS)[number]>; ratio?: Maybe<number>; spoolDiameterMm?: Maybe<number> }>
  line: LineSpec
  leader?: Maybe<Leader>
  castM?: Maybe<number>
}

export interface Part {
  id: string
  name: string
  kind: PartKind
  weightG?: Maybe<number>
  size?: Maybe<string>
  material?: Maybe<string>
  hookKind?: Maybe<HookKind>
  shape?: Maybe<string>
  strengthKg?: Maybe<number>
  /** Thickness of a hook's wire. */
  wire?: Maybe<(typeof WIRES)[number]>
  quantity?: Maybe<number>
}

export interface BenchTest {
  id: string
  lureId: string
  kind: TestKind
  at?: Maybe<string>
  rig?: Maybe<Rig>
  addedG?: Maybe<number>
  /** In the kind's unit; a tear of `null` did not tear. */
  values: (number | null)[]
  depthM?: Maybe<number>
  temperatureC?: Maybe<number>
  salinityPsu?: Maybe<number>
  lineDiameterMm?: Maybe<number>
  castM?: Maybe<number>
  note?: Maybe<string>
}

export interface TripEvent {
  id: string
  at?: Maybe<string>
  kind: EventKind
  when?: Maybe<EventWhen>
  hookedAt?: Maybe<HookedAt>
  species?: Maybe<string>
  lengthMm?: Maybe<number>
  weightG?: Maybe<number>
  depthM?: Maybe<number>
  groupSize?: Maybe<number>
  latitude?: Maybe<number>
  longitude?: Maybe<number>
  note?: Maybe<string>
}

/** How a stint was really fished, where it was noted. */
export interface FishedAs {
  /** What is done with it: the id of a tactic; one that a newer program knows is kept. An addition of ours. */
  tactic?: Maybe<string>
  cadence?: Maybe<Cadence>
  speedMs?: Maybe<number>
  pauseS?: Maybe<number>
  tipM?: Maybe<number>
  castM?: Maybe<number>
  countdownS?: Maybe<number>
  depthM?: Maybe<number>
  headG?: Maybe<number>
  sinkerG?: Maybe<number>
}

/** One set-up fished without a change. `R` is the reading it was fished under. */
export interface Stint<R = unknown> {
  id: string
  start: string
  end?: Maybe<string>
  lureId: string
  trailerId?: Maybe<string>
  rig?: Maybe<Rig>
  outfitId?: Maybe<string>
  depthM?: Maybe<number>
  speedMs?: Maybe<number>
  cadence?: Maybe<Cadence>
  casts?: Maybe<number>
  presentation?: Maybe<FishedAs>
  reading?: Maybe<R>
  events?: Maybe<TripEvent[]>
}

/** What one of two lures gave that are fished in turn. */
export interface PairSide {
  lureId: string
  casts: number
  contacts: number
}

/** Two lures that differ in one thing, fished in turn with casts counted, cast by cast and not by the clock. An addition of ours. */
export interface TurnPair {
  id: string
  /** What they differ in: colour, size or action. */
  differs: string
  a: PairSide
  b: PairSide
  /** When it was ended; `null`: still fished. */
  end?: Maybe<string>
}

export interface Trip<R = unknown> {
  id: string
  placeId?: Maybe<string>
  start: string
  end?: Maybe<string>
  stints?: Maybe<Stint<R>[]>
  /** Pack list that it was begun with, and the rods that are rigged: advice keeps to them. Additions of ours. */
  packId?: Maybe<string>
  rods?: Maybe<string[]>
  /** Pairs compared in turn on this trip. An addition of ours. */
  pairs?: Maybe<TurnPair[]>
}

export interface UserRule {
  id: string
  name: string
  on?: Maybe<boolean>
  placeId?: Maybe<string>
  when?: Maybe<{ field: string; op: (typeof RULE_OPS)[number]; value: unknown }[]>
  prefer?: Maybe<Record<string, unknown>>
  /** −1..1; negative avoids. */
  weight?: Maybe<number>
}

/** A lure dressed for use: with its trailer, hardware added, and other hooks than it came with. */
export interface Assembly {
  id: string
  name: string
  lureId: string
  trailerId?: Maybe<string>
  /** Hardware that stays on it: heads, sinkers, clip-on blades, swivels … */
  partIds?: Maybe<string[]>
  /** Hooks in place of its own. */
  hooks?: Maybe<LureHook[]>
  notes?: Maybe<string>
}

/** Everything of the angler's that a set-up is built from. */
export interface Box {
  lures: readonly Lure[]
  parts: readonly Part[]
  outfits: readonly Outfit[]
  tests: readonly BenchTest[]
  trips: readonly Trip[]
}
