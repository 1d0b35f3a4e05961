import { type Ask, askOf, type AskOptions } from '#core/ask'
import { depthErrorOf, type Doubts, type Presented } from '#core/course'
import { BETWEEN_WATERS, CAUTIONS, LOCAL_RULES, rodRowId, type TrailerRow } from '#core/knowledge'
import {
  Candidate,
  type Contribution,
  contributionsOf,
  doubtsOf,
  judgedWays,
  type Judging,
  leadTold,
  prepareBox,
  type PreparedBox,
  presentedOf,
  rank,
  type Ranking,
  type Scene,
} from '#core/match'
import { message, type Said } from '#core/message'
import type { Reading } from '#core/reading'
import { fillIn, jointMembership } from '#core/rule'
import { sourceText } from '#core/sources'
import type { Box } from '#core/tackle'
import { proseIn, type UnitSystem } from '#core/units'
import { waterDensity } from '#core/water'
import { askedAxes, confidenceOf, POOR_ROD, round, setApart, setupAxes } from './explain'
import { logReasons } from './from-log'
import { gapsOf, kindsMissing, tackleMissing } from './gaps'
import { handOf } from './hand'
import { worthMeasuring } from './how-sure'
import type {
  CloserOut,
  FirstOut,
  FullSetupOut,
  MatchOut,
  RankingOut,
  ReasonOut,
  RestOut,
  SetupOut,
  WayOut,
} from './output'
import { isSister, sharesOf, standingOf } from './standing'
import { tieOn } from './tie-on'

export interface MatchOptions extends AskOptions {
  /** How many lures are explained; the contract's default is 10. */
  readonly top?: number
  readonly units?: UnitSystem
  /** The angler's log enters the scores; it does when absent. */
  readonly useLog?: boolean
  /** What is worth measuring is looked for too, in some eighty waters; it is not when absent. */
  readonly measure?: boolean
}

/** From a box and a reading to what to tie on: the whole answer of contract §5. */
export function match(box: Box, reading: Reading, options: MatchOptions = {}): MatchOut<Said> {
  const prepared = prepareBox(box, { useLog: options.useLog ?? true })
  const ranking = rank(prepared, askOf(reading, options))
  const measure = options.measure ? worthMeasuring(prepared, ranking, reading, options) : []
  return { ...explainRanking(prepared, ranking, options), measure }
}

/** An order, as far down as it is told of. */
type Ordered = Pick<Ranking, 'ask' | 'scene' | 'candidates'>

/** Something of each explained set-up, by lure id. */
function ofSetups<T>(
  { ask: { reading }, candidates }: Ordered,
  setups: readonly SetupOut<Said>[],
  tell: (candidate: Candidate, waterDensity: number, place: number) => T,
): ReadonlyMap<string, T> {
  const density = waterDensity(reading.temperatureC, reading.salinityPsu)
  const byLure = new Map(candidates.map(c => [c.profile.lure.id, c]))
  return new Map(setups.map(({ lureId }, place) => [lureId, tell(byLure.get(lureId)!, density, place)]))
}

/** Explained set-ups as the course models want them, by lure id. */
export function presentedSetups(ranking: Ordered, setups: readonly SetupOut<Said>[]): ReadonlyMap<string, Presented> {
  return ofSetups(ranking, setups, (candidate, density) =>
    presentedOf(candidate, candidate.placement, ranking.ask, density),
  )
}

/** How surely the figures of explained set-ups are known, by lure id. */
export function doubtedSetups(ranking: Ordered, setups: readonly SetupOut<Said>[]): ReadonlyMap<string, Doubts> {
  return ofSetups(ranking, setups, doubtsOf)
}

/** The contract's answer from a ranking that is already there, but for what is worth measuring. */
export function explainRanking(prepared: PreparedBox, ranking: Ranking, options: MatchOptions = {}): RankingOut<Said> {
  const first = tellFirst(prepared, ranking, options)
  return { ...first, setups: inFull(ranking, first.setups), ...explainRest(prepared, ranking, options) }
}

/** What of an answer is told ahead. */
export interface AheadOptions extends MatchOptions {
  /** A lure among them that is told in full. */
  readonly opened?: string | null | undefined
  /** So many of the lures that are explained at the end; all when absent. */
  readonly ahead?: number | undefined
}

/**
 * What is told of the first set-ups of a judging, looking no further down the order than it takes; it is the same with the whole order there.
 */
export function explainFirst(
  prepared: PreparedBox,
  judging: Judging,
  { opened, ahead, ...options }: AheadOptions = {},
): FirstOut<Said> {
  const { top = TOLD } = options
  const now = Math.min(ahead ?? top, top)
  let asked = Math.max(top, now + 1)
  let candidates = judging.first(asked)
  // The last that is told is set against the next bait that is not its sister.
  while (
    candidates.length === asked &&
    candidates.slice(0, now).some((c, i) => candidates.slice(i + 1).every(other => isSister(other, c)))
  )
    candidates = judging.first(++asked)
  const order = judging.soFar
  const told = tellFirst(prepared, order, options, now)
  return { ...told, setups: told.setups.map(setup => (setup.lureId === opened ? inFull(order, [setup])[0]! : setup)) }
}

/** What needs the place of every lure. */
function explainRest(prepared: PreparedBox, ranking: Ranking, options: AskOptions): RestOut<Said> {
  const { ask, candidates, rejected } = ranking
  return {
    rejected: rejected.map(({ lureId, code, why }) => ({ lureId, code, why })),
    gaps: [
      ...kindsMissing(prepared, candidates, ask),
      ...tackleMissing(prepared, candidates, rejected, ask),
      ...gapsOf(candidates, ask),
    ],
    hand: handOf(prepared, ranking, options),
  }
}

/** Set-ups that are explained where nothing else is asked: the contract's default. */
const TOLD = 10

function tellFirst(
  prepared: PreparedBox,
  order: Ordered,
  { top = TOLD, units = 'metric' }: MatchOptions,
  now = top,
): FirstOut<Said> {
  const { ask, candidates } = order
  const cautions: Said[] = readingCautions(ask, units)
  if (prepared.outfits.length === 0) cautions.push(message('answer.no-outfits'))
  const among = candidates.slice(0, top)
  return {
    assumed: [...ask.assumed],
    cautions,
    ask: { axes: askedAxes(ask, units) },
    setups: explainCandidates(prepared, order, among.slice(0, now), among, units),
  }
}

/** The best set-up of one lure as it stands in the whole ranking; `null` when it cannot be fished here. */
export function explainLure(
  prepared: PreparedBox,
  ranking: Ranking,
  lureId: string,
  units: UnitSystem = 'metric',
): SetupOut<Said> | null {
  const found = ranking.candidates.find(c => c.profile.lure.id === lureId)
  return found ? explainCandidates(prepared, ranking, [found], ranking.candidates, units)[0]! : null
}

/** Shares and sisters are told among those of `among`. */
function explainCandidates(
  prepared: PreparedBox,
  { ask, scene, candidates }: Ordered,
  told: readonly Candidate[],
  among: readonly Candidate[],
  units: UnitSystem,
): SetupOut<Said>[] {
  const { terms } = scene
  const contributions = new Map<Candidate, Contribution[]>()
  const contributed = (candidate: Candidate) => {
    const known = contributions.get(candidate) ?? contributionsOf(terms, candidate.profile, candidate, candidate.levels)
    contributions.set(candidate, known)
    return known
  }
  const shares = new Map(sharesOf(among).map((share, i) => [among[i]!, share]))
  const shownBefore = new Set<string>()
  return told.map((candidate): SetupOut<Said> => {
    const rival = candidates.find(other => other !== candidate && !isSister(other, candidate))
    const { reasons, against } = setApart(
      contributed(candidate),
      rival ? contributed(rival) : [],
      shownBefore,
      ask,
      units,
    )
    shownBefore.clear()
    reasons.forEach(({ rule }) => shownBefore.add(rule))
    const { lure } = candidate.profile
    return {
      ...tieOn(candidate, { ask, waterDensity: scene.waterDensity, parts: prepared.box.parts, system: units }),
      score: round(candidate.score),
      share: round(shares.get(candidate)!),
      standing: standingOf(candidate, candidates, candidates.indexOf(candidate)),
      sisters: among
        .filter(other => other !== candidate && isSister(other, candidate))
        .map(other => other.profile.lure.id),
      confidence: round(confidenceOf(candidate, ask, prepared.hours.get(lure.id) ?? 0)),
      axes: setupAxes(candidate, ask),
      reasons: [...reasons, ...trailerReason(candidate, units), ...logReasons(candidate)],
      against: [...against, ...rodAgainst(candidate, units), ...bareAgainst(candidate, units)],
    }
  })
}

/** Set-ups for which the other ways are told as well. */
const WAYS_FOR = 20

/** Explained set-ups of an order, each with what takes courses of its own to tell. */
export function inFull<T extends Said>(order: Ordered, setups: readonly SetupOut<T>[]): FullSetupOut<T>[] {
  const { ask, scene } = order
  const closer = ofSetups(order, setups, (candidate, density, i): CloserOut => ({
    ways: i < WAYS_FOR ? otherWays(candidate, scene) : [],
    depthSdM: round(
      depthErrorOf(presentedOf(candidate, candidate.placement, ask, density), doubtsOf(candidate, density)),
    ),
  }))
  return setups.map(setup => ({ ...setup, ...closer.get(setup.lureId)! }))
}

function otherWays(candidate: Candidate, scene: Scene): WayOut[] {
  return [...judgedWays(candidate.profile, scene)]
    .sort((a, b) => b.odds - a.odds)
    .map(way => new Candidate(candidate.profile, way, scene))
    .filter(way => way.technique.rig !== candidate.technique.rig || way.tactic !== candidate.tactic)
    .map(way => wayOut(way))
}

function wayOut(candidate: Candidate): WayOut {
  const { technique, tactic, trailer, outfit, cadence, placement, pauseS, score, profile } = candidate
  return {
    rig: technique.rig,
    tactic: tactic.id,
    hook: technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook,
    trailerId: trailer?.lure.id ?? null,
    ...leadTold(candidate),
    outfitId: outfit?.outfit.id ?? null,
    cadence,
    depthM: round(placement.depthM),
    speedMs: round(placement.speedMs),
    pauseS,
    score: round(score),
  }
}

function rodAgainst({ rodGain, rodFault }: Candidate, units: UnitSystem): ReasonOut<Said>[] {
  if (!rodFault || rodGain > POOR_ROD) return []
  return [
    {
      rule: rodRowId(rodFault),
      text: message('answer.poor-rod', { job: proseIn(rodFault.text, units) }),
      source: sourceText('common-practice'),
    },
  ]
}

/** The row of the table of trailers that speaks loudest for the trailer that is told. */
function trailerReason({ trailer, trailerRows }: Candidate, units: UnitSystem): ReasonOut[] {
  return trailer ? trailerRows.slice(0, 1).map(row => reasonOf(row, units)) : []
}

/** What is against a host that is fished bare because no rod carries more. */
function bareAgainst({ trailer, trailerRows }: Candidate, units: UnitSystem): ReasonOut[] {
  return trailer === null ? trailerRows.filter(row => row.lift < 0).map(row => reasonOf(row, units)) : []
}

const reasonOf = ({ id, text, source }: TrailerRow, units: UnitSystem): ReasonOut => ({
  rule: id,
  text: proseIn(text, units),
  source: sourceText(source),
})

/** A caution is worth showing from half membership on. */
const SHOWN_FROM = 0.5

function readingCautions({ features }: Ask, units: UnitSystem): string[] {
  const held = CAUTIONS.filter(({ when }) => jointMembership(when, features) >= SHOWN_FROM)
  return [...held.map(({ text }) => fillIn(text, features, units)), BETWEEN_WATERS, LOCAL_RULES]
}
