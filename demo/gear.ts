import type { Place } from '#core/files'
import type { Assembly, Outfit, Part, UserRule } from '#core/tackle'

/** Rods, parts, waters and own rules of the demo angler. All invented. */
export const OUTFITS: Outfit[] = [
  { id: 'o1', name: 'River wand', rod: { kind: 'spinning', lengthM: 2.1, power: 'light', action: 'moderate-fast', lureMinG: 2, lureMaxG: 12, lineMaxKg: 4 },
    reel: { kind: 'spinning', ratio: 6.2, spoolDiameterMm: 43 }, line: { material: 'braid', testKg: 4.5, diameterMm: 0.12 },
    leader: { material: 'fluorocarbon', testKg: 3, diameterMm: 0.22, lengthM: 1.2 }, castM: null },
  { id: 'o2', name: 'Medium seven', rod: { kind: 'casting', lengthM: 2.13, power: 'medium', action: 'moderate', lureMinG: 7, lureMaxG: 24, lineMaxKg: 8 },
    reel: { kind: 'baitcaster', ratio: 6.4, spoolDiameterMm: 34 }, line: { material: 'nylon', testKg: 5.4, diameterMm: 0.3 }, leader: null, castM: null },
  { id: 'o3', name: 'Pike stick', rod: { kind: 'casting', lengthM: 2.4, power: 'heavy', action: 'fast', lureMinG: 20, lureMaxG: 110, lineMaxKg: 25 },
    reel: { kind: 'baitcaster', ratio: 5.8, spoolDiameterMm: 38 }, line: { material: 'braid', testKg: 22, diameterMm: 0.28 },
    leader: { material: 'fluorocarbon', testKg: 30, diameterMm: 0.85, lengthM: 0.9 }, castM: null },
  { id: 'o4', name: 'Ledge rod', rod: { kind: 'surf', lengthM: 2.9, power: 'medium', action: 'moderate-fast', lureMinG: 12, lureMaxG: 60, lineMaxKg: 15 },
    reel: { kind: 'spinning', ratio: 5.6, spoolDiameterMm: 54 }, line: { material: 'braid', testKg: 13, diameterMm: 0.2 },
    leader: { material: 'fluorocarbon', testKg: 9, diameterMm: 0.4, lengthM: 1 }, castM: 62 },
  { id: 'o5', name: 'Boat jigger', rod: { kind: 'jigging', lengthM: 1.85, power: 'medium-heavy', action: 'moderate', lureMinG: 40, lureMaxG: 150, lineMaxKg: 18 },
    reel: { kind: 'overhead', ratio: 5.3, spoolDiameterMm: 42 }, line: { material: 'braid', testKg: 15, diameterMm: 0.23 },
    leader: { material: 'fluorocarbon', testKg: 14, diameterMm: 0.5, lengthM: 2.5 }, castM: null },
  { id: 'o6', name: 'Beck wand', rod: { kind: 'spinning', lengthM: 1.8, power: 'ultralight', action: 'moderate', lureMinG: 1, lureMaxG: 6, lineMaxKg: 2.5 },
    reel: { kind: 'spinning', ratio: 5.2, spoolDiameterMm: 38 }, line: { material: 'nylon', testKg: 2, diameterMm: 0.18 }, leader: null, castM: null },
]

const head = (id: string, weightG: number, size: string, shape = 'round', material = 'lead'): Part =>
  ({ id, name: `${shape} head ${weightG} g`, kind: 'jig-head', weightG, size, shape, material, hookKind: 'jig', quantity: 5 })
const sinker = (id: string, weightG: number, shape: string, material = 'tungsten'): Part =>
  ({ id, name: `${shape} sinker ${weightG} g`, kind: 'sinker', weightG, shape, material, quantity: 4 })

export const PARTS: Part[] = [
  head('p1', 1.8, '2'), head('p2', 3.5, '1'), head('p3', 5, '2/0'), head('p4', 7, '3/0'), head('p5', 10.5, '4/0'), head('p6', 14, '4/0'), head('p7', 21, '6/0'),
  head('p8', 1.8, '1', 'mushroom', 'tungsten'), head('p9', 3.5, '1', 'mushroom', 'tungsten'), head('p10', 10.5, '4/0', 'underspin'),
  sinker('p11', 3.5, 'bullet'), sinker('p12', 7, 'bullet'), sinker('p13', 14, 'bullet'), sinker('p14', 5, 'drop'), sinker('p15', 10, 'drop'), sinker('p16', 18, 'drop', 'lead'),
  { id: 'p17', name: 'weighted hook 3.5 g', kind: 'hook', weightG: 3.5, size: '1/0', hookKind: 'wacky', material: 'tungsten', quantity: 3 },
  { id: 'p18', name: 'belly hook 5 g', kind: 'hook', weightG: 5, size: '5/0', hookKind: 'belly-weighted', material: 'lead', quantity: 3 },
  { id: 'p19', name: 'snap, medium', kind: 'snap', weightG: 0.4, strengthKg: 18, quantity: 12 },
  { id: 'p20', name: 'ball-bearing swivel', kind: 'swivel', weightG: 0.8, strengthKg: 20, quantity: 8 },
]

export const PLACES: Place[] = [
  { id: 'averin', name: 'Averin Water', water: 'lake', salinityPsu: 0, latitude: 58.4, longitude: 13.2, visibilityM: 1.3, stain: 'brown', species: ['northern-pike', 'perch', 'zander', 'brown-trout'], forage: ['bleak', 'smelt', 'perch-juvenile'] },
  { id: 'skarne', name: 'Skarne Mouth', water: 'estuary', salinityPsu: 22, latitude: 58.3, longitude: 12.9, visibilityM: 2.2, stain: 'green', species: ['sea-bass', 'sea-trout', 'pollack', 'mackerel'], forage: ['sand-eel', 'shrimp', 'herring'] },
]

export const ASSEMBLIES: Assembly[] = [
  { id: 'a1', name: 'Hearth jig with Nipper', lureId: 'l18', trailerId: 'l26', partIds: [], hooks: null },
  { id: 'a2', name: 'Weir runner on 4s', lureId: 'l1', trailerId: null, partIds: ['p19'], hooks: [{ kind: 'treble', size: '4', count: 2 }] },
]

export const RULES: UserRule[] = [
  { id: 'r1', name: 'Averin under cloud: chartreuse and white blades', on: true, placeId: 'averin', when: [{ field: 'sky', op: 'in', value: ['overcast', 'rain'] }], prefer: { pattern: 'hot' }, weight: 0.4 },
]
