<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue'

/** A chart with its title, the same figures as a table (its rows are written when they are looked at), and ways to keep it; `empty`: there is nothing to draw. */
const props = defineProps<{ title: string, note?: string, columns: readonly string[], empty: boolean, rows: () => readonly (readonly (string | number)[])[] }>()
const holder = useTemplateRef<HTMLElement>('holder')
const asTable = ref(false)
/** Rows of the table shown at once. */
const SHOWN = 100
const written = computed(() => (asTable.value ? props.rows() : []))
const { shown, left, more } = useFirst(() => written.value, SHOWN)
const problem = ref('')
const { asSvg, asPng } = useChartExport()

async function keep(how: 'svg' | 'png') {
  problem.value = ''
  const svg = holder.value?.querySelector('svg')
  const name = props.title.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')
  try {
    if (svg) await (how === 'svg' ? asSvg(svg, name) : asPng(svg, name))
  }
  catch (error) {
    problem.value = `The chart could not be kept: ${(error as Error).message}.`
  }
}
</script>

<template>
  <figure class="chart">
    <figcaption class="bar">
      <b>{{ title }}</b>
      <span class="ways"><button type="button" class="quiet" :aria-pressed="asTable" @click="asTable = !asTable">{{ asTable ? 'as a drawing' : 'as a table' }}</button><template v-if="!asTable && !empty"><button type="button" class="quiet" :aria-label="`Keep ${title} as SVG`" @click="keep('svg')">SVG</button><button type="button" class="quiet" :aria-label="`Keep ${title} as PNG`" @click="keep('png')">PNG</button></template></span>
    </figcaption>
    <p v-if="empty" class="reason none">Nothing of this in the log yet. It fills as you fish: a stretch with its reading is enough.</p>
    <div v-else-if="asTable" class="scroll">
      <table><thead><tr><th v-for="c in columns" :key="c" scope="col">{{ c }}</th></tr></thead><tbody><tr v-for="(row, i) in shown" :key="i"><td v-for="(cell, c) in row" :key="c" :class="{ number: typeof cell === 'number' }">{{ cell }}</td></tr></tbody></table>
      <MoreOf :left="left" of="rows" @more="more" />
    </div>
    <div v-else ref="holder" class="holder" tabindex="0" role="group" :aria-label="title"><slot /></div>
    <p v-if="note && !empty" class="reason note">{{ note }}</p>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
  </figure>
</template>

<style scoped>
.chart { margin: 0; border-top: 1px solid var(--ink); padding-top: 4px; min-width: 0; }
.bar { display: flex; align-items: baseline; justify-content: space-between; gap: 10px; flex-wrap: wrap; }
b { font-weight: 640; font-stretch: 86%; font-size: 17px; }
.ways { display: flex; gap: 8px; font-size: 13px; color: var(--soft-ink); }
.none { color: var(--soft-ink); margin: 8px 0; }
.note { color: var(--soft-ink); font-size: 13.5px; margin: 2px 0 0; }
.problem { color: var(--float); margin: 4px 0; }
.scroll { overflow: auto; max-height: 360px; }
table { border-collapse: collapse; width: 100%; }
th { text-align: left; font-size: 12px; letter-spacing: 0.04em; color: var(--soft-ink); font-weight: 550; padding: 3px 14px 3px 0; position: sticky; top: 0; background: var(--paper); }
td { padding: 3px 14px 3px 0; border-top: 1px solid var(--rule); }
.number { text-align: right; }
/* What is wider than the screen is pushed along in its own frame. */
.holder { overflow-x: auto; }
@media print { .ways { display: none; } }
</style>
