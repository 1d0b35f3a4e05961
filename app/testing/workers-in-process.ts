import { vi } from 'vitest'
import { parseFile, type YgrionFile } from '#core/files'
import type { Reading } from '#core/reading'
import { inWords } from '#speech'
import demo from '../../demo/box.json'

/** Workers in this process, for tests of their clients: a test also needs `vi.mock('comlink', () => import('~/testing/comlink-in-process'))`. */

/** Files of the workers that were ended, in order. */
export const ended: string[] = []
vi.stubGlobal(
  'Worker',
  class {
    constructor(private readonly url: URL) {}
    terminate() {
      ended.push(this.url.pathname.split('/').at(-1)!)
    }
  },
)

export const atOnce = (draw: () => void) => setTimeout(draw)
vi.stubGlobal('requestAnimationFrame', atOnce)

/** The client of a worker, with the worker in this process. */
export async function fresh<T>(worker: () => Promise<unknown>, client: () => Promise<T>): Promise<T> {
  vi.resetModules()
  await worker()
  return client()
}

const read = parseFile(demo)
if (!read.ok) throw new Error(inWords(read.issues[0]!.message))
/** What the demo holds. */
export const file: YgrionFile = read.value

export const morning: Reading = {
  species: 'northern-pike',
  at: '2026-05-06T06:40:00+02:00',
  temperatureC: 11.5,
  visibilityM: 1.2,
  stain: 'brown',
  bottomM: 4,
  fishFromM: 1,
  fishToM: 3,
}
