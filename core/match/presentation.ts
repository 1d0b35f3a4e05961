import { type Ask, type AskedAxis, desirabilityAt } from '#core/ask'
import { CADENCE_TABLE, DIVE_PATH } from '#core/knowledge'
import { type Assembled, BOTTOM_SHARE, computed, type Known, LIFT_RATIO, sinkingNewton } from '#core/lure'
import { deepestOnCast, dropShotHeight, holdDepth, holdSpeed, towDepth, towedPlug, towedSinker } from '#core/motion'
import type { Cadence } from '#core/terms'
import type { Contact } from './lead'

/** Where and how fast a set-up is fished, and how much of it is where the fish are. */
export interface Placement {
  readonly depthM: number
  readonly speedMs: number
  readonly tipM: number
  /** Mean desirability of the depths it passes through, 0..1. */
  readonly depthFit: number
  readonly depthTrust: Known<unknown>
  readonly speedFit: number
  /** Height over the bottom that the leader gives a drop-shot bait [m]. */
  readonly leaderHeightM: number | null
  /** Drop-shot leader from hook to weight [m]. */
  readonly dropLeaderM?: number
  /** Line behind the boat when trolled [m]. */
  readonly lineOutM?: number
}
export interface Unreachable { readonly deepestM: number, readonly why: () => string }

/** Tip heights in use [m]: low, middle, high (A9). */
const TIPS_M = [0.5, 1.0, 2.3] as const
const LOW_TIP_M = 0.5
/** How far above the band a fish still comes up [m] (A3). */
const RISE_M = { lethargic: 1, neutral: 2, aggressive: 3 } as const
/** Points of a speed window that are tried. */
const SPEED_POINTS = 7
/** How well a lure works at the edge of its window (A4). */
const AT_WINDOW_EDGE = 0.6
/** Leaders between bait and sinker that are tried [m] (trade §6: 25 to 70 cm). */
const LEADERS_M = [0.25, 0.45, 0.7] as const
/** Horizontal distance of a line let down beside the boat [m]. Assumed. */
const STRAIGHT_DOWN_M = 1
/** Lengths of line behind the boat that are tried [m]. */
const LINES_OUT_M = [12, 20, 30, 45, 65] as const

/** The same with what throws it. */
export interface Tackle extends Assembled {
  readonly lineMm: number
  /** [kg/m³] */
  readonly lineDensity: number
  readonly castM: number
}

export interface PlaceScene { readonly ask: Ask, readonly waterDensity: number, readonly contact: Contact }

/** Chooses depth, speed and tip so that the presentation answers the ask best, or says why it cannot reach the fish. */
export function place(tackle: Tackle, { ask, waterDensity, contact }: PlaceScene): Placement | Unreachable {
  const { numbers } = ask.features
  const highestNeeded = numbers.fishFromM - RISE_M[ask.reading.mood]
  switch (tackle.technique.control) {
    case 'surface': return highestNeeded > 0
      ? { deepestM: 0, why: () => `stays on the surface; the fish are below ${metres(numbers.fishFromM)}` }
      : still(tackle, ask, 0, LOW_TIP_M)
    case 'dive': return tackle.technique.mode === 'troll' ? placeTrolled(tackle, ask, highestNeeded, waterDensity) : placeDiver(tackle, ask, highestNeeded)
    case 'count-down': return tackle.technique.mode === 'troll' ? placeTrolled(tackle, ask, highestNeeded, waterDensity) : placeHeld(tackle, ask, highestNeeded, waterDensity)
    case 'vertical': return placeVertical(tackle, ask)
    case 'bottom':
    case 'above-bottom': return placeOnBottom(tackle, ask, contact)
  }
}

function still(tackle: Tackle, ask: Ask, depthM: number, tipM: number, leaderHeightM: number | null = null): Placement {
  const { speedMs, speedFit } = bestSpeed(tackle, ask.axes.speed)
  return {
    depthM, tipM, speedMs, speedFit, leaderHeightM,
    depthFit: desirabilityAt(ask.axes.depth, depthM),
    depthTrust: computed(depthM, tackle.profile.weightG),
  }
}

function placeDiver(tackle: Tackle, ask: Ask, highestNeeded: number): Placement | Unreachable {
  const { profile: { runsAt }, castM, lineMm } = tackle
  if (!runsAt) return still(tackle, ask, 0, LOW_TIP_M)
  const { bottomM } = ask.features.numbers
  let best: { tipM: number, depthM: number, fit: number } | null = null
  let deepest = 0
  for (const tipM of TIPS_M) {
    const free = deepestOnCast(runsAt.value, { castM, lineDiameterMm: lineMm, tipM })
    deepest = Math.max(deepest, free)
    const fit = meanOverDive(ask.axes.depth, free, bottomM)
    if (!best || fit > best.fit) best = { tipM, depthM: Math.min(free, bottomM), fit }
  }
  if (deepest < highestNeeded) return cannotReach(deepest, highestNeeded, 'on any of your lines')
  const { speedMs, speedFit } = bestSpeed(tackle, ask.axes.speed)
  return { depthM: best!.depthM, tipM: best!.tipM, depthFit: best!.fit, depthTrust: computed(0, runsAt), speedMs, speedFit, leaderHeightM: null }
}

/** Behind a moving boat: the line out that brings it nearest to what is asked. */
function placeTrolled(tackle: Tackle, ask: Ask, highestNeeded: number, waterDensity: number): Placement | Unreachable {
  const { profile, lineMm } = tackle
  const { bottomM } = ask.features.numbers
  const { speedMs, speedFit } = bestSpeed(tackle, ask.axes.speed)
  const shape = profile.runsAt ? towedPlug(profile.runsAt.value) : towedSinker({ towArea: profile.towAreaCm2 * 1e-4, liftRatio: LIFT_RATIO[profile.lure.family] ?? 0, netWeight: sinkingNewton(tackle, waterDensity) }, speedMs, waterDensity)
  let best: Placement | null = null
  let deepest = 0
  for (const lineOutM of LINES_OUT_M) {
    const depthM = (shape && towDepth(shape, { lineOut: lineOutM, lineDiameter: lineMm / 1000, tip: LOW_TIP_M })?.depth) ?? 0
    deepest = Math.max(deepest, depthM)
    // Over the bottom it must not drag; there a shorter line is right.
    const depthFit = depthM > bottomM ? PLOUGHING * desirabilityAt(ask.axes.depth, bottomM) : desirabilityAt(ask.axes.depth, depthM)
    if (!best || depthFit > best.depthFit)
      best = { depthM: Math.min(depthM, bottomM), speedMs, tipM: LOW_TIP_M, depthFit, depthTrust: computed(0, profile.runsAt ?? profile.weightG), speedFit, leaderHeightM: null, lineOutM }
  }
  return deepest < highestNeeded ? cannotReach(deepest, highestNeeded, 'on the longest line') : best!
}

/** A plug that would run below the bottom ploughs there: fish cannot get at hooks pinned to it (trade §5). */
const PLOUGHING = 0.35

function meanOverDive(asked: AskedAxis, deepestM: number, bottomM: number): number {
  const shares = DIVE_PATH.depth
  let sum = 0
  for (const share of shares) {
    const depth = share * deepestM
    sum += depth > bottomM ? PLOUGHING * desirabilityAt(asked, bottomM) : desirabilityAt(asked, depth)
  }
  return sum / shares.length
}

function placeHeld(tackle: Tackle, ask: Ask, highestNeeded: number, waterDensity: number): Placement | Unreachable {
  const { profile, castM, lineMm, lineDensity } = tackle
  const { numbers } = ask.features
  const dragArea = profile.towAreaCm2 * 1e-4
  const lure = { netWeight: sinkingNewton(tackle, waterDensity), dragArea, liftArea: -(LIFT_RATIO[profile.lure.family] ?? 0) * dragArea }
  const line = { diameter: lineMm / 1000, density: lineDensity }
  const water = { density: waterDensity, current: 0 }
  const half = { distance: castM / 2, tip: LOW_TIP_M }
  const { min } = profile.speed.value
  const wanted = Math.min(Math.max(numbers.presentM, 0.2), numbers.bottomM)
  let best: Placement | null = null
  for (const depthM of [wanted, (wanted + Math.max(0.2, highestNeeded)) / 2, Math.max(0.2, highestNeeded)]) {
    const depthFit = desirabilityAt(ask.axes.depth, depthM)
    // The speed fits at most 1: a depth that loses even then need not be worked out.
    if (best && depthFit <= best.depthFit * best.speedFit) continue
    const limit = holdSpeed(lure, line, water, { distance: half.distance, tip: half.tip, depth: depthM }) ?? 0
    if (limit < min) continue
    const { speedMs, speedFit } = bestSpeed(tackle, ask.axes.speed, limit)
    if (!best || depthFit * speedFit > best.depthFit * best.speedFit)
      best = { depthM, speedMs, tipM: LOW_TIP_M, depthFit, depthTrust: computed(0, profile.weightG), speedFit, leaderHeightM: null }
  }
  if (best) return best
  const deepest = holdDepth(lure, line, water, half, min, numbers.bottomM)
  if (deepest < highestNeeded) return cannotReach(deepest, highestNeeded, 'at the slowest speed at which it works')
  const { speedMs, speedFit } = bestSpeed(tackle, ask.axes.speed, min)
  return { depthM: deepest, speedMs, tipM: LOW_TIP_M, depthFit: desirabilityAt(ask.axes.depth, deepest), depthTrust: computed(0, profile.weightG), speedFit, leaderHeightM: null }
}

function placeVertical(tackle: Tackle, ask: Ask): Placement | Unreachable {
  const { presentM, bottomM } = ask.features.numbers
  return still(tackle, ask, Math.min(presentM, bottomM), LOW_TIP_M)
}

function placeOnBottom(tackle: Tackle, ask: Ask, contact: Contact): Placement | Unreachable {
  const { bottomM } = ask.features.numbers
  const grams = tackle.added.grams > 0 ? tackle.added.grams : tackle.profile.weightG.value
  const needed = contact.atBottomG * BOTTOM_SHARE
  if (grams < needed) return { deepestM: 0, why: () => `too light to hold the bottom at ${metres(bottomM)}: ${grams.toFixed(1)} g, needs about ${needed.toFixed(0)} g` }
  if (tackle.technique.control === 'bottom') return still(tackle, ask, bottomM, LOW_TIP_M)
  // On a cast the taut line stands at an angle and the bait hangs lower than the leader is long (motion model §8).
  const away = tackle.technique.mode === 'drift' ? STRAIGHT_DOWN_M : tackle.castM / 2
  const [best] = LEADERS_M.map((leader) => {
    const { height } = dropShotHeight(leader, bottomM, away, LOW_TIP_M)
    const depthM = Math.max(0, bottomM - height)
    return { leader, height, depthM, fit: desirabilityAt(ask.axes.depth, depthM) }
  }).sort((a, b) => b.fit - a.fit)
  return { ...still(tackle, ask, best!.depthM, LOW_TIP_M, best!.height), dropLeaderM: best!.leader }
}

/** Best working speed against the asked one: how much it is asked × how well the lure works there. */
function bestSpeed({ profile, technique }: Tackle, asked: AskedAxis, limit = Infinity): { speedMs: number, speedFit: number } {
  const { min, best, max } = profile.speed.value
  const top = Math.max(min, Math.min(max, limit))
  let speedMs = min
  let speedFit = -1
  for (let i = 0; i < SPEED_POINTS; i++) {
    const wound = min + (i / (SPEED_POINTS - 1)) * (top - min)
    const works = wound < best ? AT_WINDOW_EDGE + (1 - AT_WINDOW_EDGE) * (best > min ? (wound - min) / (best - min) : 1)
      : AT_WINDOW_EDGE + (1 - AT_WINDOW_EDGE) * (max > best ? (max - wound) / (max - best) : 1)
    const fit = works * desirabilityAt(asked, speedOfBait(wound, technique.cadences[0]!, min))
    if (fit > speedFit) {
      speedFit = fit
      speedMs = wound
    }
  }
  return { speedMs, speedFit }
}

/** Speed of a bait on its way when its handle asks for `woundMs` [m/s]: pauses make it slower; without pauses it is never slower than it works. */
export function speedOfBait(woundMs: number, cadence: Cadence, leastMs: number): number {
  const { pace, pauseS } = CADENCE_TABLE[cadence]
  const slowed = woundMs * Math.min(1, pace)
  return pauseS === null ? Math.max(leastMs, slowed) : slowed
}

function cannotReach(deepestM: number, neededM: number, how: string): Unreachable {
  return { deepestM, why: () => `cannot reach ${metres(neededM)}: deepest ${metres(deepestM)} ${how}` }
}

function metres(value: number): string {
  return `${value.toFixed(1)} m`
}
