import * as Comlink from 'comlink'
import { askOf, type AskOptions, type OwnRules } from '#core/ask'
import { clarityByPaint, depthBySpeed, doubled, worthAdding } from '#core/catalogue'
import { TRAILERS } from '#core/knowledge'
import {
  contributionsOf,
  flips,
  type Judging,
  judgingOf,
  prepareBox,
  type PreparedBox,
  type Ranking,
  sweep,
  termsOf,
  trailerHolds,
  withTrips,
} from '#core/match'
import { nextOf } from '#core/rotation'
import { AXIS_IDS } from '#core/rule'
import type { Box } from '#core/tackle'
import {
  doubtedSetups,
  explainFirst,
  explainLure,
  explainRanking,
  howSure,
  inFull,
  presentedSetups,
  sketches,
} from '#core/tell'
import { inWords } from '#speech'
import { changedLog } from './log-change'
import type { FirstAnswer, JudgeApi, Judgement, JudgeRequest, RuleChoice, Spines } from './judge.protocol'

let loaded: Box = { lures: [], parts: [], outfits: [], tests: [], trips: [] }
let prepared = prepareBox(loaded)
let countsLog = true
let stored: OwnRules = { rules: [], places: [] }
/** Behind the newest answer. */
let latest: Ranking | null = null
/** Rises with each search; an older one sees it and ends. */
let search = 0
/** The same of drawn waters: both may be asked for at once. */
let drawing = 0

const options = ({ schools, weights, own }: RuleChoice): AskOptions => ({ schools, weights, own: own ?? stored })
/** Lets waiting messages in between two steps of a long search. */
const breathe = () => new Promise<void>(resolve => setTimeout(resolve))

/** A waiting message is let in after so long [ms]; lures whose places are looked for between two looks at the clock. */
const PATIENCE_MS = 12
const LURES_A_STEP = 25

const isIn = (ids: readonly string[] | undefined, id: string) => !ids || ids.includes(id)

function narrowed({ lureIds, outfitIds }: NonNullable<JudgeRequest['only']>): PreparedBox {
  return {
    ...prepared,
    lures: prepared.lures.filter(p => isIn(lureIds, p.lure.id)),
    trailers: prepared.trailers.filter(p => isIn(lureIds, p.lure.id)),
    spoons: prepared.spoons.filter(p => isIn(lureIds, p.lure.id)),
    outfits: prepared.outfits.filter(o => isIn(outfitIds, o.outfit.id)),
  }
}

function spinesOf({ ask, candidates }: Ranking): Spines {
  const axes = AXIS_IDS.filter(axis => ask.axes[axis].weight > 0).map(axis => ({ axis, weight: ask.axes[axis].weight }))
  const fits = new Float32Array(candidates.length * axes.length)
  candidates.forEach((candidate, row) =>
    axes.forEach(({ axis }, column) => {
      fits[row * axes.length + column] = candidate.fitOn(axis)
    }),
  )
  return { axes, fits }
}

/** A question on its way to its answer. */
interface Question {
  readonly request: JudgeRequest
  readonly within: PreparedBox
  readonly judging: Judging
  readonly first: FirstAnswer
}
/** The newest that the page waits for. */
let question: Question | null = null

function begin(request: JudgeRequest): Question {
  const { reading, top, ahead, units, only, opened } = request
  const within = only ? narrowed(only) : prepared
  const judging = judgingOf(within, askOf(reading, options(request)))
  const out = inWords(explainFirst(within, judging, { top, ahead, units, opened }), units)
  const { ask } = judging
  return {
    request,
    within,
    judging,
    first: {
      out,
      presented: Object.fromEntries(presentedSetups(judging.soFar, out.setups)),
      doubts: Object.fromEntries(doubtedSetups(judging.soFar, out.setups)),
      strengths: Object.fromEntries([
        ...AXIS_IDS.flatMap(axis => ask.axes[axis].reasons.map(({ rule, strength }) => [rule.id, strength] as const)),
        ...TRAILERS.map(row => [row.id, Math.abs(row.lift) * trailerHolds(row, ask)] as const).filter(
          ([, strength]) => strength > 0,
        ),
      ]),
    },
  }
}

/** All that is told of the whole order: what was told ahead as it was told, and the rest. */
function wholeOf({ request, within, first: { strengths } }: Question, ranking: Ranking): Judgement {
  const { opened: asked, top, units } = request
  const out = inWords(explainRanking(within, ranking, { ...options(request), top, units }), units)
  const spines = spinesOf(ranking)
  const place = asked ? ranking.candidates.findIndex(c => c.profile.lure.id === asked) : -1
  const also =
    place < out.setups.length ? [] : inFull(ranking, [inWords(explainLure(within, ranking, asked!, units)!, units)])
  const told = [...out.setups, ...also]
  return Comlink.transfer(
    {
      out,
      opened: also[0] ? { setup: also[0], place } : null,
      presented: Object.fromEntries(presentedSetups(ranking, told)),
      doubts: Object.fromEntries(doubtedSetups(ranking, told)),
      strengths,
      fits: ranking.candidates.map(({ profile, score }) => ({ lureId: profile.lure.id, score })),
      spines,
    },
    [spines.fits.buffer],
  )
}

const api: JudgeApi = {
  coverage(reading, choice) {
    return {
      depthBySpeed: depthBySpeed(prepared.lures),
      clarityByPaint: clarityByPaint(prepared, reading, options(choice)),
      doubles: doubled([...prepared.lures, ...prepared.trailers.filter(t => t.lure.role === 'trailer')]).map(group =>
        group.map(p => p.lure.id),
      ),
    }
  },
  worth: (readings, choice) => worthAdding(prepared, readings, options(choice)),
  load(box, rules, useLog) {
    loaded = box
    countsLog = useLog
    prepared = prepareBox(box, { useLog })
    stored = rules
  },
  log(change) {
    const trips = changedLog(loaded.trips, change)
    loaded = { ...loaded, trips }
    prepared = withTrips(prepared, trips, { useLog: countsLog })
  },
  first(request) {
    question = begin(request)
    return question.first
  },
  async whole() {
    const mine = question
    if (!mine) return null
    const steps = mine.judging.inSteps(LURES_A_STEP)
    for (let since = performance.now(); !steps.next().done;) {
      if (performance.now() - since < PATIENCE_MS) continue
      await breathe()
      if (question !== mine) return null
      since = performance.now()
    }
    latest = mine.judging.whole()
    return wholeOf(mine, latest)
  },
  answer(request) {
    const asked = begin(request)
    return wholeOf(asked, asked.judging.whole())
  },
  firstAnswer: request => begin(request).first,
  next({ trip, now, several, only, units, ...choice }) {
    // What is on the line counts even when it was not packed.
    const onLine = new Set((trip.stints ?? []).map(s => s.lureId))
    const atHand = {
      ...loaded,
      lures: loaded.lures.filter(l => onLine.has(l.id) || isIn(only.lureIds, l.id)),
      outfits: loaded.outfits.filter(o => isIn(only.outfitIds, o.id)),
    }
    return inWords(nextOf(atHand, trip, { ...options(choice), now, several, useLog: countsLog }), units)
  },
  async flips(reading, choice, progress) {
    const mine = ++search
    const steps = flips(prepared, reading, options(choice))
    for (;;) {
      const step = steps.next()
      if (step.done) return step.value
      progress(step.value.done)
      await breathe()
      if (mine !== search) return null
    }
  },
  async howSure(reading, choice, units) {
    const mine = ++drawing
    const steps = howSure(prepared, reading, options(choice))
    for (;;) {
      const step = steps.next()
      if (step.done) return inWords(step.value, units)
      await breathe()
      if (mine !== drawing) return null
    }
  },
  sweep: (reading, field, values, choice) => sweep(prepared, reading, field, values, options(choice)),
  spoken(most) {
    const first = latest?.candidates.slice(0, most) ?? []
    const terms = latest && termsOf(latest.ask)
    const gains: Record<string, Float32Array> = {}
    first.forEach((candidate, place) => {
      for (const { push, gain } of contributionsOf(terms!, candidate.profile, candidate, candidate.levels))
        if (gain !== 0) (gains[push.rule.id] ??= new Float32Array(first.length))[place]! += gain
    })
    return { lureIds: first.map(c => c.profile.lure.id), gains }
  },
  sketches,
  stop() {
    search++
  },
  stopHowSure() {
    drawing++
  },
}

Comlink.expose(api)
