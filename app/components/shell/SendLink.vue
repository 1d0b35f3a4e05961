<script setup lang="ts">
import { LONGEST_WORD, waterInFile, waterInLink } from '~/text/sent-water'

/** Sends the water as a link or a file that another box opens with its own lures; `with`: what was tied on here, in words. The spot is not sent. */
const props = defineProps<{ name: string, with?: string }>()
const readings = useReadingStore()
const told = ref('')
const link = ref('')
const download = useDownload()
watch(() => readings.reading, () => { told.value = link.value = '' })

function keep() {
  download('ygrion-water.json', `${JSON.stringify(waterInFile(toRaw(readings.reading), props.with?.slice(0, LONGEST_WORD) ?? ''), null, 1)}\n`, 'application/json')
  told.value = 'Kept as a file, without the spot: another box opens it under In and out.'
}
async function send() {
  const url = new URL('/', location.href)
  url.searchParams.set('water', waterInLink(toRaw(readings.reading)))
  if (props.with) url.searchParams.set('tied', props.with.slice(0, LONGEST_WORD))
  link.value = ''
  try {
    if (navigator.share) await navigator.share({ title: 'A water', url: url.href })
    else {
      await navigator.clipboard.writeText(url.href)
      told.value = 'The link is copied; the spot is not in it.'
    }
  } catch (error) {
    // Sharing that was broken off by hand is no trouble; where nothing may be copied the link stands there to be taken.
    if ((error as Error).name === 'AbortError') return
    told.value = 'Copy this link; the spot is not in it.'
    link.value = url.href
  }
}
</script>

<template>
  <span class="send"><button type="button" class="quiet" @click="send">{{ name }}</button><button type="button" class="quiet" @click="keep">as a file</button> <span v-if="told" role="status" class="reason">{{ told }}</span><input v-if="link" class="link" readonly :value="link" aria-label="Link to this water" @focus="($event.target as HTMLInputElement).select()" /></span>
</template>

<style scoped>
.send { display: inline-flex; flex-wrap: wrap; gap: 2px 10px; align-items: center; }
.send .reason { font-size: 13.5px; color: var(--soft-ink); }
.link { font: inherit; font-size: 13px; width: 100%; min-height: 36px; border: 1px solid var(--rule); background: var(--leaf); color: var(--ink); padding: 2px 6px; }
</style>
