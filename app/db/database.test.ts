import 'fake-indexeddb/auto'
import { beforeEach, describe, expect, it } from 'vitest'
import { parseFile, type YgrionFile } from '#core/files'
import demo from '../../demo/box.json'
import { deleteLure, putLure, recall, remember, replaceAll, watchBox } from './box'
import { openDatabase, type Database } from './database'

let db: Database
let count = 0
beforeEach(() => {
  db = openDatabase(`test-${++count}`)
})

const file = (lures: { id: string }[]): YgrionFile => ({ format: 'ygrion', version: 1, lures } as unknown as YgrionFile)

describe('the box in the browser', () => {
  it('takes the demo file whole and gives every lure back as it was', async () => {
    const outcome = parseFile(demo)
    expect(outcome.ok).toBe(true)
    if (!outcome.ok) return
    await replaceAll(db, outcome.value)
    expect((await db.lures.toArray()).sort((a, b) => a.id.localeCompare(b.id))).toEqual([...outcome.value.lures!].sort((a, b) => a.id.localeCompare(b.id)))
    expect(await db.outfits.count()).toBe(outcome.value.outfits!.length)
  })
  it('a write that fails half way leaves everything as it was', async () => {
    await putLure(db, { id: 'kept', name: 'kept', family: 'crankbait' })
    const broken = file([{ id: 'a' }, { get id(): string { throw new Error('torn') } }])
    await expect(replaceAll(db, broken)).rejects.toThrow()
    expect((await db.lures.toArray()).map(l => l.id)).toEqual(['kept'])
  })
  it('tells watchers of each change', async () => {
    const seen: number[] = []
    const subscription = watchBox(db, box => seen.push(box.lures.length), (error) => { throw error })
    const wait = async (n: number) => {
      while (seen.at(-1) !== n) await new Promise(resolve => setTimeout(resolve, 5))
    }
    await wait(0)
    await putLure(db, { id: 'a', name: 'a', family: 'tube' })
    await wait(1)
    await deleteLure(db, 'a')
    await wait(0)
    subscription.unsubscribe()
  })
  it('remembers single things', async () => {
    expect(await recall(db, 'reading')).toBeUndefined()
    await remember(db, 'reading', { species: 'perch' })
    expect(await recall(db, 'reading')).toEqual({ species: 'perch' })
  })
})
