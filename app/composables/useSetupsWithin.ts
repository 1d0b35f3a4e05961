import { shallowRef, watch } from 'vue'
import type { SetupOut } from '#core/tell'
import type { JudgeRequest } from '~/workers/judge.protocol'

/** Enough for any pack list. */
const MOST = 60

/** The set-ups of some lures on some rods in the present water, best first; none while nothing is asked for. Several questions are answered one behind the other. */
export function useSetupsWithin(asked: () => readonly NonNullable<JudgeRequest['only']>[]) {
  const judgement = useJudgementStore()
  const setups = shallowRef<readonly SetupOut[]>([])
  let newest = 0
  watch(
    [() => judgement.judgement, asked],
    async ([, questions]) => {
      const mine = ++newest
      const found = await Promise.all(questions.map(only => judgement.judgeIf({ only }, MOST)))
      if (mine === newest) setups.value = found.flatMap(f => f?.out.setups ?? [])
    },
    { immediate: true },
  )
  return setups
}
