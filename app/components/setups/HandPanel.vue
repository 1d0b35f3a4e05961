<script setup lang="ts">
import type { HandOut, HowSureOut, RestOut } from '#core/tell'
import { capital } from '~/text/labels'

/** What to have tied on, rod by rod, and what one measurement would decide. */
defineProps<{ out: Pick<RestOut, 'hand'>, measure: HowSureOut['measure'] }>()
const emit = defineEmits<{ choose: [lureId: string] }>()
const box = useBoxStore()
const lureName = (id: string) => box.lureById.get(id)?.name ?? id
const ROLE: Record<HandOut['role'], string> = { 'search': 'to search', 'clean-up': 'to clean up', 'contrast': 'for contrast', 'other': 'beside it' }
</script>

<template>
  <section v-if="out.hand.length > 1" class="hand" aria-labelledby="hand-title">
    <h3 id="hand-title">Have ready, rod by rod</h3>
    <dl>
      <div v-for="h in out.hand" :key="h.outfitId">
        <dt>{{ box.outfitById.get(h.outfitId)?.name ?? h.outfitId }} <span class="small-label">{{ ROLE[h.role] }}</span></dt>
        <dd><button type="button" class="quiet" @click="emit('choose', h.lureId)">{{ lureName(h.lureId) }}</button> <span class="reason">{{ capital(h.why) }}.</span></dd>
      </div>
    </dl>
    <p v-if="out.hand.length < box.box.outfits.length" class="reason">A rod that is not named can stay in its bag.</p>
  </section>
  <section v-if="measure.length > 0" class="hand" aria-labelledby="measure-title">
    <h3 id="measure-title">Worth measuring</h3>
    <MeasureList :measure="measure" />
  </section>
</template>

<style scoped>
.hand { border-top: 1px solid var(--rule); padding: 10px 6px 2px; }
h3 { font-size: 14px; }
dl { margin: 0; }
dl > div { padding: 4px 0; }
dt { font-weight: 620; font-size: 13.5px; }
dd { margin: 0; font-size: 13.5px; }
</style>
