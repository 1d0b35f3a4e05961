<script setup lang="ts">
import { computed } from 'vue'
import type { SmallThing } from '#core/pack'
import { formatHookSize, formatQuantity } from '#core/units'
import { words } from '~/text/labels'

/** A leader, snap, swivel or hook that goes along: how many, how strong, and which of one's own will do. */
const props = defineProps<{ thing: SmallThing, ticked: boolean }>()
const emit = defineEmits<{ tick: [] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const PLURAL = { snap: 'snaps', swivel: 'swivels', leader: 'leaders', hook: 'hooks' } as const
const strength = (kg: number) => formatQuantity('strength', kg, { system: units.value })
const name = computed(() => {
  const { kind, pieces, leader, hook, holdsKg } = props.thing
  const many = pieces === 1 ? kind : PLURAL[kind]
  if (leader) return `${pieces} ${words(leader.material)} ${many}${leader.testKg === null ? '' : ` of ${strength(leader.testKg)}`}, ${formatQuantity('depth', leader.lengthM, { system: units.value })} each`
  if (hook) return `${pieces} ${words(hook.kind)} ${many}, size ${formatHookSize(hook.size)}`
  return `${pieces} ${many}${holdsKg === null ? '' : `, ${strength(holdsKg)} or stronger`}`
})
const own = computed(() => box.box.parts.find(p => p.id === props.thing.partId) ?? null)
const users = computed(() => props.thing.lureIds.slice(0, 3).map(id => box.lureById.get(id)?.name ?? id).join(', ') + (props.thing.lureIds.length > 3 ? ` and ${props.thing.lureIds.length - 3} more` : ''))
</script>

<template>
  <li class="small-thing" :class="{ ticked }">
    <label class="tick"><input type="checkbox" :checked="ticked" :aria-label="`${name}: packed`" @change="emit('tick')" /></label>
    <div>
      <p class="name"><b>{{ name }}</b></p>
      <p class="why">for {{ users }}; {{ thing.spares === thing.pieces ? 'all' : `${thing.spares} of them` }} spare · <span v-if="own">yours: {{ own.name }}</span><span v-else class="known typical">none noted among your parts</span></p>
    </div>
  </li>
</template>

<style scoped>
.small-thing { display: grid; grid-template-columns: 34px 1fr; gap: 8px; align-items: center; border-top: 1px solid var(--rule); padding: 3px 0; min-height: 46px; }
.tick { display: flex; align-items: center; justify-content: center; min-height: 44px; }
.tick input { width: 19px; height: 19px; accent-color: var(--ink); }
.name, .why { margin: 0; line-height: 1.25; }
.why { color: var(--soft-ink); font-size: 13px; }
.ticked .name b { text-decoration: line-through; text-decoration-color: var(--soft-ink); }
</style>
