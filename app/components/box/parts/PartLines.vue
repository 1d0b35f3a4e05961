<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed, ref } from 'vue'
import { readPartLine, sameAs } from '#core/catalogue'
import { parsePart } from '#core/files'
import type { Part } from '#core/tackle'
import { inWords } from '#speech'
import { partInWords } from '~/text/tackle-words'

/** Hardware as it stands on packets or in a list, a line each; what is understood is shown before it is put in. */
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())
const text = ref('')
const problem = ref('')
const lines = computed(() =>
  text.value
    .split('\n')
    .map(line => line.trim())
    .filter(Boolean)
    .map(line => ({ line, part: readPartLine(line, units.value) })),
)
const known = computed(() => lines.value.filter(({ part }) => part !== null))

async function add() {
  problem.value = ''
  const put = new Map<string, Part>()
  for (const { line, part: read } of known.value) {
    const same = sameAs([...put.values(), ...box.box.parts.filter(({ id }) => !put.has(id))], read!)
    const outcome = parsePart(same ? { ...same, quantity: (same.quantity ?? 1) + (read!.quantity ?? 1) } : { ...read!, id: nanoid(10) })
    if (!outcome.ok) {
      problem.value = `Not stored: “${line}”: ${outcome.issues[0]!.path} ${inWords(outcome.issues[0]!.message)}.`
      return
    }
    put.set(outcome.value.id, outcome.value)
  }
  const count = known.value.length
  await box.change({ put: { parts: [...put.values()] } }, count === 1 ? `${[...put.values()][0]!.name} is in the box.` : `${count} lines of hardware are in the box.`)
  text.value = lines.value.filter(({ part }) => part === null).map(({ line }) => line).join('\n')
}
</script>

<template>
  <form class="lines" aria-label="Enter hardware" @submit.prevent="add">
    <label class="small-label" for="part-lines">Heads, sinkers, hooks: a line each, as the packet says</label>
    <textarea id="part-lines" v-model="text" data-either rows="2" placeholder="5x round head 7 g 3/0&#10;tungsten bullet 1/4 oz (5 pk)" />
    <button type="submit" class="hot" :disabled="known.length === 0">Put in the box</button>
    <ul v-if="lines.length > 0" class="reason" aria-live="polite" aria-label="Understood">
      <li v-for="({ line, part }, i) in lines" :key="i"><template v-if="part">{{ partInWords(part, units) }}</template><b v-else>No word in “{{ line }}” names a piece of hardware.</b></li>
    </ul>
    <p v-else class="reason">Kind, weight, hook size, material and pieces in any order and in either system. What is there already only gets more.</p>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
.lines { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 4px 16px; align-items: center; padding-bottom: 12px; max-width: 900px; }
.small-label, ul, p { grid-column: 1 / -1; }
textarea { min-height: 60px; padding: 8px 0; background: none; color: inherit; border: 0; border-bottom: 1px solid var(--ink); font: inherit; resize: vertical; }
ul { list-style: none; margin: 2px 0; padding: 0; }
p { margin: 2px 0; }
.problem { color: var(--float); }
@media (max-width: 700px) { .lines { grid-template-columns: minmax(0, 1fr); } }
@media print { .lines { display: none; } }
</style>
