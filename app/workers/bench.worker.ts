import * as Comlink from 'comlink'
import { LINE_DENSITY } from '#core/knowledge'
import { calibrateCast, retrieve } from '#core/motion'
import { waterDensity } from '#core/water'
import type { BenchApi } from './bench.protocol'

const WATER = { density: waterDensity(15), current: 0 }
/** The contract's rating cast. */
const USE = { cast: 30, tip: 0.8, speed: 0.8, startDepth: 0 }
const LINE = { diameter: 0.0003, density: LINE_DENSITY.nylon }

const api: BenchApi = {
  changedDepth({ rated, beforeN, afterN }) {
    const plug = calibrateCast(
      {
        depth: rated.depthM,
        cast: rated.castM,
        tip: rated.tipM,
        speed: rated.speedMs,
        line: { diameter: rated.lineDiameterMm / 1000, density: LINE_DENSITY.nylon },
      },
      beforeN,
      WATER,
    )
    if (!plug) return { before: null, after: null }
    const runs = (netWeight: number) => retrieve({ ...plug, netWeight }, LINE, WATER, USE).deepest.depth
    return { before: runs(beforeN), after: runs(afterN) }
  },
}

Comlink.expose(api)
