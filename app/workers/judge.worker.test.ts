import { describe, expect, it, vi } from 'vitest'
import { boxOf, ownOf } from '#core/files'
import { atOnce, file, fresh, morning } from '~/testing/workers-in-process'
import type { FirstAnswer } from './judge.protocol'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('the judge', () => {
  const request = (temperatureC: number) => ({
    reading: { ...morning, temperatureC },
    top: 10,
    ahead: 4,
    units: 'metric' as const,
    schools: {},
    weights: {},
  })
  async function judge() {
    const { JudgeClient } = await fresh(
      () => import('./judge.worker'),
      () => import('./judge.client'),
    )
    const client = new JudgeClient('judge')
    await client.load(boxOf(file), ownOf(file), true)
    return client
  }

  it('brings what comes first before the whole, and it stands in the whole as it was brought', async () => {
    const client = await judge()
    const brought: FirstAnswer[] = []
    const whole = (await client.judge(request(11), first => brought.push(first)))!
    expect(brought).toHaveLength(1)
    const { out, presented, doubts, strengths } = brought[0]!
    expect(out.setups).toHaveLength(4)
    expect(whole.out.setups).toHaveLength(10)
    expect(whole).toMatchObject({
      out: { ...out, setups: [...out.setups, ...whole.out.setups.slice(4)] },
      presented,
      doubts,
      strengths,
    })
    expect(out.setups.filter(s => s.ways)).toEqual([])
    expect(whole.out.setups.every(s => s.ways && s.depthSdM !== undefined)).toBe(true)
    expect(whole.fits.slice(0, 10).map(f => f.lureId)).toEqual(whole.out.setups.map(s => s.lureId))
    expect(whole.fits.length + whole.out.rejected.length).toBe(
      boxOf(file).lures.filter(l => l.role !== 'trailer').length,
    )
    expect(await client.firstAnswer(request(11))).toEqual(brought[0])
    expect((await client.answer(request(11))).out).toEqual(whole.out)
  })
  it('looks for the places of the others when what comes first is drawn: on two cores the page would wait for it', async () => {
    const client = await judge()
    const order: string[] = []
    const frame = vi.fn((draw: () => void) => {
      order.push('drawn')
      setTimeout(draw)
    })
    vi.stubGlobal('requestAnimationFrame', frame)
    await client.judge(request(11), () => order.push('first'))
    order.push('whole')
    vi.stubGlobal('requestAnimationFrame', atOnce)
    expect(order).toEqual(['first', 'drawn', 'whole'])
  })
  it('of questions put in quick succession only the first and the newest are looked into, and only the newest is answered whole', async () => {
    const client = await judge()
    const brought: number[] = []
    const asked = [4, 9, 14, 19, 24].map(t => client.judge(request(t), () => brought.push(t)))
    const answers = await Promise.all(asked)
    expect(answers.map(a => a !== null)).toEqual([false, false, false, false, true])
    expect(brought.at(-1)).toBe(24)
    expect(brought.length).toBeLessThanOrEqual(2)
    expect(answers[4]!.out.setups).toEqual((await client.answer(request(24))).out.setups)
  })
  it('a question by the way neither ends another nor is ended by it', async () => {
    const client = await judge()
    const [main, aside] = await Promise.all([
      client.judge(request(11), () => undefined),
      client.answer({ ...request(22), top: 3 }),
    ])
    expect(main!.out.setups).toHaveLength(10)
    expect(aside.out.setups).toHaveLength(3)
    expect(aside.out.setups[0]!.lureId).toBe((await client.answer(request(22))).out.setups[0]!.lureId)
  })
  it('is well again after a question that failed', async () => {
    const client = await judge()
    const { failNext } = (await import('comlink')) as unknown as typeof import('~/testing/comlink-in-process')
    failNext('out of memory')
    await expect(client.judge(request(11), () => undefined)).rejects.toThrow('out of memory')
    expect(await client.judge(request(12), () => undefined)).not.toBeNull()
  })
})
