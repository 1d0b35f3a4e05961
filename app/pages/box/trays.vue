<script setup lang="ts">
import { group } from 'd3'
import { computed, ref } from 'vue'
import { VueDraggable } from 'vue-draggable-plus'
import type { Lure } from '#core/tackle'

const box = useBoxStore()
const catalogue = useCatalogueStore()
const undo = useUndoStore()
const chosen = ref<string | null | undefined>()
const fresh = ref('')
const isDragging = ref(false)
const NONE = 'in no box'
const shown = computed(() => (chosen.value === undefined || (chosen.value !== null && !catalogue.boxes.includes(chosen.value)) ? catalogue.boxes[0] ?? null : chosen.value))
const byBox = computed(() => group(box.box.lures, l => l.box || null))
const inBox = (name: string | null) => byBox.value.get(name) ?? []

async function place(lure: Lure, name: string | null, slot: string | null) {
  const where = name === null ? 'in no box' : slot ? `${name}, slot ${slot}` : `loose in ${name}`
  await box.change({ put: { lures: [{ ...lure, box: name, slot }] } }, `${lure.name} is now ${where}.`)
}

function droppedOn(name: string | null, event: { item: HTMLElement }) {
  const lure = box.lureById.get(event.item.dataset.lure ?? '')
  if (lure && (lure.box || null) !== name) void place(lure, name, null)
}

function addBox() {
  const name = fresh.value.trim()
  if (name === '' || catalogue.boxes.includes(name)) return
  catalogue.trays = { ...catalogue.trays, [name]: { rows: 3, columns: 4 } }
  chosen.value = name
  fresh.value = ''
}

function forgetBox(name: string) {
  const before = catalogue.trays
  catalogue.trays = Object.fromEntries(Object.entries(before).filter(([other]) => other !== name))
  undo.offer(`The empty box ${name} is put away.`, () => {
    catalogue.trays = before
    return Promise.resolve()
  })
}
</script>

<template>
  <div class="trays">
    <nav aria-label="Boxes">
      <div v-for="name in [...catalogue.boxes, null]" :key="name ?? NONE" class="box-tab">
        <button type="button" class="choice" :aria-pressed="shown === name" @click="chosen = name">{{ name ?? NONE }} <span>{{ inBox(name).length }}</span></button>
        <!-- Dropping a lure on the tab moves it into that box. -->
        <VueDraggable :model-value="[]" group="lures" :force-fallback="true" class="drop" :class="{ open: isDragging }" @add="(event: { item: HTMLElement }) => droppedOn(name, event)" />
        <button v-if="name !== null && inBox(name).length === 0" type="button" class="quiet" :aria-label="`Put the empty box ${name} away`" @click="forgetBox(name)">×</button>
      </div>
      <form @submit.prevent="addBox"><v-text-field v-model="fresh" label="New box" /><button type="submit" class="quiet">add</button></form>
    </nav>
    <section>
      <p class="reason hint">Drag a lure to its slot or onto another box. Without a mouse: tap it (or press Enter), then the slot, or use the arrow keys and Enter.</p>
      <TrayView :key="shown ?? NONE" :box-name="shown" :lures="inBox(shown)" @moved="(lure, slot) => place(lure, shown, slot)" @dragging="on => isDragging = on" />
    </section>
  </div>
</template>

<style scoped>
.trays { display: grid; grid-template-columns: 190px minmax(0, 1fr); gap: 20px; padding: 10px 18px 50px; align-items: start; }
nav { display: flex; flex-direction: column; gap: 4px; }
.box-tab { position: relative; display: flex; }
.box-tab .choice { flex: 1; display: flex; justify-content: space-between; gap: 10px; min-height: 44px; align-items: center; text-align: left; }
.box-tab .choice span { opacity: 0.75; }
.drop { position: absolute; inset: 0; pointer-events: none; overflow: hidden; }
.drop.open { pointer-events: auto; outline: 1px dashed var(--float); outline-offset: -3px; }
.drop :deep(.lure) { opacity: 0; }
form { display: flex; align-items: center; gap: 6px; margin-top: 8px; }
.hint { margin: 0 0 8px; color: var(--soft-ink); }
@media (max-width: 700px) {
  .trays { grid-template-columns: minmax(0, 1fr); padding-inline: 10px; }
  nav { flex-direction: row; flex-wrap: wrap; }
  form { flex: 1 1 100%; }
}
</style>
