import { useDebounceFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import type { Addition, WeightedReading } from '#core/catalogue'
import type { Flip, NumberField, Sweep } from '#core/match'
import type { Reading } from '#core/reading'
import type { NextOut } from '#core/rotation'
import type { HowSureOut } from '#core/tell'
import type { UnitSystem } from '#core/units'
import type { Database } from '~/db/database'
import { answerKept, keepAnswer, type LastAnswer } from '~/db/last-answer'
import { JudgeClient } from '~/workers/judge.client'
import type {
  Coverage,
  FirstAnswer,
  Judgement,
  JudgeRequest,
  NextRequest,
  RuleChoice,
  Spine,
  Spoken,
} from '~/workers/judge.protocol'
import { copied } from '~/workers/plain'
import { useBoxStore } from './box'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'

/** Set-ups explained on Tie-on: enough that a dozen different baits are among them, their other dresses aside. */
const TOP = 30
/** Of these the first are told while the others find their places: more than fit on a screen. */
const AHEAD = 12
/** An answer is kept for the next start when it has stood for so long [ms]. */
const KEPT_AFTER_MS = 500

/** Nothing has its place yet. */
const NOT_PLACED: Omit<Judgement, keyof FirstAnswer> & Pick<Judgement, 'out' | 'presented' | 'doubts'> = {
  out: { assumed: [], cautions: [], ask: { axes: [] }, setups: [], rejected: [], gaps: [], hand: [] },
  presented: {},
  doubts: {},
  fits: [],
  spines: { axes: [], fits: new Float32Array() },
  opened: null,
}

/** What is known of the lure that was opened, where that stands behind those told. */
function openedOf<T>(opened: Judgement['opened'], byLure: Readonly<Record<string, T>>): Readonly<Record<string, T>> {
  const found = opened && byLure[opened.setup.lureId]
  return found ? { [opened.setup.lureId]: found } : {}
}

/** The worker's newest answer to the present reading and box. */
export const useJudgementStore = defineStore('judgement', () => {
  const judgement = shallowRef<Judgement | null>(null)
  /** What comes first by the present reading, while the other lures are still on their way to their places. */
  const ahead = shallowRef<FirstAnswer | null>(null)
  /** The answer of another day to the same question: shown until there is one of today. */
  const last = shallowRef<LastAnswer | null>(null)
  const ofAnotherDay = computed(() => {
    const { lureById } = useBoxStore()
    return last.value?.judgement.out.setups.every(s => lureById.has(s.lureId)) ? last.value.judgement : null
  })
  /** The newest answer in which every lure has its place. */
  const placed = computed(() => judgement.value ?? ofAnotherDay.value)
  /** Whether every lure has its place in what is shown, or only those that come first. */
  const isPlaced = computed(() => placed.value !== null)
  const shown = computed((): Judgement | null => {
    const first = ahead.value
    if (!first) return placed.value
    const rest = placed.value ?? NOT_PLACED
    const opened = first.presented[rest.opened?.setup.lureId ?? ''] ? null : rest.opened
    return {
      ...rest,
      ...first,
      out: { ...rest.out, ...first.out },
      opened,
      presented: { ...openedOf(opened, rest.presented), ...first.presented },
      doubts: { ...openedOf(opened, rest.doubts), ...first.doubts },
    }
  })
  const howSure = shallowRef<{ readonly of: Judgement; readonly told: HowSureOut } | null>(null)
  /** How sure the order that is shown is; `null` while that is looked into, or was not. */
  const sure = computed(() => (!ahead.value && howSure.value?.of === judgement.value ? howSure.value!.told : null))
  /** When what is shown was worked out, ISO 8601; `null`: now. */
  const shownFrom = computed(() => (ahead.value || judgement.value || !ofAnotherDay.value ? null : last.value!.at))
  const trouble = ref<string | null>(null)
  /** The lure that the angler opened on Tie-on; it is told wherever it stands. */
  const opened = ref<string | null>(null)
  /** Rises with each box that the worker has taken in. */
  const boxesLoaded = ref(0)
  const fitById = computed(() => new Map(placed.value?.fits.map((fit, row) => [fit.lureId, { ...fit, row }])))
  /** The fits of one lure on all asked axes; none when it cannot be fished here. */
  function spineOf(lureId: string): Spine {
    const row = fitById.value.get(lureId)?.row
    if (row === undefined) return []
    const { axes, fits } = placed.value!.spines
    return axes.map(({ axis, weight }, column) => ({ axis, weight, fit: fits[row * axes.length + column]! }))
  }
  let client: JudgeClient | null = null
  let isOpen = false
  /** A second judge for long questions, so that the first stays free for the reading; and the box that was brought to it. */
  let second: JudgeClient | null = null
  const ponderer = () => (second ??= new JudgeClient('ponder'))
  let brought: { readonly box: number; readonly loaded: Promise<void> } | null = null

  /** How rules are taken now: the settings, and above them what was chosen for this reading alone. */
  function choiceNow(): RuleChoice {
    const settings = useSettingsStore()
    return { schools: { ...settings.schools, ...useReadingStore().schools }, weights: { ...settings.ruleWeights } }
  }

  /** Keeps an answer for the next start, when no newer one has come for a while. */
  const keep = useDebounceFn(
    (db: Database, answer: LastAnswer) =>
      keepAnswer(db, answer).catch((error: unknown) =>
        useBoxStore().tell(error, message => `The answer could not be kept for the next start: ${message}`),
      ),
    KEPT_AFTER_MS,
  )

  /** Starts the worker, so that it is there when the box is: the two take about as long. */
  function warm(): JudgeClient {
    return (client ??= new JudgeClient('judge'))
  }

  function open(): void {
    if (isOpen) return
    isOpen = true
    const judge = warm()
    const boxStore = useBoxStore()
    const readings = useReadingStore()
    const settings = useSettingsStore()
    const question = (): JudgeRequest => ({
      reading: copied(readings.reading),
      ...choiceNow(),
      top: TOP,
      ahead: AHEAD,
      units: settings.units,
      opened: opened.value,
    })
    /** What an answer depends on beside the box; what is opened is only told as well. */
    const standing = () => ({ ...question(), opened: null, useLog: settings.useLog })
    void answerKept(boxStore.database(), standing())
      .then(answer => (last.value = answer))
      .catch((error: unknown) => boxStore.tell(error, message => `The last answer could not be read: ${message}`))
    const ask = async () => {
      try {
        const asked = standing()
        const answer = await judge.judge(question(), first => {
          ahead.value = first
          trouble.value = null
        })
        if (answer) {
          judgement.value = answer
          ahead.value = null
          void keep(boxStore.database(), { at: new Date().toISOString(), asked, judgement: answer })
        }
      } catch (error) {
        ahead.value = null
        trouble.value = `The judgement failed: ${(error as Error).message}`
      }
    }
    watch(
      () => [boxStore.ready, boxStore.box, boxStore.own, settings.useLog] as const,
      async ([ready, box, own, useLog]) => {
        if (!ready) return
        await judge.load(toRaw(box), toRaw(own), useLog)
        boxesLoaded.value++
        await ask()
      },
      { immediate: true },
    )
    watch(
      () => [readings.reading, readings.schools, settings.schools, settings.ruleWeights, settings.units] as const,
      () => {
        if (boxStore.ready) void ask()
      },
    )
    // Only a lure that is not told yet needs another answer.
    watch(opened, id => {
      if (boxStore.ready && id !== null && judgement.value?.presented[id] === undefined) void ask()
    })
  }

  /** The second judge with the present box, opened when it is first needed. */
  async function pondering(): Promise<JudgeClient | null> {
    if (boxesLoaded.value === 0) return null
    if (brought?.box !== boxesLoaded.value) {
      const { box, own } = useBoxStore()
      brought = { box: boxesLoaded.value, loaded: ponderer().load(toRaw(box), toRaw(own), useSettingsStore().useLog) }
    }
    // All wait for the box, so that questions are put in the order in which they were asked.
    await brought.loaded
    return ponderer()
  }

  /** What the box covers in water like this; `null` before the worker has the box. */
  async function coverage(reading: Reading): Promise<Coverage | null> {
    return (await (await pondering())?.coverage(copied(reading), choiceNow())) ?? null
  }

  async function worth(readings: readonly WeightedReading[]): Promise<readonly Addition[] | null> {
    return (await (await pondering())?.worth(copied(readings), choiceNow())) ?? null
  }

  /** What each rule that speaks adds to each of the first lures of the present order; `null` before there is one. */
  async function spoken(most: number): Promise<Spoken | null> {
    return judgement.value ? warm().spoken(most) : null
  }

  /** Every tactic and cadence as it goes through the water; worked out when it is first looked at in these units. */
  const sketched = new Map<UnitSystem, ReturnType<JudgeClient['sketches']>>()
  function sketches(units: UnitSystem): ReturnType<JudgeClient['sketches']> {
    const known = sketched.get(units) ?? ponderer().sketches(units)
    sketched.set(units, known)
    return known
  }

  /** What would put another lure first; `null` when a newer search took its place. */
  async function flips(progress: (done: number) => void): Promise<readonly Flip[] | null> {
    return (await (await pondering())?.flips(copied(useReadingStore().reading), choiceNow(), progress)) ?? null
  }

  /** Ends that search: nobody waits for it any more. */
  async function stopFlips(): Promise<void> {
    if (second) await (await pondering())?.stop()
  }

  /** Looks into how sure the order is that was told last. */
  async function lookHowSure(): Promise<void> {
    const of = judgement.value
    const told =
      of &&
      (await (await pondering())?.howSure(copied(useReadingStore().reading), choiceNow(), useSettingsStore().units))
    if (told) howSure.value = { of, told }
  }

  /** Ends that: the reading is another now, or nobody looks any more. */
  async function stopHowSure(): Promise<void> {
    await second?.stopHowSure()
  }

  async function sweep(field: NumberField, values: readonly number[]): Promise<Sweep | null> {
    return (await (await pondering())?.sweep(copied(useReadingStore().reading), field, values, choiceNow())) ?? null
  }

  type Otherwise = Partial<RuleChoice> & Partial<Pick<JudgeRequest, 'only' | 'opened' | 'reading'>>

  function questionIf(otherwise: Otherwise, top: number): JudgeRequest {
    const now = choiceNow()
    return {
      reading: copied(otherwise.reading ?? useReadingStore().reading),
      top,
      units: useSettingsStore().units,
      schools: { ...now.schools, ...otherwise.schools },
      weights: { ...now.weights, ...otherwise.weights },
      ...(otherwise.own ? { own: copied(otherwise.own) } : {}),
      ...(otherwise.only ? { only: copied(otherwise.only) } : {}),
      ...(otherwise.opened ? { opened: otherwise.opened } : {}),
    }
  }

  /** The judgement if rules were taken otherwise, or the water were another: for looking at an effect, or at tomorrow, without setting it. */
  async function judgeIf(otherwise: Otherwise, top = 1): Promise<Judgement | null> {
    return (await (await pondering())?.answer(questionIf(otherwise, top))) ?? null
  }

  /** What would come first then: the set-ups alone. */
  async function firstIf(otherwise: Otherwise, top: number): Promise<FirstAnswer | null> {
    return (await (await pondering())?.firstAnswer(questionIf(otherwise, top))) ?? null
  }

  /** What the bites of the trip say to do next; `null` before the worker has the box. */
  async function next(request: Omit<NextRequest, keyof RuleChoice | 'units'>): Promise<NextOut | null> {
    return (
      (await (
        await pondering()
      )?.next({
        ...choiceNow(),
        trip: copied(request.trip),
        now: request.now,
        several: request.several,
        units: useSettingsStore().units,
        only: copied(request.only),
      })) ?? null
    )
  }

  return {
    judgement,
    shown,
    shownFrom,
    isPlaced,
    sure,
    lookHowSure,
    stopHowSure,
    opened,
    fitById,
    spineOf,
    trouble,
    boxesLoaded,
    warm,
    open,
    coverage,
    worth,
    flips,
    stopFlips,
    sweep,
    spoken,
    sketches,
    judgeIf,
    firstIf,
    next,
  }
})
