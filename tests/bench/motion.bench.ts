import { bench, describe } from 'vitest'
import { calibrateTow, fitFall, retrieve, towDepth } from '#core/motion'

const tow = { lineOut: 30, lineDiameter: 0.0003, tip: 0.5 }
const plug = calibrateTow(3, tow)!
const lure = { dragArea: 7.8e-4, liftArea: 3e-4, netWeight: 0 }

describe('the bench’s solvers', () => {
  bench('one towed dive (closed form)', () => void towDepth(plug, { ...tow, lineOut: 45 }))
  bench(
    'one retrieve path, 30 m cast',
    () =>
      void retrieve(
        lure,
        { diameter: 0.0003, density: 1140 },
        { density: 999, current: 0 },
        { cast: 30, tip: 0.8, speed: 0.8, startDepth: 0 },
      ),
  )
  bench(
    'one fit of five timed drops',
    () => void fitFall({ mass: 0.0091, volume: 7.5e-6 }, 2, [12.1, 12.5, 12.6, 12.4, 12.8], 998),
  )
})
