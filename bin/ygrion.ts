import { readFileSync } from 'node:fs'
import { Command, CommanderError } from 'commander'
import { askOf } from '#core/ask'
import { CALCS } from '#core/calc'
import {
  boxOf,
  check,
  countsOf,
  type Issue,
  type Outcome,
  ownOf,
  parseCase,
  parseFile,
  parseJson,
  parseReading,
  parseSchools,
  parseTrip,
  type YgrionFile,
} from '#core/files'
import type { Reading } from '#core/reading'
import { nextOf } from '#core/rotation'
import { askedAxes, match } from '#core/tell'
import { inWords } from '#speech'

/** The headless command (contract §5): one JSON value on stdout, or one line of error on stderr and exit code 2. */

class BadInput extends Error {
  constructor(readonly issue: Issue<string>) {
    super(issue.message)
  }
}

function need<T>(outcome: Outcome<T>): T {
  if (!outcome.ok) throw new BadInput(inWords(outcome.issues[0]!))
  return outcome.value
}

function readText(path: string | 0, field: string): string {
  try {
    return readFileSync(path, 'utf8')
  } catch (error) {
    throw new BadInput({ path: field, message: `cannot be read: ${(error as Error).message}` })
  }
}

const readFile = (path: string): YgrionFile => need(parseFile(need(parseJson(readText(path, 'file')))))
const readReading = (path: string): Reading => need(parseReading(need(parseJson(readText(path, 'reading')))))

/** Schools of the command line win over the file's. */
function schoolsOf(given: string | undefined, file: YgrionFile | null) {
  return { ...need(parseSchools(file?.settings?.schools)), ...need(parseSchools(given)) }
}

/** Between a figure and its unit stands a space that does not break; who reads this by program gets a plain one. */
const FIGURE_AND_UNIT = /(?<=[\d/])\u00A0/g

function print(value: unknown): void {
  process.stdout.write(`${JSON.stringify(value).replace(FIGURE_AND_UNIT, ' ')}\n`)
}

const program = new Command('ygrion').exitOverride().configureOutput({ writeErr: () => {} })

program
  .command('match')
  .requiredOption('--file <path>')
  .option('--reading <path>')
  .option('--readings <path>', 'a list of readings, answered line by line')
  .option('--top <n>', 'how many lures', '10')
  .option('--schools <pairs>')
  .action(
    ({
      file: path,
      reading,
      readings,
      top,
      schools,
    }: {
      file: string
      reading?: string
      readings?: string
      top: string
      schools?: string
    }) => {
      const count = Number(top)
      if (!Number.isInteger(count) || count < 0)
        throw new BadInput({ path: 'top', message: `must be a whole number of 0 or more, got "${top}"` })
      if (!reading === !readings)
        throw new BadInput({ path: 'arguments', message: 'one of --reading and --readings is needed' })
      const file = readFile(path)
      const box = boxOf(file)
      const options = {
        top: count,
        schools: schoolsOf(schools, file),
        weights: file.settings?.ruleWeights ?? {},
        own: ownOf(file),
        useLog: file.settings?.useLog ?? true,
        measure: true,
      }
      if (reading) return print(inWords(match(box, readReading(reading), options)))
      const list = need(parseJson(readText(readings!, 'readings')))
      if (!Array.isArray(list)) throw new BadInput({ path: 'readings', message: 'must be a list' })
      for (const given of list as unknown[]) {
        const parsed = parseCase(given, box)
        const id = (given as { id?: unknown } | null)?.id ?? null
        print(
          parsed.ok
            ? {
                id,
                ...inWords(
                  match({ ...box, outfits: parsed.value.outfits }, parsed.value.reading, {
                    ...options,
                    schools: { ...options.schools, ...parsed.value.schools },
                  }),
                ),
              }
            : { id, error: inWords(parsed.issues[0]) },
        )
      }
    },
  )

program
  .command('next')
  .requiredOption('--file <path>')
  .requiredOption('--trip <path>')
  .option('--now <iso>')
  .option('--several', 'more than one thing may change at once')
  .option('--schools <pairs>')
  .action(
    ({
      file: path,
      trip,
      now,
      several,
      schools,
    }: {
      file: string
      trip: string
      now?: string
      several?: boolean
      schools?: string
    }) => {
      if (now !== undefined && Number.isNaN(Date.parse(now)))
        throw new BadInput({ path: 'now', message: `must be an ISO 8601 date and time, got "${now}"` })
      const file = readFile(path)
      print(
        inWords(
          nextOf(boxOf(file), need(parseTrip(need(parseJson(readText(trip, 'trip'))))), {
            schools: schoolsOf(schools, file),
            own: ownOf(file),
            ...(now === undefined ? {} : { now }),
            several: several ?? false,
          }),
        ),
      )
    },
  )

program
  .command('ask')
  .requiredOption('--reading <path>')
  .option('--file <path>')
  .option('--schools <pairs>')
  .action(({ reading, file: path, schools }: { reading: string; file?: string; schools?: string }) => {
    const file = path ? readFile(path) : null
    const ask = askOf(readReading(reading), {
      schools: schoolsOf(schools, file),
      ...(file ? { own: ownOf(file) } : {}),
    })
    print({ axes: askedAxes(ask, 'metric'), assumed: ask.assumed })
  })

program
  .command('calc')
  .argument('<name>')
  .action((name: string) => {
    const calc = CALCS.find(c => c.name === name)
    if (!calc)
      throw new BadInput({
        path: 'name',
        message: `no calculator "${name}"; known are ${CALCS.map(c => c.name).join(', ')}`,
      })
    print(inWords(calc.run(need(check(calc.input, need(parseJson(readText(0, 'input'))))))))
  })

program
  .command('check')
  .argument('<path>')
  .action((path: string) => print({ ok: true, counts: countsOf(readFile(path)) }))

try {
  program.parse()
} catch (error) {
  // Help and version asked for end the parse with code 0: no error.
  if (error instanceof CommanderError && error.exitCode === 0) process.exit(0)
  // Misuse of the command line and bad data are the user's to mend; anything else is a fault of ours and may be loud.
  const issue =
    error instanceof BadInput
      ? error.issue
      : error instanceof CommanderError
        ? { path: 'arguments', message: error.message.replace(/^error: /, '') }
        : null
  if (!issue) throw error
  process.stderr.write(`${JSON.stringify({ error: issue })}\n`)
  process.exitCode = 2
}
