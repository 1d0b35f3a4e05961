/** Prints "passed failed" from a test runner's JSON report: node bin/count-cases.mjs vitest|playwright <file>. */
import { readFileSync } from 'node:fs'

const readers = {
  vitest: ({ numPassedTests, numFailedTests, numFailedTestSuites }) => [
    numPassedTests,
    Math.max(numFailedTests, numFailedTestSuites),
  ],
  playwright: ({ stats, errors }) => [stats.expected + stats.flaky, stats.unexpected + errors.length],
}

const [, , reader, file] = process.argv
console.log(readers[reader](JSON.parse(readFileSync(file, 'utf8'))).join(' '))
