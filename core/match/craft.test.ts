import { describe, expect, it } from 'vitest'
import { askOf, desirabilityAt } from '#core/ask'
import { PAUSES, TACTICS, type TechniqueRow, TRAILERS } from '#core/knowledge'
import { NOTHING_ADDED, prepareOutfit, profileOf, sinkingNewton } from '#core/lure'
import type { Reading } from '#core/reading'
import type { BenchTest, Lure, Outfit, Part } from '#core/tackle'
import type { Family } from '#core/terms'
import { hookSizeRank } from '#core/units'
import { waterDensity } from '#core/water'
import { hookFor } from './hook-size'
import { addedWeights, leadWanted } from './lead'
import { paceOf, pauseOf, usualPace } from './pace'
import { prepareBox, rank } from './rank'
import { rodFault, rodGain, type RodTask } from './rod'
import { trailerChoice } from './trailer'

/** The craft (docs/handbook.md §6, §9, §23): common practice, no source; every expectation is a line of the handbook's tables. */

const tactic = (id: string) => TACTICS.find(t => t.id === id)!
const water = (part: Partial<Reading> = {}): Reading => ({
  species: 'largemouth-bass',
  temperatureC: 18,
  visibilityM: 1.5,
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  from: 'boat',
  windMs: 1,
  ...part,
})
const outfit = (rod: Partial<Outfit['rod']> = {}, rest: Partial<Outfit> = {}) =>
  prepareOutfit({
    id: 'o',
    name: 'o',
    rod: { kind: 'casting', lureMinG: 7, lureMaxG: 30, power: 'medium', action: 'moderate', ...rod },
    line: { material: 'nylon', diameterMm: 0.3 },
    ...rest,
  })
const task = (id: string, part: Partial<RodTask> = {}): RodTask => ({
  tactic: tactic(id),
  totalG: 12,
  lengthMm: 80,
  hooks: 'single',
  inCover: false,
  fromBank: false,
  water: 'lake',
  species: 'largemouth-bass',
  schools: { crankReel: 'fast' },
  heeds: { job: 1, hold: 1, far: 1 },
  ...part,
})

describe('pauses and pace', () => {
  it('what the rod moves is moved at a decimetre a second at least, however cold and slow', () => {
    for (const temperatureC of [1, 4, 10, 25])
      for (const mood of ['lethargic', 'neutral', 'aggressive'] as const)
        for (const { id, pace } of TACTICS) {
          if (pace !== null) continue
          const here = askOf(water({ temperatureC, mood }))
          const usual = usualPace(here)
          expect(paceOf(tactic(id), here), `${id} ${temperatureC} ${mood}`).toBeGreaterThanOrEqual(0.1)
          expect(paceOf(tactic(id), here), `${id} ${temperatureC} ${mood}`).toBeLessThan(Math.max(0.11, usual))
        }
  })

  it('a hung plug: 30–40 s below 6 °C, 2–4 s at 15–22 °C (§23.2)', () => {
    expect(pauseOf(tactic('plug-hung'), askOf(water({ temperatureC: 4 })))).toBeGreaterThanOrEqual(30)
    expect(pauseOf(tactic('plug-jerked'), askOf(water({ temperatureC: 18.5 })))).toBeGreaterThanOrEqual(2)
    expect(pauseOf(tactic('plug-jerked'), askOf(water({ temperatureC: 18.5 })))).toBeLessThanOrEqual(4)
  })
  it('colder is never shorter and never faster, slower moods neither', () => {
    for (const { id } of TACTICS) {
      let before = Infinity
      for (const temperatureC of [3, 6, 9, 12, 15, 18, 21, 24, 27]) {
        const now = pauseOf(tactic(id), askOf(water({ temperatureC }))) ?? 0
        expect(now, id).toBeLessThanOrEqual(before)
        before = now
      }
      for (const [slow, fast] of [
        ['lethargic', 'neutral'],
        ['neutral', 'aggressive'],
      ] as const) {
        expect(pauseOf(tactic(id), askOf(water({ mood: slow }))) ?? 0, id).toBeGreaterThanOrEqual(
          pauseOf(tactic(id), askOf(water({ mood: fast }))) ?? 0,
        )
        expect(paceOf(tactic(id), askOf(water({ mood: slow }))), id).toBeLessThan(
          paceOf(tactic(id), askOf(water({ mood: fast }))),
        )
      }
    }
    expect(usualPace(askOf(water({ temperatureC: 5 })))).toBeLessThan(usualPace(askOf(water({ temperatureC: 20 }))))
  })
  it('a trout at 12 °C is wound faster than a bass at 12 °C: species by its own temperature', () => {
    expect(usualPace(askOf(water({ species: 'brown-trout', temperatureC: 12 })))).toBeGreaterThan(
      usualPace(askOf(water({ temperatureC: 12 }))),
    )
  })
  it('rows fall with warmth', () => {
    for (const { seconds } of Object.values(PAUSES)) expect([...seconds]).toEqual([...seconds].sort((a, b) => b - a))
  })
})

describe('rods by job', () => {
  it('trebles want a softer rod (§9)', () =>
    expect(rodGain(outfit({ action: 'extra-fast' }), task('plug-bumped', { hooks: 'trebles' }))).toBeLessThan(
      rodGain(outfit(), task('plug-bumped', { hooks: 'trebles' })),
    ))
  it('a single hook in cover wants power', () =>
    expect(
      rodGain(outfit({ power: 'light', action: 'fast' }), task('weedless-dragged', { inCover: true })),
    ).toBeLessThan(rodGain(outfit({ power: 'heavy', action: 'fast' }), task('weedless-dragged', { inCover: true }))))
  it('drop shot: fast, not extra fast', () =>
    expect(
      rodGain(outfit({ kind: 'spinning', power: 'medium-light', action: 'extra-fast' }), task('drop-shot')),
    ).toBeLessThan(rodGain(outfit({ kind: 'spinning', power: 'medium-light', action: 'fast' }), task('drop-shot'))))
  it('slow vertical metal: a blank that bends through', () =>
    expect(
      rodGain(
        outfit({ kind: 'jigging', power: 'medium-light', action: 'fast' }),
        task('vertical-slow', { totalG: 150 }),
      ),
    ).toBeLessThan(
      rodGain(
        outfit({ kind: 'jigging', power: 'medium-light', action: 'slow' }),
        task('vertical-slow', { totalG: 150 }),
      ),
    ))
  it('long jigs by a spinning reel, short ones by an overhead (§8)', () => {
    const [spinning, overhead] = (['spinning', 'overhead'] as const).map(kind =>
      outfit({ kind: 'jigging', power: 'heavy', action: 'moderate' }, { reel: { kind } }),
    )
    expect(rodGain(spinning!, task('vertical-fast', { totalG: 200, lengthMm: 195 }))).toBeGreaterThan(
      rodGain(overhead!, task('vertical-fast', { totalG: 200, lengthMm: 195 })),
    )
    expect(rodGain(spinning!, task('vertical-fast', { totalG: 150, lengthMm: 100 }))).toBeLessThan(
      rodGain(overhead!, task('vertical-fast', { totalG: 150, lengthMm: 100 })),
    )
  })
  it('a surf rod belongs on the shore', () =>
    expect(rodGain(outfit({ kind: 'surf' }), task('needle-held'))).toBeLessThan(
      rodGain(outfit({ kind: 'surf' }), task('needle-held', { fromBank: true })),
    ))
  it('from the shore of the sea all that flies wants distance (§23.4), a popper on the surf rod as well; from its boat the short rod', () => {
    const [short, long, surf] = [
      outfit({ kind: 'spinning', lengthM: 2.15, action: 'fast' }),
      outfit({ kind: 'spinning', lengthM: 2.7, action: 'fast' }),
      outfit({ kind: 'surf', lengthM: 3.2, power: 'heavy', action: 'moderate-fast' }),
    ]
    const popper = (part: Partial<RodTask>) => task('surface-popped', { totalG: 48, water: 'surf', ...part })
    expect(rodGain(long, popper({ fromBank: true }))).toBeGreaterThan(rodGain(short, popper({ fromBank: true })))
    expect(rodGain(surf, popper({ fromBank: true }))).toBeGreaterThan(rodGain(short, popper({ fromBank: true })))
    expect(rodGain(long, popper({ fromBank: false }))).toBeLessThan(rodGain(short, popper({ fromBank: false })))
    // A lure that does not fly, and a shore before which all is in reach.
    expect(rodGain(short, popper({ fromBank: true, totalG: 6 }))).toBeGreaterThan(
      rodGain(long, popper({ fromBank: true, totalG: 6 })),
    )
    expect(rodGain(short, popper({ fromBank: true, water: 'river' }))).toBeGreaterThan(
      rodGain(long, popper({ fromBank: true, water: 'river' })),
    )
  })
  it('afloat a long rod is in the way, unless its job asks for one (§23.4)', () => {
    const [short, long] = [2.3, 2.6].map(lengthM => outfit({ lengthM, power: 'heavy' }))
    const longer = (id: string) => rodGain(long!, task(id, { totalG: 90 })) - rodGain(short!, task(id, { totalG: 90 }))
    expect(longer('weedless-dragged')).toBeLessThan(0)
    expect(longer('umbrella')).toBe(0)
  })
  it('a rod is not chosen for casting badly: metal for fish at the top of the surf hangs on the long one, though it runs deeper on the longer cast', () => {
    const [short, long] = (
      [
        ['short', 'casting', 2.15, 70],
        ['long', 'surf', 3.2, 110],
      ] as const
    ).map(([id, kind, lengthM, lureMaxG]): Outfit => ({
      id,
      name: id,
      rod: { kind, lengthM, power: 'heavy', action: 'fast', lureMinG: 14, lureMaxG },
      line: { material: 'braid', diameterMm: 0.3 },
    }))
    const metal: Lure = { id: 'metal', name: 'metal', family: 'casting-metal', lengthMm: 100, weightG: 60 } as Lure
    const surf = askOf(
      water({ species: 'bluefish', water: 'surf', from: 'bank', fishFromM: 0, fishToM: 1, mood: 'aggressive' }),
    )
    const on = (outfits: readonly Outfit[]) =>
      rank(prepareBox({ lures: [metal], parts: [], outfits, tests: [], trips: [] }), surf).candidates[0]!
    expect(on([short!, long!]).outfit!.outfit.id).toBe('long')
    expect(on([short!]).placement.depthFit).toBeGreaterThan(on([long!]).placement.depthFit)
  })
  it('metal is thrown far from any open shore, not across a river', () => {
    const [short, long] = [2.1, 2.4].map(lengthM => outfit({ kind: 'spinning', lengthM, action: 'fast' }))
    const metal = (water: RodTask['water']) =>
      rodGain(long!, task('metal-counted', { totalG: 18, fromBank: true, water })) -
      rodGain(short!, task('metal-counted', { totalG: 18, fromBank: true, water }))
    expect(metal('lake')).toBeCloseTo(0.45, 9)
    expect(metal('river')).toBeCloseTo(0.1, 9)
  })
  it('heads to 10 g: medium-light (§23.4); the lightest on the lightest', () => {
    const [ultralight, mediumLight] = (['ultralight', 'medium-light'] as const).map(power =>
      outfit({ kind: 'spinning', power, action: 'fast' }),
    )
    const head = (totalG: number) => task('head-hopped', { totalG })
    expect(rodGain(mediumLight!, head(6))).toBeGreaterThan(rodGain(ultralight!, head(6)))
    expect(rodGain(mediumLight!, head(2))).toBeLessThan(rodGain(ultralight!, head(2)))
  })
  it('weedless in weed medium-heavy and more (§23.4); for fish that are not pulled out of it the bait decides', () => {
    const [light, stout] = (['light', 'medium-heavy'] as const).map(power =>
      outfit({ kind: 'spinning', power, action: 'fast' }),
    )
    const stouter = (species: RodTask['species']) => {
      const dragged = task('weedless-dragged', { totalG: 6, species })
      return rodGain(stout!, dragged) - rodGain(light!, dragged)
    }
    expect(stouter('largemouth-bass')).toBeGreaterThan(0)
    expect(stouter('bream')).toBeLessThan(0)
  })
  it('a bait dragged through cover wants the heavy rod, one swum over it meets its fish above', () => {
    const [stout, heavy] = (['medium-heavy', 'heavy'] as const).map(power => outfit({ power, action: 'fast' }))
    const heavier = (id: string) =>
      rodGain(heavy!, task(id, { totalG: 18, inCover: true })) -
      rodGain(stout!, task(id, { totalG: 18, inCover: true }))
    expect(heavier('weedless-dragged')).toBeGreaterThan(0)
    expect(heavier('belly-over-grass')).toBe(0)
  })
  it('perch are not pulled through cover', () => {
    const light = outfit({ kind: 'spinning', power: 'light', action: 'fast' })
    const inCover = (species: RodTask['species']) => task('head-hopped', { totalG: 9, inCover: true, species })
    expect(rodGain(light, inCover('perch'))).toBeGreaterThan(rodGain(light, inCover('largemouth-bass')) + 1)
  })
  it('a leader for teeth is seen by fish without; those that break light gear need it', () => {
    const [stout, fine] = [0.9, 0.4].map(diameterMm =>
      outfit({ power: 'heavy' }, { leader: { material: 'fluorocarbon', diameterMm } }),
    )
    const apart = (species: RodTask['species']) =>
      rodGain(stout!, task('big-bait', { totalG: 80, species })) -
      rodGain(fine!, task('big-bait', { totalG: 80, species }))
    expect(apart('largemouth-bass')).toBeCloseTo(-0.3, 9)
    expect(apart('amberjack')).toBeCloseTo(0, 9)
  })
  it('a fish that breaks light gear: each step too light costs more than for another; the blank of a jigging rod bends through', () => {
    const apart = (kind: Outfit['rod']['kind'], id: string, species: RodTask['species']) => {
      const [light, heavy] = (['light', 'heavy'] as const).map(power => outfit({ kind, power, action: 'fast' }))
      return rodGain(heavy!, task(id, { species })) - rodGain(light!, task(id, { species }))
    }
    expect(apart('casting', 'head-wound', 'tarpon')).toBeGreaterThan(
      apart('casting', 'head-wound', 'largemouth-bass') + 3,
    )
    expect(apart('spinning', 'vertical-lift', 'cobia')).toBeGreaterThan(apart('spinning', 'vertical-lift', 'perch') + 3)
    expect(apart('casting', 'head-wound', 'snook')).toBeGreaterThan(
      apart('casting', 'head-wound', 'largemouth-bass') + 1,
    )
    expect(apart('jigging', 'vertical-slow', 'amberjack')).toBeCloseTo(
      apart('jigging', 'vertical-slow', 'largemouth-bass'),
      9,
    )
  })
  it('a line holds a fish or costs by each halving of its test, whatever the rod', () => {
    const loss = (testKg: number, species: RodTask['species']) => {
      const [thin, stout] = [testKg, 30].map(kg =>
        outfit({ power: 'heavy' }, { line: { material: 'braid', testKg: kg, diameterMm: 0.2 } }),
      )
      return rodGain(stout!, task('head-wound', { species })) - rodGain(thin!, task('head-wound', { species }))
    }
    expect(loss(15, 'tarpon')).toBeCloseTo(0, 9)
    expect(loss(3.25, 'tarpon') - loss(6.5, 'tarpon')).toBeCloseTo(1.6, 9)
    expect(loss(6, 'snook')).toBeCloseTo(0, 9)
    expect(loss(2.25, 'snook')).toBeCloseTo(1.6, 9)
    expect(loss(2.25, 'brown-trout')).toBeCloseTo(0, 9)
  })
  it('what is most against a rod: it does not hold the fish, does not throw so far, or was made for another job', () => {
    const at = (part: Partial<RodTask>) => task('metal-fast', { totalG: 40, fromBank: true, water: 'surf', ...part })
    const [weak, short, soft] = [
      outfit({ kind: 'spinning', power: 'light', action: 'fast', lengthM: 2.7 }),
      outfit({ kind: 'spinning', power: 'medium-heavy', action: 'fast', lengthM: 1.5 }),
      outfit({ kind: 'fly', power: 'medium-heavy', action: 'slow', lengthM: 2.7 }),
    ]
    expect(rodFault(weak!, at({ species: 'tarpon' })).id).toBe('hold-breaks')
    expect(rodFault(short!, at({ species: 'mackerel' })).id).toBe('far')
    expect(rodFault(soft!, at({ species: 'mackerel' })).id).toBe('metal')
  })
  it('a row of the rods can be made to count double, or be switched off', () => {
    const gain = (factors: Partial<RodTask['heeds']>) =>
      rodGain(
        outfit({ kind: 'spinning', power: 'light', action: 'slow', lengthM: 1.5 }),
        task('metal-fast', {
          totalG: 40,
          fromBank: true,
          water: 'surf',
          species: 'tarpon',
          heeds: { job: 1, hold: 1, far: 1, ...factors },
        }),
      )
    const whole = gain({})
    const parts = (['job', 'hold', 'far'] as const).map(id => {
      const without = gain({ [id]: 0 })
      expect(without).toBeGreaterThan(whole)
      expect(gain({ [id]: 2 })).toBeCloseTo(2 * whole - without, 9)
      return whole - without
    })
    expect(parts.reduce((sum, part) => sum + part)).toBeCloseTo(whole, 9)
  })
  it('a leader that must be changed for teeth counts against the rod', () => {
    const leader = { material: 'fluorocarbon' as const, diameterMm: 0.4 }
    expect(rodGain(outfit({}, { leader }), task('spoon-wound', { species: 'northern-pike' }))).toBeLessThan(
      rodGain(
        outfit({}, { leader: { ...leader, diameterMm: 0.8 } }),
        task('spoon-wound', { species: 'northern-pike' }),
      ),
    )
  })
  it('the two schools of cranking reels (§19)', () => {
    const [low, high] = [5.1, 6.4].map(ratio => outfit({}, { reel: { ratio } }))
    expect(rodGain(low!, task('plug-bumped', { schools: { crankReel: 'slow' } }))).toBeGreaterThan(
      rodGain(high!, task('plug-bumped', { schools: { crankReel: 'slow' } })),
    )
    expect(rodGain(low!, task('plug-bumped'))).toBeLessThan(rodGain(high!, task('plug-bumped')))
  })
})

describe('casts and stops (§3, §5, §23.4)', () => {
  const box = (lures: Lure[]) =>
    prepareBox({
      lures,
      parts: [],
      outfits: [
        {
          id: 'o',
          name: 'o',
          rod: { kind: 'casting', lureMinG: 7, lureMaxG: 35, power: 'medium-heavy', action: 'fast' },
          line: { material: 'nylon', diameterMm: 0.33 },
        },
      ],
      tests: [],
      trips: [],
    })
  const first = (lure: Lure, reading: Reading) => rank(box([lure]), askOf(reading)).candidates[0]!
  const blades: Lure = { id: 'sb', name: 'sb', family: 'spinnerbait', weightG: 28, lengthMm: 120 }
  it('brush deep down is thrown far over, brush one sees is not', () => {
    const shallow = first(blades, water({ cover: ['brush'], bottomM: 2, fishFromM: 0.6, fishToM: 1.8 }))
    const deep = first(blades, water({ cover: ['brush'], bottomM: 5.5, fishFromM: 4, fishToM: 5.3 }))
    expect(shallow.castM).toBeLessThanOrEqual(18)
    expect(deep.castM).toBeGreaterThan(shallow.castM)
  })
  it('a plug that sinks is not left so long that it sinks past the fish', () => {
    const cold = water({ temperatureC: 9, visibilityM: 3, bottomM: 8, fishFromM: 3, fishToM: 4.5 })
    const plug = (id: string, buoyancy: Lure['buoyancy']): Lure => ({
      id,
      name: id,
      family: 'jerkbait',
      style: 'deep-lip',
      weightG: 17,
      lengthMm: 115,
      buoyancy: buoyancy!,
      runsAt: { depthM: 2.9 },
    })
    const [sinking, hanging] = [first(plug('sinks', 'sinks-slowly'), cold), first(plug('hangs', 'hangs'), cold)]
    expect(sinking.pauseS!).toBeLessThan(hanging.pauseS!)
    expect(sinking.placement.deepestM).toBeLessThan(4.5 + 1)
  })
})

const body = (family: Lure['family'], lengthMm: number, weightG: number, part: Partial<Lure> = {}) =>
  profileOf({ id: `${family}${lengthMm}`, name: 'x', family, lengthMm, weightG, role: 'both', ...part }, [])

describe('lead and hooks', () => {
  const head = profileOf({ id: 'p', name: 'p', family: 'paddle-tail', lengthMm: 95, weightG: 6 }, []).techniques.find(
    t => t.rig === 'threaded-head' && t.control === 'bottom',
  )!
  const at = (bottomM: number, part: Partial<Reading> = {}) =>
    leadWanted(
      head,
      body('paddle-tail', 95, 6),
      askOf(water({ bottomM, fishFromM: bottomM * 0.7, fishToM: bottomM, windMs: 0, ...part })),
    )
  it.each([
    [2, 1.8, 3.6],
    [4.5, 5, 7],
    [7.5, 10.4, 14],
  ])('a head at %s m: %s–%s g (§6)', (depth, least, most) => {
    expect(at(depth)).toBeGreaterThanOrEqual(least)
    expect(at(depth)).toBeLessThanOrEqual(most)
  })
  it('a bullet breaks through matted tops with 14 g and more, beside them it stays light (§23.5)', () => {
    const beaver = body('creature', 100, 11)
    const bullet = beaver.techniques.find(t => t.rig === 'bullet-weedless')!
    const through = (coverTopM: number, cover: Reading['cover']) =>
      leadWanted(bullet, beaver, askOf(water({ bottomM: 1.5, fishFromM: 0.3, fishToM: 1.5, cover, coverTopM })))
    expect(through(0.05, ['grass'])).toBeGreaterThanOrEqual(14)
    expect(through(1, ['grass'])).toBeLessThan(8)
    expect(through(0.05, ['rock'])).toBeLessThan(8)
  })
  describe('what weighs what it weighs', () => {
    const off = (family: Family, weightG: number, control: TechniqueRow['control'], part: Partial<Reading>) => {
      const bait = profileOf({ id: 'b', name: 'b', family, lengthMm: 100, weightG }, [])
      const direct = bait.techniques.find(t => t.control === control && t.adds === 'nothing')!
      const [added] = addedWeights(direct, bait, { parts: [], spoons: [], ask: askOf(water({ windMs: 0, ...part })) })
      return added!.off ?? 0
    }
    const rip = { bottomM: 9, fishFromM: 7, fishToM: 9, currentMs: 0.8 }
    const shallow = { bottomM: 2, fishFromM: 1, fishToM: 2 }
    it('a bucktail: too light for deep fast water counts, and too heavy along the bottom, where it ploughs, but in swell', () => {
      expect(off('hair-jig', 14, 'bottom', rip)).toBeGreaterThan(off('hair-jig', 18, 'bottom', rip))
      expect(off('hair-jig', 18, 'bottom', rip)).toBeGreaterThan(0)
      expect(off('hair-jig', 43, 'bottom', rip)).toBe(0)
      expect(off('hair-jig', 28, 'bottom', shallow)).toBeGreaterThan(off('hair-jig', 21, 'bottom', shallow))
      expect(off('hair-jig', 21, 'bottom', shallow)).toBeGreaterThan(0)
      expect(off('hair-jig', 28, 'bottom', { ...shallow, waveM: 1.2 })).toBe(0)
      expect(off('hair-jig', 43, 'count-down', shallow)).toBe(0)
    })
    it('metal under the boat: one to three grams for each metre down to the fish, more in a stream; a flutter spoon as it is', () => {
      const lake = { bottomM: 20, fishFromM: 8, fishToM: 10 }
      for (const grams of [10, 20, 30]) expect(off('slow-jig', grams, 'vertical', lake)).toBe(0)
      expect(off('slow-jig', 7, 'vertical', lake)).toBeGreaterThan(0)
      expect(off('slow-jig', 80, 'vertical', lake)).toBeGreaterThan(off('slow-jig', 40, 'vertical', lake))
      expect(off('slow-jig', 80, 'vertical', lake)).toBeGreaterThan(
        off('slow-jig', 80, 'vertical', { ...lake, currentMs: 0.7 }),
      )
      expect(off('slow-jig', 80, 'vertical', { ...lake, fishToM: 30, bottomM: 30 })).toBe(0)
      expect(off('flutter-spoon', 80, 'vertical', lake)).toBe(0)
    })
  })
  it('deeper, more current and more drift are heavier; a slow mood is not', () => {
    expect(at(6)).toBeGreaterThan(at(3))
    expect(at(5, { currentMs: 0.6 })).toBeGreaterThan(at(5))
    expect(at(5, { windMs: 9 })).toBeGreaterThan(at(5))
    expect(at(5, { mood: 'lethargic' })).toBeLessThan(at(5))
  })
  it.each([
    ['minnow-soft', 90, ['2', '1', '4']],
    ['paddle-tail', 100, ['3/0', '4/0', '5/0']],
    ['paddle-tail', 150, ['6/0', '7/0', '8/0']],
  ] as const)('a hook for a %s of %s mm', (family, mm, sizes) => {
    expect(sizes).toContain(hookFor(body(family, mm, 8), 1))
  })
  it.each([
    ['slender', 75, ['2/0', '3/0']],
    ['slim', 100, ['4/0']],
    ['slim', 120, ['4/0', '5/0']],
    ['fat', 150, ['6/0', '7/0']],
  ] as const)(
    'a %s paddle-tail of %s mm takes the hook of its length, however slim (§6, §23.5)',
    (style, mm, sizes) => {
      expect(sizes).toContain(hookFor(body('paddle-tail', mm, 8, { style }), 1))
    },
  )
  it('a slender body that is no paddle-tail takes a larger hook on a head than on a drop shot (§6, §23.5)', () => {
    const fork = body('minnow-soft', 75, 2.4)
    const rank = (adds?: 'head') => hookSizeRank(hookFor(fork, 1, adds))!
    expect(rank('head')).toBeGreaterThan(rank())
    expect(rank('head')).toBeLessThanOrEqual(hookSizeRank('2/0')!)
  })
  it('a head whose gap does not clear the body gives way to one that does (§6)', () => {
    const big = body('paddle-tail', 150, 30, { style: 'fat' })
    const part = (id: string, weightG: number, size: string): Part => ({
      id,
      name: id,
      kind: 'jig-head',
      shape: 'round',
      weightG,
      size,
      quantity: 3,
    })
    const [chosen] = addedWeights(head, big, {
      parts: [part('narrow', 20, '3/0'), part('wide', 21, '6/0')],
      spoons: [],
      ask: askOf(water({ bottomM: 6, fishFromM: 4, fishToM: 6 })),
    })
    expect(chosen!.part!.id).toBe('wide')
  })
  it('the strongest fish get a larger hook (§23.5)', () =>
    expect([hookFor(body('paddle-tail', 125, 18), 1), hookFor(body('paddle-tail', 125, 18), 3)]).toEqual([
      '5/0',
      '6/0',
    ]))
})

describe('big for this fish', () => {
  const wishInMud = (species: Reading['species'], presence: number) => {
    return desirabilityAt(askOf(water({ species, temperatureC: 18, visibilityM: 0.3 })).axes.presence, presence)
  }
  it('in mud, where a big body is wanted, a middling one is big for a perch and small for a muskellunge', () => {
    expect(wishInMud('perch', 3)).toBeGreaterThan(wishInMud('largemouth-bass', 3))
    expect(wishInMud('largemouth-bass', 3)).toBeGreaterThan(wishInMud('muskellunge', 3))
  })
})

describe('hanging', () => {
  const plug = (tests: BenchTest[] = []) =>
    profileOf({ id: 'j', name: 'j', family: 'jerkbait', weightG: 11, buoyancy: 'hangs' }, tests)
  const snap = plug().techniques.find(t => t.rig === 'snap')!
  const sinks = (lure: ReturnType<typeof plug>, salinityPsu: number) =>
    sinkingNewton(
      { profile: lure, trailer: null, technique: snap, added: NOTHING_ADDED },
      waterDensity(12, salinityPsu),
    )
  it('a plug only said to hang does so where it is fished, in lake and sea', () => {
    for (const salinityPsu of [0, 20, 35]) expect(Math.abs(sinks(plug(), salinityPsu))).toBeLessThan(1e-6)
  })
  it('one that was tried in fresh water rises in the sea', () => {
    const tried = plug([{ id: 'h', lureId: 'j', kind: 'hang', values: [0], temperatureC: 12, salinityPsu: 0 }])
    expect(sinks(tried, 35)).toBeLessThan(-1e-3)
    expect(Math.abs(sinks(tried, 0))).toBeLessThan(1e-6)
  })
})

describe('trailers', () => {
  const jig = profileOf(
    { id: 'jig', name: 'jig', family: 'skirted-jig', style: 'flipping', lengthMm: 80, weightG: 14 },
    [],
  )
  const blades = profileOf({ id: 'sb', name: 'sb', family: 'spinnerbait', lengthMm: 110, weightG: 14 }, [])
  const chatter = profileOf({ id: 'bj', name: 'bj', family: 'bladed-jig', lengthMm: 90, weightG: 11 }, [])
  const all = [
    body('craw', 80, 7, { vibration: 4 }),
    body('craw', 60, 3, { vibration: 1 }),
    body('stick-worm', 75, 4),
    body('grub', 80, 4),
    body('paddle-tail', 90, 5, { bulk: 2 }),
    body('paddle-tail', 105, 13, { bulk: 4 }),
    body('worm', 115, 5),
  ]
  const best = (host: typeof jig, part: Partial<Reading>) =>
    trailerChoice(all, askOf(water(part))).of(host)[0]!.trailer?.lure.family ?? null
  it('kicking claws for active fish in warm coloured water, never below 9 °C for slow ones (§23.3)', () => {
    const choice = trailerChoice(all, askOf(water({ mood: 'aggressive', temperatureC: 20, visibilityM: 0.8 }))).of(
      jig,
    )[0]!
    expect(choice.trailer!.lure.family).toBe('craw')
    expect(choice.trailer!.vibration.value).toBeGreaterThan(2.5)
    const cold = trailerChoice(all, askOf(water({ mood: 'lethargic', temperatureC: 7 }))).of(jig)[0]!
    expect(cold.trailer!.lure.family === 'craw' && cold.trailer!.vibration.value > 2.5).toBe(false)
  })
  it('no worms and claws behind spinnerbaits, no fat body behind a bladed jig', () => {
    expect(['grub', 'paddle-tail', null]).toContain(best(blades, {}))
    expect(trailerChoice(all, askOf(water())).of(chatter)[0]!.trailer!.bulk.value).toBeLessThan(3)
  })
  it('a row that is switched off says nothing: then a fat body may hang behind the bladed jig', () => {
    const fat = [body('paddle-tail', 105, 13, { bulk: 4 })]
    const gain = (weights: Readonly<Record<string, number>>) =>
      trailerChoice(fat, askOf(water(), { weights })).of(chatter)[0]!.gain
    const off = Object.fromEntries(TRAILERS.filter(row => row.lift < 0).map(row => [row.id, 0]))
    expect(gain(off)).toBeGreaterThan(gain({}) + 1)
  })
})

describe('weed up to the surface', () => {
  const tops: readonly Lure[] = [
    { id: 'frog', name: 'frog', family: 'topwater', style: 'frog' },
    { id: 'popper', name: 'popper', family: 'topwater', style: 'popper' },
    { id: 'crank', name: 'crank', family: 'crankbait', style: 'square-lip' },
    { id: 'worm', name: 'worm', family: 'worm', style: 'ribbon' },
  ]
  const order = (part: Partial<Reading>) =>
    rank(
      prepareBox({ lures: tops, parts: [], outfits: [], tests: [], trips: [] }),
      askOf(water({ temperatureC: 23, cover: ['grass'], fishFromM: 0.1, fishToM: 0.8, bottomM: 1.2, ...part })),
    ).candidates.map(({ profile }) => profile.lure.id)
  it('the frog goes over a mat, and open hooks come after what hides its point (§11, §23.1)', () => {
    const matted = order({ coverTopM: 0, mood: 'aggressive' })
    expect(matted[0]).toBe('frog')
    expect(matted.indexOf('worm')).toBeLessThan(matted.indexOf('crank'))
  })
  it('of grass whose tops nobody noted nothing of the kind is said', () => {
    expect(order({ mood: 'aggressive' })[0]).toBe('popper')
  })
})

describe('rods under the boat', () => {
  const slow = outfit({ kind: 'jigging', power: 'medium-light', action: 'slow', lengthM: 1.95, lureMaxG: 260 })
  const stiff = outfit({ kind: 'jigging', power: 'heavy', action: 'moderate', lengthM: 1.65, lureMaxG: 260 })
  it('slow metal is worked on the light parabolic rod beside a wreck as over open ground (§8, §22.8)', () => {
    for (const inCover of [false, true]) {
      const over = task('vertical-slow', { totalG: 180, species: 'amberjack', water: 'sea', inCover })
      expect(rodGain(slow, over)).toBeGreaterThan(rodGain(stiff, over))
    }
  })
})
