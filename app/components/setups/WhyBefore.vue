<script setup lang="ts">
import { computed } from 'vue'
import { AXES } from '#core/rule'
import { type AxisDifference, differenceOf, type SetupOut } from '#core/tell'
import { axisValue } from '~/text/axis-value'
import { percent } from '~/text/percent'

/** Why this set-up and not its neighbour in the order. */
const props = defineProps<{ setup: SetupOut, other: SetupOut, otherName: string, ahead: boolean }>()
const { units } = storeToRefs(useSettingsStore())
const SHOWN = 5
const differences = computed(() => differenceOf(props.setup, props.other).slice(0, SHOWN))
const widest = computed(() => Math.max(...differences.value.map(d => Math.abs(d.gain)), Number.EPSILON))
const width = (gain: number) => `${Math.round((48 * Math.abs(gain)) / widest.value)}%`
function inWords({ axis, a, b }: AxisDifference): string {
  return AXES[axis].kind === 'taste' ? `${Math.round(a.fit * 100)} against ${percent(b.fit)}` : `${axisValue(axis, a.offers, units.value)} against ${axisValue(axis, b.offers, units.value)}`
}
</script>

<template>
  <section class="why-before" :aria-label="ahead ? `Why this before ${otherName}` : `Why ${otherName} before this`">
    <h4>{{ ahead ? `Why this before ${otherName}` : `Why ${otherName} stands before this` }}</h4>
    <p v-if="differences.length === 0" class="reason">They are as good as equal here: choose what you trust.</p>
    <ul v-else>
      <li v-for="d in differences" :key="d.axis">
        <span class="axis">{{ AXES[d.axis].label }}</span>
        <span class="bar" aria-hidden="true"><span :class="d.gain > 0 ? 'for' : 'against'" :style="{ width: width(d.gain) }" /></span>
        <span class="words">{{ inWords(d) }}<span class="sr">, {{ d.gain > 0 ? 'for this one' : 'for the other' }}</span></span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h4 { font: 620 13.5px var(--font-figure); margin: 10px 0 2px; }
ul { list-style: none; padding: 0; margin: 0; }
li { display: grid; grid-template-columns: 92px 70px 1fr; gap: 8px; align-items: center; font-size: 12.5px; padding: 2px 0; }
.bar { position: relative; height: 9px; border-left: 1px solid var(--ink); margin-left: 50%; }
.bar span { position: absolute; height: 100%; }
.for { left: 0; background: var(--water-ink); min-width: 2px; transform: scaleX(2); transform-origin: left; }
.against { right: 100%; background: var(--float); min-width: 2px; transform: scaleX(2); transform-origin: right; }
.words { color: var(--soft-ink); white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
</style>
