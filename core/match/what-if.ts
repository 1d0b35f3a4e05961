import { askOf, type AskOptions } from '#core/ask'
import { FORAGE_TABLE, SPECIES_TABLE } from '#core/knowledge'
import { completeReading, type CompleteReading, mostlyEating, type Reading, withNight } from '#core/reading'
import { COVERS, GROUPINGS, MOODS, PHASES, PRESSURES, SKIES, STAINS, STANDS, TIDES, TRENDS } from '#core/terms'
import { NUMBER_FIELDS, type NumberField, type NumberPart } from './number-fields'
import { judgingOf, type PreparedBox, rank } from './rank'

/** One change of the reading that would put another lure first. */
export interface Flip {
  readonly field: FlipField
  /** What the reading would have to be; a number in the field's unit, or an id. */
  readonly to: number | string
  /** The same as a change of the reading. */
  readonly change: Partial<Reading>
  readonly lureId: string
}
export type FlipField = NumberField | ChoiceField

/** What else a part of the reading could be, and the change that makes it so. */
type Alternatives = (reading: CompleteReading) => readonly { readonly id: string; readonly change: Partial<Reading> }[]

function choice<T extends string>(
  all: (reading: CompleteReading) => readonly T[],
  set: (id: T, reading: CompleteReading) => Partial<Reading>,
  at: (reading: CompleteReading) => string | null,
): Alternatives {
  return reading =>
    all(reading)
      .filter(id => id !== at(reading))
      .map(id => ({ id, change: set(id, reading) }))
}

const STILL_WATERS: readonly string[] = ['lake', 'pond', 'reservoir', 'river']

/** Parts that are choices: what else they could be. */
const CHOICE_FIELDS = {
  stain: choice(
    () => STAINS,
    stain => ({ stain }),
    r => r.stain,
  ),
  sky: choice(
    () => SKIES,
    sky => ({ sky }),
    r => r.sky,
  ),
  trend: choice(
    () => TRENDS,
    trend => ({ trend }),
    r => r.trend,
  ),
  cover: choice(
    () => COVERS,
    cover => ({ cover: [cover] }),
    r => (r.cover.length === 1 ? r.cover[0]! : null),
  ),
  forage: choice(
    r => SPECIES_TABLE[r.species].forage,
    (kind, r) => ({ forage: mostlyEating(r.forage, { kind, lengthMm: FORAGE_TABLE[kind].lengthMm }) }),
    r => r.forage[0]!.kind,
  ),
  mood: choice(
    () => MOODS,
    mood => ({ mood }),
    r => r.mood,
  ),
  pressure: choice(
    () => PRESSURES,
    pressure => ({ pressure }),
    r => r.pressure,
  ),
  from: choice(
    () => STANDS,
    from => ({ from }),
    r => r.from,
  ),
  grouping: choice(
    () => GROUPINGS,
    grouping => ({ grouping }),
    r => r.grouping,
  ),
  tide: choice(
    r => (STILL_WATERS.includes(r.water) ? [] : TIDES),
    tide => ({ tide }),
    r => r.tide,
  ),
  phase: choice(
    () => PHASES,
    phase => ({ phase }),
    r => r.phase,
  ),
  shortStrikes: choice(
    () => ['yes', 'no'] as const,
    bites => ({ shortStrikes: bites === 'yes' }),
    r => (r.shortStrikes ? 'yes' : 'no'),
  ),
}
export type ChoiceField = keyof typeof CHOICE_FIELDS

/** Halvings of the step in which a number's flip lies: to about a sixteenth of it. */
const REFINED = 4

/** How far a search has come, 0..1. */
export interface Progress {
  readonly done: number
}

/**
 * For each part of the reading the nearest value at which another lure comes first, everything else as it is; parts that flip nothing are left out.
 * A search in steps, so that a caller can show progress or stop: each step ranks the box a few times.
 */
export function* flips(
  box: PreparedBox,
  reading: Reading,
  options: AskOptions = {},
): Generator<Progress, readonly Flip[]> {
  const complete = withNight(completeReading(reading).reading)
  const firstOf = (change: Partial<Reading>) =>
    judgingOf(box, askOf({ ...reading, ...change }, options)).first(1)[0]?.profile.lure.id ?? null
  const now = firstOf({})
  if (now === null) return []
  const found: Flip[] = []
  const numbers = Object.keys(NUMBER_FIELDS) as NumberField[]
  const choices = Object.keys(CHOICE_FIELDS) as ChoiceField[]
  let step = 0
  const total = numbers.length * 2 + choices.length
  for (const field of numbers) {
    for (const side of [-1, 1] as const) {
      const flip = numberFlip(field, side, complete, firstOf, now)
      if (flip) found.push(flip)
      yield { done: ++step / total }
    }
  }
  for (const field of choices) {
    for (const { id, change } of CHOICE_FIELDS[field](complete)) {
      const lureId = firstOf(change)
      if (lureId !== null && lureId !== now) found.push({ field, to: id, change, lureId })
    }
    yield { done: ++step / total }
  }
  return found
}

function numberFlip(
  field: NumberField,
  side: -1 | 1,
  complete: CompleteReading,
  firstOf: (change: Partial<Reading>) => string | null,
  now: string,
): Flip | null {
  const part: NumberPart = NUMBER_FIELDS[field]
  const start = part.at(complete)
  const most =
    field === 'fishFromM' ? Math.max(0, complete.bottomM - (complete.fishToM - complete.fishFromM)) : part.most
  const values = (part.factors ? part.factors.map(f => start * f ** side) : part.steps!.map(s => start + s * side)).map(
    v => Math.min(most, Math.max(part.least, v)),
  )
  let from = start
  for (const value of values) {
    if (value === from) break
    const lureId = firstOf(part.set(value, complete))
    if (lureId !== null && lureId !== now) return refined(field, from, value, lureId)
    from = value
  }
  return null

  function refined(name: NumberField, same: number, other: number, lureId: string): Flip {
    let [near, far, winner] = [same, other, lureId]
    for (let i = 0; i < REFINED; i++) {
      const middle = (near + far) / 2
      const first = firstOf(part.set(middle, complete))
      if (first === null || first === now) near = middle
      else [far, winner] = [middle, first]
    }
    return { field: name, to: far, change: part.set(far, complete), lureId: winner }
  }
}

/** How the lures that come first somewhere do as one number of the reading changes. */
export interface Sweep {
  readonly field: NumberField
  readonly values: readonly number[]
  /** Scores at each value; `null`: cannot be fished there. */
  readonly lines: readonly { readonly lureId: string; readonly scores: readonly (number | null)[] }[]
  /** First at each value. */
  readonly first: readonly (string | null)[]
}

/** Lures drawn in a sweep: those that come first somewhere, most often first. */
const LINES = 6

export function sweep(
  box: PreparedBox,
  reading: Reading,
  field: NumberField,
  values: readonly number[],
  options: AskOptions = {},
): Sweep {
  const complete = withNight(completeReading(reading).reading)
  const asks = values.map(value => askOf({ ...reading, ...NUMBER_FIELDS[field].set(value, complete) }, options))
  const first = asks.map(ask => judgingOf(box, ask).first(1)[0]?.profile.lure.id ?? null)
  const wins = new Map<string, number>()
  for (const id of first) if (id !== null) wins.set(id, (wins.get(id) ?? 0) + 1)
  const shown = [...wins]
    .sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1))
    .slice(0, LINES)
    .map(([id]) => id)
  const winners = { ...box, lures: box.lures.filter(({ lure }) => shown.includes(lure.id)) }
  const scores = asks.map(ask => new Map(rank(winners, ask).candidates.map(c => [c.profile.lure.id, c.score])))
  return {
    field,
    values,
    first,
    lines: shown.map(lureId => ({ lureId, scores: scores.map(byLure => byLure.get(lureId) ?? null) })),
  }
}
