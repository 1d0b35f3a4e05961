import * as Comlink from 'comlink'
import { askOf, AXIS_IDS, type OwnRules } from '#core/ask'
import { clarityByPaint, depthBySpeed, doubled, worthAdding } from '#core/catalogue'
import { explainRanking, prepareBox, rank } from '#core/match'
import type { JudgeApi } from './judge.protocol'

let prepared = prepareBox({ lures: [], parts: [], outfits: [], tests: [], trips: [] })
let own: OwnRules = { rules: [], places: [] }

const api: JudgeApi = {
  coverage(reading, schools) {
    return {
      depthBySpeed: depthBySpeed(prepared.lures), clarityByPaint: clarityByPaint(prepared, reading, { schools, own }),
      doubles: doubled([...prepared.lures, ...prepared.trailers.filter(t => t.lure.role === 'trailer')]).map(group => group.map(p => p.lure.id)),
    }
  },
  worth: (readings, schools) => worthAdding(prepared, readings, { schools, own }),
  load(box, rules) {
    prepared = prepareBox(box)
    own = rules
  },
  judge({ reading, schools, top, units }) {
    const begun = performance.now()
    const ranking = rank(prepared, askOf(reading, { schools, own }))
    const tookMs = performance.now() - begun
    const asked = AXIS_IDS.filter(axis => ranking.ask.axes[axis].weight > 0)
    return {
      out: explainRanking(prepared, ranking, { top, units }),
      fits: ranking.candidates.map(({ profile, score, fits }) => ({
        lureId: profile.lure.id, score, spine: asked.map(axis => ({ axis, fit: fits[axis].fit, weight: ranking.ask.axes[axis].weight })),
      })),
      tookMs,
    }
  },
}

Comlink.expose(api)
