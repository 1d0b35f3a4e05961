import { beforeAll, describe, expect, it, vi } from 'vitest'
import { boxOf, ownOf } from '#core/files'
import type { Pack } from '#core/pack'
import { ended, file, fresh, morning } from '~/testing/workers-in-process'
import type { Step } from './pack.protocol'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

describe('the planner', () => {
  let client: import('./pack.client').PackClient
  const request = {
    readings: [
      { reading: morning, weight: 0.6 },
      { reading: { ...morning, temperatureC: 14, sky: 'sun' as const }, weight: 0.4 },
    ],
    limits: { rods: 2, lures: 8, boxes: 1, slotsPerBox: 10, grams: 400 },
    locks: { take: new Set<string>(), leave: new Set<string>() },
  }
  const choice = { schools: {}, weights: {}, units: 'metric' as const }
  beforeAll(async () => {
    client = new (
      await fresh(
        () => import('./pack.worker'),
        () => import('./pack.client'),
      )
    ).PackClient()
    client.load(boxOf(file), ownOf(file), true)
  })
  async function plan(given: object = {}) {
    const steps: Step[] = []
    const answer = await client.plan({ ...request, ...given } as never, choice, { seconds: 20, gap: 0.01 }, step =>
      steps.push(step),
    )
    return { steps, answer }
  }
  let pack: Pack
  it('finds a pack within its limits, and proves how near to the best it is', async () => {
    const { steps, answer } = await plan()
    if ('conflicts' in answer) throw new Error(JSON.stringify(answer.conflicts))
    pack = answer.explained.pack
    const { value, bound, gap, ended } = answer.proof
    expect(steps.find(s => s.kind === 'greedy')!.explained).toEqual(answer.explained)
    expect(value).toBeCloseTo(answer.explained.value, 10)
    expect(gap).toBeCloseTo((bound - value) / bound, 6)
    expect({ ended, within: gap <= 0.01 + 1e-9 }).toEqual({ ended: 'proven', within: true })
    expect(answer.explained.breaches).toEqual([])
    expect(answer.explained.used.lures).toBeLessThanOrEqual(request.limits.lures)
    expect(pack.rods.length).toBeLessThanOrEqual(2)
    for (const { pack: own, box } of answer.explained.covers) expect(own).toBeLessThanOrEqual(box + 1e-9)
    expect(steps.filter(s => s.kind === 'judged').map(s => s.done)).toEqual(
      [...steps.filter(s => s.kind === 'judged').map(s => s.done)].sort((a, b) => a - b),
    )
  })
  it('what is locked in is in, what is locked out is out', async () => {
    const [out] = pack.items
    const outside = file.lures!.find(l => !pack.items.includes(l.id) && l.quantity !== 0 && l.role !== 'trailer')!.id
    const { answer } = await plan({ locks: { take: new Set([outside]), leave: new Set([out!]) } })
    if ('conflicts' in answer) throw new Error(JSON.stringify(answer.conflicts))
    expect(answer.explained.pack.items).toContain(outside)
    expect(answer.explained.pack.items).not.toContain(out)
  })
  it('a pack changed by hand is explained, with what could take the place of a lure', async () => {
    const lure = pack.items.find(id => file.lures!.some(l => l.id === id))!
    const swaps = await client.swaps(request as never, choice, pack, lure)
    expect(swaps.length).toBeGreaterThan(0)
    const without = await client.explain(request as never, choice, {
      ...pack,
      items: pack.items.filter(id => id !== lure),
      rigged: {},
    })
    const whole = await client.explain(request as never, choice, pack)
    expect(without.value).toBeLessThan(whole.value)
  })
  it('tells the same set-ups in the units of the angler', async () => {
    const told = async (units: 'metric' | 'imperial') =>
      (await client.explain(request as never, { ...choice, units }, pack)).covers.flatMap(c =>
        c.setups.map(({ setup }) => JSON.stringify(setup)),
      )
    const metric = await told('metric')
    const imperial = await told('imperial')
    expect(metric.length).toBeGreaterThan(0)
    expect(metric.some(text => /\d\s(m|cm|m\/s)\b/u.test(text))).toBe(true)
    expect(imperial.filter(text => /\d\s(m|cm|m\/s)\b/u.test(text))).toEqual([])
    expect(imperial.some(text => /\d\s(ft|in|mph)\b/u.test(text))).toBe(true)
  })
  it('limits that cannot be met are named at once', async () => {
    const take = new Set(
      file
        .lures!.filter(l => l.quantity !== 0)
        .slice(0, 9)
        .map(l => l.id),
    )
    const { answer, steps } = await plan({ locks: { take, leave: new Set() } })
    expect(answer).toHaveProperty('conflicts')
    if ('conflicts' in answer) expect(answer.conflicts.length).toBeGreaterThan(0)
    expect(steps.some(s => s.kind === 'bound')).toBe(false)
  })
  it('stopped, it begins anew with the same box', async () => {
    ended.length = 0
    client.stop()
    expect(ended).toEqual(['pack.worker.ts'])
    const whole = await client.explain(request as never, choice, pack)
    expect(whole.value).toBeGreaterThan(0)
  })
})
