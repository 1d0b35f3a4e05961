import { FORAGE_TABLE, SPECIES_TABLE } from '#core/knowledge'
import { daylight, skyOver } from '#core/light'
import { type CompleteReading, temperatureAt } from '#core/reading'
import type { Features } from '#core/rule'
import { activityAt, isStressed, phaseShares } from '#core/season'
import type { Bottom, Cover, ForageId, PhaseShares } from '#core/terms'

/** Share of the band, from its top, at which a lure is best placed: fish look up. Common practice; the figure is assumed. */
const PRESENT_AT = 0.35

/** A fish that wakes at this temperature feels the water as the tables of pauses and pace mean it (a bass; handbook §23.2: "species by its own temperature") [°C]. */
const WARMTH_FROM_C = 16
/** Share of the difference that is carried over: a trout at 12 °C moves like a bass at 17. Assumed. */
const WARMTH_SHARE = 0.6
/** Top of grass or timber where nobody noted it, as a share of the bottom's depth, but so far under the surface [m]: what nobody called matted is not. Assumed. */
const COVER_TOP = 0.5
const UNMATTED_M = 0.35

/** What they eat besides counts so much of what they mostly eat, which is named first. Assumed. */
const BESIDES = 0.5

/** Everything that rules may ask about a reading. `isPreySeen` false: what they eat stands in because such fish usually eat it. */
export function featuresOf(reading: CompleteReading, { isPreySeen }: { readonly isPreySeen: boolean }): Features {
  const species = SPECIES_TABLE[reading.species]
  const [low, high] = species.activeC
  const phases = reading.phase ? onlyPhase(reading.phase) : phaseShares(reading)
  const { sunAltitudeDeg } = skyOver(reading)
  const mainForage = reading.forage[0]!
  const preyMm = reading.forage.map(({ lengthMm }) => lengthMm)
  const fishM = (reading.fishFromM + reading.fishToM) / 2
  // A fish feels the water it stands in, not what is measured on top.
  const temperatureC = temperatureAt(reading, fishM)
  const one = <K extends string>(id: K | null) => (id === null ? {} : { [id]: 1 }) as Partial<Record<K, number>>
  const all = <K extends string>(list: readonly K[]) =>
    Object.fromEntries(list.map(id => [id, 1])) as Partial<Record<K, number>>
  return {
    phases,
    numbers: {
      temperatureC,
      belowRangeC: Math.max(0, low - temperatureC),
      aboveRangeC: Math.max(0, temperatureC - high),
      activity: activityAt(reading.species, temperatureC),
      visibilityM: reading.visibilityM,
      light: reading.sky === 'night' ? 0 : daylight(reading.sky, sunAltitudeDeg),
      sunAltitudeDeg,
      windMs: reading.windMs,
      currentMs: Math.abs(reading.currentMs),
      waveM: reading.waveM,
      bottomM: reading.bottomM,
      fishFromM: reading.fishFromM,
      fishToM: reading.fishToM,
      fishM,
      presentM: reading.fishFromM + PRESENT_AT * (reading.fishToM - reading.fishFromM),
      suspendedM: Math.max(0, reading.bottomM - reading.fishToM),
      warmthC: temperatureC + WARMTH_SHARE * (WARMTH_FROM_C - low),
      coverTopM: reading.coverTopM ?? Math.max(UNMATTED_M, COVER_TOP * reading.bottomM),
      forageLengthMm: mainForage.lengthMm,
      shortestForageMm: Math.min(...preyMm),
      longestForageMm: Math.max(...preyMm),
      forageSlenderness: FORAGE_TABLE[mainForage.kind].slenderness,
      mouthMm: species.mouthMm,
      usualBulk: usualBulk(species.mouthMm),
    },
    sets: {
      species: one(reading.species),
      guild: one(species.guild),
      habit: one(species.habit),
      water: one(reading.water),
      stain: one(reading.stain),
      sky: one(reading.sky),
      trend: one(reading.trend),
      tide: one(reading.tide),
      bottom: one(reading.bottom),
      cover: { ...ground(reading.bottom), ...all(reading.cover) },
      prey: one(isPreySeen ? 'seen' : 'usual'),
      forage: all(reading.forage.map(f => f.kind)),
      silhouette: amongPrey(reading, 'silhouette'),
      forageLevel: amongPrey(reading, 'level'),
      mood: one(reading.mood),
      pressure: one(reading.pressure),
      from: one(reading.from),
      shortStrikes: one(reading.shortStrikes ? 'yes' : 'no'),
      grouping: one(reading.grouping),
      signs: all(reading.signs),
      crowd: one(reading.crowd),
      toothy: one(species.toothy),
      stress: one(isStressed(reading.species, temperatureC) ? 'yes' : 'no'),
      phase: phases,
    },
  }
}

type Prey = (typeof FORAGE_TABLE)[ForageId]

/** What is true of the prey: wholly where it is true of what they mostly eat, less where only of what they eat besides. */
function amongPrey<K extends 'silhouette' | 'level'>(
  { forage }: CompleteReading,
  trait: K,
): Partial<Record<Prey[K], number>> {
  const shares: Partial<Record<Prey[K], number>> = {}
  for (const { kind } of forage) shares[FORAGE_TABLE[kind][trait]] = BESIDES
  shares[FORAGE_TABLE[forage[0]!.kind][trait]] = 1
  return shares
}

/** The trade's scale of bulk is a bass angler's: 3 is the middle for a largemouth bass. What is big for a perch is small for a pike; the power is assumed. */
const MIDDLE_BULK = { bulk: 3, mouthMm: 220, power: 0.4 }

function usualBulk(mouthMm: number): number {
  return MIDDLE_BULK.bulk * (mouthMm / MIDDLE_BULK.mouthMm) ** MIDDLE_BULK.power
}

/** What the bottom is made of speaks as the cover of the same name does, half as loudly: it lies under whatever else stands there. Mud speaks for none. Assumed. */
const GROUND_SPEAKS = 0.5
const GROUND: Readonly<Record<Bottom, Cover | null>> = {
  rock: 'rock',
  gravel: 'gravel',
  shell: 'shell',
  clay: 'clay',
  sand: 'sand',
  weed: 'grass',
  mud: null,
}

function ground(bottom: Bottom | null): Partial<Record<Cover, number>> {
  const cover = bottom === null ? null : GROUND[bottom]
  return cover === null ? {} : { [cover]: GROUND_SPEAKS }
}

function onlyPhase(phase: keyof PhaseShares): PhaseShares {
  return { 'winter': 0, 'spring': 0, 'pre-spawn': 0, 'spawn': 0, 'post-spawn': 0, 'summer': 0, 'autumn': 0, [phase]: 1 }
}
