<script setup lang="ts">
import { computed } from 'vue'
import { zonesOf } from '#core/palette'
import type { Colours, Lure } from '#core/tackle'
import { percent } from '~/text/percent'

const props = defineProps<{ lure: Lure }>()
const emit = defineEmits<{ colours: [colours: Partial<Colours>] }>()
const box = useBoxStore()
const photos = usePhotosStore()
const { take, problem, isBusy } = usePhoto()
const photo = computed(() => photos.photos.get(props.lure.id))
const swatches = computed(() => photo.value?.swatches.filter(s => !s.isBackground) ?? [])
const ZONES = ['back', 'side', 'belly', 'accent'] as const

async function choose(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  const taken = file && await take(props.lure.id, file)
  if (taken) await box.change({ put: { photos: [taken] } }, `${props.lure.name} has a photo.`)
}

function paintFromPhoto() {
  const zones = photo.value && zonesOf(photo.value.swatches)
  if (zones) emit('colours', zones)
}
</script>

<template>
  <section class="photo" aria-label="Photo">
    <span class="small-label">photo</span>
    <div class="row">
      <label class="plain">{{ isBusy ? 'Reading…' : 'From a file' }}<input type="file" accept="image/*" class="sr" :disabled="isBusy" @change="choose" /></label>
      <label class="plain">Camera<input type="file" accept="image/*" capture="environment" class="sr" :disabled="isBusy" @change="choose" /></label>
      <template v-if="photo">
        <button type="button" class="plain" :aria-pressed="photo.instead" @click="box.change({ put: { photos: [{ ...photo, instead: !photo.instead }] } }, photo.instead ? 'The drawing is shown again.' : 'The photo stands for the drawing.')">{{ photo.instead ? 'Show the drawing' : 'Show the photo' }}</button>
        <button type="button" class="quiet" @click="box.change({ remove: { photos: [lure.id] } }, 'The photo is gone.')">remove</button>
      </template>
    </div>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <div v-if="swatches.length > 0" class="picked">
      <span class="small-label">colours in it</span>
      <span v-for="s in swatches" :key="s.hex" class="swatch">
        <i :style="{ background: s.hex }" /><span>{{ percent(s.share) }}</span>
        <span class="zones"><button v-for="zone in ZONES" :key="zone" type="button" class="quiet" :aria-label="`Paint the ${zone} ${s.hex}`" @click="emit('colours', { [zone]: s.hex })">{{ zone }}</button></span>
      </span>
      <button type="button" class="plain" @click="paintFromPhoto">Paint back, side and belly from the photo</button>
    </div>
  </section>
</template>

<style scoped>
.photo { margin-top: 14px; }
.row { display: flex; flex-wrap: wrap; gap: 8px; align-items: center; margin-top: 4px; }
.row label { display: inline-flex; align-items: center; }
.row label:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
.problem { color: var(--float); margin: 6px 0; }
.picked { display: flex; flex-direction: column; align-items: flex-start; gap: 4px; margin-top: 8px; }
.swatch { display: flex; align-items: center; gap: 8px; }
.swatch i { width: 34px; height: 22px; border: 1px solid var(--rule); }
.zones { display: flex; gap: 4px; }
</style>
