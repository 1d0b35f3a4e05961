import * as Comlink from 'comlink'
import { askOf, type AskOptions, AXIS_IDS, type OwnRules } from '#core/ask'
import { clarityByPaint, depthBySpeed, doubled, worthAdding } from '#core/catalogue'
import { explainRanking, flips, prepareBox, presentedSetups, rank, sweep } from '#core/match'
import type { JudgeApi, RuleChoice } from './judge.protocol'

let prepared = prepareBox({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
let stored: OwnRules = { rules: [], places: [] }
/** Rises with each search; an older one sees it and ends. */
let search = 0

const options = ({ schools, weights, own }: RuleChoice): AskOptions => ({ schools, weights, own: own ?? stored })
/** Lets waiting messages in between two steps of a long search. */
const breathe = () => new Promise<void>(resolve => setTimeout(resolve))

const api: JudgeApi = {
  coverage(reading, choice) {
    return {
      depthBySpeed: depthBySpeed(prepared.lures), clarityByPaint: clarityByPaint(prepared, reading, options(choice)),
      doubles: doubled([...prepared.lures, ...prepared.trailers.filter(t => t.lure.role === 'trailer')]).map(group => group.map(p => p.lure.id)),
    }
  },
  worth: (readings, choice) => worthAdding(prepared, readings, options(choice)),
  load(box, rules) {
    prepared = prepareBox(box)
    stored = rules
  },
  judge({ reading, top, units, ...choice }) {
    const begun = performance.now()
    const ask = askOf(reading, options(choice))
    const ranking = rank(prepared, ask)
    const tookMs = performance.now() - begun
    const asked = AXIS_IDS.filter(axis => ask.axes[axis].weight > 0)
    const out = explainRanking(prepared, ranking, { top, units })
    return {
      out,
      presented: Object.fromEntries(presentedSetups(ranking, out.setups)),
      fits: ranking.candidates.map(({ profile, score, fits }) => ({
        lureId: profile.lure.id, score, spine: asked.map(axis => ({ axis, fit: fits[axis].fit, weight: ask.axes[axis].weight })),
      })),
      strengths: Object.fromEntries(AXIS_IDS.flatMap(axis => ask.axes[axis].reasons.map(({ rule, strength }) => [rule.id, strength]))),
      tookMs,
    }
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
  stop() {
    search++
  },
}

Comlink.expose(api)
