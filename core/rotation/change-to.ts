import { type ChangeWhat, type HandChange, type SignOffer, STAND_INS } from '#core/knowledge'
import { classOf, colourClass, DEPTH_CLASSES_M } from '#core/lure'
import type { Candidate } from '#core/match'
import { message, type Said } from '#core/message'
import type { SetupOut } from '#core/tell'
import { quantity } from '#core/units'
import { fishedNow, inHandChanges } from './in-hand'
import type { Change } from './next-out'
import { ANOTHER_SIZE, type TripSoFar } from './trip-so-far'

/** Of one size: lengths that differ by less than this, as the logarithm of their ratio (about a quarter). Assumed. */
const NEAR_IN_SIZE = 0.25
/** A smaller bait: of the same kind this share of the length, of another this. Assumed. */
const SMALLER = { kin: ANOTHER_SIZE, other: 0.75 }

/** Colours that anglers set against each other first (handbook §15). */
const OPPOSITE: Readonly<Record<string, readonly string[]>> = {
  natural: ['hot', 'dark'],
  silver: ['hot', 'gold'],
  gold: ['silver', 'natural'],
  hot: ['natural', 'silver', 'plain'],
  dark: ['plain', 'natural'],
  plain: ['hot', 'dark'],
}

const isNear = ({ profile }: Candidate, mm: number) => Math.abs(Math.log(profile.lengthMm.value / mm)) < NEAR_IN_SIZE

/** What an offer comes to with this box: another lure, or what is on the line fished otherwise. */
export function changeOf(trip: TripSoFar, { what, to, hand }: SignOffer): Change {
  const found = lureFor(trip, what)
  if (found)
    return {
      what,
      from: valueOf(trip, what),
      to: message('next.to-lure', { what: to, lure: trip.nameOf(found.profile.lure.id) }),
      setup: trip.setupOf(found.profile.lure.id),
    }
  return { what, from: valueOf(trip, what), to, setup: ownWith(trip, hand), ...(hand ? { hand } : {}) }
}

/** What is on the line, fished as the change in the hand has it. */
function ownWith(trip: TripSoFar, hand: HandChange | undefined): SetupOut<Said> | null {
  const own = trip.setupOf(trip.current.lureId)
  if (!own || !hand) return own
  const { box, trailers } = trip.prepared
  const atHand = {
    window: trip.mine.speed.value,
    bottomM: trip.ranking.ask.reading.bottomM,
    parts: box.parts,
    trailers: trailers.map(t => t.lure),
  }
  const { depthM: told, speedMs: pace, pauseS: pause, cadence, countdownS: count } = own.presentation
  const fished = {
    ...trip.current,
    trailerId: trip.current.trailerId ?? own.trailerId,
    presentation: {
      depthM: told,
      speedMs: pace,
      pauseS: pause,
      cadence,
      countdownS: count,
      headG: own.headG,
      sinkerG: own.sinkerG,
      ...fishedNow(trip.current),
    },
  }
  const changed = inHandChanges(fished, atHand).find(c => c.id === hand)
  if (!changed) return own
  const { trailerId = null, presentation } = changed.stint
  const { speedMs, pauseS, depthM, countdownS } = presentation ?? {}
  return {
    ...own,
    trailerId,
    presentation: {
      ...own.presentation,
      ...(speedMs == null ? {} : { speedMs }),
      ...(pauseS == null ? {} : { pauseS }),
      ...(depthM == null ? {} : { depthM }),
      ...(countdownS == null ? {} : { countdownS }),
    },
  }
}

/** What it is now. */
function valueOf(trip: TripSoFar, what: ChangeWhat): Said {
  switch (what) {
    case 'colour':
      return colourClass(trip.mine)
    case 'size':
      return message('figure', { figure: quantity('length', trip.mine.lengthMm.value) })
    case 'action':
      return trip.mine.action.value
    case 'trailer': {
      const trailer = trip.current.trailerId ?? trip.candidate?.trailer?.lure.id
      return trailer == null ? message('next.no-trailer') : trip.nameOf(trailer)
    }
    case 'pause':
      return message('figure.seconds', { seconds: trip.current.presentation?.pauseS ?? trip.candidate?.pauseS ?? 0 })
    case 'pace':
      return message('figure', {
        figure: quantity(
          'speed',
          trip.current.presentation?.speedMs ?? trip.current.speedMs ?? trip.candidate?.placement.speedMs ?? 0,
        ),
      })
    case 'depth':
      return message('figure', { figure: quantity('depth', trip.depthNow() ?? 0) })
    case 'line':
      return message('next.as-it-is')
    case 'hook':
      return trip.current.rig ?? trip.candidate?.technique.rig ?? message('next.as-it-is')
    default:
      return trip.mine.lure.family
  }
}

/** The best lure of the box that makes this change and as few others as may be. */
function lureFor(trip: TripSoFar, what: ChangeWhat): Candidate | undefined {
  const mm = trip.mine.lengthMm.value
  const near = (c: Candidate) => isNear(c, mm)
  const others = trip.ranking.candidates.filter(c => c.profile.lure.id !== trip.current.lureId)
  const kin = others.filter(c => c.profile.lure.family === trip.mine.lure.family)
  const twins = kin.filter(c => (c.profile.lure.style ?? null) === (trip.mine.lure.style ?? null))
  switch (what) {
    case 'colour': {
      const wanted = OPPOSITE[colourClass(trip.mine)] ?? []
      const differ = (list: readonly Candidate[]) =>
        [
          ...wanted.map(w => list.find(c => colourClass(c.profile) === w)),
          list.find(c => colourClass(c.profile) !== colourClass(trip.mine)),
        ].find(c => c !== undefined)
      return differ(twins.filter(near)) ?? differ(kin.filter(near)) ?? differ(kin)
    }
    case 'size':
      return fewestOthers(
        trip,
        others.filter(c => c.profile.lengthMm.value < (standsIn(c, trip) ? SMALLER.kin : SMALLER.other) * mm),
      )
    case 'action': {
      const otherAction = others.filter(
        c => c.profile.action.value !== trip.mine.action.value && sameDepth(c, trip.candidate),
      )
      return fewestOthers(trip, otherAction) ?? others.find(c => sameDepth(c, trip.candidate))
    }
    case 'tactic': {
      const moving = trip.candidate?.way === 'moving' || trip.candidate?.way === 'surface'
      const asked = trip.signs.flatMap(({ sign }) => sign.offers).find(({ ways, tactics }) => ways ?? tactics)
      if (asked) return others.find(c => asked.ways?.includes(c.way) ?? asked.tactics?.includes(c.tactic.id))
      return others.find(c =>
        moving ? c.way === 'falling' || c.way === 'vertical' || c.way === 'bottom' : c.way !== trip.candidate?.way,
      )
    }
    case 'weight':
      return kin.find(c => c.totalG > (trip.candidate?.totalG ?? 0))
    case 'sound':
      return others.find(
        c => c.profile.sound.value !== trip.mine.sound.value && c.profile.lure.family === trip.mine.lure.family,
      )
    default:
      return undefined
  }
}

function sameDepth(a: Candidate, b: Candidate | undefined): boolean {
  return !b || classOf(DEPTH_CLASSES_M, a.placement.depthM) === classOf(DEPTH_CLASSES_M, b.placement.depthM)
}

/** The bait that keeps most of what the one on the line has: its kind above all, then colour, size and the way it is fished; the best of those. */
function fewestOthers(trip: TripSoFar, list: readonly Candidate[]): Candidate | undefined {
  const { mine, candidate } = trip
  const kept = (c: Candidate) =>
    Number(standsIn(c, trip)) +
    2 * Number(c.profile.lure.family === mine.lure.family) +
    Number(colourClass(c.profile) === colourClass(mine)) +
    Number(isNear(c, mine.lengthMm.value)) +
    Number(c.way === candidate?.way)
  return list.reduce<Candidate | undefined>((best, c) => (best && kept(best) >= kept(c) ? best : c), undefined)
}

/** Of the same kind as what is on the line, as far as anglers exchange them. */
function standsIn({ profile }: Candidate, { mine }: TripSoFar): boolean {
  const { family } = mine.lure
  return (
    profile.lure.family === family ||
    STAND_INS.some(kinds => kinds.includes(family) && kinds.includes(profile.lure.family))
  )
}
