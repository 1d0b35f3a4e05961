import { beforeAll, describe, expect, it, vi } from 'vitest'
import { courseOf, type Presented } from '#core/course'
import { ended, fresh } from '~/testing/workers-in-process'
import { countedDown } from '../../tests/presented'
import type { FoundCourse } from './course.protocol'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('courses', () => {
  const presented: Presented = {
    ...countedDown,
    control: 'dive',
    cadence: 'steady',
    castM: 30,
    tipM: 0.8,
    speedMs: 0.8,
    lineDiameterMm: 0.3,
    bait: {
      ...countedDown.bait,
      netWeight: 0,
      fallMs: 0,
      rated: { depthM: 3, castM: 30, lineDiameterMm: 0.3, tipM: 0.8 },
      style: 'wobble',
    },
  }
  const asked = (tipM: number) => [{ id: 'b', presented: { ...presented, tipM } }]
  let Client: typeof import('./course.client').CourseClient
  beforeAll(async () => {
    ;({ CourseClient: Client } = await fresh(
      () => import('./course.worker'),
      () => import('./course.client'),
    ))
  })
  it('of a rod tip that is dragged only the first and the newest place are worked out', async () => {
    const found: (readonly FoundCourse[])[] = []
    const client = new Client(
      courses => found.push(courses),
      error => {
        throw error
      },
    )
    for (const tip of [0.2, 0.6, 1, 1.6, 2.4]) client.ask(asked(tip))
    await vi.waitFor(() => expect(found).toHaveLength(2))
    expect(found[0]![0]!.course).toEqual(courseOf({ ...presented, tipM: 0.2 }))
    expect(found[1]![0]!.course).toEqual(courseOf({ ...presented, tipM: 2.4 }))
    // A raised tip brings a diver up (trade §5).
    expect(found[1]![0]!.runsAtM).toBeLessThan(found[0]![0]!.runsAtM)
    await new Promise(resolve => setTimeout(resolve, 20))
    expect(found).toHaveLength(2)
  })
  it('a question that cannot be worked out is told, and the next one is answered', async () => {
    const { failNext } = (await import('comlink')) as unknown as typeof import('~/testing/comlink-in-process')
    const [found, failed]: [unknown[], string[]] = [[], []]
    const client = new Client(
      courses => found.push(courses),
      error => failed.push(error.message),
    )
    failNext('the worker ended')
    client.ask(asked(1))
    await vi.waitFor(() => expect(failed).toEqual(['the worker ended']))
    client.ask(asked(1))
    await vi.waitFor(() => expect(found).toHaveLength(1))
    client.close()
    expect(ended).toContain('course.worker.ts')
  })
  it('shares of the band are shares', async () => {
    const found: (readonly FoundCourse[])[] = []
    new Client(
      courses => found.push(courses),
      () => {},
    ).ask(asked(0.5))
    await vi.waitFor(() => expect(found).toHaveLength(1))
    for (const value of Object.values(found[0]![0]!.share).filter(v => typeof v === 'number'))
      expect(value).toBeGreaterThanOrEqual(0)
  })
})
