import type { Advice } from '#core/rule'
import { BAIT_ADVICE } from './bait'
import { RETRIEVE_ADVICE } from './retrieve'
import { TACKLE_ADVICE } from './tackle'

/** What is told beside a set-up; a newcomer adds a row to its subject. */
export const ADVICE: readonly Advice[] = [...BAIT_ADVICE, ...TACKLE_ADVICE, ...RETRIEVE_ADVICE]
