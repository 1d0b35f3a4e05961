import * as Comlink from 'comlink'
import type { ColourAnswer, ColourRequest, LightApi } from './light.protocol'

/** Answers kept; a reading that comes back is not worked out again. */
const KEPT = 40

/** Light under water in its worker; the newest question wins, repeated ones come from the cache. */
export class LightClient {
  private readonly worker = new Worker(new URL('./light.worker.ts', import.meta.url), { type: 'module', name: 'light' })
  private readonly api = Comlink.wrap<LightApi>(this.worker)
  private readonly known = new Map<string, ColourAnswer>()
  private newest = 0

  async colours(request: ColourRequest): Promise<ColourAnswer | null> {
    const mine = ++this.newest
    const key = JSON.stringify(request)
    const kept = this.known.get(key)
    if (kept) return kept
    const answer = await this.api.colours(request)
    this.known.set(key, answer)
    const oldest = this.known.keys().next().value
    if (this.known.size > KEPT && oldest !== undefined) this.known.delete(oldest)
    return mine === this.newest ? answer : null
  }

  close(): void {
    this.worker.terminate()
  }
}
