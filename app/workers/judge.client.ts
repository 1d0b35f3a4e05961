import * as Comlink from 'comlink'
import type { OwnRules } from '#core/ask'
import type { Box } from '#core/tackle'
import type { Schools } from '#core/ask'
import type { Addition, WeightedReading } from '#core/catalogue'
import type { Reading } from '#core/reading'
import type { Coverage, JudgeApi, Judgement, JudgeRequest } from './judge.protocol'

/** The judge in its worker. Only the newest question is answered; older ones come back as `null`. */
export class JudgeClient {
  private readonly api = Comlink.wrap<JudgeApi>(new Worker(new URL('./judge.worker.ts', import.meta.url), { type: 'module', name: 'judge' }))
  private newest = 0

  async load(box: Box, own: OwnRules): Promise<void> {
    await this.api.load(box, own)
  }

  async judge(request: JudgeRequest): Promise<Judgement | null> {
    const mine = ++this.newest
    const judgement = await this.api.judge(request)
    return mine === this.newest ? judgement : null
  }

  coverage(reading: Reading, schools: Partial<Schools>): Promise<Coverage> {
    return this.api.coverage(reading, schools)
  }

  worth(readings: readonly WeightedReading[], schools: Partial<Schools>): Promise<readonly Addition[]> {
    return this.api.worth(readings, schools)
  }
}
