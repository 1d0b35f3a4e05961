import { askOf } from '#core/ask'
import { type Candidate, NO_LOG, type PreparedBox, type Ranking, rank } from '#core/match'
import { message, type Said } from '#core/message'
import type { CompleteReading, Reading } from '#core/reading'
import type { MeasureOut } from './output'
import { sharesOf } from './standing'

/** How far a guessed figure of the reading is usually off. Assumed. */
const GUESSES: readonly {
  readonly field: keyof CompleteReading & ('temperatureC' | 'visibilityM' | 'fishFromM')
  readonly wrong: (r: CompleteReading, sign: 1 | -1) => Partial<Reading>
}[] = [
  {
    field: 'temperatureC',
    wrong: (r, sign) => ({ temperatureC: Math.min(35, Math.max(0, r.temperatureC + 2 * sign)) }),
  },
  { field: 'visibilityM', wrong: (r, sign) => ({ visibilityM: r.visibilityM * 1.5 ** sign }) },
  {
    field: 'fishFromM',
    wrong: (r, sign) => {
      const shift = 0.25 * r.bottomM * sign
      const fishFromM = Math.min(r.bottomM, Math.max(0, r.fishFromM + shift))
      return { fishFromM, fishToM: Math.min(r.bottomM, Math.max(fishFromM, r.fishToM + shift)) }
    },
  },
]
/** Lures that could come first: the others are not asked again. */
const IN_QUESTION = 12
/** Told when the first choice would be another one in this share of the cases at least. */
const WORTH_FROM = 0.05
/** Trust below which a weight is worth a scale. */
const SCALE_BELOW = 0.5

/** What one measurement would decide most: the share of the first choice that hangs on it, best first (value of information). Fields that were noted as measured are left out. */
export function worthMeasuring(prepared: PreparedBox, { ask, candidates }: Ranking): MeasureOut<Said>[] {
  const { reading, schools } = ask
  const inQuestion = candidates.slice(0, IN_QUESTION)
  if (inQuestion.length < 2) return []
  const now = sharesBy(inQuestion)
  const few: PreparedBox = { ...prepared, lures: inQuestion.map(c => c.profile), log: NO_LOG }
  const fields = GUESSES.filter(({ field }) => !reading.noted.includes(field)).map(
    ({ field, wrong }): MeasureOut<Said> => {
      const moved = ([1, -1] as const).map(sign => {
        const then = sharesBy(
          rank(few, askOf({ ...reading, ...wrong(reading, sign) } as Reading, { schools })).candidates,
        )
        return [...now].reduce((sum, [id, share]) => sum + Math.abs(share - (then.get(id) ?? 0)), 0) / 2
      })
      return { field, why: message('measure.field', { field }), gain: Number(Math.max(...moved).toPrecision(2)) }
    },
  )
  const lures = inQuestion
    .filter(({ profile }) => profile.weightG.trust < SCALE_BELOW)
    .map(({ profile: { lure } }): MeasureOut<Said> => ({
      lureId: lure.id,
      why: message('measure.weigh'),
      gain: Number((now.get(lure.id) ?? 0).toPrecision(2)),
    }))
  return [...fields, ...lures].filter(({ gain }) => gain >= WORTH_FROM).sort((a, b) => b.gain - a.gain)
}

function sharesBy(candidates: readonly Candidate[]): Map<string, number> {
  const shares = sharesOf(candidates)
  return new Map(candidates.map((c, i) => [c.profile.lure.id, shares[i]!]))
}
