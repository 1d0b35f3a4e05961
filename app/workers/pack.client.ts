import * as Comlink from 'comlink'
import type { OwnRules } from '#core/ask'
import type { Pack, PackRequest } from '#core/pack'
import type { Box } from '#core/tackle'
import type { PackApi, PackChoice, Step } from './pack.protocol'
import { untilAnswered } from './until-answered'

/** The planner in its worker. Its search cannot be spoken to while it runs: stopping ends the worker, and the next question begins another. */
export class PackClient {
  private worker: Worker | null = null
  private api: Comlink.Remote<PackApi> | null = null
  private box: { readonly box: Box; readonly own: OwnRules; readonly useLog: boolean } | null = null

  load(box: Box, own: OwnRules, useLog: boolean): void {
    this.box = { box, own, useLog }
    this.stop()
  }

  private async open(): Promise<Comlink.Remote<PackApi>> {
    if (!this.api) {
      this.worker = new Worker(new URL('./pack.worker.ts', import.meta.url), { type: 'module', name: 'pack' })
      this.api = Comlink.wrap<PackApi>(this.worker)
      if (this.box) await this.api.load(this.box.box, this.box.own, this.box.useLog)
    }
    return this.api
  }

  async plan(
    request: PackRequest,
    choice: PackChoice,
    time: { readonly seconds: number; readonly gap: number },
    step: (step: Step) => void,
  ) {
    const api = await this.open()
    return untilAnswered(step, async hear => api.plan(request, choice, time, hear))
  }

  async explain(request: PackRequest, choice: PackChoice, pack: Pack) {
    return (await this.open()).explain(request, choice, pack)
  }

  async swaps(request: PackRequest, choice: PackChoice, pack: Pack, out: string) {
    return (await this.open()).swaps(request, choice, pack, out)
  }

  stop(): void {
    this.worker?.terminate()
    this.worker = this.api = null
  }
}
