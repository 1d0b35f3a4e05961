import { beforeAll, describe, expect, it, vi } from 'vitest'
import { fresh } from '~/testing/workers-in-process'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('the calculators', () => {
  let client: import('./calc.client').CalcClient
  beforeAll(async () => {
    client = new (
      await fresh(
        () => import('./calc.worker'),
        () => import('./calc.client'),
      )
    ).CalcClient()
  })
  const spool = { spoolDiameterMm: 40, ratio: 6.2 }
  it('a reel takes in π × spool × ratio for each turn of the handle, and the chart is a straight line of the ratio', async () => {
    const { issues, answer, line } = (await client.work({
      name: 'pick-up',
      input: spool,
      chart: { x: 'ratio', from: 4, to: 8, y: 'metresPerTurn' },
    }))!
    expect(issues).toEqual([])
    expect(answer!.metresPerTurn).toBeCloseTo(Math.PI * 0.04 * 6.2, 9)
    for (const [ratio, metres] of line) expect(metres / ratio).toBeCloseTo(Math.PI * 0.04, 9)
  })
  it('a chart has its points in order, from end to end; deeper water asks for more lead (trade §6)', async () => {
    const { line } = (await client.work({
      name: 'bottom-weight',
      input: { depthM: 6 },
      chart: { x: 'depthM', from: 1, to: 20, y: 'weightG' },
    }))!
    expect(line).toHaveLength(31)
    expect([line[0]![0], line[30]![0]]).toEqual([1, 20])
    expect(line.map(p => p[1])).toEqual(line.map(p => p[1]).sort((a, b) => a - b))
  })
  it('a bad figure is named, and there is no answer', async () => {
    expect(await client.work({ name: 'pick-up', input: { ...spool, ratio: -1 }, chart: null })).toMatchObject({
      answer: null,
      line: [],
      issues: [{ path: 'ratio' }],
    })
  })
  it('of two questions the newer is answered', async () => {
    const [older, newer] = await Promise.all([
      client.work({ name: 'pick-up', input: spool, chart: null }),
      client.work({ name: 'pick-up', input: { ...spool, ratio: 5 }, chart: null }),
    ])
    expect(older).toBeNull()
    expect(newer!.answer).not.toBeNull()
    client.close()
  })
})
