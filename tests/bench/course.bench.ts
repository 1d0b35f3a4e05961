import { bench, describe } from 'vitest'
import { askOf } from '#core/ask'
import { courseOf, waysToChange } from '#core/course'
import { prepareBox, rank } from '#core/match'
import { explainRanking, presentedSetups } from '#core/tell'
import reading from '../../demo/readings/spring-morning.json'
import { bigBox } from './big-box'

const prepared = prepareBox(bigBox(200))
const ranking = rank(prepared, askOf(reading as Parameters<typeof askOf>[0]))
const presented = [...presentedSetups(ranking, explainRanking(prepared, ranking, { top: 30 }).setups).values()]
const woundIn = presented.find(p => p.control === 'count-down' && p.mode === 'cast')!

describe('the column', () => {
  bench('one course of a bait wound in', () => {
    courseOf(woundIn)
  })
  bench('ways 0.3 m deeper for it', () => {
    waysToChange(woundIn, 0.3, {
      lines: [{ outfitId: 'o', diameterMm: 0.15 }],
      plugs: [],
      weightsG: [5, 7, 10],
      weightG: 7,
    })
  })
})
