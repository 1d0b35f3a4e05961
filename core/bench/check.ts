import { type Message, message, type Value } from '#core/message'
import type { BenchTest } from '#core/tackle'
import { quantity } from '#core/units'
import { TEST_GUIDES } from './guide'
import { summarise } from './summary'

/** What is wrong with a test; nothing is stored until it is mended. */
export interface TestIssue {
  readonly field: string
  readonly message: Message
}

/** Readings of one thing that scatter more than this share of their mean are no repeats. Assumed. */
const ABSURD_SPREAD = 0.5

/** Checks a bench test before it is kept. `sinks`: whether the body, as rigged, is heavier than water; `null` when that is not known. */
export function checkTest(test: BenchTest, { sinks }: { readonly sinks: boolean | null }): TestIssue[] {
  const guide = TEST_GUIDES[test.kind]
  const issues: TestIssue[] = []
  const numbers = test.values.filter(v => v !== null)
  const figure = (value: number): Value =>
    guide.dimension
      ? quantity(guide.dimension, value, { exact: true })
      : message('figure.unit', { value, unit: guide.unit })
  if (test.values.length === 0) issues.push({ field: 'values', message: message('bench.no-reading') })
  numbers.forEach((value, i) => {
    const [low, high] = guide.range
    if (!(value >= low && value <= high))
      issues.push({
        field: `values[${i}]`,
        message: message('bench.impossible', { value: figure(value), low: figure(low), high: figure(high) }),
      })
  })
  if (test.kind !== 'tear' && numbers.length < test.values.length)
    issues.push({ field: 'values', message: message('bench.missing') })
  if (guide.fields && test.values.length !== guide.fields.length)
    issues.push({ field: 'values', message: message('bench.needs', { fields: { joined: guide.fields } }) })
  if (guide.needsRig && !test.rig) issues.push({ field: 'rig', message: message('bench.rig') })
  if (guide.needsDepth && !(test.depthM && test.depthM > 0))
    issues.push({ field: 'depthM', message: message('bench.depth') })
  if (test.kind === 'fall' && sinks === false) issues.push({ field: 'values', message: message('bench.floats') })
  if (test.kind === 'swim' && numbers.length === 3 && !(numbers[0]! <= numbers[1]! && numbers[1]! <= numbers[2]!))
    issues.push({ field: 'values', message: message('bench.rising') })
  if (!guide.fields && numbers.length > 1 && issues.length === 0) {
    const { mean, deviation } = summarise(numbers)
    if (test.kind !== 'hang' && deviation! > ABSURD_SPREAD * Math.abs(mean))
      issues.push({
        field: 'values',
        message: message('bench.scatter', { percent: Math.round((100 * deviation!) / Math.abs(mean)) }),
      })
  }
  return issues
}
