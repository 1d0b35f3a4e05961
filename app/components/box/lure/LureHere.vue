<script setup lang="ts">
import { computed, shallowRef, watch } from 'vue'
import type { LureProfile } from '#core/lure'
import type { SetupOut } from '#core/tell'
import { tacticLabel, words } from '~/text/labels'
import { wayInWords } from '~/text/way-words'

/** How a lure is fished in the water as it is now, where it stands among the others, and what else could be done with it. */
const props = defineProps<{ profile: LureProfile }>()
const emit = defineEmits<{ told: [setup: SetupOut | null] }>()
const box = useBoxStore()
const judgement = useJudgementStore()
const readings = useReadingStore()
const { units } = storeToRefs(useSettingsStore())
const setup = shallowRef<SetupOut | null>(null)
const isAsking = shallowRef(true)
const problem = shallowRef('')
const place = computed(() => judgement.fitById.get(props.profile.lure.id)?.row ?? null)
const others = computed(() => judgement.shown?.fits.length ?? 0)
const refused = computed(() => judgement.shown?.out.rejected.find(r => r.lureId === props.profile.lure.id)?.why ?? null)
const rodOf = (id: string) => box.outfitById.get(id)?.name ?? id
const ways = computed(() => (setup.value?.ways ?? []).map(way => wayInWords(way, rodOf, units.value)))

watch(() => [props.profile.lure.id, judgement.boxesLoaded, readings.reading] as const, async ([lureId]) => {
  isAsking.value = true
  try {
    // As it stands in the whole box, with the trailers that are there; nothing else is told.
    const told = await judgement.judgeIf({ opened: lureId }, 0)
    if (lureId !== props.profile.lure.id) return
    setup.value = told?.opened?.setup ?? null
    problem.value = ''
    if (told) isAsking.value = false
    emit('told', setup.value)
  }
  catch (error) {
    problem.value = `That could not be worked out: ${(error as Error).message}`
  }
}, { immediate: true })
</script>

<template>
  <section aria-label="In this water">
    <h2>In this water</h2>
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <template v-else-if="setup">
      <p class="place"><template v-if="place !== null"><b class="figure">{{ place + 1 }}</b> of {{ others }} · </template>{{ tacticLabel(setup.tactic) }}, {{ words(setup.rig) }}<template v-if="setup.outfitId">, on {{ rodOf(setup.outfitId) }}</template></p>
      <p class="reason">{{ setup.presentation.text }}</p>
      <p v-for="reason in setup.reasons.slice(0, 2)" :key="reason.rule" class="reason">+ {{ reason.text }} <SourceMark :source="reason.source" /></p>
      <p v-for="reason in setup.against.slice(0, 2)" :key="reason.rule" class="reason against">− {{ reason.text }}</p>
      <details v-if="ways.length > 0"><summary>{{ ways.length === 1 ? 'one other way' : `${ways.length} other ways` }} to fish it here</summary><ol><li v-for="(way, i) in ways" :key="i">{{ way }}</li></ol></details>
      <p class="lead-on"><NuxtLink :to="{ path: '/', query: { lure: profile.lure.id } }" class="quiet">see it in the cut</NuxtLink></p>
    </template>
    <p v-else-if="refused" class="reason">Not here: {{ refused }}.</p>
    <p v-else class="reason">{{ isAsking ? 'Working it out …' : 'It has no way of its own in this water; as a trailer it rides on others.' }}</p>
  </section>
</template>

<style scoped>
h2 { font-size: 17px; margin: 0 0 4px; }
p { margin: 3px 0; max-width: 66ch; }
.place .figure { font-size: 22px; }
.against { color: var(--soft-ink); }
summary { cursor: pointer; min-height: 40px; display: flex; align-items: center; color: var(--soft-ink); text-decoration: underline; text-underline-offset: 3px; }
ol { margin: 0 0 6px; padding-left: 20px; font-size: 14px; }
</style>
