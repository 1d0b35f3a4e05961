<script setup lang="ts">
import { nanoid } from 'nanoid'
import { computed } from 'vue'
import { lastAt, startFrom, USUAL_WATERS } from '#core/reading'
import { dayShort, localIso } from '~/text/dates'

/** Where one is: home waters, what they were like last time, and waters to start from. */
const box = useBoxStore()
const reading = useReadingStore()
const last = computed(() => (reading.place ? lastAt(reading.place.id, reading.written) : null))

function asLastTime() {
  if (!last.value) return
  // The water is as it was then; the hour is the present one's.
  reading.change({ ...last.value.reading, at: reading.reading.at ?? null })
}
</script>

<template>
  <div class="place">
    <span class="small-label">home waters</span>
    <div class="choices"><button v-for="p in box.places" :key="p.id" type="button" class="choice" :aria-pressed="reading.place?.id === p.id" @click="reading.goTo(p)">{{ p.name }}</button><NuxtLink class="quiet" to="/waters">{{ box.places.length > 0 ? 'change' : 'add one' }}</NuxtLink></div>
    <div class="row">
      <button type="button" class="plain" :disabled="!last" @click="asLastTime">{{ last ? `As last time here, ${dayShort(last.at)}` : 'Nothing written down here yet' }}</button>
      <button type="button" class="hot" @click="reading.note(nanoid(10), new Date())">Write this reading down</button>
      <SendLink name="send this water" />
    </div>
    <span class="small-label">start from</span>
    <div class="choices"><button v-for="w in USUAL_WATERS" :key="w.id" type="button" class="choice" @click="reading.change(startFrom(w, { at: reading.reading.at ?? localIso(new Date()), latitude: reading.complete.reading.latitude }))">{{ w.label }}</button></div>
    <span class="small-label">from instruments</span>
    <FeedPanel />
  </div>
</template>

<style scoped>
.place { display: flex; flex-direction: column; gap: 6px; }
.row { display: flex; flex-wrap: wrap; gap: 8px; margin: 4px 0; }
.choices .quiet { min-height: 40px; display: inline-flex; align-items: center; padding-inline: 8px; }
.small-label { margin-top: 6px; }
</style>
