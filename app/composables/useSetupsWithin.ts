import { computed, shallowRef, watch } from 'vue'
import type { SetupOut } from '#core/tell'
import type { JudgeRequest } from '~/workers/judge.protocol'

/** Enough for any pack list. */
const MOST = 60

type Within = NonNullable<JudgeRequest['only']>
const isWhole = ({ lureIds, outfitIds }: Within) => !lureIds && !outfitIds

/** The set-ups of some lures on some rods in the present water, best first; none while nothing is asked for. Several questions are answered one behind the other; that about the whole box is answered already. */
export function useSetupsWithin(asked: () => readonly Within[]) {
  const judgement = useJudgementStore()
  const found = shallowRef<readonly SetupOut[]>([])
  const isAnswered = computed(() => asked().length === 1 && isWhole(asked()[0]!))
  let newest = 0
  watch(
    [() => judgement.judgement, asked],
    async ([, questions]) => {
      const mine = ++newest
      if (isAnswered.value) return
      const answers = await Promise.all(questions.map(only => judgement.firstIf({ only }, MOST)))
      if (mine === newest) found.value = answers.flatMap(a => a?.out.setups ?? [])
    },
    { immediate: true },
  )
  return computed(() => (isAnswered.value ? (judgement.shown?.out.setups ?? []) : found.value))
}
