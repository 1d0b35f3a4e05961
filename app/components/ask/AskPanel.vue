<script setup lang="ts">
import { computed, ref } from 'vue'
import { AXES, type AxisId } from '#core/rule'
import type { AxisOut, SetupOut } from '#core/tell'
import { askCurve } from '~/charts/ask-curve'
import { axisRange, axisValue } from '~/text/axis-value'

const props = defineProps<{ axes: readonly AxisOut[], chosen: SetupOut | null }>()
const settings = useSettingsStore()
const { units } = storeToRefs(settings)
const readings = useReadingStore()
const showSchools = ref(false)
const otherwise = computed(() => Object.keys(readings.schools).length)
const opened = ref<AxisId | null>(null)
const WIDTH = 92
const HEIGHT = 24
const isTaste = (axis: AxisId) => AXES[axis].kind === 'taste'
/** Quieter axes stay out of the way until asked for. */
const LOUD = 0.12
const showAll = ref(false)
const sorted = computed(() => [...props.axes].sort((a, b) => b.weight - a.weight))
const shown = computed(() => sorted.value.filter(a => showAll.value || a.weight > LOUD).map(asked => ({ asked, curve: isTaste(asked.axis) ? null : askCurve(asked, WIDTH, HEIGHT) })))
const offers = (axis: AxisId) => props.chosen?.axes.find(a => a.axis === axis)
</script>

<template>
  <section class="ask" aria-labelledby="ask-title">
    <h2 id="ask-title">The water asks for</h2>
    <p class="reason lead">Heaviest first. Tap one to read why.</p>
    <ul>
      <li v-for="{ asked, curve } in shown" :key="asked.axis">
        <button type="button" class="axis" :aria-expanded="opened === asked.axis" @click="opened = opened === asked.axis ? null : asked.axis">
          <span class="name">{{ AXES[asked.axis].label }}</span>
          <svg v-if="curve" class="curve" :width="WIDTH" :height="HEIGHT" aria-hidden="true">
            <path :d="curve.fill" class="area" />
            <path :d="curve.outline" class="line" />
            <line :x1="curve.bestX" :x2="curve.bestX" y1="0" :y2="HEIGHT" class="best" />
          </svg>
          <span v-else class="taste" aria-hidden="true"><span v-for="n in Math.min(5, asked.reasons.length)" :key="n" /></span>
          <span class="best-value figure">{{ isTaste(asked.axis) ? `${asked.reasons.length} rule${asked.reasons.length === 1 ? '' : 's'}` : axisValue(asked.axis, asked.best, units) }}</span>
        </button>
        <div v-if="opened === asked.axis" class="why">
          <p v-if="!isTaste(asked.axis)" class="range">Good from {{ axisRange(asked.axis, asked.low, asked.high, units) }}.<template v-if="offers(asked.axis)"> The chosen set-up offers {{ axisValue(asked.axis, offers(asked.axis)!.offers, units) }}.</template></p>
          <p v-for="reason in asked.reasons" :key="reason.rule" class="reason">{{ reason.text }} <SourceMark :source="reason.source" /></p>
        </div>
      </li>
    </ul>
    <button v-if="sorted.length > shown.length || showAll" class="quiet" type="button" @click="showAll = !showAll">{{ showAll ? 'only the loud ones' : sorted.length - shown.length === 1 ? 'one quiet one' : `${sorted.length - shown.length} quiet ones` }}</button>
    <div class="schools-here">
      <button class="quiet" type="button" :aria-expanded="showSchools" @click="showSchools = !showSchools">{{ otherwise > 0 ? `${otherwise} school${otherwise === 1 ? '' : 's'} changed for this reading` : 'another school, for this reading' }}</button>
      <template v-if="showSchools">
        <SchoolSwitches brief :chosen="readings.schools" :inherited="settings.schools" @change="s => readings.schools = s" />
        <p class="reason lead">For this reading alone; what you hold for good is under <NuxtLink to="/rules?part=schools">Rules</NuxtLink>. <button v-if="otherwise > 0" class="quiet" type="button" @click="readings.schools = {}">back to it</button></p>
      </template>
    </div>
  </section>
</template>

<style scoped>
.ask { padding: 12px 0 24px 18px; }
h2 { font-size: 19px; }
.lead { color: var(--soft-ink); margin: 0 0 6px; }
ul { list-style: none; padding: 0; margin: 0; }
li { border-top: 1px solid var(--rule); }
.axis { display: grid; grid-template-columns: 1fr 92px 78px; align-items: center; gap: 8px; width: 100%; min-height: 38px; background: none; border: 0; padding: 2px 4px 2px 0; text-align: left; cursor: pointer; }
.axis:hover { background: color-mix(in srgb, var(--leaf) 80%, transparent); }
.name { font-stretch: 90%; }
.best-value { text-align: right; font-size: 13.5px; white-space: nowrap; }
.area { fill: color-mix(in srgb, var(--water-ink) 22%, transparent); }
.line { fill: none; stroke: var(--water-ink); stroke-width: 1.2; }
.best { stroke: var(--float); stroke-width: 1.4; }
.taste { display: flex; gap: 4px; }
.taste span { width: 8px; height: 8px; border: 1px solid var(--water-ink); transform: rotate(45deg) scale(0.8); }
.why { padding: 2px 4px 10px 10px; border-left: 2px solid var(--water-ink); margin-bottom: 8px; }
.why p { margin: 4px 0; }
.range { font-size: 13px; }
</style>
