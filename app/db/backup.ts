import CRC32 from 'crc-32'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import * as z from 'zod'
import { check, type Issue, parseFile, parseJson } from '#core/files'
import { inWords } from '#speech'
import { recall, remember } from './box'
import type { Database, Kept } from './database'

/** What was read, or what is wrong with it, in words. */
type InWords<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly Issue<string>[] }

const BOX = 'box.json'
const PICTURES = 'pictures.json'
/** What is in a backup since its second format: the sum of each part, so that a flipped bit is told and not put back. */
const CONTENTS = 'contents.json'
const FORMAT = 2
const contentsSchema = z.object({ format: z.number().int().min(FORMAT), sums: z.record(z.string(), z.number().int()) })
const text = z.string().max(500)
const size = z.number().int().min(1).max(20_000)
/** What stands of each picture in `pictures.json`; its pixels lie beside it, under `name`. */
const picturesSchema = z.object({
  lures: z.array(
    z.object({
      name: text,
      lureId: text,
      width: size,
      height: size,
      swatches: z.array(z.object({ hex: text, share: z.number(), at: z.number(), isBackground: z.boolean() })),
      instead: z.boolean(),
    }),
  ),
  events: z.array(z.object({ name: text, id: text, tripId: text, width: size, height: size })),
})
const JPEG = 'image/jpeg'
/** Pictures are pressed already: they are stored as they are. */
const STORED = 0
/** Backups beyond this are not opened, so that a damaged or a malicious one cannot fill the memory [bytes]. Assumed. */
const LARGEST = 500 * 1024 * 1024

const bytesOf = async (blob: Blob) => new Uint8Array(await blob.arrayBuffer())

/** All of it as one zip: an Ygrion file, and the pictures beside it. */
export async function packBackup({ file, photos, eventPhotos }: Kept): Promise<Uint8Array> {
  const lures = await Promise.all(
    photos.map(async ({ blob, ...photo }, i) => ({
      bytes: await bytesOf(blob),
      row: { ...photo, name: `pictures/lure-${i + 1}.jpg` },
    })),
  )
  const events = await Promise.all(
    eventPhotos.map(async ({ blob, ...photo }, i) => ({
      bytes: await bytesOf(blob),
      row: { ...photo, name: `pictures/event-${i + 1}.jpg` },
    })),
  )
  const [box, listed] = [
    strToU8(JSON.stringify(file)),
    strToU8(JSON.stringify({ lures: lures.map(l => l.row), events: events.map(e => e.row) })),
  ]
  const pictures = [...lures, ...events].map(({ bytes, row }) => [row.name, bytes] as const)
  const sums = Object.fromEntries(
    [[BOX, box] as const, [PICTURES, listed] as const, ...pictures].map(([name, bytes]) => [name, CRC32.buf(bytes)]),
  )
  return zipSync({
    [CONTENTS]: strToU8(JSON.stringify({ format: FORMAT, sums })),
    [BOX]: box,
    [PICTURES]: listed,
    ...Object.fromEntries(pictures.map(([name, bytes]) => [name, [bytes, { level: STORED }]])),
  })
}

/** What of a backup is not as it was written; nothing in one of the first format, which has no sums. */
function damagedParts(parts: Readonly<Record<string, Uint8Array>>): InWords<readonly string[]> {
  if (!parts[CONTENTS]) return { ok: true, value: [] }
  const read = parseJson(strFromU8(parts[CONTENTS]))
  const contents = read.ok ? check(contentsSchema, read.value) : read
  if (!contents.ok)
    return {
      ok: false,
      issues: inWords(contents.issues).map(i => ({ ...i, path: [CONTENTS, i.path].filter(Boolean).join(': ') })),
    }
  const { sums } = contents.value
  return { ok: true, value: Object.keys(sums).filter(name => !parts[name] || CRC32.buf(parts[name]) !== sums[name]) }
}

/** A backup as it was read; `lost`: pictures that are damaged and stay out. */
export interface ReadBackup extends Kept {
  readonly lost: readonly string[]
}

/** Reads a backup; whatever is wrong with it is told, and nothing of it is used but for a picture that is damaged: that alone stays out. A plain Ygrion file is a backup without pictures. */
export function readBackup(bytes: Uint8Array): InWords<ReadBackup> {
  const bad = (path: string, message: string): { ok: false; issues: readonly Issue<string>[] } => ({
    ok: false,
    issues: [{ path, message }],
  })
  if (bytes.length === 0) return bad('', 'the file is empty')
  if (bytes.length > LARGEST) return bad('', `is larger than ${LARGEST / 1024 / 1024} MB`)
  if (strFromU8(bytes.subarray(0, 2)) !== 'PK') {
    const json = parseJson(strFromU8(bytes))
    const file = json.ok ? parseFile(json.value) : json
    return file.ok
      ? { ok: true, value: { file: file.value, photos: [], eventPhotos: [], lost: [] } }
      : { ok: false, issues: inWords(file.issues) }
  }
  let parts: Record<string, Uint8Array>
  try {
    let sum = 0
    parts = unzipSync(bytes, { filter: ({ originalSize }) => (sum += originalSize) <= LARGEST })
  } catch (error) {
    return bad('', `the zip is damaged (${(error as Error).message})`)
  }
  const damaged = damagedParts(parts)
  if (!damaged.ok) return damaged
  const torn = damaged.value.find(name => name === BOX || name === PICTURES)
  if (torn) return bad(torn, 'is damaged: it is not as it was written, and is not put back')
  if (!parts[BOX]) return bad(BOX, 'is missing: this is no backup of Ygrion')
  const json = parseJson(strFromU8(parts[BOX]))
  const file = json.ok ? parseFile(json.value) : json
  if (!file.ok)
    return {
      ok: false,
      issues: inWords(file.issues).map(i => ({ ...i, path: [BOX, i.path].filter(Boolean).join(': ') })),
    }
  const listed = parts[PICTURES]
    ? parseJson(strFromU8(parts[PICTURES]))
    : { ok: true as const, value: { lures: [], events: [] } }
  const pictures = listed.ok ? check(picturesSchema, listed.value) : listed
  if (!pictures.ok)
    return { ok: false, issues: inWords(pictures.issues).map(i => ({ ...i, path: `${PICTURES}: ${i.path}` })) }
  const missing = [...pictures.value.lures, ...pictures.value.events].filter(p => !parts[p.name])
  if (missing.length > 0) return bad(missing[0]!.name, `is missing, and ${missing.length - 1} more pictures`)
  const isWhole = ({ name }: { readonly name: string }) => !damaged.value.includes(name)
  const blob = (name: string) => new Blob([parts[name] as Uint8Array<ArrayBuffer>], { type: JPEG })
  return {
    ok: true,
    value: {
      file: file.value,
      photos: pictures.value.lures.filter(isWhole).map(({ name, ...photo }) => ({ ...photo, blob: blob(name) })),
      eventPhotos: pictures.value.events.filter(isWhole).map(({ name, ...photo }) => ({ ...photo, blob: blob(name) })),
      lost: damaged.value,
    },
  }
}

const LAST_BACKUP = 'last-backup'
export const lastBackup = (db: Database) => recall<string>(db, LAST_BACKUP)
export const noteBackup = (db: Database, at: string) => remember(db, LAST_BACKUP, at)
