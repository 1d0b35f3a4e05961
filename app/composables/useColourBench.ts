import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { FORAGE_PREY } from '#core/knowledge'
import { skyOver, zoneOfFish } from '#core/light'
import { withNight } from '#core/reading'
import { LightClient } from '~/workers/light.client'
import type { ColourAnswer } from '~/workers/light.protocol'
import { plain } from '~/workers/plain'

/** Depths at which swatches are painted: the surface, and shares of the water below. */
const DEPTH_SHARES = [0.02, 0.15, 0.3, 0.5, 0.75, 1]
/** Lures shown until others are picked. */
const FIRST_SHOWN = 5
const MOST_SHOWN = 8

/** How some lures' colours look in the present water, from the worker. */
export function useColourBench() {
  const box = useBoxStore()
  const catalogue = useCatalogueStore()
  const store = useReadingStore()
  const judgement = useJudgementStore()
  const client = new LightClient()
  onScopeDispose(() => client.close())
  const chosen = shallowRef<readonly string[] | null>(null)
  const depthM = ref<number | null>(null)
  const byNight = ref(false)
  const from = ref<'mid' | 'top' | 'bottom' | null>(null)
  const answer = shallowRef<ColourAnswer | null>(null)
  const problem = ref('')

  const reading = computed(() => store.complete.reading)
  const depth = computed(() =>
    Math.min(depthM.value ?? (reading.value.fishFromM + reading.value.fishToM) / 2, reading.value.bottomM),
  )
  const depthsM = computed(() => DEPTH_SHARES.map(share => Number((share * reading.value.bottomM).toFixed(2))))
  const zone = computed(
    () => from.value ?? zoneOfFish((reading.value.fishFromM + reading.value.fishToM) / 2, reading.value.bottomM),
  )
  const ids = computed(() => chosen.value ?? (judgement.judgement?.fits ?? []).slice(0, FIRST_SHOWN).map(f => f.lureId))
  const lures = computed(() =>
    ids.value
      .map(id => catalogue.profiles.get(id))
      .filter(p => p !== undefined)
      .slice(0, MOST_SHOWN),
  )

  const request = computed(() => {
    const r = reading.value
    return {
      scene: {
        species: r.species,
        visibilityM: r.visibilityM,
        stain: r.stain,
        ...skyOver(withNight(r)),
        ...(byNight.value ? { sky: 'night' as const } : {}),
        zone: zone.value,
        prey: [...new Set(r.forage.map(f => FORAGE_PREY[f.kind]))],
      },
      depthM: depth.value,
      depthsM: depthsM.value,
      lures: lures.value.map(({ lure, colours, blades, action }) => ({
        id: lure.id,
        looks: {
          colours: {
            ...colours.value,
            metal: colours.value.metal === 'none' ? (blades[0]?.metal ?? 'none') : colours.value.metal,
          },
          family: lure.family,
          actionStyle: action.value,
        },
      })),
    }
  })
  watch(
    request,
    async asked => {
      try {
        const found = await client.colours(plain(asked))
        if (found) answer.value = found
        problem.value = ''
      } catch (error) {
        problem.value = `The colours could not be worked out: ${(error as Error).message}`
      }
    },
    { immediate: true },
  )

  const options = computed(() =>
    box.box.lures.map(l => ({ value: l.id, title: l.name })).sort((a, b) => a.title.localeCompare(b.title)),
  )
  return {
    chosen,
    ids,
    lures,
    options,
    depthM,
    depth,
    depthsM,
    byNight,
    zone,
    from,
    reading,
    answer,
    problem,
    MOST_SHOWN,
  }
}
