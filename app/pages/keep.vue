<script setup lang="ts">
import { computed, ref } from 'vue'
import { inWords } from '#speech'
import { LOOKS } from '~/stores/settings'
import { moment } from '~/text/dates'
import { counted, lookLabel } from '~/text/labels'

const box = useBoxStore()
const startOwn = useOwnStart()
const settings = useSettingsStore()
const { saving, last, days, isDue, chosen, mustAsk, canChooseFile, chooseFile, backupToFile, forgetFile, preview, issues, isBusy, storage, isNearlyFull, pictureBytes, thinPictures, backup, open, restore, join, persist, shelf, damaged, standAgain, drop, mend, dropDamaged, saveDamaged } = useKeeping()
const mending = ref<{ id: string, text: string } | null>(null)
const { $pwa } = useNuxtApp()
const { version } = useRuntimeConfig().public
const UNITS = ['metric', 'imperial', 'mixed'] as const
const MB = 1024 * 1024
const megabytes = (bytes: number) => (bytes < MB ? `${Math.round(bytes / 1024)} kB` : `${(bytes / MB).toFixed(bytes < 10 * MB ? 1 : 0)} MB`)
const lists = computed(() => preview.value?.plan.filter(p => p.fresh + p.changed + p.same > 0) ?? [])
const differs = computed(() => lists.value.some(p => p.changed > 0))
const pictures = computed(() => (preview.value ? preview.value.kept.photos.length + preview.value.kept.eventPhotos.length : 0))
function picked(event: Event) {
  const input = event.target as HTMLInputElement
  if (input.files?.[0]) void open(input.files[0])
  input.value = ''
}
</script>

<template>
  <div class="keep">
    <h1>Keeping</h1>
    <section aria-label="Backup">
      <h2>Backup</h2>
      <p class="reason">Everything lives in this browser, on this device. A lost phone or a cleared browser takes it along; one file kept elsewhere does not: box, bench, trips, rules, pack lists, pictures, and boxes that were put aside.</p>
      <p :class="{ due: isDue }"><template v-if="last === null">No backup was ever made here.</template><template v-else>Last backup {{ days === 0 ? 'today' : days === 1 ? 'yesterday' : `${days} days ago` }}.</template><template v-if="isDue"> It is time for one.</template></p>
      <button type="button" :class="isDue ? 'hot' : 'plain'" :disabled="isBusy || !box.ready" @click="backup">Make a backup now</button>
      <SavingStep :saving="saving" />
      <template v-if="chosen && !box.isDemo">
        <p>Once a day, while Ygrion is open, a backup goes by itself to <b>{{ chosen.name }}</b>, in the place of the one before.<template v-if="mustAsk"> <b class="due">This browser asks again before it writes there.</b></template></p>
        <button type="button" class="plain" :disabled="isBusy || !box.ready" @click="backupToFile">{{ mustAsk ? 'Let it write there' : 'Write it now' }}</button> <button type="button" class="quiet" :disabled="isBusy" @click="forgetFile">no longer</button>
      </template>
      <template v-else-if="canChooseFile() && !box.isDemo">
        <p class="reason">Or once a day by itself, to a file of your choice: best in a folder that is copied elsewhere.</p>
        <button type="button" class="plain" :disabled="isBusy || !box.ready" @click="chooseFile">Choose a file for it</button>
      </template>
    </section>
    <section aria-label="Restore">
      <h2>Put one back</h2>
      <label class="plain file">Choose a backup<input type="file" class="sr" accept=".zip,.json,application/zip,application/json" :disabled="isBusy" @change="picked" /></label>
      <div v-if="issues.length > 0" class="reason problem" role="alert"><p v-for="i in issues.slice(0, 6)" :key="i.path + i.message"><b v-if="i.path">{{ i.path }}: </b>{{ i.message }}.</p></div>
      <div v-if="preview" class="preview">
        <p><b>{{ preview.name }}</b> holds:</p>
        <table><thead><tr><th /><th scope="col">not here yet</th><th scope="col">different here</th><th scope="col">the same</th></tr></thead><tbody><tr v-for="p in lists" :key="p.list"><th scope="row">{{ p.list }}</th><td>{{ p.fresh }}</td><td>{{ p.changed }}</td><td>{{ p.same }}</td></tr></tbody></table>
        <p v-if="pictures > 0">{{ counted(pictures, 'picture') }}.</p>
        <p v-if="preview.kept.aside.length > 0">{{ counted(preview.kept.aside.length, 'box', 'boxes') }} put aside, for the shelf here: {{ preview.kept.aside.map(a => a.name).join(', ') }}.</p>
        <p class="reason">It takes the place of everything that is here now; what is here is put aside on this device.<template v-if="!box.isDemo"> Or it is joined to what is here: what is not here yet comes in, its pictures too.</template></p>
        <p v-if="preview.kept.lost.length > 0" class="reason">{{ counted(preview.kept.lost.length, 'part') }} of it {{ preview.kept.lost.length === 1 ? 'is' : 'are' }} damaged and cannot be put back: {{ preview.kept.lost.join(', ') }}.</p>
        <button type="button" class="hot" :disabled="isBusy" @click="restore">Put it in place of what is here</button> <template v-if="!box.isDemo"><button type="button" class="plain" :disabled="isBusy" @click="join('stays')">Join it{{ differs ? '; what differs stays' : '' }}</button> <button v-if="differs" type="button" class="plain" :disabled="isBusy" @click="join('as in the backup')">Join it; what differs as in the backup</button></template> <button type="button" class="quiet" @click="preview = null">leave it</button>
      </div>
    </section>
    <section v-if="shelf.length > 0" aria-label="Put aside">
      <h2>Put aside</h2>
      <p class="reason">Boxes that made room for another one. They lie on this device until you drop them.</p>
      <ul class="aside"><li v-for="s in shelf" :key="s.id"><span><b>{{ s.name }}</b>, {{ moment(s.at) }}<br /><span class="soft">{{ (s.kept.file.lures ?? []).length }} lures, {{ (s.kept.file.trips ?? []).length }} trips, {{ s.kept.photos.length + s.kept.eventPhotos.length }} pictures</span></span><button type="button" class="plain" :disabled="isBusy" @click="standAgain(s.id)">Bring it back</button><button type="button" class="quiet" @click="drop(s)">drop it</button></li></ul>
    </section>
    <section v-if="damaged.length > 0" aria-label="Damaged rows">
      <h2>Damaged rows</h2>
      <p class="reason">They could not be read and are set aside whole; everything else works. Mend one here, save them as a file, or drop them.</p>
      <ul class="aside"><li v-for="d in damaged" :key="d.id">
        <span><b>{{ d.id }}</b><br /><span class="soft">{{ inWords(d.issues).slice(0, 3).map(i => `${i.path} ${i.message}`).join('; ') }}</span></span>
        <button type="button" class="plain" @click="mending = mending?.id === d.id ? null : { id: d.id, text: JSON.stringify(d.row, null, 1) }">Mend it</button><button type="button" class="quiet" @click="dropDamaged(d)">drop it</button>
        <form v-if="mending?.id === d.id" class="mend" @submit.prevent="mend(d.id, mending.text)"><textarea v-model="mending.text" rows="8" :aria-label="`Row ${d.id}`" /><button type="submit" class="plain">Read it again</button></form>
      </li></ul>
      <button type="button" class="quiet" @click="saveDamaged">save them as a file</button>
    </section>
    <section aria-label="Storage">
      <h2>Storage</h2>
      <p v-if="storage"><b class="figure">{{ megabytes(storage.usedBytes) }}</b> used of {{ megabytes(storage.quotaBytes) }} that this browser allows. <template v-if="storage.isPersistent">It has promised not to clear it by itself.</template><template v-else>It may clear it when the disk is full.</template></p>
      <p v-else class="reason">This browser does not tell.</p>
      <p v-if="isNearlyFull" class="due">Nearly full: what you enter may soon not be kept. Make a backup first; then make room on the device, or make pictures smaller.</p>
      <p v-if="pictureBytes > 0">Pictures take <b class="figure">{{ megabytes(pictureBytes) }}</b> of it. <button type="button" class="plain" :disabled="isBusy" @click="thinPictures">Make large pictures smaller</button></p>
      <button v-if="storage && !storage.isPersistent" type="button" class="plain" @click="persist">Ask it to keep everything</button>
    </section>
    <section aria-label="On this device">
      <h2>On this device</h2>
      <p>Version {{ version }}. <template v-if="$pwa?.offlineReady || $pwa?.isPWAInstalled">All of it is here: it works without signal.</template><template v-else>After one visit it works without signal.</template></p>
      <button v-if="$pwa?.showInstallPrompt" type="button" class="plain" @click="$pwa.install()">Install it as an app</button>
      <p v-else-if="!$pwa?.isPWAInstalled" class="reason note">The browser’s menu can put it on the home screen.</p>
    </section>
    <section aria-label="Units and look">
      <h2>Units and look</h2>
      <div class="choices" role="group" aria-label="Units"><button v-for="u in UNITS" :key="u" type="button" class="choice" :aria-pressed="settings.units === u" @click="settings.units = u">{{ u }}</button></div>
      <div class="choices" role="group" aria-label="Look"><button v-for="l in LOOKS" :key="l" type="button" class="choice" :aria-pressed="settings.look === l" @click="settings.look = l">{{ lookLabel(l) }}</button></div>
    </section>
    <section aria-label="Demo">
      <h2>The demo box</h2>
      <p class="reason">{{ box.isDemo ? 'You look at the demo: invented lures and waters. Starting your own puts it away; nothing of it is mixed in.' : 'The demo takes the place of what is here; what is here is put aside on this device, and comes back from there.' }}</p>
      <button v-if="!box.isDemo" type="button" class="plain" @click="box.visitDemo()">Look at the demo</button>
      <button v-else type="button" class="plain" @click="startOwn()">Start my own</button>
    </section>
  </div>
</template>

<style scoped>
.keep { padding: 10px 18px 60px; display: grid; grid-template-columns: repeat(auto-fit, minmax(320px, 1fr)); gap: 18px 40px; max-width: 1180px; align-items: start; }
h1 { font-size: 24px; grid-column: 1 / -1; }
section { border-top: 1px solid var(--ink); padding-top: 6px; }
h2 { font-size: 17px; }
p { margin: 6px 0; max-width: 62ch; }
.aside { list-style: none; padding: 0; margin: 0; }
.aside li { display: flex; flex-wrap: wrap; gap: 6px 12px; align-items: center; border-top: 1px solid var(--rule); padding: 6px 0; }
.aside li > span { flex: 1 1 200px; }
.soft { color: var(--soft-ink); font-size: 14px; }
.mend { width: 100%; display: grid; gap: 6px; justify-items: start; }
.mend textarea { width: 100%; font: 13px/1.4 ui-monospace, monospace; background: var(--leaf); color: inherit; border: 1px solid var(--rule); padding: 6px; }
.due { border-left: 4px solid var(--float); padding-left: 10px; font-weight: 600; }
.file { display: inline-flex; align-items: center; }
.file:focus-within { outline: 2px solid var(--float); outline-offset: 2px; }
.problem { color: var(--float); }
.note { color: var(--soft-ink); font-size: 13.5px; }
table { border-collapse: collapse; }
th, td { padding: 2px 14px 2px 0; text-align: left; border-bottom: 1px solid var(--rule); }
thead th { font-size: 12px; color: var(--soft-ink); font-weight: 550; }
.choices { margin: 6px 0; }
@media (max-width: 700px) { .keep { padding-inline: 10px; grid-template-columns: minmax(0, 1fr); } .choice { min-height: 44px; } }
</style>
