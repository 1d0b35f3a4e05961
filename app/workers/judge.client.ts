import * as Comlink from 'comlink'
import type { OwnRules } from '#core/ask'
import type { Addition, WeightedReading } from '#core/catalogue'
import type { Flip, NumberField, Sweep } from '#core/match'
import type { Reading } from '#core/reading'
import type { NextOut } from '#core/rotation'
import type { Box } from '#core/tackle'
import type { HowSureOut } from '#core/tell'
import type { UnitSystem } from '#core/units'
import type {
  Coverage,
  FirstAnswer,
  JudgeApi,
  Judgement,
  JudgeRequest,
  NextRequest,
  RuleChoice,
  Spoken,
} from './judge.protocol'
import { logChange } from './log-change'
import { sameGear } from './same-gear'
import { untilAnswered } from './until-answered'
import { untilDrawn } from './until-drawn'

/** The judge in its worker. Only the newest question is answered; older ones come back as `null`. */
export class JudgeClient {
  private readonly api: Comlink.Remote<JudgeApi>
  private newest = 0
  /** The beginning of the question that is looked into. */
  private begun: Promise<unknown> = Promise.resolve()

  constructor(name: string) {
    this.api = Comlink.wrap<JudgeApi>(
      new Worker(new URL('./judge.worker.ts', import.meta.url), { type: 'module', name }),
    )
  }

  private sent: { readonly box: Box; readonly own: OwnRules; readonly useLog: boolean } | null = null

  /** Brings the box; only its log where nothing else of it is another. */
  async load(box: Box, own: OwnRules, useLog: boolean): Promise<void> {
    const { sent } = this
    this.sent = { box, own, useLog }
    try {
      if (sent && sent.own === own && sent.useLog === useLog && sameGear(sent.box, box))
        await this.api.log(logChange(sent.box.trips, box.trips))
      else await this.api.load(box, own, useLog)
    } catch (error) {
      // What the worker has is not known any more: the next time it is brought whole.
      this.sent = null
      throw error
    }
  }

  /** The whole answer; what comes first is brought before it. `null` when a newer question was put meanwhile: while one is looked into only the newest of the others waits. */
  async judge(request: JudgeRequest, onFirst: (first: FirstAnswer) => void): Promise<Judgement | null> {
    const mine = ++this.newest
    await this.begun.catch(() => undefined)
    if (mine !== this.newest) return null
    const begun = this.api.first(request)
    this.begun = begun
    const first = await begun
    if (mine !== this.newest) return null
    onFirst(first)
    await untilDrawn()
    if (mine !== this.newest) return null
    const whole = await this.api.whole()
    return mine === this.newest ? whole : null
  }

  /** An answer for its own sake: it neither ends another question nor is ended by one. */
  answer(request: JudgeRequest): Promise<Judgement> {
    return this.api.answer(request)
  }

  firstAnswer(request: JudgeRequest): Promise<FirstAnswer> {
    return this.api.firstAnswer(request)
  }

  next(request: NextRequest): Promise<NextOut> {
    return this.api.next(request)
  }

  coverage(reading: Reading, choice: RuleChoice): Promise<Coverage> {
    return this.api.coverage(reading, choice)
  }

  worth(readings: readonly WeightedReading[], choice: RuleChoice): Promise<readonly Addition[]> {
    return this.api.worth(readings, choice)
  }

  /** A new search ends the one before it, which then answers `null`. */
  flips(reading: Reading, choice: RuleChoice, progress: (done: number) => void): Promise<readonly Flip[] | null> {
    return untilAnswered(progress, hear => this.api.flips(reading, choice, hear))
  }

  /** A newer question ends the one before it, which then answers `null`. */
  howSure(reading: Reading, choice: RuleChoice, units: UnitSystem): Promise<HowSureOut | null> {
    return this.api.howSure(reading, choice, units)
  }

  sweep(reading: Reading, field: NumberField, values: readonly number[], choice: RuleChoice): Promise<Sweep> {
    return this.api.sweep(reading, field, values, choice)
  }

  spoken(most: number): Promise<Spoken> {
    return this.api.spoken(most)
  }

  sketches(units: UnitSystem): ReturnType<Comlink.Remote<JudgeApi>['sketches']> {
    return this.api.sketches(units)
  }

  stop(): Promise<void> {
    return this.api.stop()
  }

  stopHowSure(): Promise<void> {
    return this.api.stopHowSure()
  }
}
