import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { effectScope } from 'vue'
import { seededRandom } from '#core/numeric'
import { boatSentences } from '../../server/utils/simulated-boat'
import { askServer } from './askServer'
import { useBoatFeed } from './useBoatFeed'
import { useGauge } from './useGauge'
import { useScale } from './useScale'

/** A line of server-sent events that is spoken into by hand. */
class Line {
  static open: Line[] = []
  onmessage: (event: { data: string }) => void = () => {}
  onerror: () => void = () => {}
  isClosed = false
  constructor(readonly url: string) {
    Line.open.push(this)
  }
  say(what: unknown) {
    this.onmessage({ data: JSON.stringify(what) })
  }
  close() {
    this.isClosed = true
  }
}
const line = () => Line.open.at(-1)!
const answer = (body: unknown, status = 200, type = 'application/json') =>
  Promise.resolve(
    new Response(typeof body === 'string' ? body : JSON.stringify(body), { status, headers: { 'content-type': type } }),
  )

beforeEach(() => {
  Line.open = []
  vi.stubGlobal('EventSource', Line)
})
afterEach(() => vi.unstubAllGlobals())

describe('the server asked once', () => {
  it('gives the answer', async () => {
    const fetch = vi.fn(() => answer({ temperatureC: 7 }))
    vi.stubGlobal('fetch', fetch)
    expect(await askServer('/api/gauge')).toEqual({ temperatureC: 7 })
    expect(fetch).toHaveBeenCalledWith('/api/gauge', { signal: expect.any(AbortSignal) as AbortSignal })
  })
  it.each([
    ['refuses', () => answer('no', 429), 'answer 429'],
    [
      'sends a page of whoever keeps the network',
      () => answer('<html>log in</html>', 200, 'text/html'),
      'something else answers in its place',
    ],
    ['is not reached', () => Promise.reject(new TypeError('Failed to fetch')), 'Failed to fetch'],
  ])('that %s is an error in words', async (_, fetch, message) => {
    vi.stubGlobal('fetch', fetch)
    await expect(askServer('/api/gauge')).rejects.toThrow(message)
  })
})

describe('the gauge', () => {
  it('tells what it says, and what went wrong only while it does', async () => {
    const { says, trouble, ask } = useGauge()
    vi.stubGlobal('fetch', () => answer('no', 503))
    await ask()
    expect([says.value, trouble.value]).toEqual([null, 'No gauge answers (answer 503). Type the figures instead.'])
    vi.stubGlobal('fetch', () => answer({ temperatureC: 7, levelM: 1.2 }))
    await ask()
    expect([says.value, trouble.value]).toEqual([{ temperatureC: 7, levelM: 1.2 }, ''])
  })
})

describe('the scale', () => {
  const scope = effectScope()
  const scale = scope.run(useScale)!
  it('shows what lies on it less the tare, and nothing above its range', () => {
    scale.connect(12.6)
    expect(line().url).toBe('/api/scale?grams=12.6')
    line().say({ grams: 2.1, stable: true, overload: false })
    scale.setTare()
    line().say({ grams: 14.7, stable: true, overload: false })
    expect(scale.shows.value).toEqual({ grams: 12.6, stable: true, overload: false })
    line().say({ grams: null, stable: false, overload: true })
    expect(scale.shows.value).toEqual({ grams: null, stable: false, overload: true })
    scale.setTare()
    line().say({ grams: 14.7, stable: true, overload: false })
    expect(scale.shows.value!.grams).toBe(12.6)
  })
  it('that falls silent is let go and said so; a new one takes its place', () => {
    scale.connect(4)
    const first = line()
    first.onerror()
    expect([first.isClosed, scale.shows.value, scale.trouble.value]).toEqual([
      true,
      null,
      'No scale answers (the server is not reached). Type the weight instead.',
    ])
    scale.connect(5)
    expect(scale.trouble.value).toBe('')
    scale.connect(6)
    expect(Line.open.map(l => l.isClosed)).toEqual([true, true, false])
    scope.stop()
    expect(line().isClosed).toBe(true)
  })
})

describe('the boat', () => {
  it('is read sentence by sentence; what is broken is counted and changes nothing', () => {
    const scope = effectScope()
    const boat = scope.run(useBoatFeed)!
    boat.connect()
    const sentences = boatSentences(5, new Date('2026-05-01T06:00:00Z'), seededRandom(1))
    line().say({ sentences, simulated: true })
    const first = boat.moment.value!
    expect(first.latitude).toBeTypeOf('number')
    expect(boat.counts.value).toEqual({ sentences: sentences.length, badChecksum: 0, unknown: 0, broken: 0 })
    line().say({ sentences: ['$GPRMC,torn', 'noise'], simulated: true })
    expect([boat.moment.value, boat.counts.value!.sentences]).toEqual([first, sentences.length])
    line().onerror()
    expect([line().isClosed, boat.moment.value, boat.trouble.value]).toEqual([
      true,
      null,
      'No boat answers (the server is not reached). Type the figures instead.',
    ])
    scope.stop()
  })
})
