<script setup lang="ts">
import { ref } from 'vue'
import { lureOfFile } from '#core/catalogue'
import type { Photo } from '~/db/database'
import { counted } from '~/text/labels'

/** Many pictures at once: each goes to the lure that its file is named after. */
const box = useBoxStore()
const { take, problem } = usePhoto()
const left = ref<readonly string[]>([])
const done = ref<{ readonly done: number, readonly of: number } | null>(null)
const taken = ref<number | null>(null)
const SHOWN = 8

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const files = [...input.files ?? []]
  input.value = ''
  const photos: Photo[] = []
  const unread: string[] = []
  for (const [i, file] of files.entries()) {
    done.value = { done: i, of: files.length }
    const lureId = lureOfFile(file.name, box.box.lures)
    const photo = lureId === null ? null : await take(lureId, file)
    if (photo) photos.push(photo)
    else unread.push(lureId === null ? `${file.name}: no lure of that name` : problem.value)
  }
  done.value = null
  left.value = unread
  taken.value = photos.length
  if (photos.length > 0) await box.change({ put: { photos } }, `${counted(photos.length, 'picture')} came in by name.`)
}
</script>

<template>
  <section class="photos" aria-label="Pictures by name">
    <h3>Pictures</h3>
    <label class="plain">Choose pictures<input type="file" class="sr" accept="image/*" multiple :disabled="done !== null" @change="choose" /></label>
    <span class="reason soft">Each goes to the lure that its file is named after: “{{ box.box.lures[0]?.name ?? 'Brown plug' }}.jpg”.</span>
    <p v-if="done" class="reason" role="status"><progress :value="done.done" :max="done.of" /> picture {{ done.done + 1 }} of {{ done.of }}</p>
    <p v-else-if="taken !== null" class="reason" role="status">{{ counted(taken, 'picture') }} taken.</p>
    <ul v-if="left.length > 0" class="reason"><li v-for="text in left.slice(0, SHOWN)" :key="text">{{ text }}</li><li v-if="left.length > SHOWN">and {{ left.length - SHOWN }} more</li></ul>
  </section>
</template>

<style scoped>
.photos { margin-top: 22px; border-top: 1px solid var(--rule); padding-top: 8px; }
h3 { font-size: 15px; margin: 0 0 6px; }
label { display: inline-flex; align-items: center; cursor: pointer; margin-right: 14px; }
label:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
.soft { color: var(--soft-ink); }
ul { margin: 4px 0; padding-left: 18px; }
</style>
