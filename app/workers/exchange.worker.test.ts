import { beforeAll, describe, expect, it, vi } from 'vitest'
import { parseFile, type YgrionFile } from '#core/files'
import { ended, file, fresh } from '~/testing/workers-in-process'
import type { SavingStep } from './saving.protocol'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))

const bytes = (text: string) => new TextEncoder().encode(text)

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
