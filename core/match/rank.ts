import type { Ask } from '#core/ask'
import {
  flySpoons,
  type LureProfile,
  mouldFinder,
  prepareOutfit,
  type PreparedOutfit,
  profileOf,
  roleOf,
} from '#core/lure'
import type { BenchTest, Box, Trip } from '#core/tackle'
import type { Cover } from '#core/terms'
import { waterDensity } from '#core/water'
import { Judging, type Ranking } from './judging'
import { Layouts } from './prospect'
import { scalesOf, type Scene } from './scene'
import { readyTactics } from './ways'
import { colourJudgeFor, lookOf } from './look'
import { type Log, logOf, type LogSays, logSays } from './log'
import { contactFor } from './presentation'
import { hungGains, lookGains, lureGains, mostOfLook, termsOf, wayGains, winnable } from './terms'
import { trailerChoice } from './trailer'

/** A box with everything worked out that does not change with the reading. */
export interface PreparedBox {
  readonly box: Box
  /** Every lure as it is known, trailers and what is out of stock too. */
  readonly profiles: readonly LureProfile[]
  /** Lures that can be tied on by themselves. */
  readonly lures: readonly LureProfile[]
  readonly trailers: readonly LureProfile[]
  readonly outfits: readonly PreparedOutfit[]
  /** Spoons that can carry a fly. */
  readonly spoons: readonly LureProfile[]
  /** Hours each lure has been fished, by lure id. */
  readonly hours: ReadonlyMap<string, number>
  /** The log as far as it may enter a score. */
  readonly log: Log
}

/** `useLog` false: scores come from the rules and the physics alone. */
interface LogUse {
  readonly useLog?: boolean
}

export function prepareBox(box: Box, { useLog = true }: LogUse = {}): PreparedBox {
  const testsOf = new Map<string, BenchTest[]>()
  for (const test of box.tests) testsOf.set(test.lureId, [...(testsOf.get(test.lureId) ?? []), test])
  const mouldOf = mouldFinder()
  const profiles = box.lures.map(lure => {
    const tests = testsOf.get(lure.id) ?? []
    return profileOf(lure, tests, mouldOf(lure, tests))
  })
  return {
    box,
    profiles,
    lures: profiles.filter(p => roleOf(p.lure) !== 'trailer'),
    trailers: profiles.filter(p => roleOf(p.lure) !== 'lure' && p.lure.quantity !== 0),
    outfits: box.outfits.map(prepareOutfit),
    spoons: flySpoons(profiles),
    ...loggedIn(box.trips, profiles, useLog),
  }
}

/** The same box with another log: what is known of its lures, rods and parts stands. */
export function withTrips(prepared: PreparedBox, trips: readonly Trip[], { useLog = true }: LogUse = {}): PreparedBox {
  return { ...prepared, box: { ...prepared.box, trips }, ...loggedIn(trips, prepared.profiles, useLog) }
}

function loggedIn(
  trips: readonly Trip[],
  profiles: readonly LureProfile[],
  useLog: boolean,
): Pick<PreparedBox, 'hours' | 'log'> {
  return { hours: fishedHours(trips), log: logOf(useLog ? trips : [], new Map(profiles.map(p => [p.lure.id, p]))) }
}

/** The box on its way to be ranked for one ask: as much of the order as is asked for. `says`: what the log says, where it is not to be asked about this water. */
export function judgingOf(prepared: PreparedBox, ask: Ask, says: LogSays = logSays(prepared.log, ask)): Judging {
  return new Judging(sceneOf(prepared, ask), prepared.lures, says)
}

/** Ranks the whole box for one ask. */
export function rank(prepared: PreparedBox, ask: Ask): Ranking {
  return judgingOf(prepared, ask).whole()
}

/** The box on its way to be ranked on some outfits only, or some of its lures, as often as is asked: what the outfits share is worked out once. */
export function judgingsOn(
  prepared: PreparedBox,
  scene: Scene,
): (outfits: readonly PreparedOutfit[], lures?: readonly LureProfile[]) => Judging {
  const says = logSays(prepared.log, scene.ask)
  const layouts = new Layouts(scene, prepared.lures)
  return (outfits, lures = prepared.lures) => new Judging({ ...scene, outfits }, lures, says, layouts)
}

/** Covers in which a hooked fish must be pulled out. */
const HEAVY_COVER: readonly Cover[] = ['wood', 'brush', 'mangrove', 'pads', 'reeds', 'kelp', 'dock', 'pier', 'boulders']

/** What a ranking shares: everything of the ask that is the same for all lures. */
export function sceneOf({ trailers, outfits, spoons, box }: PreparedBox, ask: Ask): Scene {
  const { reading } = ask
  const density = waterDensity(reading.temperatureC, reading.salinityPsu)
  const terms = termsOf(ask)
  const colours = colourJudgeFor(ask)
  return {
    ask,
    outfits,
    trailers: trailerChoice(trailers, ask),
    waterDensity: density,
    contact: contactFor(ask, density),
    parts: box.parts,
    spoons,
    inCover: reading.cover.some(c => HEAVY_COVER.includes(c)),
    terms,
    most: winnable(ask),
    gainsOf: remembered(profile => lureGains(terms, profile)),
    lookGainsOf: remembered(profile => lookGains(terms, profile, lookOf(profile, colours))),
    mostLook: mostOfLook(terms),
    wayGainsOf: (profile, way) => wayGains(terms, profile, way),
    hungGainsOf: (tackle, way) => hungGains(terms, tackle, way, density),
    tactics: new Map(readyTactics(ask).map(ready => [ready.tactic, ready])),
    scales: scalesOf(ask),
  }
}

const MS_PER_HOUR = 3_600_000

/** Hours each lure has been fished, by lure id. */
export function fishedHours(trips: readonly Trip[]): Map<string, number> {
  const hours = new Map<string, number>()
  for (const { stints } of trips) {
    for (const { lureId, start, end } of stints ?? []) {
      const duration = end ? (Date.parse(end) - Date.parse(start)) / MS_PER_HOUR : 0
      if (duration > 0) hours.set(lureId, (hours.get(lureId) ?? 0) + duration)
    }
  }
  return hours
}

/** What is asked of each lure more than once is worked out the first time. */
function remembered<T>(of: (profile: LureProfile) => T): (profile: LureProfile) => T {
  const known = new Map<LureProfile, T>()
  return profile => {
    let kept = known.get(profile)
    if (kept === undefined) known.set(profile, (kept = of(profile)))
    return kept
  }
}
