import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { kindsOver, prepareBox, type PreparedBox, rank, typicalLures } from '#core/match'
import type { Reading } from '#core/reading'
import type { Box, Lure } from '#core/tackle'
import { explainRanking } from '#core/tell'
import { inWords } from '#speech'
import { loadBoxes } from './corpus'

/** What an angler would buy for a water when a whole kind of tackle is taken out of a good box (handbook §2, §10, §23.1; common practice). */
const boxes = loadBoxes()
const bass: Reading = { species: 'largemouth-bass', latitude: 33, longitude: -85, water: 'reservoir', from: 'boat', temperatureC: 21, windMs: 1, mood: 'neutral' }
const dawn: Reading = { ...bass, at: '2026-10-02T06:50:00-05:00', visibilityM: 1.8, sky: 'broken', bottomM: 4, fishFromM: 0, fishToM: 1, cover: ['open'], mood: 'aggressive', forage: [{ kind: 'shad-small', lengthMm: 70 }], signs: ['surface-feeding'] }
const pads: Reading = { ...bass, at: '2026-07-20T12:00:00-05:00', temperatureC: 27, visibilityM: 1.2, sky: 'sun', bottomM: 1.5, fishFromM: 0, fishToM: 1.2, cover: ['pads'] }
const coldDock: Reading = { ...bass, at: '2026-01-20T12:00:00-05:00', temperatureC: 6, visibilityM: 2, sky: 'overcast', bottomM: 4, fishFromM: 1.5, fishToM: 3, cover: ['dock'], mood: 'lethargic', grouping: 'one-spot' }
const hotSchool: Reading = { ...bass, at: '2026-07-20T12:00:00-05:00', temperatureC: 28, visibilityM: 2, sky: 'sun', bottomM: 10, fishFromM: 8, fishToM: 10, cover: ['open'], grouping: 'schooled' }
const mud: Reading = { ...bass, at: '2026-03-20T12:00:00-05:00', temperatureC: 13, visibilityM: 0.3, stain: 'mud', sky: 'overcast', bottomM: 2, fishFromM: 0.5, fishToM: 1.6, cover: ['wood'] }
const perch: Reading = { species: 'perch', latitude: 53, longitude: 9, water: 'lake', from: 'boat', at: '2026-09-20T11:00:00+02:00', temperatureC: 15, visibilityM: 3, sky: 'broken', bottomM: 6, fishFromM: 5, fishToM: 6, cover: ['gravel'], forage: [{ kind: 'minnow', lengthMm: 50 }] }

const lake = boxes.get('lake')!
const without = (gone: (lure: Lure) => boolean): PreparedBox => prepareBox({ ...lake, lures: lake.lures.filter(lure => !gone(lure)) })
const told = (box: PreparedBox, reading: Reading) => inWords(explainRanking(box, rank(box, askOf(reading)))).gaps.map(({ text }) => text).join('\n')
const missing = (box: PreparedBox, reading: Reading) => inWords(explainRanking(box, rank(box, askOf(reading)))).gaps.filter(({ axis }) => axis === 'suit').map(({ text }) => text)

describe('what is missing from a box', () => {
  it.each([
    ['no surface baits, bass breaking at dawn', (l: Lure) => l.family === 'topwater', dawn, /surface lure \((popper|walker)\)/],
    ['nothing weedless, pads', (l: Lure) => !['crankbait', 'jerkbait', 'blade-bait', 'inline-spinner', 'casting-spoon'].includes(l.family), pads, /surface lure \(frog\)/],
    ['no jerkbaits, one cold dock', (l: Lure) => l.family === 'jerkbait', coldDock, /jerkbait/],
    ['nothing that goes down, a hot school at nine metres', (l: Lure) => !['topwater', 'spinnerbait', 'jerkbait'].includes(l.family), hotSchool, /flutter spoon|flat jig/],
    ['nothing dark or hot, mud', (l: Lure) => ['dark', 'hot'].includes(l.colours?.pattern ?? ''), mud, /, (dark|hot|gold),/],
    ['nothing small, perch', (l: Lure) => (l.lengthMm ?? 0) <= 95, perch, /about (4|5|6)\d\smm/],
  ])('%s', (_, gone, reading, kind) => {
    expect(missing(without(gone), reading).join('\n')).toMatch(kind)
  })
  it('a full box misses nothing there', () => {
    const full = prepareBox(lake)
    for (const reading of [dawn, pads, coldDock, hotSchool, mud, perch]) expect(missing(full, reading)).toEqual([])
  })
  it('what is told to be missing comes first once it is in the box', () => {
    for (const [gone, reading] of [['topwater', dawn], ['jerkbait', coldDock]] as const) {
      const poor = without(l => l.family === gone)
      const best = rank(poor, askOf(reading)).candidates[0]!
      const [kind] = kindsOver(poor, askOf(reading), best.odds)
      const bought = typicalLures().find(({ id }) => id === kind!.profile.lure.id)!
      const richer = prepareBox({ ...poor.box, lures: [...poor.box.lures, bought] })
      expect(rank(richer, askOf(reading)).candidates[0]!.profile.lure.id).toBe(bought.id)
    }
  })
  const light = lake.outfits.filter(({ id }) => id === 'o-ul')
  it('where no rod throws what the fish want, the rod is missing, and with it that lure comes first', () => {
    const frogs = prepareBox({ ...lake, lures: lake.lures.filter(({ style, id }) => style === 'frog' || id === 'cr-perch'), outfits: light })
    expect(told(frogs, pads)).toMatch(/heavy casting rod for 14\sg to 45\sg: with it .* \(17.5\sg complete\), which no rod here throws/)
    expect(told(prepareBox({ ...frogs.box, outfits: lake.outfits }), pads)).not.toMatch(/ rod for /)
  })
  it('where only hardware is missing it is told, unless no hardware was ever written down', () => {
    const grubs = lake.lures.filter(({ id }) => ['ms-fork', 'gb-white', 'tw-buzz-black', 'gl-18'].includes(id))
    const swivel = { id: 's', name: 'swivel', kind: 'swivel' as const }
    expect(told(prepareBox({ ...lake, lures: grubs, parts: [swivel] }), perch)).toMatch(/(head|sinker) of [\d.]+\sg: with it/)
    expect(told(prepareBox({ ...lake, lures: grubs, parts: [] }), perch)).not.toMatch(/(head|sinker) of [\d.]+\sg/)
    expect(told(prepareBox({ ...lake, lures: grubs }), perch)).not.toMatch(/(head|sinker) of [\d.]+\sg/)
  })
  it('who wrote down no hardware is taken to have the usual; who wrote down only other hardware has to buy it', () => {
    const oddsOf = (parts: Box['parts']) => {
      const box = prepareBox({ ...lake, parts })
      return rank(box, askOf(perch)).candidates.find(({ profile }) => profile.lure.id === 'gb-white')!.odds
    }
    const whole = oddsOf(lake.parts)
    const unsaid = oddsOf([])
    const other = oddsOf([{ id: 's', name: 'swivel', kind: 'swivel' }])
    expect(Math.abs(unsaid - whole)).toBeLessThan(1)
    expect(unsaid - other).toBeGreaterThan(1)
  })
  it('a bait on the bottom is deep enough for fish that lie there', () => {
    const zander: Reading = { species: 'zander', latitude: 53, longitude: 9, water: 'river', from: 'boat', temperatureC: 15, visibilityM: 1, bottomM: 6, fishFromM: 5, fishToM: 6, cover: ['gravel'], currentMs: 0.4 }
    const shads = prepareBox({ ...lake, lures: lake.lures.filter(l => l.family === 'paddle-tail') })
    expect(explainRanking(shads, rank(shads, askOf(zander))).gaps.map(({ axis }) => axis)).not.toContain('depth')
  })
})
