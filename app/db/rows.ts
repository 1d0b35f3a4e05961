import * as z from 'zod'
import { check, type ListName, LISTS, type Outcome, parseRow } from '#core/files'

/** Tables of pictures beside the lists of a file. */
export const PICTURES = ['photos', 'eventPhotos'] as const
export type PictureTable = (typeof PICTURES)[number]
/** Tables whose rows are the angler's, each checked when it is written and when it is read. */
export type TableName = ListName | PictureTable
export const TABLES: readonly TableName[] = [...LISTS, ...PICTURES]

const text = z.string().max(500)
const sidePx = z.number().int().min(1).max(20_000)
const size = { width: sidePx, height: sidePx }
const swatch = z.object({ hex: text, share: z.number(), at: z.number(), isBackground: z.boolean() })
/** What is known of a picture beside its pixels. */
export const ABOUT_PICTURE = {
  photos: { lureId: text, ...size, swatches: z.array(swatch), instead: z.boolean() },
  eventPhotos: { id: text, tripId: text, ...size },
}
const pixels = { blob: z.instanceof(Blob) }
const PICTURE_ROWS: Record<PictureTable, z.ZodType> = {
  photos: z.object({ ...ABOUT_PICTURE.photos, ...pixels }),
  eventPhotos: z.object({ ...ABOUT_PICTURE.eventPhotos, ...pixels }),
}

export const isPictures = (table: TableName): table is PictureTable => (PICTURES as readonly string[]).includes(table)

/** Checks one row as it is stored; every issue names its field. */
export function parseStored(table: TableName, row: unknown): Outcome<unknown> {
  return isPictures(table) ? check(PICTURE_ROWS[table], row) : parseRow(table, row)
}

/** What a row is told apart by: a lure has one picture, under its own id. */
export function keyOf(table: TableName, row: object): string {
  return (row as Record<string, string>)[table === 'photos' ? 'lureId' : 'id']!
}
