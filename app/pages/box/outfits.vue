<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { rackedAs, readOutfitLabel } from '#core/catalogue'
import { parseOutfit } from '#core/files'
import { inWords } from '#speech'
import { rodInWords } from '~/text/tackle-words'

/** The angler's rods with their reels, lines and leaders. */
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const label = ref('')
const name = ref('')
const problem = ref('')
const read = computed(() => readOutfitLabel(label.value, units.value))
const understood = computed(() => rodInWords(read.value, units.value))

async function add() {
  const outcome = parseOutfit(rackedAs(read.value, nanoid(10), name.value.trim() || label.value.trim() || 'New rod'))
  if (!outcome.ok) {
    problem.value = `Not stored: ${outcome.issues[0]!.path} ${inWords(outcome.issues[0]!.message)}.`
    return
  }
  await box.change({ put: { outfits: [outcome.value] } }, `${outcome.value.name} is on the rack.`)
  label.value = ''
  name.value = ''
  problem.value = ''
}
</script>

<template>
  <div class="outfits">
    <form class="quick" aria-label="Add a rod" @submit.prevent="add">
      <v-text-field v-model="label" label="As the rod’s label reads" data-either placeholder="2.1 m, 7–28 g, medium-heavy, fast · 7'0&quot; MH 1/4–1 oz" />
      <v-text-field v-model="name" label="What you call it" class="name" />
      <button type="submit" class="hot" :disabled="label.trim() === '' && name.trim() === ''">Put it on the rack</button>
      <p class="reason understood" aria-live="polite"><template v-if="understood">Understood: {{ understood }}.</template><template v-if="label.trim() && read.left"> Not understood: “{{ read.left }}”.</template><template v-if="!label.trim()">Length, window, power and action in any order and in either system; line and ratio too. What the label does not say is filled in below; until then a spinning rod and braid are assumed.</template></p>
      <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    </form>
    <p v-if="box.box.outfits.length === 0" class="reason">No rods yet: without them rod, line and cast are assumed, and no lure is too heavy or too light.</p>
    <ul v-else aria-label="Rods"><OutfitRow v-for="outfit in box.box.outfits" :key="outfit.id" :outfit="outfit" /></ul>
  </div>
</template>

<style scoped>
.outfits { padding: 10px 18px 60px; max-width: 1180px; }
.quick { display: grid; grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) auto; gap: 4px 16px; align-items: center; padding-bottom: 12px; }
.understood, .problem { grid-column: 1 / -1; margin: 2px 0; }
.understood { color: var(--soft-ink); }
.problem { color: var(--float); }
ul { list-style: none; margin: 0; padding: 0; }
@media (max-width: 700px) { .quick { grid-template-columns: minmax(0, 1fr); } }
</style>
