import { strFromU8 } from 'fflate'
import type { Damaged } from './database'

/** Damaged rows as a text that holds all of them: the pixels of a picture as a data address. */
export async function damagedText(rows: readonly Damaged[]): Promise<string> {
  const written = rows.map(async damaged => {
    const { blob } = (damaged.row ?? {}) as { readonly blob?: unknown }
    return blob instanceof Blob
      ? { ...damaged, row: { ...(damaged.row as object), blob: await dataOf(blob) } }
      : damaged
  })
  return `${JSON.stringify(await Promise.all(written), null, 1)}\n`
}

async function dataOf(blob: Blob): Promise<string> {
  const octets = strFromU8(new Uint8Array(await blob.arrayBuffer()), true)
  return `data:${blob.type || 'application/octet-stream'};base64,${btoa(octets)}`
}
