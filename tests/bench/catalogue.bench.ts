import { bench, describe } from 'vitest'
import { answers, depthBySpeed, type Entry, parseQuery } from '#core/catalogue'
import { guessMapping, lureRows, luresToCsv, planLures, readCsv } from '#core/files'
import { profileOf } from '#core/lure'
import { bigBox } from './big-box'

const { lures } = bigBox(5000)
const entries: Entry[] = lures.map(lure => ({
  profile: profileOf(lure, []),
  fit: 0.5,
  lastUsed: null,
  hasPhoto: false,
}))
const csv = luresToCsv(lures)
let n = 0

describe('a box of 5,000 lures', () => {
  bench(
    'what is known of every lure',
    () => {
      for (const lure of lures) profileOf(lure, [])
    },
    { time: 1000 },
  )
  bench(
    'search: 14g gold spinnerbait river',
    () => {
      const terms = parseQuery('14g gold spinnerbait river')
      entries.filter(entry => answers(entry, terms))
    },
    { time: 1000 },
  )
  bench(
    'search: sk (plain text)',
    () => {
      const terms = parseQuery('sk')
      entries.filter(entry => answers(entry, terms))
    },
    { time: 1000 },
  )
  bench(
    'coverage: depth × speed',
    () => {
      depthBySpeed(entries.map(e => e.profile))
    },
    { time: 2000 },
  )
  bench(
    'table out',
    () => {
      luresToCsv(lures)
    },
    { time: 2000 },
  )
  bench(
    'table in: read, map, check, plan against 5,000',
    () => {
      const table = readCsv(csv)
      planLures(lures, lureRows(table, guessMapping(table)), { mergeBy: 'id', newId: () => `n${n++}` })
    },
    { time: 2000 },
  )
})
