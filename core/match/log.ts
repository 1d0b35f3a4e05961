import type { Ask } from '#core/ask'
import { type DayOf, dispersionOf, type Group, poolOf, type RateEstimate, tallyOf } from '#core/evidence'
import { lightWord, type LightWord } from '#core/light'
import { classOf, colourClass, DEPTH_CLASSES_M, type LureProfile } from '#core/lure'
import { recordOf, RowMemo } from '#core/numeric'
import {
  completeReading,
  type CompleteReading,
  type Reading,
  readingDistance,
  withNight,
  worthAsEvidence,
} from '#core/reading'
import { dayOf, type Trip } from '#core/tackle'
import type { TacticId } from '#core/terms'
import { SOFT_FLOOR } from './terms'

/** What the log may teach: what is done, the kind of lure, its colour, the colour in such light, the depth, and last the lure itself beyond what these say. */
export const LESSONS = ['tactic', 'kind', 'colour', 'light', 'depth', 'lure'] as const
export type Lesson = (typeof LESSONS)[number]
/** The value that each lesson is about; `null`: not known. */
export type Taught = Readonly<Record<Lesson, string | null>>

/** A stretch of the log as the judgement needs it. */
export interface LoggedStretch {
  readonly taught: Taught
  readonly hours: number
  readonly contacts: number
  readonly landed: number
  readonly reading: CompleteReading | null
}

/** The log as far as it may enter a score. */
export interface Log {
  readonly stretches: readonly LoggedStretch[]
  readonly dispersion: number
}

export const NO_LOG: Log = { stretches: [], dispersion: 1 }

/** What one lesson says: a rate against what was to be expected before it, with the interval in which it lies with 90 %. */
export interface LessonTold {
  readonly lesson: Lesson
  readonly value: string
  readonly ratio: RateEstimate
  readonly landed: number
  readonly contacts: number
  readonly hours: number
}

/** What the angler's log says of one way of fishing in water like this. */
export interface LogVerdict {
  /** Likelihood ratio: its contact rate against the usual one, within bounds. */
  readonly ratio: number
  /** The greatest change of ln(score). */
  readonly bound: number
  readonly told: readonly LessonTold[]
}

/** What the log says under one ask. */
export interface LogSays {
  /** Of one way of fishing; `null`: nothing. */
  readonly of: (profile: LureProfile, depthM: number, tactic: TacticId) => LogVerdict | null
  /** The greatest score that it can make of one by rules and physics alone. */
  readonly atMost: (score: number) => number
}

const SILENT: LogSays = { of: () => null, atMost: score => score }

function taughtBy(
  lureId: string,
  profile: LureProfile | null,
  depthM: number | null,
  tactic: string | null,
  light: LightWord | null,
): Taught {
  const colour = profile ? colourClass(profile) : null
  return {
    tactic,
    lure: lureId,
    kind: profile?.lure.family ?? null,
    colour,
    light: colour === null || light === null ? null : inLight(colour, light),
    depth: depthM === null ? null : String(classOf(DEPTH_CLASSES_M, depthM)),
  }
}

/** A colour in such light as one value, and the two again. */
const inLight = (colour: string, light: LightWord) => `${colour}|${light}`
export function partsOfLight(value: string): { readonly colour: string; readonly light: string } {
  const [colour = '', light = ''] = value.split('|')
  return { colour, light }
}

/** The trips of a box, each fish counted once. */
export function logOf(trips: readonly Trip[], profiles: ReadonlyMap<string, LureProfile>): Log {
  const days: DayOf[] = []
  const stretches = trips.flatMap(({ stints }) =>
    (stints ?? []).flatMap(stint => {
      const { hours, contacts, landed } = tallyOf(stint)
      if (hours <= 0) return []
      days.push({ group: stint.lureId, day: dayOf(stint.start), events: contacts, effort: hours })
      const reading = stint.reading ? withNight(completeReading(stint.reading as Reading).reading) : null
      let taught: Taught | null = null
      return [
        {
          // The height of the sun is worked out for those that are heard.
          get taught() {
            return (taught ??= taughtBy(
              stint.lureId,
              profiles.get(stint.lureId) ?? null,
              stint.depthM ?? null,
              stint.presentation?.tactic ?? null,
              reading && lightWord({ ...reading, at: stint.start }),
            ))
          },
          hours,
          contacts,
          landed,
          reading,
        },
      ]
    }),
  )
  return { stretches, dispersion: dispersionOf(days) }
}

/** A stretch without a reading could have been in any water. Assumed worth. */
const WITHOUT_READING = 0.15
/** Stretches of less worth than this are another story, and are not told of. */
const TOLD_FROM = 0.1
/** A rate is believed to be no more than so many times the usual one, or its inverse. Assumed. */
const MOST_RATIO = 3
/** The log never moves a score further than this. Assumed: less than one rule that matters. */
const MOST = 0.12
/** Of the loss that a set-up suffers on the lightest of the physical axes when it cannot do what is asked there, the log may make up less than half in each direction. */
const SHARE_OF_PHYSICS = 0.45
const PHYSICS = ['depth', 'speed', 'rod'] as const

/**
 * The greatest change of ln(score) by the log: at most 0.12, and so little that a set-up which fails on depth, speed or rod stays behind the same set-up that does not,
 * whatever their logs say.
 */
export function logBound({ axes }: Pick<Ask, 'axes'>): number {
  const total = Object.values(axes).reduce((sum, { weight }) => sum + weight, 0)
  const lightest = Math.min(...PHYSICS.map(axis => axes[axis].weight).filter(weight => weight > 0))
  if (!(total > 0) || !Number.isFinite(lightest)) return MOST
  return Math.min(MOST, (SHARE_OF_PHYSICS * lightest * -Math.log(SOFT_FLOOR)) / total)
}

/**
 * What the log says in water like this: contacts per hour, each stretch counted by how like the present reading its own was (a power prior, Ibrahim & Chen 2000).
 * The lessons are learnt one after the other: the rates of the tactics are pooled and set against the usual one, then the kinds' against what their tactics led to expect, then the colours', the colours' in such light, the depths' and the lures'.
 * A group alone says nothing against others, and a lure that was fished without a contact is never raised by what its kin did.
 */
export function logSays(log: Log, ask: Ask): LogSays {
  const { stretches } = log
  const worths = stretches.map(({ reading }) => {
    const worth = reading ? worthAsEvidence(readingDistance(reading, ask.reading)) : WITHOUT_READING
    return worth < TOLD_FROM ? 0 : worth
  })
  if (worths.every(worth => worth === 0)) return SILENT
  let known = learnt.get(log)
  if (!known) learnt.set(log, (known = new RowMemo(WORTHS_KEPT, stretches.length)))
  const lessons = known.of(
    row => row.set(worths),
    () => lessonsOf(log, worths),
  )
  const bound = logBound(ask)
  const light = lightWord(ask.reading)
  return {
    of: (profile, depthM, tactic) => {
      const taught = taughtBy(profile.lure.id, profile, depthM, tactic, light)
      const told = LESSONS.flatMap(lesson => lessons[lesson](taught[lesson]) ?? [])
      if (told.length === 0) return null
      const product = told.reduce((ratio, lesson) => ratio * lesson.ratio.mean, 1)
      const isBlank = told.some(({ lesson, contacts }) => lesson === 'lure' && contacts === 0)
      return { bound, told, ratio: Math.min(isBlank ? 1 : MOST_RATIO, Math.max(1 / MOST_RATIO, product)) }
    },
    atMost: score => score * Math.exp(bound),
  }
}

/** What a lesson says of one value; `undefined`: nothing. */
type LessonOf = (value: string | null) => LessonTold | undefined
type Lessons = Readonly<Record<Lesson, LessonOf>>

/** So many lists of worths are remembered of a log: a search through readings mostly comes back to one. Assumed. */
const WORTHS_KEPT = 8
const learnt = new WeakMap<Log, RowMemo<Lessons>>()

/** `worths`: of each stretch as evidence, 0..1; those of no worth are not heard. */
function lessonsOf({ stretches, dispersion }: Log, worths: readonly number[]): Lessons {
  const heard = stretches.flatMap((stretch, i) => {
    const worth = worths[i]!
    return worth === 0 ? [] : [{ ...stretch, worth, expected: worth * stretch.hours }]
  })
  return recordOf(LESSONS, lesson => {
    const groups = new Map<string, Group & Pick<LessonTold, 'landed' | 'contacts' | 'hours'>>()
    for (const { taught, worth, expected, contacts, landed, hours } of heard) {
      const value = taught[lesson]
      if (value === null) continue
      const sum = groups.get(value) ?? { events: 0, effort: 0, landed: 0, contacts: 0, hours: 0 }
      groups.set(value, {
        events: sum.events + worth * contacts,
        effort: sum.effort + expected,
        landed: sum.landed + landed,
        contacts: sum.contacts + contacts,
        hours: sum.hours + hours,
      })
    }
    const told = lessonOf(lesson, groups, dispersion)
    // What comes after it is set against what this one led to expect.
    for (const stretch of heard) stretch.expected *= told(stretch.taught[lesson])?.ratio.mean ?? 1
    return told
  })
}

/** A lesson, worked out for each value when that is first asked for. */
function lessonOf(
  lesson: Lesson,
  groups: ReadonlyMap<string, Group & Pick<LessonTold, 'landed' | 'contacts' | 'hours'>>,
  dispersion: number,
): LessonOf {
  const pool = poolOf([...groups.values()], dispersion)
  const told = new Map<string, LessonTold>()
  return value => {
    const group = value === null ? undefined : groups.get(value)
    if (!pool || !group || value === null) return undefined
    const known = told.get(value)
    if (known) return known
    const { overall } = pool
    const { landed, contacts, hours } = group
    const { mean, low, high } = pool.rateOf(group)
    const found = groups.size === 1 ? 1 : mean / overall.mean
    const ratio = contacts === 0 ? Math.min(1, found) : found
    const made: LessonTold = {
      lesson,
      value,
      landed,
      contacts,
      hours,
      ratio: { mean: ratio, low: Math.min(ratio, low / overall.mean), high: Math.max(ratio, high / overall.mean) },
    }
    told.set(value, made)
    return made
  }
}

/** A score after the log has spoken: its odds times the likelihood ratio, no further than the bound; it stays between 0 and 1. */
export function movedByLog(score: number, { ratio, bound }: Pick<LogVerdict, 'ratio' | 'bound'>): number {
  if (score <= 0 || score >= 1) return score
  const odds = (score / (1 - score)) * ratio
  const moved = odds / (1 + odds)
  return Math.min(score * Math.exp(bound), Math.max(score * Math.exp(-bound), moved))
}
