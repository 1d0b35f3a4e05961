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
]

/** The demo angler's box: invented names, plausible figures. */
export const LURES: Lure[] = given.map((lure, i) => ({ id: `l${i + 1}`, quantity: 1, ...lure }))

export function demoLure(name: string): Lure {
  const lure = LURES.find(l => l.name === name)
  if (!lure) throw new Error(`demo: no lure called ${name}`)
  return lure
}
