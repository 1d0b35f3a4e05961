import type { Cover } from '#core/terms'
import type { ColumnScales } from './column'

export interface CoverMark {
  readonly kind: 'stem' | 'solid'
  readonly d: string
}

/** Cheap, repeatable irregularity so that stems and stones do not stand in rank and file. */
function wobble(i: number): number {
  return Math.sin(i * 12.9898) * 0.5 + Math.sin(i * 4.1414) * 0.5
}

type Drawer = (x: number, i: number, scales: ColumnScales) => CoverMark[]

const stem =
  (share: number, lean: number): Drawer =>
  (x, i, { surface, bottom }) => {
    const height = (bottom - surface) * share * (0.8 + 0.2 * wobble(i))
    return [
      {
        kind: 'stem',
        d: `M${x} ${bottom}q${lean * wobble(i + 3)} ${-height / 2} ${lean * wobble(i + 7) * 0.6} ${-height}`,
      },
    ]
  }
const stone =
  (size: number): Drawer =>
  (x, i, { bottom }) => {
    const r = size * (0.7 + 0.3 * Math.abs(wobble(i)))
    return [{ kind: 'solid', d: `M${x - r} ${bottom}q${r * 0.2} ${-r * 1.1} ${r} ${-r * 0.95}t${r} ${r * 0.95}Z` }]
  }
const branch: Drawer = (x, i, { surface, bottom }) => {
  const h = (bottom - surface) * 0.4
  return [
    {
      kind: 'stem',
      d: `M${x} ${bottom}l${26 * (i % 2 ? 1 : -1)} ${-h}m${-8} ${h * 0.45}l${18} ${-h * 0.3}m${-22} ${h * 0.1}l-14 ${-h * 0.34}`,
    },
  ]
}
const post: Drawer = (x, _, { surface, bottom }) => [
  { kind: 'solid', d: `M${x} ${bottom}V${surface - 12}h7V${bottom}Z` },
]

const DRAWERS: Partial<Record<Cover, { readonly draw: Drawer; readonly every: number }>> = {
  grass: { draw: stem(0.3, 10), every: 13 },
  reeds: { draw: stem(1.12, 5), every: 20 },
  pads: { draw: stem(0.98, 14), every: 34 },
  kelp: { draw: stem(0.7, 22), every: 24 },
  wood: { draw: branch, every: 120 },
  brush: { draw: branch, every: 60 },
  mangrove: { draw: branch, every: 50 },
  dock: { draw: post, every: 110 },
  pier: { draw: post, every: 90 },
  boulders: { draw: stone(24), every: 70 },
  rock: { draw: stone(14), every: 46 },
  gravel: { draw: stone(5), every: 16 },
  shell: { draw: stone(3.5), every: 12 },
  weir: { draw: stone(20), every: 34 },
}

/** What stands on the bottom, spread over the far two thirds so that the rod's end stays clear. */
export function coverMarks(cover: readonly Cover[], scales: ColumnScales, right: number, left: number): CoverMark[] {
  const from = left + (right - left) * 0.3
  return cover.flatMap((kind, k) => {
    const drawer = DRAWERS[kind]
    if (!drawer) return []
    const count = Math.floor((right - from) / drawer.every)
    return Array.from({ length: count }, (_, i) =>
      drawer.draw(from + (i + 0.5 + 0.3 * wobble(i + k)) * drawer.every, i, scales),
    ).flat()
  })
}
