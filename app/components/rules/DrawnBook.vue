<script setup lang="ts">
import type { Sketch } from '#core/tell'
import type { Cadence } from '#core/terms'
import { bookOf, lookedUp } from '~/text/book'
import { counted } from '~/text/labels'

/** The little book: kinds, rigs, blades, actions and cadences drawn, and the words of the trade; one field looks things up in all of it. */
const settings = useSettingsStore()
const judgement = useJudgementStore()
const route = useRoute()
const asked = ref(typeof route.query.look === 'string' ? route.query.look : '')
watch(() => route.query.look, (look) => {
  if (typeof look === 'string') asked.value = look
})
const cadences = shallowRef<Partial<Record<Cadence, Sketch>>>({})
const trouble = ref('')
watch(() => settings.units, async (units) => {
  try {
    cadences.value = (await judgement.sketches(units)).cadences
  } catch (error) {
    trouble.value = `The cadences could not be drawn: ${(error as Error).message}`
  }
}, { immediate: true })
const book = computed(() => bookOf(settings.units, Object.fromEntries(Object.entries(cadences.value).map(([id, { told }]) => [id, told]))))
const chapters = computed(() => lookedUp(book.value, asked.value))
const count = computed(() => chapters.value.reduce((sum, { entries }) => sum + entries.length, 0))
</script>

<template>
  <section aria-label="The little book">
    <div class="look">
      <input v-model="asked" type="search" aria-label="Look something up" placeholder="look up a kind, a rig, a word …" />
      <span class="soft" role="status">{{ count === 0 ? 'Nothing in the book is called so.' : asked ? counted(count, 'entry', 'entries') : '' }}</span>
    </div>
    <p v-if="trouble" class="reason" role="alert">{{ trouble }}</p>
    <section v-for="chapter in chapters" :key="chapter.name" :aria-label="chapter.name">
      <h2>{{ chapter.name }}</h2>
      <p class="reason about">{{ chapter.about }}</p>
      <div class="entries" :class="{ words: !chapter.entries[0]!.picture }">
        <article v-for="e in chapter.entries" :id="e.id" :key="e.id">
          <BookPicture v-if="e.picture" :picture="e.picture" :name="e.name" :cadences="cadences" />
          <h3>{{ e.name }}</h3>
          <p v-for="line in e.lines" :key="line" class="reason">{{ line }}</p>
        </article>
      </div>
    </section>
  </section>
</template>

<style scoped>
.look { display: flex; gap: 14px; align-items: baseline; flex-wrap: wrap; margin: 6px 0 4px; }
input { font: inherit; font-size: 17px; min-height: 44px; width: min(420px, 100%); border: 0; border-bottom: 2px solid var(--float); background: transparent; color: var(--ink); }
.soft, .about { color: var(--soft-ink); }
h2 { font-size: 18px; margin: 20px 0 0; padding-top: 8px; border-top: 1px solid var(--ink); }
.about { margin: 0 0 8px; }
.entries { display: grid; grid-template-columns: repeat(auto-fill, minmax(236px, 1fr)); gap: 16px 22px; }
.entries.words { grid-template-columns: repeat(auto-fill, minmax(300px, 1fr)); }
article { content-visibility: auto; contain-intrinsic-size: auto 210px; }
.words article { contain-intrinsic-size: auto 80px; }
h3 { font-size: 15.5px; margin: 5px 0 0; }
article p { margin: 2px 0; font-size: 14.5px; }
@media (max-width: 700px) { .entries { grid-template-columns: repeat(auto-fill, minmax(158px, 1fr)); gap: 14px; } .entries.words { grid-template-columns: minmax(0, 1fr); } }
@media print { .look { display: none; } article { break-inside: avoid; } }
</style>
