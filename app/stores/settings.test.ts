import fc from 'fast-check'
import { beforeEach, describe, expect, it } from 'vitest'
import { parseFile, type YgrionFile } from '#core/files'
import { recall } from '~/db/box'
import { openFreshBox } from '~/testing/fresh-box'
import { places } from '~/composables/useOrderMoves'
import { useBoxStore } from './box'
import { useSettingsStore } from './settings'

beforeEach(openFreshBox)

const file = (settings?: object): YgrionFile =>
  ({ format: 'ygrion', version: 1, ...(settings ? { settings } : {}) }) as YgrionFile

describe('settings that travel in a file', () => {
  it('stay out as long as nothing was set', () => expect(useSettingsStore().into(file())).toEqual(file()))
  it('go in once they differ from the usual, and come back the same', () => {
    const settings = useSettingsStore()
    settings.units = 'imperial'
    settings.useLog = false
    settings.schools = { rattle: 'loud' }
    settings.setWeight('cover.grass.tick', 0.5)
    const written = settings.into(file())
    expect(written.settings).toEqual({
      units: 'imperial',
      useLog: false,
      schools: { rattle: 'loud' },
      ruleWeights: { 'cover.grass.tick': 0.5 },
    })
    expect(parseFile(written).ok).toBe(true)
    settings.units = 'metric'
    settings.useLog = true
    settings.schools = {}
    settings.setWeight('cover.grass.tick', 1)
    settings.takeFrom(written.settings)
    expect(settings.into(file())).toEqual(written)
  })
  it('keep what the file says beside them', () => {
    const settings = useSettingsStore()
    settings.units = 'mixed'
    expect(settings.into(file({ units: 'metric', theirs: 7 })).settings).toEqual({ units: 'mixed', theirs: 7 })
  })
  it('what a file does not speak of stays', () => {
    const settings = useSettingsStore()
    settings.units = 'imperial'
    settings.takeFrom({ useLog: false })
    settings.takeFrom(null)
    expect([settings.units, settings.useLog]).toEqual(['imperial', false])
  })
  it('a file that only shows the usual again changes nothing', () => {
    const settings = useSettingsStore()
    settings.takeFrom({ units: 'metric', useLog: true, schools: {}, ruleWeights: {} })
    expect(settings.into(file())).toEqual(file())
  })
})

describe('the weight of a rule', () => {
  it('of 1 is not kept, any other is, and the last word counts', () => {
    const settings = useSettingsStore()
    for (const [id, factor] of [
      ['a', 0],
      ['b', 2],
      ['a', 1],
      ['b', 1.5],
    ] as const)
      settings.setWeight(id, factor)
    expect(settings.ruleWeights).toEqual({ b: 1.5 })
  })
})

describe('settings kept in the browser', () => {
  it('are there again on the next visit, each by itself', async () => {
    const settings = useSettingsStore()
    await settings.open()
    settings.look = 'glare'
    settings.keepPlace = true
    settings.setWeight('cover.grass.tick', 0)
    const { database } = useBoxStore()
    const holds = (kept: unknown) =>
      expect(kept).toMatchObject({
        theme: 'glare',
        units: 'metric',
        keepPlace: true,
        ruleWeights: { 'cover.grass.tick': 0 },
      })
    for (let i = 0; i < 400 && (await recall<{ keepPlace?: boolean }>(database(), 'settings'))?.keepPlace !== true; i++)
      await new Promise(resolve => setTimeout(resolve, 5))
    holds(await recall(database(), 'settings'))
  })
})

describe('places in an order', () => {
  const fits = (ids: readonly string[]) => ids.map((lureId, i) => ({ lureId, score: 1 - i / 100 }))
  it('say how far each has come up or gone down', () => {
    expect(places(fits(['b', 'a', 'c', 'new']), ['a', 'b', 'c']).map(p => [p.lureId, p.place, p.moved])).toEqual([
      ['b', 1, 1],
      ['a', 2, -1],
      ['c', 3, 0],
      ['new', 4, null],
    ])
  })
  it('without an order before nothing has moved', () =>
    expect(places(fits(['a', 'b']), []).map(p => p.moved)).toEqual([0, 0]))
  it('moves of the same lures add up to nothing', () => {
    const ids = ['a', 'b', 'c', 'd', 'e', 'f']
    fc.assert(
      fc.property(
        fc.shuffledSubarray(ids, { minLength: ids.length }),
        fc.shuffledSubarray(ids, { minLength: ids.length }),
        (now, before) => {
          expect(places(fits(now), before).reduce((sum, { moved }) => sum + moved!, 0)).toBe(0)
        },
      ),
    )
  })
})
