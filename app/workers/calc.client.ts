import * as Comlink from 'comlink'
import type { CalcAnswer, CalcApi, CalcRequest } from './calc.protocol'

/** The calculators in their worker; the newest question wins. */
export class CalcClient {
  private readonly worker = new Worker(new URL('./calc.worker.ts', import.meta.url), { type: 'module', name: 'calc' })
  private readonly api = Comlink.wrap<CalcApi>(this.worker)
  private newest = 0

  async work(request: CalcRequest): Promise<CalcAnswer | null> {
    const mine = ++this.newest
    const answer = await this.api.work(request)
    return mine === this.newest ? answer : null
  }

  close(): void {
    this.worker.terminate()
  }
}
