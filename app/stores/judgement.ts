import { defineStore } from 'pinia'
import { computed, ref, shallowRef, toRaw, watch } from 'vue'
import type { Addition, WeightedReading } from '#core/catalogue'
import type { Reading } from '#core/reading'
import { JudgeClient } from '~/workers/judge.client'
import type { Coverage, Judgement } from '~/workers/judge.protocol'
import { useBoxStore } from './box'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'

/** Set-ups explained on Tie-on. */
const TOP = 12

/** The worker's newest answer to the present reading and box. */
export const useJudgementStore = defineStore('judgement', () => {
  const judgement = shallowRef<Judgement | null>(null)
  const trouble = ref<string | null>(null)
  /** Rises with each box that the worker has taken in. */
  const boxesLoaded = ref(0)
  const fitById = computed(() => new Map(judgement.value?.fits.map(fit => [fit.lureId, fit])))
  let client: JudgeClient | null = null

  function open(): void {
    if (client) return
    const judge = client = new JudgeClient()
    const boxStore = useBoxStore()
    const readings = useReadingStore()
    const settings = useSettingsStore()
    const ask = async () => {
      try {
        const answer = await judge.judge({ reading: structuredClone(toRaw(readings.reading)), schools: { ...settings.schools }, top: TOP, units: settings.units })
        if (answer) judgement.value = answer
        trouble.value = null
      }
      catch (error) {
        trouble.value = `The judgement failed: ${(error as Error).message}`
      }
    }
    watch(() => [boxStore.ready, boxStore.box] as const, async ([ready, box]) => {
      if (!ready) return
      await judge.load(structuredClone(toRaw(box)), structuredClone(toRaw(boxStore.own)))
      boxesLoaded.value++
      await ask()
    }, { immediate: true })
    watch(() => [readings.reading, settings.schools, settings.units] as const, () => {
      if (boxStore.ready) void ask()
    })
  }

  const schoolsNow = () => ({ ...useSettingsStore().schools })

  /** What the box covers in water like this; `null` before the worker has the box. */
  async function coverage(reading: Reading): Promise<Coverage | null> {
    return boxesLoaded.value > 0 ? client!.coverage(structuredClone(toRaw(reading)), schoolsNow()) : null
  }

  async function worth(readings: readonly WeightedReading[]): Promise<readonly Addition[] | null> {
    return boxesLoaded.value > 0 ? client!.worth(structuredClone(toRaw(readings)), schoolsNow()) : null
  }

  return { judgement, fitById, trouble, boxesLoaded, open, coverage, worth }
})
