<script setup lang="ts">
import { CADENCE_TABLE, ROD_JOBS, TACTICS } from '#core/knowledge'
import { proseIn } from '#core/units'
import { capital, familyLabel } from '~/text/labels'

/** The table of tactics: what is chosen first. */
const settings = useSettingsStore()
const judgement = useJudgementStore()
const here = computed(() => new Set(judgement.shown?.out.setups.slice(0, 12).map(s => s.tactic)))
</script>

<template>
  <section aria-label="Tactics">
    <p class="reason lead">Chosen first: a kind of bait and what is done with it. Marked are those among the first choices for the water on the strip.</p>
    <table>
      <thead><tr><th>tactic</th><th>shines</th><th>poor or wrong</th><th>worked</th><th>rod</th></tr></thead>
      <tbody>
        <tr v-for="t in TACTICS" :key="t.id" :class="{ here: here.has(t.id) }">
          <th scope="row">{{ capital(t.label) }}<span class="baits">{{ t.families.map(familyLabel).join(', ') }}</span></th>
          <td>{{ t.shines }}</td>
          <td>{{ t.poor }}</td>
          <td>{{ [...new Set(t.cadences.map(c => CADENCE_TABLE[c.cadence].label))].join(', or ') }}</td>
          <td>{{ proseIn(ROD_JOBS[t.job].text, settings.units) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.lead { color: var(--soft-ink); margin: 4px 0 8px; max-width: 66ch; }
table { border-collapse: collapse; font-size: 13.5px; width: 100%; }
th, td { text-align: left; vertical-align: top; padding: 7px 12px 7px 0; border-bottom: 1px solid var(--rule); }
thead th { font-weight: 550; color: var(--soft-ink); }
tbody th { font-weight: 620; min-width: 150px; border-left: 3px solid transparent; padding-left: 8px; }
.here th { border-left-color: var(--float); }
.baits { display: block; font-weight: 400; font-size: 12px; color: var(--soft-ink); }
@media (max-width: 700px) {
  tr { display: block; padding: 8px 0; border-bottom: 1px solid var(--rule); }
  thead { display: none; }
  th, td { display: block; border: 0; padding: 1px 0 1px 8px; }
}
</style>
