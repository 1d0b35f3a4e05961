import { type Ask, desirabilityAt } from '#core/ask'
import { coarseCourseOf, levelSpeed, meanOver, type Presented, shareOfTime, SLOWEST_MS, towedDepth } from '#core/course'
import { DIVE_PATH } from '#core/knowledge'
import { BOTTOM_SHARE, computed, fallSpeed, type Known, type LureProfile } from '#core/lure'
import { type Message, message } from '#core/message'
import { bottomWeight, deepestOnCast, dropShotHeight } from '#core/motion'
import { RowMemo } from '#core/numeric'
import { driftOf, paceOfStream } from '#core/reading'
import { quantity } from '#core/units'
import { paceOf } from './pace'
import { type Fished, frontOf, presentedOf, type Tackle } from './presented'
import type { MouldWay } from './terms'

/** Where and how fast a set-up is fished, and how much of it is where the fish are. */
export interface Placement extends Fished {
  /** Mean of its course while it works [m]. */
  readonly depthM: number
  /** Deepest point of its course [m]. */
  readonly deepestM: number
  /** Mean desirability of the depths it passes through, 0..1. */
  readonly depthFit: number
  /** Share of the working time in front of the fish, 0..1. */
  readonly shareInBand: number
  /** In plan, how far the stream has swung the line half-way home [rad]. */
  readonly swung: number
  readonly depthTrust: Known<unknown>
  readonly speedFit: number
  /** It meets the bottom. */
  readonly touches: boolean
  /** Pause that keeps a sinking plug in front of the fish, where that of the tactic would let it sink past them [s]. */
  readonly pauseS?: number | null
  /** Height over the bottom that the leader gives a drop-shot bait [m]. */
  readonly leaderHeightM: number | null
}
export interface Unreachable {
  readonly deepestM: number
  readonly why: Message
}

/** Tip heights in use [m]: low, middle, high (A9). */
const TIPS_M = [0.5, 1.0, 2.3] as const
const LOW_TIP_M = 0.5
const HIGH_TIP_M = 2.3
/** How far above the band a fish still comes up [m] (A3). */
const RISE_M = { lethargic: 1, neutral: 2, aggressive: 3 } as const
/** How well a lure works at the edge of its window (A4). */
const AT_WINDOW_EDGE = 0.6
/** Leaders between bait and sinker by depth of the bottom [m] (handbook §6, §23.5). */
const DROP_LEADERS = [
  { toM: 3, leaderM: 0.25 },
  { toM: 6, leaderM: 0.45 },
  { toM: Infinity, leaderM: 0.65 },
] as const
/** How far the pace may be bent to keep a bait at its depth [times]. Assumed. */
const BENT = { least: 0.75, most: 1.25 }
/** The depth models err by this much: so much is forgiven before a lure is refused [times]. */
const REACH_TOLERANCE = 1.15
/** Horizontal distance of a line let down beside the boat [m]. Assumed. */
const STRAIGHT_DOWN_M = 1
/** Lengths of line behind the boat that are tried [m]. */
const LINES_OUT_M = [12, 20, 30, 45, 65] as const
/** Longest that a slack fall is waited for [s]. Assumed. */
const WAITED_S = 25
/** Criterion of contact: drift when nothing moves [m/s], and a fine line [mm]. */
const STILL_DRIFT_MS = 0.25
const FINE_LINE_MM = 0.23
/** Waters whose criterion is remembered [count, assumed]: those of a search through readings. */
const WATERS_KEPT = 500
/** A bait counts as near the bottom within this [m]. */
const NEAR_BOTTOM_M = 0.25
/** Lead of at least this share of the criterion keeps in touch; metal and jigs are dropped, not dragged, and need less. Assumed. */
const TOUCHES_FROM = 0.5

export interface PlaceScene {
  readonly ask: Ask
  readonly waterDensity: number
  readonly contact: Contact
}

/** Weight that keeps contact by the criterion of the motion model (§7), with a fine line: on the bottom, and under the boat at the depth of the fish [g]. */
export interface Contact {
  readonly atBottomG: number
  readonly underBoatG: number
}

/** By depth, drift and density of the water: most readings that follow one another differ in none of them. */
const contactWeights = new RowMemo<number>(WATERS_KEPT, 3)

export function contactFor(ask: Ask, waterDensity: number): Contact {
  const {
    reading,
    features: { numbers },
  } = ask
  const drift = driftOf(reading)
  const grams = (depthM: number, driftMs: number) => {
    const depth = Math.max(1, depthM)
    return contactWeights.of(
      row => row.set([depth, driftMs, waterDensity]),
      () => 1000 * (bottomWeight(depth, driftMs, FINE_LINE_MM / 1000, waterDensity) ?? Infinity),
    )
  }
  // Worked out for what hangs there: in most waters nothing does.
  return {
    get atBottomG() {
      return grams(reading.bottomM, Math.max(STILL_DRIFT_MS, drift))
    },
    get underBoatG() {
      return grams(Math.min(numbers.presentM, reading.bottomM), Math.max(STILL_DRIFT_MS / 2, drift))
    },
  }
}

/** Chooses depth, speed and tip so that the presentation answers the ask best, or says why it cannot reach the fish. */
export function place(tackle: Tackle, { ask, waterDensity, contact }: PlaceScene): Placement | Unreachable {
  const { numbers } = ask.features
  const highestNeeded = numbers.fishFromM - RISE_M[ask.reading.mood]
  switch (tackle.technique.control) {
    case 'surface':
      return highestNeeded > 0
        ? { deepestM: 0, why: message('match.surface', { fish: quantity('depth', numbers.fishFromM) }) }
        : atDepth(tackle, ask, 0)
    case 'dive':
      return tackle.technique.mode === 'troll'
        ? placeTrolled(tackle, ask, highestNeeded, waterDensity)
        : placeDiver(tackle, ask, highestNeeded, waterDensity)
    case 'count-down':
      if (tackle.technique.mode === 'troll') return placeTrolled(tackle, ask, highestNeeded, waterDensity)
      return tackle.tactic.pace === null
        ? placeFalling(tackle, ask, highestNeeded, waterDensity)
        : placeHeld(tackle, ask, highestNeeded, waterDensity)
    case 'vertical':
      return placeUnderBoat(tackle, ask, contact, waterDensity)
    case 'bottom':
    case 'above-bottom':
      return placeOnBottom(tackle, ask, contact, waterDensity)
  }
}

/** Held, let down or lying at one depth, all the time. */
function atDepth(tackle: Tackle, ask: Ask, depthM: number, more: Partial<Placement> = {}): Placement {
  const { speedMs, speedFit } = wound(tackle, ask)
  const { fromM, toM } = frontOf(ask)
  return {
    depthM,
    deepestM: depthM,
    letDownM: depthM,
    tipM: LOW_TIP_M,
    castM: tackle.castM,
    speedMs,
    speedFit,
    leaderHeightM: null,
    depthFit: desirabilityAt(ask.axes.depth, depthM),
    shareInBand: depthM >= fromM && depthM <= toM ? 1 : 0,
    swung: 0,
    touches: depthM >= ask.reading.bottomM - NEAR_BOTTOM_M && tackle.technique.control !== 'surface',
    depthTrust: computed(depthM, tackle.profile.weightG),
    ...more,
  }
}

type AlongCourse = Pick<Placement, 'depthM' | 'deepestM' | 'depthFit' | 'shareInBand' | 'swung' | 'touches'>

/** Along its solved course: the mean depth, what is asked of the depths it passes through, and the share of them in front of the fish. */
function alongCourse(presented: Presented, ask: Ask, foulM = Infinity): AlongCourse {
  const course = coarseCourseOf(presented)
  const {
    band: { fromM, toM },
  } = presented
  const { depth } = ask.axes
  return {
    depthM: course.meanM,
    deepestM: course.deepestM,
    swung: course.swung,
    touches: course.deepestM >= presented.bottomM - NEAR_BOTTOM_M,
    depthFit: meanOver(course.stretches, d => (d > foulM ? PLOUGHING : 1) * desirabilityAt(depth, d)),
    shareInBand: shareOfTime(course.stretches, fromM, toM),
  }
}

function placeDiver(tackle: Tackle, ask: Ask, highestNeeded: number, waterDensity: number): Placement | Unreachable {
  const {
    profile: { runsAt },
    castM,
    lineMm,
  } = tackle
  if (!runsAt) return atDepth(tackle, ask, 0)
  const { bottomM, coverTopM } = ask.features.numbers
  const foulM =
    ask.reading.coverTopM !== null && tackle.profile.snagGuard.value < 2 && tackle.tactic.id !== 'plug-ripped'
      ? coverTopM + FOUL_ALLOWED_M
      : Infinity
  const touchWanted = tackle.tactic.id === 'plug-bumped' || tackle.tactic.id === 'plug-through-wood'
  // The tip is chosen by the table of casts; what comes of it is solved.
  const free = TIPS_M.map(tipM => deepestOnCast(runsAt.value, { castM, lineDiameterMm: lineMm, tipM }))
  const deepest = Math.max(...free)
  if (deepest * REACH_TOLERANCE < highestNeeded)
    return cannotReach(deepest, highestNeeded, message('match.on-your-lines'))
  const floorM = Math.min(bottomM, foulM)
  const fits = free.map(depthM => overDive(ask, depthM, floorM))
  const chosen = fits.indexOf(Math.max(...fits))
  const tipM = TIPS_M[chosen]!
  const { speedMs } = wound(tackle, ask)
  const foulsAtM = free[chosen]! > floorM * MAY_TOUCH_SHARE ? floorM - TOUCHING_M : Infinity
  const worked = (pauseS: number | null) => ({
    pauseS,
    ...alongCourse(
      presentedOf({ ...tackle, pauseS }, { letDownM: free[chosen]!, tipM, castM, speedMs }, ask, waterDensity),
      ask,
      foulsAtM,
    ),
  })
  // A plug that sinks is not left so long that it sinks past the fish.
  let along = worked(tackle.pauseS)
  const lowestM = frontOf(ask).toM
  while (
    along.pauseS !== null &&
    along.pauseS > LEAST_PAUSE_S &&
    along.deepestM > Math.max(lowestM, free[chosen]!) + PAST_M &&
    fallSpeed(tackle, waterDensity).value > 0
  )
    along = worked(Math.max(LEAST_PAUSE_S, Math.round(along.pauseS) / 2))
  return atDepth(tackle, ask, along.depthM, {
    ...along,
    tipM,
    letDownM: free[chosen]!,
    depthFit: touchWanted && !along.touches ? NOT_TOUCHING * along.depthFit : along.depthFit,
    depthTrust: computed(0, runsAt),
  })
}

/** Shortest stop of a plug [s]. Assumed. */
const LEAST_PAUSE_S = 0.5
/** So far below the fish a sinking plug is not let go [m]. Assumed. */
const PAST_M = 0.3
/** So near to the floor it ploughs [m]. */
const TOUCHING_M = 0.02

/** Open hooks may brush the tops of the cover by this much [m]. Assumed. */
const FOUL_ALLOWED_M = 0.25
/** A plug that is to bump the bottom and does not reach it. Assumed. */
const NOT_TOUCHING = 0.55
/** A plug that would run below the bottom ploughs there: fish cannot get at hooks pinned to it (handbook §5). It may do so a little: touching is wanted. */
const PLOUGHING = 0.15
const MAY_TOUCH_SHARE = 1.15

/** Mean over the cast of what is asked of the depth, by the table of a diver's path. */
function overDive(ask: Ask, deepestM: number, floorM: number): number {
  let sum = 0
  for (const share of DIVE_PATH.depth) {
    const depth = share * deepestM
    sum +=
      depth > floorM * MAY_TOUCH_SHARE
        ? PLOUGHING * desirabilityAt(ask.axes.depth, floorM)
        : desirabilityAt(ask.axes.depth, Math.min(depth, floorM))
  }
  return sum / DIVE_PATH.depth.length
}

/** Behind a moving boat: the line out that brings it nearest to what is asked. */
function placeTrolled(tackle: Tackle, ask: Ask, highestNeeded: number, waterDensity: number): Placement | Unreachable {
  const { profile, castM } = tackle
  const { bottomM } = ask.features.numbers
  const { speedMs } = wound(tackle, ask)
  const presented = presentedOf(tackle, { letDownM: 0, tipM: LOW_TIP_M, castM, speedMs }, ask, waterDensity)
  // Shy fish want the lure far behind the boat.
  const shy = ask.reading.mood === 'lethargic' || ask.reading.pressure === 'high'
  let best: Placement | null = null
  let deepest = 0
  for (const lineOutM of LINES_OUT_M) {
    const depthM = towedDepth({ ...presented, lineOutM })
    deepest = Math.max(deepest, depthM)
    // Over the bottom it must not drag; there a shorter line is right.
    const drags = depthM > bottomM
    const depthFit = drags
      ? PLOUGHING * desirabilityAt(ask.axes.depth, bottomM)
      : desirabilityAt(ask.axes.depth, depthM)
    if (!best || depthFit > best.depthFit * (shy ? SHY_ALLOWS : 1))
      best = atDepth(tackle, ask, Math.min(depthM, bottomM), {
        depthFit,
        lineOutM,
        depthTrust: computed(0, profile.runsAt ?? profile.weightG),
      })
  }
  if (deepest * REACH_TOLERANCE >= highestNeeded) return best!
  // A trolling weight, a diving plane or a downrigger takes plugs, spoons and spinners to about 25 m (handbook §13).
  if (numbersOf(ask).fishFromM > WITH_GEAR_M || !tackle.trollsWithGear)
    return cannotReach(deepest, highestNeeded, message('match.on-longest-line'))
  const depthM = Math.min(numbersOf(ask).presentM, WITH_GEAR_M)
  return atDepth(tackle, ask, depthM, {
    depthFit: WITH_GEAR * desirabilityAt(ask.axes.depth, depthM),
    lineOutM: LINES_OUT_M[0],
    gear: true,
    depthTrust: computed(0, profile.weightG),
  })
}
const numbersOf = (ask: Ask) => ask.features.numbers
/** Deepest with a downrigger [m] (handbook §13), and what the gear costs in ease. The latter assumed. */
const WITH_GEAR_M = 25
const WITH_GEAR = 0.8
/** Shy fish: a longer line is taken although its depth is this much less right. Assumed. */
const SHY_ALLOWS = 0.9

/** Counted down and wound in at the pace that keeps it there, as far as that pace may be bent; where none does, it passes through, and is counted to where it does so best. */
function placeHeld(tackle: Tackle, ask: Ask, highestNeeded: number, waterDensity: number): Placement | Unreachable {
  const { profile, castM } = tackle
  const { numbers } = ask.features
  const { min, max } = profile.speed.value
  const wanted = paceOf(tackle.tactic, ask)
  const least = Math.max(min, SLOWEST_MS, paceOfStream(ask.reading), Math.min(max, wanted * BENT.least))
  const most = Math.max(least, Math.min(max, wanted * BENT.most))
  const presentM = Math.min(Math.max(numbers.presentM, 0.2), numbers.bottomM)
  const highM = Math.max(0.2, Math.min(highestNeeded + 1, presentM))
  const presented = presentedOf(
    tackle,
    { letDownM: presentM, tipM: LOW_TIP_M, castM, speedMs: Math.min(most, Math.max(least, wanted)) },
    ask,
    waterDensity,
  )
  if (presented.bait.fallMs <= 0) return cannotReach(0, highestNeeded, message('match.does-not-sink'))
  let best: {
    readonly wound: Pick<Fished, 'letDownM' | 'speedMs' | 'tipM'>
    readonly along: AlongCourse
    readonly speedFit: number
  } | null = null
  const reached = () => (best ? best.along.depthFit * best.speedFit : -1)
  /** What comes of it; `null` where its pace alone keeps it behind what was found. */
  const consider = (letDownM: number, speedMs: number, tipM: number): AlongCourse | null => {
    const speedFit = worksAt(tackle, speedMs) * desirabilityAt(ask.axes.speed, speedMs)
    if (speedFit <= reached()) return null
    const along = alongCourse({ ...presented, depthM: letDownM, speedMs, tipM }, ask)
    if (along.depthFit * speedFit > reached()) best = { wound: { letDownM, speedMs, tipM }, along, speedFit }
    return along
  }
  const tried =
    tackle.tactic.id === 'plug-ripped'
      ? [Math.min(numbers.fishM, numbers.bottomM)]
      : [presentM, (presentM + highM) / 2, highM]
  for (const depthM of tried) {
    const level = levelSpeed({ ...presented, depthM }) ?? 0
    const speedMs = Math.min(most, Math.max(least, level))
    const along = consider(depthM, speedMs, LOW_TIP_M)
    if (along && along.depthFit < GOOD_DEPTH && Math.abs(along.depthM - depthM) > OFF_M)
      consider(Math.min(numbers.bottomM, Math.max(0, 2 * depthM - along.depthM)), speedMs, LOW_TIP_M)
    // What sinks at the pace that is wanted is held up by the rod, and wound as fast as it may be.
    if (level > most && best!.along.depthFit < GOOD_DEPTH) {
      const high = levelSpeed({ ...presented, depthM, tipM: HIGH_TIP_M }) ?? 0
      consider(depthM, Math.min(Math.max(least, Math.min(max, wanted * HURRIED)), Math.max(least, high)), HIGH_TIP_M)
    }
    if (best!.along.depthFit >= GOOD_DEPTH || depthM === highM) break
  }
  const found = best!
  if (found.along.deepestM * REACH_TOLERANCE < highestNeeded)
    return cannotReach(found.along.deepestM, highestNeeded, message('match.at-working-pace'))
  return atDepth(tackle, ask, found.along.depthM, {
    ...found.along,
    ...found.wound,
    speedFit: found.speedFit,
    depthTrust: computed(0, profile.weightG),
    // What rises to the surface at once is not counted down.
    ...(found.along.depthM < SURFACE_M ? { letDownM: 0 } : {}),
  })
}
/** With the tip up a bait that sinks is wound at most so much faster than is wanted [times]. Assumed. */
const HURRIED = 2
/** Above this it runs at the surface [m]. */
const SURFACE_M = 0.05
/** Counted anew where the course lies this far from where it was counted to [m], and no further depth is tried where the mean desirability of the depth is this good. Assumed. */
const OFF_M = 0.25
const GOOD_DEPTH = 0.85

/** Let fall on a slack line: it works all the way down, as far as one waits for it. */
function placeFalling(tackle: Tackle, ask: Ask, highestNeeded: number, waterDensity: number): Placement | Unreachable {
  const { bottomM } = ask.features.numbers
  const fall = fallSpeed(tackle, waterDensity).value
  const reached = Math.min(bottomM, frontOf(ask).toM, fall * WAITED_S)
  if (reached < highestNeeded)
    return cannotReach(reached, highestNeeded, message('match.in-fall', { seconds: WAITED_S }))
  const { speedMs } = wound(tackle, ask)
  const along = alongCourse(
    presentedOf(tackle, { letDownM: reached, tipM: LOW_TIP_M, castM: tackle.castM, speedMs }, ask, waterDensity),
    ask,
  )
  return atDepth(tackle, ask, along.depthM, { ...along, letDownM: reached })
}

function placeUnderBoat(tackle: Tackle, ask: Ask, contact: Contact, waterDensity: number): Placement | Unreachable {
  const { presentM, bottomM } = ask.features.numbers
  const letDownM = Math.min(presentM, bottomM)
  const { speedMs } = wound(tackle, ask)
  const along = alongCourse(
    presentedOf(tackle, { letDownM, tipM: LOW_TIP_M, castM: tackle.castM, speedMs }, ask, waterDensity),
    ask,
  )
  // A jig that the drift carries off does not stay under the boat.
  const needed = VERTICAL_SHARE * contact.underBoatG * Math.max(1, tackle.lineMm / FINE_LINE_MM)
  const grams = tackle.profile.weightG.value + tackle.added.grams
  const short = Math.min(1, grams / needed)
  return atDepth(tackle, ask, along.depthM, { ...along, letDownM, depthFit: along.depthFit * Math.max(0.15, short) })
}
/** Share of the criterion of contact that a jig under the boat needs: it is lifted and dropped, not left to lie. Assumed. */
const VERTICAL_SHARE = 0.6

function placeOnBottom(tackle: Tackle, ask: Ask, contact: Contact, waterDensity: number): Placement | Unreachable {
  const { bottomM } = ask.features.numbers
  const grams = tackle.added.grams > 0 ? tackle.added.grams : tackle.profile.weightG.value
  const needed = contact.atBottomG * BOTTOM_SHARE * (tackle.tactic.holds ?? 1)
  if (grams < needed * TOUCHES_FROM)
    return {
      deepestM: 0,
      why: message('match.too-light', {
        depth: quantity('depth', bottomM),
        grams: quantity('weight', grams),
        needed: quantity('weight', needed),
      }),
    }
  const light = Math.min(1, grams / needed)
  const { speedMs } = wound(tackle, ask)
  const placed = (fished: Partial<Fished>) => {
    const along = alongCourse(
      presentedOf(
        tackle,
        { letDownM: bottomM, tipM: LOW_TIP_M, castM: tackle.castM, speedMs, ...fished },
        ask,
        waterDensity,
      ),
      ask,
    )
    return atDepth(tackle, ask, along.depthM, {
      ...along,
      ...fished,
      letDownM: bottomM,
      depthFit: light * along.depthFit,
      touches: true,
    })
  }
  if (tackle.technique.control === 'bottom') return placed({})
  const { leaderM } = DROP_LEADERS.find(row => bottomM <= row.toM)!
  // On a cast the taut line stands at an angle and the bait hangs lower than the leader is long (motion model §8).
  const castM = tackle.technique.mode === 'drift' ? STRAIGHT_DOWN_M : Math.min(tackle.castM, AWAY_PER_DEPTH * bottomM)
  const { height } = dropShotHeight(leaderM, bottomM, castM / 2, LOW_TIP_M)
  return { ...placed({ dropLeaderM: leaderM, castM }), leaderHeightM: height }
}
/** A drop shot is cast no further than this many times the depth. Assumed: beyond it lies on its leader. */
const AWAY_PER_DEPTH = 3

/** How well a lure works at a speed, by its window; faster than that it rolls or skips, the more the more the water pulls at it (square of the speed, assumed). */
function worksAt({ profile }: Rigged, speedMs: number): number {
  const { min, best, max } = profile.speed.value
  if (speedMs > max) return AT_WINDOW_EDGE * (max / speedMs) ** 2
  if (speedMs <= best)
    return best > min ? AT_WINDOW_EDGE + (1 - AT_WINDOW_EDGE) * Math.max(0, (speedMs - min) / (best - min)) : 1
  return max > best ? AT_WINDOW_EDGE + (1 - AT_WINDOW_EDGE) * Math.max(0, (max - speedMs) / (max - best)) : 1
}

/** The most that its pace can answer what the water asks, before it is known what throws it and how deep it runs: 0..1. */
export function mostOfPace(profile: LureProfile, { technique, tactic, isWoundAsWanted }: MouldWay, ask: Ask): number {
  return isWoundAsWanted ? 1 : wound({ profile, technique, tactic }, ask).speedFit
}
type Rigged = Pick<Tackle, 'profile' | 'technique' | 'tactic'>

/** The pace of this tactic, as far as the lure works at it, and how well that answers what the water asks of the pace. */
function wound(tackle: Rigged, ask: Ask): { speedMs: number; speedFit: number } {
  const wanted = paceOf(tackle.tactic, ask)
  if (tackle.tactic.pace === null) return { speedMs: wanted, speedFit: NOT_WOUND }
  const { min, max } = tackle.profile.speed.value
  const stream = tackle.technique.mode === 'cast' ? paceOfStream(ask.reading) : 0
  const speedMs = Math.max(Math.min(Math.max(wanted, min), max), stream)
  const missed = Math.abs(Math.log(speedMs / wanted))
  return { speedMs, speedFit: Math.exp(-missed) * worksAt(tackle, speedMs) * desirabilityAt(ask.axes.speed, speedMs) }
}
/** Pace does not concern what is not wound: neither won nor lost. */
const NOT_WOUND = 0.5

function cannotReach(deepestM: number, neededM: number, how: Message): Unreachable {
  return {
    deepestM,
    why: message('match.cannot-reach', {
      needed: quantity('depth', neededM),
      deepest: quantity('depth', deepestM),
      how,
    }),
  }
}
