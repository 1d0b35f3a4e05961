<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { computed, nextTick, ref } from 'vue'

const box = useBoxStore()
const catalogue = useCatalogueStore()
const route = useRoute()
const router = useRouter()
const openId = computed(() => (typeof route.query.lure === 'string' ? route.query.lure : null))
const opened = computed(() => (openId.value ? box.lureById.get(openId.value) : undefined))

const columnsOpen = ref(false)
/** While lures are entered one after the other the focus stays in the form. */
const isEntering = ref(false)

/** Where the list stood: on a narrow screen the editor takes its place, and gives it back when it is closed. */
const isNarrow = useMediaQuery('(max-width: 900px)')
let listY = 0

async function open(lure: string | null, entering = false) {
  isEntering.value = entering
  if (lure && !openId.value) listY = window.scrollY
  await router.replace({ query: lure ? { lure } : {} })
  if (lure || !isNarrow.value) return
  await nextTick()
  window.scrollTo({ top: listY })
}
</script>

<template>
  <div>
    <QuickEntry @added="lure => open(lure.id, true)" />
    <div class="body" :class="{ split: opened }">
      <section class="list">
        <SearchLine><NuxtLink class="plain several" to="/box/exchange">Several at once…</NuxtLink><button type="button" class="plain" :aria-expanded="columnsOpen" @click="columnsOpen = !columnsOpen">Columns…</button></SearchLine>
        <ColumnChoice v-if="columnsOpen" />
        <LureTable v-if="catalogue.found.length > 0" :entries="catalogue.found" :open-id="openId" @open="id => open(id)" />
        <p v-else-if="box.box.lures.length === 0" class="reason empty">The box is empty. Above: what kind of lure it is, its weight and length; the rest is taken from its kind, marked by hatching, until you test it. A list from a spreadsheet comes in under <NuxtLink to="/box/exchange">In and out</NuxtLink>.</p>
        <p v-else class="reason empty">Nothing in the box answers to “{{ catalogue.search }}”.</p>
        <BulkBar v-if="catalogue.picked.size > 0" />
      </section>
      <LureEditor v-if="opened" :key="opened.id" :lure="opened" :takes-focus="!isEntering" @close="open(null)" @open="id => open(id)" />
    </div>
  </div>
</template>

<style scoped>
.body.split { display: grid; grid-template-columns: minmax(0, 1fr) 400px; align-items: start; }
.list { padding: 0 6px 40px 0; }
@media print { .body.split { display: block !important; } .body.split > :deep(.editor) { display: none; } }
.several { display: inline-flex; align-items: center; text-decoration: none; }
.empty { max-width: 56ch; padding: 24px 18px; }
@media (max-width: 900px) {
  .body.split { display: flex; flex-direction: column-reverse; }
  .body.split > :deep(.editor) { border-left: 0; border-bottom: 1px solid var(--ink); width: 100%; }
  .list { padding-inline: 4px; width: 100%; }
}
</style>
