import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { parseFile, type YgrionFile } from '#core/files'
import type { Lure } from '#core/tackle'
import demo from '../../demo/box.json'
import { readAll, readRows, recall, remember, replaceAll, watchBox } from './box'
import { applyChange, changeRow } from './change'
import { openDatabase, type Database } from './database'
import { changeTripAndLure } from './trip'

let db: Database
let count = 0
beforeEach(() => {
  db = openDatabase(`test-${++count}`)
})

const file = (lures: { id: string }[]): YgrionFile => ({ format: 'ygrion', version: 1, lures }) as unknown as YgrionFile

describe('the box in the browser', () => {
  it('takes the demo file whole and gives every lure back as it was', async () => {
    const outcome = parseFile(demo)
    expect(outcome.ok).toBe(true)
    if (!outcome.ok) return
    await replaceAll(db, outcome.value)
    expect((await db.lures.toArray()).sort((a, b) => a.id.localeCompare(b.id))).toEqual(
      [...outcome.value.lures!].sort((a, b) => a.id.localeCompare(b.id)),
    )
    expect(await db.outfits.count()).toBe(outcome.value.outfits!.length)
  })
  it('a write that fails half way leaves everything as it was', async () => {
    await applyChange(db, { put: { lures: [{ id: 'kept', name: 'kept', family: 'crankbait' }] } })
    const broken = file([
      { id: 'a' },
      {
        get id(): string {
          throw new Error('torn')
        },
      },
    ])
    await expect(replaceAll(db, broken)).rejects.toThrow()
    expect((await db.lures.toArray()).map(l => l.id)).toEqual(['kept'])
  })
  it('tells watchers of each change', async () => {
    const seen: number[] = []
    const subscription = watchBox(
      db,
      ({ box }) => seen.push(box.lures.length),
      error => {
        throw error
      },
    )
    const wait = async (n: number) => {
      while (seen.at(-1) !== n) await new Promise(resolve => setTimeout(resolve, 5))
    }
    await wait(0)
    await applyChange(db, { put: { lures: [{ id: 'a', name: 'a', family: 'tube' }] } })
    await wait(1)
    await applyChange(db, { remove: { lures: ['a'] } })
    await wait(0)
    subscription.unsubscribe()
  })
  it('reads again only the list that changed, and tells both halves of one change together', async () => {
    const seen: { lures: readonly object[]; outfits: readonly object[]; tests: number }[] = []
    const subscription = watchBox(
      db,
      ({ box }) => seen.push({ lures: [...box.lures], outfits: [...box.outfits], tests: box.tests.length }),
      error => {
        throw error
      },
    )
    const until = async (isSo: () => boolean) => {
      while (!isSo()) await new Promise(resolve => setTimeout(resolve, 5))
    }
    // A change that comes into the first reading is read once more after it: here it comes later.
    await until(() => seen.length > 0)
    await applyChange(db, {
      put: { outfits: [{ id: 'o', name: 'o', rod: { kind: 'spinning' }, line: { material: 'braid' } }] },
    })
    await until(() => seen.at(-1)?.outfits.length === 1)
    const rod = seen.at(-1)!.outfits[0]
    await applyChange(db, {
      put: {
        lures: [{ id: 'a', name: 'a', family: 'tube' }],
        tests: [{ id: 't', lureId: 'a', kind: 'weigh', values: [5] }],
      },
    })
    await until(() => seen.at(-1)!.lures.length === 1)
    expect(seen.at(-1)!.tests).toBe(1)
    expect(seen.at(-1)!.outfits[0]).toBe(rod)
    subscription.unsubscribe()
    await applyChange(db, { remove: { lures: ['a'], tests: ['t'], outfits: ['o'] } })
  })
  it('hears another tab; of a long list only the row that changed is another object', async () => {
    const row = (id: string, name = id) => ({ id, name, family: 'tube' as const })
    await applyChange(db, { put: { lures: Array.from({ length: 120 }, (_, i) => row(`l${100 + i}`)) } })
    const seen: (readonly Lure[])[] = []
    const subscription = watchBox(
      db,
      ({ box }) => seen.push(box.lures),
      error => {
        throw error
      },
    )
    const shown = async (isSo: (lures: readonly Lure[]) => boolean) => {
      while (!seen.at(-1) || !isSo(seen.at(-1)!)) await new Promise(resolve => setTimeout(resolve, 5))
      return seen.at(-1)!
    }
    const before = await shown(lures => lures.length === 120)
    const tab = openDatabase(db.name)
    await applyChange(tab, { put: { lures: [row('l150', 'renamed')] } })
    const after = await shown(lures => lures[50]!.name === 'renamed')
    expect(after.map((lure, i) => lure === before[i]).flatMap((isSame, i) => (isSame ? [] : [i]))).toEqual([50])
    await applyChange(tab, { remove: { lures: ['l119', 'l219'] }, put: { lures: [row('a'), row('z')] } })
    const ids = (await shown(lures => lures[0]!.id === 'a')).map(lure => lure.id)
    expect(ids).toEqual([...ids].sort())
    expect([ids.length, ids.at(-1), ids.includes('l119'), ids.includes('l219')]).toEqual([120, 'z', false, false])
    await replaceAll(tab, file([row('only')]))
    expect((await shown(lures => lures.length === 1))[0]!.id).toBe('only')
    subscription.unsubscribe()
    tab.close()
  })
  it('a reading that failed is made up with the next change', async () => {
    const troubles: unknown[] = []
    const seen: number[] = []
    let isBroken = true
    const subscription = watchBox(
      db,
      ({ box }) => seen.push(box.lures.length),
      error => troubles.push(error),
      () => (isBroken ? Promise.reject(new Error('torn')) : readRows(db)),
    )
    while (troubles.length === 0) await new Promise(resolve => setTimeout(resolve, 5))
    expect(seen).toEqual([])
    isBroken = false
    await applyChange(db, { put: { lures: [{ id: 'a', name: 'a', family: 'tube' }] } })
    while (seen.at(-1) !== 1) await new Promise(resolve => setTimeout(resolve, 5))
    expect(troubles).toHaveLength(1)
    subscription.unsubscribe()
  })
  it('remembers single things', async () => {
    expect(await recall(db, 'reading')).toBeUndefined()
    await remember(db, 'reading', { species: 'perch' })
    expect(await recall(db, 'reading')).toEqual({ species: 'perch' })
  })
  it('writes a file back as it was read: order, unknown fields, nulls and missing lists', async () => {
    const read = {
      format: 'ygrion',
      version: 1,
      settings: { units: 'imperial' },
      weather: [1],
      lures: [
        { id: 'z', name: 'z', family: 'tube', weightG: null, shelf: 3 },
        { id: 'a', name: 'a', family: 'grub' },
      ],
      parts: [],
    } as unknown as YgrionFile
    await replaceAll(db, read)
    expect(await readAll(db)).toEqual(read)
    await applyChange(db, { put: { lures: [{ id: 'm', name: 'm', family: 'worm' }] } })
    expect((await readAll(db)).lures!.map(l => l.id)).toEqual(['z', 'a', 'm'])
  })
})

describe('a change and its way back', () => {
  const ids = async () => (await db.lures.toArray()).map(l => `${l.id} ${l.name}`)
  it('puts, overwrites and removes in one go, and all of it can be taken back', async () => {
    await applyChange(db, {
      put: {
        lures: [
          { id: 'a', name: 'old', family: 'tube' },
          { id: 'b', name: 'b', family: 'tube' },
        ],
      },
    })
    const before = await ids()
    const back = await applyChange(db, {
      put: {
        lures: [
          { id: 'a', name: 'new', family: 'tube' },
          { id: 'c', name: 'c', family: 'tube' },
        ],
        parts: [{ id: 'p', name: 'p', kind: 'snap' }],
      },
      remove: { lures: ['b', 'never-there'] },
    })
    expect(await ids()).toEqual(['a new', 'c c'])
    const forth = await applyChange(db, back)
    expect(await ids()).toEqual(before)
    expect(await db.parts.count()).toBe(0)
    await applyChange(db, forth)
    expect(await ids()).toEqual(['a new', 'c c'])
  })
  it('what fails half way leaves everything as it was', async () => {
    await applyChange(db, { put: { lures: [{ id: 'a', name: 'a', family: 'tube' }] } })
    await expect(
      applyChange(db, {
        put: {
          lures: [{ id: 'b', name: 'b', family: 'tube' }],
          parts: [
            {
              get id(): string {
                throw new Error('torn')
              },
            } as never,
          ],
        },
      }),
    ).rejects.toThrow()
    expect(await ids()).toEqual(['a a'])
  })
})

describe('a change of one stored row', () => {
  beforeEach(() =>
    applyChange(db, {
      put: {
        lures: [{ id: 'a', name: 'a', family: 'tube', quantity: 2 }],
        trips: [{ id: 't', start: '2026-05-01T06:00:00Z' }],
      },
    }),
  )

  it('is made on what is stored, so that two at once both stay', async () => {
    await Promise.all([
      changeRow(db, 'lures', 'a', l => ({ ...l, weightG: 7 })),
      changeRow(db, 'lures', 'a', l => ({ ...l, quantity: l.quantity! + 1 })),
      changeRow(db, 'lures', 'a', l => ({ ...l, quantity: l.quantity! + 1 })),
    ])
    expect(await db.lures.get('a')).toMatchObject({ weightG: 7, quantity: 4 })
  })
  it('gives back what it wrote', async () => {
    expect(await changeRow(db, 'lures', 'a', l => ({ ...l, name: 'b' }))).toEqual(await db.lures.get('a'))
  })
  it('writes nothing when the row is gone', async () => {
    expect(await changeRow(db, 'lures', 'gone', l => ({ ...l, name: 'b' }))).toBeNull()
    expect(await db.lures.count()).toBe(1)
  })
  it('that fails leaves the row as it was', async () => {
    await expect(
      changeRow(db, 'lures', 'a', () => {
        throw new Error('torn')
      }),
    ).rejects.toThrow('torn')
    expect(await db.lures.get('a')).toMatchObject({ name: 'a', quantity: 2 })
  })
  it('of a trip takes the lure with it, or neither', async () => {
    const lost = (tripId: string) =>
      changeTripAndLure(
        db,
        tripId,
        t => ({ ...t, placeId: 'lost one' }),
        'a',
        l => ({ ...l, quantity: l.quantity! - 1 }),
      )
    await lost('t')
    await lost('gone')
    expect([(await db.trips.get('t'))!.placeId, (await db.lures.get('a'))!.quantity]).toEqual(['lost one', 1])
    await expect(
      changeTripAndLure(
        db,
        't',
        t => ({ ...t, placeId: 'torn' }),
        'a',
        () => {
          throw new Error('torn')
        },
      ),
    ).rejects.toThrow('torn')
    expect([(await db.trips.get('t'))!.placeId, (await db.lures.get('a'))!.quantity]).toEqual(['lost one', 1])
  })
})
