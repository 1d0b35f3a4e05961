<script setup lang="ts">
import { mdiPause, mdiPlay } from '@mdi/js'
import { usePreferredReducedMotion, useRafFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import type { SetupOut } from '#core/tell'
import type { Dialled } from '~/composables/useCourses'
import { courseInWords, duration } from '~/text/course-words'

/** The cut through the water with the courses of the first set-ups, and the chosen one in the hand. */
const props = defineProps<{ setups: readonly SetupOut[], chosenId: string | null, dialled: Dialled }>()
const emit = defineEmits<{ choose: [lureId: string], dial: [lureId: string, dialled: Dialled] }>()
const readings = useReadingStore()
const judgement = useJudgementStore()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const SHOWN = 2
/** Played this much faster than it is fished: a retrieve of a minute in six seconds. */
const FASTER = 10

const overlaid = ref(true)
const drawn = computed(() => {
  const chosen = props.setups.find(s => s.lureId === props.chosenId)
  const others = overlaid.value ? props.setups.slice(0, SHOWN + 1).filter(s => s !== chosen) : []
  return chosen ? [...props.setups].filter(s => s === chosen || others.includes(s)) : others
})
const { found, presented, deeper, shallower, problem } = useCourses(drawn, () => props.chosenId, () => props.dialled)
const chosen = computed(() => (props.chosenId === null ? undefined : found.value.get(props.chosenId)))
const judged = computed(() => (props.chosenId === null ? undefined : judgement.shown?.presented[props.chosenId]))
const turnsPerM = computed(() => box.turnsPerMetre(props.setups.find(s => s.lureId === props.chosenId)?.outfitId ?? null))

const t = ref(0)
const seconds = computed(() => chosen.value?.course.seconds ?? 0)
const motion = usePreferredReducedMotion()
const { pause, resume, isActive } = useRafFn(({ delta }) => {
  t.value += (delta / 1000) * FASTER
  if (t.value < seconds.value) return
  t.value = seconds.value
  pause()
}, { immediate: false })
function play() {
  if (t.value >= seconds.value) t.value = 0
  resume()
}
watch(() => props.chosenId, () => {
  t.value = 0
  pause()
})
watch(motion, now => now === 'reduce' && pause())
const dialTo = (dialled: Dialled) => { if (props.chosenId !== null) emit('dial', props.chosenId, dialled) }
const dial = (change: Dialled) => dialTo({ ...props.dialled, ...change })
const inWords = computed(() => (chosen.value && presented.value ? courseInWords(chosen.value.course, presented.value, chosen.value.share, units.value) : ''))
</script>

<template>
  <div class="cut-panel">
    <p v-if="problem" class="reason" role="alert">{{ problem }}</p>
    <WaterColumn class="picture" :reading="readings.complete.reading" :setups="drawn" :courses="found" :presented="presented" :chosen-id="chosenId" :lures="box.lureById" :t="t" @choose="id => emit('choose', id)" @tip="tipM => dial({ tipM })" @cast="castM => dial({ castM })" />
    <div v-if="chosen" class="player">
      <button type="button" class="plain play" :aria-label="isActive ? 'Pause the course' : 'Play the course'" @click="isActive ? pause() : play()"><svg viewBox="0 0 24 24" width="20" height="20" aria-hidden="true"><path fill="currentColor" :d="isActive ? mdiPause : mdiPlay" /></svg></button>
      <input type="range" min="0" :max="seconds" step="0.2" :value="t" aria-label="Moment of the course" :aria-valuetext="`${duration(t)} of ${duration(seconds)}`" @input="pause(); t = Number(($event.target as HTMLInputElement).value)" />
      <span class="figure time">{{ duration(t) }} of {{ duration(seconds) }}</span>
      <label class="others"><input v-model="overlaid" type="checkbox" /> the next ones too</label>
    </div>
    <p v-if="inWords" class="reason in-words" aria-live="polite">{{ inWords }}</p>
    <DialPanel v-if="presented && judged" :presented="presented" :judged="judged" :dialled="dialled" :runs-at-m="chosen?.runsAtM ?? null" :sd-m="chosen?.spread?.sdM ?? null" :turns-per-m="turnsPerM" :deeper="deeper" :shallower="shallower" @dial="dial" @reset="dialTo({})" />
  </div>
</template>

<style scoped>
.cut-panel { display: flex; flex-direction: column; height: 100%; min-height: 0; overflow-y: auto; scrollbar-width: thin; }
.picture { flex: 1 0 300px; min-height: 300px; }
.player { display: flex; align-items: center; gap: 10px; padding: 2px 14px 0 54px; }
.play { min-height: 36px; padding: 3px 9px; }
.player input[type=range] { flex: 1; accent-color: var(--ink); min-height: 36px; }
.time { font-size: 13px; min-width: 108px; text-align: right; }
.others { display: flex; align-items: center; gap: 6px; font-size: 13px; color: var(--soft-ink); }
.in-words { margin: 0; padding: 0 14px 2px 54px; font-size: 14.5px; }
@media (max-width: 700px) {
  .player, .in-words { padding-left: 6px; padding-right: 6px; }
  .play { min-height: 44px; }
}
</style>
