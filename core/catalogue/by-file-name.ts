import type { Lure } from '#core/tackle'

/** What file names and names of lures have in common: letters and digits, without case, without accents, and without the number that a camera or a browser adds. */
const plain = (text: string) =>
  text
    .normalize('NFKD')
    .replaceAll(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()
const withoutEnding = (file: string) => file.replace(/\.[a-z0-9]{2,5}$/i, '').replace(/\s*\(\d+\)$/, '')

/** The lure that a picture's file is named after, by id or by name; `null` where none is, or where two could be meant. */
export function lureOfFile(file: string, lures: readonly Pick<Lure, 'id' | 'name'>[]): string | null {
  const name = withoutEnding(file)
  const byId = lures.find(({ id }) => id === name)
  if (byId) return byId.id
  const said = plain(name)
  if (said === '') return null
  const named = lures.filter(lure => plain(lure.name) === said)
  return named.length === 1 ? named[0]!.id : null
}
