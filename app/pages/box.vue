<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Lure } from '#core/tackle'
import { familyLabel, words } from '~/text/labels'

const box = useBoxStore()
const undo = useUndoStore()
const selectedId = ref<string | null>(null)
const search = ref('')
const selected = computed(() => (selectedId.value ? box.lureById.get(selectedId.value) : undefined))

const found = computed(() => {
  const wanted = search.value.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  return box.box.lures.filter((lure) => {
    const text = [lure.name, familyLabel(lure.family), words(lure.style), lure.box, lure.colours?.pattern, lure.colours?.metal, lure.notes].join(' ').toLocaleLowerCase()
    return wanted.every(word => text.includes(word))
  })
})

async function remove(lure: Lure) {
  selectedId.value = null
  undo.offer(`${lure.name} is out of the box.`, await box.removeLure(lure.id))
}
</script>

<template>
  <div class="box-page">
    <QuickEntry @added="lure => selectedId = lure.id" />
    <div class="body" :class="{ split: selected }">
      <section class="list">
        <div class="bar">
          <h1>Box</h1>
          <input v-model="search" class="search" type="search" placeholder="name, kind, colour, box" aria-label="Search the box" />
          <span class="count">{{ found.length }} of {{ box.box.lures.length }} lures</span>
        </div>
        <BoxTable v-if="found.length > 0" :lures="found" :selected-id="selectedId" @select="id => selectedId = id" />
        <p v-else-if="box.ready && box.box.lures.length === 0" class="reason empty">The box is empty. Above: what kind of lure it is, its weight and length; the rest is taken from its kind, marked by hatching, until you test it.</p>
        <p v-else-if="box.ready" class="reason empty">Nothing in the box answers to “{{ search }}”.</p>
      </section>
      <LureEditor v-if="selected" :key="selected.id" :lure="selected" @close="selectedId = null" @removed="remove" />
    </div>
  </div>
</template>

<style scoped>
.body.split { display: grid; grid-template-columns: minmax(0, 1fr) 400px; align-items: start; }
.bar { display: flex; align-items: baseline; gap: 18px; padding: 12px 18px 6px; flex-wrap: wrap; }
h1 { font-size: 24px; }
.search { flex: 1 1 200px; max-width: 340px; min-height: 40px; border: 0; border-bottom: 1px solid var(--ink); background: none; color: inherit; font: inherit; font-size: 15px; }
.search::placeholder { color: var(--soft-ink); }
.count { color: var(--soft-ink); }
.list { padding: 0 6px 40px 10px; }
.empty { max-width: 56ch; padding: 24px 18px; }
@media (max-width: 900px) {
  .body.split { display: flex; flex-direction: column-reverse; }
  .body.split > :deep(.editor) { border-left: 0; border-bottom: 1px solid var(--ink); width: 100%; }
  .list { padding-inline: 4px; width: 100%; }
}
</style>
