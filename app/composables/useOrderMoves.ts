import { computed, ref, shallowRef, watch } from 'vue'

export interface PlaceInOrder {
  readonly lureId: string
  readonly score: number
  readonly place: number
  /** Places up (+) or down (−) since the order before; `null`: was not in it. */ readonly moved: number | null
}

/** How many of an order are shown and compared. */
const SHOWN = 10

/** The order of the box as it is, with what the last change of rules, schools or reading moved. */
export function useOrderMoves() {
  const judgement = useJudgementStore()
  const before = shallowRef<readonly string[]>([])
  const changed = ref(false)
  const now = computed(() => judgement.judgement?.fits ?? [])
  watch(now, (_, old) => {
    before.value = (old ?? []).map(fit => fit.lureId)
    changed.value = before.value.length > 0
  })
  const order = computed((): readonly PlaceInOrder[] => places(now.value, before.value).slice(0, SHOWN))
  return { order, changed }
}

/** Places in an order, against where each was in another. */
export function places(
  fits: readonly { readonly lureId: string; readonly score: number }[],
  before: readonly string[],
): readonly PlaceInOrder[] {
  const old = new Map(before.map((id, i) => [id, i]))
  return fits.map(({ lureId, score }, i) => ({
    lureId,
    score,
    place: i + 1,
    moved: before.length === 0 ? 0 : old.has(lureId) ? old.get(lureId)! - i : null,
  }))
}
