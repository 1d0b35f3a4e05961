import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { watch } from 'vue'
import { match } from '#core/tell'
import { LAST_ANSWER, remember } from '~/db/box'
import { failNext } from '~/testing/comlink-in-process'
import { openFreshBox, until } from '~/testing/fresh-box'
import { useBoxStore } from './box'
import { useJudgementStore } from './judgement'
import { useReadingStore } from './reading'
import { useSettingsStore } from './settings'

vi.mock('comlink', () => import('~/testing/comlink-in-process'))
vi.stubGlobal('Worker', class {})
vi.stubGlobal('requestAnimationFrame', (draw: () => void) => setTimeout(draw))

const order = () => useJudgementStore().judgement!.out.setups.map(s => s.lureId)
/** What the core says by itself to what the stores hold now. */
function byTheCore() {
  const { box, own } = useBoxStore()
  const settings = useSettingsStore()
  const { reading, schools } = useReadingStore()
  return match(box, reading, {
    top: 30,
    units: settings.units,
    schools: { ...settings.schools, ...schools },
    weights: { ...settings.ruleWeights },
    own,
    useLog: settings.useLog,
  }).setups.map(s => s.lureId)
}

/** Waits until the page shows what the core says to what is set now. */
async function agreed(): Promise<void> {
  const wanted = byTheCore().join()
  await until(() => order().join() === wanted)
}

beforeEach(async () => {
  await import('~/workers/judge.worker')
  await openFreshBox()
  useJudgementStore().open()
  await until(() => useJudgementStore().judgement !== null)
})

describe('the judgement beside the page', () => {
  it('is the core’s own, thirty set-ups explained and the whole box in order', () => {
    const { judgement } = useJudgementStore()
    expect(order()).toEqual(byTheCore())
    expect(order()).toHaveLength(30)
    expect(judgement!.fits.slice(0, 30).map(f => f.lureId)).toEqual(order())
    const scores = judgement!.fits.map(f => f.score)
    expect(scores).toEqual([...scores].sort((a, b) => b - a))
    expect(Object.keys(judgement!.presented).sort()).toEqual(order().sort())
  })
  it('hands over the fits on every asked axis, each between 0.05 and 1', () => {
    const judgement = useJudgementStore()
    expect(judgement.judgement!.fits.length).toBeGreaterThan(20)
    for (const { lureId } of judgement.judgement!.fits) {
      const spine = judgement.spineOf(lureId)
      expect(spine.length).toBeGreaterThan(5)
      for (const { fit, axis } of spine) expect(fit >= 0.05 - 1e-6 && fit <= 1, `${lureId} ${axis} ${fit}`).toBe(true)
    }
    expect(judgement.spineOf('never-there')).toEqual([])
  })
  it('follows the reading; of several quick changes the last one stands', async () => {
    const readings = useReadingStore()
    for (const temperatureC of [4, 14, 24]) expect(readings.change({ temperatureC })).toBe(true)
    await agreed()
    const hot = order()
    readings.goBack(0)
    await agreed()
    expect(order()).not.toEqual(hot)
  })
  it('what comes first is shown at once, the places of the others as they were until all are known', async () => {
    const judgement = useJudgementStore()
    const before = judgement.judgement!
    const seen: { readonly first: string; readonly fits: unknown; readonly whole: boolean }[] = []
    const stop = watch(
      () => judgement.shown!,
      ({ out, fits }) => seen.push({ first: out.setups[0]!.lureId, fits, whole: judgement.judgement !== before }),
      { flush: 'sync' },
    )
    expect(useReadingStore().change({ temperatureC: 26 })).toBe(true)
    await agreed()
    stop()
    const now = judgement.judgement!
    expect(seen[0]).toEqual({ first: now.out.setups[0]!.lureId, fits: before.fits, whole: false })
    expect(seen.at(-1)).toEqual({ first: now.out.setups[0]!.lureId, fits: now.fits, whole: true })
  })
  it('a change that cannot be is refused and asks nothing', async () => {
    const before = useJudgementStore().judgement
    expect(useReadingStore().change({ temperatureC: 400 })).toBe(false)
    await new Promise(resolve => setTimeout(resolve, 30))
    expect(useJudgementStore().judgement).toBe(before)
  })
  it('a school of this reading stands above the settings, and is gone when it is let go', async () => {
    const [readings, settings] = [useReadingStore(), useSettingsStore()]
    const usual = order()
    settings.schools = { colour: 'contrast', rattle: 'loud' }
    await agreed()
    const contrasting = order()
    expect(contrasting).not.toEqual(usual)
    readings.schools = { colour: 'forage', rattle: 'quiet' }
    await until(() => order().join() === usual.join())
    readings.schools = {}
    await until(() => order().join() === contrasting.join())
  })
  it('a rule switched off is silent', async () => {
    const [judgement, settings] = [useJudgementStore(), useSettingsStore()]
    const [loudest] = Object.entries(judgement.judgement!.strengths).sort((a, b) => b[1] - a[1])[0]!
    settings.setWeight(loudest, 0)
    await until(() => judgement.judgement!.strengths[loudest] === undefined)
    expect(order()).toEqual(byTheCore())
    settings.setWeight(loudest, 1)
    await until(() => judgement.judgement!.strengths[loudest] !== undefined)
  })
  it('a lure taken out of the box is out of the order', async () => {
    const best = order()[0]!
    await useBoxStore().removeLures([best], 'out')
    await until(() => !useJudgementStore().fitById.has(best))
    expect(order()).toEqual(byTheCore())
  })
  it('the log can be left out', async () => {
    const judgement = useJudgementStore()
    const withLog = judgement.judgement!.fits.map(f => f.score)
    useSettingsStore().useLog = false
    await until(() => judgement.judgement!.fits.some((f, i) => f.score !== withLog[i]))
    expect(order()).toEqual(byTheCore())
  })
  it('says when it fails, keeps the last answer, and is well again with the next', async () => {
    const judgement = useJudgementStore()
    const before = order()
    failNext('out of memory')
    useReadingStore().change({ temperatureC: 12 })
    await until(() => judgement.trouble !== null)
    expect(judgement.trouble).toBe('The judgement failed: out of memory')
    expect(order()).toEqual(before)
    useReadingStore().change({ temperatureC: 13 })
    await until(() => judgement.trouble === null)
    await agreed()
  })
})

describe('the last answer', () => {
  /** The program is closed and opened again on the same disk, at most after something was done there; what its list said it was from, first to last. */
  async function again(meanwhile: () => Promise<unknown> = async () => {}): Promise<(string | null)[]> {
    const db = useBoxStore().database()
    await until(() => useJudgementStore().judgement !== null)
    for (let i = 0; i < 400 && !(await db.memory.get(LAST_ANSWER)); i++) await new Promise(r => setTimeout(r, 10))
    await meanwhile()
    setActivePinia(createPinia())
    await useBoxStore().reach()
    await Promise.all([useReadingStore().open(), useSettingsStore().open()])
    const judgement = useJudgementStore()
    const from: (string | null)[] = []
    watch(
      () => (judgement.shown ? judgement.shownFrom : undefined),
      when => when !== undefined && from.push(when),
      { flush: 'sync' },
    )
    judgement.open()
    await useBoxStore().open()
    await until(() => judgement.judgement !== null)
    await agreed()
    return from
  }

  it('stands there at the next start, marked as of when, until the judge has answered', async () => {
    const before = order()
    const began = Date.now()
    const [old, now, ...more] = await again()
    expect(Math.abs(Date.parse(old!) - began)).toBeLessThan(60_000)
    expect(now).toBeNull()
    expect(more).toEqual([])
    expect(order()).toEqual(before)
  })
  it('does not stand there for another water', async () => {
    const other = () => remember(useBoxStore().database(), 'reading', { ...useReadingStore().reading, temperatureC: 3 })
    expect(await again(other)).toEqual([null])
  })
  it('is gone with the box that it was about', async () => {
    expect(await again(() => useBoxStore().startOwn())).toEqual([null])
  })
  it('does not stand there when a lure of it is gone', async () => {
    expect(await again(() => useBoxStore().database().lures.delete(order()[3]!))).toEqual([null])
  })
  it.each([7, null, {}, { shape: 1 }, { shape: 1, at: 'x', judgement: { out: {} } }])(
    'is left alone when it is no answer: %j',
    async poison => {
      expect(await again(() => remember(useBoxStore().database(), LAST_ANSWER, poison))).toEqual([null])
    },
  )
})

describe('long questions go to a second judge', () => {
  it('what if only some lures and one rod were here', async () => {
    const [best, second] = useJudgementStore().judgement!.out.setups
    const only = { lureIds: [best!.lureId, second!.lureId], outfitIds: [best!.outfitId!] }
    const answer = (await useJudgementStore().judgeIf({ only }, 5))!
    expect(answer.fits.map(f => f.lureId)).toContain(best!.lureId)
    expect(only.lureIds).toEqual(expect.arrayContaining(answer.fits.map(f => f.lureId)))
    expect(new Set(answer.out.setups.map(s => s.outfitId))).toEqual(new Set(only.outfitIds))
  })
  it('a look at another school leaves what is set as it was', async () => {
    const [judgement, settings] = [useJudgementStore(), useSettingsStore()]
    const before = judgement.judgement
    const [loudest] = Object.entries(before!.strengths).sort((a, b) => b[1] - a[1])[0]!
    const without = (await judgement.judgeIf({ weights: { [loudest]: 0 } }))!
    expect(without.strengths[loudest]).toBeUndefined()
    expect(judgement.judgement).toBe(before)
    expect(settings.ruleWeights).toEqual({})
  })
  it('a sweep gives one order for each value', async () => {
    const values = [4, 10, 16, 22]
    const sweep = (await useJudgementStore().sweep('temperatureC', values))!
    expect(sweep.values).toEqual(values)
    expect(sweep.lines.length).toBeGreaterThan(0)
    for (const line of sweep.lines) expect(line.scores).toHaveLength(values.length)
  })
  it('a newer search for flips ends the one before it', async () => {
    const judgement = useJudgementStore()
    const seen: number[] = []
    const [older, newer] = await Promise.all([judgement.flips(() => {}), judgement.flips(done => seen.push(done))])
    expect(older).toBeNull()
    expect(newer).not.toBeNull()
    expect(seen.length).toBeGreaterThan(3)
    expect(seen).toEqual([...seen].sort((a, b) => a - b))
  })
  it('a search for flips that nobody waits for any more ends', async () => {
    const judgement = useJudgementStore()
    const searching = judgement.flips(() => {})
    await judgement.stopFlips()
    expect(await searching).toBeNull()
  })
  it('coverage speaks of lures of the box only', async () => {
    const { lureById } = useBoxStore()
    const coverage = (await useJudgementStore().coverage(useReadingStore().reading))!
    expect(coverage.depthBySpeed.length).toBeGreaterThan(0)
    expect(coverage.clarityByPaint.length).toBeGreaterThan(0)
    for (const group of coverage.doubles) {
      expect(group.length).toBeGreaterThan(1)
      expect(group.every(id => lureById.has(id))).toBe(true)
    }
  })
})
