import * as Comlink from 'comlink'
import { CALCS } from '#core/calc'
import { check } from '#core/files'
import { inWords } from '#speech'
import type { CalcApi } from './calc.protocol'

const POINTS = 31

const api: CalcApi = {
  work({ name, input, chart }) {
    const calc = CALCS.find(c => c.name === name)!
    const at = (own: Record<string, unknown>) => {
      const outcome = check(calc.input, own)
      return outcome.ok
        ? { issues: [], answer: inWords(calc.run(outcome.value)) }
        : { issues: inWords(outcome.issues), answer: null }
    }
    const { issues, answer } = at(input)
    const line =
      chart && answer
        ? Array.from({ length: POINTS }, (_, i) => chart.from + (i / (POINTS - 1)) * (chart.to - chart.from)).flatMap(
            x => {
              const y = at({ ...input, [chart.x]: x }).answer?.[chart.y]
              return typeof y === 'number' ? [[x, y] as const] : []
            },
          )
        : []
    return { issues, answer, line }
  },
}

Comlink.expose(api)
