import * as Comlink from 'comlink'
import type { YgrionFile } from '#core/files'
import type { UnitSystem } from '#core/units'
import type { ExchangeApi, Opened, PlanAnswer, PlanQuestion } from './exchange.protocol'
import { untilAnswered } from './until-answered'

/** Reads files in a worker, so that the page never stops. */
export class ExchangeClient {
  private readonly worker = new Worker(new URL('./exchange.worker.ts', import.meta.url), {
    type: 'module',
    name: 'exchange',
  })
  private readonly api = Comlink.wrap<ExchangeApi>(this.worker)

  open(name: string, bytes: Uint8Array, system: UnitSystem, existing: YgrionFile): Promise<Opened> {
    return this.api.open(name, Comlink.transfer(bytes, [bytes.buffer as ArrayBuffer]), system, existing)
  }

  plan(question: PlanQuestion, progress: (done: number, of: number) => void): Promise<PlanAnswer> {
    return untilAnswered(progress, hear => this.api.plan(question, hear))
  }

  cells(line: number): Promise<readonly string[]> {
    return this.api.cells(line)
  }

  asTable(lines: readonly { readonly line: number; readonly why: string }[]): Promise<string> {
    return this.api.asTable(lines)
  }

  close(): void {
    this.worker.terminate()
  }
}
