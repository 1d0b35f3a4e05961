import * as Comlink from 'comlink'
import type { SavingApi, SavingStep } from './saving.protocol'
import { untilAnswered } from './until-answered'

/** Writes one file in a worker of its own, so that the page never stops and the writing can be given up at any time. */
export class SavingClient {
  private readonly worker = new Worker(new URL('./exchange.worker.ts', import.meta.url), {
    type: 'module',
    name: 'saving',
  })
  private readonly api = Comlink.wrap<SavingApi>(this.worker)
  private giveUp: () => void = () => {}
  private readonly givenUp = new Promise<null>(resolve => (this.giveUp = () => resolve(null)))

  /** `null`: it was given up. */
  backup(
    kept: Parameters<SavingApi['backup']>[0],
    shelf: Parameters<SavingApi['backup']>[1],
    progress: (step: SavingStep) => void,
  ): Promise<Uint8Array | null> {
    return this.ended(untilAnswered(progress, hear => this.api.backup(kept, shelf, hear)))
  }

  boxFile(
    file: Parameters<SavingApi['boxFile']>[0],
    spots: Parameters<SavingApi['boxFile']>[1],
    progress: (step: SavingStep) => void,
  ): Promise<string | null> {
    return this.ended(untilAnswered(progress, hear => this.api.boxFile(file, spots, hear)))
  }

  luresTable(...asked: Parameters<SavingApi['luresTable']>): Promise<string | null> {
    return this.ended(this.api.luresTable(...asked))
  }

  /** Ends the worker; what was asked of it comes to nothing. */
  cancel(): void {
    this.worker.terminate()
    this.giveUp()
  }

  private async ended<T>(answer: Promise<T>): Promise<T | null> {
    try {
      return await Promise.race([answer, this.givenUp])
    } finally {
      this.worker.terminate()
    }
  }
}
