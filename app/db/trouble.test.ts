import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { describe, expect, it } from 'vitest'
import { openDatabase } from './database'
import { openInMemory } from './memory'
import { storageTrouble } from './trouble'

const named = (name: string, inner?: unknown) => Object.assign(new Error('said by the browser'), { name, inner })

describe('what went wrong with the storage', () => {
  it.each([
    [named('QuotaExceededError'), /disk is full/],
    [named('AbortError', named('QuotaExceededError')), /disk is full/],
    [named('DatabaseClosedError', named('VersionError')), /newer version/],
    [named('DatabaseClosedError'), /Another tab/],
    [new DOMException('denied', 'SecurityError'), /private window/],
    [new Dexie.MissingAPIError('no IndexedDB'), /private window/],
  ])('%s is said in words', (error, words) => expect(storageTrouble(error)).toMatch(words))
  it.each([new TypeError('a slip of ours'), 'a text', undefined])('%s is none of its business', error =>
    expect(storageTrouble(error)).toBeNull(),
  )
})

describe('a database that a newer version wrote', () => {
  it('is refused for reading and writing, and holds what it held', async () => {
    const newer = new Dexie('newer')
    newer.version(99).stores({ lures: 'id', holograms: 'id' })
    await newer.table('lures').put({ id: 'future', name: 'future', family: 'tube' })
    newer.close()
    const db = openDatabase('newer')
    await expect(db.open()).rejects.toMatchObject({ name: 'VersionError' })
    const writing = await db.lures.clear().then(
      () => null,
      (error: unknown) => error,
    )
    expect(storageTrouble(writing)).toMatch(/newer version/)
    db.close()
    await newer.open()
    expect(await newer.table('lures').toArray()).toEqual([{ id: 'future', name: 'future', family: 'tube' }])
  })
})

describe('the database in memory', () => {
  it('holds what is put in, apart from every other', async () => {
    const [one, other] = [openInMemory(), openInMemory()]
    await one.lures.put({ id: 'a', name: 'a', family: 'tube' })
    expect([await one.lures.count(), await other.lures.count()]).toEqual([1, 0])
    expect(await Dexie.exists('ygrion-memory')).toBe(false)
  })
})
