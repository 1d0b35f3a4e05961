import { HOOK_GAP_MM } from '#core/knowledge'
import type { SetupOut } from '#core/tell'
import type { Rig } from '#core/terms'

/** One stroke or filled part of a rig, drawn from the assembly. */
export interface RigMark {
  readonly part:
    | 'line'
    | 'leader'
    | 'dropper'
    | 'hook'
    | 'weight'
    | 'swivel'
    | 'snap'
    | 'bead'
    | 'blade'
    | 'wire'
    | 'bottom'
    | 'hidden'
  readonly d: string
  readonly filled?: boolean
}
export interface RigLabel {
  readonly x: number
  readonly y: number
  readonly text: string
  readonly anchor: 'start' | 'middle' | 'end'
}
/** Where a lure's own silhouette goes: its nose at (x, y), so long, turned by so many degrees. */
export interface RigLure {
  readonly which: 'lure' | 'trailer' | 'spoon'
  readonly x: number
  readonly y: number
  readonly length: number
  readonly degrees: number
}
export interface RigDrawing {
  readonly width: number
  readonly height: number
  readonly marks: readonly RigMark[]
  readonly knots: readonly { readonly x: number; readonly y: number }[]
  readonly lures: readonly RigLure[]
  readonly labels: readonly RigLabel[]
}

/** What is drawn, with its figures already in words. */
export interface RigParts {
  readonly setup: Pick<
    SetupOut,
    'rig' | 'hook' | 'leader' | 'connection' | 'headG' | 'sinkerG' | 'trailerId' | 'trailerHook'
  > & { readonly presentation: Pick<SetupOut['presentation'], 'dropLeaderM'> }
  readonly lureMm: number
  readonly bodyMm: number
  readonly trailerMm: number | null
  /** Length of a fly's leader behind its spoon, or of a sliding rig's [m]. */
  readonly words: {
    readonly leader: string
    readonly holds?: string
    readonly hook: string
    readonly weight: string
    readonly drop: string
  }
}

export const SIZE = { width: 360, height: 178 }
const BASE_Y = 62
/** Pixels per millimetre of bait, kept so that small and large both show. */
const BAIT = { pxPerMm: 0.95, least: 52, most: 150 }
/** Leaders are drawn to their own scale, with a break where it is cut short [px/m, px]. */
const LEADER = { pxPerM: 70, least: 34, most: 110 }
/** Drop-shot leaders and droppers [px/m]. */
const DROP = { pxPerM: 105, least: 26, most: 78 }

const clamp = (value: number, least: number, most: number) => Math.min(most, Math.max(least, value))
export const baitLength = (mm: number) => clamp(mm * BAIT.pxPerMm, BAIT.least, BAIT.most)
export const leaderLength = (m: number) => clamp(m * LEADER.pxPerM, LEADER.least, LEADER.most)
export const dropLength = (m: number) => clamp(m * DROP.pxPerM, DROP.least, DROP.most)

interface Canvas {
  readonly marks: RigMark[]
  readonly knots: { x: number; y: number }[]
  readonly lures: RigLure[]
  readonly labels: RigLabel[]
}

const straight = (x1: number, y1: number, x2: number, y2: number) => `M${x1} ${y1}L${x2} ${y2}`
const dot = (x: number, y: number, r: number) =>
  `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0Z`
/** Gap of a hook in pixels, true to its size. */
export function gapPx(size: string | null): number {
  return (HOOK_GAP_MM[size ?? '1/0'] ?? HOOK_GAP_MM['1/0']!) * BAIT.pxPerMm
}

/** A single hook: eye at (x, y), shank to the right, point back toward the eye; `up` turns the point upward. */
function hook(
  canvas: Canvas,
  x: number,
  y: number,
  size: string | null,
  part: 'hook' | 'hidden' = 'hook',
  up = true,
): void {
  const gap = gapPx(size)
  const side = up ? -1 : 1
  const shank = gap * 2.1
  canvas.marks.push({
    part,
    d: `M${x} ${y}h${shank}a${gap / 2} ${gap / 2} 0 0 ${up ? 0 : 1} 0 ${side * gap}h${-gap * 0.7}l${gap * 0.22} ${side * -gap * 0.2}`,
  })
}

/** Radius of a weight [px]: by the cube root, as lead is round. */
export function weightRadius(grams: number): number {
  return clamp(2.6 * Math.cbrt(grams), 3.2, 12)
}

/** Main line, knot and leader up to the connection; returns where the connection is. */
function lead(canvas: Canvas, { setup, words }: RigParts, y = BASE_Y): number {
  const knotX = 54
  canvas.marks.push({ part: 'line', d: straight(4, y, knotX, y) })
  if (!setup.leader) {
    canvas.marks.push({ part: 'line', d: straight(knotX, y, knotX + 20, y) })
    return connect(canvas, setup.connection, knotX + 20, y)
  }
  const length = leaderLength(setup.leader.lengthM)
  canvas.knots.push({ x: knotX, y })
  canvas.marks.push({ part: 'leader', d: straight(knotX, y, knotX + length, y) })
  const cutShort = setup.leader.lengthM * LEADER.pxPerM > LEADER.most
  if (cutShort)
    canvas.marks.push({
      part: 'wire',
      d: `M${knotX + length / 2 - 4} ${y + 6}l4 -12M${knotX + length / 2 + 1} ${y + 6}l4 -12`,
    })
  canvas.labels.push({ x: knotX + length / 2, y: y + 18, text: words.leader, anchor: 'middle' })
  // What it holds stands under it: in one line the two would run into the lure.
  if (words.holds) canvas.labels.push({ x: knotX + length / 2, y: y + 31, text: words.holds, anchor: 'middle' })
  return connect(canvas, setup.connection, knotX + length, y)
}

function connect(canvas: Canvas, connection: SetupOut['connection'], x: number, y: number): number {
  if (connection === 'direct') {
    canvas.knots.push({ x, y })
    return x
  }
  canvas.knots.push({ x, y })
  if (connection === 'swivel') {
    canvas.marks.push({ part: 'swivel', d: `${dot(x + 3, y, 3)}M${x + 6} ${y - 2.5}h8v5h-8Z${dot(x + 17, y, 3)}` })
    return x + 20
  }
  canvas.marks.push({ part: 'snap', d: `M${x} ${y}h4q10 -6 12 0q-2 6 -12 0` })
  return x + 16
}

function bait(canvas: Canvas, which: RigLure['which'], x: number, y: number, mm: number, degrees = 0): number {
  const length = baitLength(mm)
  canvas.lures.push({ which, x, y, length, degrees })
  return x + length * Math.cos((degrees * Math.PI) / 180)
}

type DrawRig = (canvas: Canvas, parts: RigParts) => void

const onTheLine: DrawRig = (canvas, parts) => {
  const end = bait(canvas, 'lure', lead(canvas, parts), BASE_Y, parts.lureMm)
  if (parts.trailerMm !== null)
    bait(canvas, 'trailer', end - 0.35 * baitLength(parts.lureMm), BASE_Y + 4, parts.trailerMm)
  if (parts.setup.trailerHook) hook(canvas, end - 8, BASE_Y + 4, '2/0')
  canvas.labels.push({ x: end - 6, y: BASE_Y + 54, text: parts.words.hook, anchor: 'end' })
}

const onHead: DrawRig = (canvas, parts) => {
  const { setup, words, lureMm } = parts
  const x = lead(canvas, parts)
  const r = weightRadius(setup.headG ?? 5)
  const y = BASE_Y
  const d = setup.rig === 'mushroom-head' ? `M${x + r} ${y - r}a${r} ${r} 0 0 0 0 ${2 * r}Z` : dot(x + r, y, r)
  hook(canvas, x + r, y - 2, setup.hook.size)
  const end = bait(canvas, 'lure', x + 2 * r - 1, y, lureMm)
  canvas.marks.push({ part: 'weight', d, filled: true })
  if (setup.rig === 'underspin')
    canvas.marks.push(
      { part: 'wire', d: `M${x + r} ${y + r}l6 16` },
      { part: 'blade', d: `M${x + r + 6} ${y + r + 16}q14 -4 24 6q-14 6 -24 -6Z`, filled: true },
    )
  canvas.labels.push(
    { x: x + r, y: y - r - 22, text: words.weight, anchor: 'middle' },
    { x: end, y: y + 54, text: words.hook, anchor: 'end' },
  )
}

const hiddenPoint: DrawRig = (canvas, parts) => {
  const { setup, words, lureMm, bodyMm } = parts
  let x = lead(canvas, parts)
  if (setup.rig === 'bullet-weedless') {
    const r = weightRadius(setup.sinkerG ?? 5)
    canvas.marks.push({ part: 'weight', d: `M${x} ${BASE_Y}l${2.4 * r} ${-r}v${2 * r}Z`, filled: true })
    canvas.labels.push({ x: x + r, y: BASE_Y - r - 22, text: words.weight, anchor: 'middle' })
    x += 2.4 * r
  }
  const end = bait(canvas, 'lure', x, BASE_Y, lureMm)
  // The offset hook: eye at the nose, bend below the belly, point back in the body.
  const gap = Math.max(gapPx(setup.hook.size), bodyMm * BAIT.pxPerMm * 0.6)
  canvas.marks.push(
    { part: 'hook', d: `M${x} ${BASE_Y}h6v5h${gap * 1.5}` },
    { part: 'hook', d: `M${x + 6 + gap * 1.5} ${BASE_Y + 5}a${gap / 2} ${gap / 2} 0 0 1 0 ${gap}h${-gap * 0.3}` },
  )
  canvas.marks.push({ part: 'hidden', d: `M${x + 6 + gap * 1.2} ${BASE_Y + 5 + gap}l${-gap * 0.1} ${-gap - 6}` })
  if (setup.rig === 'belly-weighted')
    canvas.marks.push({
      part: 'weight',
      d: `M${x + 10} ${BASE_Y + 5}h${gap}v${weightRadius(setup.headG ?? 4) * 0.9}h${-gap}Z`,
      filled: true,
    })
  if (setup.rig === 'belly-weighted')
    canvas.labels.push({ x: x + 10 + gap / 2, y: BASE_Y - 34, text: words.weight, anchor: 'middle' })
  canvas.labels.push({ x: end, y: BASE_Y + 58, text: words.hook, anchor: 'end' })
}

const throughTheMiddle: DrawRig = (canvas, parts) => {
  const { setup, words, lureMm } = parts
  const x = lead(canvas, parts)
  const length = baitLength(lureMm)
  // Hooked in its middle the body hangs bowed on both sides: drawn as two halves of itself.
  canvas.lures.push({ which: 'lure', x: x + 12 - length / 2 + 6, y: BASE_Y + 22, length, degrees: 0 })
  hook(canvas, x, BASE_Y, setup.hook.size, 'hook', false)
  if (setup.headG) {
    const r = weightRadius(setup.headG)
    canvas.marks.push({ part: 'weight', d: dot(x + 2, BASE_Y + 6, r * 0.7), filled: true })
    canvas.labels.push({ x, y: BASE_Y - 26, text: words.weight, anchor: 'middle' })
  }
  canvas.labels.push({ x: x + length / 2 + 18, y: BASE_Y + 64, text: words.hook, anchor: 'end' })
}

const dropShot: DrawRig = (canvas, parts) => {
  const { setup, words, lureMm } = parts
  const x = 92
  const y = 40
  const drop = dropLength(setup.presentation.dropLeaderM ?? 0.45)
  canvas.marks.push({ part: 'line', d: straight(20, 4, 52, 16) }, { part: 'leader', d: straight(52, 16, x, y) })
  if (setup.leader) {
    canvas.knots.push({ x: 52, y: 16 })
    canvas.labels.push({ x: 46, y: 40, text: words.leader, anchor: 'middle' })
  }
  // The hook stands out from the line, point up, tied above the weight.
  canvas.knots.push({ x, y })
  canvas.marks.push({ part: 'dropper', d: straight(x, y, x + 4, y + drop) })
  hook(canvas, x, y, setup.hook.size, setup.rig === 'drop-shot-weedless' ? 'hidden' : 'hook')
  const nose = setup.rig === 'drop-shot-nose' ? x + gapPx(setup.hook.size) * 1.9 : x + 3
  bait(canvas, 'lure', nose, y - (setup.rig === 'drop-shot-nose' ? gapPx(setup.hook.size) * 0.6 : 0), lureMm)
  const r = weightRadius(setup.sinkerG ?? 7)
  canvas.knots.push({ x: x + 4, y: y + drop })
  canvas.marks.push({
    part: 'weight',
    d: `M${x + 4} ${y + drop}q${r * 1.1} ${r} 0 ${2.4 * r}q${-r * 1.1} ${-1.4 * r} 0 ${-2.4 * r}Z`,
    filled: true,
  })
  canvas.marks.push({ part: 'bottom', d: `M40 ${y + drop + 2.4 * r + 1}h290` })
  canvas.labels.push(
    { x: x + 14, y: y + drop / 2 + 8, text: words.drop, anchor: 'start' },
    { x: x + 22, y: y + drop + 2 * r, text: words.weight, anchor: 'start' },
    { x: 340, y: 20, text: words.hook, anchor: 'end' },
  )
}

const threeWay: DrawRig = (canvas, parts) => {
  const { setup, words, lureMm } = parts
  const x = 96
  const y = 44
  const drop = dropLength(setup.presentation.dropLeaderM ?? 0.45)
  canvas.marks.push(
    { part: 'line', d: straight(14, 6, x, y) },
    { part: 'swivel', d: `${dot(x, y - 4, 3)}${dot(x + 5, y + 2, 3)}${dot(x - 1, y + 5, 3)}` },
  )
  canvas.knots.push({ x, y: y - 4 }, { x: x + 7, y: y + 2 }, { x: x - 1, y: y + 8 })
  canvas.marks.push(
    { part: 'leader', d: straight(x + 7, y + 2, x + 84, y + 10) },
    { part: 'dropper', d: straight(x - 1, y + 8, x - 1, y + 8 + drop) },
  )
  if (setup.rig === 'three-way') hook(canvas, x + 84, y + 10, setup.hook.size)
  bait(canvas, 'lure', x + 86, y + 10, lureMm)
  const r = weightRadius(setup.sinkerG ?? 7)
  canvas.knots.push({ x: x - 1, y: y + 8 + drop })
  canvas.marks.push(
    { part: 'weight', d: dot(x - 1, y + 8 + drop + r, r), filled: true },
    { part: 'bottom', d: `M30 ${y + 8 + drop + 2 * r + 1}h300` },
  )
  canvas.labels.push(
    { x: x + 46, y: y - 6, text: words.leader, anchor: 'middle' },
    { x: x + 14, y: y + 8 + drop / 2, text: `${words.drop}, weak knot`, anchor: 'start' },
    { x: x + 16, y: y + 8 + drop + r, text: words.weight, anchor: 'start' },
  )
}

const behindASpoon: DrawRig = (canvas, parts) => {
  const x = lead(canvas, parts)
  const spoonEnd = bait(canvas, 'spoon', x, BASE_Y, 60)
  canvas.knots.push({ x: spoonEnd, y: BASE_Y })
  canvas.marks.push(
    { part: 'leader', d: straight(spoonEnd, BASE_Y, spoonEnd + 58, BASE_Y + 20) },
    { part: 'wire', d: `M${spoonEnd + 26} ${BASE_Y + 16}l3 -11M${spoonEnd + 31} ${BASE_Y + 17}l3 -11` },
  )
  bait(canvas, 'lure', spoonEnd + 58, BASE_Y + 20, parts.lureMm)
  canvas.labels.push({ x: spoonEnd + 30, y: BASE_Y + 50, text: parts.words.drop, anchor: 'middle' })
}

const slidingSinker: DrawRig = (canvas, parts) => {
  const { setup, words, lureMm } = parts
  const r = weightRadius(setup.sinkerG ?? 14)
  const y = BASE_Y
  canvas.marks.push(
    { part: 'line', d: straight(4, y, 92, y) },
    { part: 'weight', d: `M40 ${y}q${r} ${-1.3 * r} ${2.6 * r} 0q${-1.6 * r} ${1.3 * r} ${-2.6 * r} 0Z`, filled: true },
    { part: 'bead', d: dot(74, y, 3.4), filled: true },
  )
  canvas.marks.push(
    { part: 'swivel', d: `${dot(92, y, 3)}M95 ${y - 2.5}h8v5h-8Z${dot(106, y, 3)}` },
    { part: 'leader', d: straight(109, y, 176, y + 4) },
  )
  canvas.knots.push({ x: 89, y }, { x: 109, y }, { x: 176, y: y + 4 })
  hook(canvas, 176, y + 4, setup.hook.size, 'hidden')
  bait(canvas, 'lure', 178, y + 4, lureMm)
  canvas.marks.push({ part: 'bottom', d: `M10 ${y + 1.3 * r + 2}h160` })
  canvas.labels.push(
    { x: 40 + r, y: y - 1.3 * r - 10, text: words.weight, anchor: 'middle' },
    { x: 142, y: y - 12, text: words.drop, anchor: 'middle' },
  )
}

const umbrella: DrawRig = (canvas, parts) => {
  const x = lead(canvas, parts, 84)
  const y = 84
  canvas.marks.push({ part: 'weight', d: dot(x + 6, y, 7), filled: true })
  for (const [dx, dy] of [
    [56, -58],
    [70, -30],
    [70, 30],
    [56, 58],
  ] as const) {
    canvas.marks.push({ part: 'wire', d: straight(x + 10, y, x + dx, y + dy) })
    canvas.lures.push({ which: 'lure', x: x + dx, y: y + dy, length: 58, degrees: 0 })
  }
  canvas.lures.push({ which: 'lure', x: x + 84, y, length: 78, degrees: 0 })
  canvas.marks.push({ part: 'wire', d: straight(x + 10, y, x + 84, y) })
}

/** A drawing a rig; a newcomer adds a function and a place in this list. */
const DRAW: Record<Rig, DrawRig> = {
  'direct': onTheLine,
  'snap': onTheLine,
  'vertical': onTheLine,
  'jig-and-trailer': onTheLine,
  'blade-and-trailer': onTheLine,
  'wacky': throughTheMiddle,
  'wacky-weighted': throughTheMiddle,
  'weedless': hiddenPoint,
  'belly-weighted': hiddenPoint,
  'bullet-weedless': hiddenPoint,
  'threaded-head': onHead,
  'mushroom-head': onHead,
  'underspin': onHead,
  'drop-shot-nose': dropShot,
  'drop-shot-threaded': dropShot,
  'drop-shot-weedless': dropShot,
  'three-way': threeWay,
  'dropper': threeWay,
  'spoon-and-fly': behindASpoon,
  'sliding-sinker': slidingSinker,
  'umbrella': umbrella,
}

/** A rig drawn from its assembly: lengths, weights, hook size and knots follow the figures. */
export function rigDrawing(parts: RigParts): RigDrawing {
  const canvas: Canvas = { marks: [], knots: [], lures: [], labels: [] }
  DRAW[parts.setup.rig](canvas, parts)
  return { ...SIZE, ...canvas }
}
