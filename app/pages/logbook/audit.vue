<script setup lang="ts">
import { computed, onScopeDispose, ref, shallowRef, watch } from 'vue'
import { RULES } from '#core/knowledge'
import type { Audit, RuleAudit } from '#core/logbook'
import { percent } from '~/text/percent'
import { plainRule } from '~/text/rule-words'
import { hoursFigure, rateFigure } from '~/text/log-words'

const log = useLogbookStore()
const settings = useSettingsStore()
const audits = shallowRef<Audit | null>(null)
/** Share of the log that is read, from the newest stretch on; 1: all of it. */
const share = ref(0)
const problem = ref('')
/** Until one is chosen, the first that holds a rule. */
const chosen = ref<RuleAudit['verdict'] | null>(null)
const VERDICTS = { supported: 'borne out', contradicted: 'spoken against', leaning: 'looks so, may be chance', open: 'no difference yet', untested: 'not tested' } as const
const rule = new Map(RULES.map(r => [r.id, r]))
const counts = computed(() => Object.fromEntries(Object.keys(VERDICTS).map(v => [v, (audits.value?.rules ?? []).filter(a => a.verdict === v).length])))
const shown = computed(() => chosen.value ?? (Object.keys(VERDICTS) as RuleAudit['verdict'][]).find(v => counts.value[v]! > 0) ?? 'untested')
const list = computed(() => (audits.value?.rules ?? []).filter(a => a.verdict === shown.value).sort((a, b) => Math.abs(b.better - 0.5) - Math.abs(a.better - 0.5) || b.followed.effort + b.against.effort - a.followed.effort - a.against.effort))
const side = ({ events, effort, rate }: RuleAudit['followed']) => (rate ? `${events} in ${hoursFigure(effort)} h (${rateFigure(rate.mean)} an hour)` : 'never fished')

/** Direction and size, with the doubt that is left. */
const effect = ({ ratio, better }: RuleAudit) => (ratio ? `${rateFigure(ratio.mean)} × as many with it (90 %: ${rateFigure(ratio.low)} to ${rateFigure(ratio.high)}), ${percent(better)} that following draws more` : '')

watch(() => log.version, async (version) => {
  if (version === 0) return
  try {
    const found = await log.audit((read, soFar) => {
      share.value = read
      audits.value = soFar
    })
    if (found) {
      audits.value = found
      share.value = 1
    }
    problem.value = ''
  }
  catch (error) {
    problem.value = `The rules could not be held against the log: ${(error as Error).message}.`
  }
}, { immediate: true })
onScopeDispose(() => void log.stop())
</script>

<template>
  <div class="audit">
    <p class="reason lead">Every rule of the handbook against your own hours: while it spoke, did the lures that followed it draw more than those that did not? Two hours on each side at least. Of many rules some look right or wrong by luck alone: “borne out” and “spoken against” are only those that would still stand if you had looked at all of them, no more than one in ten of them by chance. Bites that came in bunches count as fewer. Whatever else differed between the lures is in it too.</p>
    <p v-if="problem" class="reason problem" role="alert">{{ problem }}</p>
    <p v-if="!audits && !problem" class="reason" role="status">Reading the log …</p>
    <template v-if="audits">
      <p class="reason" role="status">{{ audits.tested }} rules could be tested; {{ audits.apart }} look as if they mattered one way or the other, and about {{ Math.round(audits.byChance) }} would by chance alone.<template v-if="share < 1"> So far, from the newest {{ percent(share) }} of the log; the rest is being read.</template></p>
      <div class="choices" role="group" aria-label="Verdict"><button v-for="(word, id) in VERDICTS" :key="id" type="button" class="choice" :aria-pressed="shown === id" @click="chosen = id">{{ word }} <span class="figure">{{ counts[id] }}</span></button></div>
      <p v-if="list.length === 0" class="reason">None.</p>
      <ul>
        <li v-for="a in list.slice(0, 60)" :key="a.ruleId">
          <p class="reason">{{ rule.get(a.ruleId) ? plainRule(rule.get(a.ruleId)!.text, settings.units) : a.ruleId }}</p>
          <div class="sides"><span><b>with it</b> {{ side(a.followed) }}</span><span><b>against it</b> {{ side(a.against) }}</span><span v-if="a.verdict !== 'untested'" class="figure">{{ effect(a) }}</span>
            <span v-if="a.verdict === 'contradicted'" class="weigh"><button v-if="settings.ruleWeights[a.ruleId] === undefined" type="button" class="quiet" @click="settings.setWeight(a.ruleId, 0.5)">let it count half</button><button v-else type="button" class="quiet" @click="settings.setWeight(a.ruleId, 1)">let it count in full again</button></span>
          </div>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.audit { padding: 6px 18px 40px; max-width: 980px; }
.lead { max-width: 78ch; }
ul { list-style: none; padding: 0; margin: 10px 0 0; }
li { border-top: 1px solid var(--rule); padding: 6px 0 8px; }
li p { margin: 0 0 2px; max-width: 84ch; }
.sides { display: flex; flex-wrap: wrap; gap: 2px 22px; color: var(--soft-ink); }
.sides b { font-weight: 600; color: var(--ink); }
.problem { color: var(--float); }
@media (max-width: 700px) { .audit { padding-inline: 10px; } }
</style>
