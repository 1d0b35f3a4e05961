<script setup lang="ts">
import { computed } from 'vue'
import { type FishedAs, TEST_GUIDES, worthTesting } from '#core/bench'
import type { LureProfile } from '#core/lure'
import type { TestKind } from '#core/terms'

/** What to test of one lure next, and why. */
const props = defineProps<{ profile: LureProfile, way: FishedAs | null }>()
const emit = defineEmits<{ test: [kind: TestKind] }>()
const SHOWN = 3
const due = computed(() => worthTesting(props.profile, props.way).slice(0, SHOWN))
</script>

<template>
  <section aria-label="What to test next">
    <h2>What to test next</h2>
    <p v-if="due.length === 0" class="reason">Nothing is pressing: what its way here rests on is tested, or your own word.</p>
    <ul v-else>
      <li v-for="d in due" :key="d.id"><button type="button" class="plain" @click="emit('test', d.kind)">{{ TEST_GUIDES[d.kind].label }}</button><span class="reason">{{ d.text }}</span></li>
    </ul>
  </section>
</template>

<style scoped>
h2 { font-size: 17px; margin: 0 0 4px; }
ul { list-style: none; margin: 0; padding: 0; }
li { display: grid; grid-template-columns: 104px 1fr; gap: 12px; align-items: center; padding: 4px 0; }
.plain { text-transform: capitalize; }
</style>
