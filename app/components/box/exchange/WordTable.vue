<script setup lang="ts">
import { computed, ref } from 'vue'
import { csvColumn, type WordRead } from '#core/files'
import { STYLE_TABLE } from '#core/knowledge'
import { FAMILIES } from '#core/terms'
import { capital, familyLabel, words as inWords } from '~/text/labels'

/** The words of the table with what they are taken for: each corrected once for all like rows, and kept for the next table. */
const props = defineProps<{ words: readonly WordRead[], header: readonly string[] }>()
const emit = defineEmits<{ say: [path: string, text: string, as: string | null] }>()
const showsAll = ref(false)
const doubtful = computed(() => props.words.filter(w => w.as === null || w.isGuess))
const shown = computed(() => (showsAll.value ? props.words : doubtful.value))
const LEAVE_OUT = { value: '', title: 'Leave it out' }
const KINDS = FAMILIES.flatMap(family => [
  { value: family as string, title: capital(familyLabel(family)) },
  ...Object.keys(STYLE_TABLE[family] ?? {}).map(style => ({ value: `${family}: ${style}`, title: `${capital(familyLabel(family))}, ${inWords(style)}` })),
])
const isKind = (w: WordRead) => w.path === 'family'
const example = (w: WordRead) => ({ colours: 'a colour: black/blue, olive', hooks: '2 x treble 6' } as Record<string, string>)[w.path] ?? csvColumn(w.path)?.label ?? ''
</script>

<template>
  <section v-if="words.length > 0" class="words" aria-label="Words of the table">
    <p class="reason">
      <template v-if="doubtful.length > 0"><b>{{ doubtful.length }}</b> {{ doubtful.length === 1 ? 'word is' : 'words are' }} doubtful. Say once what it means: all like rows follow, and the next table too.</template>
      <template v-else>Every word was understood.</template>
      <button type="button" class="quiet" @click="showsAll = !showsAll">{{ showsAll ? 'only the doubtful' : `all ${words.length}` }}</button>
    </p>
    <table v-if="shown.length > 0">
      <caption class="sr">Words and what they are taken for</caption>
      <thead><tr><th class="column">column</th><th>says</th><th>rows</th><th>is taken for</th></tr></thead>
      <tbody>
        <tr v-for="w in shown" :key="`${w.path} ${w.text}`" :class="{ unknown: w.as === null, guess: w.isGuess }">
          <td class="column">{{ header[w.column] }}</td>
          <th scope="row">“{{ w.text }}”</th>
          <td class="count">{{ w.count }}</td>
          <td v-if="isKind(w)" class="as"><v-autocomplete :model-value="w.as" :items="[LEAVE_OUT, ...KINDS]" :aria-label="`“${w.text}” is`" placeholder="choose a kind" @update:model-value="(as: string | null) => emit('say', w.path, w.text, as)" /></td>
          <td v-else class="as">
            <input :value="w.as ?? ''" :aria-label="`“${w.text}” is`" :placeholder="example(w)" @change="emit('say', w.path, w.text, ($event.target as HTMLInputElement).value)" />
            <span v-if="w.as === null" class="soft">not understood: kept in the notes</span>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.words { margin: 14px 0 6px; }
table { border-collapse: collapse; width: 100%; border-block: 1px solid var(--rule); }
thead th { text-align: left; font-size: 12px; letter-spacing: 0.05em; text-transform: uppercase; color: var(--soft-ink); font-weight: 550; }
th, td { text-align: left; padding: 2px 16px 2px 0; border-bottom: 1px solid var(--rule); }
tbody th { font-weight: 600; }
td.column, .soft { color: var(--soft-ink); }
.count { font-variant-numeric: tabular-nums; }
.unknown th { color: var(--float); }
.guess th::after { content: ' ?'; color: var(--soft-ink); }
.as { min-width: 260px; }
.as input { border: 0; border-bottom: 1px solid var(--rule); background: transparent; color: inherit; font: inherit; min-height: 36px; width: 190px; }
.as input:focus-visible { outline: 2px solid var(--float); }
.soft { margin-left: 10px; font-size: 14px; }
@media (max-width: 700px) { .column { display: none; } th, td { padding-right: 10px; } .as { min-width: 0; } .soft { display: block; margin: 0; } }
</style>
