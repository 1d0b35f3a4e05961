import * as Comlink from 'comlink'
import type { ColumnMapping, MergeBy, PlannedLure, YgrionFile } from '#core/files'
import type { Lure } from '#core/tackle'
import type { UnitSystem } from '#core/units'
import type { ExchangeApi, Opened } from './exchange.protocol'

/** Reads files in a worker, so that the page never stops. */
export class ExchangeClient {
  private readonly worker = new Worker(new URL('./exchange.worker.ts', import.meta.url), { type: 'module', name: 'exchange' })
  private readonly api = Comlink.wrap<ExchangeApi>(this.worker)

  open(name: string, bytes: Uint8Array, system: UnitSystem, existing: YgrionFile): Promise<Opened> {
    return this.api.open(name, Comlink.transfer(bytes, [bytes.buffer as ArrayBuffer]), system, existing)
  }

  plan(mapping: readonly ColumnMapping[], mergeBy: MergeBy, existing: readonly Lure[], progress: (done: number, of: number) => void): Promise<readonly PlannedLure[]> {
    return this.api.plan(mapping, mergeBy, existing, Comlink.proxy(progress))
  }

  close(): void {
    this.worker.terminate()
  }
}
