import { beforeEach, describe, expect, it, vi } from 'vitest'
import { TRAILERS } from '#core/knowledge'
import { useJudgementStore } from '~/stores/judgement'
import { useSettingsStore } from '~/stores/settings'
import { openFreshBox, until } from '~/testing/fresh-box'
import { mounted } from '~/testing/mounted'
import CraftTables from './CraftTables.vue'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})

beforeEach(async () => {
  await import('~/workers/judge.worker')
  await openFreshBox()
  useJudgementStore().open()
  await until(() => useJudgementStore().judgement !== null)
})
const strength = (id: string) => useJudgementStore().judgement!.strengths[id]

describe('the craft on the page of rules', () => {
  it('shows every row of the trailers, what speaks in this water first, and a row switched off is silent', async () => {
    const wrapper = await mounted(CraftTables)
    const rows = () => wrapper.findAll('.craft')
    expect(rows().filter(r => r.find('.now').exists())).toHaveLength(TRAILERS.length)
    const loudest = rows()[0]!
    expect(loudest.find('.now').text()).toMatch(/^speaks now/)
    const { id, text } = TRAILERS.find(row => loudest.text().includes(row.text))!
    expect(strength(id)).toBeGreaterThan(0)
    await loudest.find('select').setValue('0')
    expect(useSettingsStore().ruleWeights).toEqual({ [id]: 0 })
    await until(() => strength(id) === undefined)
    const off = rows().find(r => r.text().includes(text))!
    expect(off.find('.now').text()).toBe('switched off')
    expect(rows()[0]!.text()).not.toContain(text)
  })
  it('the rows of the rods switched off change what is told', async () => {
    const wrapper = await mounted(CraftTables)
    const rods = () => useJudgementStore().judgement!.out.setups.map(s => `${s.lureId} ${s.outfitId} ${s.score}`)
    const before = rods()
    for (const row of wrapper.findAll('.craft')) if (!row.find('.now').exists()) await row.find('select').setValue('0')
    await until(() => rods().join() !== before.join())
  })
  it('tells in the angler’s units', async () => {
    const wrapper = await mounted(CraftTables)
    expect(wrapper.text()).toMatch(/\d\s°C/)
    useSettingsStore().units = 'imperial'
    await until(() => /\d\s°F/.test(wrapper.text()))
    expect(wrapper.text()).not.toMatch(/\d\s(°C|g|kg|m)\b/)
  })
})
