import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Ask, askOf } from '#core/ask'
import { LINE_DENSITY, SPECIES_TABLE } from '#core/knowledge'
import { rodFit, windowVerdict } from '#core/lure'
import { castLength } from '#core/motion'
import { overallDesirability } from '#core/numeric'
import type { Reading } from '#core/reading'
import { AXIS_IDS } from '#core/rule'
import type { Box } from '#core/tackle'
import { MOODS, SPECIES, STAINS, STANDS } from '#core/terms'
import { waterDensity } from '#core/water'
import { assemblyFits, type AxisFits, colourJudgeFor, lureFits, placementFits, rodAxis, techniqueFits } from './fits'
import { addedWeights, contactFor } from './lead'
import { place } from './presentation'
import { prepareBox, type PreparedBox, rank } from './rank'
import { trailerChoice } from './trailer'
import demo from '../../demo/box.json'

/** The same judgement without pruning or shortcuts: every way of fishing every lure is worked out in full, and the best kept. Same tables, same trailers. */
function plainBest({ lures, trailers, outfits, spoons, box }: PreparedBox, ask: Ask): Map<string, number> {
  const { reading } = ask
  const density = waterDensity(reading.temperatureC, reading.salinityPsu)
  const contact = contactFor(ask, density)
  const colours = colourJudgeFor(ask)
  const trailersFor = trailerChoice(trailers, ask)
  const best = new Map<string, number>()
  for (const profile of lures) {
    if (profile.lure.quantity === 0) continue
    let own = 0
    let assumed = 0
    for (const technique of profile.techniques) {
      if (technique.from && !technique.from.includes(reading.from)) continue
      for (const added of addedWeights(technique, profile, { parts: box.parts, spoons, ask, contact })) {
        for (const trailer of trailersFor(profile)) {
          for (const outfit of outfits) {
            if (technique.mode === 'troll' && outfit.outfit.rod.kind !== 'trolling') continue
            const totalG = profile.weightG.value + (trailer?.weightG.value ?? 0) + added.grams
            const verdict = windowVerdict(outfit.outfit, totalG)
            if (typeof verdict === 'string') continue
            const hook = technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook
            const rod = verdict.fit * rodFit(outfit.outfit, { hook, inCover: ask.axes.snagGuard.best > 2, mode: technique.mode, family: profile.lure.family, from: reading.from, biteProof: SPECIES_TABLE[reading.species].toothy === 'yes', crankReel: ask.schools.crankReel })
            const low = reading.from === 'wading' || reading.from === 'kayak' ? 0.9 : 1
            const castM = technique.mode !== 'cast' && technique.mode !== 'troll' ? Math.max(1, reading.bottomM)
              : (outfit.outfit.castM ?? castLength({ rod: outfit.outfit.rod.kind, power: outfit.outfit.rod.power ?? null, loadPlace: verdict.place, castFactor: profile.typical.castFactor })) * low
            const tackle = { profile, technique, trailer, added, castM, lineMm: outfit.lineMm, lineDensity: LINE_DENSITY[outfit.outfit.line.material] }
            const placement = place(tackle, { ask, waterDensity: density, contact })
            if ('why' in placement) continue
            const fits: AxisFits = { ...lureFits(profile, ask, colours), ...techniqueFits(profile, technique, ask), ...assemblyFits(tackle, ask, density), ...placementFits(placement, profile), rod: rodAxis(rod, profile, true) }
            const asked = AXIS_IDS.filter(axis => ask.axes[axis].weight > 0)
            const score = overallDesirability(asked.map(axis => fits[axis].fit), asked.map(axis => ask.axes[axis].weight)) ?? 0
            if (technique.adds !== 'nothing' && added.part === null && !added.spoon) assumed = Math.max(assumed, score)
            else own = Math.max(own, score)
          }
        }
      }
    }
    const score = own || assumed
    if (score > 0) best.set(profile.lure.id, score)
  }
  return best
}

// Without the log: its factor comes after the ranking and is tested by itself.
const box = prepareBox(demo as unknown as Box, { useLog: false })
const readings: fc.Arbitrary<Reading> = fc.record({
  species: fc.constantFrom(...SPECIES), temperatureC: fc.double({ min: 2, max: 30, noNaN: true }), visibilityM: fc.double({ min: 0.15, max: 8, noNaN: true }), stain: fc.constantFrom(...STAINS),
  mood: fc.constantFrom(...MOODS), from: fc.constantFrom(...STANDS), bottomM: fc.double({ min: 1, max: 14, noNaN: true }), currentMs: fc.double({ min: 0, max: 1, noNaN: true }),
  cover: fc.subarray(['open', 'grass', 'wood', 'rock', 'dock'] as const, { minLength: 1, maxLength: 2 }).map(list => [...list]),
})

describe('ranking fast and plainly', () => {
  it('gives every lure the same score, whatever the reading', { timeout: 120_000 }, () => {
    fc.assert(fc.property(readings, (reading) => {
      const ask = askOf(reading)
      const plain = plainBest(box, ask)
      const fast = new Map(rank(box, ask).candidates.map(c => [c.profile.lure.id, c.score]))
      expect([...fast.keys()].sort()).toEqual([...plain.keys()].sort())
      for (const [id, score] of fast) expect(score, id).toBeCloseTo(plain.get(id)!, 9)
    }), { numRuns: 25 })
  })
})
