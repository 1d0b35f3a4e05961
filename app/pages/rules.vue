<script setup lang="ts">
const settings = useSettingsStore()
const route = useRoute()
const { order, changed } = useOrderMoves()
const PARTS = [{ id: 'tactics', name: 'Tactics' }, { id: 'drawn', name: 'Drawn' }, { id: 'craft', name: 'The craft' }, { id: 'handbook', name: 'The handbook' }, { id: 'schools', name: 'Schools' }, { id: 'own', name: 'Your own' }] as const
const part = computed(() => PARTS.find(p => p.id === route.query.part)?.id ?? 'tactics')
</script>

<template>
  <div class="rules-page">
    <div class="heading">
      <h1>Rules</h1>
      <nav aria-label="Rules"><NuxtLink v-for="p in PARTS" :key="p.id" :to="{ query: { part: p.id } }" replace class="sub" :class="{ here: part === p.id }">{{ p.name }}</NuxtLink></nav>
    </div>
    <div class="main">
      <TacticTable v-if="part === 'tactics'" />
      <DrawnBook v-else-if="part === 'drawn'" />
      <CraftTables v-else-if="part === 'craft'" />
      <section v-else-if="part === 'schools'" aria-label="Schools">
        <p class="reason lead">Where good anglers disagree. Choose what you hold; the order beside this list follows at once. On Tie-on a school can be changed for one reading alone.</p>
        <SchoolSwitches :chosen="settings.schools" @change="s => settings.schools = s" />
      </section>
      <HandbookRules v-else-if="part === 'handbook'" />
      <OwnRules v-else />
    </div>
    <aside class="beside" aria-label="The order now">
      <h2>The order now</h2>
      <p class="reason lead">{{ changed ? 'Arrows: places since the last change.' : 'Change a rule or a school and see what moves.' }}</p>
      <OrderList :order="order" label="The order now" />
    </aside>
  </div>
</template>

<style scoped>
.rules-page { display: grid; grid-template-columns: minmax(0, 1fr) 320px; grid-template-areas: 'heading beside' 'main beside'; grid-template-rows: auto 1fr; column-gap: 36px; padding: 10px 18px 60px; align-items: start; }
.heading { grid-area: heading; display: flex; align-items: baseline; gap: 0 24px; flex-wrap: wrap; }
.main { grid-area: main; }
h1 { font-size: 24px; }
nav { display: flex; flex-wrap: wrap; }
.sub { padding: 10px 11px; min-height: 44px; text-decoration: none; white-space: nowrap; color: var(--soft-ink); border-bottom: 2px solid transparent; }
.sub.here { color: var(--ink); font-weight: 620; border-bottom-color: var(--float); }
.beside { grid-area: beside; position: sticky; top: 66px; border-left: 1px solid var(--rule); padding-left: 18px; }
h2 { font-size: 17px; }
.lead { color: var(--soft-ink); margin: 4px 0 8px; max-width: 66ch; }
/* On a phone the order is one line to be pushed along, above what changes it. */
@media (max-width: 900px) {
  .rules-page { grid-template-columns: minmax(0, 1fr); grid-template-areas: 'heading' 'beside' 'main'; grid-template-rows: none; }
  .beside { position: static; border: 0; padding: 0; min-width: 0; }
  .beside .lead { display: none; }
  .beside :deep(.order) { position: relative; display: flex; overflow-x: auto; border-bottom: 1px solid var(--rule); margin-bottom: 8px; }
  .beside :deep(li) { flex: none; width: 220px; border-top: 0; border-right: 1px solid var(--rule); padding-right: 10px; margin-right: 10px; }
}
</style>
