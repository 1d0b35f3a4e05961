import { type Ask, askOf, type AskOptions } from '#core/ask'
import type { Presented } from '#core/course'
import { BETWEEN_WATERS, CAUTIONS, LOCAL_RULES } from '#core/knowledge'
import { type Candidate, type LogVerdict, prepareBox, type PreparedBox, rank, type Ranking } from '#core/match'
import type { Reading } from '#core/reading'
import { fillIn, jointMembership } from '#core/rule'
import { sourceText } from '#core/sources'
import type { Box } from '#core/tackle'
import type { UnitSystem } from '#core/units'
import { waterDensity } from '#core/water'
import { askedAxes, confidenceOf, round, setupAxes, setupReasons, type UsualFits, usualFits } from './explain'
import { gapsOf } from './gaps'
import type { MatchOut, ReasonOut, SetupOut } from './output'
import { presentedOf } from './presented'
import { tieOn } from './tie-on'

export interface MatchOptions extends AskOptions {
  /** How many lures are explained; the contract's default is 10. */
  readonly top?: number
  readonly units?: UnitSystem
  /** The angler's log enters the scores; it does when absent. */
  readonly useLog?: boolean
}

/** From a box and a reading to what to tie on: the whole answer of contract §5. */
export function match(box: Box, reading: Reading, options: MatchOptions = {}): MatchOut {
  const prepared = prepareBox(box, { useLog: options.useLog ?? true })
  return explainRanking(prepared, rank(prepared, askOf(reading, options)), options)
}

/** The best set-ups as the course models want them, by lure. */
export function presentedSetups({ ask, candidates }: Ranking, setups: readonly SetupOut[]): ReadonlyMap<string, Presented> {
  const { reading } = ask
  const density = waterDensity(reading.temperatureC, reading.salinityPsu)
  const byLure = new Map(candidates.slice(0, setups.length).map(c => [c.profile.lure.id, c]))
  return new Map(setups.map(({ lureId, presentation }) => [lureId, presentedOf(byLure.get(lureId)!, presentation, ask, density)]))
}

/** The contract's answer from a ranking that is already there. */
export function explainRanking(prepared: PreparedBox, { ask, candidates, rejected, log }: Ranking, { top = 10, units = 'metric' }: MatchOptions = {}): MatchOut {
  const usual = usualFits(candidates)
  const cautions = readingCautions(ask, units)
  if (prepared.outfits.length === 0) cautions.push('No outfits in the file: rods, lines and casts are assumed.')
  return {
    assumed: [...ask.assumed],
    cautions,
    ask: { axes: askedAxes(ask, units) },
    setups: candidates.slice(0, top).map(candidate => setupOut(candidate, prepared, { ask, usual, units, log })),
    rejected: rejected.map(({ lureId, code, why }) => ({ lureId, code, why })),
    gaps: gapsOf(candidates, ask),
  }
}

interface Telling { readonly ask: Ask, readonly usual: UsualFits, readonly units: UnitSystem, readonly log: Ranking['log'] }

function setupOut(candidate: Candidate, { hours, box }: PreparedBox, { ask, usual, units, log }: Telling): SetupOut {
  const { reading } = ask
  const tied = tieOn(candidate, { ask, waterDensity: waterDensity(reading.temperatureC, reading.salinityPsu), parts: box.parts, system: units })
  return {
    ...tied,
    score: round(candidate.score),
    confidence: round(confidenceOf(candidate, ask, hours.get(candidate.profile.lure.id) ?? 0)),
    axes: setupAxes(candidate, ask),
    reasons: [...setupReasons(candidate, ask, usual, units), ...logReason(candidate, log.get(candidate.profile.lure.id))],
  }
}

/** A change of the score below this is not worth a line. */
const TOLD_FROM_PERCENT = 1

function logReason({ score, beforeLog }: Candidate, verdict: LogVerdict | undefined): ReasonOut[] {
  if (!verdict || !beforeLog) return []
  const percent = Math.round(100 * (score / beforeLog - 1))
  if (Math.abs(percent) < TOLD_FROM_PERCENT) return []
  const { landed, contacts, hours } = verdict
  const what = `${landed} fish and ${contacts - landed} other contacts in ${hours < 10 ? hours.toFixed(1) : Math.round(hours)} h`
  return [{ rule: 'log.lure', text: `Your log in water like this: ${what}, ${percent > 0 ? '+' : '−'}${Math.abs(percent)} %.`, source: `your own log; ${sourceText('clayton-1987')}` }]
}

/** A caution is worth showing from half membership on. */
const SHOWN_FROM = 0.5

function readingCautions({ features }: Ask, units: UnitSystem): string[] {
  const held = CAUTIONS.filter(({ when }) => jointMembership(when, features) >= SHOWN_FROM)
  return [...held.map(({ text }) => fillIn(text, features, units)), BETWEEN_WATERS, LOCAL_RULES]
}
