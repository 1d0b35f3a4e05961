import { beforeAll, describe, expect, it, vi } from 'vitest'
import { courseOf, type Presented } from '#core/course'
import { boxOf, ownOf, parseFile, type YgrionFile } from '#core/files'
import type { Pack } from '#core/pack'
import type { Reading } from '#core/reading'
import type { Box, Trip } from '#core/tackle'
import { inWords } from '#speech'
import demo from '../../demo/box.json'
import { countedDown } from '../../tests/presented'
import type { FoundCourse } from './course.protocol'
import type { FirstAnswer } from './judge.protocol'
import type { Step } from './pack.protocol'
import type { SavingStep } from './saving.protocol'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
const ended: string[] = []
vi.stubGlobal(
  'Worker',
  class {
    constructor(private readonly url: URL) {}
    terminate() {
      ended.push(this.url.pathname.split('/').at(-1)!)
    }
  },
)

const atOnce = (draw: () => void) => setTimeout(draw)
vi.stubGlobal('requestAnimationFrame', atOnce)

const read = parseFile(demo)
if (!read.ok) throw new Error(inWords(read.issues[0]!.message))
const file: YgrionFile = read.value
const bytes = (text: string) => new TextEncoder().encode(text)
const morning: Reading = {
  species: 'northern-pike',
  at: '2026-05-06T06:40:00+02:00',
  temperatureC: 11.5,
  visibilityM: 1.2,
  stain: 'brown',
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
}

/** The client of a worker, with the worker in this process. */
async function fresh<T>(worker: () => Promise<unknown>, client: () => Promise<T>): Promise<T> {
  vi.resetModules()
  await worker()
  return client()
}

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

describe('light under water', () => {
  let client: import('./light.client').LightClient
  beforeAll(async () => {
    client = new (
      await fresh(
        () => import('./light.worker'),
        () => import('./light.client'),
      )
    ).LightClient()
  })
  const request = (part: object = {}) => ({
    scene: {
      species: 'northern-pike',
      visibilityM: 1.2,
      stain: 'brown',
      sky: 'sun',
      moonFraction: 0,
      sunAltitudeDeg: 45,
      zone: 'mid',
      prey: ['baitfish'],
    } as const,
    lures: [
      {
        id: 'white',
        looks: {
          colours: { back: '#ffffff', side: '#ffffff', belly: '#ffffff' },
          family: 'crankbait',
          actionStyle: 'wobble',
        } as const,
      },
      {
        id: 'black',
        looks: {
          colours: { back: '#050505', side: '#050505', belly: '#050505' },
          family: 'crankbait',
          actionStyle: 'wobble',
        } as const,
      },
    ],
    depthM: 1,
    depthsM: [0.5, 2, 6],
    ...part,
  })
  it('deeper is darker; a lure is lost farther off than it stands out; contrast falls with distance', async () => {
    const { water, lures } = (await client.colours(request()))!
    expect(water.map(w => w.lux)).toEqual(water.map(w => w.lux).sort((a, b) => b - a))
    for (const { curve, conspicuousness, naturalness, reachM, swatches } of lures) {
      const jnd = curve.map(p => p.jnd)
      expect(jnd.at(-1)!).toBeLessThan(jnd[0]!)
      for (const share of [conspicuousness, naturalness]) expect(share).toSatisfy((v: number) => v >= 0 && v <= 1)
      expect(reachM!).toBeGreaterThan(0)
      expect(swatches.map(s => s.length)).toEqual([3, 3, 3])
    }
    const level = (id: string) => lures.find(l => l.id === id)!.views.find(v => v.view === 'level')!
    expect([level('white').isBright, level('black').isBright]).toEqual([true, false])
  })
  it('clearer water shows a lure farther', async () => {
    const at = async (visibilityM: number) =>
      (await client.colours(request({ scene: { ...request().scene, visibilityM } })))!.lures[0]!.reachM!
    const [dirty, clear] = [await at(0.6), await at(3)]
    expect(clear).toBeGreaterThan(dirty)
  })
  it('an answer that is known is given again at once, and the oldest is forgotten', async () => {
    const first = await client.colours(request())
    expect(await client.colours(request())).toBe(first)
    for (let i = 0; i < 41; i++) await client.colours(request({ lures: [], depthM: 1 + i / 10 }))
    const again = await client.colours(request())
    expect(again).not.toBe(first)
    expect({ ...again, tookMs: 0 }).toEqual({ ...first, tookMs: 0 })
  })
})

describe('files', () => {
  let client: import('./exchange.client').ExchangeClient
  beforeAll(async () => {
    client = new (
      await fresh(
        () => import('./exchange.worker'),
        () => import('./exchange.client'),
      )
    ).ExchangeClient()
  })
  const open = (name: string, content: Uint8Array, existing = file) => client.open(name, content, 'metric', existing)
  it('an Ygrion file is known by what it holds, whatever its name', async () => {
    const opened = await open(
      'notes.txt',
      bytes(JSON.stringify({ format: 'ygrion', version: 1, lures: [{ id: 'new', name: 'new', family: 'tube' }] })),
    )
    expect(opened).toMatchObject({ kind: 'ygrion', file: { lures: [{ id: 'new' }] } })
  })
  it.each([
    ['an empty file', new Uint8Array(), /empty/],
    ['a picture', Uint8Array.from({ length: 600 }, (_, i) => (i * 37) % 256), /neither a table/],
    ['a heading alone', bytes('name;kind\n'), /no rows/],
    ['broken JSON', bytes('{"format": "ygrion", '), /./],
    ['a newer file', bytes('{"format":"ygrion","version":99}'), /newer/],
  ])('%s is refused in words', async (_, content, words) => {
    const opened = await open('x', content)
    expect(opened.kind).toBe('trouble')
    if (opened.kind === 'trouble') expect(opened.issues[0]!.message).toMatch(words)
  })
  it('a table is planned row by row, and nothing is written', async () => {
    const before = JSON.stringify(file)
    const opened = await open(
      'lures.csv',
      bytes('name;kind;weight (g)\nNew tube;tube;7\nBad one;tube;heavy\nHeads;jig head;12\n'),
    )
    expect(opened).toMatchObject({ kind: 'table', count: 3, delimiter: ';' })
    if (opened.kind !== 'table') return
    const steps: number[] = []
    const { planned, others } = await client.plan(
      {
        mapping: opened.mapping,
        corrections: {},
        mended: {},
        mergeBy: 'name',
        existing: { lures: file.lures!, parts: file.parts!, outfits: file.outfits! },
        system: 'metric',
      },
      done => steps.push(done),
    )
    expect(planned).toHaveLength(2)
    expect(JSON.stringify(planned[1])).toContain('heavy')
    expect(others).toMatchObject([{ line: 4, list: 'parts', row: { kind: 'jig-head', weightG: 12 } }])
    expect(JSON.stringify(file)).toBe(before)
    client.close()
  })
})

describe('the bench', () => {
  it('a plug that is loaded runs deeper, one that is lightened shallower', async () => {
    const client = new (
      await fresh(
        () => import('./bench.worker'),
        () => import('./bench.client'),
      )
    ).BenchClient()
    const rated = { depthM: 2, castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8 }
    const runs = async (afterN: number) => (await client.changedDepth({ rated, beforeN: -0.01, afterN }))!
    const [same, loaded, lighter] = [await runs(-0.01), await runs(0.03), await runs(-0.04)]
    expect(same.after).toBeCloseTo(same.before!, 6)
    expect(same.before).toBeCloseTo(2, 1)
    expect(loaded.after!).toBeGreaterThan(loaded.before!)
    expect(lighter.after!).toBeLessThan(lighter.before!)
    const [older, newer] = await Promise.all([
      client.changedDepth({ rated, beforeN: 0, afterN: 0 }),
      client.changedDepth({ rated, beforeN: 0, afterN: 0.02 }),
    ])
    expect([older, newer?.after]).toEqual([null, expect.any(Number)])
    client.close()
  })
})

describe('a picture', () => {
  it('gives its paints, and the worker ends with it', async () => {
    const { pickColours } = await fresh(
      () => import('./photo.worker'),
      () => import('./photo.client'),
    )
    const data = new Uint8ClampedArray(40 * 40 * 4)
    for (let i = 0; i < 1600; i++) data.set(i % 40 < 20 ? [200, 30, 30, 255] : [20, 40, 180, 255], i * 4)
    ended.length = 0
    const swatches = await pickColours({ width: 40, height: 40, data })
    expect(swatches.reduce((sum, s) => sum + s.share, 0)).toBeCloseTo(1, 5)
    expect(swatches.length).toBeGreaterThanOrEqual(2)
    expect(ended).toEqual(['photo.worker.ts'])
  })
})

describe('the log', () => {
  let log: ReturnType<typeof import('./logbook.client').openLogbook>
  beforeAll(async () => {
    log = (
      await fresh(
        () => import('./logbook.worker'),
        () => import('./logbook.client'),
      )
    ).openLogbook()
    await log.api.load(boxOf(file), ownOf(file))
  })
  it('every contact of the log is counted once in the depths of the year, the newest first', async () => {
    const touches = file.trips!.flatMap(t =>
      (t.stints ?? []).flatMap(s =>
        (s.events ?? []).filter(
          e => !['follow', 'snagged', 'lure-lost'].includes(e.kind) && (e.depthM ?? s.depthM) != null,
        ),
      ),
    )
    const { contacts, spots, newest, deepestM } = await log.api.depths()
    expect(contacts).toBe(touches.length)
    expect(spots.reduce((sum, spot) => sum + spot.count, 0)).toBe(touches.length)
    expect(newest.map(m => Date.parse(m.at))).toEqual([...newest].map(m => Date.parse(m.at)).sort((a, b) => b - a))
    expect(Math.max(...newest.map(m => m.depthM))).toBe(deepestM)
  })
  it('a lure that was never fished before is known from its first tap on, and listed as not fished until then', async () => {
    const fished = new Set(file.trips!.flatMap(t => (t.stints ?? []).map(s => s.lureId)))
    const fresh = file.lures!.find(l => !fished.has(l.id) && l.role !== 'trailer' && l.quantity !== 0)!
    const byKind = { of: 'contacts', per: 'hour' } as const
    expect((await log.api.rates('lure', byKind)).unfished).toContain(fresh.id)
    const trip: Trip = {
      id: 'first',
      start: '2026-11-01T08:00:00Z',
      stints: [
        {
          id: 'first-1',
          start: '2026-11-01T08:00:00Z',
          end: '2026-11-01T10:00:00Z',
          lureId: fresh.id,
          events: [{ id: 'first-1-1', kind: 'hit' }],
        },
      ],
    }
    await log.api.log({ put: [trip], ids: [...file.trips!.map(t => t.id), 'first'] })
    const kinds = await log.api.rates('family', byKind)
    expect(kinds.rows.find(r => r.value === fresh.family)!.contacts).toBeGreaterThan(0)
    expect((await log.api.rates('lure', byKind)).unfished).not.toContain(fresh.id)
    await log.api.load(boxOf(file), ownOf(file))
  })
  it('years are those of the trips, and each has its sheet', async () => {
    const years = await log.api.years()
    expect([...years].sort()).toEqual([...new Set(file.trips!.map(t => Number(t.start.slice(0, 4))))].sort())
    for (const year of years) expect(await log.api.year(year)).toBeTruthy()
  })
  it('trips go out as a table and come back the same; positions go out blurred', async () => {
    const csv = await log.api.written(file.trips!, 'csv', 'blurred')
    const back = await log.api.read(
      bytes(csv),
      file.places!.map(({ id, name }) => ({ id, name })),
      'metric',
    )
    expect(back.trips.map(t => t.id).sort()).toEqual(file.trips!.map(t => t.id).sort())
    const exact = JSON.parse(await log.api.written(file.trips!, 'geojson', 'exact')) as {
      features: { geometry: { coordinates: number[] } }[]
    }
    const blurred = JSON.parse(await log.api.written(file.trips!, 'geojson', 'blurred')) as typeof exact
    expect(exact.features.length).toBeGreaterThan(0)
    const places = (of: typeof exact) => of.features.map(f => f.geometry.coordinates.join())
    expect(places(blurred).filter((place, i) => place === places(exact)[i])).toEqual([])
    expect(await log.api.written(file.trips!, 'gpx', 'blurred')).toContain('<wpt ')
  })
  it('a newer audit ends the one before it', async () => {
    const many = Array.from({ length: 5 }, (_, k) => file.trips!.map(t => ({ ...t, id: `${t.id}-${k}` }))).flat()
    await log.api.load({ ...boxOf(file), trips: many } as Box, ownOf(file))
    const steps: number[] = []
    const [older, newer] = await Promise.all([
      log.audit({ schools: {}, weights: {} }, () => {}),
      log.audit({ schools: {}, weights: {} }, done => steps.push(done)),
    ])
    expect(older).toBeNull()
    expect(newer!.rules.length).toBeGreaterThan(0)
    expect(steps.length).toBeGreaterThan(1)
    expect(steps).toEqual([...steps].sort((a, b) => a - b))
  })
})

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

describe('files that are written', () => {
  const kept = { file, photos: [], eventPhotos: [] }
  const open = () =>
    fresh(
      () => import('./exchange.worker'),
      async () => new (await import('./saving.client')).SavingClient(),
    )
  it('a backup is read back before it is called one, and tells how far it is', async () => {
    const told: string[] = []
    const written = await (await open()).backup(kept, [], step => void told.push(step.what))
    expect(told).toEqual(['pressing', 'reading it back'])
    const { readBackup } = await import('~/db/backup')
    expect(readBackup(written!)).toMatchObject({ ok: true, value: { file: { lures: file.lures } } })
  })
  it('what could not be read back is no backup', async () => {
    const torn = { ...kept, file: { ...file, version: 'none' } as unknown as YgrionFile }
    await expect((await open()).backup(torn, [], () => {})).rejects.toThrow('no backup was made')
  })
  it('given up, it comes to nothing and its worker ends', async () => {
    ended.length = 0
    const client = await open()
    const writing = client.boxFile(file, 'exact', () => {})
    client.cancel()
    expect(await writing).toBeNull()
    expect(ended).toContain('exchange.worker.ts')
  })
  it('the box as a file tells how far it is and reads back; without spots it names none', async () => {
    const told: SavingStep[] = []
    const exact = JSON.parse((await (await open()).boxFile(file, 'exact', step => void told.push(step)))!)
    expect(told.at(-1)).toMatchObject({ what: 'rows', done: told[0]!.of })
    expect(parseFile(exact)).toMatchObject({ ok: true })
    const none = (await (await open()).boxFile(file, 'none', () => {}))!
    expect(JSON.stringify(exact)).toContain('"latitude"')
    expect(none).not.toMatch(/"latitude"|"position"/)
  })
  it('lures as a table begin with the mark by which spreadsheets know the encoding', async () => {
    const table = (await (await open()).luresTable(file.lures!))!
    expect([table.charCodeAt(0), table.split('\n').length > file.lures!.length]).toEqual([0xfeff, true])
  })
})
