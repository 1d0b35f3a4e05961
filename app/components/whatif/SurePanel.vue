<script setup lang="ts">
import { computed } from 'vue'
import { outOfTen } from '~/text/out-of-ten'

/** How sure the order is: what comes first in waters that this one may be, and what would settle it. */
const box = useBoxStore()
const { sure } = storeToRefs(useJudgementStore())
const name = (id: string) => box.lureById.get(id)?.name ?? id
/** Baits told beside those that are level; the others come first hardly ever. */
const SHOWN = 6
const told = computed(() => sure.value?.first.slice(0, Math.max(SHOWN, sure.value.level)) ?? [])
</script>

<template>
  <section class="sure" :class="{ open: !sure }" aria-labelledby="sure-title">
    <h3 id="sure-title">How sure this is</h3>
    <p v-if="!sure" class="reason lead" role="status">Looking at three hundred waters that this one may be …</p>
    <p v-else-if="told.length === 0" class="reason lead">Nothing of your box can be fished in any water near this one.</p>
    <template v-else>
      <p class="reason lead">Of ten waters that this one may be, each figure off by as much as such figures usually are (assumed), so many put it first<template v-if="sure.level > 1">; the first {{ sure.level }} are level: one of them is first in eight</template>.</p>
      <ol>
        <li v-for="(bait, i) in told" :key="bait.lureIds[0]" :class="{ level: i < sure.level }">
          <LureDrawing v-if="box.lureById.get(bait.lureIds[0]!)" :lure="box.lureById.get(bait.lureIds[0]!)!" small class="drawing" />
          <span class="name">{{ name(bait.lureIds[0]!) }}</span>
          <span class="bar" aria-hidden="true"><span :style="{ width: `${100 * bait.share}%` }" /></span>
          <b class="figure">{{ outOfTen(bait.share) }}</b>
        </li>
      </ol>
      <template v-if="sure.measure.length > 0">
        <h4>One measurement</h4>
        <MeasureList :measure="sure.measure" />
      </template>
      <p v-else class="reason lead">No single measurement would settle more of it.</p>
    </template>
  </section>
</template>

<style scoped>
h3 { font-size: 16px; }
h4 { font-size: 14px; margin: 8px 0 0; }
.sure { margin-bottom: 14px; }
/* Room for what comes: what stands below should hardly move. */
.open { min-height: 340px; }
.lead { color: var(--soft-ink); margin: 4px 0 6px; max-width: 62ch; }
ol { list-style: none; margin: 0; padding: 0; max-width: 460px; }
li { display: grid; grid-template-columns: 54px minmax(0, 1fr) 120px 28px; gap: 10px; align-items: center; min-height: 32px; border-top: 1px solid var(--rule); color: var(--soft-ink); padding-left: 6px; border-left: 3px solid transparent; }
li.level { color: var(--ink); border-left-color: var(--water-ink); }
.drawing { width: 54px; height: 24px; }
.name { overflow-wrap: anywhere; }
.bar { height: 8px; border: 1px solid var(--rule); }
.bar span { display: block; height: 100%; background: var(--soft-ink); }
.level .bar span { background: var(--water-ink); }
.figure { text-align: right; }
</style>
