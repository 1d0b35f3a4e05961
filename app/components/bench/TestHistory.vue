<script setup lang="ts">
import { TEST_GUIDES } from '#core/bench'
import type { BenchTest } from '#core/tackle'
import { dayShort } from '~/text/dates'
import { testInWords } from '~/text/test-words'

/** A lure's tests, newest first; each can be struck. */
defineProps<{ tests: readonly BenchTest[] }>()
const box = useBoxStore()
const { units } = storeToRefs(useSettingsStore())

function strike(test: BenchTest) {
  void box.change({ remove: { tests: [test.id] } }, 'The test is struck.')
}
</script>

<template>
  <ul v-if="tests.length > 0" class="history">
    <li v-for="t in tests" :key="t.id"><b>{{ TEST_GUIDES[t.kind].label }}</b> {{ testInWords(t, units) }} <span v-if="t.at" class="unit">{{ dayShort(t.at) }}</span> <button class="quiet" type="button" :aria-label="`Strike ${TEST_GUIDES[t.kind].label}`" @click="strike(t)">strike</button></li>
  </ul>
  <p v-else class="reason">Nothing tested yet: every hatched figure above is only what such a lure is usually like.</p>
</template>

<style scoped>
.history { list-style: none; padding: 0; margin: 4px 0; }
li { border-top: 1px solid var(--rule); padding: 4px 0; }
</style>
