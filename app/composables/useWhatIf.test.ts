import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope, nextTick, shallowReactive } from 'vue'
import { useWhatIf } from './useWhatIf'

/** A judge that answers each question when it is told to. */
function slowJudge() {
  const waiting: { readonly what: string; readonly answer: (value: unknown) => void }[] = []
  const ask = (what: string) => () => new Promise(answer => waiting.push({ what, answer }))
  return {
    waiting,
    judgement: shallowReactive({
      judgement: { of: 'the first water' } as { of: string },
      sweep: vi.fn((field: string) => ask(field)()),
      flips: vi.fn(ask('flips')),
      stopFlips: vi.fn(() => Promise.resolve()),
    }),
    /** Answers the oldest question. */
    async answer(value: unknown) {
      waiting.shift()!.answer(value)
      for (let i = 0; i < 6; i++) await nextTick()
    },
  }
}

let judge: ReturnType<typeof slowJudge>
let water: { reading: object }
beforeEach(() => {
  judge = slowJudge()
  water = { reading: {} }
  vi.stubGlobal('useJudgementStore', () => judge.judgement)
  vi.stubGlobal('useReadingStore', () => water)
})
afterEach(() => vi.unstubAllGlobals())
const settled = async () => {
  for (let i = 0; i < 6; i++) await nextTick()
}

describe('what would change this', () => {
  it('is looked into once at a time, and of the answers that came meanwhile only the newest', async () => {
    const scope = effectScope()
    const { found, temperature } = scope.run(useWhatIf)!
    await settled()
    for (const of of ['a second water', 'a third', 'a fourth']) {
      judge.judgement.judgement = { of }
      await settled()
    }
    // Dragging a figure does not pile questions up before the judge.
    expect(judge.waiting.map(w => w.what)).toEqual(['temperatureC'])
    await judge.answer('an old sweep')
    expect(temperature.value).toBeNull()
    expect(judge.waiting.map(w => w.what)).toEqual(['temperatureC'])
    for (const value of ['by temperature', 'by sight', ['a flip']]) await judge.answer(value)
    expect([temperature.value, found.value]).toEqual(['by temperature', ['a flip']])
    expect(judge.waiting).toEqual([])
    expect(judge.judgement.sweep).toHaveBeenCalledTimes(3)
    scope.stop()
  })
  it('of a reading that was changed meanwhile shows nothing, before the order has followed', async () => {
    const scope = effectScope()
    const { temperature, found } = scope.run(useWhatIf)!
    await settled()
    await judge.answer('by temperature')
    water.reading = {}
    await judge.answer('by sight in the other water')
    expect([temperature.value, found.value, judge.waiting]).toEqual(['by temperature', null, []])
    scope.stop()
  })
  it('ends with the page', async () => {
    const scope = effectScope()
    const { found } = scope.run(useWhatIf)!
    await settled()
    const before = judge.judgement.stopFlips.mock.calls.length
    scope.stop()
    expect(judge.judgement.stopFlips.mock.calls.length).toBe(before + 1)
    await judge.answer('by temperature')
    expect(judge.waiting).toEqual([])
    expect(found.value).toBeNull()
  })
  it('tells what went wrong, and is well again with the next answer', async () => {
    const scope = effectScope()
    judge.judgement.flips.mockRejectedValueOnce(new Error('the worker ended'))
    const { problem, found } = scope.run(useWhatIf)!
    await settled()
    for (const value of ['by temperature', 'by sight']) await judge.answer(value)
    expect(problem.value).toBe('That could not be worked out: the worker ended')
    judge.judgement.judgement = { of: 'another water' }
    await settled()
    for (const value of ['by temperature', 'by sight', ['a flip']]) await judge.answer(value)
    expect([problem.value, found.value]).toEqual(['', ['a flip']])
    scope.stop()
  })
})
