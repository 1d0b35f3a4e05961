import { describe, expect, it } from 'vitest'
import { prepareBox } from '#core/match'
import { finished } from '#core/numeric'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import demo from '../../demo/box.json'
import spring from '../../demo/readings/spring-morning.json'
import hot from '../../demo/readings/hot-afternoon.json'
import dusk from '../../demo/readings/windy-dusk.json'
import { match } from './answer'
import { howSure } from './how-sure'

const box = demo as unknown as Box
const morning = spring as Reading

function sureOf(reading: Reading, of: Box = box) {
  return finished(howSure(prepareBox(of), reading))
}

describe('how sure an order is', () => {
  const sure = sureOf(morning)

  it('shares out all waters among the baits that come first in them, most first', () => {
    const shares = sure.first.map(({ share }) => share)
    expect(shares.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
    expect(shares).toEqual(shares.toSorted((a, b) => b - a))
    expect(new Set(sure.first.flatMap(({ lureIds }) => lureIds)).size).toBe(
      sure.first.flatMap(({ lureIds }) => lureIds).length,
    )
  })

  it('calls those level that hold eight of ten waters between them, and no more of them than it takes', () => {
    const held = (count: number) => sure.first.slice(0, count).reduce((sum, { share }) => sum + share, 0)
    expect(held(sure.level)).toBeGreaterThanOrEqual(0.8)
    expect(held(sure.level - 1)).toBeLessThan(0.8)
  })

  it('says of no measurement that it spares more wrong choices than there are', () => {
    for (const { field, gain } of sure.measure)
      if (field) expect(gain).toBeLessThanOrEqual(Number((1 - sure.first[0]!.share).toPrecision(2)))
  })

  it('asks for nothing that was measured, and is surer then', () => {
    const noted = ['temperatureC', 'visibilityM', 'fishFromM', 'windMs', 'currentMs', 'forage', 'mood']
    const measured = sureOf({ ...morning, noted })
    expect(measured.measure.filter(({ field }) => field)).toEqual([])
    expect(measured.first[0]!.share).toBeGreaterThan(sure.first[0]!.share)
    expect(measured.level).toBeLessThan(sure.level)
  })

  it('asks for nothing where one bait comes first whatever the reading', () => {
    const clear = sureOf(dusk as Reading)
    expect(clear.level).toBe(1)
    expect(clear.measure).toEqual([])
  })

  it('has nothing first where nothing can be fished', () => {
    const none = sureOf(morning, { ...box, lures: [] })
    expect(none).toEqual({ first: [], level: 0, measure: [] })
  })
})

describe('a figure of a lure', () => {
  it('is asked for while it is worked out, and no more once it was timed as it is fished', () => {
    const dropsAsked = (tests: Box['tests']) =>
      match({ ...box, tests }, hot as Reading, { measure: true, top: 12 }).measure.filter(
        ({ why }) => typeof why !== 'string' && why.code === 'measure.drop',
      )
    const asked = dropsAsked(box.tests)
    expect(asked.length).toBeGreaterThan(0)
    for (const { gain } of asked) expect(gain).toBeLessThanOrEqual(0.5)
    const { setups } = match(box, hot as Reading, { top: 12 })
    const timed = asked.map(({ lureId }) => {
      const { rig, headG } = setups.find(setup => setup.lureId === lureId)!
      return {
        id: `timed-${lureId}`,
        lureId,
        kind: 'fall',
        at: '2026-05-01T10:00:00Z',
        rig,
        addedG: headG ?? 0,
        depthM: 1,
        values: [9],
      }
    })
    const left = dropsAsked([...box.tests, ...(timed as never)])
    for (const { lureId } of asked) expect(left.map(m => m.lureId)).not.toContain(lureId)
  })

  it('is left alone unless it is asked for: the order alone costs none of this', () => {
    expect(match({ ...box, trips: [] }, morning, { top: 3 }).measure).toEqual([])
  })
})
