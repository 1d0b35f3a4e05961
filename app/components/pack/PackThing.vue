<script setup lang="ts">
import { computed, shallowRef } from 'vue'
import type { PackItem, Purpose, Swap } from '#core/pack'
import { formatQuantity } from '#core/units'
import { placeWord, WISH_WORDS } from '~/text/pack-words'
import { percent, percentChange } from '~/text/percent'

/** One thing on the list: tick, where it lies, what it is for, and what may be done about it. */
const props = defineProps<{ item: PackItem, purpose: Purpose | null, names: readonly string[], ticked: boolean, locked: boolean, swapsFor: (id: string) => Promise<readonly Swap[]> }>()
const emit = defineEmits<{ tick: [], lock: [], leave: [], swap: [swap: Swap] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const swaps = shallowRef<readonly Swap[] | null>(null)
const lure = computed(() => (props.item.kind === 'lure' ? box.lureById.get(props.item.id) ?? null : null))
const part = computed(() => (props.item.kind === 'part' ? box.box.parts.find(p => p.id === props.item.id) ?? null : null))
const name = computed(() => lure.value?.name ?? part.value?.name ?? props.item.id)
/** The best two of its uses, first readings first. */
const uses = computed(() => {
  const best = new Map<string, number>()
  for (const { reading, place } of props.purpose?.counts ?? []) best.set(props.names[reading]!, Math.min(place, best.get(props.names[reading]!) ?? 9))
  const list = [...best].sort((a, b) => a[1] - b[1])
  const told = list.slice(0, 2).map(([reading, place]) => `${placeWord(place)} at ${reading}`)
  const days = props.purpose && props.purpose.days >= 0.01 ? [`catches most on ${percent(props.purpose.days)} of the days that may come`] : []
  return [...told, ...days, ...list.length > 2 ? [`and ${list.length - 2} more`] : [], ...(props.purpose?.wishes ?? []).map(w => `the only ${WISH_WORDS[w as keyof typeof WISH_WORDS]}`)].join('; ')
})
const lossText = computed(() => (props.purpose && props.purpose.loss >= 0.0005 ? `${percentChange(-props.purpose.loss, 1)} of the catch without it` : props.purpose ? 'hardly missed' : ''))
async function look() {
  swaps.value = swaps.value ? null : await props.swapsFor(props.item.id)
}
const swapName = (id: string) => box.lureById.get(id)?.name ?? id
const changeText = (change: number) => percentChange(change, 1)
</script>

<template>
  <li class="thing" :class="{ ticked }">
    <label class="tick"><input type="checkbox" :checked="ticked" :aria-label="`${name} is packed`" @change="emit('tick')" /></label>
    <LureDrawing v-if="lure" :lure="lure" small class="drawing" /><span v-else class="drawing part">▲</span>
    <div class="what">
      <p class="name"><b>{{ name }}</b><span v-if="item.pieces > 1" class="figure"> × {{ item.pieces }}</span> <span class="soft">{{ formatQuantity('weight', item.grams, { system: units }) }}<template v-if="lure?.slot"> · {{ lure.slot }}</template></span></p>
      <p class="why">{{ uses || (locked ? 'because you said so' : 'goes along') }}<span v-if="lossText" class="loss"> · {{ lossText }}</span></p>
      <ul v-if="swaps" class="swaps" :aria-label="`In the place of ${name}`">
        <li v-for="s in swaps" :key="s.lureId"><button type="button" class="plain" @click="emit('swap', s); swaps = null">{{ swapName(s.lureId) }} <span class="figure">{{ changeText(s.change) }}</span></button></li>
        <li v-if="swaps.length === 0" class="reason">Nothing else within the limits does its work.</li>
      </ul>
    </div>
    <div class="acts">
      <button v-if="item.kind === 'lure'" type="button" class="quiet" :aria-expanded="swaps !== null" :aria-label="`Swap ${name}`" @click="look">swap</button>
      <button type="button" class="quiet" :aria-pressed="locked" :aria-label="`${name} must go along`" @click="emit('lock')">{{ locked ? 'locked' : 'lock' }}</button>
      <button type="button" class="quiet" :aria-label="`Leave ${name} at home`" @click="emit('leave')">leave</button>
    </div>
  </li>
</template>

<style scoped>
.thing { display: grid; grid-template-columns: 34px 78px 1fr auto; gap: 8px; align-items: center; border-top: 1px solid var(--rule); padding: 3px 0; min-height: 46px; }
.tick { display: flex; align-items: center; justify-content: center; min-height: 44px; }
.tick input { width: 19px; height: 19px; accent-color: var(--ink); }
.drawing { width: 78px; height: 34px; display: flex; align-items: center; justify-content: center; }
.part { color: var(--soft-ink); }
.name, .why { margin: 0; line-height: 1.25; }
.soft, .why { color: var(--soft-ink); font-size: 13px; }
.loss { color: var(--ink); }
.ticked .name b { text-decoration: line-through; text-decoration-color: var(--soft-ink); }
.acts { display: flex; gap: 2px; font-size: 13px; }
.acts .quiet { min-height: 40px; padding: 0 5px; }
.acts .quiet[aria-pressed='true'] { font-weight: 650; text-decoration-color: var(--float); text-decoration-thickness: 2px; }
.swaps { list-style: none; padding: 4px 0; margin: 0; display: flex; flex-wrap: wrap; gap: 5px; }
@media (max-width: 700px) { .thing { grid-template-columns: 40px 1fr; } .drawing { display: none; } .acts { grid-column: 2; } .acts .quiet { min-height: 44px; } }
@media print { .acts { display: none; } .thing { grid-template-columns: 26px 60px 1fr; min-height: 30px; } }
</style>
