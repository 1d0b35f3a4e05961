import type { Family, HookKind, Mode, Rig, Stand } from '#core/terms'

/** Where a set-up takes its depth from. */
export type DepthControl = 'surface' | 'dive' | 'count-down' | 'bottom' | 'above-bottom' | 'vertical'

/** What must be added to a body before it can be fished. */
export type Addition = 'nothing' | 'head' | 'bullet' | 'drop-sinker' | 'weighted-hook' | 'clip-blade' | 'spoon'

/**
 * How a lure of some family can be rigged and presented (trade §6–§8, §11, §14).
 * Source: common practice, no source.
 */
export interface TechniqueRow {
  readonly rig: Rig
  readonly families: readonly Family[]
  /** Only these styles; absent: any. */
  readonly styles?: readonly string[]
  /** Any style but these. */
  readonly notStyles?: readonly string[]
  readonly mode: Mode
  readonly control: DepthControl
  readonly adds: Addition
  /** `own`: the lure's own hooks. */
  readonly hook: HookKind | 'own'
  /** Snag guard of the rigged bait, 0–3; `own`: the lure's. */
  readonly guard: number | 'own'
  /** How well it stays in one place, 0–1. */
  readonly hang: number
  /** Fall drag area against the body flat, as a factor (nose down halves it: motion model §2). */
  readonly fallArea?: number
  /** Change of the 1–5 erratic scale against the family's intensity. */
  readonly livelier?: number
  /** Only with a part (or lure) of one's own: never offered with an assumed one. */
  readonly ownOnly?: true
  /** Change of the 1–5 thump against the bait's own. */
  readonly thump?: number
  /** Fishable only from here. */
  readonly from?: readonly Stand[]
}

const FLOATING: readonly Stand[] = ['boat', 'kayak']
const ASHORE: readonly Stand[] = ['bank', 'wading']

export const TECHNIQUES: readonly TechniqueRow[] = [
  { rig: 'snap', families: ['crankbait'], mode: 'cast', control: 'dive', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.2 },
  { rig: 'snap', families: ['jerkbait'], mode: 'cast', control: 'dive', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.8 },
  { rig: 'snap', families: ['lipless-crank'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0 },
  { rig: 'snap', families: ['pencil'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.1 },
  { rig: 'direct', families: ['topwater'], styles: ['walker', 'frog'], mode: 'cast', control: 'surface', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.5 },
  { rig: 'direct', families: ['topwater'], styles: ['popper'], mode: 'cast', control: 'surface', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.6 },
  { rig: 'direct', families: ['topwater'], notStyles: ['walker', 'frog', 'popper'], mode: 'cast', control: 'surface', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.1 },
  { rig: 'snap', families: ['glide-bait', 'swimbait'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.3 },
  { rig: 'snap', families: ['inline-spinner', 'casting-spoon'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0 },
  { rig: 'direct', families: ['tail-spinner', 'dense-spoon', 'casting-metal', 'speed-jig'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0 },
  { rig: 'direct', families: ['flutter-spoon'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.2 },
  { rig: 'vertical', families: ['flutter-spoon'], mode: 'vertical', control: 'vertical', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.6, from: FLOATING },
  { rig: 'vertical', families: ['slow-jig', 'casting-metal'], mode: 'vertical', control: 'vertical', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.6, from: FLOATING },
  { rig: 'vertical', families: ['speed-jig'], mode: 'vertical', control: 'vertical', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.3, from: FLOATING },
  { rig: 'vertical', families: ['blade-bait', 'dense-spoon', 'tail-spinner', 'hair-jig', 'jighead-soft', 'skirted-jig'], mode: 'vertical', control: 'vertical', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.6, from: FLOATING },
  { rig: 'direct', families: ['tail-spinner', 'dense-spoon', 'casting-metal', 'slow-jig', 'speed-jig'], mode: 'cast', control: 'bottom', adds: 'nothing', hook: 'own', guard: 'own', hang: 0 },
  { rig: 'snap', families: ['blade-bait'], mode: 'cast', control: 'bottom', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.3 },
  { rig: 'direct', families: ['spinnerbait'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0 },
  { rig: 'direct', families: ['bladed-jig'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0 },
  { rig: 'jig-and-trailer', families: ['skirted-jig'], notStyles: ['swim'], mode: 'cast', control: 'bottom', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.7 },
  { rig: 'jig-and-trailer', families: ['skirted-jig'], styles: ['swim'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.1 },
  { rig: 'direct', families: ['hair-jig', 'jighead-soft'], mode: 'cast', control: 'bottom', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.5 },
  { rig: 'direct', families: ['hair-jig', 'jighead-soft'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.1 },
  { rig: 'wacky', families: ['stick-worm', 'worm'], notStyles: ['ribbon'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'wacky', guard: 0, hang: 0.7 },
  { rig: 'wacky-weighted', families: ['stick-worm'], mode: 'cast', control: 'count-down', adds: 'weighted-hook', hook: 'wacky', guard: 1, hang: 0.6, livelier: 1 },
  { rig: 'weedless', families: ['stick-worm', 'soft-jerk', 'minnow-soft', 'worm'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'weedless', guard: 3, hang: 0.6 },
  { rig: 'bullet-weedless', families: ['worm', 'creature', 'craw', 'stick-worm', 'tube', 'minnow-soft', 'shrimp-soft', 'soft-jerk'], mode: 'cast', control: 'bottom', adds: 'bullet', hook: 'weedless', guard: 3, hang: 0.7, fallArea: 0.6 },
  { rig: 'belly-weighted', families: ['paddle-tail', 'soft-jerk'], mode: 'cast', control: 'count-down', adds: 'weighted-hook', hook: 'belly-weighted', guard: 3, hang: 0.1 },
  { rig: 'threaded-head', families: ['paddle-tail', 'grub', 'minnow-soft', 'soft-jerk', 'shrimp-soft', 'tube'], mode: 'cast', control: 'count-down', adds: 'head', hook: 'jig', guard: 1, hang: 0.1, fallArea: 0.8 },
  { rig: 'threaded-head', families: ['grub', 'craw', 'creature', 'tube', 'shrimp-soft', 'paddle-tail', 'worm', 'minnow-soft', 'soft-jerk', 'stick-worm'], mode: 'cast', control: 'bottom', adds: 'head', hook: 'jig', guard: 1, hang: 0.6, fallArea: 0.8 },
  { rig: 'underspin', families: ['paddle-tail', 'minnow-soft'], mode: 'cast', control: 'count-down', adds: 'head', hook: 'jig', guard: 1, hang: 0.1, fallArea: 1 },
  { rig: 'mushroom-head', families: ['minnow-soft', 'stick-worm', 'worm', 'grub', 'craw', 'shrimp-soft'], mode: 'cast', control: 'bottom', adds: 'head', hook: 'jig', guard: 1, hang: 0.7 },
  { rig: 'drop-shot-nose', families: ['minnow-soft', 'worm'], notStyles: ['ribbon'], mode: 'cast', control: 'above-bottom', adds: 'drop-sinker', hook: 'drop-shot', guard: 1, hang: 1 },
  { rig: 'drop-shot-threaded', families: ['minnow-soft', 'worm'], notStyles: ['ribbon'], mode: 'cast', control: 'above-bottom', adds: 'drop-sinker', hook: 'drop-shot', guard: 1, hang: 1, livelier: -1 },
  { rig: 'drop-shot-weedless', families: ['minnow-soft', 'worm', 'stick-worm'], mode: 'cast', control: 'above-bottom', adds: 'drop-sinker', hook: 'weedless', guard: 3, hang: 1 },
  { rig: 'dropper', families: ['streamer'], mode: 'cast', control: 'above-bottom', adds: 'drop-sinker', hook: 'own', guard: 1, hang: 0.6 },
  { rig: 'three-way', families: ['minnow-soft', 'shrimp-soft', 'grub', 'worm', 'paddle-tail'], mode: 'drift', control: 'above-bottom', adds: 'drop-sinker', hook: 'drop-shot', guard: 1, hang: 0.5, from: FLOATING },
  { rig: 'three-way', families: ['minnow-soft', 'shrimp-soft', 'grub', 'worm'], mode: 'cast', control: 'above-bottom', adds: 'drop-sinker', hook: 'drop-shot', guard: 1, hang: 0.5, from: ASHORE },
  { rig: 'spoon-and-fly', families: ['streamer'], mode: 'cast', control: 'count-down', adds: 'spoon', hook: 'own', guard: 1, hang: 0, ownOnly: true },
  { rig: 'sliding-sinker', families: ['creature', 'worm', 'soft-jerk', 'minnow-soft'], mode: 'cast', control: 'bottom', adds: 'bullet', hook: 'weedless', guard: 3, hang: 0.7, fallArea: 0.8, ownOnly: true },
  { rig: 'blade-and-trailer', families: ['skirted-jig'], styles: ['flipping'], mode: 'cast', control: 'count-down', adds: 'clip-blade', hook: 'own', guard: 'own', hang: 0, ownOnly: true, thump: 1.5 },
  { rig: 'snap', families: ['crankbait', 'jerkbait'], mode: 'troll', control: 'dive', adds: 'nothing', hook: 'own', guard: 'own', hang: 0, from: FLOATING },
  { rig: 'snap', families: ['casting-spoon', 'inline-spinner', 'flutter-spoon', 'swimbait'], mode: 'troll', control: 'count-down', adds: 'nothing', hook: 'own', guard: 'own', hang: 0, from: FLOATING },
  { rig: 'three-way', families: ['streamer'], mode: 'cast', control: 'above-bottom', adds: 'drop-sinker', hook: 'own', guard: 1, hang: 0.5 },
  { rig: 'vertical', families: ['tube', 'paddle-tail', 'minnow-soft', 'grub'], mode: 'vertical', control: 'vertical', adds: 'head', hook: 'jig', guard: 1, hang: 0.7, from: FLOATING },
  { rig: 'snap', families: ['swimbait'], mode: 'cast', control: 'dive', adds: 'nothing', hook: 'own', guard: 'own', hang: 0.1 },
  { rig: 'umbrella', families: ['umbrella-rig'], mode: 'cast', control: 'count-down', adds: 'nothing', hook: 'own', guard: 0, hang: 0 },
]
