import { type MaybeRefOrGetter, onScopeDispose, ref, shallowRef, toValue, watch } from 'vue'
import type { LureProfile } from '#core/lure'
import { STANDARD_GRAVITY } from '#core/motion'
import { BenchClient } from '~/workers/bench.client'
import type { ChangedDepth } from '~/workers/bench.protocol'
import type { BenchState } from './useWorkshop'

/** The contract's rating where the owner noted nothing else. */
const RATED = { castM: 30, lineDiameterMm: 0.3, tipM: 0.8, speedMs: 0.8 }

/** Running depth of a lipped plug before and after the workbench; `null` for what does not dive. */
export function useChangedDepth(
  profile: MaybeRefOrGetter<LureProfile>,
  before: MaybeRefOrGetter<BenchState>,
  after: MaybeRefOrGetter<BenchState>,
) {
  const runsTo = shallowRef<ChangedDepth | null>(null)
  /** The depth shown is still that before the last change. */
  const isWorking = ref(false)
  let asked = 0
  let client: BenchClient | null = null
  const newtons = ({ surplusG }: BenchState) => (-surplusG / 1000) * STANDARD_GRAVITY

  watch(
    () => [toValue(profile), toValue(before), toValue(after)] as const,
    async ([lure, was, is]) => {
      const mine = ++asked
      if (!lure.runsAt) {
        runsTo.value = null
        isWorking.value = false
        return
      }
      isWorking.value = true
      client ??= new BenchClient()
      const answer = await client.changedDepth({
        rated: { ...RATED, ...lure.runsAt.value },
        beforeN: newtons(was),
        afterN: newtons(is),
      })
      // Another change, or another lure, was asked about meanwhile.
      if (!answer || mine !== asked) return
      runsTo.value = answer
      isWorking.value = false
    },
    { immediate: true },
  )

  onScopeDispose(() => client?.close())
  return { runsTo, isWorking }
}
