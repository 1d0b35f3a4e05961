import { watchDebounced } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, toValue, watch, type MaybeRefOrGetter } from 'vue'
import { type Boat, type DialWay, type Presented, withWeight } from '#core/course'
import { prepareOutfit } from '#core/lure'
import type { SetupOut } from '#core/tell'
import { CourseClient } from '~/workers/course.client'
import type { FoundCourse } from '~/workers/course.protocol'
import { plain } from '~/workers/plain'
import { untilDrawn } from '~/workers/until-drawn'

/** What the angler has turned against the judged set-up. */
export type Dialled = Partial<
  Pick<Presented, 'tipM' | 'castM' | 'lineOutM' | 'speedMs' | 'depthM' | 'lineDiameterMm' | 'cadence' | 'pauseS'>
> & {
  /** More (or less) hung on the bait [g]. */
  readonly addedG?: number
}

/** The step that is asked about in "deeper" and "shallower" [m]. */
export const STEP_M = 0.3

/** Courses of some set-ups through the water, from the worker; the chosen one with what was turned on it. */
export function useCourses(
  setups: MaybeRefOrGetter<readonly SetupOut[]>,
  chosenId: MaybeRefOrGetter<string | null>,
  turnedOn: MaybeRefOrGetter<Dialled>,
) {
  const judgement = useJudgementStore()
  const box = useBoxStore()
  const catalogue = useCatalogueStore()
  const found = shallowRef<ReadonlyMap<string, FoundCourse>>(new Map())
  const problem = ref('')
  const deeper = shallowRef<readonly DialWay[]>([])
  const shallower = shallowRef<readonly DialWay[]>([])
  const client = new CourseClient(
    courses => {
      found.value = new Map(courses.map(c => [c.id, c]))
    },
    error => {
      problem.value = `The courses could not be worked out: ${error.message}`
    },
  )
  /** Ways to change the depth take a hundred courses: asked of a second worker, so that the path under the finger never waits. */
  const turner = new CourseClient(
    () => {},
    () => {},
  )
  onScopeDispose(() => {
    client.close()
    turner.close()
  })

  const judged = (id: string): Presented | undefined => judgement.shown?.presented[id]
  /** The chosen set-up as it is turned now. */
  const presented = computed((): Presented | null => {
    const id = toValue(chosenId)
    const base = id === null ? undefined : judged(id)
    if (!base) return null
    const { addedG = 0, ...turned } = toValue(turnedOn)
    return withWeight({ ...base, ...turned }, addedG)
  })

  const ask = () =>
    client.ask(
      plain(
        toValue(setups).flatMap(({ lureId }) => {
          const isChosen = lureId === toValue(chosenId)
          const own = isChosen ? presented.value : judged(lureId)
          const doubts = isChosen ? judgement.shown?.doubts[lureId] : undefined
          return own ? [{ id: lureId, presented: own, doubts }] : []
        }),
      ),
    )
  watch(
    () => [toValue(setups), presented.value] as const,
    async ([list], before) => {
      // What comes first now is drawn before its way through the water; what is turned under the finger waits for nothing.
      if (list !== before?.[0]) await untilDrawn()
      ask()
    },
    { immediate: true },
  )

  const boat = computed((): Boat => {
    const id = toValue(chosenId)
    const lure = id === null ? undefined : box.lureById.get(id)
    const setup = toValue(setups).find(s => s.lureId === id)
    const weightG = setup?.headG ?? setup?.sinkerG ?? 0
    const heads = box.box.parts.filter(
      p =>
        p.weightG != null &&
        p.quantity !== 0 &&
        (setup?.headG != null
          ? p.kind === 'jig-head' || p.kind === 'hook'
          : setup?.sinkerG != null && p.kind === 'sinker'),
    )
    return {
      lines: box.box.outfits
        .filter(o => o.id !== setup?.outfitId)
        .map(o => ({ outfitId: o.id, diameterMm: prepareOutfit(o).lineMm })),
      plugs: lure
        ? [...catalogue.profiles.values()]
            .filter(
              p => p.lure.family === lure.family && p.lure.id !== id && p.runsAt !== null && p.lure.quantity !== 0,
            )
            .map(p => ({ lureId: p.lure.id, rated: p.runsAt!.value }))
        : [],
      weightsG: heads.map(p => p.weightG!),
      weightG,
    }
  })
  let asked = 0
  watchDebounced(
    [presented, boat] as const,
    async ([now, things]) => {
      const mine = ++asked
      if (!now) return
      const [shown, own] = plain([now, things] as const)
      try {
        const [down, up] = [await turner.ways(shown, STEP_M, own), await turner.ways(shown, -STEP_M, own)]
        if (mine !== asked) return
        deeper.value = down
        shallower.value = up
      } catch (error) {
        problem.value = `The ways to change the depth could not be worked out: ${(error as Error).message}`
      }
    },
    { immediate: true, debounce: 120 },
  )

  return { found, presented, deeper, shallower, boat, problem }
}
