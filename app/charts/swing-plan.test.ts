import { describe, expect, it } from 'vitest'
import type { Course } from '#core/course'
import { swingPlan } from './swing-plan'

const course = (swung: number, last: number): Course => ({
  points: [
    { t: 0, x: 20, depth: 0, stage: 'falling', swung: 0 },
    { t: 20, x: 12, depth: 2, stage: 'swimming', swung },
    { t: 40, x: 2, depth: 1, stage: 'swimming', swung: last },
  ],
  seconds: 40,
  deepestM: 2,
  meanM: 1.5,
  works: [0, 2],
  stretches: [],
  swung,
  bow: 0,
})

describe('a swing from above', () => {
  it('is not drawn where nothing swings', () => expect(swingPlan(course(0, 0))).toBeNull())
  it('begins straight across and ends near the rod, all within its frame, to one scale both ways', () => {
    const plan = swingPlan(course(0.8, 1.3))!
    const places = [...plan.way.matchAll(/([\d.]+),([\d.]+)/g)].map(m => [Number(m[1]), Number(m[2])] as const)
    expect(places[0]).toEqual([plan.cast.x, plan.cast.y])
    for (const [x, y] of places) {
      expect(x).toBeGreaterThanOrEqual(0)
      expect(x).toBeLessThanOrEqual(plan.width)
      expect(y).toBeGreaterThanOrEqual(0)
      expect(y).toBeLessThanOrEqual(plan.height)
    }
    const [first, second] = [places[0]!, places[1]!]
    const scale = (first[0] - 6) / 20
    expect((second[0] - 6) / scale).toBeCloseTo(12 * Math.cos(0.8), 1)
    expect((second[1] - 6) / scale).toBeCloseTo(12 * Math.sin(0.8), 1)
  })
})
