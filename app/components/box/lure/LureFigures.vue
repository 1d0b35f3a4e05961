<script setup lang="ts">
import type { LureProfile } from '#core/lure'
import { formatQuantity } from '#core/units'
import { familyLabel, KNOWN_LABEL, words } from '~/text/labels'

/** What is known of a lure, each figure marked by how it is known. */
defineProps<{ profile: LureProfile }>()
const { units } = storeToRefs(useSettingsStore())
</script>

<template>
  <dl class="lure-figures">
    <div><dt class="small-label">kind</dt><dd>{{ familyLabel(profile.lure.family) }}<template v-if="profile.lure.style">, {{ words(profile.lure.style) }}</template></dd></div>
    <div><dt class="small-label">weight</dt><dd><KnownFigure dimension="weight" :figure="profile.weightG" /><span v-if="profile.lure.labelWeightG" class="unit"> packet {{ formatQuantity('weight', profile.lure.labelWeightG, { system: units }) }}</span></dd></div>
    <div><dt class="small-label">length</dt><dd><KnownFigure dimension="length" :figure="profile.lengthMm" /></dd></div>
    <div v-if="profile.runsAt"><dt class="small-label">runs at</dt><dd><KnownFigure dimension="depth" :figure="{ ...profile.runsAt, value: profile.runsAt.value.depthM }" /></dd></div>
    <div><dt class="small-label">works best at</dt><dd><KnownFigure dimension="speed" :figure="{ ...profile.speed, value: profile.speed.value.best }" /></dd></div>
    <div><dt class="small-label">in the water</dt><dd><span class="known" :class="profile.buoyancy.known" :title="KNOWN_LABEL[profile.buoyancy.known]">{{ words(profile.buoyancy.value) }}</span></dd></div>
  </dl>
</template>

<style scoped>
dl { display: grid; grid-template-columns: 1fr 1fr; gap: 6px 12px; margin: 0; }
dd { margin: 0; font-size: 16px; }
</style>
