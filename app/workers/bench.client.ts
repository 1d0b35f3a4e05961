import * as Comlink from 'comlink'
import type { BenchApi, ChangedDepth, ChangedPlug } from './bench.protocol'

/** The bench's heavier sums in their worker; the newest question wins. */
export class BenchClient {
  private readonly worker = new Worker(new URL('./bench.worker.ts', import.meta.url), { type: 'module', name: 'bench' })
  private readonly api = Comlink.wrap<BenchApi>(this.worker)
  private newest = 0

  async changedDepth(plug: ChangedPlug): Promise<ChangedDepth | null> {
    const mine = ++this.newest
    const answer = await this.api.changedDepth(plug)
    return mine === this.newest ? answer : null
  }

  close(): void {
    this.worker.terminate()
  }
}
