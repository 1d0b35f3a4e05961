<script setup lang="ts">
import { onKeyStroke } from '@vueuse/core'
import { ref, watch } from 'vue'
import { THEMES } from '~/stores/settings'

const settings = useSettingsStore()
const box = useBoxStore()
const startOwn = useOwnStart()
const route = useRoute()
const { isShown: isHelpShown } = useHelp()

/** The first ones stand under the thumb on a narrow screen; the others open above them. */
const pages = [
  { to: '/', name: 'Tie-on' },
  { to: '/trip', name: 'Trip' },
  { to: '/pack', name: 'Pack' },
  { to: '/logbook', name: 'Logbook' },
  { to: '/box', name: 'Box' },
]
const others = [
  { to: '/bench', name: 'Bench' },
  { to: '/colours', name: 'Colours' },
  { to: '/waters', name: 'Waters' },
  { to: '/rules', name: 'Rules' },
  { to: '/sums', name: 'Sums' },
  { to: '/keep', name: 'Keep' },
]
const isHere = (to: string) => (to === '/' ? route.path === '/' : route.path.startsWith(to))
const isMoreOpen = ref(false)
watch(() => route.path, () => {
  isMoreOpen.value = false
})
onKeyStroke('Escape', () => {
  isMoreOpen.value = false
})
async function own() {
  await startOwn()
  await navigateTo('/')
}
function help() {
  isMoreOpen.value = false
  isHelpShown.value = true
}
</script>

<template>
  <header class="top-line">
    <NuxtLink to="/" class="mark" aria-label="Ygrion, to the first page">
      <svg viewBox="0 0 22 30" width="20" height="27" aria-hidden="true"><path d="M11 0v9" stroke="currentColor" stroke-width="1.6" /><circle cx="11" cy="14" r="5" fill="var(--leaf)" stroke="currentColor" stroke-width="1.4" /><path d="M6 14a5 5 0 0 1 10 0z" fill="var(--float)" /><path d="M11 19v6q0 4 3.4 4t3.4-3.4" fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round" /></svg>
      <span>Ygrion</span>
    </NuxtLink>
    <nav aria-label="Pages">
      <NuxtLink v-for="page in pages" :key="page.to" :to="page.to" class="tab" :class="{ here: isHere(page.to) }">{{ page.name }}</NuxtLink>
      <button type="button" class="tab more" :class="{ here: others.some(o => isHere(o.to)) }" :aria-expanded="isMoreOpen" aria-controls="other-pages" @click="isMoreOpen = !isMoreOpen">More</button>
      <div id="other-pages" class="others" :class="{ open: isMoreOpen }">
        <NuxtLink v-for="page in others" :key="page.to" :to="page.to" class="tab" :class="{ here: isHere(page.to) }">{{ page.name }}</NuxtLink>
        <button type="button" class="tab" aria-haspopup="dialog" @click="help">Help</button>
      </div>
    </nav>
    <p v-if="box.isDemo" class="demo">
      <span class="demo-text">Demo box, all invented.</span>
      <button class="quiet" type="button" @click="own">Start my own</button>
    </p>
    <div class="themes" role="group" aria-label="Look">
      <button v-for="name in THEMES" :key="name" type="button" :aria-pressed="settings.theme === name" @click="settings.look = name">{{ name }}</button>
    </div>
  </header>
</template>

<style scoped>
.top-line { display: flex; align-items: stretch; gap: 14px; padding: 0 18px; border-bottom: 1px solid var(--ink); min-height: 46px; white-space: nowrap; }
.mark { display: flex; align-items: center; gap: 8px; text-decoration: none; font-size: 21px; font-weight: 700; font-stretch: 76%; letter-spacing: 0.02em; }
nav { display: flex; }
.others { display: contents; }
.tab { display: flex; align-items: center; padding: 0 11px; min-height: 44px; text-decoration: none; font-weight: 550; font-stretch: 90%; color: var(--soft-ink); border-inline: 1px solid transparent; }
button.tab { background: none; border-block: 0; cursor: pointer; }
.tab:hover { color: var(--ink); }
.tab.here { color: var(--ink); background: var(--leaf); border-inline-color: var(--ink); box-shadow: 0 1px 0 var(--leaf), inset 0 3px 0 var(--float); }
.tab.more { display: none; }
.demo { margin: 0 0 0 auto; display: flex; align-items: center; gap: 8px; color: var(--soft-ink); font-size: 13px; }
.themes { display: flex; align-items: center; margin-left: auto; }
.demo + .themes { margin-left: 0; }
.themes button { background: none; border: 0; border-bottom: 2px solid transparent; padding: 0 8px; min-height: 44px; cursor: pointer; color: var(--soft-ink); font-size: 13px; }
.themes button[aria-pressed='true'] { color: var(--ink); border-bottom-color: var(--ink); font-weight: 600; }
/* Under the thumb: the pages stand at the foot of the screen. */
@media (max-width: 1200px) {
  nav { position: fixed; inset: auto 0 0; z-index: 40; background: var(--paper); border-top: 1px solid var(--ink); height: var(--foot); padding-bottom: env(safe-area-inset-bottom); }
  nav > .tab { flex: 1 1 0; justify-content: center; padding: 0 2px; }
  .tab.more { display: flex; }
  .tab.here { box-shadow: inset 0 3px 0 var(--float); }
  .others { display: none; }
  .others.open { display: grid; grid-template-columns: repeat(3, 1fr); position: absolute; inset: auto 0 100%; background: var(--leaf); border-block: 1px solid var(--ink); padding: 8px; gap: 4px; }
  .others .tab { justify-content: center; min-height: 52px; border: 1px solid var(--rule); border-radius: 3px; }
}
@media (max-width: 700px) {
  .top-line { gap: 6px; padding: 0 10px; flex-wrap: wrap; }
  .demo { order: 9; width: 100%; margin: 0; border-top: 1px solid var(--rule); padding: 2px 4px; }
  .demo + .themes { margin-left: auto; }
}
@media print { .top-line { display: none; } }
</style>
