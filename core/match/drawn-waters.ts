import { askOf, type AskOptions } from '#core/ask'
import { type ErrorField, READING_ERRORS, type ReadingErrorRow } from '#core/knowledge'
import type { LureProfile } from '#core/lure'
import { clamp, normalQuantile, seededRandom, shuffled } from '#core/numeric'
import { completeReading, type CompleteReading, type Reading } from '#core/reading'
import { MOODS } from '#core/terms'
import { logSays } from './log'
import { NUMBER_FIELDS, type NumberPart } from './number-fields'
import { judgingOf, type PreparedBox } from './rank'
import type { Progress } from './what-if'

/** Errors of one part come in so many steps of equal chance, the middle of each standing for it: waters then share what they do not differ in. Assumed. */
const STEPS = 8
/** Each step of each part comes up so often: 304 waters. Assumed. */
const TIMES = 38
/** Waters between two words on how far it is. Assumed. */
const AT_A_TIME = 4
/** The same reading is drawn about in the same way each time. */
const SEED = 20_261_130

const FIELDS = Object.keys(READING_ERRORS) as ErrorField[]
/** Middles of the steps, as chances, and as standard errors of a normal spread, drawn out so that they are spread as widely as all of it. */
const CHANCES = Array.from({ length: STEPS }, (_, k) => (k + 0.5) / STEPS)
const MIDDLES = CHANCES.map(normalQuantile)
const NORMAL = MIDDLES.map(z => z / Math.sqrt(MIDDLES.reduce((sum, m) => sum + m * m, 0) / STEPS))

/** One water that a reading may be. */
export interface DrawnWater {
  /** Step of the error of each part that was drawn, 0..`steps` − 1. */
  readonly step: Readonly<Partial<Record<ErrorField, number>>>
  /** What comes first in it; `null`: nothing can be fished there. */
  readonly first: LureProfile | null
}

export interface DrawnWaters {
  /** Parts of the reading that may be off. */
  readonly fields: readonly ErrorField[]
  readonly steps: number
  readonly waters: readonly DrawnWater[]
}

/**
 * Waters about a reading, as far off in each part as such parts usually are (`READING_ERRORS`), and what comes first in each: Latin hypercube sampling (McKay, Beckman & Conover 1979),
 * so that every step of every part comes up equally often, `times` in all. The log is heard as it speaks of the water that was read. Steps, so that a caller can show progress or stop.
 */
export function* drawnWaters(
  box: PreparedBox,
  reading: Reading,
  options: AskOptions = {},
  times = TIMES,
): Generator<Progress, DrawnWaters> {
  const drawn = errorSteps(reading)
  const says = logSays(box.log, askOf(reading, options))
  const random = seededRandom(SEED)
  const count = times * STEPS
  const steps = Array.from({ length: count }, (_, w) => w % STEPS)
  const columns = drawn.map(() => shuffled(steps, random))
  const waters: DrawnWater[] = []
  for (let w = 0; w < count; w++) {
    const changes = drawn.map(({ change }, f) => change[columns[f]![w]!]!)
    const ask = askOf(Object.assign({}, reading, ...changes) as Reading, options)
    waters.push({
      step: Object.fromEntries(drawn.map(({ field }, f) => [field, columns[f]![w]!])),
      first: judgingOf(box, ask, says).first(1)[0]?.profile ?? null,
    })
    if (waters.length % AT_A_TIME === 0) yield { done: waters.length / count }
  }
  return { fields: drawn.map(({ field }) => field), steps: STEPS, waters }
}

/** What each step of its error makes of a reading, for each part that may be off. */
export function errorSteps(
  reading: Reading,
): readonly { readonly field: ErrorField; readonly change: readonly Partial<Reading>[] }[] {
  const { reading: complete, assumed } = completeReading(reading)
  return FIELDS.flatMap(field => {
    const change = changeOf(field, complete, errorOf(field, complete, assumed))
    return change ? [{ field, change }] : []
  })
}

/** Standard error of a part, by how it is known. */
function errorOf(field: ErrorField, { noted }: CompleteReading, assumed: readonly string[]): number {
  const { field: inFile, measured, judged, blank }: ReadingErrorRow = READING_ERRORS[field]
  return noted.includes(inFile) ? measured : assumed.includes(inFile) ? blank : judged
}

/** What each step of its error makes of a reading; `null` where it makes nothing of it. */
function changeOf(field: ErrorField, complete: CompleteReading, error: number): readonly Partial<Reading>[] | null {
  if (error === 0) return null
  if (field === 'mood') return CHANCES.map(chance => ({ mood: nextMood(complete, chance, error) }))
  const part: NumberPart = NUMBER_FIELDS[field]
  const { how }: ReadingErrorRow = READING_ERRORS[field]
  const at = part.at(complete)
  if (how === 'times' && at === 0) return null
  const { bottomM, fishFromM, fishToM } = complete
  const most = field === 'fishFromM' ? bottomM - (fishToM - fishFromM) : part.most
  return NORMAL.map(z => {
    const value = how === 'times' ? at * Math.exp(error * z) : at + error * z * (how === 'of-bottom' ? bottomM : 1)
    return part.set(clamp(value, Math.min(part.least, at), Math.max(most, at)), complete)
  })
}

/** The mood one step quieter or keener with half the chance each, as far as there is one. */
function nextMood({ mood }: CompleteReading, chance: number, error: number): CompleteReading['mood'] {
  const off = chance < error / 2 ? -1 : chance > 1 - error / 2 ? 1 : 0
  return MOODS[clamp(MOODS.indexOf(mood) + off, 0, MOODS.length - 1)]!
}
