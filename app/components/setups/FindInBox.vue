<script setup lang="ts">
import { computed, ref } from 'vue'
import type { RestOut } from '#core/tell'
import type { LureFit } from '~/workers/judge.protocol'

/** Any lure of the box by its name or kind, with the place it has here or why it cannot be fished; one tap opens it. */
const props = defineProps<{ fits: readonly LureFit[], rejected: RestOut['rejected'], chosenId: string | null }>()
const emit = defineEmits<{ choose: [lureId: string] }>()
const catalogue = useCatalogueStore()
const text = ref('')
/** More than fit on a phone is a search for another word. */
const SHOWN = 8
const places = computed(() => new Map(props.fits.map(({ lureId }, i) => [lureId, i + 1])))
const reasons = computed(() => new Map(props.rejected.map(r => [r.lureId, r.why])))
const matching = computed(() => (text.value.trim() === '' ? [] : catalogue.matching(text.value).map(({ profile }) => profile.lure).filter(l => places.value.has(l.id) || reasons.value.has(l.id))))
const found = computed(() => [...matching.value].sort((a, b) => (places.value.get(a.id) ?? Infinity) - (places.value.get(b.id) ?? Infinity)).slice(0, SHOWN))
function open(id: string) {
  emit('choose', id)
  text.value = ''
}
</script>

<template>
  <div class="find">
    <label class="line">
      <span class="reason">Where does it stand?</span>
      <input v-model="text" type="search" placeholder="a lure of yours" aria-label="Find a lure of the box in this order" @keydown.esc="text = ''" @keydown.enter="found[0] && places.has(found[0].id) && open(found[0].id)" />
    </label>
    <ul v-if="found.length > 0" aria-label="Lures found">
      <li v-for="lure in found" :key="lure.id">
        <button v-if="places.has(lure.id)" type="button" :aria-current="lure.id === chosenId" @click="open(lure.id)"><span class="figure place">{{ places.get(lure.id) }}</span> {{ lure.name }}</button>
        <p v-else class="reason"><b>{{ lure.name }}</b>: {{ reasons.get(lure.id) }}.</p>
      </li>
    </ul>
    <p v-else-if="text.trim() !== ''" class="reason" role="status">No lure of the box answers to that.</p>
    <p v-if="matching.length > SHOWN" class="reason">and {{ matching.length - SHOWN }} more</p>
  </div>
</template>

<style scoped>
.find { margin: 0 0 8px; font-size: 14px; }
.line { display: flex; align-items: center; gap: 8px; }
input { flex: 1; min-width: 0; min-height: 36px; border: 0; border-bottom: 1px solid var(--rule); background: none; padding: 2px 4px; }
ul { list-style: none; margin: 2px 0 0; padding: 0; }
li { border: 0; }
button { display: flex; gap: 10px; align-items: baseline; width: 100%; text-align: left; background: none; border: 0; min-height: 40px; padding: 4px 6px; cursor: pointer; }
button:hover { background: var(--leaf); }
.place { min-width: 28px; text-align: right; color: var(--soft-ink); }
p { margin: 4px 6px; }
@media (max-width: 1000px) { input, button { min-height: 44px; } }
</style>
