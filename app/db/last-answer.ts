import { dequal } from 'dequal/lite'
import type { Judgement, JudgeRequest } from '~/workers/judge.protocol'
import { LAST_ANSWER, recall, remember } from './box'
import type { Database } from './database'

/** A question with what else decides its answer. */
export interface Standing extends JudgeRequest {
  readonly useLog: boolean
}

/** What the worker answered last, to be shown at the next start until it answers anew. */
export interface LastAnswer {
  /** ISO 8601. */
  readonly at: string
  /** Everything it depends on beside the box. */
  readonly asked: Standing
  readonly judgement: Judgement
}

/** Rises when what is told changes its shape; an answer of another shape is not shown. */
const SHAPE = 1
interface Row extends LastAnswer {
  readonly shape: number
}

export function keepAnswer(db: Database, answer: LastAnswer): Promise<void> {
  return remember(db, LAST_ANSWER, { ...answer, shape: SHAPE } satisfies Row)
}

/** The last answer, if it was to this very question. */
export async function answerKept(db: Database, asked: Standing): Promise<LastAnswer | null> {
  const row = await recall<Row>(db, LAST_ANSWER)
  const isSound =
    row?.shape === SHAPE &&
    typeof row.at === 'string' &&
    Array.isArray(row.judgement?.out?.setups) &&
    Array.isArray(row.judgement.fits)
  return isSound && dequal(row.asked, asked) ? row : null
}
