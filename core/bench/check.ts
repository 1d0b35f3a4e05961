import type { BenchTest } from '#core/tackle'
import { TEST_GUIDES } from './guide'
import { summarise } from './summary'

/** What is wrong with a test, in words; nothing is stored until it is mended. */
export interface TestIssue {
  readonly field: string
  readonly message: string
}

/** Readings of one thing that scatter more than this share of their mean are no repeats. Assumed. */
const ABSURD_SPREAD = 0.5

/** Checks a bench test before it is kept. `sinks`: whether the body, as rigged, is heavier than water; `null` when that is not known. */
export function checkTest(test: BenchTest, { sinks }: { readonly sinks: boolean | null }): TestIssue[] {
  const guide = TEST_GUIDES[test.kind]
  const issues: TestIssue[] = []
  const numbers = test.values.filter(v => v !== null)
  if (test.values.length === 0) issues.push({ field: 'values', message: 'no reading yet' })
  numbers.forEach((value, i) => {
    const [low, high] = guide.range
    if (!(value >= low && value <= high))
      issues.push({
        field: `values[${i}]`,
        message: `${value} ${guide.unit} is not possible: between ${low} and ${high} ${guide.unit}`,
      })
  })
  if (test.kind !== 'tear' && numbers.length < test.values.length)
    issues.push({ field: 'values', message: 'a reading is missing' })
  if (guide.fields && test.values.length !== guide.fields.length)
    issues.push({ field: 'values', message: `needs ${guide.fields.join(', ')}` })
  if (guide.needsRig && !test.rig)
    issues.push({ field: 'rig', message: 'the rig used must be on record: a rating without it misleads' })
  if (guide.needsDepth && !(test.depthM && test.depthM > 0))
    issues.push({ field: 'depthM', message: 'the depth of the drop is missing' })
  if (test.kind === 'fall' && sinks === false)
    issues.push({ field: 'values', message: 'this body floats as rigged: it cannot be timed as sinking' })
  if (test.kind === 'swim' && numbers.length === 3 && !(numbers[0]! <= numbers[1]! && numbers[1]! <= numbers[2]!))
    issues.push({ field: 'values', message: 'the speeds must rise: starts, best, rolls' })
  if (!guide.fields && numbers.length > 1 && issues.length === 0) {
    const { mean, deviation } = summarise(numbers)
    if (test.kind !== 'hang' && deviation! > ABSURD_SPREAD * Math.abs(mean))
      issues.push({
        field: 'values',
        message: `the readings scatter by ${Math.round((100 * deviation!) / Math.abs(mean))} % of their mean: one of them is not the same thing`,
      })
  }
  return issues
}
