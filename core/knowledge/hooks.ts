/** The plain hook of a soft body about 13 cm long [kg]; from memory (the handbook's worked stick bait). */
export const PLAIN_HOOK_KG = 0.0006

/** Mass of one treble by size [g]; from memory, ±25 %. */
export const TREBLE_G: Readonly<Record<string, number>> = {
  '10': 0.3,
  '8': 0.5,
  '6': 0.8,
  '5': 1.0,
  '4': 1.3,
  '2': 2.0,
  '1/0': 3.3,
}

/** Gap of a wide single hook by size, point to shank [mm]; from memory, ±15 %. */
export const HOOK_GAP_MM: Readonly<Record<string, number>> = {
  '6': 5.5,
  '4': 6.5,
  '2': 8,
  '1': 9,
  '1/0': 10,
  '2/0': 11.5,
  '3/0': 13,
  '4/0': 14.5,
  '5/0': 16.5,
  '6/0': 18.5,
  '7/0': 20.5,
  '8/0': 22.5,
}
