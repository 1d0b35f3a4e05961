import type { Colours, Lure } from '#core/tackle'

const DRAB: Colours = { pattern: 'natural', back: '#49583a', side: '#8f8a5a', belly: '#e4d9b0', accent: null, metal: 'none', finish: 'gloss', fluorescent: false }
const ROACH: Colours = { pattern: 'natural', back: '#46544c', side: '#c4cac8', belly: '#eef0ec', accent: '#b5523a', metal: 'silver', finish: 'scale', fluorescent: false }
const PERCH: Colours = { pattern: 'natural', back: '#3c4a1c', side: '#a8983c', belly: '#d8b070', accent: '#c4532a', metal: 'none', finish: 'gloss', fluorescent: false }
const HOT: Colours = { pattern: 'hot', back: '#2f7a3a', side: '#c8d020', belly: '#e8702a', accent: '#e8702a', metal: 'none', finish: 'painted', fluorescent: true }
const CHART: Colours = { pattern: 'hot', back: '#b7c41a', side: '#d3dc3a', belly: '#f4f2ea', accent: null, metal: 'none', finish: 'painted', fluorescent: true }
const ORANGE: Colours = { pattern: 'hot', back: '#6a2a14', side: '#d85a1a', belly: '#f0a040', accent: '#241a14', metal: 'none', finish: 'gloss', fluorescent: true }
const BLACK: Colours = { pattern: 'dark', back: '#141414', side: '#1c1a24', belly: '#2a1f48', accent: null, metal: 'none', finish: 'matte', fluorescent: false }
const PURPLE: Colours = { pattern: 'dark', back: '#20102c', side: '#33174a', belly: '#4a2a66', accent: null, metal: 'none', finish: 'gloss', fluorescent: false }
const PEARL: Colours = { pattern: 'plain', back: '#d8d6cc', side: '#f2efe6', belly: '#fbfaf4', accent: null, metal: 'none', finish: 'pearl', fluorescent: false }
const SILVER: Colours = { pattern: 'plain', back: '#8c979c', side: '#c8d0d2', belly: '#e6ecec', accent: null, metal: 'silver', finish: 'hammered', fluorescent: false }
const GOLD: Colours = { pattern: 'plain', back: '#8a6a24', side: '#c89a3a', belly: '#e2c070', accent: null, metal: 'gold', finish: 'hammered', fluorescent: false }
const COPPER: Colours = { pattern: 'plain', back: '#7a4424', side: '#b8683a', belly: '#d89060', accent: null, metal: 'copper', finish: 'gloss', fluorescent: false }
const EEL: Colours = { pattern: 'natural', back: '#2f5a6a', side: '#c6d2cc', belly: '#f2f4ee', accent: null, metal: 'silver', finish: 'gloss', fluorescent: false }
const SHRIMP: Colours = { pattern: 'natural', back: '#8a7a5c', side: '#c0a888', belly: '#e0ccb0', accent: null, metal: 'none', finish: 'translucent', fluorescent: false }
const PUMPKIN: Colours = { pattern: 'natural', back: '#3e3e1c', side: '#55552a', belly: '#7a7440', accent: null, metal: 'none', finish: 'matte', fluorescent: false }

type Given = Omit<Lure, 'id' | 'quantity'> & { quantity?: number }
const given: Given[] = [
  { name: 'Weir runner', family: 'crankbait', style: 'square-lip', lengthMm: 55, weightG: 12.4, labelWeightG: 12, colours: PERCH, runsAt: { depthM: 1.6 }, hooks: [{ kind: 'treble', size: '6', count: 2 }], box: 'Lake plugs', slot: 'A1' },
  { name: 'Weir runner, ember', family: 'crankbait', style: 'square-lip', lengthMm: 55, weightG: 12.3, labelWeightG: 12, colours: ORANGE, sound: 'rattle', runsAt: { depthM: 1.6 }, hooks: [{ kind: 'treble', size: '6', count: 2 }], box: 'Lake plugs', slot: 'A2' },
  { name: 'Deep Brask', family: 'crankbait', style: 'deep-diver', lengthMm: 72, weightG: 21, colours: HOT, sound: 'rattle', runsAt: { depthM: 5.2, castM: 32, lineDiameterMm: 0.28 }, box: 'Lake plugs', slot: 'A3' },
  { name: 'Middling Brask', family: 'crankbait', style: 'medium-diver', lengthMm: 60, weightG: 13.8, colours: ROACH, runsAt: { depthM: 2.9 }, box: 'Lake plugs', slot: 'A4' },
  { name: 'Tolla', family: 'lipless-crank', lengthMm: 68, weightG: 15.6, colours: CHART, sound: 'rattle', box: 'Lake plugs', slot: 'B1' },
  { name: 'Ondil', family: 'jerkbait', style: 'shallow', lengthMm: 110, weightG: 14.6, colours: ROACH, buoyancy: 'hangs', runsAt: { depthM: 1.4 }, box: 'Lake plugs', slot: 'B2' },
  { name: 'Ondil, gilt', family: 'jerkbait', style: 'shallow', lengthMm: 110, weightG: 14.8, colours: { ...GOLD, back: '#2c2a18', finish: 'gloss' }, buoyancy: 'hangs', runsAt: { depthM: 1.4 }, box: 'Lake plugs', slot: 'B3' },
  { name: 'Deep Ondil', family: 'jerkbait', style: 'deep-lip', lengthMm: 100, weightG: 16, colours: PERCH, buoyancy: 'sinks-slowly', runsAt: { depthM: 3 }, box: 'Lake plugs', slot: 'B4' },
  { name: 'Great Halver', family: 'glide-bait', lengthMm: 175, weightG: 82, colours: ROACH, box: 'Pike', slot: 'A1' },
  { name: 'Lurk', family: 'swimbait', lengthMm: 180, weightG: 88, colours: PERCH, box: 'Pike', slot: 'A2' },
  { name: 'Moor blade', family: 'spinnerbait', lengthMm: 120, weightG: 28, colours: CHART, blades: [{ shape: 'willow', size: 5, finish: 'smooth', metal: 'silver' }, { shape: 'colorado', size: 4, finish: 'hammered', metal: 'gold' }], box: 'Pike', slot: 'B1' },
  { name: 'Moor blade, sloe', family: 'spinnerbait', lengthMm: 110, weightG: 21, colours: BLACK, blades: [{ shape: 'colorado', size: 5, finish: 'hammered', metal: 'gold' }], box: 'Pike', slot: 'B2' },
  { name: 'Grannet', family: 'casting-spoon', style: 'cupped', lengthMm: 85, weightG: 24, colours: COPPER, box: 'Pike', slot: 'C1' },
  { name: 'Grannet, tin', family: 'casting-spoon', style: 'flat', lengthMm: 60, weightG: 12.5, colours: SILVER, box: 'River', slot: 'A1' },
  { name: 'Skell', family: 'inline-spinner', lengthMm: 65, weightG: 7.2, colours: GOLD, blades: [{ shape: 'oval', size: 3, finish: 'smooth', metal: 'gold' }], box: 'River', slot: 'A2' },
  { name: 'Skell, small', family: 'inline-spinner', lengthMm: 48, weightG: 4.1, colours: SILVER, blades: [{ shape: 'willow', size: 2, finish: 'smooth', metal: 'silver' }], box: 'River', slot: 'A3' },
  { name: 'Chatterling', family: 'bladed-jig', lengthMm: 95, weightG: 14.4, colours: BLACK, box: 'Jigs', slot: 'A1' },
  { name: 'Hearth jig', family: 'skirted-jig', style: 'flipping', lengthMm: 85, weightG: 14.2, labelWeightG: 14, colours: PUMPKIN, box: 'Jigs', slot: 'A2' },
  { name: 'Small hearth jig', family: 'skirted-jig', style: 'finesse', lengthMm: 60, weightG: 7.3, colours: ORANGE, box: 'Jigs', slot: 'A3' },
  { name: 'Tern', family: 'hair-jig', lengthMm: 70, weightG: 9.6, colours: PEARL, box: 'Jigs', slot: 'B1' },
  { name: 'Dray blade', family: 'blade-bait', lengthMm: 50, weightG: 9.8, colours: GOLD, box: 'Jigs', slot: 'B2' },
  { name: 'Quillback', family: 'paddle-tail', style: 'fat', lengthMm: 120, weightG: 12.5, colours: PEARL, role: 'both', box: 'Soft', slot: 'A1', quantity: 6 },
  { name: 'Quillback, small', family: 'paddle-tail', style: 'slender', lengthMm: 75, weightG: 3.6, colours: PERCH, role: 'both', box: 'Soft', slot: 'A2', quantity: 8 },
  { name: 'Sallow stick', family: 'stick-worm', lengthMm: 130, weightG: 8.5, colours: PUMPKIN, scented: true, box: 'Soft', slot: 'A3', quantity: 5 },
  { name: 'Flatling', family: 'minnow-soft', style: 'flat-belly', lengthMm: 90, weightG: 4.4, colours: ROACH, scented: true, box: 'Soft', slot: 'B1', quantity: 7 },
  { name: 'Nipper', family: 'craw', lengthMm: 80, weightG: 8.2, colours: ORANGE, role: 'both', box: 'Soft', slot: 'B2', quantity: 5 },
  { name: 'Curl', family: 'grub', lengthMm: 70, weightG: 3.8, colours: CHART, role: 'both', box: 'Soft', slot: 'B3', quantity: 10 },
  { name: 'Bog worm', family: 'worm', style: 'finesse', lengthMm: 110, weightG: 3.9, colours: PURPLE, scented: true, box: 'Soft', slot: 'B4', quantity: 9 },
  { name: 'Prawnling', family: 'shrimp-soft', lengthMm: 75, weightG: 5.2, colours: SHRIMP, scented: true, box: 'Soft', slot: 'C1', quantity: 6 },
  { name: 'Fluke tail', family: 'grub', lengthMm: 85, weightG: 5, colours: BLACK, role: 'trailer', box: 'Soft', slot: 'C2', quantity: 6 },
  { name: 'Skarne needle', family: 'pencil', lengthMm: 150, weightG: 44, colours: EEL, box: 'Salt', slot: 'A1' },
  { name: 'Skarne needle, night', family: 'pencil', lengthMm: 140, weightG: 32, colours: BLACK, box: 'Salt', slot: 'A2' },
  { name: 'Bar eel', family: 'soft-jerk', lengthMm: 140, weightG: 13, colours: EEL, box: 'Salt', slot: 'A3', quantity: 4 },
  { name: 'Ledge minnow', family: 'jerkbait', style: 'shallow', lengthMm: 125, weightG: 20, colours: EEL, buoyancy: 'sinks-slowly', runsAt: { depthM: 1.1 }, box: 'Salt', slot: 'B1' },
  { name: 'Shard', family: 'casting-metal', lengthMm: 70, weightG: 28, colours: SILVER, box: 'Salt', slot: 'B2' },
  { name: 'Murre', family: 'topwater', style: 'walker', lengthMm: 105, weightG: 19, colours: PEARL, box: 'Salt', slot: 'B3' },
  { name: 'Sedge', family: 'streamer', lengthMm: 60, weightG: 0.7, colours: DRAB, box: 'River', slot: 'B1', quantity: 6 },
  { name: 'Weir runner, pale', family: 'crankbait', style: 'square-lip', lengthMm: 55, weightG: 12.5, labelWeightG: 12, colours: PEARL, runsAt: { depthM: 1.6 }, hooks: [{ kind: 'treble', size: '6', count: 2 }], condition: 'new', price: 9.5, box: 'Lake plugs', slot: 'C1' },
  { name: 'Shoal runner', family: 'crankbait', style: 'shallow', lengthMm: 50, labelWeightG: 8, colours: ROACH, runsAt: { depthM: 0.8 }, box: 'Lake plugs', slot: 'C2' },
  { name: 'Deep Brask, sloe', family: 'crankbait', style: 'deep-diver', lengthMm: 72, weightG: 21.3, colours: PURPLE, sound: 'rattle', runsAt: { depthM: 5.1 }, condition: 'worn', box: 'Lake plugs', slot: 'C3' },
  { name: 'Tolla, tin', family: 'lipless-crank', lengthMm: 68, weightG: 15.5, colours: SILVER, sound: 'silent', box: 'Lake plugs', slot: 'C4' },
  { name: 'Small Tolla', family: 'lipless-crank', lengthMm: 52, labelWeightG: 9, colours: PERCH, sound: 'rattle', box: 'Lake plugs', slot: 'D1' },
  { name: 'Ondil, roach twin', family: 'jerkbait', style: 'shallow', lengthMm: 110, weightG: 14.5, colours: ROACH, buoyancy: 'hangs', runsAt: { depthM: 1.4 }, price: 14, box: 'Lake plugs', slot: 'D2' },
  { name: 'Dipping Ondil', family: 'jerkbait', style: 'shallow', lengthMm: 110, weightG: 15.1, colours: ROACH, buoyancy: 'sinks-slowly', runsAt: { depthM: 1.6 }, hooks: [{ kind: 'treble', size: '4', count: 3 }], parentId: 'l6', changes: [{ kind: 'hook-swap', text: 'front, middle and back: treble 4 for treble 6', grams: 0.5 }], box: 'Lake plugs', slot: 'D3' },
  { name: 'Wren popper', family: 'topwater', style: 'popper', lengthMm: 65, weightG: 9.2, colours: PERCH, box: 'Lake plugs', slot: 'D4' },
  { name: 'Reed frog', family: 'topwater', style: 'frog', lengthMm: 60, weightG: 15, colours: DRAB, box: 'Pike', slot: 'C2' },
  { name: 'Churner', family: 'topwater', style: 'prop', lengthMm: 90, labelWeightG: 14, colours: BLACK, box: 'Pike', slot: 'C3' },
  { name: 'Wake otter', family: 'topwater', style: 'wake', lengthMm: 140, weightG: 52, colours: PUMPKIN, box: 'Pike', slot: 'D1' },
  { name: 'Great Halver, ember', family: 'glide-bait', lengthMm: 175, weightG: 83, colours: HOT, box: 'Pike', slot: 'D2' },
  { name: 'Small Lurk', family: 'swimbait', lengthMm: 130, weightG: 42, colours: ROACH, box: 'Pike', slot: 'D3' },
  { name: 'Moor blade, white', family: 'spinnerbait', lengthMm: 110, weightG: 21.2, colours: PEARL, blades: [{ shape: 'willow', size: 4, finish: 'painted' }, { shape: 'willow', size: 5, finish: 'painted' }], box: 'Pike', slot: 'E1' },
  { name: 'Beck blade', family: 'spinnerbait', lengthMm: 80, weightG: 7.4, labelWeightG: 7, colours: PERCH, blades: [{ shape: 'indiana', size: 2, finish: 'smooth', metal: 'gold' }], box: 'River', slot: 'B2' },
  { name: 'Beck blade, heavy', family: 'spinnerbait', lengthMm: 85, weightG: 14.1, colours: CHART, blades: [{ shape: 'turtleback', size: 3, finish: 'hammered', metal: 'gold' }], box: 'River', slot: 'B3' },
  { name: 'Chatterling, white', family: 'bladed-jig', lengthMm: 95, labelWeightG: 14, colours: PEARL, box: 'Jigs', slot: 'A4' },
  { name: 'Small chatterling', family: 'bladed-jig', lengthMm: 75, weightG: 8.1, colours: PUMPKIN, box: 'Jigs', slot: 'B3' },
  { name: 'Ledge jig', family: 'skirted-jig', style: 'football', lengthMm: 80, weightG: 21.2, colours: PUMPKIN, box: 'Jigs', slot: 'B4' },
  { name: 'Drift jig', family: 'skirted-jig', style: 'swim', lengthMm: 85, weightG: 10.7, colours: PEARL, box: 'Jigs', slot: 'C1' },
  { name: 'Tern, long', family: 'hair-jig', lengthMm: 95, weightG: 14.3, colours: CHART, box: 'Jigs', slot: 'C2' },
  { name: 'Dray blade, tin', family: 'blade-bait', lengthMm: 50, labelWeightG: 10, colours: SILVER, box: 'Jigs', slot: 'C3' },
  { name: 'Spun tail', family: 'tail-spinner', lengthMm: 55, weightG: 14.2, colours: SILVER, blades: [{ shape: 'indiana', size: 1, metal: 'silver' }], box: 'Jigs', slot: 'C4' },
  { name: 'Dressed minnow', family: 'jighead-soft', lengthMm: 80, weightG: 11.3, colours: ROACH, box: 'Jigs', slot: 'D1' },
  { name: 'Quillback, ember', family: 'paddle-tail', style: 'fat', lengthMm: 120, weightG: 12.6, colours: HOT, role: 'both', box: 'Soft', slot: 'C3', quantity: 4 },
  { name: 'Long quill', family: 'paddle-tail', style: 'slim', lengthMm: 150, weightG: 17.8, colours: ROACH, box: 'Soft', slot: 'C4', quantity: 3 },
  { name: 'Hollow quill', family: 'paddle-tail', style: 'hollow', lengthMm: 100, labelWeightG: 8, colours: SHRIMP, box: 'Soft', slot: 'D1', quantity: 5 },
  { name: 'Sallow stick, black', family: 'stick-worm', lengthMm: 130, weightG: 8.6, colours: BLACK, box: 'Soft', slot: 'D2', quantity: 4 },
  { name: 'Forkling', family: 'minnow-soft', style: 'fork-tail', lengthMm: 95, weightG: 5.1, colours: EEL, box: 'Soft', slot: 'D3', quantity: 6 },
  { name: 'Bank beast', family: 'creature', lengthMm: 100, weightG: 11.2, colours: PUMPKIN, role: 'both', scented: true, box: 'Soft', slot: 'D4', quantity: 4 },
  { name: 'Ribbon worm', family: 'worm', style: 'ribbon', lengthMm: 230, weightG: 13.6, colours: PURPLE, box: 'Soft', slot: 'E1', quantity: 3 },
  { name: 'Marl tube', family: 'tube', lengthMm: 90, weightG: 7.7, colours: PUMPKIN, scented: true, box: 'Soft', slot: 'E2', quantity: 5 },
  { name: 'Curl, white', family: 'grub', lengthMm: 70, weightG: 3.8, colours: PEARL, role: 'both', box: 'Soft', slot: 'E3', quantity: 0 },
  { name: 'Skarne needle, loaded', family: 'pencil', lengthMm: 170, weightG: 74.5, colours: EEL, hooks: [{ kind: 'single', size: '6/0', count: 1 }], parentId: 'l31', changes: [{ kind: 'load', text: 'loaded by 30.5 g, at two places, front and back', grams: 30.5 }, { kind: 'hook-swap', text: 'back: single 6/0 for the trebles', grams: 0 }], box: 'Salt', slot: 'B4' },
  { name: 'Shard, long', family: 'casting-metal', lengthMm: 95, weightG: 40.5, colours: SILVER, box: 'Salt', slot: 'C1' },
  { name: 'Shard, spare', family: 'casting-metal', lengthMm: 70, weightG: 27.6, colours: SILVER, box: 'Salt', slot: 'C2' },
  { name: 'Dense Grannet', family: 'dense-spoon', lengthMm: 70, weightG: 22.4, colours: COPPER, box: 'Salt', slot: 'C3' },
  { name: 'Kelp leaf', family: 'slow-jig', lengthMm: 80, weightG: 62, colours: EEL, box: 'Boat', slot: 'A1' },
  { name: 'Kelp leaf, gilt', family: 'slow-jig', lengthMm: 90, labelWeightG: 80, colours: GOLD, box: 'Boat', slot: 'A2' },
  { name: 'Long drop', family: 'speed-jig', lengthMm: 140, weightG: 82, colours: SILVER, box: 'Boat', slot: 'A3' },
  { name: 'Great leaf', family: 'flutter-spoon', style: 'cupped', lengthMm: 190, weightG: 88, colours: SILVER, box: 'Boat', slot: 'B1' },
  { name: 'Five in a ring', family: 'umbrella-rig', lengthMm: 220, weightG: 58, colours: PEARL, box: 'Boat', slot: 'B2' },
  { name: 'Murre, ink', family: 'topwater', style: 'walker', lengthMm: 105, weightG: 19.2, colours: BLACK, box: 'Salt', slot: 'C4' },
]

/** The demo angler's box: invented names, plausible figures. */
export const LURES: Lure[] = given.map((lure, i) => ({ id: `l${i + 1}`, quantity: 1, ...lure }))

export function demoLure(name: string): Lure {
  const lure = LURES.find(l => l.name === name)
  if (!lure) throw new Error(`demo: no lure called ${name}`)
  return lure
}
