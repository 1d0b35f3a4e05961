<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Lure } from '#core/tackle'
import { familyLabel, words } from '~/text/labels'

const props = defineProps<{ lures: readonly Lure[], selectedId: string | null }>()
const emit = defineEmits<{ select: [id: string] }>()
const judgement = useJudgementStore()

const COLUMNS = [
  { key: 'fit', label: 'fits now' }, { key: 'name', label: 'name' }, { key: 'family', label: 'kind' }, { key: 'weight', label: 'weight' }, { key: 'length', label: 'length' },
  { key: 'place', label: 'box, slot' }, { key: 'quantity', label: 'pieces' },
] as const
type Key = typeof COLUMNS[number]['key']
const sortKey = ref<Key>('fit')
const rising = ref(false)
const profiles = useProfiles()
const score = (lure: Lure) => judgement.fitById.get(lure.id)?.score ?? null

const VALUE: Record<Key, (lure: Lure) => number | string> = {
  fit: lure => score(lure) ?? -1,
  name: lure => lure.name.toLocaleLowerCase(),
  family: lure => familyLabel(lure.family),
  weight: lure => profiles.value.get(lure.id)?.weightG.value ?? -1,
  length: lure => profiles.value.get(lure.id)?.lengthMm.value ?? -1,
  place: lure => `${lure.box ?? '\uFFFF'} ${lure.slot ?? ''}`,
  quantity: lure => lure.quantity ?? 1,
}

const sorted = computed(() => {
  const value = VALUE[sortKey.value]
  const sign = rising.value ? 1 : -1
  return [...props.lures].sort((a, b) => {
    const [x, y] = [value(a), value(b)]
    return x < y ? -sign : x > y ? sign : a.name.localeCompare(b.name)
  })
})

function sortBy(key: Key) {
  if (sortKey.value === key) rising.value = !rising.value
  else {
    sortKey.value = key
    rising.value = key === 'name' || key === 'family' || key === 'place'
  }
}
</script>

<template>
  <table class="box-table">
    <caption class="sr">Lures in the box</caption>
    <thead>
      <tr>
        <th class="picture" />
        <th v-for="c in COLUMNS" :key="c.key" :class="c.key" :aria-sort="sortKey === c.key ? (rising ? 'ascending' : 'descending') : 'none'">
          <button type="button" @click="sortBy(c.key)">{{ c.label }}{{ sortKey === c.key ? (rising ? ' ↑' : ' ↓') : '' }}</button>
        </th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="lure in sorted" :key="lure.id" :class="{ selected: lure.id === selectedId }" @click="emit('select', lure.id)">
        <td class="picture"><LureDrawing :lure="lure" /></td>
        <td class="fit">
          <span v-if="judgement.fitById.get(lure.id)" class="fit-cell"><b>{{ Math.round(judgement.fitById.get(lure.id)!.score * 100) }}</b><FitSpine small :spine="judgement.fitById.get(lure.id)!.spine" /></span>
          <span v-else class="none">{{ lure.role === 'trailer' ? 'trailer' : 'not here' }}</span>
        </td>
        <td class="name"><button type="button" class="open" @click.stop="emit('select', lure.id)">{{ lure.name }}</button></td>
        <td>{{ familyLabel(lure.family) }}<span v-if="lure.style" class="style">, {{ words(lure.style) }}</span></td>
        <td class="number"><KnownFigure v-if="profiles.get(lure.id)" dimension="weight" :figure="profiles.get(lure.id)!.weightG" /></td>
        <td class="number"><KnownFigure v-if="profiles.get(lure.id)" dimension="length" :figure="profiles.get(lure.id)!.lengthMm" /></td>
        <td>{{ lure.box ?? '–' }}{{ lure.slot ? `, ${lure.slot}` : '' }}</td>
        <td class="number">{{ lure.quantity ?? 1 }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.box-table { width: 100%; border-collapse: collapse; }
thead th { position: sticky; top: 0; text-align: left; padding: 0; background: var(--paper); border-bottom: 1px solid var(--ink); }
thead button { background: none; border: 0; padding: 8px 8px 6px; min-height: 40px; cursor: pointer; font-size: 12px; font-stretch: 86%; letter-spacing: 0.05em; text-transform: uppercase; color: var(--soft-ink); white-space: nowrap; }
th[aria-sort='ascending'] button, th[aria-sort='descending'] button { color: var(--ink); font-weight: 650; }
tbody tr { border-bottom: 1px solid var(--rule); cursor: pointer; }
tbody tr:hover, tr.selected { background: var(--leaf); }
tr.selected { box-shadow: inset 3px 0 0 var(--float); }
td { padding: 4px 8px; }
.picture { width: 92px; }
.picture :deep(svg) { width: 76px; height: 32px; margin: auto; }
.fit { width: 150px; }
.fit-cell { display: grid; grid-template-columns: 26px 1fr; align-items: center; gap: 6px; }
.none { color: var(--soft-ink); font-size: 12.5px; }
.open { background: none; border: 0; padding: 4px 0; font-weight: 620; font-size: 15px; font-stretch: 92%; cursor: pointer; text-align: left; }
.style { color: var(--soft-ink); }
.number { text-align: right; white-space: nowrap; }
th.weight, th.length, th.quantity { text-align: right; }
@media (max-width: 700px) {
  .fit, th.place, th.length, th.family, th.quantity, td:nth-child(4), td:nth-child(6), td:nth-child(7), td:nth-child(8) { display: none; }
}
</style>
