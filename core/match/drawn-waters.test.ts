import { describe, expect, it } from 'vitest'
import { READING_ERRORS } from '#core/knowledge'
import { finished } from '#core/numeric'
import { type Reading } from '#core/reading'
import demo from '../../demo/box.json'
import spring from '../../demo/readings/spring-morning.json'
import { type DrawnWaters, drawnWaters, errorSteps } from './drawn-waters'
import { prepareBox, type PreparedBox } from './rank'

const prepared = prepareBox(demo as never)
/** A few lures: what is drawn is asked here, not what they do in it. */
const few: PreparedBox = { ...prepared, lures: prepared.lures.slice(0, 2) }
const reading = spring as Reading

const drawn = (of: Reading, box = few, times?: number): DrawnWaters => finished(drawnWaters(box, of, {}, times))

describe('waters drawn about a reading', () => {
  it('have each step of each part equally often (McKay, Beckman & Conover 1979)', () => {
    const { fields, steps, waters } = drawn(reading)
    expect(waters.length).toBeGreaterThanOrEqual(300)
    for (const field of fields)
      for (let step = 0; step < steps; step++)
        expect(waters.filter(water => water.step[field] === step)).toHaveLength(waters.length / steps)
  })

  it('leave parts to themselves: no two of them go together', () => {
    const { fields, steps, waters } = drawn(reading)
    const middle = (steps - 1) / 2
    const spread = waters.reduce((sum, { step }) => sum + (step[fields[0]!]! - middle) ** 2, 0)
    for (const a of fields)
      for (const b of fields.filter(field => field !== a)) {
        const together = waters.reduce((sum, { step }) => sum + (step[a]! - middle) * (step[b]! - middle), 0)
        // Four standard errors of a correlation of so many pairs.
        expect(Math.abs(together / spread)).toBeLessThan(4 / Math.sqrt(waters.length))
      }
  })

  it('draw about nothing that is nought, and about nothing that was measured beyond doubt', () => {
    expect(drawn({ ...reading, currentMs: 0 }).fields).not.toContain('currentMs')
    expect(drawn({ ...reading, currentMs: 0.3 }).fields).toContain('currentMs')
    expect(drawn(reading).fields).toContain('mood')
    expect(drawn({ ...reading, noted: ['mood'] }).fields).not.toContain('mood')
  })

  it('are the same each time', () => {
    expect(drawn(reading, few, 2)).toEqual(drawn(reading, few, 2))
  })

  it('put the same bait first more often the more of the reading is measured', () => {
    const most = (noted: string[]) => {
      const counts = new Map<string, number>()
      for (const { first } of drawn({ ...reading, noted }, prepared, 10).waters)
        counts.set(first!.lure.id, (counts.get(first!.lure.id) ?? 0) + 1)
      return Math.max(...counts.values())
    }
    const all = ['temperatureC', 'visibilityM', 'fishFromM', 'windMs', 'currentMs', 'forage', 'mood']
    expect(most(all)).toBeGreaterThan(most([]))
  })
})

describe('errors of readings', () => {
  const spreadOf = (values: readonly number[], about: number) =>
    Math.sqrt(values.reduce((sum, value) => sum + (value - about) ** 2, 0) / values.length)
  const changes = (of: Reading, field: string) => errorSteps(of).find(part => part.field === field)!.change

  it.each([
    ['judged', reading, READING_ERRORS.temperatureC.judged],
    ['measured', { ...reading, noted: ['temperatureC'] }, READING_ERRORS.temperatureC.measured],
  ])('are as wide as the table has them: temperature %s', (_, of, error) => {
    const temperatures = changes(of, 'temperatureC').map(change => change.temperatureC!)
    const spread = spreadOf(temperatures, reading.temperatureC)
    expect(spread / error).toBeCloseTo(1, 9)
    expect(temperatures.reduce((a, b) => a + b, 0) / temperatures.length).toBeCloseTo(reading.temperatureC, 9)
  })

  it('go by factors where eyes judge by factors, and move the whole band with the fish', () => {
    const logs = changes(reading, 'visibilityM').map(change => Math.log(change.visibilityM! / reading.visibilityM!))
    expect(spreadOf(logs, 0) / READING_ERRORS.visibilityM.judged).toBeCloseTo(1, 9)
    for (const { fishFromM, fishToM } of changes(reading, 'fishFromM')) {
      expect(fishFromM).toBeGreaterThanOrEqual(0)
      expect(fishToM).toBeLessThanOrEqual(reading.bottomM!)
      expect(fishToM! - fishFromM!).toBeCloseTo(reading.fishToM! - reading.fishFromM!, 9)
    }
  })

  it('make the mood the next one, in as many steps as that is likely', () => {
    const moods = changes(reading, 'mood').map(change => change.mood)
    expect(moods.filter(mood => mood === 'neutral')).toHaveLength(6)
    expect(moods.filter(mood => mood === 'lethargic')).toHaveLength(1)
    expect(changes({ ...reading, mood: 'lethargic' }, 'mood').map(change => change.mood)).not.toContain('aggressive')
  })

  it('are least where it was measured and most where nobody said anything', () => {
    for (const { measured, judged, blank } of Object.values(READING_ERRORS)) {
      expect(measured).toBeLessThan(judged)
      expect(judged).toBeLessThan(blank)
    }
  })
})
