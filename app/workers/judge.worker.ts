import * as Comlink from 'comlink'
import { askOf, type AskOptions, type OwnRules } from '#core/ask'
import { clarityByPaint, depthBySpeed, doubled, worthAdding } from '#core/catalogue'
import {
  contributionsOf,
  flips,
  prepareBox,
  type PreparedBox,
  rank,
  type Ranking,
  sweep,
  termsOf,
  withTrips,
} from '#core/match'
import { nextOf } from '#core/rotation'
import { AXIS_IDS } from '#core/rule'
import type { Box } from '#core/tackle'
import { doubtedSetups, explainLure, explainRanking, presentedSetups, sketches } from '#core/tell'
import { inWords } from '#speech'
import { changedLog } from './log-change'
import type { JudgeApi, JudgeRequest, RuleChoice, Spines } from './judge.protocol'

let loaded: Box = { lures: [], parts: [], outfits: [], tests: [], trips: [] }
let prepared = prepareBox(loaded)
let countsLog = true
let stored: OwnRules = { rules: [], places: [] }
/** Behind the newest answer. */
let latest: Ranking | null = null
/** Rises with each search; an older one sees it and ends. */
let search = 0

const options = ({ schools, weights, own }: RuleChoice): AskOptions => ({ schools, weights, own: own ?? stored })
/** Lets waiting messages in between two steps of a long search. */
const breathe = () => new Promise<void>(resolve => setTimeout(resolve))

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
  judge({ reading, top, units, only, opened: asked, ...choice }) {
    const begun = performance.now()
    const ask = askOf(reading, options(choice))
    const within = only ? narrowed(only) : prepared
    const ranking = rank(within, ask)
    latest = ranking
    const tookMs = performance.now() - begun
    const out = inWords(explainRanking(within, ranking, { top, units }), units)
    const spines = spinesOf(ranking)
    const place = asked ? ranking.candidates.findIndex(c => c.profile.lure.id === asked) : -1
    const opened =
      place < out.setups.length ? null : { setup: inWords(explainLure(within, ranking, asked!, units)!, units), place }
    const told = opened ? [...out.setups, opened.setup] : out.setups
    return Comlink.transfer(
      {
        out,
        opened,
        presented: Object.fromEntries(presentedSetups(ranking, told)),
        doubts: Object.fromEntries(doubtedSetups(ranking, told)),
        fits: ranking.candidates.map(({ profile, score }) => ({ lureId: profile.lure.id, score })),
        spines,
        strengths: Object.fromEntries(
          AXIS_IDS.flatMap(axis => ask.axes[axis].reasons.map(({ rule, strength }) => [rule.id, strength])),
        ),
        tookMs,
      },
      [spines.fits.buffer],
    )
  },
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
}

Comlink.expose(api)
