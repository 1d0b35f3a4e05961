import { desirabilityAt } from '#core/ask'
import { FISHED_OTHERWISE, type OtherwiseRow } from '#core/knowledge'
import { type Candidate, leadTold, usualPace } from '#core/match'
import { message, type Said } from '#core/message'
import { quantity } from '#core/units'
import { fishedNow } from './in-hand'
import type { Change } from './next-out'
import { contactsOf } from './tally'
import type { TripSoFar } from './trip-so-far'

/** Depths that are worth at least so much, 0..1, are where the fish are. Assumed. */
const AT_THEM = 0.5

/** So many of an order are all worth a try, however far the first is ahead. Assumed. */
const WORTH_TRYING = 10

/** A row that holds, and the change it asks for. */
export interface Otherwise {
  readonly row: OtherwiseRow
  readonly change: Change
}

/** What is fished otherwise than this water asks, while nothing has touched it; what was not noted is not judged. */
export function fishedOtherwise(trip: TripSoFar): readonly Otherwise[] {
  if (contactsOf(trip.now.events) > 0) return []
  return FISHED_OTHERWISE.filter(row => trip.now.minutes >= row.afterMin).flatMap(row => {
    const change = CHANGES[row.of](trip, row)
    return change ? [{ row, change }] : []
  })
}

const isTooFar = ({ from }: OtherwiseRow, fished: number, asked: number) =>
  asked > 0 && fished > 0 && (from < 1 ? fished / asked <= from : fished / asked >= from)

const CHANGES: Readonly<Record<OtherwiseRow['of'], (trip: TripSoFar, row: OtherwiseRow) => Change | null>> = {
  lead(trip, row) {
    const { candidate, current } = trip
    const { headG, sinkerG } = fishedNow(current)
    const fished = headG ?? sinkerG
    if (!candidate || fished == null || !candidate.placement.touches || !isFishedAs(trip, candidate)) return null
    const told = leadTold(candidate)
    const asked = told.headG ?? told.sinkerG
    return asked !== null && isTooFar(row, fished, asked) ? own(trip, row, grams(fished), grams(asked)) : null
  },
  depth(trip, row) {
    const { ask, candidates } = trip.ranking
    const { depthM } = fishedNow(trip.current)
    if (depthM == null || desirabilityAt(ask.axes.depth, depthM) > row.from) return null
    if (isHeldByPace(trip, depthM)) return null
    const from = metres(depthM)
    const reaches = ({ placement }: Candidate) => placement.depthFit >= AT_THEM
    if (trip.candidate && reaches(trip.candidate) && !isOnlyTrolled(trip))
      return own(trip, row, from, metres(trip.candidate.placement.depthM))
    const other = candidates.find(c => reaches(c) && !trip.wasFished(c))
    return other ? another(trip, row, from, metres(other.placement.depthM), other) : null
  },
  pause(trip, row) {
    const { candidate, current } = trip
    const fished = fishedNow(current).pauseS
    const asked = candidate?.pauseS
    return fished != null && asked != null && isTooFar(row, fished, asked)
      ? own(trip, row, seconds(fished), seconds(asked))
      : null
  },
  pace(trip, row) {
    const found = paces(trip)
    return found && isTooFar(row, found.fished, found.asked)
      ? own(trip, row, pace(found.fished), pace(found.candidate.placement.speedMs))
      : null
  },
  bait(trip, row) {
    const { candidate, ranking } = trip
    const { candidates } = ranking
    // The last of its kind is on the line: nothing is known of it here.
    if (!candidate && trip.mine.lure.quantity === 0) return null
    if (candidate && (candidates[0]!.odds - candidate.odds < row.from || candidates.indexOf(candidate) < WORTH_TRYING))
      return null
    const other = candidates.find(c => c.tactic !== candidate?.tactic && !trip.wasFished(c))
    return other ? another(trip, row, trip.nameOf(trip.current.lureId), null, other) : null
  },
}

/** Pace as it is fished and as it is asked [m/s]; of another retrieve than the one that would be fished here the usual one. */
function paces({ candidate, current, mine, ranking }: TripSoFar) {
  const fished = fishedNow(current).speedMs
  if (fished == null || !candidate) return null
  const { min, max } = mine.speed.value
  const asked = isSameCadence({ current, candidate })
    ? candidate.placement.speedMs
    : Math.min(max, Math.max(min, usualPace(ranking.ask)))
  return { fished, asked, candidate }
}

/** A bait that sinks is where its pace leaves it: too slow it sinks, too fast it is lifted (handbook §13). Then the pace speaks. */
function isHeldByPace(trip: TripSoFar, depthM: number): boolean {
  const found = paces(trip)
  if (found?.candidate.technique.control !== 'count-down') return false
  const isDeep = depthM > found.candidate.placement.depthM
  return FISHED_OTHERWISE.some(
    row => row.of === 'pace' && row.from < 1 === isDeep && isTooFar(row, found.fished, found.asked),
  )
}

/** The same lure, fished as it would be here. */
const own = (trip: TripSoFar, { what }: OtherwiseRow, from: Said, to: Said): Change => ({
  what,
  from,
  to,
  setup: trip.setupOf(trip.current.lureId),
})

/** Another lure; `to`: the figure it brings. */
function another(trip: TripSoFar, { what }: OtherwiseRow, from: Said, to: Said | null, other: Candidate): Change {
  const { id } = other.profile.lure
  const lure = trip.nameOf(id)
  return { what, from, to: to === null ? lure : message('next.to-lure', { what: to, lure }), setup: trip.setupOf(id) }
}

/** Figures of the retrieve are set against each other only where it is the same retrieve. */
function isSameCadence({ current, candidate }: Pick<TripSoFar, 'current' | 'candidate'>): boolean {
  const { cadence } = fishedNow(current)
  return cadence == null || cadence === candidate?.cadence
}

/** It gets there behind the boat only, and is thrown now. */
function isOnlyTrolled({ current, candidate }: TripSoFar): boolean {
  return candidate?.technique.mode === 'troll' && fishedNow(current).cadence !== candidate.cadence
}

function isFishedAs({ current }: TripSoFar, { technique }: Candidate): boolean {
  return current.rig == null || current.rig === technique.rig
}

const grams = (g: number) => message('figure', { figure: quantity('weight', g) })
const metres = (m: number) => message('figure', { figure: quantity('depth', m) })
const pace = (ms: number) => message('figure', { figure: quantity('speed', ms) })
const seconds = (s: number) => message('figure.seconds', { seconds: s })
