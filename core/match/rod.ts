import {
  FAR,
  type HoldRow,
  HOLDS,
  JOB_COSTS,
  type JobRow,
  ROD_JOBS,
  SPECIES_TABLE,
  type SpeciesRow,
  type TacticRow,
} from '#core/knowledge'
import { isBiteProof, type PreparedOutfit } from '#core/lure'
import type { CompleteReading } from '#core/reading'
import type { Schools } from '#core/rule'
import type { Outfit } from '#core/tackle'
import { ROD_ACTIONS, ROD_POWERS, type RodPower } from '#core/terms'

/** What is to be thrown, and where. */
export interface RodTask {
  readonly tactic: TacticRow
  readonly totalG: number
  readonly lengthMm: number
  readonly hooks: 'trebles' | 'single'
  readonly inCover: boolean
  readonly fromBank: boolean
  readonly water: CompleteReading['water']
  readonly species: CompleteReading['species']
  readonly schools: Pick<Schools, 'crankReel'>
  /** What the angler makes of each of the three rows that speak of a rod, 0..2. */
  readonly heeds: Readonly<Record<'job' | 'hold' | 'far', number>>
}

/** Rank of fish that break light gear. */
const STRONGEST = 3
/** Least power beside cover. Assumed. */
const COVER_POWER: RodPower = 'medium-heavy'
/** A rod whose leader must be changed before it can be used, to one that teeth do not cut, or to one that fish do not see [log-odds]. Assumed. */
const LEADER_TO_CHANGE = 0.3
/** Two schools of cranking reels (handbook §19): about 5:1, or 6.4:1 and slow down yourself. The border between them is assumed. */
const SLOW_REEL_BELOW = 5.8
/** A jig of this length and more is a long one: it wants the pause of a spinning reel [mm]. Assumed. */
const LONG_JIG_MM = 130
/** Shores before which all water is in reach, and those of the sea. */
const NEAR_SHORES: readonly CompleteReading['water'][] = ['pond', 'river']
const COASTS: readonly CompleteReading['water'][] = ['surf', 'sea']
/** Wood and weed hold a rod's power against it only from this much lure on [g], and for fish that pull back. Assumed: small baits, and perch, are not pulled through it, nor is what works under the boat. */
const COVER_FROM_G = 7
const PULLS_FROM = 1
/** Afloat a longer rod is in the way [m], if its job does not ask for one; each 0.3 m more costs what a wrong length costs. Assumed. */
const AFLOAT_M = 2.5
/** From this weight on the jobs of thick cover want the heavy rod [g] (handbook §9, §23.4). */
const HEAVY_FROM_G = 14
const PULLED: readonly TacticRow['job'][] = ['pitch', 'weedless', 'frog']
/** What is swum over the cover meets its fish above it. Assumed. */
const SWUM_OVER: TacticRow['controls'][number] = 'count-down'
const steps = <T extends string>(order: readonly T[], value: T, [least, most]: readonly [T, T]) =>
  Math.max(0, order.indexOf(least) - order.indexOf(value), order.indexOf(value) - order.indexOf(most))

/** The power that a job asks for at this weight, with such fish. */
function powerAsked(
  { power, byWeight, notPulled }: JobRow,
  totalG: number,
  isPulled: boolean,
): readonly [RodPower, RodPower] {
  return ((!isPulled && notPulled) || byWeight)?.find(row => totalG < row.belowG)?.power ?? power
}

/** Whether distance decides. */
function isThrownFar({ far }: JobRow, { fromBank, water, totalG }: RodTask): boolean {
  return (
    fromBank &&
    totalG >= FAR.fromG &&
    ((far === 'shore' && !NEAR_SHORES.includes(water)) || (far !== undefined && COASTS.includes(water)))
  )
}

/**
 * How far a rod, its reel and its line are from what the job asks, in log-odds (0: made for it, negative: worse). Source: the table of jobs; costs assumed.
 */
export function rodGain({ outfit, lineMm }: PreparedOutfit, task: RodTask): number {
  const { rod, reel, line, leader } = outfit
  const { tactic, totalG, species } = task
  const job = ROD_JOBS[tactic.job]
  const fish = SPECIES_TABLE[species]
  let cost = 0
  const mayCast = totalG < (job.castingBelowG ?? 0) && (rod.kind === 'casting' || rod.kind === 'spinning')
  const isFar = isThrownFar(job, task)
  const isHeldAfloat = !task.fromBank && rod.kind !== 'trolling'
  if (!job.kinds.includes(rod.kind) && !mayCast && !(isFar && rod.kind === 'surf')) cost += JOB_COSTS.kind
  if (mayCast && rod.kind === 'casting') cost += JOB_COSTS.kind / 2
  // A trolling rod stands in its holder: it hardly casts.
  if (rod.kind === 'trolling' && tactic.job !== 'troll') cost += JOB_COSTS.kind
  if (rod.kind === 'surf' && !task.fromBank) cost += JOB_COSTS.kind
  const power = rod.power ?? 'medium'
  let asked = powerAsked(job, totalG, fish.strength >= PULLS_FROM)
  const underBoat = tactic.controls.includes('vertical')
  if (
    task.inCover &&
    !job.fineInCover &&
    !underBoat &&
    totalG >= COVER_FROM_G &&
    fish.strength >= PULLS_FROM &&
    task.hooks === 'single'
  )
    asked = [stronger(asked[0], COVER_POWER), stronger(asked[1], 'heavy')]
  if (task.inCover && totalG >= HEAVY_FROM_G && PULLED.includes(tactic.job) && !tactic.controls.includes(SWUM_OVER))
    asked = [stronger(asked[0], 'heavy'), stronger(asked[1], 'extra-heavy')]
  if (!bendsThrough(rod)) {
    const { power: least } = HOLDS[fish.strength]
    asked = [stronger(asked[0], least), fish.strength >= STRONGEST ? 'extra-heavy' : stronger(asked[1], least)]
  }
  cost += JOB_COSTS.power * steps(ROD_POWERS, power, asked)
  cost += JOB_COSTS.action * steps(ROD_ACTIONS, rod.action ?? 'fast', job.action)
  if (rod.lengthM != null && !isFar)
    cost += lengthCost(rod.lengthM, job.lengthM ?? (isHeldAfloat ? [0, AFLOAT_M] : undefined))
  if (job.lines && !job.lines.includes(line.material)) cost += JOB_COSTS.line
  if (job.test && line.testKg != null && line.material !== 'braid')
    cost += JOB_COSTS.test * Math.max(0, Math.log2(job.test[0] / line.testKg), Math.log2(line.testKg / job.test[1]))
  if (job.reels && reel?.kind && !job.reels.includes(reel.kind)) cost += JOB_COSTS.reel
  if (
    tactic.job === 'crank' &&
    reel?.ratio != null &&
    (task.schools.crankReel === 'slow') !== reel.ratio < SLOW_REEL_BELOW
  )
    cost += JOB_COSTS.reel
  if (tactic.id === 'vertical-fast' && reel?.kind && (reel.kind === 'spinning') !== task.lengthMm >= LONG_JIG_MM)
    cost += JOB_COSTS.reel
  // Line far too thick for a light bait, or far too thin for a heavy one: about 0.1 mm of braid for 5 g, 0.3 for 40.
  cost += LINE_COST * Math.max(0, Math.abs(Math.log(lineMm / lineFor(totalG, line.material === 'braid'))) - LINE_FREE)
  if (isLeaderToChange(leader, fish)) cost += LEADER_TO_CHANGE
  const { heeds } = task
  return -(heeds.job * cost + heeds.hold * holdCost(outfit, fish) + heeds.far * distanceCost(outfit, task))
}

/** The blank of a jigging rod bends through: the reel holds the fish. */
const bendsThrough = ({ kind }: Outfit['rod']) => kind === 'jigging'

/** What rod and line cost that do not hold the fish. */
function holdCost({ rod, line }: Outfit, { strength }: SpeciesRow): number {
  const { power, testKg } = HOLDS[strength]
  const tooLight = bendsThrough(rod) ? 0 : steps(ROD_POWERS, rod.power ?? 'medium', [power, 'extra-heavy'])
  const tooThin = line.testKg == null ? 0 : Math.max(0, Math.log2(testKg / line.testKg))
  return JOB_COSTS.breaks * (tooLight + tooThin)
}

/** What a rod costs that does not throw so far as is asked. */
function distanceCost({ rod: { lengthM } }: Outfit, task: RodTask): number {
  return lengthM != null && isThrownFar(ROD_JOBS[task.tactic.job], task)
    ? JOB_COSTS.distance * stepsLonger(FAR.rodM, lengthM)
    : 0
}

/** The row that says most against a rod: it does not hold the fish, does not throw so far, or was made for another job. */
export function rodFault(prepared: PreparedOutfit, task: RodTask): HoldRow | JobRow | typeof FAR {
  const { outfit } = prepared
  const { heeds, tactic, species } = task
  const hold = heeds.hold * holdCost(outfit, SPECIES_TABLE[species])
  const far = heeds.far * distanceCost(outfit, task)
  const rest = -rodGain(prepared, task) - hold - far
  const rows = rodRows(tactic, species)
  if (hold >= Math.max(far, rest)) return rows.hold
  return far >= rest ? rows.far : rows.job
}

/** The rows that speak of a rod for this tactic and this fish. */
export function rodRows({ job }: TacticRow, species: RodTask['species']) {
  return { job: ROD_JOBS[job], hold: HOLDS[SPECIES_TABLE[species].strength], far: FAR }
}

/** Steps of 0.3 m, as rods are sold. */
const stepsLonger = (lengthM: number, thanM: number) => Math.max(0, (lengthM - thanM) / 0.3)

function lengthCost(lengthM: number, asked: JobRow['lengthM']): number {
  if (!asked) return 0
  const [least, most] = asked
  return JOB_COSTS.length * (stepsLonger(least, lengthM) + stepsLonger(lengthM, most))
}

/** Teeth cut it, or it is stouter than fish without teeth like to see; those that break light gear want it stout. */
function isLeaderToChange(
  leader: PreparedOutfit['outfit']['leader'],
  { toothy, strength }: Pick<SpeciesRow, 'toothy' | 'strength'>,
): boolean {
  if (toothy === 'yes') return !isBiteProof(leader)
  return toothy === 'no' && (leader?.material === 'wire' || (isBiteProof(leader) && strength < STRONGEST))
}

/** Line that suits a weight [mm]: 0.1 mm of braid at 4 g, 0.17 at 14 g, 0.3 at 50 g; nylon and fluorocarbon half again thicker. Assumed, after handbook §9. */
function lineFor(totalG: number, isBraid: boolean): number {
  return (isBraid ? 1 : 1.55) * 0.1 * Math.sqrt(totalG / 4.5)
}
/** Free of cost within this factor (as a logarithm), then this much for each e-fold. Assumed. */
const LINE_FREE = 0.35
const LINE_COST = 0.5

function stronger(a: RodPower, b: RodPower): RodPower {
  return ROD_POWERS.indexOf(a) >= ROD_POWERS.indexOf(b) ? a : b
}
