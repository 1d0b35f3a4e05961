import 'fake-indexeddb/auto'
import fc from 'fast-check'
import { strToU8, unzipSync, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { parseFile, parseJson, type YgrionFile } from '#core/files'
import { seededRandom } from '#core/numeric'
import { inWords } from '#speech'
import demo from '../../demo/box.json'
import { packBackup, readBackup } from './backup'
import { readKept, restoreKept } from './kept'
import { readAll, replaceAll } from './box'
import { openDatabase } from './database'

const file = demo as unknown as YgrionFile
const photo = {
  lureId: 'l1',
  blob: new Blob([new Uint8Array([255, 216, 1, 2])], { type: 'image/jpeg' }),
  width: 4,
  height: 3,
  swatches: [],
  instead: true,
}
const eventPhoto = {
  id: 'e1',
  tripId: 'trip1',
  blob: new Blob([new Uint8Array([255, 216, 9])], { type: 'image/jpeg' }),
  width: 4,
  height: 3,
}
const kept = { file, photos: [photo], eventPhotos: [eventPhoto] }
let count = 0
const fresh = () => openDatabase(`backup-${++count}`)

describe('a backup', () => {
  it('comes back as it went: everything, pictures too', async () => {
    const back = readBackup(await packBackup(kept))
    expect(back.ok).toBe(true)
    if (!back.ok) return
    expect(back.value.file).toEqual(file)
    expect(new Uint8Array(await back.value.photos[0]!.blob.arrayBuffer())).toEqual(new Uint8Array([255, 216, 1, 2]))
    expect(back.value.photos[0]).toMatchObject({ lureId: 'l1', instead: true, width: 4 })
    expect(back.value.eventPhotos[0]).toMatchObject({ id: 'e1', tripId: 'trip1' })
  })
  it('holds the boxes that were put aside, with their pictures; one that is damaged stays out and is told', async () => {
    const aside = ['s1', 's2'].map(id => ({ id, at: '2026-05-01T06:00:00.000Z', name: `Box ${id}`, kept }))
    const bytes = await packBackup({ file: { format: 'ygrion', version: 1 }, photos: [], eventPhotos: [] }, aside)
    const back = readBackup(bytes)
    if (!back.ok) throw new Error(JSON.stringify(back.issues))
    expect(back.value.file).toEqual({ format: 'ygrion', version: 1 })
    expect(back.value.aside.map(s => [s.id, s.at, s.name, s.kept.photos.length])).toEqual(
      aside.map(s => [s.id, s.at, s.name, 1]),
    )
    expect(back.value.aside[1]!.kept.file).toEqual(file)
    const parts = unzipSync(bytes)
    const flipped = parts['aside/1.zip']!.slice()
    flipped[flipped.length >> 1]! ^= 1
    const one = readBackup(zipSync({ ...parts, 'aside/1.zip': flipped }))
    expect(one).toMatchObject({ ok: true, value: { aside: [{ id: 's2' }], lost: ['aside/1.zip'] } })
    delete parts['aside/2.zip']
    expect(readBackup(zipSync(parts))).toMatchObject({
      ok: true,
      value: { aside: [{ id: 's1' }], lost: ['aside/2.zip'] },
    })
  })
  it('tells how many pictures it has taken in, those of boxes put aside too', async () => {
    const told: string[] = []
    await packBackup(kept, [{ id: 's1', at: '2026-05-01T06:00:00.000Z', name: 's', kept }], (done, of) =>
      told.push(`${done}/${of}`),
    )
    expect(told).toEqual(['0/4', '1/4', '2/4', '3/4', '4/4'])
  })
  it('a box inside a box inside a backup is not opened', async () => {
    const row = { id: 's1', at: '2026-05-01T06:00:00.000Z', name: 'inner', kept }
    const inner = await packBackup(kept, [row])
    const outer = await packBackup(kept)
    const nested = zipSync({
      ...unzipSync(outer),
      'contents.json': strToU8('{"format":2,"sums":{}}'),
      'aside.json': strToU8(JSON.stringify([{ file: 'aside/1.zip', id: 's1', at: row.at, name: 'outer' }])),
      'aside/1.zip': inner,
    })
    const back = readBackup(nested)
    expect(back).toMatchObject({ ok: true, value: { aside: [{ name: 'outer' }], lost: [] } })
  })
  it('is put back whole into a browser that holds something else', async () => {
    const db = fresh()
    await replaceAll(db, {
      format: 'ygrion',
      version: 1,
      lures: [{ id: 'other', name: 'other', family: 'tube' }],
    } as never)
    await restoreKept(db, kept)
    expect((await readAll(db)).lures).toEqual(file.lures)
    const now = await readKept(db)
    expect([now.photos.length, now.eventPhotos.length]).toEqual([1, 1])
  })
  it('fails whole: what was there stays', async () => {
    const db = fresh()
    await restoreKept(db, kept)
    const torn = {
      ...kept,
      eventPhotos: [
        {
          get id(): string {
            throw new Error('torn')
          },
        } as never,
      ],
    }
    await expect(restoreKept(db, torn)).rejects.toThrow()
    expect((await readAll(db)).trips).toEqual(file.trips)
    expect(await db.eventPhotos.count()).toBe(1)
  })
  it('says what is wrong with a damaged one, by its part', async () => {
    const whole = await packBackup(kept)
    const issue = (bytes: Uint8Array) => {
      const outcome = readBackup(bytes)
      return outcome.ok ? 'ok' : `${outcome.issues[0]!.path}: ${outcome.issues[0]!.message}`
    }
    expect(issue(new Uint8Array())).toMatch(/empty/)
    expect(issue(whole.slice(0, whole.length / 2))).toMatch(/zip is damaged/)
    expect(issue(zipSync({ 'other.txt': strToU8('x') }))).toMatch(/box.json: is missing/)
    expect(issue(zipSync({ 'box.json': strToU8('{"format":"ygrion","version":9}') }))).toMatch(/newer Ygrion/)
    expect(
      issue(
        zipSync({
          'box.json': strToU8('{"format":"ygrion","version":1}'),
          'pictures.json': strToU8(
            '{"lures":[{"name":"pictures/gone.jpg","lureId":"l1","width":1,"height":1,"swatches":[],"instead":true}],"events":[]}',
          ),
        }),
      ),
    ).toMatch(/pictures\/gone.jpg: is missing/)
    expect(
      issue(
        zipSync({
          'box.json': strToU8('{"format":"ygrion","version":1}'),
          'pictures.json': strToU8('{"lures":[{"name":3}]}'),
        }),
      ),
    ).toMatch(/pictures.json/)
  })
  it('a flipped bit is told: in the box nothing is put back, in a picture that picture stays out', async () => {
    const parts = unzipSync(await packBackup(kept))
    const flipped = (name: string) => {
      const bytes = parts[name]!.slice()
      bytes[bytes.length >> 1]! ^= 1
      return readBackup(zipSync({ ...parts, [name]: bytes }))
    }
    expect(flipped('box.json')).toMatchObject({
      ok: false,
      issues: [{ path: 'box.json', message: expect.stringContaining('damaged') as string }],
    })
    expect(flipped('contents.json').ok).toBe(false)
    const one = flipped('pictures/lure-1.jpg')
    expect(one).toMatchObject({
      ok: true,
      value: { lost: ['pictures/lure-1.jpg'], photos: [], eventPhotos: [{ id: 'e1' }] },
    })
  })
  it('of the first format, without sums, is read as before', async () => {
    const first = Object.entries(unzipSync(await packBackup(kept))).filter(([name]) => name !== 'contents.json')
    expect(readBackup(zipSync(Object.fromEntries(first)))).toMatchObject({
      ok: true,
      value: { lost: [], photos: [{ lureId: 'l1' }] },
    })
  })
  it('of 500 files with one byte changed none is taken for whole unless all of it is as it was', async () => {
    const random = seededRandom(9)
    const whole = await packBackup(kept)
    let taken = 0
    for (let i = 0; i < 500; i++) {
      const bytes = whole.slice()
      bytes[Math.floor(random() * bytes.length)]! ^= 1 << Math.floor(random() * 8)
      const outcome = readBackup(bytes)
      if (!outcome.ok || outcome.value.lost.length > 0) continue
      taken++
      expect(outcome.value.file).toEqual(file)
      expect(new Uint8Array(await outcome.value.photos[0]!.blob.arrayBuffer())).toEqual(
        new Uint8Array([255, 216, 1, 2]),
      )
    }
    expect(taken).toBeLessThan(100)
  })
  it('a plain Ygrion file is a backup without pictures', () =>
    expect(readBackup(strToU8(JSON.stringify(file)))).toMatchObject({ ok: true, value: { photos: [] } }))
})

/** As many as are read in a check; by `npm run hostile` more, out of other draws. */
const FILES = Number(process.env.HOSTILE_FILES ?? 10_000)

describe('thousands of damaged files', () => {
  /** A few rows of every list, so that ten thousand can be read. */
  const small = JSON.stringify({
    ...file,
    ...Object.fromEntries(
      Object.entries(file)
        .filter(([, v]) => Array.isArray(v))
        .map(([k, v]) => [k, (v as unknown[]).slice(0, 2)]),
    ),
  })
  it('are never a crash: each is read, or refused with its place', () => {
    const random = seededRandom(FILES)
    const at = (length: number) => Math.floor(random() * length)
    const outcomes = { read: 0, refused: 0 }
    for (let i = 0; i < FILES; i++) {
      let text = small
      for (let hits = 1 + at(4); hits > 0; hits--) {
        const [from, kind] = [at(text.length), at(6)]
        text = [
          () => text.slice(0, from),
          () => text.slice(0, from) + text.slice(from + 1 + at(40)),
          () => text.slice(0, from) + String.fromCharCode(at(256)) + text.slice(from + 1),
          () => text.slice(0, from) + ['null', '{}', '[]', '-1e9', '"\u0000"', 'true'][at(6)] + text.slice(from),
          () => text.replace(/:\d+/, `:${[-5, 1e12, 0][at(3)]}`),
          () => text.replace(/"id"/, '"di"'),
        ][kind]!()
      }
      const json = parseJson(text)
      const outcome = json.ok ? parseFile(json.value) : json
      outcomes[outcome.ok ? 'read' : 'refused']++
      if (!outcome.ok) expect(inWords(outcome.issues[0]!.message).length).toBeGreaterThan(3)
    }
    expect(outcomes.refused).toBeGreaterThan(FILES / 2)
    expect(outcomes.read).toBeGreaterThan(FILES / 200)
  })
  it('a refused one writes nothing; a zip of any bytes is refused or read, never a crash', async () => {
    const whole = await packBackup(kept)
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: whole.length - 1 }),
        fc.uint8Array({ minLength: 1, maxLength: 30 }),
        (place, bytes) => {
          const damaged = whole.slice()
          damaged.set(bytes.slice(0, damaged.length - place), place)
          const outcome = readBackup(damaged)
          expect(outcome.ok || outcome.issues.length > 0).toBe(true)
        },
      ),
      { numRuns: 300 },
    )
  })
})
