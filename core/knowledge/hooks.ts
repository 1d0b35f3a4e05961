/** The plain hook of a soft body about 13 cm long [kg]; from memory (the handbook's worked stick bait). */
export const PLAIN_HOOK_KG = 0.0006

/** Mass of one treble by size [g]; from memory, ±25 %. */
export const TREBLE_G: Readonly<Record<string, number>> = { '10': 0.3, '8': 0.5, '6': 0.8, '5': 1.0, '4': 1.3, '2': 2.0, '1/0': 3.3 }
