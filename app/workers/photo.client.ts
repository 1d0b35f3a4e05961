import * as Comlink from 'comlink'
import type { Pixels, Swatch } from '#core/palette'
import type { PhotoApi } from './photo.protocol'

/** Picks the colours out of one picture in a worker of its own, which ends with it. */
export async function pickColours(pixels: Pixels): Promise<readonly Swatch[]> {
  const worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module', name: 'photo' })
  try {
    return await Comlink.wrap<PhotoApi>(worker).palette(pixels)
  } finally {
    worker.terminate()
  }
}
