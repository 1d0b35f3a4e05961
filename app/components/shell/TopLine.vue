<script setup lang="ts">
import { THEMES } from '~/stores/settings'

const settings = useSettingsStore()
const box = useBoxStore()
const route = useRoute()

const pages = [
  { to: '/', name: 'Tie-on' },
  { to: '/trip', name: 'Trip' },
  { to: '/box', name: 'Box' },
  { to: '/bench', name: 'Bench' },
  { to: '/colours', name: 'Colours' },
  { to: '/waters', name: 'Waters' },
  { to: '/rules', name: 'Rules' },
  { to: '/sums', name: 'Sums' },
]

function startOwn() {
  void box.replaceBy({ format: 'ygrion', version: 1 }, 'The demo box is put away; this one is yours.')
}
</script>

<template>
  <header class="top-line">
    <NuxtLink to="/" class="mark" aria-label="Ygrion, to the first page">
      <svg viewBox="0 0 22 30" width="20" height="27" aria-hidden="true"><path d="M11 0v9" stroke="currentColor" stroke-width="1.6" /><circle cx="11" cy="14" r="5" fill="var(--leaf)" stroke="currentColor" stroke-width="1.4" /><path d="M6 14a5 5 0 0 1 10 0z" fill="var(--float)" /><path d="M11 19v6q0 4 3.4 4t3.4-3.4" fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round" /></svg>
      <span>Ygrion</span>
    </NuxtLink>
    <nav aria-label="Pages">
      <NuxtLink v-for="page in pages" :key="page.to" :to="page.to" class="tab" :class="{ here: page.to === '/' ? route.path === '/' : route.path.startsWith(page.to) }">{{ page.name }}</NuxtLink>
    </nav>
    <p v-if="box.isDemo" class="demo">
      <span class="demo-text">Demo box: invented lures and waters.</span>
      <button class="quiet" type="button" @click="startOwn">Start my own</button>
    </p>
    <div class="themes" role="group" aria-label="Look">
      <button v-for="name in THEMES" :key="name" type="button" :aria-pressed="settings.theme === name" @click="settings.theme = name">{{ name }}</button>
    </div>
  </header>
</template>

<style scoped>
.top-line { display: flex; align-items: stretch; gap: 20px; padding: 0 18px; border-bottom: 1px solid var(--ink); min-height: 46px; }
.mark { display: flex; align-items: center; gap: 8px; text-decoration: none; font-size: 21px; font-weight: 700; font-stretch: 76%; letter-spacing: 0.02em; }
nav { display: flex; }
.tab { display: flex; align-items: center; padding: 0 14px; min-height: 44px; text-decoration: none; font-weight: 550; font-stretch: 90%; color: var(--soft-ink); border-inline: 1px solid transparent; }
.tab:hover { color: var(--ink); }
.tab.here { color: var(--ink); background: var(--leaf); border-inline-color: var(--ink); box-shadow: 0 1px 0 var(--leaf), inset 0 3px 0 var(--float); }
.demo { margin: 0 0 0 auto; display: flex; align-items: center; gap: 8px; color: var(--soft-ink); font-size: 13px; }
.themes { display: flex; align-items: center; margin-left: 6px; }
.demo + .themes { margin-left: 0; }
.themes:last-child:not(.demo + .themes) { margin-left: auto; }
.themes button { background: none; border: 0; border-bottom: 2px solid transparent; padding: 0 9px; min-height: 44px; cursor: pointer; color: var(--soft-ink); font-size: 13px; }
.themes button[aria-pressed='true'] { color: var(--ink); border-bottom-color: var(--ink); font-weight: 600; }
@media (max-width: 700px) {
  .top-line { gap: 6px; padding: 0 10px; flex-wrap: wrap; }
  .mark span { display: none; }
  nav { flex: 1 1 0; min-width: 0; overflow-x: auto; scrollbar-width: none; }
  .tab { padding: 0 7px; flex: none; font-size: 13.5px; }
  .themes button { padding: 0 6px; }
  .themes { margin-left: auto !important; }
  .demo { order: 9; width: 100%; margin: 0; border-top: 1px solid var(--rule); padding: 2px 4px; }
}
</style>
