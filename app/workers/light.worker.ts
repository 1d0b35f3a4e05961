import * as Comlink from 'comlink'
import {
  colourJudge,
  conspicuousness,
  contrast,
  lightScene,
  likenessDistance,
  lureSurface,
  previewOf,
  reachOfSight,
} from '#core/light'
import type { LightApi } from './light.protocol'

/** Points of a contrast curve, as multiples of the distance at which likeness is judged. */
const CURVE = [0.25, 0.5, 1, 1.5, 2, 3, 4, 6, 8, 11, 15]

const api: LightApi = {
  colours({ scene: given, lures, depthM, depthsM }) {
    const begun = performance.now()
    const judge = colourJudge({ ...given, depthM })
    const near = likenessDistance(judge.scene)
    const scenes = depthsM.map(depth => lightScene({ ...given, depthM: depth }))
    const water = scenes.map(scene => {
      const { water: beside } = previewOf(lureSurface({ colours: {}, family: 'crankbait', actionStyle: 'none' }), scene)
      return { hex: beside.hex, lux: scene.lux, isDark: beside.isDark }
    })
    return {
      water,
      lures: lures.map(({ id, looks }) => {
        const surface = lureSurface(looks)
        const { byView } = conspicuousness(surface, judge.lines)
        return {
          id,
          ...judge.look(looks),
          views: judge.lines.views.map(({ view }) => {
            const { score, isBright, hue, brightness } = byView[view]!
            return { view, score, isBright, hue, brightness }
          }),
          reachM: reachOfSight(surface, judge.scene, judge.eye),
          curve: CURVE.map(multiple => ({
            distanceM: multiple * near,
            jnd: contrast(surface, judge.scene, judge.eye, 'level', multiple * near).total,
          })),
          swatches: scenes.map(scene => [...previewOf(surface, scene).zones.values()].map(s => s.hex)),
        }
      }),
      tookMs: performance.now() - begun,
    }
  },
}

Comlink.expose(api)
