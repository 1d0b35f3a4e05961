import { bench, describe } from 'vitest'
import { colourJudge, DEFAULT_PREY } from '#core/light'

const PAINTS = Array.from({ length: 30 }, (_, i) => `#${((i * 0x2f3a51) % 0xffffff).toString(16).padStart(6, '0')}`)
const DEPTHS = Array.from({ length: 12 }, (_, i) => 0.5 + 0.5 * i)

describe('colours under water', () => {
  bench(
    '30 colours × 12 depths',
    () => {
      for (const depthM of DEPTHS) {
        const judge = colourJudge({
          visibilityM: 1.5,
          stain: 'green',
          depthM,
          sunAltitudeDeg: 45,
          sky: 'sun',
          moonFraction: 0,
          species: 'brown-trout',
          zone: 'mid',
          prey: DEFAULT_PREY,
        })
        for (const side of PAINTS)
          judge.look({ colours: { side, back: side, belly: side }, family: 'crankbait', actionStyle: 'wobble' })
      }
    },
    { time: 2000 },
  )
})
