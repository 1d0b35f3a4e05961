import { askOf } from '#core/ask'
import { AFTER_A_SINGLE, AFTER_SILENCE, type SignOffer } from '#core/knowledge'
import { profileOf } from '#core/lure'
import { prepareBox, rank } from '#core/match'
import { message, type Said } from '#core/message'
import type { Reading } from '#core/reading'
import type { Box, Stint, Trip } from '#core/tackle'
import type { Family } from '#core/terms'
import { changeOf } from './change-to'
import { untriedOn, widestGap } from './gaps'
import type { Change, NextOptions, NextOut } from './next-out'
import { fishedOtherwise } from './otherwise'
import { saysToStay } from './signs'
import { contactsOf, fellSilent, type Tried } from './tally'
import { TripSoFar } from './trip-so-far'

const MS_PER_MIN = 60_000
/** A stretch without a touch says something from here on, and is answered from here on [min]. Assumed. */
const THIN_MIN = 9
const LONG_MIN = 30
/** Everything is looked at again, and another place is worth as much, after so long [min] (handbook §15: two hours). */
const REVIEW_MIN = 120

/**
 * Reads a trip and says what to do next: stay, change one thing, go back to confirm, or move. Deterministic; the signs, their meaning and their offers are rows of `core/knowledge`.
 * Variants of what is in the hand come before another lure, and what was changed already today for the same sign is not offered again.
 */
export function nextOf(box: Box, trip: Trip, options: NextOptions = {}): NextOut<Said> {
  const stints = trip.stints ?? []
  const current = stints[stints.length - 1]
  const quiet: NextOut<Said> = {
    signs: [],
    do: 'stay',
    change: null,
    why: message('next.nothing-fished'),
    untried: [],
    runnersUp: [],
  }
  if (!current) return quiet
  const now = Date.parse(options.now ?? current.end ?? lastMoment(trip))
  const profiles = new Map(
    box.lures.map(lure => [
      lure.id,
      profileOf(
        lure,
        box.tests.filter(t => t.lureId === lure.id),
      ),
    ]),
  )
  const tried = stints.map(stint =>
    triedOf(stint, profiles.get(stint.lureId)?.lure.family ?? null, Date.parse(trip.start), now),
  )
  const profile = profiles.get(current.lureId)
  const reading = [...stints].reverse().find(s => s.reading)?.reading as Reading | undefined
  if (!profile || !reading)
    return { ...quiet, why: profile ? message('next.no-reading') : message('next.no-lure', { id: current.lureId }) }

  const prepared = prepareBox(box, options)
  const ranking = rank(prepared, askOf(reading, options))
  const day = new TripSoFar(prepared, ranking, stints, tried, profiles, options)
  const { signs } = day
  const otherwise = fishedOtherwise(day)
  const base = {
    signs: [...signs.map(({ sign }) => sign), ...otherwise.map(({ row }) => row)].map(({ id, means, do: advised }) => ({
      sign: id,
      means,
      do: advised,
    })),
    untried: untriedOn(day),
  }
  const without = (act: 'stay' | 'move' | 'rest', why: Said): NextOut<Said> => ({
    ...base,
    do: act,
    change: null,
    why,
    runnersUp: [],
  })
  const offered = (why: Said, change: Change, others: readonly SignOffer[]): NextOut<Said> => ({
    ...base,
    do: 'change',
    change,
    why,
    runnersUp: others.map(({ what, to }) => ({ what, to })),
  })

  const back = day.confirmation()
  if (back)
    return {
      ...base,
      do: 'return',
      change: {
        what: 'tactic',
        from: day.nameOf(current.lureId),
        to: day.nameOf(back.lureId),
        setup: day.setupOf(back.lureId),
      },
      why: back.why,
      runnersUp: [],
    }

  // What the fish say: stay where as many speak for it as for the best change.
  const offers = signs.flatMap(read =>
    read.sign.offers.filter(offer => day.applies(offer) && !day.wasChanged(offer.what)).map(offer => ({ read, offer })),
  )
  const [first, ...others] = offers
  const single = first ? undefined : AFTER_A_SINGLE.find(row => day.isAlone(row))
  if (single) return without('move', single.why)
  const convinced = saysToStay(signs, first?.read)
  if (convinced) return without('stay', convinced.sign.means)
  if (first)
    return offered(
      first.read.sign.means,
      changeOf(day, first.offer),
      others.map(({ offer }) => offer),
    )
  const content = signs.find(({ sign }) => (sign.pushes.stay ?? 0) > 0)
  if (content) return without('stay', content.sign.means)

  if (fellSilent(day.now)) {
    const row = AFTER_SILENCE.find(({ species }) => species === null || species.includes(reading.species))!
    const [next, ...left] = row.offers.filter(o => !day.wasChanged(o.what))
    return next ? offered(row.why, changeOf(day, next), left) : without('rest', message('next.seen-all'))
  }

  // What nothing has touched and is not fished as this water asks. Where several baits were shown in vain, what was never tried goes before another of them.
  const blank = day.blankMin()
  const severalInVain = blank >= LONG_MIN && new Set(stints.map(s => s.lureId)).size > 1
  const off = otherwise.find(({ row }) => !(severalInVain && row.of === 'bait'))
  if (off) return offered(off.row.means, off.change, [])

  const contacts = contactsOf(day.now.events)
  if (day.now.minutes < THIN_MIN || (blank < LONG_MIN && contacts > 0))
    return without('stay', message('next.too-early', { minutes: Math.round(day.now.minutes) }))
  if (blank >= LONG_MIN || day.now.minutes >= LONG_MIN) {
    const gap = widestGap(day)
    if (gap) return offered(message('next.never-tried', { minutes: Math.round(blank) }), gap, [])
    if (blank >= REVIEW_MIN) return without('move', message('next.move', { minutes: Math.round(blank) }))
  }
  return without(
    'stay',
    contacts > 0 ? message('next.draws') : message('next.no-touch', { minutes: Math.round(day.now.minutes) }),
  )
}

/** The newest moment that a trip knows of. */
function lastMoment({ start, stints }: Trip): string {
  const moments = (stints ?? [])
    .flatMap(s => [s.start, s.end, ...(s.events ?? []).map(e => e.at)])
    .filter(m => m != null)
  return moments.reduce((a, b) => (Date.parse(b) > Date.parse(a) ? b : a), start)
}

function triedOf(stint: Stint, family: Family | null, dayStart: number, now: number): Tried {
  const start = Date.parse(stint.start)
  const end = stint.end ? Date.parse(stint.end) : now
  const min = (ms: number) => (ms - dayStart) / MS_PER_MIN
  return {
    offerId: stint.lureId,
    family,
    traits: { colour: '', size: 0, depth: 0, speed: 0, action: '' },
    way: 'moving',
    beganMin: min(start),
    minutes: Math.max(0, (end - start) / MS_PER_MIN),
    casts: stint.casts ?? 0,
    events: (stint.events ?? []).map(({ kind, when, hookedAt, at, depthM, groupSize }) => ({
      kind,
      atMin: min(at ? Date.parse(at) : end),
      ...(when === undefined ? {} : { when }),
      ...(hookedAt === undefined ? {} : { hookedAt }),
      ...(depthM === undefined ? {} : { depthM }),
      ...(groupSize === undefined ? {} : { groupSize }),
    })),
  }
}
