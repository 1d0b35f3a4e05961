import { describe, expect, it } from 'vitest'
import { askOf } from '#core/ask'
import { finished } from '#core/numeric'
import type { Reading } from '#core/reading'
import type { Box } from '#core/tackle'
import { prepareBox, rank } from './rank'
import { type Flip, flips, sweep } from './what-if'
import demo from '../../demo/box.json'

const box = prepareBox(demo as unknown as Box)
const reading: Reading = {
  species: 'northern-pike',
  temperatureC: 11.5,
  visibilityM: 1.2,
  stain: 'brown',
  cover: ['reeds'],
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
  sky: 'broken',
  windMs: 5,
}
const first = (change: Partial<Reading>) => rank(box, askOf({ ...reading, ...change })).candidates[0]!.profile.lure.id

function all(): readonly Flip[] {
  const steps = flips(box, reading)
  let last = 0
  for (;;) {
    const step = steps.next()
    if (step.done) {
      expect(last).toBeCloseTo(1, 9)
      return step.value
    }
    expect(step.value.done).toBeGreaterThan(last)
    last = step.value.done
  }
}

describe('what would change this', () => {
  const found = all()
  it('finds something, and each flip really puts another lure first', () => {
    expect(found.length).toBeGreaterThan(3)
    const now = first({})
    for (const flip of found) {
      expect(first(flip.change), `${flip.field} ${flip.to}`).toBe(flip.lureId)
      expect(flip.lureId).not.toBe(now)
    }
  })
  it('another prey, or another length of it, leaves what they eat besides', () => {
    const eating: Reading = { ...reading, forage: [{ kind: 'bleak', lengthMm: 140 }, { kind: 'crayfish' }] }
    const changed = finished(flips(box, eating)).filter(f => f.field === 'forage' || f.field === 'forageLengthMm')
    expect(changed.length).toBeGreaterThan(0)
    for (const { change } of changed) expect(change.forage?.at(-1)?.kind).toBe('crayfish')
  })
  it('a number’s flip is the nearest on its side, to about a sixteenth of the step', () => {
    const now = first({})
    for (const flip of found.filter(f => f.field === 'temperatureC')) {
      const to = Number(flip.to)
      const back = to + (11.5 > to ? 0.26 : -0.26)
      expect(first({ temperatureC: back })).toBe(now)
    }
  })
  it('leaves out what flips nothing, and says nothing for an empty box', () => {
    const empty = flips(prepareBox({ lures: [], parts: [], outfits: [], tests: [], trips: [] }), reading).next()
    expect(empty).toEqual({ done: true, value: [] })
  })
})

describe('sweep', () => {
  const swept = sweep(box, reading, 'temperatureC', [3, 8, 13, 18, 23])
  it('names who is first at each value, as the ranking does', () =>
    expect(swept.first).toEqual([3, 8, 13, 18, 23].map(temperatureC => first({ temperatureC }))))
  it('draws the lures that come first somewhere, with their scores', () => {
    expect(new Set(swept.lines.map(l => l.lureId))).toEqual(new Set(swept.first))
    for (const { scores } of swept.lines) expect(scores).toHaveLength(5)
  })
})
