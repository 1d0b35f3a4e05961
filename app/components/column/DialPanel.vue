<script setup lang="ts">
import { computed } from 'vue'
import { type DialWay, type Presented, reelSpeed, streamHalfWay, TIP_RANGE_M } from '#core/course'
import { CADENCE_TABLE } from '#core/knowledge'
import type { Cadence } from '#core/terms'
import { type Dimension, formatQuantity } from '#core/units'
import { type Dialled, STEP_M } from '~/composables/useCourses'
import { cadenceInWords, CADENCES_OF, wayInWords } from '~/text/course-words'

/** The set-up in the hand: turn tip, cast, speed, depth or weight, and see what it does. */
const props = defineProps<{ presented: Presented, judged: Presented, dialled: Dialled, runsAtM: number | null, sdM: number | null, turnsPerM: number | null, deeper: readonly DialWay[], shallower: readonly DialWay[] }>()
const emit = defineEmits<{ dial: [change: Dialled], reset: [] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const name = (id: string) => box.lureById.get(id)?.name ?? box.outfitById.get(id)?.name ?? id
const say = (dimension: Dimension, value: number, decimals?: number) => formatQuantity(dimension, value, { system: units.value, ...(decimals === undefined ? {} : { decimals }) })
const DIALLED_G = { least: -10, most: 30 }

/** The pause that a cadence is tried with is its middle one, until the slider says otherwise. */
const cadences = computed(() => [...new Set([props.judged.cadence, ...CADENCES_OF[props.judged.control]])])
function work(cadence: Cadence) {
  emit('dial', { cadence, pauseS: cadence === props.judged.cadence ? props.judged.pauseS : CADENCE_TABLE[cadence].pauseS?.[1] ?? null })
}
const LONGEST_PAUSE_S = 40

interface Slider { readonly key: 'tipM' | 'castM' | 'lineOutM' | 'speedMs' | 'depthM' | 'addedG' | 'pauseS', readonly label: string, readonly value: number, readonly min: number, readonly max: number, readonly step: number, readonly text: string }
const sliders = computed((): Slider[] => {
  const p = props.presented
  const { mode, control, tipM, castM, lineOutM, speedMs, depthM, bottomM, bait } = p
  const list: (Slider | null)[] = [
    mode === 'cast' || mode === 'troll' ? { key: 'tipM', label: 'rod tip', value: tipM, min: TIP_RANGE_M[0], max: TIP_RANGE_M[1], step: 0.1, text: say('depth', tipM) } : null,
    mode === 'cast' ? { key: 'castM', label: 'cast', value: castM, min: 5, max: Math.max(40, Math.ceil(props.judged.castM * 1.3)), step: 1, text: say('depth', castM, 0) } : null,
    mode === 'troll' ? { key: 'lineOutM', label: 'line out', value: lineOutM ?? 30, min: 5, max: 110, step: 1, text: say('depth', lineOutM ?? 30, 0) } : null,
    control === 'count-down' && mode === 'cast' ? { key: 'depthM', label: 'count to', value: depthM, min: 0.2, max: Math.max(0.4, bottomM), step: 0.1, text: `${say('depth', depthM)}${bait.fallMs > 0 ? `, ${Math.round(depthM / bait.fallMs)} s` : ''}` } : null,
    control === 'vertical' ? { key: 'depthM', label: 'let down to', value: depthM, min: 0.5, max: bottomM, step: 0.1, text: say('depth', depthM) } : null,
    mode !== 'vertical' && control !== 'bottom' && control !== 'above-bottom' ? { key: 'speedMs', label: 'speed', value: speedMs, min: 0.05, max: Math.max(1.5, bait.window.max), step: 0.02, text: `${say('speed', speedMs)}${props.turnsPerM ? `, ${(reelSpeed(speedMs, streamHalfWay(p)) * props.turnsPerM).toFixed(1)} turns/s` : ''}` } : null,
    p.pauseS !== null ? { key: 'pauseS', label: 'pause', value: p.pauseS, min: 0.5, max: LONGEST_PAUSE_S, step: 0.5, text: `${p.pauseS} s` } : null,
    control !== 'surface' ? { key: 'addedG', label: 'weight on it', value: props.dialled.addedG ?? 0, min: DIALLED_G.least, max: DIALLED_G.most, step: 0.5, text: `${(props.dialled.addedG ?? 0) > 0 ? '+' : ''}${say('weight', props.dialled.addedG ?? 0)}` } : null,
  ]
  return list.filter(s => s !== null)
})
const isTurned = computed(() => Object.keys(props.dialled).length > 0)
const outside = computed(() => props.presented.speedMs < props.presented.bait.window.min || props.presented.speedMs > props.presented.bait.window.max)
</script>

<template>
  <section class="dial" aria-label="Dial it in">
    <div class="sliders">
      <label v-for="s in sliders" :key="s.key"><span class="small-label">{{ s.label }}</span><input type="range" :min="s.min" :max="s.max" :step="s.step" :value="s.value" :aria-valuetext="s.text" :aria-label="s.label" @input="emit('dial', { [s.key]: Number(($event.target as HTMLInputElement).value) })" /><span class="figure">{{ s.text }}</span></label>
    </div>
    <p class="cadence"><label class="worked"><span class="small-label">worked</span> <select :value="presented.cadence" aria-label="How it is worked" @change="work(($event.target as HTMLSelectElement).value as Cadence)"><option v-for="c in cadences" :key="c" :value="c">{{ CADENCE_TABLE[c].label }}</option></select></label><span class="reason">{{ cadenceInWords(presented, turnsPerM, units) }}</span></p>
    <p v-if="runsAtM !== null" class="runs">It works at <b class="figure">{{ say('depth', runsAtM) }}{{ sdM ? ` ± ${say('depth', sdM)}` : '' }}</b><span v-if="outside" class="caution"> at a speed at which it does not work (from {{ say('speed', presented.bait.window.min) }} to {{ say('speed', presented.bait.window.max) }})</span><button v-if="isTurned" type="button" class="quiet" @click="emit('reset')">as judged</button></p>
    <div class="ways">
      <div v-for="side in [{ label: `${say('depth', STEP_M)} deeper`, ways: deeper }, { label: `${say('depth', STEP_M)} shallower`, ways: shallower }]" :key="side.label">
        <h4>{{ side.label }}</h4>
        <p v-if="side.ways.length === 0" class="reason none">Nothing in the boat does it.</p>
        <ol v-else><li v-for="way in side.ways.slice(0, 4)" :key="way.lever" class="reason">{{ wayInWords(way, name, units) }}</li></ol>
      </div>
    </div>
  </section>
</template>

<style scoped>
.dial { padding: 2px 14px 8px 54px; }
.sliders { display: grid; grid-template-columns: repeat(auto-fit, minmax(150px, 1fr)); gap: 0 18px; }
.sliders label { display: grid; grid-template-columns: auto 1fr; grid-template-areas: 'name value' 'slider slider'; align-items: baseline; gap: 0 8px; }
.sliders label .small-label { grid-area: name; }
.sliders label .figure { grid-area: value; font-size: 13px; text-align: right; white-space: nowrap; }
input { grid-area: slider; width: 100%; accent-color: var(--float); min-height: 26px; }
.cadence { display: flex; flex-wrap: wrap; gap: 2px 12px; align-items: baseline; margin: 2px 0; }
.cadence .reason { flex: 1 1 240px; font-size: 14px; }
.worked { display: inline-flex; align-items: baseline; gap: 6px; }
.worked select { font: inherit; color: var(--ink); background: transparent; border: 0; border-bottom: 1px solid var(--soft-ink); min-height: 36px; }
.worked option { background: var(--leaf); color: var(--ink); }
.runs { margin: 2px 0; display: flex; flex-wrap: wrap; gap: 8px; align-items: baseline; }
.runs b { font-size: 16px; }
.caution { color: var(--float); }
.ways { display: grid; grid-template-columns: 1fr 1fr; gap: 20px; }
h4 { font: 620 13px var(--font-figure); margin: 0; }
ol { margin: 0; padding-left: 16px; }
li { font-size: 14px; line-height: 1.25; }
.none { margin: 0; color: var(--soft-ink); font-size: 14px; }
@media (max-width: 700px) {
  .dial { padding: 4px 6px; }
  input { min-height: 44px; }
}
</style>
