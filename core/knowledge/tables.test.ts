import { describe, expect, it } from 'vitest'
import { CADENCES, FAMILIES, FORAGE, RIGS, SPECIES } from '#core/terms'
import { CADENCE_TABLE } from './cadences'
import { DIVE_PATH, DIVE_TABLE } from './dive-table'
import { type EyeRow, EYES, SPECIES_EYES } from './eyes'
import { FAMILY_TABLE, STYLE_TABLE, typicalOf } from './families'
import { FORAGE_TABLE } from './forage'
import { TREBLE_G } from './hooks'
import { LIGHT_FIELD, LIGHT_FIELD_RATIO } from './light-field'
import { LINE_DENSITY } from './lines'
import { FORAGE_PREY, PREY } from './paints'
import { METAL, SEA_SHORE, SWELL } from './lead'
import { FAR, HOLDS } from './rod-jobs'
import { SPECIES_TABLE } from './species'
import { TACTICS } from './tactics'
import { TECHNIQUES } from './techniques'

describe('families', () => {
  it.each(FAMILIES)('%s: figures are possible and in order', family => {
    const row = FAMILY_TABLE[family]
    const [start, best, roll] = row.speedMs
    expect(start).toBeLessThan(best)
    expect(best).toBeLessThan(roll)
    for (const scale of [row.bulk, row.vibration, row.flash, row.intensity])
      expect(scale).toBe(Math.min(5, Math.max(1, scale)))
    expect(row.snagGuard).toBeLessThanOrEqual(3)
    expect(row.densityKgM3 < 1000).toBe(row.buoyancy === 'floats')
    expect(row.weightG * row.lengthMm * row.slenderness).toBeGreaterThan(0)
  })
  it.each(FAMILIES)('%s can be fished in at least one way', family =>
    expect(TECHNIQUES.some(t => t.families.includes(family))).toBe(true),
  )
  it('a style changes only what it names', () => {
    expect(typicalOf('crankbait', 'deep-diver')).toEqual({
      ...FAMILY_TABLE.crankbait,
      ...STYLE_TABLE.crankbait!['deep-diver'],
    })
    expect(typicalOf('crankbait', 'unheard-of')).toBe(FAMILY_TABLE.crankbait)
  })
  it('blade and lip orders of the trade hold: deep before medium before shallow divers', () => {
    const depth = (style: string) => typicalOf('crankbait', style).runsAtM!
    expect(depth('deep-diver')).toBeGreaterThan(depth('medium-diver'))
    expect(depth('medium-diver')).toBeGreaterThan(depth('square-lip'))
    expect(depth('square-lip')).toBeGreaterThan(depth('shallow'))
  })
})

describe('species and forage', () => {
  // Trade §20, from memory: a few that the handbook prints.
  it.each([
    ['largemouth-bass', 18, 29],
    ['northern-pike', 6, 21],
    ['lake-trout', 4, 12],
    ['snook', 22, 31],
    ['pollack', 7, 15],
  ] as const)('%s is active from %d to %d °C', (id, low, high) => {
    expect(SPECIES_TABLE[id].activeC).toEqual([low, high])
  })
  it.each(SPECIES)('%s: ranges rise, prey and families are known', id => {
    const { activeC, spawnC, stressC, forage, families } = SPECIES_TABLE[id]
    expect(activeC[0]).toBeLessThan(activeC[1])
    if (spawnC) expect(spawnC[0]).toBeLessThan(spawnC[1])
    if (stressC !== null) expect(stressC).toBeGreaterThan(activeC[1])
    expect(forage.every(f => f in FORAGE_TABLE)).toBe(true)
    expect(families.length).toBeGreaterThan(4)
    expect(families.every(f => f in FAMILY_TABLE)).toBe(true)
  })
  it('toothy: pike, muskellunge, bluefish; light for mackerel; walleye and zander not (contract)', () => {
    expect(SPECIES.filter(id => SPECIES_TABLE[id].toothy === 'yes').sort()).toEqual([
      'bluefish',
      'muskellunge',
      'northern-pike',
    ])
    expect([SPECIES_TABLE.mackerel.toothy, SPECIES_TABLE.zander.toothy, SPECIES_TABLE.walleye.toothy]).toEqual([
      'light',
      'no',
      'no',
    ])
  })
  it.each(FORAGE)('%s has a length', id => expect(FORAGE_TABLE[id].lengthMm).toBeGreaterThan(0))
})

describe('tables of figures', () => {
  it('dive table: deeper with each longer cast, 30 m is the rating, a raised tip always costs', () => {
    for (const { ratedM, byCast, tipRaise } of DIVE_TABLE) {
      expect(byCast).toEqual([...byCast].sort((a, b) => a - b))
      expect(byCast[2]).toBe(ratedM)
      expect(tipRaise).toBeLessThan(0)
    }
    expect(Math.max(...DIVE_PATH.depth)).toBe(1)
    expect(DIVE_PATH.distance).toEqual([...DIVE_PATH.distance].sort((a, b) => a - b))
  })
  it('every fish has eyes whose brightness cones are among its cones; every forage looks like some prey', () => {
    for (const id of SPECIES) {
      const { cones, brightness } = EYES[SPECIES_EYES[id]] as EyeRow
      for (const peak of brightness) expect(cones.map(c => c.lambdaMaxNm)).toContain(peak)
    }
    for (const id of FORAGE) expect(PREY[FORAGE_PREY[id]].label).not.toBe('')
  })
  it('black bass, walleye and trout have the published cones (Mitchem 2018; Burkhardt 1980; Hawryshyn & Harosi 1994)', () => {
    const cones = (id: keyof typeof EYES) => EYES[id].cones.map(c => c.lambdaMaxNm)
    expect([cones('blackBass'), cones('walleye'), cones('troutAdult')]).toEqual([
      [535, 614],
      [533, 605],
      [434, 531, 576],
    ])
  })
  it('the light field rises with scattering in every view but the window, row by row', () => {
    for (const [column, row] of Object.entries(LIGHT_FIELD)) {
      expect(row).toHaveLength(LIGHT_FIELD_RATIO.length)
      if (column !== 'window' && column !== 'zenith') expect([...row]).toEqual([...row].sort((a, b) => a - b))
    }
  })
  it('line: braid floats, nylon and fluorocarbon sink', () => {
    expect(LINE_DENSITY.braid).toBeLessThan(1000)
    expect(LINE_DENSITY.fluorocarbon).toBeGreaterThan(LINE_DENSITY.nylon)
  })
  it('every cadence and rig in use is a known one, and pauses shorten with activity', () => {
    for (const { rig } of TECHNIQUES) expect(RIGS).toContain(rig)
    for (const { cadences, rigs } of TACTICS) {
      for (const { cadence } of cadences) expect(CADENCES).toContain(cadence)
      for (const rig of rigs) expect(TECHNIQUES.some(t => t.rig === rig)).toBe(true)
    }
    for (const { pauseS } of Object.values(CADENCE_TABLE))
      if (pauseS) expect(pauseS).toEqual([...pauseS].sort((a, b) => b - a))
    expect(CADENCE_TABLE['jerk-pause'].pauseS![0]).toBeGreaterThanOrEqual(30) // trade §5: 30–40 s in cold water
  })
  it('trebles weigh more the larger they are', () => {
    const grams = ['10', '8', '6', '5', '4', '2', '1/0'].map(size => TREBLE_G[size]!)
    expect(grams).toEqual([...grams].sort((a, b) => a - b))
  })
})

describe('rows of the craft say what they do', () => {
  it('a rod and a line that hold the fish', () => {
    for (const { text, testKg, power } of HOLDS.slice(1)) {
      expect(text).toContain(`${testKg} kg`)
      if (power !== 'ultralight') expect(text).toContain(`${power} power`)
    }
    expect(HOLDS.map(row => row.testKg)).toEqual(HOLDS.map(row => row.testKg).sort((a, b) => a - b))
  })
  it('the long rod, and the weight of metal under the boat', () => {
    expect(FAR.text).toContain(`${FAR.rodM} m`)
    const [least, most] = METAL.gPerM.map(grams => grams * 20)
    expect(METAL.text).toContain(`${least}–${most} g over fish at 20 m`)
  })
  it('heads in swell and on the open shore', () => {
    expect(SWELL.text).toContain('waves of a metre twice the lead')
    expect(Math.round(1 + SWELL.perM)).toBe(2)
    expect(SEA_SHORE.text).toContain(`heads of ${SEA_SHORE.leastG} g and more`)
  })
})
