import { describe, expect, it } from 'vitest'
import { completeReading, contradictionsOf, type Reading } from '#core/reading'
import { contradictionInWords } from './contradiction-words'

const said = (part: Partial<Reading>) => {
  const reading: Reading = { species: 'perch', temperatureC: 12, ...part }
  return contradictionsOf(reading).map(found => contradictionInWords(found, completeReading(reading).reading))
}

describe('contradictions in words', () => {
  it('names waters as one speaks of them', () => {
    expect(said({ species: 'mackerel', water: 'lake' })).toEqual([
      { what: 'mackerel in a lake', mend: 'It is the sea' },
    ])
    expect(said({ species: 'smallmouth-bass', water: 'surf' })).toEqual([
      { what: 'smallmouth bass in the surf', mend: 'It is a lake' },
    ])
    expect(said({ species: 'spotted-seatrout', water: 'pond' })[0]!.mend).toBe('It is an estuary')
    expect(said({ cover: ['kelp'] })[0]!.what).toBe('Kelp in a lake')
  })
})
