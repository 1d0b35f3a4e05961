/** Everything this program had to guess. Code that uses one names its number in a comment. */
export const ASSUMPTIONS = {
  A1: 'A desirability falls as 2^(−x²) on each side of the best value, with one half at the stated limits.',
  A2: 'An axis weighs its base weight × (1 − e^(−strength)), strength being the summed weight × membership of its rules: the first rule counts most.',
  A3: 'How far above the band a fish still comes up for a lure: 1 m lethargic, 2 m neutral, 3 m aggressive. The trade gives 1 m for inactive fish; the rest is assumed.',
  A4: 'At the edge of its speed window a lure works 0.6 as well as at its best speed.',
  A5: 'Cast length by rod kind, load and family (base × load × family × wind); shown as assumed until measured.',
  A6: 'Below the rod window the fit falls in a straight line from 1 at the lower limit to 0.3 at half of it, where the rod is out.',
  A7: 'Tow and fall drag areas of the families: first guesses, ±40 %.',
  A8: 'Conventions of the colour model: mirror shares and turning of metals and finishes, hue borders of fluorescent dyes, bed reflectance 0.15, receptor catches, half likeness at 7 just-noticeable differences.',
  A9: 'Rig angle in use: tip height 0.5 m low, 1.0 m middle, 2.3 m high.',
  A10: 'A rule that favours some families leaves the others at 0.6 unless it names another value.',
} as const

export type AssumptionId = keyof typeof ASSUMPTIONS
