<script setup lang="ts">
import { computed, shallowRef } from 'vue'

/** The picture of one event: taken with the camera or from a file, and shown. */
const props = defineProps<{ eventId: string, tripId: string }>()
const box = useBoxStore()
const photos = usePhotosStore()
const { takeOfEvent, problem, isBusy } = usePhoto()
const photo = computed(() => photos.ofEvents.get(props.eventId))
/** The picture that the browser could not show. */
const torn = shallowRef<typeof photo.value>()

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  const taken = file && await takeOfEvent(props.eventId, props.tripId, file)
  if (taken) await box.change({ put: { eventPhotos: [taken] } }, 'The picture is kept with the trip.')
}
</script>

<template>
  <div class="event-photo">
    <p v-if="photo && photo === torn" class="reason problem">This picture is damaged and cannot be shown: take another, or remove it.</p>
    <img v-else-if="photo" :src="photos.urlOf(eventId)!" :width="photo.width" :height="photo.height" alt="Picture of this event" @error="torn = photo" />
    <div class="act">
      <label class="plain">{{ isBusy ? 'Reading…' : photo ? 'another picture' : 'picture' }}<input type="file" accept="image/*" capture="environment" class="sr" :disabled="isBusy" @change="choose" /></label>
      <button v-if="photo" type="button" class="quiet" @click="box.change({ remove: { eventPhotos: [eventId] } }, 'The picture is gone.')">remove it</button>
    </div>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </div>
</template>

<style scoped>
img { max-width: 100%; width: auto; height: auto; max-height: 240px; border: 1px solid var(--rule); display: block; margin-bottom: 6px; }
.act { display: flex; gap: 12px; align-items: center; }
label { display: inline-flex; align-items: center; min-height: 56px; }
label:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
.problem { color: var(--float); margin: 4px 0; }
</style>
