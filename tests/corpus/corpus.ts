import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { boxOf, parseFile, parseReading } from '#core/files'
import type { Reading } from '#core/reading'
import type { Schools } from '#core/rule'
import type { Box } from '#core/tackle'
import type { RankingOut, SetupOut } from '#core/tell'

/** The corpus of decisions (tests/corpus/README.md): what good anglers would do, as statements about whole boxes. Common practice, no source. */
export interface Statement {
  readonly kind: 'above' | 'within' | 'not-within' | 'setup' | 'compare' | 'rejected' | 'told'
  readonly a?: string | readonly string[]
  readonly b?: string | readonly string[]
  readonly any?: readonly string[]
  readonly top?: number
  readonly lure?: string
  readonly field?: string
  readonly in?: readonly unknown[]
  readonly notIn?: readonly unknown[]
  readonly from?: number
  readonly to?: number
  readonly than?: string
  readonly other?: { readonly id: string, readonly lure?: string }
  readonly code?: string
  readonly section?: string
  readonly weight?: number
  /** Where good anglers would not agree with it, and why; it is counted apart. */
  readonly disputed?: string
}
export interface Situation { readonly file: string, readonly id: string, readonly box: string, readonly outfits?: readonly string[], readonly reading: Reading, readonly schools?: Partial<Schools>, readonly why: string, readonly says: readonly Statement[] }

const here = import.meta.dirname
const read = (path: string) => JSON.parse(readFileSync(join(here, path), 'utf8')) as unknown

/** Of the corpus that the weights are fitted to, or those that were put to the program and are never fitted to. */
export function loadSituations(folder: 'decisions' | 'unfitted' = 'decisions'): Situation[] {
  return readdirSync(join(here, folder)).filter(f => f.endsWith('.json')).sort().flatMap(f => (read(`${folder}/${f}`) as Omit<Situation, 'file'>[]).map((s) => {
    const reading = parseReading(s.reading)
    if (!reading.ok) throw new Error(`${f} ${s.id}: ${reading.issues[0]!.path} ${reading.issues[0]!.message.code}`)
    return { ...s, file: f.replace('.json', ''), reading: reading.value }
  }))
}

export function loadBoxes(): ReadonlyMap<string, Box> {
  return new Map(readdirSync(join(here, 'boxes')).map((f) => {
    const file = parseFile(read(`boxes/${f}`))
    if (!file.ok) throw new Error(`${f}: ${file.issues[0]!.path} ${file.issues[0]!.message.code}`)
    return [f.replace('.json', ''), boxOf(file.value)]
  }))
}

/** The rods that are at hand in a situation. */
export function atHand(box: Box, { outfits }: Situation): Box {
  return outfits ? { ...box, outfits: box.outfits.filter(o => outfits.includes(o.id)) } : box
}

const BOTTOM: readonly string[] = ['bottom-hop', 'drag', 'dead-stick', 'shake']
const FALLING: readonly string[] = ['lift-drop', 'yo-yo', 'long-fall', 'vertical-slow', 'vertical-fast']
const SURFACE: readonly string[] = ['walk', 'pop']

/** Way of a set-up as the corpus names it. */
export function wayNamed(cadence: string, mode: string, depthM: number): string {
  if (SURFACE.includes(cadence) || depthM < 0.05) return 'surface'
  if (mode === 'troll') return 'moving'
  if (mode === 'vertical') return 'vertical'
  return BOTTOM.includes(cadence) ? 'bottom' : FALLING.includes(cadence) ? 'falling' : 'moving'
}

export interface Named { readonly lureId: string, readonly family: string, readonly rig: string, readonly cadence: string, readonly way: string, readonly tactic: string }

export function isNamed(name: string, s: Named): boolean {
  if (!name.includes(':')) return s.lureId === name
  const [kind, value] = name.split(':') as [keyof Named, string]
  return s[kind] === value
}

const named = (s: SetupOut): Named => ({ lureId: s.lureId, family: s.family, rig: s.rig, cadence: s.presentation.cadence, tactic: s.tactic, way: wayNamed(s.presentation.cadence, s.presentation.mode, s.presentation.depthM) })
const at = (object: unknown, path: string): unknown => path.split('.').reduce<unknown>((o, k) => (o as Record<string, unknown> | null | undefined)?.[k], object)
export const list = (v: string | readonly string[] | undefined): readonly string[] => (v === undefined ? [] : typeof v === 'string' ? [v] : v)

/** Whether a statement holds of an answer. */
export function holds(says: Statement, { setups, rejected, cautions }: RankingOut, answers: ReadonlyMap<string, RankingOut>): boolean {
  const rank = (name: string) => {
    const i = setups.findIndex(s => isNamed(name, named(s)))
    return i < 0 ? Infinity : i + 1
  }
  const of = (id: string | undefined) => setups.find(s => s.lureId === id)
  switch (says.kind) {
    case 'above': return list(says.a).every(a => list(says.b).every(b => rank(a) < rank(b)))
    case 'within': return says.any!.some(n => rank(n) <= says.top!)
    case 'not-within': return says.any!.every(n => rank(n) > says.top!)
    case 'rejected': return rejected.some(r => r.lureId === says.lure && (!says.code || r.code === says.code))
    case 'setup': {
      const value = at(of(says.lure), says.field!)
      if (says.in) return says.in.includes(value ?? null)
      if (says.notIn) return value !== undefined && !says.notIn.includes(value)
      return typeof value === 'number' && value >= (says.from ?? -Infinity) && value <= (says.to ?? Infinity)
    }
    case 'compare': {
      const mine = at(of(says.lure), says.field!)
      const its = at(answers.get(says.other!.id)?.setups.find(s => s.lureId === (says.other!.lure ?? says.lure)), says.field!)
      return typeof mine === 'number' && typeof its === 'number' && (says.than === '<' ? mine < its : says.than === '>' ? mine > its : mine === its)
    }
    case 'told': {
      const s = says.lure ? of(says.lure) : null
      const words = says.lure
        ? s ? [s.presentation.text, s.hook.advice, ...s.cautions, ...[...s.reasons, ...s.against, ...s.advice].map(r => r.text), s.leader ? `${s.leader.material} leader` : ''] : []
        : [...cautions, ...(setups[0]?.cautions ?? [])]
      const text = words.join(' | ').toLowerCase()
      return says.any!.some(w => text.includes(w.toLowerCase()))
    }
  }
}

/** How much of the corpus holds, by any grouping of its statements. */
export interface Tally { readonly held: number, readonly all: number }
export function tallyBy(results: readonly { readonly says: Statement, readonly situation: Situation, readonly ok: boolean }[], keys: (r: { readonly says: Statement, readonly situation: Situation }) => readonly string[]): Map<string, Tally> {
  const tally = new Map<string, { held: number, all: number }>()
  for (const r of results) {
    for (const key of keys(r)) {
      const t = tally.get(key) ?? { held: 0, all: 0 }
      tally.set(key, t)
      t.all += r.says.weight ?? 1
      if (r.ok) t.held += r.says.weight ?? 1
    }
  }
  return tally
}
