<script setup lang="ts">
import { computed } from 'vue'
import { fairVerdict } from '#core/rotation'
import type { TurnPair } from '#core/tackle'
import { stoppingChart } from '~/charts/stopping-chart'
import { TRAIT_WORDS } from '~/text/advice-words'
import { counted } from '~/text/labels'
import { percent } from '~/text/percent'

/** What two lures fished in turn have shown: contacts and casts of each, how far one is ahead, and the line beyond which that is more than chance. */
const props = defineProps<{ pair: TurnPair }>()
const box = useBoxStore()
const name = (id: string) => box.lureById.get(id)?.name ?? `gone from the box (${id})`
const inWords = computed(() => {
  const { leads, says, same } = fairVerdict(props.pair.a, props.pair.b)
  const ahead = leads ? name(props.pair[leads].lureId) : ''
  if (says === 'clear') return `Clearly ${ahead}.${props.pair.end ? '' : ' Go back to the other once before settling.'}`
  if (says === 'leaning') return `Leaning to ${ahead}; it may still be chance (${percent(same)}).`
  return leads ? `No difference yet: ${ahead} is ahead, which is no more than chance.` : 'No difference yet.'
})
const differs = computed(() => (TRAIT_WORDS as Record<string, string>)[props.pair.differs] ?? props.pair.differs)
const chart = computed(() => stoppingChart(props.pair.a.contacts, props.pair.b.contacts))
const score = (side: 'a' | 'b') => `${name(props.pair[side].lureId)} ${counted(props.pair[side].contacts, 'contact')} in ${counted(props.pair[side].casts, 'cast')}`
</script>

<template>
  <div class="verdict">
    <p class="reason">{{ score('a') }}, {{ score('b') }}; they differ in {{ differs }}.</p>
    <svg :viewBox="`0 0 ${chart.width} ${chart.height}`" class="line" role="img" :aria-label="`Contacts ahead: ${chart.lead}; clear from ${chart.needed ?? 'more contacts on'}`">
      <path :d="chart.line" class="stop" /><path :d="chart.mirrored" class="stop" /><line x1="0" :x2="chart.width" :y1="chart.height / 2" :y2="chart.height / 2" class="even" />
      <circle :cx="chart.x" :cy="chart.y" r="5" class="now" /><text x="4" y="14">{{ name(pair.a.lureId) }} clear</text><text x="4" :y="chart.height - 5">{{ name(pair.b.lureId) }} clear</text>
    </svg>
    <p class="reason" role="status">{{ inWords }}</p>
  </div>
</template>

<style scoped>
p { margin: 3px 0; }
.line { width: 100%; max-width: 420px; display: block; margin: 6px 0; }
.stop { fill: none; stroke: var(--ink); stroke-width: 1.5; stroke-dasharray: 5 3; }
.even { stroke: var(--rule); }
.now { fill: var(--float); }
.line text { font-size: 12px; fill: var(--soft-ink); }
</style>
