<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import type { Rule } from '#core/rule'
import { sourceText } from '#core/sources'
import { places, type PlaceInOrder } from '~/composables/useOrderMoves'
import { effectInWords, plainRule, whenInWords } from '~/text/rule-words'

const props = defineProps<{
  rule: Rule
  /** Weight × membership under the present reading; 0: silent. */
  strength: number
  /** What it adds to the first lures of the order; absent: it asks for a depth, a pace or a rod, which no lure has by itself. */
  spoken?: { readonly lureIds: readonly string[], readonly gains: Float32Array }
}>()
const settings = useSettingsStore()
const judgement = useJudgementStore()
const factor = computed(() => settings.ruleWeights[props.rule.id] ?? 1)
/** Sentences stand with their places open; filled in only where the rule speaks. */
const sentence = computed(() => plainRule(props.rule.text, settings.units))
const without = shallowRef<readonly PlaceInOrder[] | null>(null)
const isBusy = ref(false)
const MOVED_SHOWN = 6

async function lookAtEffect() {
  if (without.value) {
    without.value = null
    return
  }
  isBusy.value = true
  const other = await judgement.judgeIf({ weights: { [props.rule.id]: 0 } })
  isBusy.value = false
  if (!other) return
  const withRule = judgement.judgement?.fits ?? []
  without.value = places(withRule, other.fits.map(f => f.lureId)).filter(p => p.moved !== 0).sort((a, b) => Math.abs(b.moved ?? 0) - Math.abs(a.moved ?? 0) || a.place - b.place).slice(0, MOVED_SHOWN)
}
</script>

<template>
  <article class="rule" :class="{ off: factor === 0, silent: strength === 0 }" :aria-label="sentence">
    <p class="reason sentence">{{ sentence }}</p>
    <p class="meta"><span class="small-label">when</span> {{ whenInWords(rule, settings.units) }}</p>
    <p class="meta"><span class="small-label">asks</span> <span v-for="(effect, i) in rule.effects" :key="i" class="effect">{{ effectInWords(effect, settings.units) }}</span></p>
    <RuleEffect v-if="spoken" :lure-ids="spoken.lureIds" :gains="spoken.gains" />
    <div class="foot">
      <span class="strength" :title="strength > 0 ? `speaks now: ${strength.toFixed(2)}` : 'silent in this water'"><span :style="{ width: `${Math.min(100, 70 * strength)}%` }" /></span>
      <span class="now">{{ strength > 0 ? `speaks now, ${strength.toFixed(2)}` : factor === 0 ? 'switched off' : 'silent now' }}</span>
      <HowMuch :id="rule.id" :sentence="sentence" />
      <button v-if="strength > 0" type="button" class="quiet" :aria-expanded="without !== null" :disabled="isBusy" @click="lookAtEffect">{{ without ? 'close' : isBusy ? 'looking …' : 'what it does here' }}</button>
      <span class="source">{{ sourceText(rule.source) }}<template v-if="rule.school">; school: {{ Object.entries(rule.school).map(([k, v]) => `${k} ${v}`).join(', ') }}</template></span>
    </div>
    <div v-if="without" class="effect-list">
      <p v-if="without.length === 0" class="reason">It changes scores here, but no lure’s place.</p>
      <OrderList v-else :order="without" label="Places that this rule moves" />
    </div>
  </article>
</template>

<style scoped>
.rule { border-top: 1px solid var(--rule); padding: 9px 0 9px; }
.sentence { margin: 0 0 2px; font-size: 16.5px; max-width: 68ch; }
.silent .sentence { color: var(--soft-ink); }
.off .sentence { text-decoration: line-through; text-decoration-thickness: 1px; }
.meta { margin: 0; font-size: 13px; color: var(--soft-ink); max-width: 80ch; }
.effect + .effect::before { content: ' · '; }
.foot { display: flex; flex-wrap: wrap; align-items: center; gap: 4px 14px; font-size: 13px; min-height: 40px; }
.strength { width: 70px; height: 8px; border-bottom: 1px solid var(--ink); background: color-mix(in srgb, var(--rule) 35%, transparent); }
.strength span { display: block; height: 100%; background: var(--water-ink); }
.now { min-width: 110px; }
.source { color: var(--soft-ink); font-style: italic; font-family: var(--font-reason); margin-left: auto; }
.effect-list { max-width: 420px; padding-left: 12px; border-left: 2px solid var(--water-ink); }
</style>
