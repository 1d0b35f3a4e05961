import type { Ask } from '#core/ask'
import { ADVICE } from '#core/knowledge'
import { type Candidate, matches } from '#core/match'
import { type Advice, ADVICE_SUBJECTS, type AdviceSubject, fillIn, isOfSchools, jointMembership } from '#core/rule'
import { sourceText } from '#core/sources'
import type { UnitSystem } from '#core/units'
import type { AdviceOut } from './output'

/** Conditions that hold at least half are spoken of. */
const HOLDS_FROM = 0.5
/** Lines on one subject: the most particular ones; more would not be read. */
const ON_ONE_SUBJECT = 3

/** What the handbook tells about making this set-up ready and fishing it here, by subject, the most particular first. */
export function adviceFor(
  candidate: Candidate,
  trailerHook: boolean,
  ask: Ask,
  units: UnitSystem,
  rows: readonly Advice[] = ADVICE,
): AdviceOut[] {
  const spoken = rows.filter(
    row =>
      isOfSchools(row, ask.schools) &&
      isAbout(row, candidate, trailerHook) &&
      jointMembership(row.when, ask.features) >= HOLDS_FROM,
  )
  return ADVICE_SUBJECTS.flatMap(about =>
    spoken
      .filter(row => row.about === about)
      .sort((a, b) => particularity(b) - particularity(a))
      .slice(0, ON_ONE_SUBJECT)
      .map(({ id, text, source }) => ({
        rule: id,
        about,
        text: fillIn(text, ask.features, units),
        source: sourceText(source),
      })),
  )
}

/** The lines of one subject as running text. */
export function adviceText(advice: readonly AdviceOut[], about: AdviceSubject): string {
  return advice
    .filter(line => line.about === about)
    .map(line => line.text)
    .join(' ')
}

function particularity({ when, of }: Advice): number {
  return when.length + Object.keys(of).length
}

function isAbout({ of }: Advice, candidate: Candidate, trailerHook: boolean): boolean {
  const { profile, technique, trailer, cadence, placement } = candidate
  const hook = technique.hook === 'own' ? profile.hooks.value[0]!.kind : technique.hook
  return (
    matches(of, profile, candidate) &&
    (of.touches === undefined || of.touches === placement.touches) &&
    (of.trailerHook === undefined || of.trailerHook === trailerHook) &&
    (!of.cadence || of.cadence.includes(cadence)) &&
    (!of.mode || of.mode.includes(technique.mode)) &&
    (!of.hook || of.hook.includes(hook)) &&
    (of.trailer === undefined || of.trailer === (trailer !== null))
  )
}
