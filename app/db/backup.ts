import CRC32 from 'crc-32'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import * as z from 'zod'
import { check, type Issue, parseFile, parseJson } from '#core/files'
import { inWords } from '#speech'
import { recall, remember } from './box'
import type { Database, Kept, Snapshot } from './database'
import { ABOUT_PICTURE } from './rows'

/** What was read, or what is wrong with it, in words. */
type InWords<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue<string>[] }

const BOX = 'box.json'
const PICTURES = 'pictures.json'
/** What is in a backup since its second format: the sum of each part, so that a flipped bit is told and not put back. */
const CONTENTS = 'contents.json'
const FORMAT = 2
const contentsSchema = z.object({ format: z.number().int().min(FORMAT), sums: z.record(z.string(), z.number().int()) })
/** What stands of each picture in `pictures.json`; its pixels lie beside it, under `name`. */
const picturesSchema = z.object({
  lures: z.array(z.object({ name: z.string(), ...ABOUT_PICTURE.photos })),
  events: z.array(z.object({ name: z.string(), ...ABOUT_PICTURE.eventPhotos })),
})
const ASIDE = 'aside.json'
/** What stands of each box that was put aside in `aside.json`; the box itself lies beside it as a backup of its own, under `file`. */
const asideSchema = z.array(z.object({ file: z.string(), id: z.string(), at: z.iso.datetime(), name: z.string() }))
const JPEG = 'image/jpeg'
/** Pictures and backups are pressed already: they are stored as they are. */
const STORED = 0
/** Backups beyond this are not opened, so that a damaged or a malicious one cannot fill the memory [bytes]. Assumed. */
const LARGEST = 500 * 1024 * 1024

const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer())

const picturesIn = ({ photos, eventPhotos }: Kept) => photos.length + eventPhotos.length

/**
 * All of it as one zip: an Ygrion file, the pictures beside it, and the boxes that were put aside, each a backup of its own.
 * `progress`: pictures taken in so far, and all of them.
 */
export function packBackup(
  kept: Kept,
  shelf: readonly Snapshot[] = [],
  progress: (done: number, of: number) => void = () => {},
): Promise<Uint8Array> {
  const of = [kept, ...shelf.map(s => s.kept)].reduce((sum, box) => sum + picturesIn(box), 0)
  let done = 0
  progress(done, of)
  return packed(kept, shelf, async blob => {
    const bytes = await bytesOf(blob)
    progress(++done, of)
    return bytes
  })
}

async function packed(
  { file, photos, eventPhotos }: Kept,
  shelf: readonly Snapshot[],
  read: (blob: Blob) => Promise<Uint8Array>,
): Promise<Uint8Array> {
  const lures = await Promise.all(
    photos.map(async ({ blob, ...photo }, i) => ({
      bytes: await read(blob),
      row: { ...photo, name: `pictures/lure-${i + 1}.jpg` },
    })),
  )
  const events = await Promise.all(
    eventPhotos.map(async ({ blob, ...photo }, i) => ({
      bytes: await read(blob),
      row: { ...photo, name: `pictures/event-${i + 1}.jpg` },
    })),
  )
  const [box, listed] = [
    strToU8(JSON.stringify(file)),
    strToU8(JSON.stringify({ lures: lures.map(l => l.row), events: events.map(e => e.row) })),
  ]
  const pictures = [...lures, ...events].map(({ bytes, row }) => [row.name, bytes] as const)
  const aside = await Promise.all(
    shelf.map(async ({ kept, ...about }, i) => ({
      bytes: await packed(kept, [], read),
      row: { ...about, file: `aside/${i + 1}.zip` },
    })),
  )
  const pressed = [...pictures, ...aside.map(({ bytes, row }) => [row.file, bytes] as const)]
  const plain = [
    [BOX, box] as const,
    [PICTURES, listed] as const,
    ...(aside.length > 0 ? [[ASIDE, strToU8(JSON.stringify(aside.map(a => a.row)))] as const] : []),
  ]
  const sums = Object.fromEntries([...plain, ...pressed].map(([name, bytes]) => [name, CRC32.buf(bytes)]))
  return zipSync({
    [CONTENTS]: strToU8(JSON.stringify({ format: FORMAT, sums })),
    ...Object.fromEntries(plain),
    ...Object.fromEntries(pressed.map(([name, bytes]) => [name, [bytes, { level: STORED }]])),
  })
}

/** What of a backup is not as it was written; nothing in one of the first format, which has no sums. */
function damagedParts(parts: Parts): InWords<readonly string[]> {
  const contents = listedIn(parts, CONTENTS, contentsSchema, { format: FORMAT, sums: {} })
  if (!contents.ok) return contents
  const { sums } = contents.value
  return { ok: true, value: Object.keys(sums).filter(name => !parts[name] || CRC32.buf(parts[name]) !== sums[name]) }
}

/** A backup as it was read; `lost`: pictures and boxes put aside that are damaged and stay out. */
export interface ReadBackup extends Kept {
  readonly aside: readonly Snapshot[]
  readonly lost: readonly string[]
}

const bad = (path: string, message: string): { readonly ok: false; readonly issues: readonly Issue<string>[] } => ({
  ok: false,
  issues: [{ path, message }],
})

type Parts = Readonly<Record<string, Uint8Array>>

/** Reads a backup; whatever is wrong with it is told, and nothing of it is used but for a picture, or a box put aside, that is damaged: that alone stays out. A plain Ygrion file is a backup without pictures. */
export function readBackup(bytes: Uint8Array): InWords<ReadBackup> {
  const room = { left: LARGEST }
  const outer = readOne(bytes, room)
  if (!outer.ok) return outer
  const { kept, parts, lost } = outer.value
  const listed = listedIn(parts, ASIDE, asideSchema, [])
  if (!listed.ok) return listed
  const aside: Snapshot[] = []
  const torn: string[] = []
  for (const { file, ...about } of listed.value) {
    if (lost.includes(file)) continue
    // A box that was put aside has no shelf of its own: what else lies in it is not opened.
    const inner = parts[file] ? readOne(parts[file], room) : null
    if (!inner?.ok) torn.push(file)
    else {
      aside.push({ ...about, kept: inner.value.kept })
      torn.push(...inner.value.lost.map(name => `${file}: ${name}`))
    }
  }
  return { ok: true, value: { ...kept, aside, lost: [...lost, ...torn] } }
}

/** One box of a backup, with what else lies in its zip; `room`: bytes that may still be unpacked. */
function readOne(
  bytes: Uint8Array,
  room: { left: number },
): InWords<{ readonly kept: Kept; readonly parts: Parts; readonly lost: readonly string[] }> {
  if (bytes.length === 0) return bad('', 'the file is empty')
  if (bytes.length > LARGEST) return bad('', `is larger than ${LARGEST / 1024 / 1024} MB`)
  if (strFromU8(bytes.subarray(0, 2)) !== 'PK') {
    const json = parseJson(strFromU8(bytes))
    const file = json.ok ? parseFile(json.value) : json
    return file.ok
      ? { ok: true, value: { kept: { file: file.value, photos: [], eventPhotos: [] }, parts: {}, lost: [] } }
      : { ok: false, issues: inWords(file.issues) }
  }
  let parts: Parts
  try {
    parts = unzipSync(bytes, { filter: ({ originalSize }) => (room.left -= originalSize) >= 0 })
  } catch (error) {
    return bad('', `the zip is damaged (${(error as Error).message})`)
  }
  const damaged = damagedParts(parts)
  if (!damaged.ok) return damaged
  const lost = damaged.value
  const torn = lost.find(name => name === BOX || name === PICTURES || name === ASIDE)
  if (torn) return bad(torn, 'is damaged: it is not as it was written, and is not put back')
  if (!parts[BOX]) return bad(BOX, 'is missing: this is no backup of Ygrion')
  const json = parseJson(strFromU8(parts[BOX]))
  const file = json.ok ? parseFile(json.value) : json
  if (!file.ok) return { ok: false, issues: within(BOX, file.issues) }
  const pictures = listedIn(parts, PICTURES, picturesSchema, { lures: [], events: [] })
  if (!pictures.ok) return pictures
  const { lures, events } = pictures.value
  const missing = [...lures, ...events].filter(p => !parts[p.name] && !lost.includes(p.name))
  if (missing.length > 0) return bad(missing[0]!.name, `is missing, and ${missing.length - 1} more pictures`)
  const isWhole = ({ name }: { readonly name: string }) => !lost.includes(name)
  const blob = (name: string) => new Blob([parts[name] as Uint8Array<ArrayBuffer>], { type: JPEG })
  const kept: Kept = {
    file: file.value,
    photos: lures.filter(isWhole).map(({ name, ...photo }) => ({ ...photo, blob: blob(name) })),
    eventPhotos: events.filter(isWhole).map(({ name, ...photo }) => ({ ...photo, blob: blob(name) })),
  }
  return { ok: true, value: { kept, parts, lost } }
}

/** A list in one part of a backup; `none` where it has no such part. */
function listedIn<T>(parts: Parts, name: string, schema: z.ZodType<T>, none: T): InWords<T> {
  if (!parts[name]) return { ok: true, value: none }
  const json = parseJson(strFromU8(parts[name]))
  const listed = json.ok ? check(schema, json.value) : json
  return listed.ok ? listed : { ok: false, issues: within(name, listed.issues) }
}

const within = (part: string, issues: readonly Issue[]): readonly Issue<string>[] =>
  inWords(issues).map(i => ({ ...i, path: [part, i.path].filter(Boolean).join(': ') }))

const LAST_BACKUP = 'last-backup'
export const lastBackup = (db: Database) => recall<string>(db, LAST_BACKUP)
export const noteBackup = (db: Database, at: string) => remember(db, LAST_BACKUP, at)
