<script setup lang="ts">
import { ref } from 'vue'
import { CUT_IDS, type CutId, EFFORTS, type EffortUnit, type Return, RETURNS } from '#core/logbook'
import { capital } from '~/text/labels'
import { CUT_WORDS, hoursFigure, rateInWords, RETURN_WORDS, valueInWords } from '~/text/log-words'

const log = useLogbookStore()
const names = useLogNames()
const settings = useSettingsStore()
const cut = ref<CutId>('lure')
const of = ref<Return>('contacts')
const per = ref<EffortUnit>('hour')
const { answer: table, problem } = useFromLog(() => log.rates(cut.value, { of: of.value, per: per.value }), () => [cut.value, of.value, per.value])
const rows = () => (table.value?.rows ?? []).map(r => [valueInWords(table.value!.cut, r.value, names.value), r[of.value], hoursFigure(r.hours), r.casts, r.trips, rateInWords(r.rate, per.value)])
const MANY = 24
const all = ref(false)
</script>

<template>
  <div class="rates-page">
    <p class="reason lead">What each drew for the time it was given. Few bites in little time are drawn toward the usual rate, so that three lucky ones crown nothing; the line shows where the rate lies with 90 % probability.</p>
    <div class="choose">
      <span class="small-label">by</span>
      <div class="choices" role="group" aria-label="Sorted by"><button v-for="id in CUT_IDS" :key="id" type="button" class="choice" :aria-pressed="cut === id" @click="cut = id">{{ CUT_WORDS[id] }}</button></div>
    </div>
    <div class="choose">
      <span class="small-label">counted</span>
      <div class="choices" role="group" aria-label="What is counted"><button v-for="id in RETURNS" :key="id" type="button" class="choice" :aria-pressed="of === id" @click="of = id">{{ RETURN_WORDS[id] }}</button></div>
      <div class="choices" role="group" aria-label="For how much effort"><button v-for="id in EFFORTS" :key="id" type="button" class="choice" :aria-pressed="per === id" @click="per = id">{{ id === 'hour' ? 'an hour' : 'per 100 casts' }}</button></div>
    </div>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <ChartFrame v-if="table" :title="`${capital(RETURN_WORDS[of])} by ${CUT_WORDS[table.cut]}`" :columns="[CUT_WORDS[table.cut], RETURN_WORDS[of], 'hours', 'casts', 'trips', 'rate, 90 % interval']" :empty="table.rows.length === 0" :rows="rows">
      <RateChart :table="table" :of="of" :per="per" :names="names" :most="all ? 999 : MANY" />
      <button v-if="table.rows.length > MANY" type="button" class="quiet" @click="all = !all">{{ all ? 'only the first' : `${table.rows.length - MANY} more` }}</button>
    </ChartFrame>
    <section v-if="table && (table.unfished.length > 0 || table.unknownHours > 0)" class="unknown">
      <h2>Not known</h2>
      <p v-if="table.unfished.length > 0" class="reason"><span class="known typical">Never fished</span>: {{ table.unfished.slice(0, 40).map(v => valueInWords(table!.cut, v, names)).join(', ') }}<template v-if="table.unfished.length > 40"> and {{ table.unfished.length - 40 }} more</template>. A blank is no bad mark: nobody tried.</p>
      <p v-if="table.unknownHours > 0.05" class="reason">{{ hoursFigure(table.unknownHours) }} h were fished without a note of this.</p>
    </section>
    <section class="unknown">
      <h2>In the judgement</h2>
      <label class="switch"><input v-model="settings.useLog" type="checkbox" /> <span>What your log says of a lure in water like the present moves its score, by 12 % at most and never past depth, speed or rod. {{ settings.useLog ? '' : 'Switched off now: scores come from rules and physics alone.' }}</span></label>
    </section>
    <p class="reason method">Gamma–Poisson with partial pooling (after Clayton and Kaldor 1987), the spread between groups taken from the log itself. Nobody fished these by lot: the lure that was tied on at dusk has dusk’s bites in its rate.</p>
  </div>
</template>

<style scoped>
.rates-page { padding: 6px 18px 40px; max-width: 1000px; display: flex; flex-direction: column; gap: 10px; }
.lead { margin: 4px 0 0; max-width: 68ch; }
.choose { display: flex; gap: 8px 14px; align-items: center; flex-wrap: wrap; }
.choose .small-label { width: 58px; }
.choose > .choices:only-of-type { flex: 1 1 0; min-width: 0; }
.choice { padding: 5px 10px; min-height: 36px; }
.unknown { border-top: 1px solid var(--ink); padding-top: 4px; }
h2 { font-size: 17px; }
.switch { display: flex; gap: 12px; align-items: center; min-height: 44px; max-width: 76ch; cursor: pointer; }
.switch input { width: 20px; height: 20px; accent-color: var(--ink); flex: none; }
.unknown p, .method { margin: 4px 0; max-width: 76ch; }
.method { color: var(--soft-ink); font-size: 13.5px; }
.problem { color: var(--float); margin: 0; }
@media (max-width: 700px) { .rates-page { padding-inline: 10px; } .choice { min-height: 44px; } }
</style>
